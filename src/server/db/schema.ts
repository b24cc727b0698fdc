import { sql } from "drizzle-orm";
import {
  type AnyPgColumn,
  boolean,
  check,
  date,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  uuid,
} from "drizzle-orm/pg-core";
import {
  type ChainShape,
  type FilledPart,
  type LessonPart,
  type RawAnswer,
  RESPONSE_MODES,
  type ResponseMode,
  type ResponseVerdict,
  type RoutinePart,
  type SchoolSettings,
  SET_KIND_IDS,
  type SequenceStep,
  type SetContent,
  type SetKind,
  type TickTokens,
} from "../../core/light.ts";
import { shapeField } from "../../schemas/fields.ts";
import type { ChainId, GroupId, LearnerId, ResponseId, RoutineId, SessionId, SetId } from "../../schemas/ids.ts";
import { setContentField } from "../../schemas/set-content.ts";
import {
  storedActivities,
  storedAim,
  storedDayParts,
  storedPlace,
  storedRoutineParts,
  storedRun,
  storedSchool,
  storedSteps,
  storedTemplateParts,
  storedTicks,
  storedWords,
} from "../../schemas/stored.ts";
import type { Aim, LessonRun, Place, PlanActivity } from "../plans/lesson-types.ts";
import { isOneOf } from "./checks.ts";
import { parsedJson } from "./parsed-json.ts";

/** A check that columns hold something. */
const notEmpty = (...columns: readonly string[]) =>
  sql.raw(columns.map((column) => `btrim(${column}) <> ''`).join(" and "));

const id = uuid("id").primaryKey();
const stamps = {
  createdAt: timestamp("created_at", { withTimezone: true }).notNull().defaultNow(),
  updatedAt: timestamp("updated_at", { withTimezone: true }).notNull().defaultNow(),
};

/** Put away: kept out of sight, and all that belongs to it kept. */
const putAwayAt = timestamp("put_away_at", { withTimezone: true });

/** Of a learner or a group that is out of sight. */
const leaving = {
  putAwayAt,
  /** Until then an erasure can be taken back; then every row is gone. */
  eraseAt: timestamp("erase_at", { withTimezone: true }),
};

/** One row, id 1: what tells this folder's records from every other's, and where its school is. */
export const installation = pgTable(
  "installation",
  {
    id: integer("id").primaryKey(),
    workspaceId: uuid("workspace_id").notNull(),
    /** Name of the school's time zone, as IANA lists it; null until a browser has told it. */
    timeZone: text("time_zone"),
    ...stamps,
  },
  () => [check("installation_once", sql`id = 1`)],
);

/** One row, id 1: the choices of the school. No row means the defaults. */
export const workspace = pgTable("workspace", {
  id: integer("id").primaryKey(),
  school: parsedJson<SchoolSettings>("school", storedSchool).notNull(),
  ...stamps,
});

/** The school's own orders of teaching; the shipped ones are data of the program. */
export const sequences = pgTable(
  "sequences",
  {
    id,
    name: text("name").notNull(),
    steps: parsedJson<readonly SequenceStep[]>("steps", storedSteps).notNull(),
    ...stamps,
  },
  () => [check("sequences_name", notEmpty("name"))],
);

export const groups = pgTable(
  "groups",
  {
    id: id.$type<GroupId>(),
    name: text("name").notNull(),
    /** The id of a shipped sequence, or of a row of `sequences`. */
    sequenceId: text("sequence_id").notNull(),
    /** Counted from 1. */
    step: integer("step").notNull(),
    /** What the teacher ticked by hand on top of the step; null: nothing. */
    ticks: parsedJson<TickTokens>("ticks", storedTicks),
    /** Made up, with everything in it: it can be thrown away with one press. */
    isDemo: boolean("is_demo").notNull().default(false),
    /** The group whose lesson is rehearsed in this one, by made-up learners: nothing of it is listed anywhere. */
    rehearsalOf: uuid("rehearsal_of")
      .$type<GroupId>()
      .references((): AnyPgColumn => groups.id, { onDelete: "cascade" }),
    ...leaving,
    ...stamps,
  },
  () => [check("groups_texts", notEmpty("name", "sequence_id")), check("groups_step", sql`step >= 1`)],
);

/** A nickname is all that is kept of who a learner is. */
export const learners = pgTable(
  "learners",
  {
    id: id.$type<LearnerId>(),
    nickname: text("nickname").notNull(),
    /** By which way of counting this learner's counts were last made from the responses; null: not yet. */
    countedAs: text("counted_as"),
    ...leaving,
    ...stamps,
  },
  () => [check("learners_nickname", notEmpty("nickname"))],
);

export const memberships = pgTable(
  "memberships",
  {
    groupId: uuid("group_id")
      .$type<GroupId>()
      .notNull()
      .references(() => groups.id, { onDelete: "cascade" }),
    learnerId: uuid("learner_id")
      .$type<LearnerId>()
      .notNull()
      .references(() => learners.id, { onDelete: "cascade" }),
    /** Order of the names along the edge of the Teach screen. */
    seat: integer("seat").notNull(),
    ...stamps,
  },
  (table) => [primaryKey({ columns: [table.groupId, table.learnerId] }), check("memberships_seat", sql`seat >= 0`)],
);

