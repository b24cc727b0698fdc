import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { type AccentSettings, accentKey, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { isDecodable } from "./decodable.ts";
import type { Sequence } from "./sequence.ts";
import { type TaughtSet, taughtAt } from "./taught-set.ts";

const TAUGHT_BY_STEP = new WeakMap<Sequence, Map<string, TaughtSet[]>>();

/** The taught set of every step of a sequence, step 1 first; worked out once. */
export function taughtByStep(sequence: Sequence, accent: AccentSettings = GENERAL_AMERICAN): readonly TaughtSet[] {
  const known = TAUGHT_BY_STEP.get(sequence) ?? new Map<string, TaughtSet[]>();
  TAUGHT_BY_STEP.set(sequence, known);
  const key = accentKey(accent);
  let sets = known.get(key);
  if (!sets) {
    sets = sequence.steps.map(({ number }) => taughtAt(sequence, number, {}, accent));
    known.set(key, sets);
  }
  return sets;
}

/**
 * The first step of a sequence at which a word can be decoded (or is learnt whole), counted from 1;
 * undefined when the sequence never gets there.
 *
 * @example firstDecodableStep("ship", sequenceById("phased")) // 9
 */
export function firstDecodableStep(
  word: string,
  sequence: Sequence,
  lexicon: Lexicon = shippedLexicon(),
): number | undefined {
  const spelling = normaliseSpelling(word);
  const entry = lexicon.get(spelling);
  const sets = taughtByStep(sequence, lexicon.accent);
  const isWithinReach = (taught: TaughtSet): boolean =>
    taught.words.has(spelling) || (entry !== undefined && isDecodable(entry, taught, lexicon));
  // What is taught only grows: the steps before the first are without it, those after it have it.
  let [low, high] = [0, sets.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (isWithinReach(sets[middle] as TaughtSet)) high = middle;
    else low = middle + 1;
  }
  return low === sets.length ? undefined : low + 1;
}
