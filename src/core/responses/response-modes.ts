import { OUTCOME_DEFINITIONS, OUTCOMES, type Outcome } from "./outcomes.ts";

/** Reading, building and writing, or by ear alone: what is taken for what is not the same in all of them. */
export const EVIDENCE_WAYS = ["read", "built", "heard"] as const;
export type EvidenceWay = (typeof EVIDENCE_WAYS)[number];

/** How a learner answered: what counts is the sound, or the letters. */
export const ANSWER_WAYS = ["read", "oral", "built", "written", "filled-in", "pointed"] as const;
export type AnswerWay = (typeof ANSWER_WAYS)[number];

/** The packs that a learner's answers move cards through. */
export type PackName = "sounds" | "words";

interface ModeDefinition {
  /** What it is an answer to: a word, a correspondence on a card, sounds without letters, or a whole sentence. */
  readonly answersTo: "word" | "card" | "sounds" | "sentence";
  /** How what was answered is judged. */
  readonly judgedAs: AnswerWay;
  /** Where its units are counted as evidence; undefined: it says nothing of the units of a word. */
  readonly countedAs: EvidenceWay | undefined;
  /** Which of the learner's packs its answers belong to. */
  readonly pack: PackName | undefined;
  /** The answer has the graphemes of each attempt. */
  readonly hasAttempts: boolean;
  /** Its units are touched one by one before they are blended, when help is wanted. */
  readonly isTapped: boolean;
}

/** How a learner met the target, one definition each; the words for it are in components/words/response-words.ts. */
export const MODES = {
  read: { answersTo: "word", judgedAs: "read", countedAs: "read", pack: "words", hasAttempts: false, isTapped: true },
  /** From tiles. */
  built: {
    answersTo: "word",
    judgedAs: "built",
    countedAs: "built",
    pack: undefined,
    hasAttempts: true,
    isTapped: true,
  },
  wrote: {
    answersTo: "word",
    judgedAs: "written",
    countedAs: "built",
    pack: undefined,
    hasAttempts: false,
    isTapped: true,
  },
  /** A dictated sentence, written: each of its words counts. */
  sentence: {
    answersTo: "sentence",
    judgedAs: "written",
    countedAs: "built",
    pack: undefined,
    hasAttempts: false,
    isTapped: false,
  },
  /** Pointed to it among others, filled it in, judged it. */
  chose: {
    answersTo: "word",
    judgedAs: "pointed",
    countedAs: undefined,
    pack: undefined,
    hasAttempts: false,
    isTapped: false,
  },
  /** Said the sound of a card. */
  card: {
    answersTo: "card",
    judgedAs: "read",
    countedAs: undefined,
    pack: "sounds",
    hasAttempts: false,
    isTapped: false,
  },
  /** Ears only: no letters. */
  oral: {
    answersTo: "sounds",
    judgedAs: "oral",
    countedAs: "heard",
    pack: undefined,
    hasAttempts: false,
    isTapped: false,
  },
} as const satisfies Record<string, ModeDefinition>;

export type ResponseMode = keyof typeof MODES;

/** Ids of the modes. */
export const RESPONSE_MODES = Object.keys(MODES) as [ResponseMode, ...ResponseMode[]];

const FOR_MODE = new Map<ResponseMode, readonly Outcome[]>();

/** The outcomes that an answer in this way can have: nothing but a word is tapped, nothing but writing is written again. */
export function outcomesFor(mode: ResponseMode): readonly Outcome[] {
  const { isTapped, judgedAs } = MODES[mode];
  // One list a mode, so that a screen that shows it is not drawn anew.
  const known = FOR_MODE.get(mode);
  if (known) return known;
  const fits = (outcome: Outcome) => {
    const { needsTaps, needsWriting } = OUTCOME_DEFINITIONS[outcome];
    return (isTapped || !needsTaps) && (judgedAs === "written" || !needsWriting);
  };
  const some = OUTCOMES.filter(fits);
  FOR_MODE.set(mode, some);
  return some;
}
