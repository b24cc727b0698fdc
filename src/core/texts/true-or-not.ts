import { BEFORE_A_NOUN, EATEN, NOT_PLAIN, NOT_THE_SAME_PERSON, SAME_THINGS } from "../../data/texts/same-things.ts";
import { NO_ARTICLE, NO_PLURAL, NOUNS, SENTENCE_NAMES } from "../../data/texts/sentence-words.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { inflectionOf } from "../lexicon/inflection.ts";
import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { shuffled } from "../random/shuffled.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { phonemesOf } from "../spelling/segmentation.ts";
import { type TextRules, wordJudge } from "./check-text.ts";
import { mayMeet } from "./may-meet.ts";
import { withoutPhraseMarks } from "./phrases.ts";
import { sentencesOf, type TextWord, wordsOfText } from "./read-words.ts";
import { pluralOf } from "./sentence-forms.ts";
import { classesOf } from "./sentence-slots.ts";
import { wordKind } from "./word-kind.ts";

/** A sentence about a text: the text says so, or it does not. */
export interface Statement {
  readonly sentence: string;
  readonly isTrue: boolean;
}

/** What sentences are wanted of a text. */
export interface StatementRequest extends TextRules {
  readonly taught: TaughtSet;
  /** How many, from 1; half of them true, where the text serves. */
  readonly count: number;
  readonly seed: number;
}

/**
 * Sentences to be found true or not true in a text: some of its own, and some with one word changed that the text does not
 * have. Only a noun after its article or a name is changed, for another of its kind; questions, and what did not or may
 * happen, are left alone.
 *
 * @returns as many as there are, mixed; fewer than wanted where little can be changed
 *
 * @example trueOrNot("Sam sat on a mat. Sam had a pin.", { taught, count: 2, seed: 1 })
 */
export function trueOrNot(text: string, request: StatementRequest, list: Lexicon = shippedLexicon()): Statement[] {
  const { taught, count, seed } = request;
  const lexicon = lexiconIn(list, taught.accent);
  const random = seededRandom(seed);
  const plain = withoutPhraseMarks(text);
  const isListed = (spelling: string) => lexicon.get(spelling) !== undefined;
  const inText = new Set(
    wordsOfText(plain, isListed).flatMap(({ spelling }) => [spelling, nounOf(spelling, lexicon)?.base ?? spelling]),
  );
  const judge = wordJudge(taught, lexicon, request);
  const fits = (word: string, hasCapital: boolean) => judge({ spelling: normaliseSpelling(word), hasCapital }).fits;
  const changer: Changer = { lexicon, random, inText, fits, never: new Set(request.never) };
  const statements = shuffled([...new Set(sentencesOf(plain))].filter(isStatement), random);
  const changed = new Map<string, string>();
  const wanted = Math.floor(count / 2);
  for (const sentence of statements) {
    if (changed.size >= wanted) break;
    const other = changedSentence(sentence, changer);
    if (other !== undefined) changed.set(sentence, other);
  }
  const untouched = statements.filter((sentence) => !changed.has(sentence)).slice(0, count - wanted);
  return shuffled(
    [
      ...[...changed.values()].map((sentence) => ({ sentence, isTrue: false })),
      ...untouched.map((sentence) => ({ sentence, isTrue: true })),
    ],
    random,
  );
}

