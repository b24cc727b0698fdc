import type { TaughtSet } from "../core/light.ts";

let lastTaught: { key: string; taught: TaughtSet } | undefined;

/**
 * Questions come with a copy of the taught set. Of the same content one object is kept, because what was
 * worked out for it is remembered by its identity.
 */
function kept(taught: TaughtSet): TaughtSet {
  const key = JSON.stringify([
    [...taught.gpcs].map(([gpc, places]) => [gpc, places === "any" ? places : [...places]]),
    [...taught.patterns],
    [...taught.words],
    taught.accent,
  ]);
  if (lastTaught?.key !== key) lastTaught = { key, taught };
  return lastTaught.taught;
}

/** A question with the taught set that is kept. */
export const withKept = <Q extends { readonly taught: TaughtSet }>(question: Q): Q => ({
  ...question,
  taught: kept(question.taught),
});
