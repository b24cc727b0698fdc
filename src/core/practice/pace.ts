/** Kinds of activity that have a length of their own. */
export type PacedKind = "chain" | "family" | "sort" | "pairs" | "ears-only";

/**
 * Seconds a word, a pair or an item takes a small group, before it has shown its own pace. Common practice, no
 * source.
 */
const SECONDS: Readonly<Record<PacedKind, number>> = { chain: 25, family: 12, sort: 15, pairs: 20, "ears-only": 12 };

/** Minutes that so many words or items take, to the next half minute, at least one. */
export function minutesFor(kind: PacedKind, items: number): number {
  return Math.max(1, Math.ceil((items * SECONDS[kind]) / 30) / 2);
}
