import { gpcById } from "../spelling/gpc.ts";
import type { Unit } from "../spelling/segmentation.ts";
import type { LexiconWord } from "./lexicon.ts";

/** After these sounds the ending is a syllable: fox's. */
const HISSING = new Set(["s", "z", "ʃ", "ʒ", "tʃ", "dʒ"]);
const VOICELESS = new Set(["p", "t", "k", "f", "θ"]);

/**
 * The possessive of a word of the list (dog's, James's is none of ours), made by rule. Contractions (it's, can't) stand
 * in the list themselves, so that they are found first.
 *
 * @param find looks words up in the list
 */
export function apostropheWord(word: string, find: (word: string) => LexiconWord | undefined): LexiconWord | undefined {
  const base = word.endsWith("'s") ? find(word.slice(0, -2)) : undefined;
  if (!base?.partsOfSpeech.includes("n")) return undefined;
  const readings = base.readings.map((reading) => {
    const last = reading.units.at(-1)?.phonemes.at(-1) ?? "";
    const sounds = HISSING.has(last) ? "ɪ+z" : VOICELESS.has(last) ? "s" : "z";
    const gpc = gpcById(`'s=${sounds}`);
    const ending: Unit = {
      grapheme: "'s",
      letters: [word.length - 2, word.length - 1],
      phonemes: gpc?.phonemes ?? ["z"],
      slot: sounds === "ɪ+z" ? "nucleus" : "coda",
      commonness: 1,
    };
    return { ...reading, word, units: [...reading.units, ending] };
  });
  return {
    word,
    zipf: base.zipf,
    band: base.band,
    suitability: base.suitability,
    familiarity: base.familiarity,
    isCapital: base.isCapital,
    partsOfSpeech: "",
    syllables: base.syllables + (readings[0]?.units.at(-1)?.slot === "nucleus" ? 1 : 0),
    readings: readings as unknown as LexiconWord["readings"],
  };
}
