import type { Segmentation } from "../spelling/segmentation.ts";
import type { Outcome } from "./outcomes.ts";
import { lettersOfTiles } from "./tiles.ts";

/** Was the word built as it is spelt? Letters count: two tiles for one sound spell it as well. */
export const isBuiltRight = (target: Segmentation, attempt: readonly string[]): boolean =>
  lettersOfTiles(attempt) === target.word;

/** How a word built in several attempts came out: right at once, put right later, or not. */
export function outcomeOfBuilding(target: Segmentation, attempts: readonly (readonly string[])[]): Outcome {
  const right = attempts.findIndex((attempt) => isBuiltRight(target, attempt));
  if (attempts.length === 0) return "no-attempt";
  return right === 0 ? "right" : right > 0 ? "self-corrected" : "wrong";
}
