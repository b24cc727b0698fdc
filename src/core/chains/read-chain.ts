import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { entryOf } from "./entry-of.ts";
import type { Move } from "./moves.ts";
import type { ChainMode } from "./request.ts";
import { stepBy } from "./step-by.ts";
import type { StepCheck } from "./step-compare.ts";

/** The words of a chain as they are read in it. */
export interface ReadChain {
  /** One a word; undefined where a word is not in the list and cannot be read by rule. */
  readonly readings: readonly (Segmentation | undefined)[];
  /** `steps[k]` is the step from word k to word k+1. */
  readonly steps: readonly StepCheck[];
}

/**
 * Reads words one after another: each in one segmentation, the same in both of its steps.
 *
 * @param entries the words' entries where they are at hand (nonsense words among them); the list's when not given
 */
export function readChain(
  words: readonly string[],
  lexicon: Lexicon,
  rule: { readonly mode?: ChainMode | undefined; readonly moves?: readonly Move[] | undefined } = {},
  entries: readonly (LexiconWord | undefined)[] = words.map((word) => entryOf(word, lexicon)),
): ReadChain {
  const moves = rule.moves ? { moves: rule.moves } : {};
  const steps: StepCheck[] = [];
  for (const [k, to] of words.slice(1).entries()) {
    const before = steps[k - 1];
    steps.push(stepBy(rule.mode, before?.single ? before.to : (words[k] as string), to, moves, lexicon));
  }
  // The reading shown is the one the steps are about, so that letters and clasp agree.
  const readings = entries.map((entry, k) => {
    const [before, after] = [steps[k - 1], steps[k]];
    if (before?.single) return before.to;
    if (after?.single) return after.from;
    return entry?.readings[0];
  });
  return { readings, steps };
}
