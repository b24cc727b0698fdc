import { phonemesOf } from "../spelling/segmentation.ts";
import type { Lexicon } from "./lexicon.ts";

/** A word that is another word with an ending on (grins ← grin). */
export interface Inflection {
  readonly base: string;
  readonly ending: "s" | "ed";
}

/**
 * Words that only look as if they had an ending on. Read by eye among the one-syllable words for which
 * the rule below finds a base, November 2026.
 */
const NOT_INFLECTED = new Set(
  `its ours yours hers theirs news feed weed seed breed heed need deed bleed reed greed steed`.split(" "),
);

/**
 * Says whether a word is a base word with -s or -ed on: the base is in the word list, and the sounds are
 * the base's sounds plus one ending. `his`, `bus` and `bless` are not; `hopes` and `hopped` are.
 */
export function inflectionOf(word: string, lexicon: Lexicon): Inflection | undefined {
  if (NOT_INFLECTED.has(word) || word.length < 3) return undefined;
  const entry = lexicon.get(word);
  if (!entry) return undefined;
  const lead = phonemesOf(entry.readings[0]);
  if (/[^s]s$/.test(word)) return addedTo(word.slice(0, -1), lead, ["s", "z"], "s", lexicon);
  if (word.endsWith("ed")) {
    const bare = word.slice(0, -2);
    const bases = [bare, word.slice(0, -1)];
    if (/([a-z])\1$/.test(bare)) bases.push(bare.slice(0, -1));
    if (bare.endsWith("i")) bases.push(`${bare.slice(0, -1)}y`);
    for (const base of bases) {
      const found = addedTo(base, lead, ["t", "d"], "ed", lexicon);
      if (found) return found;
    }
  }
  return undefined;
}

function addedTo(
  base: string,
  phonemes: readonly string[],
  last: readonly string[],
  ending: Inflection["ending"],
  lexicon: Lexicon,
): Inflection | undefined {
  const entry = base.length > 1 ? lexicon.get(base) : undefined;
  if (!entry || !last.includes(phonemes.at(-1) ?? "")) return undefined;
  const stem = phonemes.slice(0, -1).join(" ");
  const fits = entry.readings.some((reading) => phonemesOf(reading).join(" ") === stem);
  return fits ? { base, ending } : undefined;
}
