import { sql } from "drizzle-orm";
import { boolean, check, integer, pgTable, primaryKey, text, timestamp, uuid } from "drizzle-orm/pg-core";
import {
  CHANGE_POSITIONS,
  type ChangePosition,
  EVIDENCE_WAYS,
  type EvidenceWay,
  ORAL_SKILLS,
  type OralSkill,
  OUTCOMES,
  type Outcome,
} from "../../core/light.ts";
import type { LearnerId, SessionId } from "../../schemas/ids.ts";
import { isOneOf } from "./checks.ts";
import { learners, sessions } from "./schema.ts";

/**
 * Counts of what each learner read or built as what, kept up with the responses in the same transaction
 * (`evidence/counts.ts`), so that a look at them costs the same however many responses there are. Words kept back are not
 * among them.
 */
export const unitTotals = pgTable(
  "unit_totals",
  {
    learnerId: uuid("learner_id")
      .$type<LearnerId>()
      .notNull()
      .references(() => learners.id, { onDelete: "cascade" }),
    way: text("way").$type<EvidenceWay>().notNull(),
    gpc: text("gpc").notNull(),
    position: text("position").$type<ChangePosition>().notNull(),
    /** "=" for right; else the phonemes said, joined by "+", empty for left out. */
    said: text("said").notNull(),
    count: integer("count").notNull(),
    /** The latest answer that was counted here. */
    lastAt: timestamp("last_at", { withTimezone: true }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.learnerId, table.way, table.gpc, table.position, table.said] }),
    check("unit_totals_way", isOneOf("way", EVIDENCE_WAYS)),
    check("unit_totals_position", isOneOf("position", CHANGE_POSITIONS)),
    check("unit_totals_count", sql`count >= 0`),
  ],
);

/** How each learner's answers came out, kept up as `unit_totals` is. */
export const outcomeTotals = pgTable(
  "outcome_totals",
  {
    learnerId: uuid("learner_id")
      .$type<LearnerId>()
      .notNull()
      .references(() => learners.id, { onDelete: "cascade" }),
    way: text("way").$type<EvidenceWay>().notNull(),
    heldBack: boolean("held_back").notNull(),
    /** An outcome, or "unreadable" for rows that cannot be read. */
    outcome: text("outcome").$type<Outcome | "unreadable">().notNull(),
    count: integer("count").notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.learnerId, table.way, table.heldBack, table.outcome] }),
    check("outcome_totals_way", isOneOf("way", EVIDENCE_WAYS)),
    check("outcome_totals_outcome", isOneOf("outcome", [...OUTCOMES, "unreadable"])),
    check("outcome_totals_count", sql`count >= 0`),
  ],
);

/** How each learner's ears-only answers came out, by what was practised; kept up as `unit_totals` is. */
export const skillTotals = pgTable(
  "skill_totals",
  {
    learnerId: uuid("learner_id")
      .$type<LearnerId>()
      .notNull()
      .references(() => learners.id, { onDelete: "cascade" }),
    skill: text("skill").$type<OralSkill>().notNull(),
    outcome: text("outcome").$type<Outcome>().notNull(),
    count: integer("count").notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.learnerId, table.skill, table.outcome] }),
    check("skill_totals_skill", isOneOf("skill", ORAL_SKILLS)),
    check("skill_totals_outcome", isOneOf("outcome", OUTCOMES)),
    check("skill_totals_count", sql`count >= 0`),
  ],
);

/** How many of a learner's own answers each lesson had, kept up as `unit_totals` is. */
export const lessonTotals = pgTable(
  "lesson_totals",
  {
    learnerId: uuid("learner_id")
      .$type<LearnerId>()
      .notNull()
      .references(() => learners.id, { onDelete: "cascade" }),
    way: text("way").$type<EvidenceWay>().notNull(),
    sessionId: uuid("session_id")
      .$type<SessionId>()
      .notNull()
      .references(() => sessions.id, { onDelete: "cascade" }),
    count: integer("count").notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.learnerId, table.way, table.sessionId] }),
    check("lesson_totals_way", isOneOf("way", EVIDENCE_WAYS)),
    check("lesson_totals_count", sql`count >= 0`),
  ],
);

/** How far old answers have been judged anew, a row a version of the classifier (`evidence/rejudge.ts`). */
export const rejudgings = pgTable(
  "rejudgings",
  {
    classifier: integer("classifier").primaryKey(),
    /** Answers are gone through in the order of their ids; null: not begun. */
    after: uuid("after"),
    looked: integer("looked").notNull().default(0),
    /** Answers that are judged otherwise than before. */
    changed: integer("changed").notNull().default(0),
    doneAt: timestamp("done_at", { withTimezone: true }),
    /** When somebody has read what has changed. */
    seenAt: timestamp("seen_at", { withTimezone: true }),
  },
  () => [check("rejudgings_counts", sql`looked >= changed and changed >= 0`)],
);
