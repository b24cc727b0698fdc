import type { RawAnswer, ResponseMode } from "../../../core/light.ts";
import type { SentResponse } from "../../../schemas/responses.ts";
import type { StoredResponse } from "../../../server/evidence/responses.ts";

/** One learner's mark on one word. "waiting" until the server says that it is stored. */
export interface Mark {
  readonly id: string;
  readonly learnerId: string;
  readonly wordIndex: number;
  /** What stands at that place of the session on this page; the server refuses a mark for another word. */
  readonly target?: string;
  readonly mode: ResponseMode;
  readonly answer: RawAnswer;
  readonly state: "waiting" | "stored";
  /** The same for all that were made by one press, on this page. */
  readonly press?: string;
}

/** Marks by learner and word. */
export type Marks = ReadonlyMap<string, Mark>;

/** Key of a learner's mark on a word of an activity. @param wordIndex place of the word in its activity, from 0 */
export const markKey = (learnerId: string, wordIndex: number) => `${learnerId} ${wordIndex}`;

/** The marks that a page starts with: what the database holds. */
export function marksFrom(responses: readonly StoredResponse[]): Marks {
  return new Map(
    responses.map((r) => [
      markKey(r.learnerId, r.wordIndex),
      {
        id: r.id,
        learnerId: r.learnerId,
        wordIndex: r.wordIndex,
        mode: r.mode,
        answer: r.answer,
        state: "stored" as const,
      },
    ]),
  );
}

/** The request for a new mark, or for taking one back. */
export function responseOf(
  mark: Omit<Mark, "state">,
  sending: {
    readonly sessionId: string;
    readonly supersedes: string | null;
    readonly withdrawn?: boolean;
    readonly at: Date;
  },
): SentResponse {
  return {
    id: mark.id,
    sessionId: sending.sessionId,
    learnerId: mark.learnerId,
    wordIndex: mark.wordIndex,
    ...(mark.target !== undefined && { word: mark.target }),
    mode: mark.mode,
    answer: {
      outcome: mark.answer.outcome,
      substitutions: mark.answer.substitutions.map((s) => ({ unit: s.unit, said: [...s.said] })),
      ...(mark.answer.typed !== undefined && { typed: mark.answer.typed }),
      ...(mark.answer.built && { built: mark.answer.built.map((attempt) => [...attempt]) }),
    },
    supersedes: sending.supersedes,
    withdrawn: sending.withdrawn ?? false,
    at: sending.at.toISOString(),
  };
}

/**
 * The answer of a wrong reading with one more substitution named: it joins those named before for this reading.
 *
 * @param unit index of the unit in the word, from 0
 */
export function answerWithSubstitution(old: RawAnswer | undefined, unit: number, said: readonly string[]): RawAnswer {
  const others = old?.outcome === "wrong" ? old.substitutions.filter((one) => one.unit !== unit) : [];
  return { outcome: "wrong", substitutions: [...others, { unit, said: [...said] }] };
}
