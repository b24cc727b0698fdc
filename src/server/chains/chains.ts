import { randomUUID } from "node:crypto";
import { and, desc, eq, isNull } from "drizzle-orm";
import type { z } from "zod";
import type { ChainShape } from "../../core/light.ts";
import type { EditChainInput, NewChainInput } from "../../schemas/chains.ts";
import type { shapeField } from "../../schemas/fields.ts";
import type { ChainId, GroupId } from "../../schemas/ids.ts";
import type { ChangeSavedInput } from "../../schemas/saved.ts";
import type { Queryable } from "../db/database.ts";
import { newId } from "../db/new-id.ts";
import { chains, chainVersions } from "../db/schema.ts";
import { getGroup } from "../groups/groups.ts";
import { notFound, unreadable } from "../http/errors.ts";
import { type Aim, NO_AIM } from "../plans/lesson-types.ts";
import { savedChange } from "../saved/saved-change.ts";

export interface SavedChain {
  readonly id: ChainId;
  readonly groupId: GroupId;
  readonly title: string;
  readonly words: readonly string[];
  readonly aim: Aim;
  readonly shape: ChainShape | null;
  /** Kept out of sight until it is taken up again. */
  readonly isPutAway: boolean;
  /** ISO 8601. */
  readonly updatedAt: string;
}

/** @returns undefined when its words cannot be read; what it was aimed at may be missing */
const toChain = ({ words, aim, shape, ...row }: typeof chains.$inferSelect): SavedChain | undefined =>
  words && {
    id: row.id,
    groupId: row.groupId,
    title: row.title,
    words,
    aim: aim ?? NO_AIM,
    shape: shape ?? null,
    isPutAway: row.putAwayAt !== null,
    updatedAt: row.updatedAt.toISOString(),
  };

/** `"mash to vine"`: what a chain is called until the teacher names it. */
export function chainTitle(words: readonly string[]): string {
  return words.length > 1 ? `${words[0]} to ${words.at(-1)}` : (words[0] ?? "empty chain");
}

/** A group's chains, the one touched last first; those that were put away only when they are asked for. */
export async function listChains(
  db: Queryable,
  groupId: GroupId,
  { putAway = false }: { readonly putAway?: boolean } = {},
): Promise<SavedChain[]> {
  await getGroup(db, groupId);
  const rows = await db
    .select()
    .from(chains)
    .where(and(eq(chains.groupId, groupId), putAway ? undefined : isNull(chains.putAwayAt)))
    .orderBy(desc(chains.updatedAt));
  return rows.flatMap((row) => toChain(row) ?? []);
}

/** @throws AppError "not-found", "unreadable" */
export async function getChain(db: Queryable, id: ChainId): Promise<SavedChain> {
  const [row] = await db.select().from(chains).where(eq(chains.id, id));
  if (!row) throw notFound("chain");
  const chain = toChain(row);
  if (!chain) throw unreadable("chain");
  return chain;
}

/** @throws AppError "not-found" when there is no such group */
export async function createChain(db: Queryable, input: NewChainInput): Promise<SavedChain> {
  await getGroup(db, input.groupId);
  const id = newId<ChainId>();
  const { groupId, words, aim } = input;
  const title = input.title || chainTitle(words);
  await db.insert(chains).values({ id, groupId, words, aim, title, shape: toShape(input.shape) });
  await storeVersion(db, id, title, words);
  return getChain(db, id);
}

/** @throws AppError "not-found" */
export async function editChain(db: Queryable, id: ChainId, input: EditChainInput): Promise<SavedChain> {
  await getChain(db, id);
  const { words, aim } = input;
  const title = input.title || chainTitle(words);
  await db
    .update(chains)
    .set({ words, aim, title, shape: toShape(input.shape), updatedAt: new Date() })
    .where(eq(chains.id, id));
  await storeVersion(db, id, title, words);
  return getChain(db, id);
}

/** Gives a chain another title, or puts it away or takes it up again. @throws AppError "not-found" */
export async function changeChain(db: Queryable, id: ChainId, change: ChangeSavedInput): Promise<SavedChain> {
  const { words } = await getChain(db, id);
  await db.update(chains).set(savedChange(change)).where(eq(chains.id, id));
  if (change.title !== undefined) await storeVersion(db, id, change.title, words);
  return getChain(db, id);
}

/** Takes a chain away, its versions with it; lessons that were taught with it keep their words. @throws AppError "not-found" */
export async function removeChain(db: Queryable, id: ChainId): Promise<void> {
  await getChain(db, id);
  await db.delete(chains).where(eq(chains.id, id));
}

/** Fields that were not given are left out, not stored as undefined. */
function toShape(shape: z.infer<typeof shapeField> | undefined): ChainShape | null {
  return shape ? (JSON.parse(JSON.stringify(shape)) as ChainShape) : null;
}

/** One state in which a chain was saved. */
export interface ChainVersion {
  readonly id: string;
  readonly title: string;
  readonly words: readonly string[];
  /** ISO 8601. */
  readonly savedAt: string;
}

const VERSIONS_SHOWN = 50;

async function storeVersion(db: Queryable, chainId: ChainId, title: string, words: readonly string[]): Promise<void> {
  const [last] = await listVersions(db, chainId, 1);
  if (last && last.title === title && last.words.join(" ") === words.join(" ")) return;
  await db.insert(chainVersions).values({ id: randomUUID(), chainId, title, words });
}

/** The states a chain was saved in, the latest first. */
export async function listVersions(db: Queryable, chainId: ChainId, most = VERSIONS_SHOWN): Promise<ChainVersion[]> {
  const rows = await db
    .select()
    .from(chainVersions)
    .where(eq(chainVersions.chainId, chainId))
    .orderBy(desc(chainVersions.createdAt))
    .limit(most);
  return rows.flatMap(({ id, title, words, createdAt }) =>
    words ? [{ id, title, words, savedAt: createdAt.toISOString() }] : [],
  );
}
