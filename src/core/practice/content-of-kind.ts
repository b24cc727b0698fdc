import type { ActivityContent, ActivityKind } from "./activity.ts";
import {
  earsOnly,
  familyWalkOf,
  fillTheGap,
  findIt,
  hearAndSpell,
  irregularWords,
  type Making,
  newSound,
  realOrNonsense,
  rightOrNot,
  sortOf,
  soundCards,
} from "./make-content.ts";

/**
 * Fills an activity with the words of the day.
 *
 * @param count how many things, 1 or more
 * @returns undefined when the group's words do not serve, and for texts, which are a teacher's own
 */
export function contentOfKind(
  kind: ActivityKind,
  making: Making,
  count: number,
  heldBack = false,
): ActivityContent | undefined {
  const { chain, words } = making.today;
  const list = (of: "blending" | "read-chain" | "build-chain" | "word-list", from: readonly string[]) =>
    from.length > 0 ? { kind: of, words: from } : undefined;
  if (heldBack) return list("word-list", making.today.heldBack);
  switch (kind) {
    case "ears-only":
      return earsOnly(making, ["first-sound", "blend-sounds"], count);
    case "sound-cards":
      return soundCards(making, count);
    case "new-sound":
      return newSound(making);
    case "blending":
      return list("blending", words.slice(0, count));
    case "read-chain":
      // Without a chain the same words are read as a list.
      return list(chain.length > 0 ? "read-chain" : "word-list", words);
    case "word-list":
      return list("word-list", words.slice(0, count));
    case "build-chain":
      return list("build-chain", chain.slice(0, count));
    case "fill-the-gap":
      return fillTheGap(making, count);
    case "right-or-not":
      return rightOrNot(making, count);
    case "irregular-words":
      return irregularWords(making, count);
    case "dictation": {
      // Every other word: what stands side by side in a chain is hardly a new word to write.
      const spread = words.filter((_, k) => k % 2 === 1).slice(0, count);
      return spread.length > 0 ? { kind: "dictation", words: spread, sentences: [] } : undefined;
    }
    case "find-it":
      return findIt(making, count);
    case "hear-and-spell":
      return hearAndSpell(making, count);
    case "family-walk":
      return familyWalkOf(making, count);
    case "sort":
      return sortOf(making, count);
    case "real-or-nonsense":
      return realOrNonsense(making, count);
    case "text":
    case "free":
      return undefined;
  }
}
