import { dueOn, type MasteryRule, type MasteryState, masteryAfter, NOT_BEGUN } from "./mastery.ts";

/** One answer to one correspondence. */
export interface UnitAnswer {
  readonly gpc: string;
  readonly word: string;
  /** The lesson it was given in: the same word again in it is no answer of its own. */
  readonly sitting: string;
  readonly right: boolean;
  /** ISO date and time. */
  readonly at: string;
  /** ISO date where the school is. */
  readonly day: string;
}

/** Known and resting; known and due to be looked at again; met and not known yet; not met in the answers looked at. */
export type MasteryLevel = "secure" | "due" | "working" | "not-met";

/** Where a learner stands with one correspondence. */
export interface UnitMastery {
  readonly gpc: string;
  readonly state: MasteryLevel;
  /** Right of the last answers that the rule looks at. */
  readonly right: number;
  readonly of: number;
  /** It was known before, and was wrong again. */
  readonly cameBack: boolean;
  /** The day on which it is looked at again; undefined unless it is known. */
  readonly dueOn: string | undefined;
}

/** Where a learner stands with everything that was taught, and whether the next step may come. */
export interface Assessment {
  /** In the order in which it was taught. */
  readonly units: readonly UnitMastery[];
  /** What the newest of it says of the next step; undefined where too little of it was met. */
  readonly advice: "move-on" | "hold" | undefined;
  /** Of the newest, those that hold it up. */
  readonly holding: readonly string[];
}

/** The newest correspondences decide about the next step. Common practice, no source. */
const NEWEST = 6;
/** So many of them have to have been met before anything is said. */
const LEAST_MET = 3;
/** So large a share of them must be known, or nearly. Common practice, no source. */
const READY_SHARE = 0.8;
/** Nearly: this share right, of at least so many answers. */
const NEARLY = { share: 0.8, of: 4 } as const;

/**
 * Where a learner stands by the rule of mastery, over independent answers: of a word that comes again in one sitting the
 * first answer counts.
 *
 * @param answers in any order
 * @param taught GPC ids in the order in which they were taught
 * @param on the day it is asked on, ISO date
 */
export function assess(
  answers: readonly UnitAnswer[],
  taught: readonly string[],
  rule: MasteryRule,
  on: string,
): Assessment {
  const states = new Map<string, MasteryState>();
  const counted = new Set<string>();
  for (const answer of [...answers].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))) {
    const { gpc, word, sitting } = answer;
    const same = `${gpc} ${word} ${sitting}`;
    if (counted.has(same)) continue;
    counted.add(same);
    states.set(gpc, masteryAfter(states.get(gpc) ?? NOT_BEGUN, answer, rule));
  }
  const units = taught.map((gpc) => masteryOf(gpc, states.get(gpc) ?? NOT_BEGUN, on));
  return { units, ...adviceOf(units.slice(-NEWEST)) };
}

function masteryOf(gpc: string, state: MasteryState, on: string): UnitMastery {
  const { window, checks, cameBack } = state;
  const due = checks === undefined ? undefined : dueOn(state);
  return {
    gpc,
    state: due === undefined ? (window.length === 0 ? "not-met" : "working") : due <= on ? "due" : "secure",
    right: window.filter(({ right }) => right).length,
    of: window.length,
    cameBack,
    dueOn: due,
  };
}

function adviceOf(newest: readonly UnitMastery[]): Pick<Assessment, "advice" | "holding"> {
  const met = newest.filter(({ state }) => state !== "not-met");
  if (met.length < Math.min(LEAST_MET, newest.length) || met.length === 0) return { advice: undefined, holding: [] };
  const holding = met.filter((one) => !isNearly(one)).map(({ gpc }) => gpc);
  const isReady = (met.length - holding.length) / met.length >= READY_SHARE;
  return { advice: isReady ? "move-on" : "hold", holding };
}

const isNearly = ({ state, right, of }: UnitMastery): boolean =>
  state === "secure" || state === "due" || (of >= NEARLY.of && right / of >= NEARLY.share);
