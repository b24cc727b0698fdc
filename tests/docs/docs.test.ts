import { describe, expect, it } from "vitest";
import * as core from "../../src/core/index.ts";
import { allPaths, codePaths, exportedFunctions, readText, wordsOf } from "./sources.ts";

/** What comments and docs say is held against the code: what they name is there, and their examples run. */
const paths = allPaths();
const sources = codePaths().map((path) => ({ path, ...wordsOf(readText(path)) }));
const docs = paths.filter((path) => path.endsWith(".md"));
const names = new Set(sources.flatMap((source) => [...source.names]));
for (const path of paths.filter((path) => path.endsWith(".json") && !path.includes("lexicon")))
  for (const name of readText(path).match(/[A-Za-z_$][\w$]*/g) ?? []) names.add(name);

const FILE =
  /^[\w@.[\]-]+(\/[\w@.[\]-]+)*\.(tsx?|mjs|cjs|astro|json|md|sql|br)$|^(src|core|data|server|islands|components|schemas|pages|tests|scripts|docs|public)\/[\w/.-]*$/;
/** A name no English word can be taken for: a hump inside, or capitals joined by an underscore. */
const NAME = /\b(?:[a-z]+[A-Z]\w*|[A-Z][a-z]+[A-Z]\w*|[A-Z]+_[A-Z_]+)\b/g;

/** Names of the world outside. */
const OUTSIDE = new Set(["TypeScript", "IndexedDB", "OpenAPI"]);

const isThere = (file: string) => {
  const wanted = file.replace(/\/$/, "");
  return paths.some((path) => [wanted, `${wanted}.ts`].some((name) => path === name || path.endsWith(`/${name}`)));
};

/** What a text names that is nowhere in the project. */
function missingFrom(text: string): string[] {
  const quoted = [...text.matchAll(/`([^`\n]+)`/g)].map(([, code]) => code as string);
  const files = quoted.filter((code) => FILE.test(code) && !isThere(code));
  const plain = text
    .replace(/biome-ignore.*/g, "")
    .replace(/`[^`\n]+`/g, (code) => (FILE.test(code.slice(1, -1)) ? " " : code));
  // Web addresses and package names are not ours.
  const named = plain.replace(/https?:\S+|@[\w-]+\/[\w-]+/g, " ").match(NAME) ?? [];
  return [...files, ...named.filter((name) => !names.has(name) && !OUTSIDE.has(name))];
}

describe("comments and docs", () => {
  it("name only what is there", () => {
    const missing = [
      ...sources.map(({ path, comments }) => [path, comments.flatMap(missingFrom)] as const),
      ...docs.map((path) => [path, missingFrom(readText(path))] as const),
    ].filter(([, found]) => found.length > 0);
    expect(Object.fromEntries(missing)).toEqual({});
  });

  it("are found out when they name what is not there", () => {
    const gone = ["is", "Gone"].join("");
    expect(missingFrom(`As \`${gone}\` does; see \`core/${gone}.ts\` and MOST_${gone.toUpperCase()}.`)).toEqual([
      `core/${gone}.ts`,
      gone,
      `MOST_${gone.toUpperCase()}`,
    ]);
  });

  const exported = sources
    .filter(({ path }) => path.startsWith("src/") && /\.tsx?$/.test(path) && !/\.test\.ts$|^src\/data\//.test(path))
    .flatMap(({ path }) => exportedFunctions(readText(path)).map((found) => ({ ...found, path })));

  it("stand above every exported function", () => {
    const bare = exported.filter(({ docstring }) => docstring === undefined);
    expect(bare.map(({ path, name }) => `${path}: ${name}`)).toEqual([]);
  });

  it("say of every number taken what it counts, and of every error when it is thrown", () => {
    const unsaid = exported.flatMap(({ path, name, docstring = "", numbers, throws }) => [
      ...numbers
        .filter((one) => !new RegExp(`@param ${one}\\b`).test(docstring))
        .map((one) => `${path}: ${name}, ${one}`),
      ...(throws && !docstring.includes("@throws") ? [`${path}: ${name} throws`] : []),
    ]);
    expect(unsaid).toEqual([]);
  });

  it("are found out when a number or an error is left out", () => {
    const source = "/** Halves it. */\nexport function half(n: number) { if (n < 0) throw new Error(); return n / 2; }";
    expect(exportedFunctions(source)).toEqual([
      { name: "half", docstring: "/** Halves it. */", numbers: ["n"], throws: true },
    ]);
  });
});

describe("examples in docstrings", () => {
  const examples = sources
    .filter(({ path }) => path.startsWith("src/core/"))
    .flatMap(({ comments }) => comments.flatMap((text) => [...text.matchAll(/@example (.+) \/\/ (.+)/g)]))
    .map(([, expression, result]) => [expression as string, result as string] as const);

  it("are there for the functions most used", () => {
    expect(examples.length).toBeGreaterThanOrEqual(20);
  });

  it.each(examples)("%s gives %s", (expression, result) => {
    const evaluate = (code: string) => new Function(...Object.keys(core), `return (${code});`)(...Object.values(core));
    expect(evaluate(expression)).toEqual(evaluate(result));
  });
});
