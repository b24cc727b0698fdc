import { z } from "zod";
import {
  CHANGE_POSITIONS,
  FAMILY_KINDS,
  LEAST_IN_A_BIN,
  LEAST_IN_A_SET,
  MOST_FAMILIES,
  MOST_FOILS,
  MOST_IN_A_BIN,
  MOST_IN_A_SET,
  ORAL_SKILLS,
  SET_ORDERS,
  type SetContent,
  type SetContentOf,
  type SetKind,
  TEXT_USES,
  WALK_WAYS,
} from "../core/light.ts";
import { gpcField, soundField, wordField } from "./fields.ts";

/** A text that can be saved and taught has at most so many letters: some eight pages of a first reader. */
export const LONGEST_TEXT = 4000;

/** So much is asked about a text, and so many sentences are found true or not true in it. */
export const [MOST_QUESTIONS, MOST_STATEMENTS] = [6, 8];

/** A question about a text, or a sentence that says something of it, has at most so many letters. */
export const LONGEST_ABOUT_TEXT = 200;

/** The shapes of saved sets, each with its refusals in words. */

const soundsField = z.array(soundField).min(1, "names at least one sound").max(12, "a word has at most 12 sounds");
const familyField = z.object({
  kind: z.enum(FAMILY_KINDS),
  letters: z
    .string()
    .max(20, "has at most 20 letters")
    .regex(/^[a-z]+(?:-e[a-z]*)?$/, "is written with letters"),
  sounds: z.string().min(1).max(40),
});
const endingsField = z.enum(["out", "marked"]);
const someWords = z.array(wordField).max(60, "at most 60 words");

const familyContent = z.object({
  kind: z.literal("family"),
  families: z.array(familyField).min(1, "a set has at least one family").max(MOST_FAMILIES),
  words: z
    .array(z.object({ word: wordField, nonsense: z.boolean() }))
    .min(1, "a set has at least one word")
    .max(60, "a set has at most 60 words"),
  /** How it is walked, where it is laid out as a chain. */
  way: z.enum(WALK_WAYS).optional(),
  request: z.object({
    count: z.number().int().min(LEAST_IN_A_SET).max(MOST_IN_A_SET),
    nonsenseShare: z.number().min(0).max(1),
    order: z.enum(SET_ORDERS),
    pictures: z.enum(["any", "first", "only"]),
    endings: endingsField,
  }),
});

export const binField = z.discriminatedUnion("by", [
  z.object({ by: z.literal("family"), family: familyField }),
  z.object({ by: z.literal("spelling"), gpc: gpcField }),
  z.object({
    by: z.literal("syllable-type"),
    type: z.enum(["closed", "open", "vowel-consonant-e", "vowel-team", "r-controlled", "consonant-le", "not-closed"]),
  }),
]);

const aboutTextField = z
  .string()
  .trim()
  .min(1, "it has at least one word")
  .max(LONGEST_ABOUT_TEXT, `at most ${LONGEST_ABOUT_TEXT} letters`);

/** A text that is read or written; what it may hold is looked at where it is stored. */
const textContent = z.object({
  kind: z.literal("text"),
  text: z.string().trim().min(1, "a text has at least one word").max(LONGEST_TEXT, `at most ${LONGEST_TEXT} letters`),
  targets: z.array(gpcField).max(12, "at most 12 things to look for"),
  use: z.enum(TEXT_USES),
  questions: z.array(aboutTextField).max(MOST_QUESTIONS, `at most ${MOST_QUESTIONS} questions`).optional(),
  statements: z
    .array(z.object({ sentence: aboutTextField, isTrue: z.boolean() }))
    .max(MOST_STATEMENTS, `at most ${MOST_STATEMENTS} sentences`)
    .optional(),
});

const sortContent = z.object({
  kind: z.literal("sort"),
  bins: z
    .array(z.object({ bin: binField, words: someWords.min(1, "a bin has at least one word") }))
    .min(2, "a sort has two or three bins")
    .max(3, "a sort has two or three bins"),
  foils: z
    .array(
      z.object({
        word: wordField,
        why: z.enum(["one-unit-away", "false-friend"]),
        bin: z.number().int().min(0).max(2),
      }),
    )
    .max(6),
  table: someWords,
  request: z
    .object({
      perBin: z.number().int().min(LEAST_IN_A_BIN).max(MOST_IN_A_BIN),
      foils: z.number().int().min(0).max(MOST_FOILS),
      falseFriends: z.boolean(),
      seed: z
        .number()
        .int()
        .min(0)
        .max(2 ** 31),
    })
    .optional(),
});

const pairsContent = z.object({
  kind: z.literal("pairs"),
  a: soundsField,
  b: soundsField,
  pairs: z
    .array(z.object({ a: wordField, b: wordField, position: z.enum(CHANGE_POSITIONS) }))
    .min(1, "at least one pair")
    .max(20, "at most 20 pairs"),
});

const spokenField = z.object({ sounds: soundsField, text: z.string().min(1).max(40), isWord: z.boolean() });
const itemBase = { skill: z.enum(ORAL_SKILLS), key: z.string().min(1).max(120) };
const placeField = z.enum(["beginning", "middle", "end", "in-a-cluster"]);
const atField = z.number().int().min(0).max(12);

/** One ears-only item; whether it is true is looked at where it is stored. */
export const oralItemField = z.discriminatedUnion("kind", [
  z.object({
    ...itemBase,
    kind: z.literal("rhyme-or-not"),
    first: spokenField,
    second: spokenField,
    answer: z.boolean(),
  }),
  z.object({
    ...itemBase,
    kind: z.literal("say-a-rhyme"),
    first: spokenField,
    answers: z.array(spokenField).min(1).max(8),
  }),
  z.object({ ...itemBase, kind: z.literal("which-sound"), first: spokenField, place: placeField, answer: soundField }),
  z.object({ ...itemBase, kind: z.literal("blend"), parts: z.array(spokenField).min(2).max(12), answer: spokenField }),
  z.object({ ...itemBase, kind: z.literal("split"), first: spokenField, answers: z.array(spokenField).min(2).max(12) }),
  z.object({
    ...itemBase,
    kind: z.enum(["add", "take"]),
    first: spokenField,
    place: placeField,
    at: atField,
    sound: soundField,
    answer: spokenField,
  }),
  z.object({
    ...itemBase,
    kind: z.literal("change"),
    first: spokenField,
    place: placeField,
    at: atField,
    old: soundField,
    sound: soundField,
    answer: spokenField,
  }),
]);

const oralContent = z.object({
  kind: z.literal("ears-only"),
  parts: z
    .array(
      z.object({
        skill: z.enum(ORAL_SKILLS),
        items: z.array(oralItemField).min(1, "a skill has at least one item").max(20, "a skill has at most 20 items"),
      }),
    )
    .min(1, "an ears-only set has at least one skill")
    .max(ORAL_SKILLS.length),
});

/** The fields of each kind of set, as they are sent and stored. */
const SET_FIELDS = {
  family: familyContent,
  sort: sortContent,
  pairs: pairsContent,
  "ears-only": oralContent,
  text: textContent,
} satisfies { readonly [K in SetKind]: z.ZodType<SetContentOf<K>> };

export const setContentField: z.ZodType<SetContent> = z.discriminatedUnion(
  "kind",
  Object.values(SET_FIELDS) as unknown as [typeof familyContent, typeof sortContent],
);
