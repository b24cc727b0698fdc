import { existsSync, readFileSync } from "node:fs";
import { resolve } from "node:path";

/** By a script's address, the addresses of those that it cannot run without, itself among them. */
export type ScriptImports = Readonly<Record<string, readonly string[]>>;

let known: ScriptImports | undefined;

/** As the build wrote them (`scripts/lib/script-imports.mjs`); none where there is no build, as while developing. */
export function scriptImports(): ScriptImports {
  const root = process.env["ZIP_STEP_ROOT"];
  const file = root && resolve(root, "dist/server/script-imports.json");
  known ??= file && existsSync(file) ? (JSON.parse(readFileSync(file, "utf8")) as ScriptImports) : {};
  return known;
}

/** The tag with which a part of a page begins; in a quoted value nothing is told from a tag's end. */
const PART = /<astro-island((?:\s[\w-]+(?:="[^"]*")?)*)>/g;
const ADDRESSES = /\s(?:component|renderer)-url="([^"]*)"/g;

/**
 * Names in a page's head the scripts of its own parts (`client:load`), with all they ask for: the browser fetches them
 * while it still reads the page. Otherwise it would find one after the other, the first when the part has been read.
 *
 * @param html a whole page
 */
export function withScriptsNamed(html: string, imports: ScriptImports): string {
  const named = new Set<string>();
  for (const [, attributes = ""] of html.matchAll(PART)) {
    if (!attributes.includes(' client="load"')) continue;
    for (const [, address = ""] of attributes.matchAll(ADDRESSES))
      for (const script of imports[address] ?? []) named.add(script);
  }
  const links = [...named].map((script) => `<link rel="modulepreload" href="${script}">`).join("");
  return links ? html.replace("</head>", () => `${links}</head>`) : html;
}
