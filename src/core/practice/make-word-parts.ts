import { patternOfAim } from "../scope/patterns.ts";
import { WORD_PART_IDS, type WordPart, wordPartSets } from "../texts/word-parts.ts";
import type { ContentOfKind } from "./activity-kinds.ts";
import type { Making } from "./making.ts";

const LEAST_WORDS = 2;
const SENTENCES = 2;

const isWordPart = (id: string | undefined): id is WordPart =>
  (WORD_PART_IDS as readonly (string | undefined)[]).includes(id);

/**
 * Words with an ending or a beginning and without it: today's, else the one that was taught last and that words can be
 * read for.
 *
 * @param count how many words, from 1
 */
export function wordParts({ request, today, lexicon }: Making, count: number): ContentOfKind<"word-parts"> | undefined {
  const { taught, allowLists, never = [], focus } = request;
  const rules = { taught, never: [...never, ...today.heldBack], ...(allowLists && { allowLists }) };
  const newestFirst = [...focus.map(patternOfAim), ...[...taught.patterns].reverse()].filter(isWordPart);
  for (const part of new Set(newestFirst)) {
    const set = wordPartSets(part, rules, Math.max(count, LEAST_WORDS), SENTENCES, lexicon)[0];
    if (set && set.items.length >= LEAST_WORDS) return { kind: "word-parts", ...set };
  }
  return undefined;
}
