import type { TaughtSet } from "./taught-set.ts";

/** So many groups may be asked about in turn without working out anew what each can read. */
const MOST_KEPT = 24;
const keptSets = new Map<string, TaughtSet>();

const isTaught = (value: unknown): value is TaughtSet =>
  typeof value === "object" && value !== null && "gpcs" in value && value.gpcs instanceof Map;

/** A question with the taught set that is kept. */
export const withKept = <Q extends { readonly taught: TaughtSet }>(question: Q): Q => ({
  ...question,
  taught: kept(question.taught),
});

/**
 * Questions come to a worker with a copy of the taught set. Of the same content one object is kept, because what was
 * worked out for it is remembered by its identity.
 *
 * @param value an argument: a taught set, something that holds one as `taught`, or anything else, which stays as it is
 */
export function keepTaught(value: unknown): unknown {
  if (isTaught(value)) return kept(value);
  if (typeof value !== "object" || value === null || !("taught" in value) || !isTaught(value.taught)) return value;
  return { ...value, taught: kept(value.taught) };
}

function kept(taught: TaughtSet): TaughtSet {
  const key = JSON.stringify([
    [...taught.gpcs].map(([gpc, places]) => [gpc, places === "any" ? places : [...places]]),
    [...taught.patterns],
    [...taught.words],
    [...(taught.takenAway ?? [])],
    taught.accent,
  ]);
  const known = keptSets.get(key);
  if (known) return known;
  if (keptSets.size >= MOST_KEPT) keptSets.delete(keptSets.keys().next().value as string);
  keptSets.set(key, taught);
  return taught;
}
