import {
  ACTIVITY_KIND_IDS,
  type ActivityContent,
  type ActivityKind,
  type ContentOfKind,
  itemsOfContent,
  type PlannedKind,
} from "../../core/light.ts";
import { factWords } from "./fact-words.ts";
import { binName } from "./family-names.ts";
import { gpcName } from "./gpc-name.ts";
import { SKILL_NAME } from "./oral-words.ts";
import { PATTERN_SHORT } from "./pattern-names.ts";
import { SET_WORDS } from "./set-words.ts";
import { gpcLetters, keyWordOf } from "./sounds.ts";

/** What is in an activity, in one line; learners' words are parted from what is said about them. */
export interface ActivityLine {
  readonly words: readonly string[];
  readonly note: string;
}

/** The shelves of the Plan screen, in the order in which a lesson commonly has what lies on them. */
const SHELF_NAMES = ["By ear", "Sounds and words to read", "To build and to decide", "Your own"] as const;

interface KindWords<C> {
  readonly name: string;
  readonly shelf: (typeof SHELF_NAMES)[number];
  readonly line: (content: C) => ActivityLine;
  /** What a teacher types for it; absent where it is filled with the lesson's words. */
  readonly typed?: { readonly name: string; readonly label: string; readonly help: string };
}

const words = ({ words }: { readonly words: readonly string[] }): ActivityLine => ({ words, note: "" });
/** The number and its word stay on one line. */
const itemCount = (content: ActivityContent) => `${itemsOfContent(content)}\u00a0items`;

/** The words for every kind of activity, one entry each: the twin of ACTIVITY_KINDS. */
export const ACTIVITY_WORDS: { readonly [K in ActivityKind]: KindWords<ContentOfKind<K>> } = {
  "ears-only": {
    name: "Ears only",
    shelf: "By ear",
    line: ({ parts }) => ({
      words: [],
      note: parts.map(({ skill, items }) => `${SKILL_NAME[skill]}, ${items.length}`).join(" · "),
    }),
  },
  "hear-and-spell": {
    name: "Hear and spell",
    shelf: "By ear",
    line: ({ sounds }) => ({
      words: [],
      note: sounds
        .map(({ sound, gpcs }) => `${keyWordOf(sound[0] ?? "")}: ${gpcs.map(gpcLetters).join(", ")}`)
        .join(" · "),
    }),
  },
  dictation: {
    name: "Dictation",
    shelf: "By ear",
    line: ({ words, sentences }) => ({
      words,
      note: sentences.join(" "),
    }),
  },
  "sound-cards": {
    name: "Sound cards",
    shelf: "Sounds and words to read",
    line: ({ gpcs }) => ({ words: gpcs.map(gpcLetters), note: "" }),
  },
  "new-sound": {
    name: "New sound",
    shelf: "Sounds and words to read",
    line: ({ gpc, facts, keyWord, words }) => ({
      words,
      note: [gpcName(gpc), ...facts.map(factWords), ...(keyWord ? [`key word ${keyWord}`] : [])].join(" · "),
    }),
  },
  blending: { name: "Blending", shelf: "Sounds and words to read", line: words },
  "read-chain": { name: "Read a chain", shelf: "Sounds and words to read", line: words },
  "word-list": { name: "Word list", shelf: "Sounds and words to read", line: words },
  "family-walk": { name: "Family walk", shelf: "Sounds and words to read", line: words },
  "irregular-words": { name: "Irregular words", shelf: "Sounds and words to read", line: words },
  "build-chain": { name: "Build a chain", shelf: "To build and to decide", line: words },
  "fill-the-gap": {
    name: "Fill the gap",
    shelf: "To build and to decide",
    line: (content) => ({ words: content.items.map(({ word }) => word), note: itemCount(content) }),
  },
  "find-it": {
    name: "Find it",
    shelf: "To build and to decide",
    line: (content) => ({ words: content.items.map(({ word }) => word), note: itemCount(content) }),
  },
  "right-or-not": {
    name: "Right or not?",
    shelf: "To build and to decide",
    line: (content) => ({ words: content.items.map(({ shown }) => shown), note: itemCount(content) }),
  },
  "real-or-nonsense": {
    name: "Real or nonsense?",
    shelf: "To build and to decide",
    line: (content) => ({ words: content.items.map(({ word }) => word), note: itemCount(content) }),
  },
  sort: {
    name: "Sort",
    shelf: "To build and to decide",
    line: ({ table, bins }) => ({ words: table, note: bins.map(({ bin }) => binName(bin)).join(" · ") }),
  },
  "which-word": {
    name: "Which word fits?",
    shelf: "To build and to decide",
    line: ({ items }) => ({
      words: items.map(({ word }) => word),
      note: items.map(({ sentence }) => sentence).join(" "),
    }),
  },
  "which-spelling": {
    name: "Same sound, which spelling?",
    shelf: "To build and to decide",
    line: ({ items }) => ({
      words: items.map(({ word }) => word),
      note: items.map(({ sentence }) => sentence).join(" "),
    }),
  },
  "word-parts": {
    name: "Parts of words",
    shelf: "Sounds and words to read",
    line: ({ part, meaning, items, sentences }) => ({
      words: items.map(({ word }) => word),
      note: [`${PATTERN_SHORT[part]}: ${meaning}`, ...sentences].join(" · "),
    }),
  },
  text: {
    name: "Text",
    shelf: "Your own",
    line: ({ text }) => ({ words: [], note: text }),
    typed: {
      name: "A text of your own",
      label: "The text",
      help: "Every word is checked against what the group has been taught; today's sound is marked in it.",
    },
  },
  free: {
    name: "Free",
    shelf: "Your own",
    line: ({ text }) => ({ words: [], note: text }),
    typed: {
      name: "Anything else",
      label: "What is done",
      help: "For the teacher only: learners see it when it is its turn.",
    },
  },
};

/** What stands in a plan, by its kind; a saved set goes by its own name. */
export const PLANNED_NAME = {
  chain: "Word chain",
  ...Object.fromEntries(ACTIVITY_KIND_IDS.map((kind) => [kind, ACTIVITY_WORDS[kind].name])),
  ...Object.fromEntries(Object.entries(SET_WORDS).map(([kind, { name }]) => [kind, name])),
} as Readonly<Record<PlannedKind, string>>;

/** The kinds on each shelf of the Plan screen. */
export const SHELVES: readonly (readonly [string, readonly ActivityKind[]])[] = SHELF_NAMES.map((shelf) => [
  shelf,
  ACTIVITY_KIND_IDS.filter((kind) => ACTIVITY_WORDS[kind].shelf === shelf),
]);

/** What is in an activity, in one line. */
export const activityLine = (content: ActivityContent): ActivityLine =>
  (ACTIVITY_WORDS[content.kind].line as (content: ActivityContent) => ActivityLine)(content);
