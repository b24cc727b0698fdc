import { partsOfGpcId } from "../spelling/gpc-id.ts";
import { likelyShare, namingPower } from "../statistics/naming-power.ts";
import type { Tally } from "../statistics/naming-rule.ts";
import type { ContrastReport } from "./describe.ts";

/** A substitution of one learner so far. */
export interface SubstitutionSoFar extends Tally {
  readonly gpc: string;
  /** Phonemes said in its place. */
  readonly said: readonly string[];
}

/**
 * How likely it is that a chain, with what stands in the records already, has a learner's substitution called a pattern.
 *
 * @returns a probability, from 0 to 1; undefined where the pair is not what the learner takes for each other
 */
export function powerWithRecord({ a, b, chancesOf }: ContrastReport, record: SubstitutionSoFar): number | undefined {
  const other = record.gpc === a ? b : record.gpc === b ? a : undefined;
  if (other === undefined || partsOfGpcId(other).phonemes.join() !== record.said.join()) return undefined;
  return namingPower(record.gpc === a ? chancesOf.a : chancesOf.b, likelyShare(record), record);
}
