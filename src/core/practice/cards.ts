import { isOralName } from "../oral/oral-target.ts";
import { MODES, type ResponseMode } from "../responses/response-modes.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { gpcById } from "../spelling/gpc.ts";
import type { Segmentation } from "../spelling/segmentation.ts";

/** Is a target a card: a correspondence on its own? */
export const isCard = (target: string): boolean => target.includes("=");

/** Is a target a word, and neither a card nor an ears-only item? */
export const isWordTarget = (target: string): boolean => !isCard(target) && !isOralName(target);

/** Can a target be answered to in this way? A card is not read as a word, nor built; what is heard is neither. */
export const isAnswerTo = (mode: ResponseMode, target: string): boolean =>
  MODES[mode].answersTo === (isOralName(target) ? "sounds" : isCard(target) ? "card" : "word");

/**
 * A correspondence as a word of one unit: what a learner answers to when a card is shown.
 * @throws Error for an id that is not in the table: a programmer's mistake
 */
export function cardReading(id: string): Segmentation {
  const gpc = gpcById(id);
  if (!gpc) throw new Error(`There is no correspondence ${id}`);
  const letters = [...gpc.grapheme].flatMap((letter, k) => (letter === "-" ? [] : [k]));
  const slot = gpc.phonemes.some(isVowel) ? "nucleus" : "onset";
  return {
    word: gpc.grapheme,
    units: [{ grapheme: gpc.grapheme, letters, phonemes: gpc.phonemes, slot, commonness: gpc.commonness }],
    cost: 0,
  };
}
