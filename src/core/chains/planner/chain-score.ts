import { chanceWorth, type ScoreParts, totalOf, WEIGHT } from "../scoring.ts";
import { type Problem, stepFrom } from "./problem.ts";

/** The score of a finished chain, part by part; luck and the keeping apart of plans included. */
export function scoreParts(problem: Problem, nodes: readonly number[]): ScoreParts {
  const parts = { aims: 0, commonness: 0, positions: 0, nearPairs: 0, freshness: 0, level: 0, luck: 0 };
  const { steps, focusWeights, contrastWeights } = problem;
  const crossings = contrastWeights.map(() => 0);
  const met = focusWeights.map(() => 0);
  let lastPosition = -1;
  let run = 0;
  nodes.forEach((node, k) => {
    const word = problem.wordParts(node);
    parts.aims += word.aims;
    parts.commonness += word.commonness;
    parts.freshness += word.freshness;
    parts.level += word.level;
    parts.luck += word.luck;
    for (const k of problem.focusOf(node)) {
      parts.aims += chanceWorth(WEIGHT.focusWord, focusWeights[k] as number, met[k] as number);
      met[k] = (met[k] as number) + 1;
    }
    if (k === 0) return;
    const step = stepFrom(steps, nodes[k - 1] as number, node);
    if (step === -1) throw new Error("scoreParts: two words are not one step apart");
    if (steps.bringsFocus[step]) parts.aims += WEIGHT.focusStep;
    const contrast = steps.contrast[step] as number;
    if (contrast >= 0) {
      parts.aims += chanceWorth(
        WEIGHT.contrastStep,
        contrastWeights[contrast] as number,
        crossings[contrast] as number,
      );
      crossings[contrast] = (crossings[contrast] as number) + 1;
    }
    if (steps.nearPair[step]) parts.nearPairs += WEIGHT.nearPair;
    const position = steps.position[step] as number;
    if (position === lastPosition) parts.positions += WEIGHT.samePlace * run;
    run = position === lastPosition ? run + 1 : 1;
    lastPosition = position;
  });
  return parts;
}

/**
 * Score of a chain given as node numbers of the problem; higher is better.
 *
 * @returns points, without a bound either way
 */
export const scoreOf = (problem: Problem, nodes: readonly number[]): number => totalOf(scoreParts(problem, nodes));
