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
} as const satisfies Readonly<Record<ResponseMode, string>>;

/** The ways of working that evidence is counted by. */
export const EVIDENCE_WAY_NAME = {
  read: "Reading",
  built: "Building and writing",
} as const satisfies Readonly<Record<EvidenceWay, string>>;
