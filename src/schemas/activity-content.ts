import { z } from "zod";
import {
  type ActivityContent,
  type ActivityKind,
  type ContentOfKind,
  HOW_FAR,
  ORAL_SKILLS,
  PATTERNS,
  POSITION_FACTS,
  WALK_WAYS,
} from "../core/light.ts";
import { gpcField, soundField, wordField } from "./fields.ts";
import { binField, oralItemField } from "./set-content.ts";

/** What each kind of activity is done with, as it is stored in a plan and in a lesson. */

const words = z.array(wordField);
const kind = <K extends ActivityKind>(name: K) => ({ kind: z.literal(name) });

const spellingFact = z.object({ fact: z.enum(POSITION_FACTS), holds: z.enum(HOW_FAR) });

const CONTENT_FIELDS = {
  "ears-only": z.object({
    ...kind("ears-only"),
    parts: z.array(z.object({ skill: z.enum(ORAL_SKILLS), items: z.array(oralItemField) })),
  }),
  "hear-and-spell": z.object({
    ...kind("hear-and-spell"),
    sounds: z.array(
      z.object({
        sound: z.array(soundField),
        gpcs: z.array(gpcField),
        facts: z.record(gpcField, z.array(spellingFact)).optional(),
      }),
    ),
  }),
  dictation: z.object({
    ...kind("dictation"),
    words,
    sentences: z.array(z.string()),
    contexts: z.array(z.string()).optional(),
  }),
  "sound-cards": z.object({
    ...kind("sound-cards"),
    gpcs: z.array(gpcField),
    also: z.record(gpcField, z.array(gpcField)).optional(),
  }),
  "new-sound": z.object({
    ...kind("new-sound"),
    gpc: gpcField,
    keyWord: z.string(),
    facts: z.array(spellingFact),
    words,
  }),
  blending: z.object({ ...kind("blending"), words }),
  "read-chain": z.object({ ...kind("read-chain"), words }),
  "word-list": z.object({ ...kind("word-list"), words }),
  "family-walk": z.object({ ...kind("family-walk"), words, way: z.enum(WALK_WAYS) }),
  "irregular-words": z.object({
    ...kind("irregular-words"),
    words,
    odd: z.record(wordField, z.array(z.string())).optional(),
    shownIn: z.record(wordField, z.string()).optional(),
  }),
  "build-chain": z.object({ ...kind("build-chain"), words }),
  "fill-the-gap": z.object({
    ...kind("fill-the-gap"),
    items: z.array(z.object({ word: wordField, unit: z.number().int().min(0), choices: z.array(z.string()) })),
  }),
  "find-it": z.object({ ...kind("find-it"), items: z.array(z.object({ word: wordField, foils: words })) }),
  "right-or-not": z.object({
    ...kind("right-or-not"),
    items: z.array(z.object({ word: wordField, shown: wordField })),
  }),
  "real-or-nonsense": z.object({
    ...kind("real-or-nonsense"),
    items: z.array(z.object({ word: wordField, real: z.boolean() })),
  }),
  sort: z.object({ ...kind("sort"), bins: z.array(z.object({ bin: binField, words })), table: words }),
  "which-word": z.object({
    ...kind("which-word"),
    items: z.array(z.object({ sentence: z.string(), word: wordField, foils: words })),
  }),
  "which-spelling": z.object({
    ...kind("which-spelling"),
    items: z.array(z.object({ sentence: z.string(), word: wordField, foils: words })),
  }),
  "word-parts": z.object({
    ...kind("word-parts"),
    part: z.enum(PATTERNS),
    meaning: z.string(),
    items: z.array(z.object({ base: wordField, word: wordField })),
    sentences: z.array(z.string()),
  }),
  text: z.object({
    ...kind("text"),
    text: z.string(),
    targets: z.array(gpcField),
    questions: z.array(z.string()).optional(),
    statements: z.array(z.object({ sentence: z.string(), isTrue: z.boolean() })).optional(),
  }),
  free: z.object({ ...kind("free"), text: z.string() }),
} satisfies { readonly [K in ActivityKind]: z.ZodType<ContentOfKind<K>> };

export const activityContentField: z.ZodType<ActivityContent> = z.discriminatedUnion(
  "kind",
  Object.values(CONTENT_FIELDS) as unknown as [typeof CONTENT_FIELDS.free, typeof CONTENT_FIELDS.text],
);