/** Does a sentence say plainly that something is so: no question, no speech, nothing that did not happen or may? */
function isStatement(sentence: string): boolean {
  if (!/^[\p{L}\s,'’-]+\.$/u.test(sentence)) return false;
  const words = sentence.toLowerCase().match(/[\p{L}'’]+/gu) ?? [];
  return !words.some((word) => NOT_PLAIN.has(word) || /n['’]t$/.test(word));
}

interface Changer {
  readonly lexicon: Lexicon;
  readonly random: () => number;
  /** Words of the text, each also without its ending. */
  readonly inText: ReadonlySet<string>;
  readonly fits: (word: string, hasCapital: boolean) => boolean;
  readonly never: ReadonlySet<string>;
}

/** The sentence with one word changed so that the text no longer says it; undefined where none can be. */
function changedSentence(sentence: string, changer: Changer): string | undefined {
  const { lexicon, random } = changer;
  const words = wordsOfText(sentence, (spelling) => lexicon.get(spelling) !== undefined);
  if (tellsSomebodyTo(words, lexicon)) return undefined;
  for (const [k, word] of shuffled([...words.entries()], random)) {
    const others = othersFor(word, { words, at: k, sentence }, changer);
    const other = others[Math.floor(random() * others.length)];
    if (other !== undefined)
      return `${sentence.slice(0, word.at)}${other}${sentence.slice(word.at + word.text.length)}`;
  }
  return undefined;
}

/** "Sit on the mat." and "Stroke the camel, Tess." say nothing that is so. */
function tellsSomebodyTo([first, second]: readonly TextWord[], lexicon: Lexicon): boolean {
  if (!first) return false;
  const kind = wordKind(first.spelling, lexicon);
  if (kind?.part === "v" && kind.form === "base") return true;
  const canBeVerb = lexicon.get(first.spelling)?.partsOfSpeech.includes("v") ?? false;
  return canBeVerb && second !== undefined && BEFORE_A_NOUN.has(second.spelling);
}

/** A word of a sentence: the one at an index of its words, from 0. */
export interface PlaceInSentence {
  readonly words: readonly TextWord[];
  readonly at: number;
  readonly sentence: string;
}

/** What could stand for a word and would not be so. */
function othersFor(word: TextWord, place: PlaceInSentence, changer: Changer): string[] {
  if (word.hasCapital) return namesFor(word, changer);
  const noun = nounOf(word.spelling, changer.lexicon);
  if (!noun || EATEN.has(noun.base) || !standsAsNoun(place, changer.lexicon)) return [];
  return nounsFor(noun, place, changer);
}

const NAMES: ReadonlySet<string> = new Set(SENTENCE_NAMES);

const namesFor = ({ text }: TextWord, { inText, fits, never }: Changer): string[] =>
  NAMES.has(text)
    ? SENTENCE_NAMES.filter((name) => {
        const spelling = normaliseSpelling(name);
        return name !== text && !inText.has(spelling) && !never.has(spelling) && fits(name, true);
      })
    : [];

interface Noun {
  readonly base: string;
  readonly isPlural: boolean;
}

/** A word as a noun of the lists that sentences are made of; undefined for every other word. */
function nounOf(spelling: string, lexicon: Lexicon): Noun | undefined {
  if (classesOf(spelling).length > 0) return { base: spelling, isPlural: false };
  const inflection = inflectionOf(spelling, lexicon);
  const isPlural = inflection !== undefined && (inflection.ending === "s" || inflection.ending === "es");
  return isPlural && classesOf(inflection.base).length > 0 && pluralOf(inflection.base) === spelling
    ? { base: inflection.base, isPlural }
    : undefined;
}

/** Does a word stand as a noun: after an article, or an adjective that has one, and before no other noun? */
export function standsAsNoun({ words, at, sentence }: PlaceInSentence, lexicon: Lexicon): boolean {
  const before = words[at - 1]?.spelling ?? "";
  const isAfterArticle =
    BEFORE_A_NOUN.has(before) ||
    (wordKind(before, lexicon)?.part === "a" && BEFORE_A_NOUN.has(words[at - 2]?.spelling ?? ""));
  const [word, next] = [words[at] as TextWord, words[at + 1]];
  if (!isAfterArticle) return false;
  if (!next || /[^\s]/.test(sentence.slice(word.at + word.text.length, next.at))) return true;
  // "the pig pen": the first of two nouns says which pen.
  const kind = wordKind(next.spelling, lexicon);
  return !kind || (kind.part === "v" && kind.form !== "base") || kind.part === "r";
}

const OTHER_PERSONS = new Map<string, string[]>();
for (const [a, b] of NOT_THE_SAME_PERSON)
  for (const [one, other] of [
    [a, b],
    [b, a],
  ] as const)
    OTHER_PERSONS.set(one, [...(OTHER_PERSONS.get(one) ?? []), other]);

const MAY_BE_ONE = new Set<string>();
for (const line of SAME_THINGS) {
  const [head = "", members] = line.split(": ");
  const [left, right] = members === undefined ? [head.split(" "), head.split(" ")] : [[head], members.split(" ")];
  for (const a of left) for (const b of right) MAY_BE_ONE.add(`${a} ${b}`).add(`${b} ${a}`);
}

function nounsFor({ base, isPlural }: Noun, { words, at }: PlaceInSentence, changer: Changer): string[] {
  const { lexicon, inText, fits, never } = changer;
  const classes = classesOf(base);
  const choices = classes.includes("person")
    ? (OTHER_PERSONS.get(base) ?? [])
    : (NOUNS[classes[0] as keyof typeof NOUNS] as readonly string[]).filter((other) =>
        classes.every((name) => classesOf(other).includes(name)),
      );
  const article = words[at - 1]?.spelling;
  const others = words.filter((_, k) => k !== at).map(({ spelling }) => spelling);
  return choices
    .filter(
      (other) =>
        other !== base &&
        !MAY_BE_ONE.has(`${base} ${other}`) &&
        !EATEN.has(other) &&
        !inText.has(other) &&
        !never.has(other) &&
        (!isPlural || !NO_PLURAL.has(other)) &&
        NO_ARTICLE.has(base) === NO_ARTICLE.has(other) &&
        others.every((word) => mayMeet(namesOf(other), namesOf(nounOf(word, lexicon)?.base ?? word))),
    )
    .map((other) => (isPlural ? pluralOf(other) : other))
    .filter((other) => fits(other, false) && (article === undefined || takesArticle(article, other, lexicon)));
}

/** What a word goes by in the list of what may not meet; where it stands is not known, so in every class. */
const namesOf = (base: string): string[] => [base, ...classesOf(base).flatMap((name) => [name, `${name}/${base}`])];

/** "a" before a consonant, "an" before a vowel; every other word before both. */
function takesArticle(article: string, word: string, lexicon: Lexicon): boolean {
  if (article !== "a" && article !== "an") return true;
  const reading = lexicon.get(word)?.readings[0];
  const [first = ""] = reading ? phonemesOf(reading) : [];
  return isVowel(first) === (article === "an");
}
