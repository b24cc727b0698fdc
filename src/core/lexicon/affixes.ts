import { NOT_DERIVED } from "../../data/lexicon/not-derived.ts";
import { phonemesOf } from "../spelling/segmentation.ts";
import { inflectionOf } from "./inflection.ts";
import type { Lexicon, LexiconWord } from "./lexicon.ts";

interface AffixDefinition {
  /** Its letters. */
  readonly letters: string;
  readonly at: "start" | "end";
  /** What it sounds like: lists of phonemes. */
  readonly sounds: readonly (readonly string[])[];
  /** How many units of a word it is. */
  readonly units: number;
  /** The pattern that teaches it: an id of scope/patterns.ts. */
  readonly pattern: `${"suffix" | "prefix"}-${string}`;
}

/** Suffixes and prefixes that make a new word of a known one, one definition each. */
export const AFFIXES = {
  er: { letters: "er", at: "end", sounds: [["ər"]], units: 1, pattern: "suffix-er" },
  est: {
    letters: "est",
    at: "end",
    sounds: [
      ["ə", "s", "t"],
      ["ɪ", "s", "t"],
    ],
    units: 3,
    pattern: "suffix-est",
  },
  ly: { letters: "ly", at: "end", sounds: [["l", "iː"]], units: 2, pattern: "suffix-ly" },
  y: { letters: "y", at: "end", sounds: [["iː"]], units: 1, pattern: "suffix-y" },
  ful: {
    letters: "ful",
    at: "end",
    sounds: [
      ["f", "ə", "l"],
      ["f", "ʊ", "l"],
    ],
    units: 3,
    pattern: "suffix-ful",
  },
  less: {
    letters: "less",
    at: "end",
    sounds: [
      ["l", "ə", "s"],
      ["l", "ɪ", "s"],
    ],
    units: 3,
    pattern: "suffix-less",
  },
  ness: {
    letters: "ness",
    at: "end",
    sounds: [
      ["n", "ə", "s"],
      ["n", "ɪ", "s"],
    ],
    units: 3,
    pattern: "suffix-ness",
  },
  un: {
    letters: "un",
    at: "start",
    sounds: [
      ["ʌ", "n"],
      ["ə", "n"],
    ],
    units: 2,
    pattern: "prefix-un",
  },
  re: {
    letters: "re",
    at: "start",
    sounds: [
      ["r", "iː"],
      ["r", "ɪ"],
      ["r", "ə"],
    ],
    units: 2,
    pattern: "prefix-re",
  },
  dis: { letters: "dis", at: "start", sounds: [["d", "ɪ", "s"]], units: 3, pattern: "prefix-dis" },
} as const satisfies Record<string, AffixDefinition>;

export type Affix = keyof typeof AFFIXES;

const AFFIX_IDS = Object.keys(AFFIXES) as readonly Affix[];

/** A word made of another one (teacher ← teach). */
export interface Derivation {
  readonly base: string;
  readonly affix: Affix;
}

const KNOWN = new WeakMap<LexiconWord, Derivation | null>();

/**
 * Says whether a word is a base word with -er, -est, -ly, -y, -ful, -less, -ness, un-, re- or dis-: the base is in the
 * word list and its sounds are in the word. What only looks so (corner, forest, report) was read out by eye
 * (data/lexicon/not-derived.ts).
 *
 * @example derivationOf("teacher", shippedLexicon())?.base // "teach"
 */
export function derivationOf(word: string, lexicon: Lexicon): Derivation | undefined {
  const entry = lexicon.get(word);
  if (!entry) return undefined;
  let known = KNOWN.get(entry);
  if (known === undefined) {
    known = findDerivation(entry, lexicon) ?? null;
    KNOWN.set(entry, known);
  }
  return known ?? undefined;
}

function findDerivation(entry: LexiconWord, lexicon: Lexicon): Derivation | undefined {
  const { word } = entry;
  const inflection = inflectionOf(word, lexicon);
  if (NOT_DERIVED.has(inflection?.base ?? word)) return undefined;
  for (const affix of AFFIX_IDS) {
    const { letters, at, sounds } = AFFIXES[affix];
    if (at === "end" ? !word.endsWith(letters) : !word.startsWith(letters)) continue;
    const bare = at === "end" ? word.slice(0, -letters.length) : word.slice(letters.length);
    if (bare.length < 2) continue;
    const said = phonemesOf(entry.readings[0]);
    const stems = (sounds as readonly (readonly string[])[]).flatMap((sound) => {
      const part = at === "end" ? said.slice(-sound.length) : said.slice(0, sound.length);
      const rest = at === "end" ? said.slice(0, -sound.length) : said.slice(sound.length);
      return part.join(" ") === sound.join(" ") ? [rest.join(" ")] : [];
    });
    const bases = at === "end" ? basesOf(bare, letters) : [bare];
    const base = bases.find((one) =>
      lexicon.get(one)?.readings.some((reading) => stems.includes(phonemesOf(reading).join(" "))),
    );
    if (base) return { base, affix };
  }
  return undefined;
}

/** Spellings a base may have without its suffix: whole, undoubled, with its e, with its y. */
function basesOf(bare: string, suffix: string): string[] {
  const bases = [bare];
  if (/^[aeiouy]/.test(suffix)) {
    if (/([b-df-hj-np-tvwxz])\1$/.test(bare)) bases.push(bare.slice(0, -1));
    bases.push(`${bare}e`);
  }
  if (bare.endsWith("i")) bases.push(`${bare.slice(0, -1)}y`);
  return bases.filter((base) => base.length > 1);
}
