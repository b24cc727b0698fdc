import { z } from "zod";
import {
  ACCENTS,
  CHECKLIST_POINTS,
  DEFAULT_CHECKLIST,
  DEFAULT_COUNTING,
  DEFAULT_MASTERY,
  DEFAULT_PRACTICE,
  DEFAULT_SCHOOL,
  DEFAULT_SOUND_STYLE,
  KEPT_OUT_LIST_IDS,
  MARK_KINDS,
  MERGERS,
  type SchoolSettings,
  SENTENCE_RULES,
  SOUND_STYLES,
} from "../core/light.ts";
import { practiceField, wordField } from "./fields.ts";

const masteryField = z
  .object({
    right: z.number().int().min(1, "at least 1").max(20, "at most 20"),
    of: z.number().int().min(1, "at least 1").max(20, "at most 20"),
    days: z.number().int().min(1, "at least one day").max(5, "at most 5 days"),
  })
  .refine(({ right, of }) => right <= of, "cannot ask for more right answers than answers");

export const ownWordField = z.object({
  word: wordField.max(20, "a word of your own has at most 20 letters"),
  /** Ids of correspondences, joined by full stops. */
  reading: z.string().min(1).max(300),
  isCapital: z.boolean(),
});

export const schoolInput = z.object({
  accent: z.object({
    accent: z.enum(ACCENTS, `must be one of ${ACCENTS.join(", ")}`),
    mergers: z.array(z.enum(MERGERS, `must be one of ${MERGERS.join(", ")}`)).max(MERGERS.length, "names each once"),
    ownWords: z.array(ownWordField).max(200, "at most 200 words of your own").optional(),
  }),
  soundStyle: z.enum(SOUND_STYLES, `must be one of ${SOUND_STYLES.join(", ")}`).default(DEFAULT_SOUND_STYLE),
  taps: z.object({ clustersTogether: z.boolean(), vowelNasalTogether: z.boolean() }),
  marks: z
    .array(z.enum(MARK_KINDS, `must be one of ${MARK_KINDS.join(", ")}`))
    .max(MARK_KINDS.length, "names each once")
    .default([...DEFAULT_SCHOOL.marks]),
  allowLists: z
    .array(z.enum(KEPT_OUT_LIST_IDS, `must be one of ${KEPT_OUT_LIST_IDS.join(", ")}`))
    .max(KEPT_OUT_LIST_IDS.length, "names each once"),
  practice: practiceField.default(DEFAULT_PRACTICE),
  mastery: masteryField.default(DEFAULT_MASTERY),
  counting: z
    .object({ tappedCounts: z.boolean(), everyRepeatCounts: z.boolean(), badLessonsCount: z.boolean() })
    .default(DEFAULT_COUNTING),
  sentenceRules: z
    .array(z.enum(SENTENCE_RULES, `must be one of ${SENTENCE_RULES.join(", ")}`))
    .max(SENTENCE_RULES.length, "names each once")
    .default([...SENTENCE_RULES]),
  checklist: z
    .array(
      z.object({
        point: z.enum(CHECKLIST_POINTS, `must be one of ${CHECKLIST_POINTS.join(", ")}`),
        words: z.string().trim().max(40, "at most 40 letters").default(""),
      }),
    )
    .max(CHECKLIST_POINTS.length, "names each point once")
    .refine((lines) => new Set(lines.map(({ point }) => point)).size === lines.length, "names each point once")
    .default([...DEFAULT_CHECKLIST]),
  never: z.array(wordField).max(2000, "at most 2,000 words"),
}) satisfies z.ZodType<SchoolSettings>;

/** The choices changed by hand; with `base`, the choices as they were then, what others did since is kept. */
export const schoolChangeInput = schoolInput.extend({ base: schoolInput.optional() });

export type SchoolChangeInput = z.infer<typeof schoolChangeInput>;

const isTimeZone = (name: string): boolean => {
  try {
    new Intl.DateTimeFormat("en", { timeZone: name });
    return true;
  } catch {
    return false;
  }
};

export const timeZoneInput = z.object({
  timeZone: z.string().min(1).max(60).refine(isTimeZone, "must be a time zone such as Europe/London"),
  /** What somebody has chosen stands: for a browser that tells its own. */
  onlyIfUnset: z.boolean().default(false),
});

export type TimeZoneInput = z.infer<typeof timeZoneInput>;
