import { IRREGULAR_PLURALS } from "../../data/lexicon/irregular-forms.ts";

/** The forms that sentences are made with, by the rules of English spelling; exceptions are data. */

const HISSING_END = /(?:s|x|z|ch|sh)$/;
const CONSONANT_Y = /[^aeiou]y$/;

const ONE_OF = new Map([...IRREGULAR_PLURALS].map(([many, one]) => [one, many]));
/** Plurals in -ves and -oes that the rules below miss. Common practice, no source. */
const OTHER_PLURALS: ReadonlyMap<string, string> = new Map([
  ["calf", "calves"],
  ["elf", "elves"],
  ["leaf", "leaves"],
  ["loaf", "loaves"],
  ["scarf", "scarves"],
  ["shelf", "shelves"],
  ["wolf", "wolves"],
  ["potato", "potatoes"],
  ["tomato", "tomatoes"],
  ["ox", "oxen"],
]);

/** The plural of a noun: fox, foxes. */
export function pluralOf(noun: string): string {
  const irregular = ONE_OF.get(noun) ?? OTHER_PLURALS.get(noun);
  // Fireman, firemen.
  if (irregular === undefined && noun.endsWith("man")) return `${noun.slice(0, -3)}men`;
  return irregular ?? withS(noun);
}

/** The third person of a verb: munch, munches. */
export const thirdPersonOf = (verb: string): string => (/(?:go|do)$/.test(verb) ? `${verb}es` : withS(verb));

function withS(word: string): string {
  if (HISSING_END.test(word)) return `${word}es`;
  return CONSONANT_Y.test(word) ? `${word.slice(0, -1)}ies` : `${word}s`;
}

/** The form of a verb in -ing: hop, hopping. */
export function presentParticipleOf(verb: string): string {
  if (/[^eoy]e$/.test(verb)) return `${verb.slice(0, -1)}ing`;
  // One short vowel and one consonant in a word of one syllable: the consonant is doubled.
  return /^[^aeiou]*[aeiou][bdfgklmnprstvz]$/.test(verb) ? `${verb}${verb.at(-1)}ing` : `${verb}ing`;
}
