import { seededRandom } from "../random/seeded-random.ts";
import type { SimulatedLearner } from "./simulated-learner.ts";

/** Vowels that are easily taken for one another, as spellings of one letter. Common practice, no source. */
const EASILY_TAKEN: readonly (readonly [gpc: string, said: string])[] = [
  ["e=e", "ɪ"],
  ["i=ɪ", "e"],
  ["u=ʌ", "ɒ"],
  ["o=ɒ", "ʌ"],
  ["a=æ", "e"],
  ["a-e=eɪ", "æ"],
  ["i-e=aɪ", "ɪ"],
  ["ee=iː", "e"],
  ["sh=ʃ", "s"],
  ["ch=tʃ", "ʃ"],
  ["th=θ", "f"],
];

/** How a made-up learner is, besides what is planted: quick, quiet, one who taps, one who puts things right. */
const WAYS: readonly Omit<SimulatedLearner, "substitutions">[] = [
  { tapping: 0.02, selfCorrecting: 0.05, notTrying: 0, slips: 0.01, learning: 0.06 },
  { tapping: 0.15, selfCorrecting: 0.1, notTrying: 0.25, slips: 0.03, learning: 0.02 },
  { tapping: 0.4, selfCorrecting: 0.1, notTrying: 0.02, slips: 0.03, learning: 0.04 },
  { tapping: 0.1, selfCorrecting: 0.45, notTrying: 0.02, slips: 0.04, learning: 0.03 },
];

/**
 * Learners for a rehearsal, each with one substitution planted in what has been taught, slips, and a way of their own.
 * The same seed makes the same learners.
 *
 * @param count how many
 * @param seed any whole number
 * @param taught ids of the correspondences that the group has been taught
 */
export function madeUpLearners(count: number, taught: readonly string[], seed: number): SimulatedLearner[] {
  const random = seededRandom(seed);
  const known = new Set(taught);
  const possible = EASILY_TAKEN.filter(([gpc]) => known.has(gpc));
  return Array.from({ length: count }, (_, k) => {
    const [gpc, said] = possible[Math.floor(random() * possible.length)] ?? [];
    const substitutions =
      gpc === undefined || said === undefined ? [] : [{ gpc, said: [said], share: 0.4 + 0.4 * random() }];
    return { substitutions, ...(WAYS[k % WAYS.length] as (typeof WAYS)[0]) };
  });
}
