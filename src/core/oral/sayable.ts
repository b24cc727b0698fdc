import type { Lexicon } from "../lexicon/lexicon.ts";
import { isVowel, phoneme } from "../sounds/phonemes.ts";
import { heardKey, heardWords } from "./heard.ts";

/** Beginnings and endings that fewer words than this have are taken for mistakes of the list. */
const LEAST_WORDS = 3;

interface Shapes {
  readonly onsets: ReadonlySet<string>;
  readonly codas: ReadonlySet<string>;
}

const BUILT = new WeakMap<Lexicon, Shapes>();

function shapesOf(lexicon: Lexicon): Shapes {
  let shapes = BUILT.get(lexicon);
  if (!shapes) {
    const [onsets, codas] = [new Map<string, number>(), new Map<string, number>()];
    const count = (counts: Map<string, number>, key: string) => counts.set(key, (counts.get(key) ?? 0) + 1);
    for (const { heard, vowel } of heardWords(lexicon).values()) {
      count(onsets, heardKey(heard.slice(0, vowel)));
      count(codas, heardKey(heard.slice(vowel + 1)));
    }
    const often = (counts: Map<string, number>) =>
      new Set([...counts].flatMap(([key, words]) => (words >= LEAST_WORDS ? [key] : [])));
    shapes = { onsets: often(onsets), codas: often(codas) };
    BUILT.set(lexicon, shapes);
  }
  return shapes;
}

/**
 * Can these sounds be said as an English syllable? One vowel, a beginning and an ending that English has, and no
 * short vowel at the end (the `ca` of cat is a part, not something left to say).
 */
export function isSayable(sounds: readonly string[], heard: readonly string[], lexicon: Lexicon): boolean {
  const vowels = sounds.flatMap((id, k) => (isVowel(id) ? [k] : []));
  const [vowel] = vowels;
  if (vowel === undefined || vowels.length > 1) return false;
  const sound = phoneme(sounds[vowel] as string);
  if (vowel === sounds.length - 1 && sound?.kind === "vowel" && sound.length === "short") return false;
  const { onsets, codas } = shapesOf(lexicon);
  return onsets.has(heardKey(heard.slice(0, vowel))) && codas.has(heardKey(heard.slice(vowel + 1)));
}
