import { CHANGE_POSITIONS, type ChangePosition } from "../chains/moves.ts";
import { EVIDENCE_WAYS, type EvidenceWay } from "../responses/response-modes.ts";
import { chancesToSettle, likelyShare } from "../statistics/naming-power.ts";
import { isNamed } from "../statistics/naming-rule.ts";
import { type Interval, wilsonInterval } from "../statistics/wilson.ts";
import type { EvidenceCount } from "./propose-focus.ts";
import { type ChanceCount, type SubstitutionRow, substitutionTable } from "./substitution-table.ts";

/** What the records say of one substitution of one learner, in everything that a sentence about it names. */
export interface EvidenceFinding {
  readonly learnerId: string;
  readonly gpc: string;
  /** Phonemes said in its place; empty when it was left out. */
  readonly said: readonly string[];
  readonly way: EvidenceWay;
  readonly times: number;
  readonly chances: number;
  /** 95 % Wilson interval of the share. */
  readonly interval: Interval;
  /** The rule that names a pattern names it. */
  readonly isNamed: boolean;
  /** More chances that would settle it; undefined where it is named, or where no number would. */
  readonly settledAfter: number | undefined;
  /** Where it is wrong and elsewhere not; undefined where its place tells nothing. */
  readonly place: { readonly position: ChangePosition; readonly wrong: number; readonly chances: number } | undefined;
  /** The same correspondence in the other way of working; undefined where it was hardly met. */
  readonly other: OtherWay | undefined;
}

/** What the other way of working adds. */
export interface OtherWay {
  readonly way: EvidenceWay;
  readonly right: number;
  readonly chances: number;
  /**
   * It is right there ("built right, read wrong: the sound is heard, the letters are not yet seen"), wrong there too, or
   * neither can be said.
   */
  readonly tells: "right-there" | "wrong-too" | "unclear";
}

/** Made once it may be chance. */
const LEAST_TIMES = 2;
/** Fewer chances in the other way of working say nothing of it. Common practice, no source. */
const LEAST_OF_OTHER = 4;
const RIGHT_THERE = 0.8;
const WRONG_TOO = 0.3;

/**
 * Every substitution that the records show, those that the rule names first, the surest first.
 *
 * @param counts of a group's learners, or of one, in both ways of working
 */
export function evidenceFindings(counts: readonly EvidenceCount[]): EvidenceFinding[] {
  const rows = new Map<string, ReadonlyMap<string, SubstitutionRow>>();
  const learners = [...new Set(counts.map(({ learnerId }) => learnerId))];
  for (const learnerId of learners)
    for (const way of EVIDENCE_WAYS) {
      const own = counts.filter((count) => count.learnerId === learnerId && count.way === way);
      rows.set(`${learnerId} ${way}`, new Map(substitutionTable(own).map((row) => [row.gpc, row])));
    }
  const found = learners.flatMap((learnerId) =>
    EVIDENCE_WAYS.flatMap((way) => {
      const [own, others] = [rows.get(`${learnerId} ${way}`), rows.get(`${learnerId} ${OTHER_WAY[way]}`)];
      return [...(own?.values() ?? [])].flatMap((row) =>
        row.substitutions
          .filter(({ count }) => count >= LEAST_TIMES)
          .map(({ said, count }) => findingOf(learnerId, way, row, { said, times: count }, others?.get(row.gpc))),
      );
    }),
  );
  return found.sort(
    (a, b) => Number(b.isNamed) - Number(a.isNamed) || b.interval.low - a.interval.low || b.times - a.times,
  );
}

/** The way of working that a finding is set beside; what is heard has no letters to be set beside. */
const OTHER_WAY: Readonly<Record<EvidenceWay, EvidenceWay | undefined>> = {
  read: "built",
  built: "read",
  heard: undefined,
};

function findingOf(
  learnerId: string,
  way: EvidenceWay,
  row: SubstitutionRow,
  { said, times }: { readonly said: readonly string[]; readonly times: number },
  other: SubstitutionRow | undefined,
): EvidenceFinding {
  const { gpc, chances } = row;
  const named = isNamed({ times, chances });
  const otherThan = OTHER_WAY[way];
  return {
    ...{ learnerId, gpc, said, way, times, chances, isNamed: named },
    interval: wilsonInterval(times, chances),
    settledAfter: named ? undefined : chancesToSettle({ times, chances }, likelyShare({ times, chances })),
    place: placeOf(row.byPosition),
    other: otherThan && other && other.chances >= LEAST_OF_OTHER ? otherWay(otherThan, other) : undefined,
  };
}

function otherWay(way: EvidenceWay, { chances, wrong }: ChanceCount): OtherWay {
  const share = (chances - wrong) / chances;
  const tells = share >= RIGHT_THERE ? "right-there" : 1 - share >= WRONG_TOO ? "wrong-too" : "unclear";
  return { way, right: chances - wrong, chances, tells };
}

/**
 * A place that stands out: the intervals of its share and of that of all other places do not meet. A correspondence that
 * stands in one place only has none.
 */
function placeOf(byPosition: SubstitutionRow["byPosition"]): EvidenceFinding["place"] {
  for (const position of CHANGE_POSITIONS) {
    const here = byPosition[position];
    const elsewhere = CHANGE_POSITIONS.filter((one) => one !== position).map((one) => byPosition[one]);
    const wrong = elsewhere.reduce((sum, one) => sum + one.wrong, 0);
    const chances = elsewhere.reduce((sum, one) => sum + one.chances, 0);
    if (here.wrong === 0 || chances === 0) continue;
    if (wilsonInterval(here.wrong, here.chances).low > wilsonInterval(wrong, chances).high)
      return { position, ...here };
  }
  return undefined;
}
