import { SOUND_ALIKE_SENTENCES } from "../../data/texts/sound-alike-sentences.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";

/** A word that others sound like, and a sentence that tells which is meant. */
export interface SoundAlike {
  readonly word: string;
  readonly sentence: string;
}

const SENTENCE_OF: ReadonlyMap<string, string> = new Map(
  SOUND_ALIKE_SENTENCES.flat().map(({ word, sentence }): [string, string] => [word, sentence]),
);

/** A sentence that tells which of some words that sound the same is meant; undefined where none has been written. */
export const sentenceFor = (word: string): string | undefined => SENTENCE_OF.get(word);

/**
 * Sets of words that sound the same in an accent, each word with its sentence.
 *
 * @param lexicon in the accent
 * @param mayBe may a word be shown?
 * @returns sets of two words or more, in the order of the list
 */
export function soundAlikeSets(lexicon: Lexicon, mayBe: (word: string) => boolean): SoundAlike[][] {
  return SOUND_ALIKE_SENTENCES.flatMap((line) => {
    const left = line.filter(({ word }) => mayBe(word));
    const sets: SoundAlike[][] = [];
    // A line may hold words that sound the same in another accent only.
    for (const one of left) {
      const alike = soundAlikes(one.word, lexicon);
      const own = sets.find(([first]) => first !== undefined && alike.includes(first.word));
      if (own) own.push(one);
      else sets.push([one]);
    }
    return sets.filter((set) => set.length > 1);
  });
}
