import { z } from "zod";
import {
  BLENDING_WAYS,
  CHAIN_MODES,
  type ChainShape,
  CORRECTIONS,
  FADINGS,
  gpcById,
  gpcId,
  LONGEST_THINKING,
  MOVES,
  OUTCOMES,
  PATTERNS,
  POSITION_PLANS,
  type PracticeSettings,
  parseTaughtGpc,
  patternOfAim,
  phoneme,
  type RawAnswer,
  SUPPORTS,
  TURN_PATTERNS,
} from "../core/light.ts";
import { groupIdField } from "./ids.ts";

/** Fields that several endpoints share, each with its refusal in words. */

/** A type of the core as a schema gives it: what may be absent may be undefined as well. */
type Loose<T> = T extends object
  ? { [Field in keyof T]: Record<never, never> extends Pick<T, Field> ? Loose<T[Field]> | undefined : Loose<T[Field]> }
  : T;

/** What is said in one line: a name, a title. Line breaks and runs of blanks are one blank. */
export const lineField = z.string().overwrite((text) => text.replace(/\s+/g, " ").trim());

/** Years in which there are lessons: outside them a date is a mistake in typing. */
const [FIRST_YEAR, LAST_YEAR] = [2000, 2099];
const isInOurTime = (date: string): boolean => {
  const year = Number(date.slice(0, 4));
  return year >= FIRST_YEAR && year <= LAST_YEAR;
};

/** A day of the calendar: `"2026-11-30"`. */
export const dateField = z.iso
  .date("is a date such as 2026-11-30")
  .refine(isInOurTime, `is between the years ${FIRST_YEAR} and ${LAST_YEAR}`);

/** A moment, with its offset from UTC: `"2026-11-24T09:30:00Z"`. */
export const momentField = z.iso
  .datetime({ offset: true, message: "must be a time such as 2026-11-24T09:30:00Z" })
  .refine(isInOurTime, `is between the years ${FIRST_YEAR} and ${LAST_YEAR}`);

/** Whose rows are asked for. */
export const ofGroupQuery = z.object({ groupId: groupIdField });

export const wordField = z
  .string()
  .trim()
  .toLowerCase()
  .min(1, "a word has at least one letter")
  .max(30, "a word has at most 30 letters")
  .regex(/^[a-z]+$/, "a word is written with the letters a to z");

/** Ids of correspondences and sounds are shorter than this. */
const LONGEST_ID = 40;

/** A sound of the inventory. */
export const soundField = z
  .string()
  .max(LONGEST_ID, "is not a sound of the inventory")
  .refine((id) => phoneme(id) !== undefined, "is not a sound of the inventory");

export const gpcField = z
  .string()
  .max(LONGEST_ID, "is not a correspondence of the table")
  .refine((id) => gpcById(id) !== undefined, "is not a correspondence of the table");

/** A correspondence, or a pattern, that a chain is to meet. */
const focusField = z
  .string()
  .max(LONGEST_ID, "is neither a correspondence of the table nor a pattern")
  .refine(
    (id) => gpcById(id) !== undefined || patternOfAim(id) !== undefined,
    "is neither a correspondence of the table nor a pattern",
  );

export const aimField = z.object({
  focus: z.array(focusField).max(20, "at most 20 at once"),
  contrasts: z.array(z.object({ a: gpcField, b: gpcField })).max(10, "at most 10 at once"),
});

const shareField = z.number().min(0).max(1);
const namedWordField = z.string().trim().toLowerCase().max(30, "a word has at most 30 letters");

/** What was asked of a chain: kept as it was asked, even where it could not be met. */
export const shapeField = z.object({
  length: z.number().int().min(0).max(99),
  locked: z.array(wordField).max(60),
  mixedUp: shareField.optional(),
  weights: z.record(z.string(), z.number().min(0).max(10)).optional(),
  start: namedWordField.optional(),
  end: namedWordField.optional(),
  mustInclude: z.array(namedWordField).max(20).optional(),
  never: z.array(namedWordField).max(200).optional(),
  moves: z.array(z.enum(MOVES)).max(4).optional(),
  mode: z.enum(CHAIN_MODES).optional(),
  nonsenseShare: shareField.optional(),
  positions: z.enum(POSITION_PLANS).optional(),
  longestRun: z.number().int().min(1).max(30).optional(),
  leastFamiliar: z.literal([1, 2, 3, 4]).optional(),
  tiles: z.record(z.string(), z.number().int().min(0).max(99)).optional(),
  closed: z.boolean().optional(),
  reachPower: z.object({ atLeast: shareField, share: shareField.optional() }).optional(),
}) satisfies z.ZodType<Loose<ChainShape>>;

/** A correspondence with, perhaps, the place it is taught for: `"ck=k@end"`. */
export const gpcTokenField = z
  .string()
  .max(LONGEST_ID, "is not a correspondence of the table")
  .refine((token) => {
    try {
      const { grapheme, phonemes } = parseTaughtGpc(token);
      return gpcById(gpcId(grapheme, phonemes)) !== undefined;
    } catch {
      return false;
    }
  }, "is not a correspondence of the table");

export const patternField = z.enum(PATTERNS, `must be one of ${PATTERNS.join(", ")}`);

export const sequenceIdField = z.string().min(1, "a group is taught in some order").max(60, "is not a sequence's id");

/** An answer typed by the teacher. */
const LONGEST_TYPED = 200;
export const typedField = z.string().max(LONGEST_TYPED, `has at most ${LONGEST_TYPED} letters`);

export const answerField = z
  .object({
    outcome: z.enum(OUTCOMES, `must be one of ${OUTCOMES.join(", ")}`),
    substitutions: z
      .array(
        z.object({
          unit: z.number().int().min(0).max(30),
          said: z.array(soundField).max(3),
        }),
      )
      .max(30),
    /** What was said or written, as the teacher typed it: whatever it was. */
    typed: typedField.optional(),
    /** Only of a word that was built: the graphemes of each attempt. */
    built: z
      .array(
        z
          .array(
            z
              .string()
              .regex(/^[a-z]+(-e)?$/, "a tile is written with letters")
              .max(8),
          )
          .max(20),
      )
      .min(1, "an attempt at least")
      .max(30, "at most 30 attempts")
      .optional(),
  })
  .refine(
    ({ outcome, substitutions }) => outcome === "wrong" || substitutions.length === 0,
    "sounds said instead go with the outcome wrong",
  ) satisfies z.ZodType<Loose<RawAnswer>>;

/** How an activity is done. */
export const practiceField = z.object({
  support: z.enum(SUPPORTS, `must be one of ${SUPPORTS.join(", ")}`),
  blending: z.enum(BLENDING_WAYS, `must be one of ${BLENDING_WAYS.join(", ")}`),
  turns: z.enum(TURN_PATTERNS, `must be one of ${TURN_PATTERNS.join(", ")}`),
  correction: z.enum(CORRECTIONS, `must be one of ${CORRECTIONS.join(", ")}`),
  thinking: z
    .number()
    .int("a whole number of seconds")
    .min(0, "at least 0 seconds")
    .max(LONGEST_THINKING, `at most ${LONGEST_THINKING} seconds`),
  fading: z.enum(FADINGS, `must be one of ${FADINGS.join(", ")}`).default("shorter"),
}) satisfies z.ZodType<PracticeSettings>;
