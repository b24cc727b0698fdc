import { phonemesOf, type Segmentation } from "../spelling/segmentation.ts";
import { ENDING_IDS, ENDINGS, type Ending } from "./endings.ts";
import type { Lexicon, LexiconWord } from "./lexicon.ts";

/** A word that is another word with an ending on (grins ← grin). */
export interface Inflection {
  readonly base: string;
  readonly ending: Ending;
}

/**
 * Words that only look as if they had an ending on. Read by eye among the one-syllable words for which
 * the rule below finds a base, November 2026.
 */
const NOT_INFLECTED = new Set(
  `its ours yours hers theirs news feed weed seed breed heed need deed bleed reed greed steed`.split(" "),
);

/** Spellings that a base may have without its ending: with its e, its single consonant, its y again. */
function basesOf(word: string, ending: Ending): string[] {
  const bare = word.slice(0, -ending.length);
  const bases = [bare];
  if (ENDINGS[ending].dropsE) bases.push(`${bare}e`);
  if (/([b-df-hj-np-tvwxz])\1$/.test(bare)) bases.push(bare.slice(0, -1));
  if (bare.endsWith("i")) bases.push(`${bare.slice(0, -1)}y`);
  if (bare.endsWith("ie")) bases.push(`${bare.slice(0, -2)}y`);
  // Thief, thieves; wife, wives.
  if (ending === "es" && bare.endsWith("v")) bases.push(`${bare.slice(0, -1)}f`, `${bare.slice(0, -1)}fe`);
  return bases.filter((base) => base.length > 1);
}

const LAST_LETTERS = new Set(ENDING_IDS.map((ending) => ending.charAt(ending.length - 1)));

const KNOWN = new WeakMap<LexiconWord, Inflection | null>();

/**
 * Says whether a word is a base word with -s, -es, -ed or -ing on: the base is in the word list, and the
 * sounds are the base's sounds plus the ending's. `his`, `bus` and `bless` are not; `hopes`, `hopped`,
 * `tries` and `boxes` are.
 *
 * @example inflectionOf("hopped", shippedLexicon())?.base // "hop"
 */
export function inflectionOf(word: string, lexicon: Lexicon): Inflection | undefined {
  const entry = lexicon.get(word);
  if (!entry) return undefined;
  let known = KNOWN.get(entry);
  if (known === undefined) {
    known = findInflection(entry, lexicon) ?? null;
    KNOWN.set(entry, known);
  }
  return known ?? undefined;
}

function findInflection(entry: LexiconWord, lexicon: Lexicon): Inflection | undefined {
  const { word } = entry;
  // Most words end in none of them, and their sounds need not be looked at.
  if (word.length < 3 || !LAST_LETTERS.has(word.charAt(word.length - 1)) || NOT_INFLECTED.has(word)) return undefined;
  const endings = ENDING_IDS.filter((ending) => ENDINGS[ending].spelling.test(word));
  if (endings.length === 0) return undefined;
  const said = phonemesOf(entry.readings[0]);
  for (const ending of endings) {
    const { sounds } = ENDINGS[ending];
    const stems = sounds
      .filter((sound) => sound.every((id, k) => said[said.length - sound.length + k] === id))
      .map((sound) => said.slice(0, said.length - sound.length).join(" "));
    if (stems.length === 0) continue;
    for (const base of basesOf(word, ending)) {
      const readings = lexicon.get(base)?.readings ?? [];
      const changesF = base.replace(/e$/, "").endsWith("f") && word.endsWith("ves");
      const saysSo = (reading: Segmentation) => {
        const sounds = phonemesOf(reading);
        return stems.includes((changesF ? [...sounds.slice(0, -1), "v"] : sounds).join(" "));
      };
      if (readings.some(saysSo)) return { base, ending };
    }
  }
  return undefined;
}
