import type { TaughtSet } from "../scope/taught-set.ts";
import { keyOfGpc } from "../spelling/unit-key.ts";
import { EASILY_TAKEN, type EasilyTaken } from "./easily-taken.ts";
import { evidenceFindings } from "./evidence-findings.ts";
import type { EvidenceCount } from "./propose-focus.ts";

/** Three minutes are some twenty words; eight questions took 17 to 20 (docs/model.md). */
const QUESTIONS = 6;

/**
 * What a probe of one learner is to find out: first what was said instead twice or more and is not sure yet, then what
 * the rule names already (is it still so?), then what is easily taken for something else, the newest taught first.
 *
 * @param counts of the learner's reading
 * @param taughtGpcs GPC ids, what was taught last first
 */
export function probeQuestions(
  counts: readonly EvidenceCount[],
  taught: TaughtSet,
  taughtGpcs: readonly string[],
): EasilyTaken[] {
  const keyOf = (gpc: string) => keyOfGpc(gpc, taught.accent);
  const order = new Map(taughtGpcs.map((gpc, k) => [keyOf(gpc), k]));
  const isTaught = ({ gpc }: EasilyTaken) => order.has(keyOf(gpc));
  const seen = evidenceFindings(counts)
    .filter(({ way, said }) => way === "read" && said.length > 0)
    .sort((a, b) => Number(a.isNamed) - Number(b.isNamed));
  const place = ({ gpc }: EasilyTaken) => order.get(keyOf(gpc)) ?? 0;
  const usual = EASILY_TAKEN.filter(isTaught).sort((a, b) => place(a) - place(b));
  const all = new Map(
    [...seen, ...usual].filter(isTaught).map(({ gpc, said }) => [`${keyOf(gpc)}>${said.join("+")}`, { gpc, said }]),
  );
  return [...all.values()].slice(0, QUESTIONS);
}
