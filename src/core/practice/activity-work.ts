import { MOUTH_CUES } from "../../data/sounds/mouth-cues.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { gappedWord } from "../spelling/gapped.ts";
import { gpcById } from "../spelling/gpc.ts";
import { targetSpans } from "../texts/check-text.ts";
import { wordsToRead } from "../texts/phrases.ts";
import { wordsOfContent } from "./activity-content.ts";
import type { ActivityContent, ActivityKind, ContentOfKind } from "./activity-kinds.ts";
import { chainPrompts } from "./chain-prompts.ts";
import type { ContentCheck } from "./content-check.ts";
import { contextOf } from "./dictation-context.ts";
import type { ContentFault } from "./lesson-fault.ts";
import * as make from "./make-content.ts";
import { irregularWords } from "./make-irregular-words.ts";
import { whichSpelling } from "./make-which-spelling.ts";
import { whichWord } from "./make-which-word.ts";
import { wordParts } from "./make-word-parts.ts";
import type { Making } from "./making.ts";
import type { Prompt } from "./prompt.ts";

/** What a kind of activity does with the word list. */
interface KindWork<C> {
  /**
   * Fills it with the words of the day. @param count how many things, 1 or more
   * @returns undefined when the group's words do not serve, and for what is a teacher's own
   */
  readonly make: (making: Making, count: number) => ActivityContent | undefined;
  /** What is said in it, step by step. */
  readonly prompts: (content: C, lexicon: Lexicon) => Prompt[];
  /** What it is gone through by in a lesson, where that is more than what is said. */
  readonly steps?: (content: C, lexicon: Lexicon) => Prompt[];
  /** What is wrong with it for a group. */
  readonly faults: (content: C, check: ContentCheck) => ContentFault[];
}

