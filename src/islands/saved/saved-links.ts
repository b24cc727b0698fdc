import { SET_WORDS } from "../../components/words/set-words.ts";
import type { SavedItem } from "../../server/saved/saved-page.ts";
import { paperHref } from "../shared/paper-href.ts";

/** What kind of thing it is, in words. */
export const kindName = (kind: SavedItem["kind"]): string =>
  kind === "chain" ? "Chain" : kind === "lesson" ? "Lesson taught" : SET_WORDS[kind].name;

/** Where it is opened. */
export function hrefOf({ kind, id, groupId }: SavedItem): string {
  if (kind === "chain") return `/bench?group=${groupId}&chain=${id}`;
  if (kind === "lesson") return `/teach/${id}`;
  return `/${SET_WORDS[kind].screen}?group=${groupId}&set=${id}`;
}

/** Where it is printed; undefined where it has nothing to print. */
export function printHrefOf({ kind, id, groupId, words }: SavedItem): string | undefined {
  if (kind === "chain") return paperHref({ groupId, from: { chainId: id } });
  if (kind !== "lesson") return `/print/${id}`;
  return words.length > 0 ? paperHref({ groupId, from: { words: words.slice(0, 40) } }) : undefined;
}
