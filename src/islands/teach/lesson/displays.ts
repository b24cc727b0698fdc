import { binName } from "../../../components/words/family-names.ts";
import { changeOfStep } from "../../../components/zip/change-of-step.ts";
import type { ZipChange } from "../../../components/zip/ZipStrip.tsx";
import {
  type AccentSettings,
  checkReadings,
  type Dictated,
  type DictationStep,
  dictationSteps,
  MOVES,
  type PlaceInText,
  type PracticeSettings,
  type Segmentation,
  stagesOf,
  type WordStage,
  walkStages,
} from "../../../core/light.ts";
import type { TeachActivity, TeachItem } from "../../../server/sessions/teach-page.ts";
import { placeInText, type ReadingUnit, unitAt } from "./reading.ts";

/** From a character up to before another. */
type Span = readonly [number, number];

/** What stands before learners at one moment; it goes to their own window as it is. */
export type Display =
  | {
      readonly kind: "word";
      readonly reading: Segmentation;
      readonly stage: WordStage;
      readonly before: Segmentation | undefined;
      readonly change: ZipChange | undefined;
    }
  /** A card: letters alone. */
  | { readonly kind: "letters"; readonly text: string }
  /** Nothing to see: listen. */
  | { readonly kind: "listen" }
  | { readonly kind: "several"; readonly texts: readonly string[] }
  | { readonly kind: "choices"; readonly words: readonly string[]; readonly found: string | undefined }
  | {
      readonly kind: "gap";
      readonly reading: Segmentation;
      readonly unit: number;
      readonly choices: readonly string[];
      readonly filled: boolean;
    }
  | {
      readonly kind: "judged";
      readonly shown: string;
      readonly word: string;
      readonly picture: string | undefined;
      readonly told: boolean;
    }
  | { readonly kind: "real"; readonly word: string; readonly real: boolean }
  | {
      readonly kind: "bins";
      readonly word: string;
      readonly bins: readonly string[];
      /** Where the word has gone: a bin's index, -1 for none of them; undefined while it is being thought over. */
      readonly at: number | undefined;
    }
  /** A step of a dictation. */
  | {
      readonly kind: "dictated";
      readonly of: Dictated;
      readonly step: DictationStep;
      /** Sounds of a word, words of a sentence: as many boxes or lines. */
      readonly places: number;
      /** What the sentence is looked over for, while that is done. */
      readonly checklist: readonly string[];
      /** The sentence, once it is compared. */
      readonly text: string;
    }
  /** A sentence with a line in the place of a word, and the words to choose from; `found` once it is told. */
  | {
      readonly kind: "sentence-gap";
      readonly gapped: string;
      readonly choices: readonly string[];
      readonly found: string | undefined;
    }
  /** A word, and what has been put on it: `from` and `to` are where that begins and ends. */
  | {
      readonly kind: "made-of";
      readonly base: string;
      readonly word: string;
      readonly from: number;
      readonly to: number;
    }
  | { readonly kind: "text"; readonly text: string; readonly spans: readonly Span[] }
  /**
   * A page that is read aloud, `from` where it begins in the text: `words` are its words, `at` the one in hand, `unit` what
   * the pointer is on, by their places on the page.
   */
  | {
      readonly kind: "reading";
      readonly text: string;
      readonly from: number;
      readonly words: readonly Span[];
      readonly at: Span;
      readonly unit: Span;
    }
  /** A sentence about a text; `isTrue` once it is told. */
  | { readonly kind: "statement"; readonly sentence: string; readonly isTrue: boolean | undefined }
  /** All the words of a list at once, read across or down; `at` is the one whose turn it is. */
  | { readonly kind: "list"; readonly words: readonly string[]; readonly at: number; readonly down: boolean }
  | { readonly kind: "board"; readonly board: BoardDisplay }
  | CountersDisplay;

