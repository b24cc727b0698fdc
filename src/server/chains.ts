import { randomUUID } from "node:crypto";
import { desc, eq } from "drizzle-orm";
import { z } from "zod";
import type { Queryable } from "./db/database.ts";
import { type Aim, chains } from "./db/schema.ts";
import { notFound } from "./errors.ts";
import { aimField, idField, wordField } from "./fields.ts";
import { getGroup } from "./groups.ts";

export interface SavedChain {
  readonly id: string;
  readonly groupId: string;
  readonly title: string;
  readonly words: readonly string[];
  readonly aim: Aim;
  /** ISO 8601. */
  readonly updatedAt: string;
}

const wordsField = z.array(wordField).min(1, "a chain has at least one word").max(60, "a chain has at most 60 words");

export const newChainInput = z.object({
  groupId: idField,
  title: z.string().trim().max(80, "a title has at most 80 letters").optional(),
  words: wordsField,
  aim: aimField,
});

export const editChainInput = newChainInput.omit({ groupId: true });

const toChain = ({ id, groupId, title, words, aim, updatedAt }: typeof chains.$inferSelect): SavedChain => ({
  id,
  groupId,
  title,
  words,
  aim,
  updatedAt: updatedAt.toISOString(),
});

/** `"mash to vine"`: what a chain is called until the teacher names it. */
export function chainTitle(words: readonly string[]): string {
  return words.length > 1 ? `${words[0]} to ${words.at(-1)}` : (words[0] ?? "empty chain");
}

/** A group's chains, the one touched last first. */
export async function listChains(db: Queryable, groupId: string): Promise<SavedChain[]> {
  await getGroup(db, groupId);
  const rows = await db.select().from(chains).where(eq(chains.groupId, groupId)).orderBy(desc(chains.updatedAt));
  return rows.map(toChain);
}

/** @throws AppError "not-found" */
export async function getChain(db: Queryable, id: string): Promise<SavedChain> {
  const [row] = await db.select().from(chains).where(eq(chains.id, id));
  if (!row) throw notFound("chain");
  return toChain(row);
}

/** @throws AppError "not-found" when there is no such group */
export async function createChain(db: Queryable, input: z.infer<typeof newChainInput>): Promise<SavedChain> {
  await getGroup(db, input.groupId);
  const id = randomUUID();
  const { groupId, words, aim } = input;
  await db.insert(chains).values({ id, groupId, words, aim, title: input.title || chainTitle(words) });
  return getChain(db, id);
}

/** @throws AppError "not-found" */
export async function editChain(db: Queryable, id: string, input: z.infer<typeof editChainInput>): Promise<SavedChain> {
  const { words, aim } = input;
  const title = input.title || chainTitle(words);
  await db.update(chains).set({ words, aim, title, updatedAt: new Date() }).where(eq(chains.id, id));
  return getChain(db, id);
}
