import { and, desc, eq, inArray, isNull } from "drizzle-orm";
import {
  type Bin,
  lexiconIn,
  partsOfGpcId,
  refusalOf,
  type SchoolSettings,
  SET_KIND_IDS,
  type SetContent,
  type SetContentOf,
  type SetKind,
  shippedLexicon,
  wordsShownInSet,
} from "../../core/index.ts";
import type { GroupId, SetId } from "../../schemas/ids.ts";
import type { ChangeSavedInput } from "../../schemas/saved.ts";
import type { EditSetInput, NewSetInput } from "../../schemas/sets.ts";
import type { Queryable } from "../db/database.ts";
import { newId } from "../db/new-id.ts";
import { wordSets } from "../db/schema.ts";
import { getGroup } from "../groups/groups.ts";
import { AppError, notFound, unreadable } from "../http/errors.ts";
import { savedChange } from "../saved/saved-change.ts";
import { getSchool } from "../school/school.ts";
import { refuseOralItems } from "./oral-items.ts";

export interface WordSet {
  readonly id: SetId;
  readonly groupId: GroupId;
  readonly kind: SetKind;
  readonly title: string;
  readonly content: SetContent;
  /** Kept out of sight until it is taken up again. */
  readonly isPutAway: boolean;
  /** ISO 8601. */
  readonly updatedAt: string;
}

/** @returns undefined when its content cannot be read */
const toSet = ({ content, ...row }: typeof wordSets.$inferSelect): WordSet | undefined =>
  content && {
    id: row.id,
    groupId: row.groupId,
    kind: row.kind,
    title: row.title,
    content,
    isPutAway: row.putAwayAt !== null,
    updatedAt: row.updatedAt.toISOString(),
  };

/** A group's sets, of every kind or of some, the one touched last first; those that were put away only when they are asked for. */
export async function listSets(
  db: Queryable,
  groupId: GroupId,
  kinds: readonly SetKind[] = SET_KIND_IDS,
  { most = 60, putAway = false }: { readonly most?: number; readonly putAway?: boolean } = {},
): Promise<WordSet[]> {
  await getGroup(db, groupId);
  const rows = await db
    .select()
    .from(wordSets)
    .where(
      and(
        eq(wordSets.groupId, groupId),
        inArray(wordSets.kind, [...kinds]),
        putAway ? undefined : isNull(wordSets.putAwayAt),
      ),
    )
    .orderBy(desc(wordSets.updatedAt))
    .limit(most);
  return rows.flatMap((row) => toSet(row) ?? []);
}

/** @throws AppError "not-found", "unreadable" */
export async function getSet(db: Queryable, id: SetId): Promise<WordSet> {
  const [row] = await db.select().from(wordSets).where(eq(wordSets.id, id));
  if (!row) throw notFound("set");
  const set = toSet(row);
  if (!set) throw unreadable("set");
  return set;
}

/** @throws AppError "not-found", "invalid" */
export async function createSet(db: Queryable, input: NewSetInput): Promise<WordSet> {
  await getGroup(db, input.groupId);
  const { groupId, content } = input;
  refuseUnfit(content, await getSchool(db));
  const id = newId<SetId>();
  await db
    .insert(wordSets)
    .values({ id, groupId, kind: content.kind, content, title: input.title || setTitle(content) });
  return getSet(db, id);
}

/** @throws AppError "not-found", "invalid" */
export async function editSet(db: Queryable, id: SetId, input: EditSetInput): Promise<WordSet> {
  await getSet(db, id);
  const { content } = input;
  refuseUnfit(content, await getSchool(db));
  await db
    .update(wordSets)
    .set({ kind: content.kind, content, title: input.title || setTitle(content), updatedAt: new Date() })
    .where(eq(wordSets.id, id));
  return getSet(db, id);
}

/** Gives a set another title, or puts it away or takes it up again. @throws AppError "not-found" */
export async function changeSet(db: Queryable, id: SetId, change: ChangeSavedInput): Promise<WordSet> {
  await getSet(db, id);
  await db.update(wordSets).set(savedChange(change)).where(eq(wordSets.id, id));
  return getSet(db, id);
}

/** @throws AppError "not-found" */
export async function removeSet(db: Queryable, id: SetId): Promise<void> {
  await getSet(db, id);
  await db.delete(wordSets).where(eq(wordSets.id, id));
}

/** No unsuitable word is kept, whoever sends it. */
function refuseUnfit(content: SetContent, school: SchoolSettings): void {
  const unfit = unfitWords(wordsShownInSet(content), school);
  if (unfit.length > 0)
    throw new AppError("invalid", "The set holds words that are kept out of this school.", [
      {
        field: "content",
        message: `take out ${unfit.length === 1 ? "one word" : `${unfit.length} words`}: ${unfit.join(", ")}`,
      },
    ]);
}

/** Looks over the items of a set for the ears, before it is kept. @throws AppError "invalid" */
export async function judgeContent(db: Queryable, content: SetContent): Promise<void> {
  if (content.kind !== "ears-only") return;
  await refuseOralItems(
    content.parts.flatMap(({ items }) => items),
    await getSchool(db),
  );
}

/** The words that this school keeps out, whoever wants them. */
export function unfitWords(words: readonly string[], school: SchoolSettings): string[] {
  const taught = { gpcs: new Map(), patterns: new Set<never>(), words: new Set<string>(), accent: school.accent };
  const lexicon = lexiconIn(shippedLexicon(), school.accent);
  const rules = { taught, never: school.never, allowLists: school.allowLists };
  return [...new Set(words)].filter((word) => {
    const refusal = refusalOf(word, rules, lexicon, "ears-only");
    return refusal?.code === "unsuitable" || refusal?.code === "never-list";
  });
}

/** What a set of each kind is called until the teacher names it. */
const TITLES: { readonly [K in SetKind]: (content: SetContentOf<K>) => string } = {
  family: ({ families }) =>
    families.map(({ kind, letters }) => (kind === "rime" ? `-${letters}` : `${letters}-`)).join(", "),
  sort: ({ bins }) => `Sort: ${bins.map(({ bin }) => binTitle(bin)).join(" / ")}`,
  pairs: ({ pairs: [first] }) => `Pairs: ${first?.a} / ${first?.b}`,
  "ears-only": ({ parts: [first, ...others] }) =>
    `Ears only: ${others.length === 0 ? first?.skill.replaceAll("-", " ") : `${others.length + 1} skills`}`,
  text: ({ text }) => openingWords(text),
};

const WORDS_OF_A_TITLE = 5;

/** `"The cat sat on the …"`. */
function openingWords(text: string): string {
  const words = text.split(/\s+/).filter(Boolean);
  const few = words.slice(0, WORDS_OF_A_TITLE).join(" ").slice(0, 70);
  return words.length > WORDS_OF_A_TITLE ? `${few} …` : few;
}

/** What a set is called until the teacher names it: `"-at, -an"`. */
export const setTitle = (content: SetContent): string =>
  (TITLES[content.kind] as (content: SetContent) => string)(content);

function binTitle(bin: Bin): string {
  switch (bin.by) {
    case "family":
      return bin.family.kind === "rime" ? `-${bin.family.letters}` : `${bin.family.letters}-`;
    case "spelling":
      return partsOfGpcId(bin.gpc).grapheme;
    case "syllable-type":
      return bin.type.replaceAll("-", " ");
  }
}
