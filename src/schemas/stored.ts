import { z } from "zod";
import {
  ACTIVITY_KIND_IDS,
  CHANGE_POSITIONS,
  DEFAULT_PRACTICE,
  DEFAULT_SCHOOL,
  KEPT_OUT_LIST_IDS,
  MARK_KINDS,
  ORAL_SKILLS,
  PATTERNS,
  PLANNED_KINDS,
  type PlannedKind,
  type SchoolSettings,
  SENTENCE_RULES,
} from "../core/light.ts";
import { activityContentField } from "./activity-content.ts";
import { aimField, practiceField, soundField } from "./fields.ts";
import { ownWordField, schoolInput } from "./school.ts";
import { placeField } from "./sessions.ts";
import { oralItemField } from "./set-content.ts";

/**
 * The JSON columns as they must be for what stands in them to be shown and taught. Bounds are those of the inputs only
 * where something would break beyond them: a row that was right when it was stored stays readable.
 */

/** A list of which those parts stay that can be read. */
const readableOnes = <T>(one: z.ZodType<T>) =>
  z.array(z.unknown()).transform((list) =>
    list.flatMap((part): T[] => {
      const read = one.safeParse(part);
      return read.success ? [read.data] : [];
    }),
  );

export const storedWords = z.array(z.string().min(1));

export const storedAim = aimField;

/** A choice that is newer than the row has its default. */
const storedPractice = practiceField.partial().transform((chosen) => ({ ...DEFAULT_PRACTICE, ...chosen }));

const plannedKind = z.enum(Object.keys(PLANNED_KINDS) as [PlannedKind]);

export const storedActivities = readableOnes(
  z.object({
    id: z.string().min(1),
    kind: plannedKind,
    minutes: z.number(),
    ref: z.string().optional(),
    content: activityContentField.optional(),
    title: z.string().default(""),
    ifTime: z.boolean().default(false),
    heldBack: z.boolean().default(false),
    settings: storedPractice.default(DEFAULT_PRACTICE),
    out: z.boolean().optional(),
  }),
);

const storedQuestion = z.object({ gpc: z.string().min(1), said: z.array(soundField) });
const storedUnitCount = z.object({
  gpc: z.string().min(1),
  position: z.enum(CHANGE_POSITIONS),
  said: z.array(soundField).optional(),
  count: z.number().int().min(0),
});

export const storedRun = z.object({
  minutes: z.number().nullable(),
  activities: z.array(
    z.object({
      id: z.string().min(1),
      kind: plannedKind,
      title: z.string(),
      content: activityContentField,
      minutes: z.number(),
      ifTime: z.boolean(),
      heldBack: z.boolean(),
      settings: storedPractice.optional(),
      targets: z.array(z.number().int().min(0).nullable()),
    }),
  ),
  learnerId: z.string().optional(),
  probe: z.object({ questions: z.array(storedQuestion), record: z.array(storedUnitCount) }).optional(),
});

export const storedPlace = placeField;

const storedGpc = z.object({
  grapheme: z.string().min(1),
  phonemes: z.array(soundField).min(1),
  place: z.enum(["start", "inside", "end"]).optional(),
});

export const storedSteps = readableOnes(
  z.object({
    number: z.number().int().min(1),
    name: z.string(),
    gpcs: readableOnes(storedGpc),
    patterns: readableOnes(z.enum(PATTERNS)),
    irregularWords: readableOnes(z.string()),
  }),
);

const storedTicked = z.object({
  gpcs: readableOnes(z.string()),
  patterns: readableOnes(z.enum(PATTERNS)),
  words: readableOnes(z.string()),
});

export const storedTicks = z.object({ add: storedTicked, remove: storedTicked });

export const storedRoutineParts = z.array(z.object({ skill: z.enum(ORAL_SKILLS), count: z.number().int().min(1) }));

/** What a routine was filled with; why a skill could not be filled is told as it was stored. */
export const storedDayParts = z.array(
  z.union([
    z.object({
      ok: z.literal(true),
      skill: z.enum(ORAL_SKILLS),
      items: z.array(oralItemField),
      fromToday: z.number(),
    }),
    z.object({ ok: z.literal(false), skill: z.enum(ORAL_SKILLS), reason: z.looseObject({ code: z.string() }) }),
  ]),
);

export const storedTemplateParts = z.array(
  z.object({
    kind: z.enum(ACTIVITY_KIND_IDS),
    items: z.number().int().min(1),
    priority: z.number(),
    heldBack: z.boolean().optional(),
    ifTime: z.boolean().optional(),
  }),
);

/** The choices of the school; one that is missing or cannot be read has its default, and no word kept out is let in. */
export const storedSchool = z.object({
  accent: schoolInput.shape.accent
    .extend({ ownWords: readableOnes(ownWordField).optional().catch(undefined) })
    .catch(() => ({ accent: DEFAULT_SCHOOL.accent.accent, mergers: [...DEFAULT_SCHOOL.accent.mergers] })),
  soundStyle: schoolInput.shape.soundStyle.catch(DEFAULT_SCHOOL.soundStyle),
  taps: schoolInput.shape.taps.catch(DEFAULT_SCHOOL.taps),
  marks: readableOnes(z.enum(MARK_KINDS)).catch([...DEFAULT_SCHOOL.marks]),
  allowLists: readableOnes(z.enum(KEPT_OUT_LIST_IDS)).catch([]),
  practice: storedPractice.catch(DEFAULT_SCHOOL.practice),
  mastery: schoolInput.shape.mastery.catch(DEFAULT_SCHOOL.mastery),
  counting: schoolInput.shape.counting.catch(DEFAULT_SCHOOL.counting),
  sentenceRules: readableOnes(z.enum(SENTENCE_RULES)).catch([...SENTENCE_RULES]),
  checklist: schoolInput.shape.checklist.catch([...DEFAULT_SCHOOL.checklist]),
  never: readableOnes(z.string()).catch([]),
  // A choice that is not read again would be lost as soon as it is stored.
} satisfies Readonly<Record<keyof SchoolSettings, z.ZodType>>);
