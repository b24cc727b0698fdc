import type { TokenKind } from "../../core/light.ts";
import type { TextView } from "../../workers/text-worker.ts";
import type { EditorMark } from "./TextEditor.tsx";

/** How each kind is drawn: by a line of its own, so that colour is never the only sign. */
const KIND_CLASS: Readonly<Record<TokenKind, string>> = {
  decodable: "",
  irregular: "text-irregular",
  name: "text-name",
  "not-yet": "text-not-yet",
  unknown: "text-unknown",
  "kept-out": "text-kept-out",
};

/** The marks of a text: words by their kind, words to watch, and the letters that are looked for. */
export function marksOfText({ words, found }: TextView, watched: readonly string[]): EditorMark[] {
  const toWatch = new Set(watched);
  const marks: EditorMark[] = [];
  for (const { from, to, kind, fits, spelling } of words) {
    const name = kind === "name" && !fits ? KIND_CLASS["not-yet"] : KIND_CLASS[kind];
    const className = [name, toWatch.has(spelling) ? "text-watched" : ""].filter(Boolean).join(" ");
    if (className) marks.push({ from, to, className });
  }
  for (const { spans } of found) for (const [from, to] of spans) marks.push({ from, to, className: "text-target" });
  return marks;
}
