import {
  CLASSIFIER_VERSION,
  cardReading,
  classifyMarked,
  GENERAL_AMERICAN,
  gpcId,
  keyOfGpc,
  type Segmentation,
  seededRandom,
  sequenceById,
  simulateReading,
  writeReading,
} from "../../core/index.ts";
import type { AnyId, ChainId, GroupId, LearnerId, ResponseId, SessionId } from "../../schemas/ids.ts";
import { chainTitle } from "../chains/chains.ts";
import type { Database, Queryable } from "../db/database.ts";
import { chains, groups, learners, memberships, responses, sessions, sessionWords } from "../db/schema.ts";
import { FIRST_PLACE } from "../plans/lesson-types.ts";
import { layOut } from "../sessions/lesson-run.ts";
import { askWords } from "../words/pool.ts";
import { type DemoGroup, type DemoLearner, type DemoWeek, READING_ROOM } from "./reading-room.ts";

const SEED = 20261124;
const CARDS = 9;
const SECONDS_A_WORD = 30;
const SECONDS_A_CARD = 8;
const RESPONSES_AT_ONCE = 1000;
/** How often a card goes wrong: one of a sound that a learner substitutes, any other. */
const [CARD_SUBSTITUTED, CARD_MISTAKEN] = [0.3, 0.03];
const DAY = 24 * 60 * 60 * 1000;
const MINUTE = 60 * 1000;

/** An id in the form of a random UUID, from the seed: the demo is the same wherever it is planted. */
function seededId<Id extends AnyId>(random: () => number): Id {
  const hex = Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16));
  hex[12] = "4";
  hex[16] = "89ab"[Math.floor(random() * 4)] as string;
  return hex.join("").replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, "$1-$2-$3-$4-$5") as Id;
}

/** The rows of the demo, table by table. */
export interface DemoRows {
  readonly groups: (typeof groups.$inferInsert)[];
  readonly learners: (typeof learners.$inferInsert)[];
  readonly memberships: (typeof memberships.$inferInsert)[];
  readonly chains: (typeof chains.$inferInsert)[];
  readonly sessions: (typeof sessions.$inferInsert)[];
  readonly sessionWords: (typeof sessionWords.$inferInsert)[];
  readonly responses: (typeof responses.$inferInsert)[];
}

/**
 * Makes the reading room: three groups, ten learners, up to eight weeks of taught chains with every reading marked; stores
 * nothing.
 *
 * @param now the lessons fall on the Mondays, Wednesdays and Fridays of the weeks before this one
 */
export async function makeDemo(now: Date): Promise<DemoRows> {
  const rows: DemoRows = {
    groups: [],
    learners: [],
    memberships: [],
    chains: [],
    sessions: [],
    sessionWords: [],
    responses: [],
  };
  const random = seededRandom(SEED);
  for (const group of READING_ROOM) await makeGroup(rows, group, now, random);
  return rows;
}

/** Stores the reading room. Belongs into a transaction. */
export async function plantRows(db: Queryable, rows: DemoRows): Promise<void> {
  await db.insert(groups).values(rows.groups);
  await db.insert(learners).values(rows.learners);
  await db.insert(memberships).values(rows.memberships);
  await db.insert(chains).values(rows.chains);
  await db.insert(sessions).values(rows.sessions);
  await db.insert(sessionWords).values(rows.sessionWords);
  // A statement takes 65,535 values at most.
  for (let k = 0; k < rows.responses.length; k += RESPONSES_AT_ONCE)
    await db.insert(responses).values(rows.responses.slice(k, k + RESPONSES_AT_ONCE));
}

/** Plants the reading room in a folder that holds no group yet; does nothing in any other. */
export async function plantDemo(db: Database, now: Date): Promise<void> {
  const [existing] = await db.select({ id: groups.id }).from(groups).limit(1);
  if (existing) return;
  const rows = await makeDemo(now);
  await db.transaction((tx) => plantRows(tx, rows));
}

async function makeGroup(rows: DemoRows, group: DemoGroup, now: Date, random: () => number): Promise<void> {
  const groupId = seededId<GroupId>(random);
  const { name, sequenceId, step } = group;
  rows.groups.push({ id: groupId, name, sequenceId, step, isDemo: true });
  const members = group.learners.map((learner) => ({ ...learner, id: seededId<LearnerId>(random) }));
  rows.learners.push(...members.map(({ id, nickname }) => ({ id, nickname })));
  rows.memberships.push(...members.map(({ id }, seat) => ({ groupId, learnerId: id, seat })));
  const luck = seededRandom(SEED + group.name.length);
  const readings = await askWords("readChains", group.weeks.flatMap(wordsOfWeek));
  for (const [week, lesson] of group.weeks.entries())
    for (const [k, words] of wordsOfWeek(lesson).entries()) {
      const sinceMonday = (now.getUTCDay() + 6) % 7;
      const daysAgo = sinceMonday + (group.weeks.length - week) * 7 - k * 2;
      const at = new Date(now.getTime() - daysAgo * DAY);
      at.setUTCHours(10, 0, 0, 0);
      const targets = (readings.shift() ?? []).filter((target) => target !== undefined);
      if (targets.length < words.length) throw new Error(`The demo has a word that cannot be read: ${words.join(" ")}`);
      makeLesson(rows, { groupId, group, members: inWeek(members, week), lesson, words, targets, at, random, luck });
    }
}

