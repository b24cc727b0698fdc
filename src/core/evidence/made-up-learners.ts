import { seededRandom } from "../random/seeded-random.ts";
import { EASILY_TAKEN } from "./easily-taken.ts";
import type { SimulatedLearner } from "./simulated-learner.ts";

/** How a made-up learner is, besides what is planted: quick, quiet, one who taps, one who puts things right. */
const WAYS: readonly Omit<SimulatedLearner, "substitutions">[] = [
  { tapping: 0.02, selfCorrecting: 0.05, notTrying: 0, misreading: 0.01, learning: 0.06 },
  { tapping: 0.15, selfCorrecting: 0.1, notTrying: 0.25, misreading: 0.03, learning: 0.02 },
  { tapping: 0.4, selfCorrecting: 0.1, notTrying: 0.02, misreading: 0.03, learning: 0.04 },
  { tapping: 0.1, selfCorrecting: 0.45, notTrying: 0.02, misreading: 0.04, learning: 0.03 },
];

/**
 * Learners for a rehearsal, each with one substitution planted in what has been taught, units misread by chance, and a way of their own.
 * The same seed makes the same learners.
 *
 * @param count how many
 * @param seed any whole number
 * @param taught ids of the correspondences that the group has been taught
 */
export function madeUpLearners(count: number, taught: readonly string[], seed: number): SimulatedLearner[] {
  const random = seededRandom(seed);
  const known = new Set(taught);
  const possible = EASILY_TAKEN.filter(({ gpc }) => known.has(gpc));
  return Array.from({ length: count }, (_, k) => {
    const taken = possible[Math.floor(random() * possible.length)];
    const substitutions = taken ? [{ ...taken, share: 0.4 + 0.4 * random() }] : [];
    return { substitutions, ...(WAYS[k % WAYS.length] as (typeof WAYS)[0]) };
  });
}
