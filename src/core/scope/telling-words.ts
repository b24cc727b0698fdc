import { getOrMake } from "../get-or-make.ts";
import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { hasTwoReadings, isDecodable } from "./decodable.ts";
import { taughtByStep } from "./first-step.ts";
import type { Sequence } from "./sequence.ts";
import type { StepRange, TellingWord } from "./stands-between.ts";
import type { TaughtSet } from "./taught-set.ts";

/** So common that most children know it by sight: it tells nothing of what they can decode. Zipf value; ours, no source. */
const KNOWN_BY_SIGHT = 6;

/** Of so many steps before the place that is wanted the one with the best word is taken. */
const STEPS_LOOKED_AT = 3;

/**
 * Words that tell where a group stands in an order of teaching: "can they read these?" About evenly over the range, easy
 * ones first. Steps that no word of young children waits for are passed over.
 *
 * @param count how many words at most, from 1
 *
 * @example tellingWords(sequenceById("phased"), { above: 0, upTo: 1 }, 6).length // 1
 */
export function tellingWords(
  sequence: Sequence,
  { above, upTo }: StepRange,
  count: number,
  lexicon: Lexicon = shippedLexicon(),
): TellingWord[] {
  const sets = taughtByStep(sequence, lexicon.accent);
  const last = Math.min(upTo, sets.length);
  const told: TellingWord[] = [];
  for (let k = 1; k <= count; k++) {
    const wanted = above + Math.round(((last - above) * k) / count);
    const least = told.at(-1)?.step ?? above;
    const found: (TellingWord & { readonly difficulty: number })[] = [];
    for (let step = wanted; step > least && (found.length === 0 || step > wanted - STEPS_LOOKED_AT); step--) {
      const entry = firstDecodableAt(step, sets, lexicon);
      if (entry) found.push({ word: entry.word, step, difficulty: difficulty(entry) });
    }
    const [best] = found.sort((a, b) => a.difficulty - b.difficulty || b.step - a.step);
    if (best) told.push({ word: best.word, step: best.step });
  }
  return told;
}

/** The word that tells most surely that a step has been taught. */
function firstDecodableAt(step: number, sets: readonly TaughtSet[], lexicon: Lexicon): LexiconWord | undefined {
  const [taught, before] = [sets[step - 1] as TaughtSet, sets[step - 2]];
  return easiestFirst(lexicon).find(
    (entry) =>
      isDecodable(entry, taught, lexicon) &&
      !taught.words.has(entry.word) &&
      !(before && isDecodable(entry, before, lexicon)),
  );
}

const EASIEST_FIRST = new WeakMap<Lexicon, readonly LexiconWord[]>();

/** Words that may tell, the easiest first, of equally easy ones the commonest. */
function easiestFirst(lexicon: Lexicon): readonly LexiconWord[] {
  const mayTell = (entry: LexiconWord) =>
    entry.familiarity <= 2 &&
    entry.suitability === "suitable" &&
    entry.zipf < KNOWN_BY_SIGHT &&
    !entry.isCapital &&
    !hasTwoReadings(entry);
  return getOrMake(EASIEST_FIRST, lexicon, () =>
    lexicon.words
      .filter(mayTell)
      .map((entry) => ({ entry, difficulty: difficulty(entry) }))
      .sort((a, b) => a.difficulty - b.difficulty)
      .map(({ entry }) => entry),
  );
}

/**
 * How much a word asks for beyond its step, and how likely it is known by sight: a short name of a thing says it best.
 * Ours; common practice, no source.
 */
function difficulty({ familiarity, syllables, zipf, partsOfSpeech, readings: [reading] }: LexiconWord): number {
  const isInflected = reading.joints !== undefined;
  const isWeak = reading.units.some(({ phonemes }) => phonemes.includes("ə"));
  return (
    10 * syllables +
    3 * familiarity +
    Math.abs(reading.units.length - 3) +
    (partsOfSpeech.startsWith("n") ? 0 : 4) +
    (isInflected ? 4 : 0) +
    (isWeak ? 4 : 0) +
    (zipf >= 5.3 ? 3 : 0)
  );
}