const wordsOfWeek = ({ chains: lines }: DemoWeek): string[][] => lines.map((line) => line.split(" "));

type Member = DemoLearner & { readonly id: LearnerId };

/** Learners as they read in a week: what was gone later was still there in the first ones. */
const inWeek = (members: readonly Member[], week: number): Member[] =>
  members.map((member) => {
    const share = member.gone?.shares[week] ?? 0;
    return member.gone && share > 0
      ? { ...member, substitutions: [...member.substitutions, { ...member.gone, share }] }
      : member;
  });

interface LessonToMake {
  readonly groupId: GroupId;
  readonly group: DemoGroup;
  readonly members: readonly Member[];
  readonly lesson: DemoWeek;
  readonly words: readonly string[];
  /** A reading for each word. */
  readonly targets: readonly Segmentation[];
  readonly at: Date;
  readonly random: () => number;
  /** For the cards, so that they do not change what comes after them. */
  readonly luck: () => number;
}

function makeLesson(rows: DemoRows, planting: LessonToMake): void {
  const { lesson, words, random } = planting;
  const aim = { focus: lesson.focus, contrasts: lesson.contrasts };
  const chainId = seededId<ChainId>(random);
  const sessionId = seededId<SessionId>(random);
  const title = chainTitle(words);
  const stamp = { createdAt: planting.at, updatedAt: planting.at };
  const cards = cardsOf(planting.group, lesson.step);
  const chainPart = {
    id: chainId,
    kind: "chain" as const,
    title,
    content: { kind: "read-chain" as const, words },
  };
  const cardPart = {
    id: seededId<AnyId>(planting.luck),
    kind: "sound-cards" as const,
    title: "",
    content: { kind: "sound-cards" as const, gpcs: cards },
  };
  const planned = { ifTime: false, heldBack: false };
  const run = layOut(
    [
      { ...chainPart, ...planned, minutes: 4 },
      { ...cardPart, ...planned, minutes: 2 },
    ],
    GENERAL_AMERICAN,
  );
  const place = {
    ...FIRST_PLACE,
    activity: 1,
    item: cards.length - 1,
    seconds: { [chainId]: words.length * SECONDS_A_WORD, [cardPart.id]: cards.length * SECONDS_A_CARD },
  };
  rows.chains.push({ id: chainId, groupId: planting.groupId, title, words, aim, ...stamp });
  rows.sessions.push({
    id: sessionId,
    groupId: planting.groupId,
    chainId,
    title,
    aim,
    run: { minutes: null, activities: run.activities },
    place,
    startedAt: planting.at,
    endedAt: new Date(planting.at.getTime() + 9 * MINUTE),
    ...stamp,
  });
  rows.sessionWords.push(...run.words.map((word, number) => ({ sessionId, number, word })));
  const read = planting.targets.flatMap((target, wordIndex) =>
    planting.members.map((member, seat) => {
      const answer = simulateReading(member, target, random);
      const at = new Date(planting.at.getTime() + wordIndex * MINUTE + seat * 12_000);
      return {
        id: seededId<ResponseId>(random),
        sessionId,
        learnerId: member.id,
        wordIndex,
        word: target.word,
        target: writeReading(target),
        mode: "read" as const,
        answer,
        verdict: classifyMarked(target, answer),
        standing: true,
        classifier: CLASSIFIER_VERSION,
        at,
        createdAt: at,
        updatedAt: at,
      };
    }),
  );
  rows.responses.push(...read, ...cardRows(planting, sessionId, cards));
}

/** The newest sounds at a step: their cards are looked at in the lesson. */
function cardsOf(group: DemoGroup, step: number): string[] {
  const sequence = sequenceById(group.sequenceId);
  const steps = sequence?.steps.filter(({ number }) => number <= step).reverse() ?? [];
  return steps.flatMap(({ gpcs }) => gpcs.map(({ grapheme, phonemes }) => gpcId(grapheme, phonemes))).slice(0, CARDS);
}

/** What each learner said to the cards: a substitution of theirs shows here too, and now and then a mistake. */
function cardRows(planting: LessonToMake, sessionId: SessionId, cards: readonly string[]) {
  return cards.flatMap((card, k) =>
    planting.members.map((member, seat) => {
      const target = cardReading(card);
      const isSubstituted = member.substitutions.some(({ gpc }) => keyOfGpc(gpc) === keyOfGpc(card));
      const outcome = planting.luck() < (isSubstituted ? CARD_SUBSTITUTED : CARD_MISTAKEN) ? "wrong" : "right";
      const answer = { outcome, substitutions: [] } as const;
      const at = new Date(
        planting.at.getTime() + planting.words.length * MINUTE + k * SECONDS_A_CARD * 1000 + seat * 1000,
      );
      return {
        id: seededId<ResponseId>(planting.luck),
        sessionId,
        learnerId: member.id,
        wordIndex: planting.words.length + k,
        word: target.word,
        target: writeReading(target),
        mode: "card" as const,
        answer,
        verdict: classifyMarked(target, answer),
        standing: true,
        classifier: CLASSIFIER_VERSION,
        at,
        createdAt: at,
        updatedAt: at,
      };
    }),
  );
}