/** Blank counters, one a sound. */
export interface CountersDisplay {
  readonly kind: "counters";
  /** Numbers of the counters on the line. */
  readonly line: readonly number[];
  /** Number of the one that is lifted. */
  readonly lifted: number | undefined;
}

/** A word being built, as everybody sees it. */
export interface BoardDisplay {
  readonly placed: readonly string[];
  readonly tray: readonly string[];
  /** One box a sound; 0: no boxes. */
  readonly boxes: number;
  readonly picture: string | undefined;
  readonly right: boolean;
}

/** How the words of an activity are worked. */
export type Way = Pick<PracticeSettings, "support" | "blending">;

interface DisplayOptions {
  readonly activity: Pick<TeachActivity, "walk" | "items" | "text">;
  readonly way: Way;
  /** The item before, in the order that is gone through. */
  readonly before: TeachItem | undefined;
  readonly accent: AccentSettings;
  /** What a dictated sentence is looked over for. */
  readonly checklist: readonly string[];
  /** How a text is read aloud. */
  readonly readingBy: ReadingUnit;
}

/** The moments of an item, in order; never empty. A word to be built has its board in the place of the first. */
export function displaysOf(item: TeachItem, options: DisplayOptions): Display[] {
  const { prompt, word } = item;
  switch (prompt.code) {
    case "card":
    case "new-sound":
      return [{ kind: "letters", text: prompt.grapheme.replace("-", "–") }];
    case "spell":
      return [
        { kind: "listen" },
        { kind: "several", texts: prompt.graphemes.map((grapheme) => grapheme.replace("-", "–")) },
      ];
    case "oral":
      return [{ kind: "listen" }];
    case "dictate": {
      const sounds = word?.reading.units.length ?? 0;
      const model = word ? worked(word.reading, { from: 0, to: sounds }, options) : [];
      // Where it is compared the word stands over its zip; one that cannot be read by rule has no sounds to tap.
      const steps = dictated("word", sounds, prompt.word, []).filter(({ step }) => step !== (word ? "compare" : "tap"));
      return [...steps, ...model];
    }
    case "dictate-sentence":
      return dictated("sentence", prompt.sentence.split(/\s+/).length, prompt.sentence, options.checklist);
    case "find":
      return [
        { kind: "choices", words: prompt.among, found: undefined },
        { kind: "choices", words: prompt.among, found: prompt.word },
      ];
    case "gap": {
      if (!word) return [{ kind: "text", text: prompt.gapped, spans: [] }];
      const gap = { kind: "gap" as const, reading: word.reading, unit: prompt.unit, choices: prompt.choices };
      return [
        { ...gap, filled: false },
        { ...gap, filled: true },
      ];
    }
    case "judge": {
      const judged = { kind: "judged" as const, shown: prompt.shown, word: prompt.word, picture: word?.picture };
      return [false, true].map((told) => ({ ...judged, told }));
    }
    case "sort": {
      const bins = prompt.bins.map(binName);
      return [undefined, prompt.belongs ?? -1].map((at) => ({ kind: "bins", word: prompt.word, bins, at }));
    }
    case "which-word": {
      const gap = { kind: "sentence-gap" as const, gapped: prompt.gapped, choices: prompt.choices };
      return [undefined, prompt.word].map((found) => ({ ...gap, found }));
    }
    case "which-spelling":
      return [undefined, prompt.word].map((found) => ({ kind: "choices", words: prompt.choices, found }));
    case "word-part": {
      // The base alone first; then the word, with what is new in it. A base may have lost a letter (make, making).
      const isBeginning = prompt.part.startsWith("prefix");
      const [from, to] = isBeginning
        ? [0, prompt.word.length - prompt.base.length]
        : [prompt.word.length - partLength(prompt.part), prompt.word.length];
      return [
        { kind: "letters", text: prompt.base },
        { kind: "made-of", base: prompt.base, word: prompt.word, from, to },
      ];
    }
    case "read-text":
      return [
        { kind: "text", text: prompt.text, spans: [] },
        { kind: "text", text: prompt.text, spans: prompt.spans },
      ];
    case "read-in-text":
      // The word is opened only where somebody is stuck at it.
      return [readingDisplay(prompt.place, options), ...(word ? wordDisplays(item, options, prompt.word) : [])];
    case "question":
      // What was read stands there, to look in.
      return [{ kind: "text", text: options.activity.text ?? "", spans: [] }];
    case "true-or-not":
      return [undefined, prompt.isTrue].map((isTrue) => ({ kind: "statement", sentence: prompt.sentence, isTrue }));
    case "text":
      return [{ kind: "text", text: prompt.text, spans: [] }];
    case "real":
      return [...wordDisplays(item, options, prompt.word), { kind: "real", word: prompt.word, real: prompt.real }];
    case "whole": {
      const sentence: Display[] = prompt.sentence ? [{ kind: "text", text: prompt.sentence, spans: [] }] : [];
      return [...wordDisplays(item, options, prompt.word), ...sentence];
    }
    case "first-word":
    case "read":
      return wordDisplays(item, options, prompt.word);
    case "change":
    case "add":
    case "take-away":
      return wordDisplays(item, options, prompt.answer);
  }
}

