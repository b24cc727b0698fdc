import { phoneme } from "../sounds/phonemes.ts";
import type { Unit } from "../spelling/segmentation.ts";

/**
 * True for a sound that can be held (mmm, sss): it runs on into the next, so that a word that begins with it is
 * easier to blend. Stops, affricates and h cannot. Common practice, no source.
 */
export function canBeHeld(id: string): boolean {
  const sound = phoneme(id);
  if (sound?.kind !== "consonant") return true;
  return sound.manner !== "stop" && sound.manner !== "affricate" && sound.place !== "glottal";
}

/**
 * How hard a beginning or an ending makes its word: nothing, then one sound that can be held, then one that
 * cannot, then clusters, the longer the harder. Common practice, no source.
 *
 * @returns a rank: a higher one is harder
 */
export function difficultyOf(part: readonly Pick<Unit, "phonemes">[]): number {
  if (part.length === 0) return 0;
  const held = canBeHeld(part[0]?.phonemes[0] ?? "");
  return part.length * 2 - (held ? 1 : 0);
}
