/**
 * `npm run build:pictures`: takes the pictures named in src/data/pictures/pictures.ts out of npm
 * `@iconify-json/noto` into public/pictures/, and takes away those no longer named.
 */
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { PICTURES } from "../src/data/pictures/pictures.ts";

interface IconSet {
  readonly icons: Readonly<
    Record<string, { readonly body: string; readonly width?: number; readonly height?: number }>
  >;
  readonly width: number;
  readonly height: number;
}

const folder = "public/pictures";
const set = JSON.parse(
  readFileSync(createRequire(import.meta.url).resolve("@iconify-json/noto/icons.json"), "utf8"),
) as IconSet;
mkdirSync(folder, { recursive: true });
const files = new Set([...PICTURES.values()].map(({ file }) => file));
for (const file of files) {
  const icon = set.icons[file];
  if (!icon) throw new Error(`Noto has no picture "${file}"`);
  const [width, height] = [icon.width ?? set.width, icon.height ?? set.height];
  writeFileSync(
    `${folder}/${file}.svg`,
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}">${icon.body}</svg>\n`,
  );
}
for (const old of readdirSync(folder))
  if (old.endsWith(".svg") && !files.has(old.slice(0, -4))) rmSync(`${folder}/${old}`);
console.log(`${PICTURES.size} words, ${files.size} pictures`);
