import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";

/** What a script of the build asks for before it can run: its static imports, from the same folder. */
const IMPORTS = /(?:from|import)\s*"\.\/([^"]+\.js)"/g;

/**
 * The scripts that one cannot run without, itself among them, in the order in which they are found.
 *
 * @param {string} folder where the build's scripts lie
 * @param {string} name of a script in it
 * @returns {Set<string>} names
 */
export function scriptsWith(folder, name, found = new Set()) {
  if (found.has(name)) return found;
  found.add(name);
  for (const [, imported] of readFileSync(join(folder, name), "utf8").matchAll(IMPORTS))
    scriptsWith(folder, imported, found);
  return found;
}

/**
 * Writes for the server which scripts come with each one: by address, addresses (`src/server/http/named-scripts.ts`).
 *
 * @param {string} folder where the build's scripts lie, as `/_astro/` for a browser
 * @param {string} file to be written
 */
export function writeScriptImports(folder, file) {
  const scripts = readdirSync(folder).filter((name) => name.endsWith(".js"));
  const address = (name) => `/_astro/${name}`;
  const imports = scripts.map((name) => [address(name), [...scriptsWith(folder, name)].map(address)]);
  writeFileSync(file, JSON.stringify(Object.fromEntries(imports)));
}
