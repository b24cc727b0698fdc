import { isVowel, phoneme } from "../sounds/phonemes.ts";
import { gpcId } from "./gpc-id.ts";
import type { Segmentation, Unit } from "./segmentation.ts";
import { SILENT_LETTERS } from "./silent-letters.ts";
import { ONE_TAP_A_SOUND, type TapSettings, tapsOf } from "./taps.ts";

/** What a school can draw on a word: a stroke a touch, a line round letters of one sound, signs over vowels, silent letters faint. */
export const MARK_KINDS = ["taps", "joined", "lengths", "silent"] as const;
export type MarkKind = (typeof MARK_KINDS)[number];

/** Where marks stand on a word, as indices of its letters: which of them are drawn is the school's choice. */
export interface SpellingMarks {
  /** One mark a touch. "split" is a split digraph: its mark stands under letters that are not neighbours. */
  readonly taps: readonly { readonly letters: readonly number[]; readonly kind: "single" | "joined" | "split" }[];
  /** Letters that together spell one sound and stand side by side. */
  readonly joined: readonly (readonly number[])[];
  /** Vowels said short or long; vowels with r and weak ones have no sign. */
  readonly vowels: readonly { readonly letters: readonly number[]; readonly length: "short" | "long" }[];
  /** Letters that say nothing of their own, the e of a split digraph among them. */
  readonly silent: readonly number[];
}

/** Mark positions of a word under the school's way of touching it. */
export function marksOf(segmentation: Segmentation, settings: TapSettings = ONE_TAP_A_SOUND): SpellingMarks {
  const { units } = segmentation;
  return {
    taps: tapsOf(segmentation, settings).map((tap) => {
      const letters = tap.flatMap((k) => units[k]?.letters ?? []).sort((a, b) => a - b);
      const kind = letters.length === 1 ? "single" : isRun(letters) ? "joined" : "split";
      return { letters, kind };
    }),
    joined: units.filter(({ letters }) => letters.length > 1 && isRun(letters)).map(({ letters }) => letters),
    vowels: units.flatMap((unit) => {
      const length = vowelLength(unit);
      return length ? [{ letters: unit.letters, length }] : [];
    }),
    silent: units.flatMap(silentIn).sort((a, b) => a - b),
  };
}

const isRun = (letters: readonly number[]) =>
  letters.every((at, k) => k === 0 || at === (letters[k - 1] as number) + 1);

function vowelLength({ phonemes }: Unit): "short" | "long" | undefined {
  const vowel = phoneme(phonemes.findLast(isVowel) ?? "");
  if (vowel?.kind !== "vowel") return undefined;
  if (vowel.length === "short") return "short";
  return vowel.length === "long" || vowel.length === "diphthong" ? "long" : undefined;
}

function silentIn({ grapheme, letters, phonemes }: Unit): readonly number[] {
  if (grapheme.includes("-")) return letters.slice(-1);
  const listed = SILENT_LETTERS.get(gpcId(grapheme, phonemes));
  if (listed) return listed.map((k) => letters[k] as number);
  const closesWithE = grapheme.length > 1 && grapheme.endsWith("e") && !phonemes.some(isVowel);
  return closesWithE ? letters.slice(-1) : [];
}
