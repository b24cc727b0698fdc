import type { ChangePosition } from "../chains/moves.ts";
import type { UnitVerdict } from "./classify.ts";

/** Something that was found in a response. Units and places are counted from 0. */
export type Finding =
  | { readonly kind: "correct" }
  | {
      readonly kind: "substitution" | "omission" | "other-spelling" | "letter-reversal";
      readonly unit: number;
      readonly position: ChangePosition;
      /** Phonemes that came instead; none for an omission. */
      readonly said: readonly string[];
      /** Letters that came instead, where letters came. */
      readonly built?: string;
    }
  | {
      readonly kind: "insertion";
      /** The unit before which it came; as many as there are units: after the last. */
      readonly before: number;
      readonly position: ChangePosition;
      readonly said: readonly string[];
      readonly built?: string;
    }
  | { readonly kind: "transposition"; readonly units: readonly [number, number] }
  /** Nothing of the target is in it: no unit is blamed. */
  | { readonly kind: "unrelated" }
  /** By ear: a word that does not rhyme, or the word itself. */
  | { readonly kind: "no-rhyme" }
  /** By ear: its sounds are right, and it was parted elsewhere. */
  | { readonly kind: "other-parts"; readonly said: number; readonly wanted: number };

/** A response set against its target, and how far apart the two are. */
export interface AlignedResponse {
  readonly cost: number;
  readonly units: readonly UnitVerdict[];
  readonly findings: readonly Finding[];
}
