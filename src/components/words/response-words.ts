import type { EvidenceWay, Outcome, RawAnswer, ResponseMode } from "../../core/light.ts";
import { soundAlone } from "./sounds.ts";

interface OutcomeWords {
  /** On the button that marks it. */
  readonly button: string;
  /** In a sentence about an answer. */
  readonly told: string;
}

/** The words for every outcome, one entry each: the twin of OUTCOME_DEFINITIONS, in the order of the buttons. */
export const OUTCOME_WORDS = {
  right: { button: "Right", told: "right" },
  "after-tapping": { button: "After tapping", told: "right after tapping" },
  "self-corrected": { button: "Put right", told: "put right without help" },
  "written-again": { button: "Written again", told: "wrong, written again underneath" },
  together: { button: "All said", told: "said by all together" },
  "no-attempt": { button: "Not tried", told: "not tried" },
  wrong: { button: "Wrong", told: "wrong" },
} as const satisfies Readonly<Record<Outcome, OutcomeWords>>;

/** `"a·t, then c·a·t"`: attempts at a word with tiles. A split digraph stands on one tile: the letters are not run together. */
export const builtWords = (attempts: readonly (readonly string[])[]): string =>
  attempts.map((attempt) => attempt.join("·")).join(", then ");

/** What was answered, in a few words: `"right after tapping"`, `"wrong, “pin”"`, `"wrong, short i"`. */
export function answerWords({ outcome, substitutions, typed, built }: RawAnswer): string {
  const { told } = OUTCOME_WORDS[outcome];
  if (built) return `${told}, ${builtWords(built)}`;
  if (typed !== undefined) return `${told}, “${typed}”`;
  const said = substitutions.map((one) => (one.said.length === 0 ? "left out" : soundAlone(one.said)));
  return [told, ...said].join(", ");
}

/** What a learner did with the target, in the past: the twin of MODES. */
export const MODE_VERB = {
  read: "read",
  built: "built",
  wrote: "wrote",
  chose: "chose",
  card: "said",
  oral: "said",
  sentence: "wrote",
} as const satisfies Readonly<Record<ResponseMode, string>>;

interface WayWords {
  readonly name: string;
  /** What was done with a sound, in the past: `"read as short i"`. */
  readonly past: string;
  /** What there are chances to do. */
  readonly verb: string;
  /** One answer of it; more of them by `counted`. */
  readonly answer: string;
  /** On Evidence, before there is any. */
  readonly none: string;
}

/** The ways of working that evidence is counted by, one entry each: the twin of EVIDENCE_WAYS. */
export const WAY_WORDS = {
  read: {
    name: "Reading",
    past: "read",
    verb: "read",
    answer: "reading",
    none: "Nothing marked yet. Teach a chain and mark what each learner reads.",
  },
  built: {
    name: "Building and writing",
    past: "built",
    verb: "build",
    answer: "word built or written",
    none: "Nothing built yet. Teach a chain with tiles: what is built goes to the record by itself.",
  },
  heard: {
    name: "By ear",
    past: "said",
    verb: "say",
    answer: "answer by ear",
    none: "Nothing marked yet. Put an ears-only set into the lesson and mark what each learner says.",
  },
} as const satisfies Readonly<Record<EvidenceWay, WayWords>>;
