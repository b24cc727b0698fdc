import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { partsOfGpcId } from "../spelling/gpc-id.ts";
import type { TaughtGpcs, UnitPlace } from "../spelling/taught-gpcs.ts";
import { teachingKey } from "../spelling/teaching-key.ts";
import { type Pattern, patternOfAim, withImplied } from "./patterns.ts";
import { parseTaughtGpc, type Sequence, type TaughtGpc } from "./sequence.ts";

/** What a group has been taught: everything a word may be made of. */
export interface TaughtSet extends TaughtGpcs {
  readonly patterns: ReadonlySet<Pattern>;
  /** Irregular words learnt as wholes, lower case. */
  readonly words: ReadonlySet<string>;
}

/** What a teacher ticks by hand on top of a step; taken-away things win over added ones. */
export interface HandTicks {
  readonly add?: { gpcs?: readonly TaughtGpc[]; patterns?: readonly Pattern[]; words?: readonly string[] };
  readonly remove?: { gpcs?: readonly TaughtGpc[]; patterns?: readonly Pattern[]; words?: readonly string[] };
}

/** Hand-ticks as they are stored and sent: correspondences as tokens (`taughtGpcToken`). */
export interface TickTokens {
  readonly add: TickedItems;
  readonly remove: TickedItems;
}

export interface TickedItems {
  readonly gpcs: readonly string[];
  readonly patterns: readonly Pattern[];
  readonly words: readonly string[];
}

const NOTHING: TickedItems = { gpcs: [], patterns: [], words: [] };
export const NO_TICKS: TickTokens = { add: NOTHING, remove: NOTHING };

/** Hand-ticks with one more thing taught: one that was taken away by hand is given back. */
export function tickedAsTaught(ticks: TickTokens, kind: keyof TickedItems, token: string): TickTokens {
  const { add, remove } = ticks;
  const others = (list: readonly string[]) => list.filter((other) => other !== token);
  return {
    add: { ...add, [kind]: [...others(add[kind]), token] },
    remove: { ...remove, [kind]: others(remove[kind]) },
  };
}

/** Hand-ticks from their stored form. @throws Error on a token that is none */
export function ticksOf({ add, remove }: TickTokens): HandTicks {
  const read = (items: TickedItems) => ({ ...items, gpcs: items.gpcs.map(parseTaughtGpc) });
  return { add: read(add), remove: read(remove) };
}

/** The key a correspondence is looked up by in a taught set. */
export const taughtKey = teachingKey;

/** Is the correspondence with this id taught, wherever it be? */
export function isTaughtGpc(id: string, taught: Pick<TaughtSet, "gpcs" | "accent">): boolean {
  const { grapheme, phonemes } = partsOfGpcId(id);
  return taught.gpcs.has(teachingKey(grapheme, phonemes, taught.accent));
}

/** Is an aim taught: a correspondence by its id, or a pattern by its? */
export function isTaughtAim(id: string, taught: Pick<TaughtSet, "gpcs" | "patterns" | "accent">): boolean {
  const pattern = patternOfAim(id);
  return pattern ? taught.patterns.has(pattern) : isTaughtGpc(id, taught);
}

/**
 * Everything up to and including a step, plus or minus the teacher's ticks.
 *
 * @param step counted from 1; 0 is "nothing yet"; beyond the last step means the last
 *
 * @example [...taughtAt(sequenceById("phased"), 1).gpcs.keys()] // ["s=s", "a=æ", "t=t", "p=p"]
 */
export function taughtAt(
  sequence: Pick<Sequence, "steps">,
  step: number,
  ticks: HandTicks = {},
  accent: AccentSettings = GENERAL_AMERICAN,
): TaughtSet {
  const gpcs = new Map<string, Set<UnitPlace> | "any">();
  const patterns = new Set<Pattern>();
  const words = new Set<string>();
  const teach = (gpc: TaughtGpc) => {
    const key = taughtKey(gpc.grapheme, gpc.phonemes, accent);
    const old = gpcs.get(key);
    if (old === "any") return;
    if (!gpc.place) gpcs.set(key, "any");
    else gpcs.set(key, new Set([...(old ?? []), gpc.place]));
  };
  const teachPattern = (pattern: Pattern) => {
    for (const one of withImplied(pattern)) patterns.add(one);
  };
  for (const taught of sequence.steps) {
    if (taught.number > step) break;
    taught.gpcs.forEach(teach);
    for (const pattern of taught.patterns) teachPattern(pattern);
    for (const word of taught.irregularWords) words.add(word);
  }
  ticks.add?.gpcs?.forEach(teach);
  for (const pattern of ticks.add?.patterns ?? []) teachPattern(pattern);
  for (const word of ticks.add?.words ?? []) words.add(word);
  const takenAway = new Set(
    (ticks.remove?.gpcs ?? []).map(({ grapheme, phonemes }) => taughtKey(grapheme, phonemes, accent)),
  );
  for (const key of takenAway) gpcs.delete(key);
  for (const pattern of ticks.remove?.patterns ?? []) patterns.delete(pattern);
  for (const word of ticks.remove?.words ?? []) words.delete(word);
  return { gpcs, patterns, words, accent, ...(takenAway.size > 0 && { takenAway }) };
}
