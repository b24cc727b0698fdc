import { assess, type UnitAnswer } from "./assess.ts";
import type { MasteryRule } from "./mastery.ts";

/** What came after a substitution was made for the last time. */
export interface GotOver {
  /** Right of the answers by which the correspondence became known again. */
  readonly right: number;
  readonly of: number;
}

/**
 * Whether a substitution has been got over: since it was made for the last time, its correspondence has become known by
 * the rule of mastery, and is still known.
 *
 * @param since answers after the last time, in any order; those of other correspondences are left out
 * @param gpc id of the correspondence
 * @returns undefined while it has not
 */
export function gotOver(since: readonly UnitAnswer[], gpc: string, rule: MasteryRule): GotOver | undefined {
  const own = since.filter((answer) => answer.gpc === gpc);
  // Whether it is due to be looked at again makes no difference here, and so neither does the day.
  const [unit] = assess(own, [gpc], rule, "").units;
  return unit?.state === "secure" ? { right: unit.right, of: unit.of } : undefined;
}
