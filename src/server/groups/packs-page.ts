import { and, inArray, or } from "drizzle-orm";
import {
  type CardAnswer,
  type CardPack,
  cardPack,
  dayIn,
  type GroupScope,
  gpcId,
  MODES,
  OUTCOME_DEFINITIONS,
  type PackName,
  RESPONSE_MODES,
  taughtGpcs,
  taughtOf,
} from "../../core/index.ts";
import type { Queryable } from "../db/database.ts";
import { responses } from "../db/schema.ts";
import { type EvidenceResponse, readRecords } from "../evidence/read-records.ts";
import { AppError } from "../http/errors.ts";
import { getTimeZone } from "../school/installation.ts";
import { groupScope } from "./group-scope.ts";
import { type Group, type Learner, listGroups } from "./groups.ts";

/** A learner's two packs: sounds of letters (GPC ids), and words learnt whole. */
export interface LearnerPacks {
  readonly learner: Learner;
  readonly sounds: CardPack;
  readonly words: CardPack;
}

/** A moment, and where the school is: which day it is there. */
interface SchoolMoment {
  readonly now: Date;
  readonly timeZone: string;
}

const modesOf = (pack: PackName) => RESPONSE_MODES.filter((mode) => MODES[mode].pack === pack);

/** The packs of a group's learners on a day, dealt from their answers to cards and to words learnt whole. */
export async function packsOf(db: Queryable, group: Group, scope: GroupScope, now: Date): Promise<LearnerPacks[]> {
  const words = [...taughtOf(scope).words];
  const records = await readRecords(db, {
    groupId: group.id,
    which: or(
      inArray(responses.mode, modesOf("sounds")),
      words.length === 0 ? undefined : and(inArray(responses.mode, modesOf("words")), inArray(responses.word, words)),
    ),
  });
  return packsIn(records, group, scope, { now, timeZone: await getTimeZone(db) });
}

function packsIn(
  records: readonly EvidenceResponse[],
  group: Group,
  scope: GroupScope,
  { now, timeZone }: SchoolMoment,
): LearnerPacks[] {
  const { mastery, never } = scope.school;
  const sounds = taughtGpcs(scope);
  const words = [...taughtOf(scope).words].reverse().filter((word) => !never.includes(word));
  const today = dayIn(now, timeZone);
  return group.learners.map((learner) => {
    const own = records.filter(({ learnerId }) => learnerId === learner.id);
    return {
      learner,
      sounds: cardPack(
        sounds,
        own.flatMap((response) => cardAnswer("sounds", response, timeZone)),
        today,
        mastery,
      ),
      words: cardPack(
        words,
        own.flatMap((response) => cardAnswer("words", response, timeZone)),
        today,
        mastery,
      ),
    };
  });
}

/** What an answer says of a card of one of the learner's packs. */
function cardAnswer(
  pack: PackName,
  { mode, answer, target, word, at }: EvidenceResponse,
  timeZone: string,
): CardAnswer[] {
  const { isTried, isUnaided } = OUTCOME_DEFINITIONS[answer.outcome];
  if (MODES[mode].pack !== pack || !isTried) return [];
  const [unit] = target.units;
  const card = pack === "words" ? word : unit && gpcId(unit.grapheme, unit.phonemes);
  return card === undefined ? [] : [{ card, right: isUnaided, at, day: dayIn(at, timeZone) }];
}

/** Cards that most packs have, those that most learners are at first. */
export function mostWanted(packs: readonly CardPack[]): string[] {
  const times = new Map<string, number>();
  for (const { pack, due } of packs) for (const card of [...due, ...pack]) times.set(card, (times.get(card) ?? 0) + 1);
  return [...times].sort((a, b) => b[1] - a[1]).map(([card]) => card);
}

export interface PacksPage {
  readonly groups: readonly Group[];
  readonly group: Group;
  readonly packs: readonly LearnerPacks[];
}

/**
 * Gathers the Packs screen; null when there is no group yet.
 * @throws AppError "not-found" when the address names a group that does not exist
 */
export async function packsPage(db: Queryable, groupId: string | null, now: Date): Promise<PacksPage | null> {
  const groups = await listGroups(db);
  const group = groupId ? groups.find(({ id }) => id === groupId) : groups[0];
  if (groupId && !group) throw new AppError("not-found", "There is no such group.");
  if (!group) return null;
  return { groups, group, packs: await packsOf(db, group, await groupScope(db, group), now) };
}
