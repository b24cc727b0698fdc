import { checkSync } from "recheck";
import ts from "typescript";
import { describe, expect, it } from "vitest";
import { codePaths, readText } from "./sources.ts";

/** Every regular expression of ours, held against a standard checker: none takes longer than its text is long. */

const FILES = codePaths()
  .filter((path) => /^(?:src|scripts)\//.test(path) && !/\.test\.|\.astro$/.test(path))
  .map((path) => ({ path, text: readText(path) }));

function expressionsIn(path: string, text: string): string[] {
  const found: string[] = [];
  const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, false, scriptKind(path));
  const visit = (node: ts.Node): void => {
    if (ts.isRegularExpressionLiteral(node)) found.push(node.text);
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}

const scriptKind = (path: string) => (path.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS);

const EXPRESSIONS = [...new Set(FILES.flatMap(({ path, text }) => expressionsIn(path, text)))];

describe("regular expressions", () => {
  it("are found at all", () => {
    expect(EXPRESSIONS.length).toBeGreaterThan(50);
    expect(expressionsIn("a.ts", "const a = /^[a-z]+(-e)?[a-z]*$/;")).toEqual(["/^[a-z]+(-e)?[a-z]*$/"]);
  });

  it("would be refused where two parts can take the same letters over and over", () => {
    expect(checkSync("^[a-z]+(-e)?[a-z]*$", "", { timeout: 10_000 }).status).toBe("vulnerable");
  });

  it.each(EXPRESSIONS)("%s takes time in step with its text", (expression) => {
    const end = expression.lastIndexOf("/");
    const { status } = checkSync(expression.slice(1, end), expression.slice(end + 1), { timeout: 10_000 });
    expect(status).toBe("safe");
  });
});
