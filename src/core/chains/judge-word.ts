import { lexiconIn } from "../lexicon/in-accent.ts";
import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { hasTwoReadings } from "../scope/decodable.ts";
import { refusalOf, type WordRefusal } from "./allowed-words.ts";
import type { GapRequest } from "./neighbours.ts";
import { checkStep } from "./step-check.ts";
import type { StepCheck } from "./step-compare.ts";

/** The longest spelling worth looking at: no English word of the list comes near. */
const LONGEST_SPELLING = 30;

/** What is wrong with what was typed, before it is even looked up. */
export type SpellingFault =
  | { readonly code: "empty" }
  | { readonly code: "too-long"; readonly longest: number }
  | { readonly code: "several-words" }
  | { readonly code: "not-letters"; readonly characters: string };

export type WordVerdict =
  | { readonly ok: false; readonly fault: SpellingFault }
  | {
      readonly ok: boolean;
      readonly word: string;
      /** Why the group may not be shown it. */
      readonly refusal?: WordRefusal;
      /** Already in the chain. */
      readonly repeated: boolean;
      readonly twoReadings: boolean;
      readonly stepBefore?: StepCheck;
      readonly stepAfter?: StepCheck;
    };

/**
 * Judges a word that a teacher types for a gap: is it a word, may this group be shown it, and is it one
 * step from both neighbours? Every part of the answer is given, not only the first fault.
 */
export function judgeWord(typed: string, gap: GapRequest, list: Lexicon = shippedLexicon()): WordVerdict {
  const lexicon = lexiconIn(list, gap.taught.accent);
  const word = normaliseSpelling(typed);
  const fault = faultOf(word);
  if (fault) return { ok: false, fault };
  const refusal = refusalOf(word, gap, lexicon);
  const entry = lexicon.get(word);
  const repeated = gap.taken?.includes(word) ?? false;
  const stepBefore = entry && gap.before !== undefined ? checkStep(gap.before, word, {}, lexicon) : undefined;
  const stepAfter = entry && gap.after !== undefined ? checkStep(word, gap.after, {}, lexicon) : undefined;
  const ok = !refusal && !repeated && stepBefore?.single !== false && stepAfter?.single !== false;
  return {
    ok,
    word,
    ...(refusal && { refusal }),
    repeated,
    twoReadings: entry ? hasTwoReadings(entry) : false,
    ...(stepBefore && { stepBefore }),
    ...(stepAfter && { stepAfter }),
  };
}

function faultOf(word: string): SpellingFault | undefined {
  if (word === "") return { code: "empty" };
  if (word.length > LONGEST_SPELLING) return { code: "too-long", longest: LONGEST_SPELLING };
  if (/\s/.test(word)) return { code: "several-words" };
  const odd = [...new Set(word.replace(/[a-z]/g, ""))].join("");
  return odd === "" ? undefined : { code: "not-letters", characters: odd };
}
