import { type ActivityContent, type ActivityKind, itemsOfContent } from "./activity.ts";
import type { TurnPattern } from "./settings.ts";

/** Kinds of activity that have a length of their own: those of a lesson, and saved sets. */
export type PlannedKind = ActivityKind | "chain" | "family" | "pairs";

/**
 * Seconds a word, a card, a pair or an item takes a small group, before it has shown its own pace. Common practice,
 * no source.
 */
const SECONDS: Readonly<Record<PlannedKind, number>> = {
  "ears-only": 12,
  "sound-cards": 5,
  "hear-and-spell": 15,
  "new-sound": 90,
  blending: 15,
  "read-chain": 20,
  "build-chain": 30,
  "family-walk": 12,
  "word-list": 10,
  "find-it": 12,
  "fill-the-gap": 15,
  "right-or-not": 15,
  "real-or-nonsense": 10,
  dictation: 30,
  "irregular-words": 10,
  sort: 15,
  text: 10,
  free: 120,
  chain: 25,
  family: 12,
  pairs: 20,
};

/** Minutes that so many words or items take, to the next half minute, at least half a minute. */
export function minutesFor(kind: PlannedKind, items: number, pace = 1): number {
  return Math.max(1, Math.ceil((items * SECONDS[kind] * pace) / 30)) / 2;
}

/** My turn, together, your turn takes longer than going straight to the learners. */
const WITH_MODEL = 1.5;

/** Minutes of an activity. @param pace the group's own, 1 as above: 1.5 takes half as long again */
export const minutesOfContent = (content: ActivityContent, turns: TurnPattern, pace = 1): number =>
  minutesFor(content.kind, itemsOfContent(content), turns === "my-together-your" ? pace * WITH_MODEL : pace);
