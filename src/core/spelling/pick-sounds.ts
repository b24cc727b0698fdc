import { type Gpc, gpcById, gpcsStartingWith } from "./gpc.ts";
import type { Segmentation } from "./segmentation.ts";

/** One grapheme of a word with its sounds, and the letter at which it begins. */
export interface SoundPick {
  readonly at: number;
  /** Id of a correspondence of the table. */
  readonly gpc: string;
}

/** Letters from which a split digraph may take its second part: those right after its first and one or two between. */
const LARGEST_GAP = 3;

/** Places of the letters that a grapheme takes, each of the ways it can; several only for a split digraph. */
function waysToStand({ head, tail }: Pick<Gpc, "head" | "tail">, word: string, at: number): number[][] {
  if (!word.startsWith(head, at)) return [];
  const first = Array.from(head, (_, k) => at + k);
  if (tail === "") return [first];
  const after = at + head.length;
  return Array.from({ length: LARGEST_GAP }, (_, k) => after + 1 + k)
    .filter((place) => word[place] === tail)
    .map((place) => [...first, place]);
}

/** The letters of each pick; undefined when a letter is taken twice or by none. */
function lettersOf(word: string, picks: readonly SoundPick[]): number[][] | undefined {
  const taken = new Set<number>();
  const letters: number[][] = [];
  for (const { at, gpc } of picks) {
    const parts = gpcById(gpc);
    const way = parts && waysToStand(parts, word, at).find((places) => places.every((place) => !taken.has(place)));
    if (!way) return undefined;
    for (const place of way) taken.add(place);
    letters.push(way);
  }
  return taken.size === word.length ? letters : undefined;
}

/**
 * The correspondences that may begin at a letter of a word, the likeliest first.
 *
 * @param word lower case
 * @param at place of the letter, from 0
 */
export function choicesAt(word: string, at: number): Gpc[] {
  const seen = new Set<string>();
  return gpcsStartingWith(word.charAt(at))
    .filter((gpc) => waysToStand(gpc, word, at).length > 0 && !seen.has(gpc.id) && seen.add(gpc.id))
    .sort((a, b) => a.commonness - b.commonness || b.grapheme.length - a.grapheme.length);
}

/** A reading as picks, in the order of its letters. */
export const picksOf = ({ units }: Pick<Segmentation, "units">): SoundPick[] =>
  units.map(({ grapheme, phonemes, letters }) => ({
    at: letters[0] as number,
    gpc: `${grapheme}=${phonemes.join("+")}`,
  }));

/**
 * Picks a correspondence for a letter. Others stay as they were unless it takes one of their letters; letters that it
 * leaves free are taken by the likeliest correspondence of one letter.
 *
 * @param picks a whole word
 * @returns the word whole again; as it was where a letter is left that no correspondence takes
 */
export function pickAt(word: string, picks: readonly SoundPick[], chosen: SoundPick): SoundPick[] {
  const parts = gpcById(chosen.gpc);
  if (!parts) return [...picks];
  for (const mine of waysToStand(parts, word, chosen.at)) {
    const taken = new Set(mine);
    const next: SoundPick[] = [chosen];
    const before = lettersOf(word, picks) ?? [];
    picks.forEach((pick, k) => {
      const letters = before[k] ?? [];
      if (letters.length === 0 || letters.some((place) => taken.has(place))) return;
      for (const place of letters) taken.add(place);
      next.push(pick);
    });
    for (let place = 0; place < word.length; place++) {
      if (taken.has(place)) continue;
      const single = choicesAt(word, place).find(({ grapheme }) => grapheme.length === 1);
      if (single) next.push({ at: place, gpc: single.id });
    }
    next.sort((a, b) => a.at - b.at);
    if (lettersOf(word, next)) return next;
  }
  return [...picks];
}

/** Picks as the word list's file writes a reading: `"c.a-e.k=k"`. */
export const readingOfPicks = (picks: readonly SoundPick[]): string => picks.map(({ gpc }) => gpc).join(".");
