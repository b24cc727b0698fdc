import { type ActivityKind, isWordTarget, type OralSkill, type SetKind, wordsShownInSet } from "../../core/light.ts";
import type { GroupId } from "../../schemas/ids.ts";
import { listChains } from "../chains/chains.ts";
import type { Queryable } from "../db/database.ts";
import { listGroups } from "../groups/groups.ts";
import { ownTemplates } from "../plans/templates.ts";
import { listSessions } from "../sessions/sessions.ts";
import { listRoutines } from "../sets/routines.ts";
import { listSets } from "../sets/word-sets.ts";

/** Something that was saved or taught, wherever it was made. */
export interface SavedItem {
  readonly id: string;
  readonly kind: "chain" | "lesson" | "routine" | "template" | SetKind;
  readonly title: string;
  /** Absent where it is every group's. */
  readonly groupId?: GroupId;
  /** Empty where it is every group's. */
  readonly group: string;
  /** What it is made of: its words, as far as they are looked for. */
  readonly words: readonly string[];
  /** What a routine practises or a template has in its line, where it is made of such and not of words. */
  readonly parts?: readonly (OralSkill | ActivityKind)[];
  /** Kept out of sight until it is taken up again. */
  readonly isPutAway: boolean;
  /** ISO time: saved last, or begun. */
  readonly at: string;
}

/** So many of a group's chains, sets and lessons are listed, those touched last. */
const MOST_OF_A_KIND = 60;

/** Everything that was saved for any group that is in sight, and templates, which are every group's; the one touched last first. */
export async function savedItems(db: Queryable): Promise<SavedItem[]> {
  const items: SavedItem[] = [];
  for (const { id: groupId, name: group } of await listGroups(db)) {
    const of = { groupId, group };
    const all = { most: MOST_OF_A_KIND, putAway: true };
    for (const chain of (await listChains(db, groupId, all)).slice(0, MOST_OF_A_KIND)) {
      const { id, title, words, isPutAway, updatedAt: at } = chain;
      items.push({ ...of, id, kind: "chain", title, words, isPutAway, at });
    }
    for (const { id, kind, title, content, isPutAway, updatedAt: at } of await listSets(db, groupId, undefined, all))
      items.push({ ...of, id, kind, title, words: [...new Set(wordsShownInSet(content))], isPutAway, at });
    for (const { id, title, parts, isPutAway, updatedAt: at } of await listRoutines(db, groupId, all))
      items.push({ ...of, id, kind: "routine", title, words: [], parts: parts.map((one) => one.skill), isPutAway, at });
    for (const { id, title, words, startedAt } of await listSessions(db, groupId, MOST_OF_A_KIND))
      items.push({
        ...of,
        id,
        kind: "lesson",
        title,
        words: [...new Set(words)].filter(isWordTarget),
        isPutAway: false,
        at: startedAt,
      });
  }
  for (const { id, name: title, parts, isPutAway, updatedAt: at } of await ownTemplates(db))
    items.push({ id, kind: "template", title, group: "", words: [], parts: parts.map((p) => p.kind), isPutAway, at });
  return items.sort((a, b) => (a.at < b.at ? 1 : -1));
}
