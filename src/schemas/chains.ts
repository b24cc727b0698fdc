import { z } from "zod";
import { aimField, lineField, shapeField, wordField } from "./fields.ts";
import { groupIdField } from "./ids.ts";

const wordsField = z.array(wordField).min(1, "a chain has at least one word").max(60, "a chain has at most 60 words");

export const newChainInput = z.object({
  groupId: groupIdField,
  title: lineField.max(80, "a title has at most 80 letters").optional(),
  words: wordsField,
  aim: aimField,
  shape: shapeField.optional(),
});

export const editChainInput = newChainInput.omit({ groupId: true });

export type NewChainInput = z.infer<typeof newChainInput>;

export type EditChainInput = z.infer<typeof editChainInput>;