export const chains = pgTable(
  "chains",
  {
    id: id.$type<ChainId>(),
    groupId: uuid("group_id")
      .$type<GroupId>()
      .notNull()
      .references(() => groups.id, { onDelete: "cascade" }),
    title: text("title").notNull(),
    words: parsedJson<readonly string[]>("words", storedWords).notNull(),
    aim: parsedJson<Aim>("aim", storedAim).notNull(),
    /** What was asked when it was planned; absent for chains older than this column. */
    shape: parsedJson<ChainShape>("shape", shapeField),
    putAwayAt,
    ...stamps,
  },
  (table) => [index("chains_by_group").on(table.groupId, table.updatedAt)],
);

/** Proposals of what to work on next that a teacher put off for a group: they stay off. */
export const putOff = pgTable(
  "put_off",
  {
    groupId: uuid("group_id")
      .$type<GroupId>()
      .notNull()
      .references(() => groups.id, { onDelete: "cascade" }),
    /** Id of the proposal (`core/evidence/propose-focus.ts`). */
    focusId: text("focus_id").notNull(),
    createdAt: stamps.createdAt,
  },
  (table) => [primaryKey({ columns: [table.groupId, table.focusId] }), check("put_off_focus", notEmpty("focus_id"))],
);

/** Every state in which a chain was saved: nothing that was once kept is lost by saving over it. */
export const chainVersions = pgTable(
  "chain_versions",
  {
    id,
    chainId: uuid("chain_id")
      .$type<ChainId>()
      .notNull()
      .references(() => chains.id, { onDelete: "cascade" }),
    title: text("title").notNull(),
    words: parsedJson<readonly string[]>("words", storedWords).notNull(),
    ...stamps,
  },
  (table) => [index("versions_by_chain").on(table.chainId, table.createdAt)],
);

/** Families, sorts, minimal pairs and ears-only sets, each with what was asked for, so that it can be made anew. */
export const wordSets = pgTable(
  "word_sets",
  {
    id: id.$type<SetId>(),
    groupId: uuid("group_id")
      .$type<GroupId>()
      .notNull()
      .references(() => groups.id, { onDelete: "cascade" }),
    kind: text("kind").$type<SetKind>().notNull(),
    title: text("title").notNull(),
    content: parsedJson<SetContent>("content", setContentField).notNull(),
    putAwayAt,
    ...stamps,
  },
  (table) => [
    index("word_sets_by_group").on(table.groupId, table.updatedAt),
    check("word_sets_kind", isOneOf("kind", SET_KIND_IDS)),
  ],
);

/** Ears-only work in a fixed order, filled anew every day. */
export const routines = pgTable(
  "routines",
  {
    id: id.$type<RoutineId>(),
    groupId: uuid("group_id")
      .$type<GroupId>()
      .notNull()
      .references(() => groups.id, { onDelete: "cascade" }),
    title: text("title").notNull(),
    parts: parsedJson<readonly RoutinePart[]>("parts", storedRoutineParts).notNull(),
    putAwayAt,
    ...stamps,
  },
  (table) => [
    index("routines_by_group").on(table.groupId, table.updatedAt),
    check("routines_title", notEmpty("title")),
  ],
);

/** What a routine was filled with on a day; kept, so that the next days do not repeat it. */
export const routineDays = pgTable(
  "routine_days",
  {
    id,
    routineId: uuid("routine_id")
      .$type<RoutineId>()
      .notNull()
      .references(() => routines.id, { onDelete: "cascade" }),
    day: date("day", { mode: "string" }).notNull(),
    parts: parsedJson<readonly FilledPart[]>("parts", storedDayParts).notNull(),
    ...stamps,
  },
  (table) => [uniqueIndex("routine_days_once").on(table.routineId, table.day)],
);

/** A lesson to come: activities in order, each a chain or a set of the group. */
export const plans = pgTable(
  "plans",
  {
    id,
    groupId: uuid("group_id")
      .$type<GroupId>()
      .notNull()
      .references(() => groups.id, { onDelete: "cascade" }),
    /** Minutes there are for the lesson. */
    minutes: integer("minutes").notNull(),
    activities: parsedJson<readonly PlanActivity[]>("activities", storedActivities).notNull(),
    /** Goes up by one with every change. */
    version: integer("version").notNull().default(1),
    ...stamps,
  },
  (table) => [uniqueIndex("plan_of_group").on(table.groupId), check("plans_minutes", sql`minutes between 1 and 90`)],
);

/** The workspace's own lines of activities, to be filled with the words of a day. */
export const templates = pgTable(
  "templates",
  {
    id,
    name: text("name").notNull(),
    parts: parsedJson<readonly LessonPart[]>("parts", storedTemplateParts).notNull(),
    putAwayAt,
    ...stamps,
  },
  () => [check("templates_name", notEmpty("name"))],
);

