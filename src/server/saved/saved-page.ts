import { isCard, type SetKind, wordsShownInSet } from "../../core/light.ts";
import { listChains } from "../chains/chains.ts";
import type { Queryable } from "../db/database.ts";
import { listGroups } from "../groups/groups.ts";
import { listSessions } from "../sessions/sessions.ts";
import { listSets } from "../sets/word-sets.ts";

/** Something that was saved or taught, wherever it was made. */
export interface SavedItem {
  readonly id: string;
  readonly kind: "chain" | "lesson" | SetKind;
  readonly title: string;
  readonly groupId: string;
  readonly group: string;
  /** What it is made of: its words, as far as they are looked for. */
  readonly words: readonly string[];
  /** Kept out of sight until it is taken up again. */
  readonly isPutAway: boolean;
  /** ISO time: saved last, or begun. */
  readonly at: string;
}

/** So many of a group's chains, sets and lessons are listed, those touched last. */
const MOST_OF_A_KIND = 60;

/** Everything that was saved for any group that is in sight, the one touched last first. */
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
    for (const { id, title, words, startedAt } of await listSessions(db, groupId, MOST_OF_A_KIND))
      items.push({
        ...of,
        id,
        kind: "lesson",
        title,
        words: [...new Set(words)].filter((word) => !isCard(word)),
        isPutAway: false,
        at: startedAt,
      });
  }
  return items.sort((a, b) => (a.at < b.at ? 1 : -1));
}
