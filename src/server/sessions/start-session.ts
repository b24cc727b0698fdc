import { randomUUID } from "node:crypto";
import {
  type ActivityContent,
  itemsOfSet,
  minutesFor,
  seededRandom,
  shuffled,
  stopsLesson,
  withoutWords,
  wordsOfContent,
  wordsShownIn,
} from "../../core/index.ts";
import type { ChainId, GroupId, LearnerId, SessionId, SetId } from "../../schemas/ids.ts";
import type { NewSessionInput } from "../../schemas/sessions.ts";
import { getChain } from "../chains/chains.ts";
import type { Queryable } from "../db/database.ts";
import { newId } from "../db/new-id.ts";
import { sessions } from "../db/schema.ts";
import { groupScope } from "../groups/group-scope.ts";
import { getGroup } from "../groups/groups.ts";
import { packsOf } from "../groups/packs-page.ts";
import { AppError, notFound } from "../http/errors.ts";
import { type Material, materialOf, materialOfChain, materialOfSet } from "../plans/activity-material.ts";
import { faultText } from "../plans/fault-text.ts";
import { type Aim, FIRST_PLACE, type PlanActivity, type Probe, type RunActivity } from "../plans/lesson-types.ts";
import { faultsIn } from "../plans/plan-check.ts";
import { getPlan } from "../plans/plans.ts";
import { getSchool } from "../school/school.ts";
import { getSet, unfitWords } from "../sets/word-sets.ts";
import { layOut } from "./lesson-run.ts";
import { type ProbeToBegin, probeToBegin } from "./probe.ts";
import { addSessionWords, getSession, type Session } from "./sessions.ts";

/** As long as one learner reads single words gladly. Common practice, no source. */
const PROBE_MINUTES = 3;

/** Starts teaching; what is taught is copied, so that later edits do not rewrite it. @throws AppError "not-found", "invalid" */
export async function startSession(
  db: Queryable,
  input: NewSessionInput,
  now: Date,
  probe?: ProbeToBegin,
): Promise<Session> {
  if ("chainId" in input) return startChain(db, input.chainId, now);
  if ("setId" in input) return startSet(db, input.setId, now);
  if ("words" in input) return startWords(db, input, now);
  if ("pack" in input) return startPack(db, input, now);
  if ("probe" in input) return startProbe(db, input, probe, now);
  if ("lesson" in input) return startLesson(db, input.groupId, now);
  return startActivity(db, input, now);
}

async function startChain(db: Queryable, chainId: ChainId, now: Date): Promise<Session> {
  const chain = await getChain(db, chainId);
  const activity = {
    id: chain.id,
    kind: "chain" as const,
    title: chain.title,
    ...(await materialOfChain(db, chain)),
    minutes: minutesFor("chain", chain.words.length),
    ifTime: false,
    heldBack: false,
  };
  return begin(
    db,
    { groupId: chain.groupId, chainId, title: chain.title, aim: chain.aim, activities: [activity] },
    now,
  );
}

async function startSet(db: Queryable, setId: SetId, now: Date): Promise<Session> {
  const set = await getSet(db, setId);
  const material = materialOfSet(set.content);
  const activity = {
    id: set.id,
    kind: set.kind,
    title: set.title,
    ...material,
    minutes: minutesFor(set.kind, itemsOfSet(set.content)),
    ifTime: false,
    heldBack: false,
  };
  return begin(db, { groupId: set.groupId, title: set.title, activities: [activity] }, now);
}

/** Words in a row: what was printed, and is marked from paper. */
async function startWords(
  db: Queryable,
  { groupId, words, title }: Extract<NewSessionInput, { readonly words: unknown }>,
  now: Date,
): Promise<Session> {
  await getGroup(db, groupId);
  const activity = {
    id: randomUUID(),
    kind: "word-list" as const,
    title: "",
    content: { kind: "word-list" as const, words },
    minutes: minutesFor("word-list", words.length),
    ifTime: false,
    heldBack: false,
  };
  const named = words.length > 1 ? `${words[0]} to ${words.at(-1)}` : (words[0] as string);
  return begin(db, { groupId, title: title ?? named, activities: [activity] }, now);
}

