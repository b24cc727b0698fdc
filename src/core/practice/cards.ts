import { isOralName } from "../oral/oral-target.ts";
import { MODES, type ResponseMode } from "../responses/response-modes.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { gpcById } from "../spelling/gpc.ts";
import type { Segmentation } from "../spelling/segmentation.ts";

/** Is a target a card: a correspondence on its own? */
export const isCard = (target: string): boolean => target.includes("=") && !isSentenceName(target);

const [OPENS, CLOSES] = ["“", "”"] as const;

/** The name of a sentence that is written from dictation: in quotation marks, as no word and no card is. */
export const sentenceName = (sentence: string): string => `${OPENS}${sentence}${CLOSES}`;

/** Is a target a sentence? */
export const isSentenceName = (target: string): boolean => target.startsWith(OPENS);

/** The sentence in its name. */
export const sentenceOfName = (target: string): string => target.slice(OPENS.length, -CLOSES.length);

/** Is a target a word, and neither a card, an ears-only item nor a sentence? */
export const isWordTarget = (target: string): boolean =>
  !isCard(target) && !isOralName(target) && !isSentenceName(target);

/** Can a target be answered to in this way? A card is not read as a word, nor built; what is heard is neither. */
export const isAnswerTo = (mode: ResponseMode, target: string): boolean =>
  MODES[mode].answersTo === kindOfTarget(target);

function kindOfTarget(target: string): (typeof MODES)[ResponseMode]["answersTo"] {
  if (isSentenceName(target)) return "sentence";
  if (isOralName(target)) return "sounds";
  return isCard(target) ? "card" : "word";
}

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
