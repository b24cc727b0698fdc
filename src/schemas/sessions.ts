import { z } from "zod";
import { wordField } from "./fields.ts";
import { chainIdField, groupIdField, idField, learnerIdField, setIdField } from "./ids.ts";
import { titleField } from "./saved.ts";

const orderField = z.array(z.number().int().min(0).max(400)).max(400);

export const placeField = z.object({
  activity: z.number().int().min(0).max(60),
  item: z.number().int().min(0).max(400),
  stage: z.number().int().min(0).max(60).default(0),
  learnerId: learnerIdField.nullable(),
  orders: z.record(z.string().max(60), orderField).default({}),
  seconds: z.record(z.string().max(60), z.number().min(0).max(86_400)).default({}),
  skipped: z.array(z.string().max(60)).max(60).default([]),
});

export const sessionChangeInput = z
  .object({ place: placeField.optional(), ended: z.boolean().optional() })
  .refine((change) => change.place !== undefined || change.ended !== undefined, "says nothing to change");

/** What is taught: a saved chain, a saved set, one activity of the group's next lesson, the whole of it, words in a row, a learner's cards, or a probe of one learner. */
export const newSessionInput = z.union([
  z.object({ chainId: chainIdField }),
  z.object({ setId: setIdField }),
  z.object({ groupId: groupIdField, activityId: idField }),
  z.object({ groupId: groupIdField, lesson: z.literal(true) }),
  z.object({
    groupId: groupIdField,
    /** Read one after another, as they were printed. */
    words: z.array(wordField).min(1, "at least one word").max(80, "at most 80 words"),
    title: titleField.optional(),
  }),
  z.object({
    groupId: groupIdField,
    learnerId: learnerIdField,
    pack: z.enum(["sounds", "words"], "must be sounds or words"),
  }),
  z.object({ groupId: groupIdField, learnerId: learnerIdField, probe: z.literal(true) }),
]);

/** Words put into an activity while it is taught: new ones, or ones that are read again. */
export const addWordsInput = z.object({
  activityId: z.string().min(1).max(60),
  words: z.array(wordField).min(1, "at least one word").max(20, "at most 20 words at once"),
});

/** The word on the screen, that another may come after, and the one that comes next. */
export const soFarQuery = z.object({ word: wordField.optional(), after: wordField.optional() });

export type SessionChangeInput = z.infer<typeof sessionChangeInput>;

export type NewSessionInput = z.infer<typeof newSessionInput>;

export type AddWordsInput = z.infer<typeof addWordsInput>;