/** One activity of the plan, on its own. */
async function startActivity(
  db: Queryable,
  { groupId, activityId }: { readonly groupId: GroupId; readonly activityId: string },
  now: Date,
): Promise<Session> {
  const { activities } = await getPlan(db, groupId);
  const found = activities.find(({ id }) => id === activityId);
  if (!found) throw notFound("activity of this plan");
  const activity = await toRun(db, found);
  const words = wordsOfContent(activity.content);
  const named = words.length > 1 ? `${words[0]} to ${words.at(-1)}` : activity.title;
  const title = activity.heldBack ? `Kept back: ${words.join(", ")}` : activity.title || named || "One activity";
  return begin(db, { groupId, title, aim: aimOf([activity]), activities: [activity] }, now);
}

/** What the activities are about, as far as they say: the new sound, and what is looked for in a text. */
function aimOf(activities: readonly NewActivity[]): Aim {
  const focus = activities.flatMap(({ content }) =>
    content.kind === "new-sound" ? [content.gpc] : content.kind === "text" ? content.targets : [],
  );
  return { focus: [...new Set(focus)], contrasts: [] };
}

/** The whole of the group's next lesson. */
async function startLesson(db: Queryable, groupId: GroupId, now: Date): Promise<Session> {
  const plan = await getPlan(db, groupId);
  if (plan.activities.length === 0)
    throw new AppError("invalid", "There is nothing in the lesson yet.", [
      { field: "groupId", message: "draft the lesson on the Plan page, or put a chain or a set into it" },
    ]);
  const activities = await Promise.all(plan.activities.map((activity) => toRun(db, activity)));
  // What is only done if there is time comes last.
  const inOrder = [...activities.filter(({ ifTime }) => !ifTime), ...activities.filter(({ ifTime }) => ifTime)];
  const chain = inOrder.find(({ content }) => content.kind === "read-chain" || content.kind === "word-list");
  const words = chain ? wordsOfContent(chain.content) : [];
  const title = words.length > 1 ? `Lesson: ${words[0]} to ${words.at(-1)}` : "Lesson";
  return begin(db, { groupId, title, aim: aimOf(inOrder), activities: inOrder, minutes: plan.minutes }, now);
}

/** One learner's cards: those at hand, and those that are due to be looked at again. */
async function startPack(
  db: Queryable,
  { groupId, learnerId, pack }: { groupId: GroupId; learnerId: LearnerId; pack: "sounds" | "words" },
  now: Date,
): Promise<Session> {
  const group = await getGroup(db, groupId);
  const packs = (await packsOf(db, group, await groupScope(db, group), now)).find(
    ({ learner }) => learner.id === learnerId,
  );
  if (!packs) throw notFound("learner of this group");
  const cards = shuffled([...packs[pack].due, ...packs[pack].pack], seededRandom(now.getTime()));
  if (cards.length === 0)
    throw new AppError("invalid", "There is no card in this pack.", [
      { field: "pack", message: "everything taught is known; cards come back when they are due" },
    ]);
  const content: ActivityContent =
    pack === "sounds" ? { kind: "sound-cards", gpcs: cards } : { kind: "irregular-words", words: cards };
  const activity = {
    id: randomUUID(),
    kind: content.kind,
    title: "",
    content,
    minutes: minutesFor(content.kind, cards.length),
    ifTime: false,
    heldBack: false,
    settings: { ...(await getSchool(db)).practice, turns: "your-turn" as const },
  };
  // No nickname in a title: it would outlive the learner's own rows, and stand in the learners' window.
  const title = pack === "sounds" ? "Sound cards" : "Words learnt whole";
  return begin(db, { groupId, learnerId, title, activities: [activity] }, now);
}

