import { PHASED } from "../../data/sequences/phased.ts";
import { SHORT_VOWELS_FIRST } from "../../data/sequences/short-vowels-first.ts";
import { SOUNDS_TOGETHER } from "../../data/sequences/sounds-together.ts";
import { parseSequence, type Sequence } from "./sequence.ts";

/** The sequences that ship with Zip Step. */
export const SEQUENCES: readonly Sequence[] = [SHORT_VOWELS_FIRST, PHASED, SOUNDS_TOGETHER].map(parseSequence);

/**
 * The shipped sequence with this id.
 *
 * @example sequenceById("phased")?.steps.length > 20 // true
 */
export function sequenceById(id: string): Sequence | undefined {
  return SEQUENCES.find((sequence) => sequence.id === id);
}
