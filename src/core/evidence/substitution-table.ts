import { CHANGE_POSITIONS, type ChangePosition } from "../chains/moves.ts";
import { positionOf } from "../chains/step-compare.ts";
import type { ResponseVerdict } from "../responses/classify.ts";
import { gpcId } from "../spelling/gpc.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { type Interval, wilsonInterval } from "./wilson.ts";

/** One response with what it was a response to. */
export interface EvidenceItem {
  readonly responseId: string;
  readonly target: Segmentation;
  readonly verdict: ResponseVerdict;
}

/** One substitution of a correspondence, with the responses it was made in. */
export interface SubstitutionCount {
  /** Phonemes said in its place; empty when the unit was left out. */
  readonly said: readonly string[];
  readonly responses: readonly string[];
}

export interface PositionCount {
  readonly chances: readonly string[];
  readonly wrong: readonly string[];
}

/** What became of one correspondence. Every figure is a list of response ids, so that it can be opened. */
export interface SubstitutionRow {
  readonly gpc: string;
  readonly grapheme: string;
  readonly phonemes: readonly string[];
  /** Responses in which this unit was read rightly or wrongly. */
  readonly chances: readonly string[];
  readonly wrong: readonly string[];
  /** 95 % Wilson interval of the share read wrongly. */
  readonly interval: Interval;
  /** Most often said first. */
  readonly substitutions: readonly SubstitutionCount[];
  readonly byPosition: Readonly<Record<ChangePosition, PositionCount>>;
}

interface Tally {
  grapheme: string;
  phonemes: readonly string[];
  chances: string[];
  wrong: string[];
  said: Map<string, { said: readonly string[]; responses: string[] }>;
  byPosition: Record<ChangePosition, { chances: string[]; wrong: string[] }>;
}

/**
 * Counts, for every correspondence met, how often it was read as something else and out of how many
 * chances. A response of which nothing is known unit by unit (a guess, no attempt) is no chance.
 *
 * A word that holds a unit twice (`noon`) gives two chances, and the response is listed twice.
 *
 * @returns rows by what most needs a look: highest low end of the interval first, then most chances
 */
export function substitutionTable(items: readonly EvidenceItem[]): SubstitutionRow[] {
  const tallies = new Map<string, Tally>();
  for (const { responseId, target, verdict } of items)
    target.units.forEach((unit, k) => {
      const judged = verdict.units[k];
      // Two that changed places were both there: it tells nothing of either.
      if (!judged || judged.result === "not-known" || judged.result === "transposition") return;
      const id = gpcId(unit.grapheme, unit.phonemes);
      const tally = tallies.get(id) ?? newTally(unit.grapheme, unit.phonemes);
      tallies.set(id, tally);
      const place = tally.byPosition[positionOf(target, k)];
      tally.chances.push(responseId);
      place.chances.push(responseId);
      // Another spelling of the sound is no other sound.
      if (judged.result === "right" || judged.result === "other-spelling") return;
      tally.wrong.push(responseId);
      place.wrong.push(responseId);
      const key = judged.said.join("+");
      const { responses = [] } = tally.said.get(key) ?? {};
      tally.said.set(key, { said: judged.said, responses: [...responses, responseId] });
    });
  return [...tallies]
    .map(
      ([gpc, tally]): SubstitutionRow => ({
        gpc,
        grapheme: tally.grapheme,
        phonemes: tally.phonemes,
        chances: tally.chances,
        wrong: tally.wrong,
        interval: wilsonInterval(tally.wrong.length, tally.chances.length),
        substitutions: [...tally.said]
          .sort(([a, one], [b, other]) => other.responses.length - one.responses.length || (a < b ? -1 : 1))
          .map(([, substitution]) => substitution),
        byPosition: tally.byPosition,
      }),
    )
    .sort((a, b) => b.interval.low - a.interval.low || b.chances.length - a.chances.length || (a.gpc < b.gpc ? -1 : 1));
}

function newTally(grapheme: string, phonemes: readonly string[]): Tally {
  const byPosition = Object.fromEntries(
    CHANGE_POSITIONS.map((position) => [position, { chances: [], wrong: [] }]),
  ) as unknown as Tally["byPosition"];
  return { grapheme, phonemes, chances: [], wrong: [], said: new Map(), byPosition };
}

/** A pair is called a pattern only when the interval's low end is above this and there were enough chances. */
export const PATTERN_RULE = { lowEnd: 0.15, chances: 3 } as const;

/** True when a row's errors are more than chance substitutions: the rule above, on the commonest substitution. */
export function isPattern(row: SubstitutionRow): boolean {
  const top = row.substitutions[0];
  if (!top || row.chances.length < PATTERN_RULE.chances) return false;
  return wilsonInterval(top.responses.length, row.chances.length).low > PATTERN_RULE.lowEnd;
}
