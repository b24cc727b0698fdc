import { ABBREVIATIONS } from "../../data/texts/abbreviations.ts";
import { normaliseSpelling } from "../lexicon/lexicon.ts";

/** One word of a text, as it stands there. */
export interface TextWord {
  /** As it is written; the two parts and the line's end between them where a line broke it. */
  readonly text: string;
  /** Offset of its first character in the text. */
  readonly at: number;
  /** How it is looked up. */
  readonly spelling: string;
  /** It begins with a capital, in a text that has small letters too. */
  readonly hasCapital: boolean;
}

/** A word: letters, with apostrophes inside it. What is joined by hyphens is read part by part. */
const WORD = /\p{L}[\p{L}\p{M}]*(?:['’ʼ]\p{L}[\p{L}\p{M}]*)*/gu;
const HYPHEN_AT_LINE_END = /^(?:-|\u2010|\u00ad)[ \t]{0,3}\r?\n[ \t]{0,8}$/;

/**
 * The words of a text from left to right. Passed over: figures and what hangs on them (3rd), short forms (Mr.), letters
 * alone but for a, I and O, and addresses of the web. A word broken at the end of a line is one word where the list has it.
 *
 * @param isListed does the word list have this spelling?
 */
export function wordsOfText(text: string, isListed: (spelling: string) => boolean): TextWord[] {
  const found: TextWord[] = [];
  const isShouted = text === text.toUpperCase();
  for (const { 0: written, index: at } of text.matchAll(WORD)) {
    const end = at + written.length;
    if (/\p{N}/u.test(text[at - 1] ?? "") || /\p{N}/u.test(text[end] ?? "") || isInAddress(text, at, end)) continue;
    const spelling = normaliseSpelling(written);
    const last = found.at(-1);
    if (last && HYPHEN_AT_LINE_END.test(text.slice(last.at + last.text.length, at))) {
      const whole = last.spelling + spelling;
      if (isListed(whole)) {
        found[found.length - 1] = { ...last, text: text.slice(last.at, end), spelling: whole };
        continue;
      }
    }
    if (spelling.length === 1 && !"aio".includes(spelling)) continue;
    if (text[end] === "." && isAbbreviation(text, spelling, at, end)) continue;
    found.push({ text: written, at, spelling, hasCapital: !isShouted && /^\p{Lu}/u.test(written) });
  }
  return found;
}

/** `Mr.`, and letters with stops between them: `U.S.`, `e.g.`. */
function isAbbreviation(text: string, spelling: string, at: number, end: number): boolean {
  // A sentence may end in "no": the short form has a figure after it.
  if (spelling === "no" || spelling === "nos") return /^\. ?\d/.test(text.slice(end, end + 3));
  if (spelling.length === 1) return text[at - 1] === "." || /^\.\p{L}\./u.test(text.slice(end, end + 3));
  return ABBREVIATIONS.has(spelling);
}

const MOST_LOOKED_AT = 60;

/** Does it stand in an address: a run without spaces that has "://", "@" or "www." in it? */
function isInAddress(text: string, at: number, end: number): boolean {
  let [from, to] = [at, end];
  while (from > 0 && at - from < MOST_LOOKED_AT && !/\s/.test(text[from - 1] as string)) from--;
  while (to < text.length && to - end < MOST_LOOKED_AT && !/\s/.test(text[to] as string)) to++;
  const run = text.slice(from, to);
  return run.includes("@") || run.includes("://") || run.includes("www.");
}

/**
 * The sentences of a text, trimmed; a line's end inside a paragraph ends none.
 *
 * @example sentencesOf("Mr. Hill sat. Did he nap?") // ["Mr. Hill sat.", "Did he nap?"]
 */
export function sentencesOf(text: string): string[] {
  const flat = text.replace(/\r\n?/g, "\n");
  return sentenceSpans(flat).map(([from, to]) => flowing(flat.slice(from, to)));
}

/** A line's end inside a paragraph is a blank; as long as before. */
const flowing = (text: string): string => text.replace(/([^\n])\n(?!\n)/g, "$1 ");

/**
 * Where the sentences of a text stand.
 *
 * @param text with line ends of one character
 * @returns offsets, each from a character up to before another, without blanks around
 */
export function sentenceSpans(text: string): [number, number][] {
  return pagesOf(text).flatMap(({ from, to }) =>
    spansOfPage(flowing(text.slice(from, to))).map(([a, b]): [number, number] => [from + a, from + b]),
  );
}

// Made once: it is dear to make, and a text may have thousands of pages.
const SEGMENTER = new Intl.Segmenter("en", { granularity: "sentence" });

function spansOfPage(page: string): [number, number][] {
  const sentences: { at: number; text: string }[] = [];
  for (const { segment, index } of SEGMENTER.segment(page)) {
    const before = sentences.at(-1);
    if (before && goesOn(before.text, segment)) before.text += segment;
    else sentences.push({ at: index, text: segment });
  }
  return sentences
    .filter(({ text }) => /\p{L}/u.test(text))
    .map(({ at, text }) => {
      const from = at + text.length - text.trimStart().length;
      return [from, from + text.trim().length];
    });
}

/** Does a sentence go on where the standard would end it: after a short form, and after speech (“Yes!” he said)? */
function goesOn(before: string, next: string): boolean {
  const last = /(?<!\p{L})(\p{L}{1,5})\.$/u.exec(before.trimEnd().slice(-8))?.[1]?.toLowerCase();
  return (last !== undefined && ABBREVIATIONS.has(last)) || (/\S/.test(before) && /^\p{Ll}/u.test(next));
}

/** Where a page ends: a form feed, or a line of three or more dashes or stars. */
const PAGE_END = /\f|^[ \t]*(?:-{3,}|\*{3,})[ \t]*$/gm;

/** The pages of a text, as offsets: each from a character up to before another. One where nothing parts it. */
export function pagesOf(text: string): { readonly from: number; readonly to: number }[] {
  const pages: { from: number; to: number }[] = [];
  let from = 0;
  for (const { 0: mark, index } of text.matchAll(PAGE_END)) {
    pages.push({ from, to: index });
    from = index + mark.length;
  }
  pages.push({ from, to: text.length });
  const written = pages.filter((page) => /\p{L}/u.test(text.slice(page.from, page.to)));
  return written.length > 0 ? written : [{ from: 0, to: text.length }];
}
