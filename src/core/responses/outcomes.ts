/** How an answer counts: right, put right by the learner unasked, said by all together, or none of these. */
export type CountsAs = "right" | "put-right" | "together" | "not-right";

interface OutcomeDefinition {
  /** What it says of each unit of the word: all right, those named wrong and the others right, or nothing. */
  readonly units: "all-right" | "as-named" | "not-known";
  /** What "right" means in evidence and along the edge of Teach; a card asks for more (`isUnaided`). */
  readonly countsAs: CountsAs;
  /** Right at once and without help: what a card needs to be known. */
  readonly isUnaided: boolean;
  /** The learner tried. */
  readonly isTried: boolean;
  /** Only where the units of a word are tapped. */
  readonly needsTaps: boolean;
  /** Only where something was written. */
  readonly needsWriting: boolean;
  /** The word is offered again in the same lesson. */
  readonly comesAgain: boolean;
}

/** How an answer came out, one definition each; the words for it are in components/words/response-words.ts. */
export const OUTCOME_DEFINITIONS = {
  right: {
    units: "all-right",
    countsAs: "right",
    isUnaided: true,
    isTried: true,
    needsTaps: false,
    needsWriting: false,
    comesAgain: false,
  },
  "after-tapping": {
    units: "all-right",
    countsAs: "right",
    isUnaided: false,
    isTried: true,
    needsTaps: true,
    needsWriting: false,
    comesAgain: false,
  },
  /** Put right by the learner, unasked. */
  "self-corrected": {
    units: "not-known",
    countsAs: "put-right",
    isUnaided: false,
    isTried: true,
    needsTaps: false,
    needsWriting: false,
    comesAgain: false,
  },
  wrong: {
    units: "as-named",
    countsAs: "not-right",
    isUnaided: false,
    isTried: true,
    needsTaps: false,
    needsWriting: false,
    comesAgain: true,
  },
  /** Wrong at first, and written again underneath from the model: what was written first is what counts. */
  "written-again": {
    units: "as-named",
    countsAs: "not-right",
    isUnaided: false,
    isTried: true,
    needsTaps: false,
    needsWriting: true,
    comesAgain: true,
  },
  /** Said by the whole group at once: kept, and counted apart from what a learner did alone. */
  together: {
    units: "not-known",
    countsAs: "together",
    isUnaided: false,
    isTried: false,
    needsTaps: false,
    needsWriting: false,
    comesAgain: false,
  },
  "no-attempt": {
    units: "not-known",
    countsAs: "not-right",
    isUnaided: false,
    isTried: false,
    needsTaps: false,
    needsWriting: false,
    comesAgain: true,
  },
} as const satisfies Record<string, OutcomeDefinition>;

export type Outcome = keyof typeof OUTCOME_DEFINITIONS;

/** Ids of the outcomes. */
export const OUTCOMES = Object.keys(OUTCOME_DEFINITIONS) as [Outcome, ...Outcome[]];
