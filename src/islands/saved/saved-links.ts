import { ACTIVITY_WORDS } from "../../components/words/activity-words.ts";
import { SKILL_NAME } from "../../components/words/oral-words.ts";
import { SET_WORDS } from "../../components/words/set-words.ts";
import type { ActivityKind, OralSkill, SetKind } from "../../core/light.ts";
import type { SavedItem } from "../../server/saved/saved-page.ts";
import { paperHref } from "../shared/paper-href.ts";

/** How what is saved is named, opened and printed. */
interface SavedLinks {
  readonly name: string;
  readonly href: (item: SavedItem) => string;
  readonly print?: (item: SavedItem) => string | undefined;
  /** Where it is marked from paper. */
  readonly marks?: (item: SavedItem) => string;
}

/** Most words that a sheet takes from a lesson. */
const MOST_PRINTED = 40;

const LINKS: Record<Exclude<SavedItem["kind"], SetKind>, SavedLinks> = {
  chain: {
    name: "Chain",
    href: ({ id, groupId }) => `/bench?group=${groupId}&chain=${id}`,
    print: ({ id, groupId }) => paperHref({ groupId: groupId as string, from: { chainId: id } }),
  },
  lesson: {
    name: "Lesson taught",
    href: ({ id }) => `/teach/${id}`,
    marks: ({ id }) => `/teach/${id}/paper`,
    print: ({ groupId, words }) =>
      words.length > 0
        ? paperHref({ groupId: groupId as string, from: { words: words.slice(0, MOST_PRINTED) } })
        : undefined,
  },
  routine: { name: "Daily routine", href: ({ id, groupId }) => `/ears-only?group=${groupId}&routine=${id}` },
  template: { name: "Template of a lesson", href: ({ id }) => `/plan?template=${id}` },
};

const linksOf = (kind: SavedItem["kind"]): SavedLinks =>
  kind in LINKS
    ? LINKS[kind as keyof typeof LINKS]
    : {
        name: SET_WORDS[kind as SetKind].name,
        href: ({ id, groupId }) => `/${SET_WORDS[kind as SetKind].screen}?group=${groupId}&set=${id}`,
        print: ({ id }) => `/print/${id}`,
      };

/** What kind of thing it is, in words. */
export const kindName = (kind: SavedItem["kind"]): string => linksOf(kind).name;

/** Where it is opened. */
export const hrefOf = (item: SavedItem): string => linksOf(item.kind).href(item);

/** Where it is printed; undefined where it has nothing to print. */
export const printHrefOf = (item: SavedItem): string | undefined => linksOf(item.kind).print?.(item);

/** Where it is marked from paper; undefined where nothing was taught. */
export const marksHrefOf = (item: SavedItem): string | undefined => linksOf(item.kind).marks?.(item);

/** What it is made of, as it is read: its words, or the names of its parts. */
export const madeOf = ({ kind, words, parts = [] }: SavedItem): readonly string[] =>
  parts.length === 0
    ? words
    : parts.map((part) =>
        kind === "routine" ? SKILL_NAME[part as OralSkill] : ACTIVITY_WORDS[part as ActivityKind].name,
      );

/** Whose it is. */
export const whoseOf = ({ group }: SavedItem): string => group || "every group";
