import { readdirSync, readFileSync, statSync } from "node:fs";
import { extname, join } from "node:path";
import ts from "typescript";

const SKIPPED = new Set(["node_modules", "dist", ".git", ".astro", "test-results"]);

/** Paths of every file of the project, from its root, folders included. */
export function allPaths(folder = "."): string[] {
  return readdirSync(folder).flatMap((name) => {
    if (SKIPPED.has(name)) return [];
    const path = join(folder, name);
    return statSync(path).isDirectory() ? [path, ...allPaths(path)] : [path];
  });
}

const CODE = new Set([".ts", ".tsx", ".mjs", ".cjs", ".astro"]);

export const codePaths = (): string[] =>
  allPaths().filter((path) => CODE.has(extname(path)) && !path.startsWith("public/"));

export const readText = (path: string): string => readFileSync(path, "utf8");

export interface Words {
  /** The text of each comment. */
  readonly comments: readonly string[];
  /** Everything that is named outside comments: identifiers, and the words inside strings. */
  readonly names: ReadonlySet<string>;
}

/** Takes a source apart into its comments and the names in its code. The markup of a page is read as code. */
export function wordsOf(source: string): Words {
  const comments: string[] = [];
  const scanner = ts.createScanner(ts.ScriptTarget.Latest, false, ts.LanguageVariant.Standard, source);
  let code = source;
  for (let kind = scanner.scan(); kind !== ts.SyntaxKind.EndOfFileToken; kind = scanner.scan()) {
    if (kind !== ts.SyntaxKind.SingleLineCommentTrivia && kind !== ts.SyntaxKind.MultiLineCommentTrivia) continue;
    comments.push(scanner.getTokenText());
    const [from, to] = [scanner.getTokenStart(), scanner.getTokenEnd()];
    code = code.slice(0, from) + " ".repeat(to - from) + code.slice(to);
  }
  return { comments, names: new Set(code.match(/[A-Za-z_$][\w$]*/g) ?? []) };
}

export interface ExportedFunction {
  readonly name: string;
  readonly docstring: string | undefined;
  /** Parameters that are plain numbers: which ones of all numbers is not to be seen from the type. */
  readonly numbers: readonly string[];
  /** Its own statements throw, not only what it calls. */
  readonly throws: boolean;
}

/** The functions a file exports, arrow functions included, with what stands above each. */
export function exportedFunctions(source: string): ExportedFunction[] {
  const file = ts.createSourceFile("file.tsx", source, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const describe = (name: string, statement: ts.Node, made: ts.FunctionDeclaration | ts.ArrowFunction) => ({
    name,
    docstring: ts.getJSDocCommentsAndTags(statement)[0]?.getText(),
    numbers: made.parameters.filter(({ type }) => type?.getText() === "number").map((one) => one.name.getText()),
    throws: made.body !== undefined && throwsItself(made.body),
  });
  return file.statements.flatMap((statement) => {
    const isExported =
      ts.canHaveModifiers(statement) &&
      ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);
    if (!isExported) return [];
    if (ts.isFunctionDeclaration(statement)) return [describe(statement.name?.text ?? "default", statement, statement)];
    if (!ts.isVariableStatement(statement)) return [];
    return statement.declarationList.declarations.flatMap(({ name, initializer }) =>
      initializer && ts.isArrowFunction(initializer) ? [describe(name.getText(), statement, initializer)] : [],
    );
  });
}

function throwsItself(node: ts.Node): boolean {
  if (ts.isThrowStatement(node)) return true;
  return ts.forEachChild(node, (child) => !ts.isFunctionLike(child) && throwsItself(child)) ?? false;
}
