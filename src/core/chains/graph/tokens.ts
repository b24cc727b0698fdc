import type { LexiconWord } from "../../lexicon/lexicon.ts";
import type { AccentSettings } from "../../sounds/accents.ts";
import { isVowel } from "../../sounds/phonemes.ts";
import { heardAs } from "../../sounds/sound-class.ts";
import { saidPhonemes } from "../../spelling/said.ts";
import type { Segmentation, Unit } from "../../spelling/segmentation.ts";
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

/** The reading of one word as numbers. */
export interface TokenRow {
  /** Index of the word. */
  readonly word: number;
  readonly reading: Segmentation;
  readonly tokens: readonly number[];
  /** Index of the first vowel, or the number of tokens when there is none. */
  readonly firstVowel: number;
  /** It has a split digraph. */
  readonly isSplit: boolean;
  /** `vowels[k]` is true for a vowel. */
  readonly vowels: readonly boolean[];
}

/** A correspondence by its very sounds, as a key. */
export const correspondenceOf = ({ grapheme, phonemes }: Pick<Unit, "grapheme" | "phonemes">): string =>
  `${grapheme}=${phonemes.join(" ")}`;

/** Numbers the units of every reading. */
export function tokenise(
  words: readonly LexiconWord[],
  accent: AccentSettings,
  by: StepUnits,
): { table: TokenTable; rows: TokenRow[] } {
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
  const rows: TokenRow[] = [];
  words.forEach((entry, word) => {
    // A word is used in one segmentation: the leading one.
    const [reading] = entry.readings;
    let tokens: number[];
    let vowels: boolean[];
    if (by === "phonemes") {
      const said = saidPhonemes(reading, accent);
      const heard = said.flatMap((id, k) => {
        const sound = heardAs(id, accent, said[k + 1]);
        return sound === "" ? [] : [{ sound, vowel: isVowel(id) }];
      });
      tokens = heard.map(({ sound }) => intern(sound));
      vowels = heard.map(({ vowel }) => vowel);
    } else {
      tokens = reading.units.map(tokenOf);
      vowels = reading.units.map((_, k) => isVowelPlace(reading, k));
    }
    const at = vowels.indexOf(true);
    rows.push({
      word,
      reading,
      tokens,
      vowels,
      isSplit: reading.units.some(({ grapheme }) => grapheme.includes("-")),
      firstVowel: at === -1 ? tokens.length : at,
    });
  });
  return { table: { keys, letters, sounds }, rows };
}

function numberOf(numbers: Map<string, number>, text: string): number {
  let number = numbers.get(text);
  if (number === undefined) {
    number = numbers.size;
    numbers.set(text, number);
  }
  return number;
}
