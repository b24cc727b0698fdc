import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { saidAs } from "../spelling/said.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { OUTCOME_DEFINITIONS, type Outcome } from "./outcomes.ts";
import type { RawAnswer } from "./raw-answer.ts";
import type { SentenceVerdict } from "./sentence-verdict.ts";

/** Raised whenever the same raw answer would get another verdict: old records can then be judged anew. */
export const CLASSIFIER_VERSION = 2;

/** "other-spelling": built or written with another grapheme of the same sound. */
export const UNIT_RESULTS = [
  "right",
  "substitution",
  "omission",
  "other-spelling",
  "transposition",
  "not-known",
] as const;
export type UnitResult = (typeof UNIT_RESULTS)[number];

export interface UnitVerdict {
  readonly result: UnitResult;
  /** Phonemes said instead, for a substitution; for a word that was built, what the tile says most often. */
  readonly said: readonly string[];
  /** The grapheme that stood in its place, where it was built. */
  readonly built?: string;
}

export interface ResponseVerdict {
  readonly classifier: number;
  readonly outcome: Outcome;
  /** One a unit of the target; a unit nothing is known of is neither right nor wrong. */
  readonly units: readonly UnitVerdict[];
  /** Of a sentence: its words; `units` is then empty. */
  readonly sentence?: SentenceVerdict;
}

export const RIGHT: UnitVerdict = { result: "right", said: [] };
export const NOT_KNOWN: UnitVerdict = { result: "not-known", said: [] };

/**
 * Turns what a teacher marked into a verdict for every unit of the target.
 *
 * A word right, or right after tapping, is every unit right. A wrong word with named units is those
 * units wrong and the others right: they are chances taken. A wrong word with nothing named, a word put
 * right by the learner, and a word not tried say nothing about single units.
 *
 * A sound of the same class (core/sounds/sound-class.ts) as the unit's own is no substitution.
 */
export function classifyMarked(
  target: Segmentation,
  answer: RawAnswer,
  accent: AccentSettings = GENERAL_AMERICAN,
): ResponseVerdict {
  const { outcome, substitutions } = answer;
  const verdict = (units: UnitVerdict[]): ResponseVerdict => ({ classifier: CLASSIFIER_VERSION, outcome, units });
  const { units } = OUTCOME_DEFINITIONS[outcome];
  if (units === "all-right") return verdict(target.units.map(() => RIGHT));
  if (units === "not-known" || substitutions.length === 0) return verdict(target.units.map(() => NOT_KNOWN));
  return verdict(
    target.units.map((_, k) => {
      const found = substitutions.find((s) => s.unit === k);
      if (!found || saidTheSame(target, k, found.said, accent)) return RIGHT;
      return found.said.length === 0 ? { result: "omission", said: [] } : { result: "substitution", said: found.said };
    }),
  );
}

/** A difference of accent is never an error: the said sound counts in its place in the word (pin/pen). */
function saidTheSame(target: Segmentation, k: number, said: readonly string[], accent: AccentSettings): boolean {
  const { grapheme, phonemes } = target.units[k] as Unit;
  const next = target.units[k + 1]?.phonemes[0];
  const inPlace = (ids: readonly string[]) => soundClassOf(next === undefined ? ids : [...ids, next], accent);
  return inPlace(said) === inPlace(saidAs(grapheme, phonemes, accent));
}
