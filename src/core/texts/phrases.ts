import { GO_WITH_TO, JOINING_WORDS, PHRASE_OPENERS } from "../../data/texts/phrase-openers.ts";
import { pagesOf, sentenceSpans, type TextWord, wordsOfText } from "./read-words.ts";

/** Between two phrases: a stroke with blanks around it, as teachers write it. Common practice, no source. */
const PHRASE_MARK = "/";

/** Has somebody marked phrases in a text? */
export const hasPhraseMarks = (text: string): boolean => text.split(/\s/).includes(PHRASE_MARK);

/**
 * A text without the marks between its phrases.
 *
 * @example withoutPhraseMarks("Sam sat / on a mat.") // "Sam sat on a mat."
 */
export const withoutPhraseMarks = (text: string): string =>
  text
    .split("\n")
    .map((line) => {
      const parts = line.split(" ");
      return parts.includes(PHRASE_MARK) ? parts.filter((part) => part !== PHRASE_MARK).join(" ") : line;
    })
    .join("\n");

/** From a character of the text up to before another. */
type Span = readonly [number, number];

/** A word of a text that is read aloud, and what it is read in. */
export interface WordToRead {
  /** How it is looked up. */
  readonly spelling: string;
  readonly at: Span;
  /** From the first word of its phrase to the end of the last. */
  readonly phrase: Span;
  /** The same of its line; of its sentence, where the text has no lines. */
  readonly line: Span;
  /** From the first character of its page to before the end. */
  readonly page: Span;
}

/**
 * The words of a text in the order in which they are read, each with its phrase and its line. Phrases end at the end of a
 * sentence or a line, at a stop, and where they are marked; in a text without marks also before the little words that
 * phrases are commonly begun with.
 *
 * @param text with line ends of one character
 * @param isListed does the word list have this spelling?
 */
export function wordsToRead(text: string, isListed: (spelling: string) => boolean): WordToRead[] {
  const words = wordsOfText(text, isListed);
  const sentences = sentenceSpans(text);
  const pages = pagesOf(text).map(({ from, to }): Span => [from, to]);
  const lines = linesOf(text, pages, sentences);
  const isMarked = hasPhraseMarks(text);
  const parts = hardPhrases(words, text, lines, sentences);
  const phrases = isMarked ? parts : parts.flatMap(atLittleWords);
  const phraseOf = new Map(phrases.flatMap((phrase) => phrase.map((word) => [word, spanOf(phrase)])));
  return words.map((word) => ({
    spelling: word.spelling,
    at: [word.at, word.at + word.text.length],
    phrase: phraseOf.get(word) ?? spanOf([word]),
    line: around(word, lines),
    page: around(word, pages),
  }));
}

/**
 * Marks the phrases that a text is read in, where no stop shows them. Marks that stand in it go.
 *
 * @param text with line ends of one character
 * @param isListed does the word list have this spelling?
 */
export function withPhraseMarks(text: string, isListed: (spelling: string) => boolean): string {
  const plain = withoutPhraseMarks(text);
  const words = wordsOfText(plain, isListed);
  const sentences = sentenceSpans(plain);
  const lines = linesOf(
    plain,
    pagesOf(plain).map(({ from, to }): Span => [from, to]),
    sentences,
  );
  const starts = hardPhrases(words, plain, lines, sentences).flatMap((part) =>
    atLittleWords(part)
      .slice(1)
      .flatMap(([first]) => first?.at ?? []),
  );
  let marked = "";
  let from = 0;
  for (const start of starts) {
    marked += `${plain.slice(from, start)}${PHRASE_MARK} `;
    from = start;
  }
  return marked + plain.slice(from);
}

/** Lines as they were typed, where a page has more than one; else its sentences. */
function linesOf(text: string, pages: readonly Span[], sentences: readonly Span[]): Span[] {
  return pages.flatMap(([from, to]) => {
    const lines: Span[] = [];
    let at = from;
    for (const line of text.slice(from, to).split("\n")) {
      if (/\p{L}/u.test(line)) lines.push([at, at + line.length]);
      at += line.length + 1;
    }
    return lines.length > 1 ? lines : sentences.filter(([start]) => start >= from && start < to);
  });
}

const around = ({ at, text }: TextWord, spans: readonly Span[]): Span =>
  spans.find(([from, to]) => from <= at && at < to) ?? [at, at + text.length];

const spanOf = (words: readonly TextWord[]): Span => {
  const [first, last] = [words[0] as TextWord, words.at(-1) as TextWord];
  return [first.at, last.at + last.text.length];
};

/** Words up to a stop, a mark, the end of a sentence or of a line. */
function hardPhrases(
  words: readonly TextWord[],
  text: string,
  lines: readonly Span[],
  sentences: readonly Span[],
): TextWord[][] {
  const phrases: TextWord[][] = [];
  for (const [k, word] of words.entries()) {
    const before = words[k - 1];
    const between = before ? text.slice(before.at + before.text.length, word.at) : "";
    const goesOn =
      before !== undefined &&
      !/[,;:–—()“”"!?]/.test(between) &&
      !hasPhraseMarks(between) &&
      around(before, lines)[0] === around(word, lines)[0] &&
      around(before, sentences)[0] === around(word, sentences)[0];
    if (goesOn) phrases.at(-1)?.push(word);
    else phrases.push([word]);
  }
  return phrases;
}

/** A phrase of fewer words is none. */
const FEWEST = 2;

/** Parted before the little words that begin a phrase. */
function atLittleWords(words: readonly TextWord[]): TextWord[][] {
  const phrases: TextWord[][] = [];
  for (const [k, word] of words.entries()) {
    const current = phrases.at(-1);
    const [before, next] = [words[k - 1], words[k + 1]];
    const opens =
      current !== undefined &&
      before !== undefined &&
      next !== undefined &&
      PHRASE_OPENERS.has(word.spelling) &&
      current.length >= FEWEST &&
      !PHRASE_OPENERS.has(before.spelling) &&
      // "got in and sat": the little word goes with the verb before it.
      !JOINING_WORDS.has(next.spelling) &&
      !(word.spelling === "to" && GO_WITH_TO.has(before.spelling));
    if (current && !opens) current.push(word);
    else phrases.push([word]);
  }
  return phrases;
}
