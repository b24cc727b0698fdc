import { readCompactReading } from "../lexicon/asset.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { rudeSounds } from "../oral/rude.ts";
import type { OwnWord } from "../sounds/accents.ts";
import { heardAs } from "../sounds/sound-class.ts";
import { gpcById } from "../spelling/gpc.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import { saidPhonemes } from "../spelling/said.ts";
import type { Segmentation } from "../spelling/segmentation.ts";

/** Why a word of the school's own cannot be taken. */
export type OwnWordFault = "letters" | "no-reading" | "unknown-spelling" | "no-vowel" | "kept-out" | "sounds-rude";

/** English words of a school: letters only. */
const LETTERS = /^[a-z]{1,20}$/;

/**
 * Looks over a word that a school wants to put in, with how it is said.
 *
 * @param lexicon in the school's accent
 * @param never the school's own list of words to keep out
 * @returns undefined when it can be taken
 */
export function judgeOwnWord(
  { word, reading }: Pick<OwnWord, "word" | "reading">,
  lexicon: Lexicon,
  never: readonly string[] = [],
): OwnWordFault | undefined {
  if (!LETTERS.test(word)) return "letters";
  if (lexicon.unsuitable(word)?.level === "never" || never.includes(word)) return "kept-out";
  let said: Segmentation;
  try {
    said = readCompactReading(word, reading);
  } catch {
    return "no-reading";
  }
  if (said.units.some(({ grapheme, phonemes }) => !gpcById(gpcId(grapheme, phonemes)))) return "unknown-spelling";
  if (!said.units.some(({ slot }) => slot === "nucleus")) return "no-vowel";
  const { accent } = lexicon;
  const sounds = saidPhonemes(said, accent);
  const heard = sounds.map((id, k) => heardAs(id, accent, sounds[k + 1])).filter((sound) => sound !== "");
  return rudeSounds(lexicon, { never }).maySay(heard) ? undefined : "sounds-rude";
}
