import { refusalOf, type WordRefusal } from "../chains/allowed-words.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { AllowedLists } from "../lexicon/kept-out-lists.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable, type Decodability } from "../scope/decodable.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { accentKey } from "../sounds/accents.ts";
import { decode } from "../spelling/decode/decode.ts";
import { pagesOf, sentencesOf, type TextWord, wordsOfText } from "./read-words.ts";
import { matchTarget, type TargetMatch, type TextTarget } from "./targets.ts";

/** What a word of a text is to a group. */
export type TokenKind =
  /** Read by what has been taught. */
  | "decodable"
  /** Taught as an irregular word. */
  | "irregular"
  /** Written with a capital and in no list; it fits where its letters are taught. */
  | "name"
  /** A word of the list that needs more than has been taught. */
  | "not-yet"
  /** In no list: as far as it can be, it is read by rule. */
  | "unknown"
  /** Kept out of this school. */
  | "kept-out";

/** One word of a text, judged. */
export interface TextToken {
  readonly text: string;
  /** Offset of its first character in the text. */
  readonly at: number;
  /** How it is looked up. */
  readonly spelling: string;
  readonly kind: TokenKind;
  /** May it stand before this group? */
  readonly fits: boolean;
  readonly judged: Decodability;
  /** How many units of it are targets. */
  readonly targets: number;
}

/** What is counted of a text, or of a page of it. */
export interface TextCounts {
  readonly words: number;
  /** Words that fit. */
  readonly fitting: number;
  readonly targets: number;
}

export interface TextReport {
  readonly tokens: readonly TextToken[];
  /** Share of words that fit: decodable, taught as irregular words, or names that can be read. 0 to 1; 1 for a text without words. */
  readonly decodable: number;
  readonly targets: number;
  readonly pages: readonly TextCounts[];
  readonly sentences: number;
  readonly differentWords: number;
  /** The word with most letters, the first of several; empty for a text without words. */
  readonly longest: string;
  /** Words that stand in it more than once, the most frequent first. */
  readonly repeated: readonly { readonly word: string; readonly times: number }[];
}

/** What a school says of words, beside what has been taught. */
export interface TextRules extends AllowedLists {
  readonly never?: readonly string[];
}

/**
 * Judges every word of a sentence or story against a taught set. Endings, contractions and possessives are understood as
 * the word list has them; a hyphenated word is judged part by part.
 *
 * @param targets GPC ids to count, or other targets
 *
 * @example checkText("Sam sat.", taughtAt(sequenceById("phased"), 3)).tokens.map(({ text }) => text) // ["Sam", "sat"]
 */
export function checkText(
  text: string,
  taught: TaughtSet,
  targets: readonly (string | TextTarget)[] = [],
  list: Lexicon = shippedLexicon(),
  rules: TextRules = {},
): TextReport {
  const lexicon = lexiconIn(list, taught.accent);
  const wanted = targets.map(
    (target): TextTarget => (typeof target === "string" ? { by: "gpc", gpc: target } : target),
  );
  const judge = wordJudge(taught, lexicon, rules);
  const hitsOf = targetCounter(wanted, lexicon);
  const tokens = wordsOfText(text, (spelling) => lexicon.get(spelling) !== undefined).map((word): TextToken => {
    const known = judge(word);
    return { text: word.text, at: word.at, spelling: word.spelling, ...known, targets: hitsOf(word.spelling, known) };
  });
  const times = new Map<string, number>();
  for (const { spelling } of tokens) times.set(spelling, (times.get(spelling) ?? 0) + 1);
  const all = countsOf(tokens);
  return {
    tokens,
    decodable: all.words === 0 ? 1 : all.fitting / all.words,
    targets: all.targets,
    pages: countsByPage(text, tokens),
    sentences: sentencesOf(text).length,
    differentWords: times.size,
    longest: [...times.keys()].reduce((longest, word) => (word.length > longest.length ? word : longest), ""),
    repeated: [...times]
      .filter(([, count]) => count > 1)
      .sort((a, b) => b[1] - a[1])
      .map(([word, count]) => ({ word, times: count })),
  };
}