/** One learner is asked word by word, each chosen by the answers before it. */
async function startProbe(
  db: Queryable,
  { groupId, learnerId }: { readonly groupId: GroupId; readonly learnerId: LearnerId },
  begun: ProbeToBegin | undefined,
  now: Date,
): Promise<Session> {
  const { probe, word } = begun ?? (await probeToBegin(db, { groupId, learnerId }));
  const activity = {
    id: randomUUID(),
    kind: "word-list" as const,
    title: "",
    content: { kind: "word-list" as const, words: [word] },
    minutes: PROBE_MINUTES,
    ifTime: false,
    heldBack: false,
    // Nobody reads it before, and nobody reads it along.
    settings: { ...(await getSchool(db)).practice, support: "at-sight" as const, turns: "your-turn" as const },
  };
  return begin(db, { groupId, learnerId, title: "Probe", activities: [activity], minutes: PROBE_MINUTES, probe }, now);
}

type NewActivity = Omit<RunActivity, "targets" | "content"> & Material;

async function toRun(db: Queryable, activity: PlanActivity): Promise<NewActivity> {
  const { id, kind, title, minutes, ifTime, heldBack, settings } = activity;
  return { id, kind, title, minutes, ifTime, heldBack, settings, ...(await materialOf(db, activity)) };
}

interface Beginning {
  readonly groupId: GroupId;
  readonly chainId?: ChainId;
  readonly title: string;
  readonly aim?: Aim;
  readonly activities: readonly NewActivity[];
  readonly minutes?: number;
  /** For one learner alone. */
  readonly learnerId?: LearnerId;
  readonly probe?: Probe;
}

async function begin(db: Queryable, beginning: Beginning, now: Date): Promise<Session> {
  const { groupId, chainId, title, aim, minutes, learnerId, probe } = beginning;
  await refuseUnfit(db, groupId, beginning.activities);
  const school = await getSchool(db);
  const all = beginning.activities.map(({ content }) => content);
  // A word that the school has put away since it was planned does not come up in front of children.
  const keptOut = new Set(unfitWords(all.flatMap(wordsShownIn), school));
  const activities = beginning.activities.flatMap(({ teacherMade: _, ...activity }) => {
    const content = keptOut.size > 0 ? withoutWords(activity.content, keptOut) : activity.content;
    return content ? [{ ...activity, content }] : [];
  });
  if (activities.length === 0)
    throw new AppError("invalid", "Every word of it is now kept out of this school.", [
      { field: "words", message: "choose other words, or look at the school's own list of words to keep out" },
    ]);
  const run = layOut(activities, school.accent);
  const id = newId<SessionId>();
  await db.insert(sessions).values({
    id,
    groupId,
    ...(chainId !== undefined && { chainId }),
    title: title.slice(0, 120),
    aim: aim ?? { focus: [], contrasts: [] },
    run: {
      minutes: minutes ?? null,
      activities: run.activities,
      ...(learnerId !== undefined && { learnerId }),
      ...(probe && { probe }),
    },
    place: FIRST_PLACE,
    startedAt: now,
  });
  await addSessionWords(db, id, run.words, 0);
  return getSession(db, id);
}

/**
 * What has not been taught is not begun, nor a chain with a step of two changes, whoever asks.
 *
 * @throws AppError "invalid" with what stands against it
 */
async function refuseUnfit(db: Queryable, groupId: GroupId, activities: readonly NewActivity[]): Promise<void> {
  const against = (await faultsIn(db, groupId, activities)).filter(stopsLesson);
  if (against.length === 0) return;
  const said = [...new Set(against.map(faultText))].join("; ");
  throw new AppError("invalid", `This does not fit the group now: ${said}.`, [
    { field: "words", message: "take out or change what is marked on the bench or the Plan page" },
  ]);
}