export const sessions = pgTable(
  "sessions",
  {
    id: id.$type<SessionId>(),
    groupId: uuid("group_id")
      .$type<GroupId>()
      .notNull()
      .references(() => groups.id, { onDelete: "cascade" }),
    chainId: uuid("chain_id")
      .$type<ChainId>()
      .references(() => chains.id, { onDelete: "set null" }),
    title: text("title").notNull(),
    aim: parsedJson<Aim>("aim", storedAim).notNull(),
    /** Its activities as they are taught. */
    run: parsedJson<LessonRun>("run", storedRun).notNull(),
    place: parsedJson<Place>("place", storedPlace).notNull(),
    startedAt: timestamp("started_at", { withTimezone: true }).notNull(),
    endedAt: timestamp("ended_at", { withTimezone: true }),
    ...stamps,
  },
  (table) => [index("sessions_by_group").on(table.groupId, table.startedAt)],
);

/**
 * What is answered to in a session, as it was taught: a chain edited later does not rewrite the past. A number is given
 * once, never changes and is never used again, so that a mark for it is a mark for its word.
 */
export const sessionWords = pgTable(
  "session_words",
  {
    sessionId: uuid("session_id")
      .$type<SessionId>()
      .notNull()
      .references(() => sessions.id, { onDelete: "cascade" }),
    /** From 0, in the order in which the words came in. */
    number: integer("number").notNull(),
    /** A word, or the GPC id of a card. */
    word: text("word").notNull(),
    createdAt: stamps.createdAt,
  },
  (table) => [
    primaryKey({ columns: [table.sessionId, table.number] }),
    check("session_words_number", sql`number >= 0`),
    check("session_words_word", notEmpty("word")),
  ],
);

/**
 * Append-only but for `standing`. A correction is a new row that supersedes; an undone mark is a withdrawn row that
 * supersedes. What a learner answered to a word in one way of working is a line of rows, each superseding the one
 * before; at most one of them stands, the last, unless it was withdrawn.
 */
export const responses = pgTable(
  "responses",
  {
    /** Made by the browser, so that sending twice stores once. */
    id: id.$type<ResponseId>(),
    sessionId: uuid("session_id")
      .$type<SessionId>()
      .notNull()
      .references(() => sessions.id, { onDelete: "cascade" }),
    learnerId: uuid("learner_id")
      .$type<LearnerId>()
      .notNull()
      .references(() => learners.id, { onDelete: "cascade" }),
    /** The number of a word of the session. */
    wordIndex: integer("word_index").notNull(),
    word: text("word").notNull(),
    /** The reading asked for, as core/lexicon/asset.ts writes it: survives a new word list. */
    target: text("target").notNull(),
    mode: text("mode").$type<ResponseMode>().notNull(),
    /** Parsed with the rest of the row, where it is read (`evidence/responses.ts`). */
    answer: jsonb("answer").$type<RawAnswer>().notNull(),
    verdict: jsonb("verdict").$type<ResponseVerdict>().notNull(),
    classifier: integer("classifier").notNull(),
    /** The word was kept back until the end of its lesson. */
    heldBack: boolean("held_back").notNull().default(false),
    supersedes: uuid("supersedes")
      .$type<ResponseId>()
      .references((): AnyPgColumn => responses.id, { onDelete: "cascade" }),
    withdrawn: boolean("withdrawn").notNull().default(false),
    /** It is the answer that counts. */
    standing: boolean("standing").notNull(),
    at: timestamp("at", { withTimezone: true }).notNull(),
    ...stamps,
  },
  (table) => [
    foreignKey({
      name: "responses_to_a_word_of_the_session",
      columns: [table.sessionId, table.wordIndex],
      foreignColumns: [sessionWords.sessionId, sessionWords.number],
    }).onDelete("cascade"),
    // A line of answers, and with its first column all of a session.
    index("responses_by_line").on(table.sessionId, table.learnerId, table.wordIndex, table.mode),
    index("responses_by_learner").on(table.learnerId, table.at),
    // A learner's cards and irregular words are dealt from their answers alone.
    index("responses_by_word").on(table.learnerId, table.mode, table.word).where(sql`standing`),
    uniqueIndex("superseded_once").on(table.supersedes),
    uniqueIndex("one_standing_answer")
      .on(table.sessionId, table.learnerId, table.wordIndex, table.mode)
      .where(sql`standing`),
    check("responses_mode", isOneOf("mode", RESPONSE_MODES)),
    check("responses_word_index", sql`word_index >= 0`),
    check("responses_classifier", sql`classifier >= 1`),
    check("responses_texts", sql`word <> '' and target <> ''`),
    check("responses_withdrawn", sql`not (standing and withdrawn)`),
    check("responses_supersedes", sql`supersedes <> id`),
  ],
);