function wordDisplays({ word, prompt }: TeachItem, options: DisplayOptions, text: string): Display[] {
  // Words learnt whole are looked at whole; a word that cannot be read by rule is shown as it stands.
  if (!word) return [{ kind: "text", text, spans: [] }];
  const way = prompt.code === "whole" ? { ...options.way, support: "at-sight" as const } : options.way;
  const stages =
    options.activity.walk && way.support === "tap-aloud"
      ? walkStages(word.reading, options.activity.walk)
      : stagesOf(word.reading, way, word.parts);
  const before =
    options.before?.word && !isOther(options.before) && prompt.code !== "read-in-text"
      ? options.before.word.reading
      : undefined;
  const change = before && changeOfStep(checkReadings(before, word.reading, { moves: MOVES, accent: options.accent }));
  // The word before stands above only where one thing has changed since: that is what it is there to show.
  return stages.map((stage) => ({ kind: "word", reading: word.reading, stage, before: change && before, change }));
}

/** How many letters an ending has: `suffix-ful` is named by them. */
const partLength = (part: string): number => part.length - part.indexOf("-") - 1;

/** A card, a word of another kind of item or a word of a text is not the word before another. */
const isOther = ({ prompt }: TeachItem): boolean =>
  prompt.code === "new-sound" || prompt.code === "card" || prompt.code === "read-in-text";

/** The page that a word stands on, with the pointer on it. */
function readingDisplay(place: PlaceInText, { activity, readingBy }: DisplayOptions): Display {
  const [from, to] = place.page;
  const onPage = ([start, end]: Span): Span => [start - from, end - from];
  return {
    kind: "reading",
    text: activity.text?.slice(from, to) ?? "",
    from,
    words: activity.items.flatMap((item) => {
      const other = placeInText(item);
      return other && other.page[0] === from ? [onPage(other.at)] : [];
    }),
    at: onPage(place.at),
    unit: onPage(unitAt(place, readingBy)),
  };
}

/** Nothing of what is dictated is on a display before it is compared. */
const dictated = (of: Dictated, places: number, text: string, checklist: readonly string[]) =>
  dictationSteps(of, checklist.length > 0).map((step) => ({
    kind: "dictated" as const,
    of,
    step,
    places,
    checklist: step === "check" ? checklist : [],
    text: step === "compare" ? text : "",
  }));

const worked = (
  reading: Segmentation,
  { from, to }: { from: number; to: number },
  { way }: DisplayOptions,
): Display[] => {
  const stages = stagesOf(reading, { ...way, support: "tap-silently" }, []);
  return stages
    .filter((stage) => stage.from === from && stage.to === to && stage.closed === to)
    .map((stage) => ({ kind: "word", reading, stage, before: undefined, change: undefined }));
};