/** The counts of every page, tokens gone through once. */
function countsByPage(text: string, tokens: readonly TextToken[]): TextCounts[] {
  let next = 0;
  return pagesOf(text).map(({ to }) => {
    const first = next;
    while (next < tokens.length && (tokens[next] as TextToken).at < to) next++;
    return countsOf(tokens.slice(first, next));
  });
}

const countsOf = (tokens: readonly TextToken[]): TextCounts => ({
  words: tokens.length,
  fitting: tokens.filter(({ fits }) => fits).length,
  targets: tokens.reduce((sum, token) => sum + token.targets, 0),
});

/** What is known of a word apart from its place. */
export type JudgedWord = Pick<TextToken, "kind" | "fits" | "judged">;

/**
 * Judges words, each spelling once: a text says the same words again and again.
 *
 * @param lexicon in the taught set's accent
 */
export function wordJudge(
  taught: TaughtSet,
  lexicon: Lexicon,
  rules: TextRules,
): (word: Pick<TextWord, "spelling" | "hasCapital">) => JudgedWord {
  const known = judgedBy(taught, lexicon, rules);
  return ({ spelling, hasCapital }) => {
    const key = hasCapital ? `^${spelling}` : spelling;
    let judged = known.get(key);
    if (!judged) {
      if (known.size >= MOST_REMEMBERED) known.clear();
      judged = judgeOne(spelling, hasCapital, { taught, lexicon, rules });
      known.set(key, judged);
    }
    return judged;
  };
}

/** Rules that were asked by lately, for one taught set. */
const MOST_RULES = 4;
/** Words remembered for each: what is typed may be anything, and is not to fill the memory. */
const MOST_REMEMBERED = 20_000;
const JUDGED = new WeakMap<TaughtSet, Map<string, Map<string, JudgedWord>>>();

/** What was judged before by the same rules: a text is judged again at every key. */
function judgedBy(taught: TaughtSet, { accent }: Lexicon, { never, allowLists }: TextRules): Map<string, JudgedWord> {
  const byRules = JUDGED.get(taught) ?? new Map<string, Map<string, JudgedWord>>();
  JUDGED.set(taught, byRules);
  const key = JSON.stringify([accentKey(accent), never, allowLists]);
  let known = byRules.get(key);
  if (!known) {
    if (byRules.size >= MOST_RULES) byRules.delete(byRules.keys().next().value as string);
    known = new Map();
    byRules.set(key, known);
  }
  return known;
}

interface JudgedBy {
  readonly taught: TaughtSet;
  readonly lexicon: Lexicon;
  readonly rules: TextRules;
}

function judgeOne(spelling: string, hasCapital: boolean, { taught, lexicon, rules }: JudgedBy): JudgedWord {
  const judged = checkDecodable(spelling, taught, lexicon);
  if (keptOutBecause(spelling, { ...rules, taught }, lexicon)) return { kind: "kept-out", fits: false, judged };
  if (judged.learntWhole) return { kind: "irregular", fits: true, judged };
  if (judged.decodable) return { kind: "decodable", fits: true, judged };
  if (hasCapital && spelling.endsWith("'s") && !lexicon.get(spelling))
    return possessiveOf(judgeOne(spelling.slice(0, -2), true, { taught, lexicon, rules }), taught);
  if (lexicon.get(spelling) || lexicon.unsplittable(spelling)) return { kind: "not-yet", fits: false, judged };
  const byRule = /^[a-z']+$/.test(spelling) ? decode(spelling.replace(/'/g, "")) : undefined;
  const read = byRule ? checkDecodable(byRule, taught, lexicon) : judged;
  if (!hasCapital) return { kind: "unknown", fits: false, judged: { ...read, decodable: false } };
  // The list has the words of one and two syllables: a longer one that it does not know may be any word.
  const syllables = byRule?.units.filter(({ slot }) => slot === "nucleus").length ?? 0;
  const fits = byRule !== undefined && syllables <= 2 && read.decodable;
  return { kind: "name", fits, judged: { ...read, decodable: fits } };
}

