import type { SetContent } from "../../core/light.ts";
import { DEFAULT_ITEMS, type NoOralSet, type OralItem, type OralSkill } from "../../core/light.ts";
import type { WordSet } from "../../server/sets/word-sets.ts";

/** One skill of the sheet: its items, or why there are none. */
export interface EarsPart {
  readonly skill: OralSkill;
  readonly count: number;
  readonly items: readonly OralItem[];
  readonly fromToday: number;
  readonly reason?: NoOralSet;
}

/** The skills of a first visit: a warm-up of four. */
const FIRST_SKILLS: readonly OralSkill[] = ["rhyme-or-not", "first-sound", "blend-sounds", "change-beginning"];

/** A part of an ears-only set whose items are still to be made. */
export const emptyPart = (skill: OralSkill, count = DEFAULT_ITEMS): EarsPart => ({
  skill,
  count,
  items: [],
  fromToday: 0,
});

/** The parts of a saved set, or those of a first visit. */
export function startingParts(set: WordSet | undefined): EarsPart[] {
  if (set?.content.kind !== "ears-only") return FIRST_SKILLS.map((skill) => emptyPart(skill));
  return set.content.parts.map(({ skill, items }) => ({ skill, count: items.length, items, fromToday: 0 }));
}

/** What is saved; undefined while there is no item. */
export function contentOf(parts: readonly EarsPart[]): SetContent | undefined {
  const filled = parts.filter(({ items }) => items.length > 0);
  if (filled.length === 0) return undefined;
  return {
    kind: "ears-only",
    // Items are plain data; what the server takes is the same shape, writable.
    parts: structuredClone(filled.map(({ skill, items }) => ({ skill, items }))) as Extract<
      SetContent,
      { kind: "ears-only" }
    >["parts"],
  };
}

/** Words as a teacher types them, parted by anything. */
export const wordsIn = (text: string): string[] => [
  ...new Set(
    text
      .toLowerCase()
      .split(/[\s,;./]+/)
      .filter((word) => /^[a-z]{1,30}$/.test(word)),
  ),
];
