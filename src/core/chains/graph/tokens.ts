import type { LexiconWord } from "../../lexicon/lexicon.ts";
import type { AccentSettings } from "../../sounds/accents.ts";
import { isVowel } from "../../sounds/phonemes.ts";
import { heardAs } from "../../sounds/sound-class.ts";
import { saidPhonemes } from "../../spelling/said.ts";
import type { Unit } from "../../spelling/segmentation.ts";
import { graphemeOfKey, soundOfKey, unitKey } from "../../spelling/unit-key.ts";
import { isVowelPlace } from "../step-compare.ts";

/** What a step changes: a grapheme with its sound, or, for ears-only work, a sound alone. */
export type StepUnits = "graphemes" | "phonemes";

/** The distinct units of a word list, numbered. */
export interface TokenTable {
  /** `"sh=ʃ"`, or `"ʃ"` for ears-only work. */
  readonly keys: readonly string[];
  /** Number of the token's grapheme and of its sound: a change needs both to differ. */
  readonly letters: readonly number[];
  readonly sounds: readonly number[];
}

/** The leading readings of words as numbers, one row a word, all rows in one array: many small ones cost more. */
export interface TokenRows {
  /** Row n has the tokens from `starts[n]` up to `starts[n + 1]`. */
  readonly starts: Int32Array;
  readonly tokens: Int32Array;
  /** By token: 1 for a vowel. */
  readonly vowels: Uint8Array;
  /** By row: where its first vowel stands in `tokens`, or the row's end when there is none. */
  readonly firstVowels: Int32Array;
  /** By row: 1 when it has a split digraph. */
  readonly splits: Uint8Array;
}

/** A word list as numbers: what steps are looked for in. */
export interface TokenisedWords {
  readonly words: readonly LexiconWord[];
  readonly indexOf: ReadonlyMap<string, number>;
  readonly by: StepUnits;
  readonly accent: AccentSettings;
  readonly table: TokenTable;
  /** Tokens of each word's leading reading. */
  readonly rows: TokenRows;
}

/** A correspondence by its very sounds, as a key. */
export const correspondenceOf = ({ grapheme, phonemes }: Pick<Unit, "grapheme" | "phonemes">): string =>
  `${grapheme}=${phonemes.join(" ")}`;

/** Numbers the units of every reading. */
export function tokenise(words: readonly LexiconWord[], accent: AccentSettings, by: StepUnits): TokenisedWords {
  const keys: string[] = [];
  const letters: number[] = [];
  const sounds: number[] = [];
  const numbers = new Map<string, number>();
  const letterNumbers = new Map<string, number>();
  const soundNumbers = new Map<string, number>();
  const intern = (key: string) => {
    let number = numbers.get(key);
    if (number === undefined) {
      number = keys.push(key) - 1;
      numbers.set(key, number);
      letters.push(numberOf(letterNumbers, graphemeOfKey(key)));
      sounds.push(numberOf(soundNumbers, soundOfKey(key)));
    }
    return number;
  };
  // Units of the list share their phoneme arrays, so that a key is worked out once a correspondence.
  const known = new WeakMap<readonly string[], Map<string, number>>();
  const tokenOf = (unit: Unit) => {
    let byGrapheme = known.get(unit.phonemes);
    if (!byGrapheme) {
      byGrapheme = new Map();
      known.set(unit.phonemes, byGrapheme);
    }
    let token = byGrapheme.get(unit.grapheme);
    if (token === undefined) {
      // Two words whose weak vowels the dictionary lists differently (packet, pocket) are no step for the planner.
      token = intern(unit.phonemes.includes("ə") ? correspondenceOf(unit) : unitKey(unit, accent));
      byGrapheme.set(unit.grapheme, token);
    }
    return token;
  };
  const starts = new Int32Array(words.length + 1);
  const firstVowels = new Int32Array(words.length);
  const splits = new Uint8Array(words.length);
  const tokens: number[] = [];
  const vowels: number[] = [];
  words.forEach((entry, row) => {
    // A word is used in one segmentation: the leading one.
    const [reading] = entry.readings;
    const start = tokens.length;
    if (by === "phonemes") {
      const said = saidPhonemes(reading, accent);
      said.forEach((id, k) => {
        const sound = heardAs(id, accent, said[k + 1]);
        if (sound === "") return;
        tokens.push(intern(sound));
        vowels.push(isVowel(id) ? 1 : 0);
      });
    } else {
      reading.units.forEach((unit, k) => {
        tokens.push(tokenOf(unit));
        vowels.push(isVowelPlace(reading, k) ? 1 : 0);
      });
    }
    const firstVowel = vowels.indexOf(1, start);
    starts[row + 1] = tokens.length;
    firstVowels[row] = firstVowel === -1 ? tokens.length : firstVowel;
    splits[row] = reading.units.some(({ grapheme }) => grapheme.includes("-")) ? 1 : 0;
  });
  const rows = { starts, tokens: Int32Array.from(tokens), vowels: Uint8Array.from(vowels), firstVowels, splits };
  const indexOf = new Map(words.map(({ word }, index) => [word, index]));
  return { words, indexOf, by, accent, table: { keys, letters, sounds }, rows };
}

function numberOf(numbers: Map<string, number>, text: string): number {
  let number = numbers.get(text);
  if (number === undefined) {
    number = numbers.size;
    numbers.set(text, number);
  }
  return number;
}
