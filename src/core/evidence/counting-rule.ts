import { OUTCOME_DEFINITIONS, type Outcome } from "../responses/outcomes.ts";
import { MODES, type ResponseMode } from "../responses/response-modes.ts";

/** What of the answers counts as evidence: a choice of the school's. */
export interface CountingRule {
  /** A word that was right only after it was tapped counts as right; otherwise it is left out. */
  readonly tappedCounts: boolean;
  /** A word that comes again in one lesson counts each time; otherwise its first answer does. */
  readonly everyRepeatCounts: boolean;
  /** A lesson in which a learner had more wrong than right counts; otherwise all of it is left out. */
  readonly badLessonsCount: boolean;
}

/** Everything a learner did alone counts. */
export const DEFAULT_COUNTING: CountingRule = {
  tappedCounts: true,
  everyRepeatCounts: true,
  badLessonsCount: true,
};

/** Fewer answers do not make a lesson that went badly. Common practice, no source. */
const LEAST_ANSWERS = 6;

/** An answer as the rule looks at it. */
export interface AnswerToCount {
  readonly learnerId: string;
  /** The lesson it was given in. */
  readonly sessionId: string;
  readonly mode: ResponseMode;
  readonly word: string;
  readonly answer: { readonly outcome: Outcome };
}

/** Whether the rule can be applied to an answer without looking at the others of its lesson. */
export const looksAtOneAnswer = (rule: CountingRule): boolean => rule.everyRepeatCounts && rule.badLessonsCount;

/** Whether an answer counts by what it is itself. */
export const countsByItself = ({ answer }: Pick<AnswerToCount, "answer">, rule: CountingRule): boolean =>
  rule.tappedCounts || !OUTCOME_DEFINITIONS[answer.outcome].needsTaps;

/**
 * Those answers that count by the rule, in the order given.
 *
 * @param answers of whole lessons, those of a lesson in the order in which they were given
 */
export function answersThatCount<Answer extends AnswerToCount>(
  answers: readonly Answer[],
  rule: CountingRule,
): readonly Answer[] {
  const bad = rule.badLessonsCount ? new Set<string>() : badLessons(answers);
  const met = new Set<string>();
  return answers.filter((answer) => {
    if (bad.has(lessonOf(answer))) return false;
    if (!rule.everyRepeatCounts && isAlone(answer)) {
      const same = `${lessonOf(answer)} ${answer.mode} ${answer.word}`;
      if (met.has(same)) return false;
      met.add(same);
    }
    return countsByItself(answer, rule);
  });
}

const isAlone = ({ answer }: AnswerToCount): boolean => OUTCOME_DEFINITIONS[answer.outcome].countsAs !== "together";

/** A lesson of one learner, in one way of working. */
const lessonOf = ({ learnerId, sessionId, mode }: AnswerToCount): string =>
  `${learnerId} ${sessionId} ${MODES[mode].countedAs ?? mode}`;

function badLessons(answers: readonly AnswerToCount[]): Set<string> {
  const lessons = new Map<string, { all: number; wrong: number }>();
  for (const answer of answers.filter(isAlone)) {
    const name = lessonOf(answer);
    const lesson = lessons.get(name) ?? { all: 0, wrong: 0 };
    lessons.set(name, lesson);
    lesson.all++;
    if (OUTCOME_DEFINITIONS[answer.answer.outcome].countsAs === "not-right") lesson.wrong++;
  }
  const isBad = ({ all, wrong }: { all: number; wrong: number }) => all >= LEAST_ANSWERS && wrong > all - wrong;
  return new Set([...lessons].filter(([, lesson]) => isBad(lesson)).map(([name]) => name));
}
