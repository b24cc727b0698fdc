import { entryOf } from "../chains/entry-of.ts";
import { checkReadings, DEFAULT_RULE } from "../chains/step-compare.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { onsetRimeOf } from "../spelling/onset-rime.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import type { Family } from "./family.ts";
import { familyIndex } from "./members.ts";
import { isUsable } from "./rich-families.ts";
import type { FamilyRules } from "./rules.ts";
import { memberDifficulty } from "./set-order.ts";

/** A family laid out so that every neighbour is one step away. */
export interface FamilyWalk {
  readonly words: readonly string[];
  /** How each is read. */
  readonly readings: readonly Segmentation[];
  /** Words of the family that were not in the set and had to come in to join it up (fat between cat and flat). */
  readonly added: readonly string[];
  /** Words of the set that no step leads to. */
  readonly leftOut: readonly string[];
}

/** Looks after which a start is given up, and the whole search: the best walk so far then stands. */
const PATIENCE = 1500;
const PATIENCE_IN_ALL = 12_000;
const MOST_ADDED = 3;

/**
 * Orders the words of a set so that each differs from the one before by one grapheme, the easiest first; brings in
 * up to three more words of the same families where that lets more of the set in.
 *
 * @param words spellings, listed or nonsense; those that cannot be read are left out
 */
export function familyWalk(
  words: readonly string[],
  families: readonly Family[],
  rules: FamilyRules,
  list: Lexicon = shippedLexicon(),
): FamilyWalk {
  const lexicon = lexiconIn(list, rules.taught.accent);
  const readings = readingsOf([...new Set(words)], lexicon);
  const given = readings.length;
  let best = longestWalk(readings, given, lexicon);
  let pool = readings;
  const spare = spareWords(families, words, rules, lexicon);
  while (best.length < pool.length && pool.length - given < MOST_ADDED) {
    const tried = spare
      .filter((reading) => !pool.includes(reading))
      .map((reading) => ({ reading, walk: longestWalk([...pool, reading], given, lexicon) }))
      .filter(({ walk }) => ours(walk, given) > ours(best, given))
      .sort((a, b) => ours(b.walk, given) - ours(a.walk, given))[0];
    if (!tried) break;
    pool = [...pool, tried.reading];
    best = tried.walk;
  }
  const readingsWalked = best.map((k) => pool[k] as Segmentation);
  const walked = readingsWalked.map(({ word }) => word);
  return {
    words: walked,
    readings: readingsWalked,
    added: walked.filter((word) => !words.includes(word)),
    leftOut: words.filter((word) => !walked.includes(word)),
  };
}

/** How many of a walk's words are the set's own: they come before the added ones. */
const ours = (walk: readonly number[], given: number): number => walk.filter((k) => k < given).length;

function readingsOf(words: readonly string[], lexicon: Lexicon): Segmentation[] {
  return words
    .flatMap((word): Segmentation[] => {
      const entry = entryOf(word, lexicon);
      return entry ? [entry.readings[0]] : [];
    })
    .map((reading) => ({ reading, hard: hardness(reading) }))
    .sort((a, b) => a.hard - b.hard)
    .map(({ reading }) => reading);
}

function hardness(reading: Segmentation): number {
  const parts = onsetRimeOf(reading);
  return parts ? memberDifficulty({ parts }, "rime") + memberDifficulty({ parts }, "body") : 0;
}

function spareWords(
  families: readonly Family[],
  words: readonly string[],
  rules: FamilyRules,
  lexicon: Lexicon,
): Segmentation[] {
  return families.flatMap(({ kind, letters, sounds }) =>
    (familyIndex(lexicon).byLetters[kind].get(letters) ?? [])
      .filter((member) => member[kind].sounds === sounds && isUsable(member, rules, lexicon))
      .filter(({ entry }) => !words.includes(entry.word))
      .map(({ reading }) => reading),
  );
}

/**
 * The longest path of one-step neighbours found: depth first from each word, the neighbour with fewest ways on
 * first (Warnsdorff's rule), so that words with one way in are not stranded.
 */
function longestWalk(readings: readonly Segmentation[], given: number, { accent }: Lexicon): number[] {
  const near = readings.map((from) =>
    readings.flatMap((to, k) => (checkReadings(from, to, { ...DEFAULT_RULE, accent }).single ? [k] : [])),
  );
  // No walk leaves the words that hang together: what is beyond them need not be looked for.
  const most = Math.max(0, ...componentsOf(near).map((component) => ours(component, given)));
  let best: number[] = [];
  let looks = 0;
  let looksInAll = 0;
  const onPath = new Set<number>();
  const path: number[] = [];
  const goOn = (from: number): boolean => {
    path.push(from);
    onPath.add(from);
    if (ours(path, given) > ours(best, given)) best = [...path];
    looksInAll++;
    const done = ours(best, given) === most || ++looks > PATIENCE || looksInAll > PATIENCE_IN_ALL;
    if (!done) {
      const ahead = (near[from] as number[]).filter((k) => !onPath.has(k));
      const waysOn = (k: number) => (near[k] as number[]).filter((n) => !onPath.has(n)).length;
      for (const next of ahead.map((k) => ({ k, ways: waysOn(k) })).sort((a, b) => a.ways - b.ways || a.k - b.k))
        if (goOn(next.k)) return true;
    }
    path.pop();
    onPath.delete(from);
    return done;
  };
  for (let start = 0; start < readings.length; start++) {
    looks = 0;
    if (ours(best, given) === most || looksInAll > PATIENCE_IN_ALL) break;
    goOn(start);
    onPath.clear();
    path.length = 0;
  }
  return best;
}

/** Nodes that hang together. */
function componentsOf(near: readonly (readonly number[])[]): number[][] {
  const seen = new Set<number>();
  return near.flatMap((_, start) => {
    if (seen.has(start)) return [];
    seen.add(start);
    const component = [start];
    for (const node of component)
      for (const next of near[node] as readonly number[])
        if (!seen.has(next)) {
          seen.add(next);
          component.push(next);
        }
    return [component];
  });
}
