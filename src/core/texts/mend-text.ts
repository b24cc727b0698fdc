import { FAMILIAR } from "../chains/planner/candidates.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { isFit } from "../lexicon/kept-out-lists.ts";
import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { isDecodable, type Missing } from "../scope/decodable.ts";
import { firstDecodableStep } from "../scope/first-step.ts";
import type { Sequence } from "../scope/sequence.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import type { TextReport, TextRules, TextToken } from "./check-text.ts";
import { misfitsOf } from "./misfits.ts";
import { nearness, type WordKind, wordKind } from "./word-kind.ts";

/** What can be done about a word that does not fit. */
export interface Mend {
  readonly word: string;
  readonly times: number;
  readonly kind: TextToken["kind"];
  readonly missing: readonly Missing[];
  /** The step at which it comes within reach, from 1; undefined where the order never gets there. */
  readonly comesAt: number | undefined;
  /** Words of the same kind that fit, the nearest in meaning and the best known first. */
  readonly replacements: readonly string[];
}

/** What a text is mended for. */
export interface MendRequest extends TextRules {
  readonly taught: TaughtSet;
  readonly sequence?: Sequence;
  /** How many replacements are wanted for each word; 8 by default. */
  readonly count?: number;
}

const DEFAULT_COUNT = 8;

/**
 * Every word of a text that does not fit, each once, in the order of the text, with words that may stand for it: the same
 * part of speech, number and tense.
 *
 * @example mendText(checkText("A frog sat on a quilt.", taught), { taught }).map(({ word }) => word)
 */
export function mendText(report: TextReport, request: MendRequest, list: Lexicon = shippedLexicon()): Mend[] {
  const { taught, sequence, count = DEFAULT_COUNT } = request;
  const lexicon = lexiconIn(list, taught.accent);
  const misfits = misfitsOf(report.tokens);
  const inText = new Set(report.tokens.map(({ spelling }) => spelling));
  const replacements = replacementFinder(misfits.length > 0 ? fittingWords(lexicon, request) : [], lexicon);
  return misfits.map(
    ({ first: { spelling: word, kind, judged }, times }): Mend => ({
      ...{ word, times, kind },
      missing: judged.missing,
      comesAt: sequence && kind === "not-yet" ? firstDecodableStep(word, sequence, lexicon) : undefined,
      replacements: firstOf(replacements(word), count, (other) => !inText.has(other)),
    }),
  );
}

/** The first few that may be taken. */
function firstOf(words: readonly string[], count: number, mayBe: (word: string) => boolean): string[] {
  const taken: string[] = [];
  for (const word of words) {
    if (taken.length >= count) break;
    if (mayBe(word)) taken.push(word);
  }
  return taken;
}

/** Words that are known by seven: a text is not mended with a word that has to be explained. */
function fittingWords(lexicon: Lexicon, { taught, allowLists, never = [] }: MendRequest): LexiconWord[] {
  const rule = allowLists ? { allowLists } : {};
  const keptOut = new Set(never);
  return lexicon.words.filter(
    (entry) =>
      entry.familiarity <= FAMILIAR &&
      !entry.isCapital &&
      !keptOut.has(entry.word) &&
      isFit(entry.suitability, rule) &&
      isDecodable(entry, taught, lexicon),
  );
}

/** Words of the same kind as another, the nearest and best known first; worked out once for all words that are alike. */
function replacementFinder(fitting: readonly LexiconWord[], lexicon: Lexicon): (word: string) => readonly string[] {
  const byForm = new Map<string, { readonly entry: LexiconWord; readonly kind: WordKind }[]>();
  for (const entry of fitting) {
    const kind = wordKind(entry.word, lexicon);
    if (!kind) continue;
    const key = `${kind.part} ${kind.form}`;
    const alike = byForm.get(key);
    if (alike) alike.push({ entry, kind });
    else byForm.set(key, [{ entry, kind }]);
  }
  const ranked = new Map<string, readonly string[]>();
  return (word) => {
    const kind = wordKind(word, lexicon);
    if (!kind) return [];
    const key = [kind.part, kind.form, kind.class, ...kind.lists].join(" ");
    let found = ranked.get(key);
    if (!found) {
      found = (byForm.get(`${kind.part} ${kind.form}`) ?? [])
        .map(({ entry, kind: other }) => ({ entry, near: nearness(kind, other) }))
        .sort((a, b) => b.near - a.near || a.entry.familiarity - b.entry.familiarity || b.entry.zipf - a.entry.zipf)
        .map(({ entry }) => entry.word);
      ranked.set(key, found);
    }
    return found;
  };
}
