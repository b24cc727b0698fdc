import {
  MODES,
  OUTCOME_DEFINITIONS,
  type ProbeBelief,
  type ProbeWord,
  probeBeliefs,
  probeQuestions,
  taughtGpcs,
  taughtOf,
  type UnitCount,
  unitCounts,
} from "../../core/index.ts";
import type { GroupId, LearnerId, SessionId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { judgedAgainst } from "../evidence/read-records.ts";
import { sessionAnswers } from "../evidence/responses.ts";
import { unitCountsOf } from "../evidence/totals.ts";
import { groupScope, scopeOfGroup } from "../groups/group-scope.ts";
import { getGroup } from "../groups/groups.ts";
import { AppError, notFound } from "../http/errors.ts";
import type { Probe } from "../plans/lesson-types.ts";
import { askWords } from "../words/pool.ts";
import { getSession } from "./sessions.ts";

/** What a probe is begun with. */
export interface ProbeToBegin {
  readonly probe: Probe;
  readonly word: string;
}

/**
 * What a learner is to be asked, and the first word.
 *
 * @throws AppError "not-found" (group, learner), "invalid" where too little has been taught
 */
export async function probeToBegin(
  db: Queryable,
  { groupId, learnerId }: { readonly groupId: GroupId; readonly learnerId: LearnerId },
): Promise<ProbeToBegin> {
  const group = await getGroup(db, groupId);
  if (!group.learners.some(({ id }) => id === learnerId)) throw notFound("learner of this group");
  const scope = await groupScope(db, group);
  const counts = await unitCountsOf(db, { groupId, learnerId }, ["read"]);
  const taught = taughtOf(scope);
  const questions = probeQuestions(counts, taught, taughtGpcs(scope));
  const asked = new Set(questions.map(({ gpc }) => gpc));
  const record = counts
    .filter(({ gpc }) => asked.has(gpc))
    .map(({ gpc, position, said, count }) => ({ gpc, position, said, count }));
  const { never, allowLists } = scope.school;
  const next = await askWords("nextProbe", {
    ...{ taught, never, allowLists, questions, record },
    ...{ asked: [], answers: [] },
  });
  if (!next)
    throw new AppError("invalid", "Too little has been taught for a probe yet.", [
      { field: "groupId", message: "teach two sounds that are easily taken for each other first" },
    ]);
  return { probe: { questions, record }, word: next.word };
}

/** How far a probe has come. */
export interface ProbeSoFar {
  readonly beliefs: readonly ProbeBelief[];
  /** What comes after the last word; undefined when all is settled, or no word is left that would tell anything. */
  readonly next: ProbeWord | undefined;
}

/** What a probe has found so far, and its next word. @throws AppError "not-found", "invalid" where the lesson is no probe */
export async function probeSoFar(db: Queryable, sessionId: SessionId): Promise<ProbeSoFar> {
  const session = await getSession(db, sessionId);
  const { probe } = session.run;
  if (!probe) throw new AppError("invalid", "This lesson is no probe.", []);
  const answers: UnitCount[] = (await sessionAnswers(db, sessionId)).flatMap((row) => {
    // What all said together is nobody's answer.
    const isOwn =
      MODES[row.mode]?.countedAs === "read" && OUTCOME_DEFINITIONS[row.answer.outcome].countsAs !== "together";
    const target = isOwn ? judgedAgainst(row) : undefined;
    return target ? unitCounts({ target: target.reading, verdict: row.verdict }) : [];
  });
  const scope = await scopeOfGroup(db, session.groupId);
  const { never, allowLists } = scope.school;
  const request = {
    ...{ taught: taughtOf(scope), never, allowLists },
    ...{ questions: probe.questions, record: probe.record },
    ...{ asked: session.words, answers },
  };
  return { beliefs: probeBeliefs(request), next: await askWords("nextProbe", request) };
}
