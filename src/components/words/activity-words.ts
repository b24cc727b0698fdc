import {
  type ActivityContent,
  isWordList,
  itemsOfContent,
  keyWordFor,
  type WordListContent,
} from "../../core/light.ts";
import { binName, factWords } from "./family-words.ts";
import { SKILL_NAME } from "./oral-words.ts";
import { gpcLetters, gpcName } from "./sounds.ts";

/** What is in an activity, in one line; learners' words are parted from what is said about them. */
export interface ActivityLine {
  readonly words: readonly string[];
  readonly note: string;
}

export function activityLine(content: ActivityContent): ActivityLine {
  const count = itemsOfContent(content);
  switch (content.kind) {
    case "ears-only":
      return {
        words: [],
        note: content.parts.map(({ skill, items }) => `${SKILL_NAME[skill]}, ${items.length}`).join(" · "),
      };
    case "sound-cards":
      return { words: content.gpcs.map(gpcLetters), note: "" };
    case "hear-and-spell":
      return {
        words: [],
        note: content.sounds
          .map(({ sound, gpcs }) => `${keyWordFor(sound[0] ?? "")}: ${gpcs.map(gpcLetters).join(", ")}`)
          .join(" · "),
      };
    case "new-sound":
      return {
        words: content.words,
        note: [
          gpcName(content.gpc),
          ...content.facts.map(factWords),
          ...(content.keyWord ? [`key word ${content.keyWord}`] : []),
        ].join(" · "),
      };
    case "find-it":
    case "fill-the-gap":
    case "right-or-not":
    case "real-or-nonsense":
      return { words: content.items.map((item) => ("shown" in item ? item.shown : item.word)), note: `${count} items` };
    case "dictation":
      return {
        words: content.words,
        note: content.sentences.length > 0 ? `${content.sentences.length} sentences` : "",
      };
    case "sort":
      return {
        words: content.table,
        note: content.bins.map(({ bin }) => binName(bin)).join(" · "),
      };
    case "text":
    case "free":
      return { words: [], note: content.text };
    default:
      return { words: content.words, note: "" };
  }
}

/** May a teacher change its words one by one? */
export const hasOwnWords = (
  content: ActivityContent,
): content is WordListContent | Extract<ActivityContent, { readonly kind: "dictation" }> =>
  isWordList(content) || content.kind === "dictation";
