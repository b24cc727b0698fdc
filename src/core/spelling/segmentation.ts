import type { Commonness } from "./gpc.ts";

export type Slot = "onset" | "nucleus" | "coda";

/** One grapheme of a word with the sound it spells there. */
export interface Unit {
  /** `"sh"`, `"a-e"` (split digraph). */
  readonly grapheme: string;
  /** Zero-based indices of its letters in the word; a split digraph's are not neighbours. */
  readonly letters: readonly number[];
  /** Phoneme ids, nearly always one (`x` is `["k", "s"]`). */
  readonly phonemes: readonly string[];
  readonly slot: Slot;
  readonly commonness: Commonness;
}

/** A word's graphemes in order, each with the phonemes it spells. */
export interface Segmentation {
  readonly word: string;
  readonly units: readonly Unit[];
  /** For a compound: index of the letter at which its second word begins. */
  readonly seam?: number;
  /** Indices of letters at which an ending or a prefix meets its base: help·ing, un·tie. None unless given. */
  readonly joints?: readonly number[];
  /** Sum of the costs of its correspondences: lower is more regular. Only compares readings. */
  readonly cost: number;
}

/** Phonemes of the whole word, in order. */
export function phonemesOf(segmentation: Segmentation): string[] {
  // Asked of every word when a list is opened: several times as fast as flatMap.
  const phonemes: string[] = [];
  for (const unit of segmentation.units) for (const id of unit.phonemes) phonemes.push(id);
  return phonemes;
}

/** `"c·a-e·p"`: for messages and tests. */
export function graphemesOf(segmentation: Segmentation): string[] {
  return segmentation.units.map((unit) => unit.grapheme);
}
