import { PHASED } from "../../data/sequences/phased.ts";
import { SHORT_VOWELS_FIRST } from "../../data/sequences/short-vowels-first.ts";
import { parseSequence, type Sequence } from "./sequence.ts";

/** The sequences that ship with Zip Step. */
export const SEQUENCES: readonly Sequence[] = [parseSequence(SHORT_VOWELS_FIRST), parseSequence(PHASED)];

/**
 * The shipped sequence with this id.
 *
 * @example sequenceById("phased")?.steps.length > 20 // true
 */
export function sequenceById(id: string): Sequence | undefined {
  return SEQUENCES.find((sequence) => sequence.id === id);
}
