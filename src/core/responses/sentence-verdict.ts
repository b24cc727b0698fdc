import type { UnitVerdict } from "./classify.ts";

/** What a sentence is looked at for besides its words; a school can switch each off. */
export const SENTENCE_RULES = ["capital", "spaces", "stop"] as const;
export type SentenceRule = (typeof SENTENCE_RULES)[number];

/** A word of the sentence as it was written, unit by unit, with all that is needed to count it. */
export interface SentenceWord {
  readonly word: string;
  /** The reading asked for, as `writeReading` writes it; undefined for a word that cannot be split. */
  readonly target: string | undefined;
  /** As it stood there; empty when it was left out. */
  readonly written: string;
  readonly verdict: "right" | "wrong" | "nothing" | "unreadable" | "missing";
  readonly units: readonly UnitVerdict[];
}

/** What a written sentence shows. */
export interface SentenceVerdict {
  readonly words: readonly SentenceWord[];
  /** Words that are not in the sentence. */
  readonly added: readonly string[];
  /** Rules that were not kept, of those that were asked for. */
  readonly broken: readonly SentenceRule[];
  /** Every word right, none added, and every rule kept. */
  readonly isRight: boolean;
}
