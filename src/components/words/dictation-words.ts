import type { ChecklistLine, ChecklistPoint, Dictated, DictationStep } from "../../core/light.ts";
import { counted } from "./counted.ts";

/** A dictation in words, one entry a step: what the teacher does, and what learners read. */
interface StepWords {
  readonly cue: (dictated: {
    readonly of: Dictated;
    readonly text: string;
    readonly places: number;
    /** A sentence that tells which of two words is meant. */
    readonly context?: string | undefined;
  }) => {
    readonly say: string;
    readonly answer?: string;
  };
  readonly learners: string;
}

export const DICTATION_WORDS: Readonly<Record<DictationStep, StepWords>> = {
  hear: {
    cue: ({ of, text, context }) => ({
      // A sentence has its own stop.
      say: ["Say:", of === "word" ? `${text}.` : text, ...(context === undefined ? [] : [context, `${text}.`])].join(
        " ",
      ),
      answer: "They listen.",
    }),
    learners: "Listen",
  },
  say: { cue: ({ text }) => ({ say: "They say it back.", answer: text }), learners: "Say it" },
  count: {
    cue: ({ places }) => ({ say: "How many words? They count on their fingers.", answer: counted(places, "word") }),
    learners: "How many words?",
  },
  tap: {
    cue: ({ of, places }) => ({
      say: of === "word" ? "They tap each sound." : "They tap each word.",
      answer: counted(places, of === "word" ? "sound" : "word"),
    }),
    learners: "Tap it",
  },
  write: { cue: ({ text }) => ({ say: "They write it.", answer: text }), learners: "Write it" },
  "read-back": { cue: ({ text }) => ({ say: "They read what they wrote.", answer: text }), learners: "Read it back" },
  check: { cue: () => ({ say: "They look it over, point by point." }), learners: "Look it over" },
  compare: {
    cue: () => ({ say: "They compare. Where it is wrong, they write it again underneath." }),
    learners: "The same?",
  },
};

/** Points of the checklist in the usual words: a learner reads them, or is told. */
export const CHECKLIST_WORDS: Readonly<Record<ChecklistPoint, string>> = {
  capital: "capital letter",
  spaces: "spaces",
  stop: "full stop",
  handwriting: "neat letters",
  spelling: "every sound has its letters",
};

/** The school's checklist as it is read: its own words where it has some. */
export const checklistWords = (lines: readonly ChecklistLine[]): readonly string[] =>
  lines.map(({ point, words }) => words || CHECKLIST_WORDS[point]);
