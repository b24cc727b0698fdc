import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { type AccentSettings, accentKey, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { checkDecodable, type Decodability } from "./decodable.ts";
import type { Sequence } from "./sequence.ts";
import { type TaughtSet, taughtAt } from "./taught-set.ts";

/** One word of a text, as it stands there. */
export interface TextToken {
  readonly text: string;
  /** Offset of its first character in the text. */
  readonly at: number;
  readonly judged: Decodability;
  /** How many units of it are targets. */
  readonly targets: number;
}

export interface TextReport {
  readonly tokens: readonly TextToken[];
  /** Share of words that can be decoded or are learnt whole, 0 to 1; 1 for a text without words. */
  readonly decodable: number;
  readonly targets: number;
}

/** A word: letters, with apostrophes and hyphens inside it. */
const WORD = /[\p{L}]+(?:['’-][\p{L}]+)*/gu;

/**
 * Judges every word of a sentence or story against a taught set. A hyphenated word is judged part by part;
 * a word with an apostrophe is looked up as it stands.
 *
 * @param targets GPC ids to count
 *
 * @example checkText("Sam sat.", taughtAt(sequenceById("phased"), 3)).tokens.map(({ text }) => text) // ["Sam", "sat"]
 */
export function checkText(
  text: string,
  taught: TaughtSet,
  targets: readonly string[] = [],
  lexicon: Lexicon = shippedLexicon(),
): TextReport {
  const wanted = new Set(targets.map((id) => keyOfGpc(id, taught.accent)));
  const tokens: TextToken[] = [];
  for (const match of text.matchAll(WORD)) {
    let at = match.index;
    for (const part of match[0].split("-")) {
      const judged = checkDecodable(part, taught, lexicon);
      const count = judged.reading?.units.filter((unit) => wanted.has(unitKey(unit, taught.accent))).length ?? 0;
      tokens.push({ text: part, at, judged, targets: count });
      at += part.length + 1;
    }
  }
  const good = tokens.filter(({ judged }) => judged.decodable).length;
  return {
    tokens,
    decodable: tokens.length === 0 ? 1 : good / tokens.length,
    targets: tokens.reduce((sum, token) => sum + token.targets, 0),
  };
}

/**
 * Where the graphemes of some correspondences stand in a text; a split digraph in two places.
 *
 * @param targets GPC ids
 * @returns offsets, each from a character up to before another, from left to right
 */
export function targetSpans(text: string, targets: readonly string[], lexicon: Lexicon): [number, number][] {
  const wanted = new Set(targets.map((id) => keyOfGpc(id, lexicon.accent)));
  const spans: [number, number][] = [];
  for (const match of text.matchAll(WORD)) {
    let at = match.index;
    for (const part of match[0].split("-")) {
      const reading = lexicon.get(normaliseSpelling(part))?.readings[0];
      for (const unit of reading?.units ?? [])
        if (wanted.has(unitKey(unit, lexicon.accent)))
          for (const letter of unit.letters) {
            const last = spans.at(-1);
            if (last && last[1] === at + letter) last[1]++;
            else spans.push([at + letter, at + letter + 1]);
          }
      at += part.length + 1;
    }
  }
  return spans.sort((a, b) => a[0] - b[0]);
}

const TAUGHT_BY_STEP = new WeakMap<Sequence, Map<string, TaughtSet[]>>();

/** The taught set of every step of a sequence, step 1 first; worked out once. */
export function taughtByStep(sequence: Sequence, accent: AccentSettings = GENERAL_AMERICAN): readonly TaughtSet[] {
  const known = TAUGHT_BY_STEP.get(sequence) ?? new Map<string, TaughtSet[]>();
  TAUGHT_BY_STEP.set(sequence, known);
  const key = accentKey(accent);
  let sets = known.get(key);
  if (!sets) {
    sets = sequence.steps.map(({ number }) => taughtAt(sequence, number, {}, accent));
    known.set(key, sets);
  }
  return sets;
}

/**
 * The first step of a sequence at which a word can be decoded (or is learnt whole), counted from 1;
 * undefined when the sequence never gets there.
 *
 * @example firstDecodableStep("ship", sequenceById("phased")) // 9
 */
export function firstDecodableStep(
  word: string,
  sequence: Sequence,
  lexicon: Lexicon = shippedLexicon(),
): number | undefined {
  const spelling = normaliseSpelling(word);
  const at = taughtByStep(sequence, lexicon.accent).findIndex(
    (taught) => checkDecodable(spelling, taught, lexicon).decodable,
  );
  return at === -1 ? undefined : at + 1;
}
