import { normaliseSpelling } from "../lexicon/lexicon.ts";
import { faultOf } from "./spelling-fault.ts";

/** A pasted list longer than this is not a chain. */
export const MAX_PASTED_WORDS = 60;

/** A list of words taken out of whatever was pasted. */
export type PastedList =
  | { readonly ok: true; readonly words: readonly string[]; readonly leftOut: readonly LeftOut[] }
  | { readonly ok: false; readonly code: "empty" }
  | { readonly ok: false; readonly code: "too-many-words"; readonly words: number; readonly most: number };

/** A piece that is no word, or that stands in the list already. */
export interface LeftOut {
  readonly text: string;
  readonly code: "not-letters" | "too-long" | "twice";
}

/** Between words: white space, commas, arrows, bars, bullets; numbers in front of them fall away too. */
const SEPARATORS = /[\s,;|→⟶⇒>•·]+|-{1,2}>|\s[-–—]\s/u;
const NUMBERING = /^[([]?\d+[.):\]]*$/;
/** From the first letter to the last. */
const CORE = /\p{L}(?:.*\p{L})?/su;

/** Takes a chain out of pasted text: from a book, a web page, a spreadsheet. */
export function readWordList(text: string): PastedList {
  const pieces = text
    .split(SEPARATORS)
    .filter((piece) => piece !== "" && !NUMBERING.test(piece))
    .map((piece) => CORE.exec(piece)?.[0] ?? "")
    .filter((piece) => piece !== "");
  if (pieces.length === 0) return { ok: false, code: "empty" };
  if (pieces.length > MAX_PASTED_WORDS)
    return { ok: false, code: "too-many-words", words: pieces.length, most: MAX_PASTED_WORDS };
  const words: string[] = [];
  const leftOut: LeftOut[] = [];
  for (const piece of pieces) {
    const word = normaliseSpelling(piece);
    const fault = faultOf(word);
    if (fault) leftOut.push({ text: piece.slice(0, 40), code: fault.code === "too-long" ? "too-long" : "not-letters" });
    else if (words.includes(word)) leftOut.push({ text: word, code: "twice" });
    else words.push(word);
  }
  return { ok: true, words, leftOut };
}
