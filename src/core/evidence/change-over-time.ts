import { lowess } from "../statistics/lowess.ts";
import type { ChanceCount } from "./substitution-table.ts";

/** What a lesson showed of one correspondence. */
export interface LessonCount extends ChanceCount {
  readonly sessionId: string;
  /** ISO date where the school is. */
  readonly day: string;
  readonly gpc: string;
}

/** One lesson on the line. */
export interface LessonPoint extends ChanceCount {
  readonly sessionId: string;
  readonly day: string;
  /** Share that was right, from 0 to 1. */
  readonly right: number;
  /**
   * The same as if the lesson's words had been as hard as the words of all lessons together, from 0 to 1: a lesson of hard
   * sounds does not look like a step back.
   */
  readonly evenly: number;
  /** The line through `evenly`, from 0 to 1; undefined where there are too few lessons for one. */
  readonly smooth: number | undefined;
}

/** Chances that a correspondence's own share is weighed against: few answers say little of how hard it is. */
const BEFORE_ANY = 4;
/** Fewer lessons are no line. */
const LEAST_LESSONS = 4;

/**
 * How the share right has changed from lesson to lesson. How hard a correspondence is, is taken from all answers to it
 * (indirect standardisation: what was wrong over what was to be expected wrong). The line is drawn by `lowess`.
 *
 * @param counts of one learner or of several, in any order
 * @param difficulty of each correspondence, counted over everybody that it is to be compared with
 * @returns one point a lesson, the oldest first
 */
export function changeOverTime(
  counts: readonly LessonCount[],
  difficulty: ReadonlyMap<string, ChanceCount>,
): LessonPoint[] {
  const overall = shareOf([...difficulty.values()]);
  const expected = (gpc: string): number => {
    const { wrong, chances } = difficulty.get(gpc) ?? { wrong: 0, chances: 0 };
    return (wrong + BEFORE_ANY * overall) / (chances + BEFORE_ANY);
  };
  const lessons = new Map<string, { day: string; chances: number; wrong: number; expected: number }>();
  for (const { sessionId, day, gpc, chances, wrong } of counts) {
    const lesson = lessons.get(sessionId) ?? { day, chances: 0, wrong: 0, expected: 0 };
    lessons.set(sessionId, lesson);
    lesson.chances += chances;
    lesson.wrong += wrong;
    lesson.expected += chances * expected(gpc);
  }
  const points = [...lessons]
    .sort(([, a], [, b]) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0))
    .map(([sessionId, { day, chances, wrong, expected: toExpect }]) => ({
      ...{ sessionId, day, chances, wrong },
      right: 1 - wrong / chances,
      evenly: toExpect === 0 ? 1 - wrong / chances : Math.max(0, 1 - (wrong / toExpect) * overall),
    }));
  const line = smoothed(points.map(({ evenly }) => evenly));
  return points.map((point, k) => ({ ...point, smooth: line?.[k] }));
}

const shareOf = (counts: readonly ChanceCount[]): number => {
  const chances = counts.reduce((sum, one) => sum + one.chances, 0);
  return chances === 0 ? 0 : counts.reduce((sum, one) => sum + one.wrong, 0) / chances;
};

/** By lesson, not by day: a holiday teaches nothing. */
function smoothed(values: readonly number[]): readonly number[] | undefined {
  if (values.length < LEAST_LESSONS) return undefined;
  const line = lowess(
    values.map((_, k) => k),
    values,
    1,
  );
  return line.map((one) => Math.min(1, Math.max(0, one)));
}