/** A sentence with a line where a word is left out. */
const withoutWord = (sentence: string, word: string): string =>
  sentence
    .split(/([A-Za-z'’]+)/)
    .map((piece) => (piece.toLowerCase() === word ? GAP : piece))
    .join("");

/** The same for every word: how long it is would tell. */
const GAP = "____";

const lookFirst = ({ text, targets }: ContentOfKind<"text">, lexicon: Lexicon): Prompt => ({
  code: "read-text",
  text,
  targets,
  spans: targetSpans(text, targets, lexicon),
});

/** What is asked once a text has been read. */
const aboutText = ({ questions = [], statements = [] }: ContentOfKind<"text">): Prompt[] => [
  ...questions.map((question): Prompt => ({ code: "question", question })),
  ...statements.map(({ sentence, isTrue }): Prompt => ({ code: "true-or-not", sentence, isTrue })),
];

const typedByTeacher = () => undefined;
const readAll = (content: ActivityContent, check: ContentCheck) => check.read(wordsOfContent(content));
const read = (word: string): Prompt => ({ code: "read", word });
const listOf = (kind: "blending" | "read-chain" | "build-chain" | "word-list", words: readonly string[]) =>
  words.length > 0 ? { kind, words } : undefined;

/** What every kind of activity does with the word list, one entry each; see ACTIVITY_KINDS for the rest of a kind. */
export const ACTIVITY_WORK: { readonly [K in ActivityKind]: KindWork<ContentOfKind<K>> } = {
  "ears-only": {
    make: (making, count) => make.oralActivity(making, ["first-sound", "blend-sounds"], count),
    prompts: ({ parts }) => parts.flatMap(({ items }) => items.map((item): Prompt => ({ code: "oral", item }))),
    faults: (content, check) => check.heard(wordsOfContent(content)),
  },
  "hear-and-spell": {
    make: make.hearAndSpell,
    prompts: ({ sounds }) =>
      sounds.map(({ sound, gpcs, facts }) => ({
        code: "spell",
        sound,
        graphemes: gpcs.map((id) => gpcById(id)?.grapheme ?? ""),
        facts: gpcs.map((id) => facts?.[id] ?? []),
      })),
    faults: ({ sounds }, check) => check.cards(sounds.flatMap(({ gpcs }) => gpcs)),
  },
  dictation: {
    make: make.dictation,
    prompts: ({ words, sentences, contexts }) => [
      ...words.map((word): Prompt => {
        const context = contextOf(word, { sentences: [], contexts });
        return { code: "dictate", word, ...(context !== undefined && { context }) };
      }),
      ...sentences.map((sentence): Prompt => ({ code: "dictate-sentence", sentence })),
    ],
    faults: (content, check) => [
      ...check.read(content.words),
      ...check.texts(content.sentences),
      ...check.said(content.contexts ?? []),
      ...check.toldApart(content),
    ],
  },
  "sound-cards": {
    make: make.soundCards,
    prompts: ({ gpcs, also }) =>
      gpcs.flatMap((id): Prompt[] => {
        const gpc = gpcById(id);
        const others = (also?.[id] ?? []).flatMap((other) => gpcById(other) ?? []);
        return gpc
          ? [
              {
                code: "card",
                gpc: id,
                grapheme: gpc.grapheme,
                sound: gpc.phonemes,
                also: others.map(({ phonemes }) => phonemes),
              },
            ]
          : [];
      }),
    faults: ({ gpcs, also }, check) => check.cards([...gpcs, ...Object.values(also ?? {}).flat()]),
  },
  "new-sound": {
    make: make.newSound,
    prompts: ({ gpc: id, keyWord, facts, words }) => {
      const gpc = gpcById(id);
      if (!gpc) return [];
      const { grapheme, phonemes: sound } = gpc;
      const cue = sound.map((phoneme) => MOUTH_CUES.get(phoneme) ?? "").join("; then ");
      return [{ code: "new-sound", gpc: id, grapheme, sound, cue, keyWord, facts }, ...words.map(read)];
    },
    faults: ({ gpc, words }, check) => [...check.cards([gpc]), ...check.read(words)],
  },
  blending: {
    make: ({ today }, count) => listOf("blending", today.words.slice(0, count)),
    prompts: ({ words }) => words.map(read),
    faults: readAll,
  },
  "read-chain": {
    // Without a chain the same words are read as a list.
    make: ({ today }) => listOf(today.chain.length > 0 ? "read-chain" : "word-list", today.words),
    prompts: ({ words }, lexicon) => chainPrompts(words, false, lexicon),
    faults: readAll,
  },
  "word-list": {
    make: ({ today }, count) => listOf("word-list", today.words.slice(0, count)),
    prompts: ({ words }) => words.map(read),
    faults: readAll,
  },
  "family-walk": {
    make: make.familyWalkOf,
    prompts: ({ words }, lexicon) => chainPrompts(words, false, lexicon),
    faults: readAll,
  },
  "irregular-words": {
    make: irregularWords,
    prompts: ({ words, odd, shownIn }) =>
      words.map((word) => {
        const sentence = shownIn?.[word];
        return { code: "whole", word, odd: odd?.[word] ?? [], ...(sentence !== undefined && { sentence }) };
      }),
    faults: ({ words, shownIn }, check) => [
      ...check.learntWhole(words),
      // The sentence of a word that has been taken out is shown to nobody.
      ...check.texts(words.flatMap((word) => shownIn?.[word] ?? [])),
    ],
  },
  "build-chain": {
    make: ({ today }, count) => listOf("build-chain", today.chain.slice(0, count)),
    prompts: ({ words }, lexicon) => chainPrompts(words, true, lexicon),
    faults: readAll,
  },
  "fill-the-gap": {
    make: make.fillTheGap,
    prompts: ({ items }, lexicon) =>
      items.map(({ word, unit, choices }) => {
        // The word with a line where a grapheme is left out; the word itself where it is not listed.
        const reading = lexicon.get(word)?.readings[0];
        return { code: "gap", word, unit, gapped: reading ? gappedWord(reading, unit) : word, choices };
      }),
    faults: readAll,
  },
  "find-it": {
    make: make.findIt,
    prompts: ({ items }) => items.map(({ word, foils }) => ({ code: "find", word, among: [word, ...foils].sort() })),
    faults: readAll,
  },
  "right-or-not": {
    make: make.rightOrNot,
    prompts: ({ items }) => items.map(({ word, shown }) => ({ code: "judge", word, shown })),
    faults: readAll,
  },
  "real-or-nonsense": {
    make: make.realOrNonsense,
    prompts: ({ items }) => items.map(({ word, real }) => ({ code: "real", word, real })),
    faults: ({ items }, check) => [
      ...check.read(items.filter(({ real }) => real).map(({ word }) => word)),
      ...check.nonsense(items.filter(({ real }) => !real).map(({ word }) => word)),
    ],
  },
  sort: {
    make: make.sortOf,
    prompts: (content) => {
      const bins = content.bins.map(({ bin }) => bin);
      return content.table.map((word) => {
        const at = content.bins.findIndex(({ words }) => words.includes(word));
        return { code: "sort", word, bins, belongs: at === -1 ? undefined : at };
      });
    },
    faults: readAll,
  },
  "which-word": {
    make: whichWord,
    prompts: ({ items }) =>
      items.map(({ sentence, word, foils }) => ({
        code: "which-word",
        word,
        gapped: withoutWord(sentence, word),
        choices: [word, ...foils].sort(),
      })),
    faults: (content, check) => [
      ...check.read(wordsOfContent(content)),
      ...check.texts(content.items.map(({ sentence }) => sentence)),
    ],
  },
  "which-spelling": {
    make: whichSpelling,
    prompts: ({ items }) =>
      items.map(({ sentence, word, foils }) => ({
        code: "which-spelling",
        word,
        sentence,
        choices: [word, ...foils].sort(),
      })),
    // Words learnt whole may be chosen as well: to, too and two.
    faults: (content, check) => [
      ...check.texts(wordsOfContent(content)),
      ...check.said(content.items.map(({ sentence }) => sentence)),
    ],
  },
  "word-parts": {
    make: wordParts,
    prompts: ({ part, meaning, items, sentences }) => [
      ...items.map(({ base, word }): Prompt => ({ code: "word-part", part, meaning, base, word })),
      ...sentences.map((text): Prompt => ({ code: "read-text", text, targets: [], spans: [] })),
    ],
    faults: (content, check) => [...check.read(wordsOfContent(content)), ...check.texts(content.sentences)],
  },
  text: {
    make: make.linesToRead,
    prompts: (content, lexicon) => [lookFirst(content, lexicon), ...aboutText(content)],
    steps: (content, lexicon) => [
      lookFirst(content, lexicon),
      ...wordsToRead(content.text, (spelling) => lexicon.get(spelling) !== undefined).map(
        ({ spelling: word, ...place }): Prompt => ({ code: "read-in-text", word, place }),
      ),
      ...aboutText(content),
    ],
    faults: ({ text, questions = [], statements = [] }, check) => [
      ...check.texts([text, ...statements.map(({ sentence }) => sentence)]),
      ...check.said(questions),
    ],
  },
  free: {
    make: typedByTeacher,
    prompts: ({ text }) => [{ code: "text", text }],
    faults: () => [],
  },
};

/** What a content's kind does with the word list. */
export const workOf = <C extends ActivityContent>(content: C): KindWork<C> =>
  ACTIVITY_WORK[content.kind] as unknown as KindWork<C>;

/**
 * Fills an activity with the words of the day.
 *
 * @param count how many things, 1 or more
 * @param heldBack filled with the words kept back for the end, whatever the kind
 * @returns undefined when the group's words do not serve, and for what is a teacher's own
 */
export function makeContent(
  kind: ActivityKind,
  making: Making,
  count: number,
  heldBack = false,
): ActivityContent | undefined {
  return heldBack ? listOf("word-list", making.today.heldBack) : ACTIVITY_WORK[kind].make(making, count);
}
