import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { hasTwoReadings } from "../scope/decodable.ts";
import { isVowel, phoneme } from "../sounds/phonemes.ts";
import { heardAs } from "../sounds/sound-class.ts";
import { onsetRimeOf } from "../spelling/onset-rime.ts";
import { saidPhonemes } from "../spelling/said.ts";
import type { Segmentation } from "../spelling/segmentation.ts";

/** A word of one syllable as the ear has it. */
export interface HeardWord {
  readonly entry: LexiconWord;
  readonly word: string;
  readonly reading: Segmentation;
  /** Phoneme ids in order, one a sound. */
  readonly sounds: readonly string[];
  /** Sound classes as this school hears them: what is compared. */
  readonly heard: readonly string[];
  /** Index of the vowel. */
  readonly vowel: number;
  /**
   * Every unit is one sound and nobody argues about where one ends: no x or qu, no u-e with its glide, no vowel + r,
   * no weak vowel. Other words serve for rhyme alone.
   */
  readonly plain: boolean;
}

/** The same for what sounds the same. */
export const heardKey = (heard: readonly string[]): string => heard.join(" ");

const BUILT = new WeakMap<Lexicon, ReadonlyMap<string, HeardWord>>();

/** Every word of one syllable that is said in one way, by its spelling, commonest first. */
export function heardWords(lexicon: Lexicon): ReadonlyMap<string, HeardWord> {
  let words = BUILT.get(lexicon);
  if (!words) {
    words = new Map(
      lexicon.words.flatMap((entry) => {
        // One letter is no word to work on by ear: eye, not I.
        const isIn = entry.word.length > 1 && entry.syllables === 1 && !hasTwoReadings(entry);
        const heard = isIn ? hear(entry, lexicon) : undefined;
        return heard ? [[entry.word, heard] as const] : [];
      }),
    );
    BUILT.set(lexicon, words);
  }
  return words;
}

function hear(entry: LexiconWord, { accent }: Lexicon): HeardWord | undefined {
  const [reading] = entry.readings;
  if (!onsetRimeOf(reading)) return undefined;
  const sounds = saidPhonemes(reading, accent);
  const heard = sounds.map((id, k) => heardAs(id, accent, sounds[k + 1]));
  const vowel = sounds.findIndex(isVowel);
  const vowelSound = phoneme(sounds[vowel] ?? "");
  const plain =
    reading.units.every(({ phonemes }) => phonemes.length === 1) &&
    heard.every((sound) => sound !== "") &&
    vowelSound?.kind === "vowel" &&
    vowelSound.length !== "r-coloured" &&
    // Tire: some hear a weak vowel before the r.
    !(/^a[ɪʊ]$/.test(vowelSound.id) && sounds[vowel + 1] === "r") &&
    vowelSound.length !== "weak";
  return { entry, word: entry.word, reading, sounds, heard, vowel, plain };
}