/** Why a school keeps a word out, or undefined; a word with 's is kept out with the word it is made of. */
export function keptOutBecause(
  spelling: string,
  rules: TextRules & { readonly taught: TaughtSet },
  lexicon: Lexicon,
): WordRefusal | undefined {
  for (const word of [spelling, spelling.replace(/'s?$/, "")]) {
    const refusal = refusalOf(word, rules, lexicon, "ears-only");
    if (refusal?.code === "never-list" || refusal?.code === "unsuitable") return refusal;
  }
  return undefined;
}

/** The possessive of a name (Sam's): the name is read, and the ending has to be taught. */
function possessiveOf(name: JudgedWord, taught: TaughtSet): JudgedWord {
  if (!name.fits || taught.patterns.has("possessive")) return name;
  const missing = [...name.judged.missing, { kind: "pattern", pattern: "possessive" } as const];
  return { ...name, fits: false, judged: { ...name.judged, decodable: false, missing } };
}

function targetCounter(
  targets: readonly TextTarget[],
  lexicon: Lexicon,
): (spelling: string, judged: JudgedWord) => number {
  const known = new Map<string, number>();
  return (spelling, { judged }) => {
    if (targets.length === 0 || !judged.reading) return 0;
    let count = known.get(spelling);
    if (count === undefined) {
      const { reading } = judged;
      count = new Set(targets.flatMap((target) => matchTarget(reading, target, lexicon).hits.map(String))).size;
      known.set(spelling, count);
    }
    return count;
  };
}

/** Where a target stands in a text, and what only looks or sounds like it. */
export interface TargetReport {
  /** Offsets of its letters, each from a character up to before another, from left to right. */
  readonly spans: readonly (readonly [number, number])[];
  readonly count: number;
  /** Each word once. */
  readonly lookAlikes: readonly { readonly word: string; readonly why: NonNullable<TargetMatch["lookAlike"]> }[];
}

/** Looks for one target in a text that has been judged. */
export function findTarget(tokens: readonly TextToken[], target: TextTarget, list: Lexicon): TargetReport {
  const spans: [number, number][] = [];
  const lookAlikes = new Map<string, NonNullable<TargetMatch["lookAlike"]>>();
  const known = new Map<string, TargetMatch>();
  let count = 0;
  for (const { text, at, spelling, judged } of tokens) {
    if (!judged.reading) continue;
    let match = known.get(spelling);
    if (!match) {
      match = matchTarget(judged.reading, target, list);
      known.set(spelling, match);
    }
    if (match.lookAlike) lookAlikes.set(spelling, match.lookAlike);
    count += match.hits.length;
    spans.push(...spansIn({ text, at, spelling }, match.hits.flat()));
  }
  return {
    spans: joined(spans),
    count,
    lookAlikes: [...lookAlikes].map(([word, why]) => ({ word, why })),
  };
}

/** Where letters of a word stand in its text: a word broken at the end of a line has more characters than letters. */
function spansIn({ text, at, spelling }: Omit<TextWord, "hasCapital">, letters: readonly number[]): [number, number][] {
  const places =
    text.length === spelling.length ? undefined : [...text.matchAll(/[\p{L}'’ʼ]/gu)].map(({ index }) => index);
  return letters.map((letter) => {
    const from = at + (places?.[letter] ?? letter);
    return [from, from + 1];
  });
}

/**
 * Where the graphemes of some correspondences stand in a text; a split digraph in two places.
 *
 * @param targets GPC ids
 * @returns offsets, each from a character up to before another, from left to right
 */
export function targetSpans(text: string, targets: readonly string[], lexicon: Lexicon): [number, number][] {
  const spans: [number, number][] = [];
  for (const word of wordsOfText(text, (spelling) => lexicon.get(spelling) !== undefined)) {
    const reading = lexicon.get(word.spelling)?.readings[0];
    if (!reading) continue;
    for (const gpc of targets)
      spans.push(...spansIn(word, matchTarget(reading, { by: "gpc", gpc }, lexicon).hits.flat()));
  }
  return joined(spans);
}

/** From left to right; spans that touch are one. */
function joined(spans: readonly (readonly [number, number])[]): [number, number][] {
  const whole: [number, number][] = [];
  for (const [from, to] of [...spans].sort((a, b) => a[0] - b[0])) {
    const last = whole.at(-1);
    if (last && last[1] >= from) last[1] = Math.max(last[1], to);
    else whole.push([from, to]);
  }
  return whole;
}
