import {
  CLASSIFIER_VERSION,
  type ClassifiedResponse,
  classifyBuilt,
  classifyMarked,
  classifyOral,
  classifyOralMark,
  classifyResponse,
  classifySentence,
  MODES,
  OUTCOME_DEFINITIONS,
  type RawAnswer,
  type ResponseMode,
  type ResponseVerdict,
  type SchoolSettings,
  type SentenceVerdict,
  taughtOf,
} from "../../core/index.ts";
import type { SessionId } from "../../schemas/ids.ts";
import type { TypedAnswerInput } from "../../schemas/responses.ts";
import type { Queryable } from "../db/database.ts";
import { scopeOfGroup } from "../groups/group-scope.ts";
import { markableTarget, type RunTarget } from "../sessions/lesson-run.ts";
import { getSession } from "../sessions/sessions.ts";

/** What an answer says of every unit of its target. @param target with what was asked for by ear, where it was */
export function verdictOf(
  { reading: target, oral }: Pick<RunTarget, "reading" | "oral">,
  mode: ResponseMode,
  answer: RawAnswer,
  { accent, sentenceRules }: Pick<SchoolSettings, "accent" | "sentenceRules">,
): ResponseVerdict {
  if (oral) return classifyOralMark(oral, answer, accent);
  if (answer.built) return classifyBuilt(target, answer.built, accent);
  const isNamed = OUTCOME_DEFINITIONS[answer.outcome].units === "as-named";
  if (MODES[mode].answersTo === "sentence") {
    const written = isNamed ? answer.typed : answer.outcome === "right" ? target.word : undefined;
    const options = { accent, rules: sentenceRules };
    const sentence = written === undefined ? undefined : classifySentence(target.word, written, options);
    return { classifier: CLASSIFIER_VERSION, outcome: answer.outcome, units: [], ...(sentence && { sentence }) };
  }
  if (answer.typed === undefined || !isNamed) return classifyMarked(target, answer, accent);
  const { units } = classifyResponse(target, answer.typed, { mode: MODES[mode].judgedAs, accent });
  return { classifier: CLASSIFIER_VERSION, outcome: answer.outcome, units };
}

/** A typed answer as it would be judged, and the graphemes it is judged against. */
export interface TypedVerdict extends ClassifiedResponse {
  readonly graphemes: readonly string[];
  /** Phoneme ids of each: what it is called by where there are no letters. */
  readonly sounds: readonly (readonly string[])[];
  /** Of a sentence: all that it shows. */
  readonly sentence?: SentenceVerdict;
}

const sentenceAsTyped = (sentence: SentenceVerdict): TypedVerdict => ({
  classifier: CLASSIFIER_VERSION,
  verdict: sentence.isRight ? "right" : "wrong",
  sureness: "sure",
  ...{ units: [], findings: [], patterns: [], others: [], graphemes: [], sounds: [] },
  sentence,
});

/**
 * Judges what a teacher is typing of an answer. Stores nothing.
 *
 * @throws AppError "not-found" (session), "invalid" (a place that cannot be marked)
 */
export async function typedVerdict(
  db: Queryable,
  sessionId: SessionId,
  input: TypedAnswerInput,
): Promise<TypedVerdict> {
  const session = await getSession(db, sessionId);
  const scope = await scopeOfGroup(db, session.groupId);
  const { accent } = scope.school;
  const found = markableTarget(session, input.wordIndex, accent);
  const words = found.activity.targets.map((at) => session.words[at ?? -1]);
  if (MODES[input.mode].answersTo === "sentence") {
    const options = { accent, rules: scope.school.sentenceRules };
    return sentenceAsTyped(classifySentence(found.reading.word, input.typed, options));
  }
  const at = found.activity.targets.indexOf(input.wordIndex);
  const neighbours = [words[at - 1], words[at + 1]].filter((word): word is string => word !== undefined);
  const options = { mode: MODES[input.mode].judgedAs, accent, neighbours, taught: taughtOf(scope) };
  return {
    ...(found.oral
      ? classifyOral(found.oral, input.typed, { accent })
      : classifyResponse(found.reading, input.typed, options)),
    graphemes: found.reading.units.map(({ grapheme }) => grapheme),
    sounds: found.reading.units.map(({ phonemes }) => phonemes),
  };
}
