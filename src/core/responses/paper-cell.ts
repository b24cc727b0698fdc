import type { Outcome } from "./outcomes.ts";
import type { RawAnswer } from "./raw-answer.ts";
import { MODES, outcomesFor, type ResponseMode } from "./response-modes.ts";

/** What stands in a cell of a record sheet, as it is typed again or pasted. */
export type PaperCell =
  /** Nobody has marked it. */
  | { readonly kind: "empty" }
  | { readonly kind: "answer"; readonly answer: RawAnswer }
  | { readonly kind: "fault"; readonly code: "too-long" | "not-letters" | "not-here" };

/** Letters that stand for an outcome on a record sheet, where what is answered to is a word. */
const LETTERS: ReadonlyMap<string, Outcome> = new Map([
  ["t", "after-tapping"],
  ["s", "self-corrected"],
  ["x", "wrong"],
  ["w", "written-again"],
]);
/** Signs that stand for one wherever they are. */
const SIGNS: ReadonlyMap<string, Outcome> = new Map([
  ["✓", "right"],
  ["✔", "right"],
  [".", "right"],
  ["+", "right"],
  ["1", "right"],
  ["↺", "self-corrected"],
  ["✗", "wrong"],
  ["✘", "wrong"],
  ["0", "wrong"],
  ["-", "no-attempt"],
  ["–", "no-attempt"],
]);
/** How an outcome is written in a cell. */
export const PAPER_SIGN: Readonly<Record<Outcome, string>> = {
  right: "✓",
  "after-tapping": "t",
  "self-corrected": "↺",
  wrong: "✗",
  "written-again": "w",
  together: "all",
  "no-attempt": "–",
};

/** Longer answers are no word of a child's. */
const LONGEST = 40;
const LONGEST_SENTENCE = 200;
const WRITTEN = /^[\p{L}'’.…,|/ ·-]+$/u;
const WRITTEN_SENTENCE = /^[\p{L}\p{N}\p{P}\s]+$/u;

/**
 * Reads a cell of a record sheet: a tick for right, t for right after tapping, s for put right unasked, a cross for wrong,
 * a dash for not tried; anything else is what was said or written. On a card and by ear letters are sounds, and only
 * signs are outcomes.
 *
 * @param text as it was typed or pasted
 * @param target what is answered to, as it is shown
 *
 * @example readPaperCell("t", { target: "ship", mode: "read" }) // { kind: "answer", answer: { outcome: "after-tapping", substitutions: [] } }
 */
export function readPaperCell(
  text: string,
  { target, mode }: { readonly target: string; readonly mode: ResponseMode },
): PaperCell {
  const typed = text.normalize("NFC").trim();
  if (typed === "") return { kind: "empty" };
  const { answersTo } = MODES[mode];
  const isSentence = answersTo === "sentence";
  const hasLetters = answersTo === "word" || isSentence;
  const outcome = SIGNS.get(typed) ?? (hasLetters ? LETTERS.get(typed.toLowerCase()) : undefined);
  if (outcome !== undefined)
    return outcomesFor(mode).includes(outcome) ? answer(outcome) : { kind: "fault", code: "not-here" };
  if (typed.length > (isSentence ? LONGEST_SENTENCE : LONGEST)) return { kind: "fault", code: "too-long" };
  if (!(isSentence ? WRITTEN_SENTENCE : WRITTEN).test(typed)) return { kind: "fault", code: "not-letters" };
  if (isSentence ? typed === target : hasLetters && typed.toLowerCase() === target.toLowerCase())
    return answer("right");
  return { kind: "answer", answer: { outcome: "wrong", substitutions: [], typed } };
}

const answer = (outcome: Outcome): PaperCell => ({ kind: "answer", answer: { outcome, substitutions: [] } });

/** What an answer looks like in its cell: a sign, or what was said or written. */
export const writePaperCell = ({ outcome, typed }: Pick<RawAnswer, "outcome" | "typed">): string =>
  typed !== undefined && outcome === "wrong" ? typed : PAPER_SIGN[outcome];
