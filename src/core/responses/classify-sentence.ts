import { writeReading } from "../lexicon/asset.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { segment } from "../lexicon/segment.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { decode } from "../spelling/decode/decode.ts";
import type { UnitVerdict } from "./classify.ts";
import { classifyResponse } from "./classify-response.ts";
import { SENTENCE_RULES, type SentenceRule, type SentenceVerdict, type SentenceWord } from "./sentence-verdict.ts";
import { alignWords } from "./sentence-words.ts";

interface SentenceOptions {
  readonly accent: AccentSettings;
  /** All of them without it. */
  readonly rules?: readonly SentenceRule[];
}

/** Longer than any sentence that is dictated. */
const LONGEST = 200;

/**
 * Judges a dictated sentence as it was written: each word by the letters of its sounds, words left out or put in, words
 * run together or parted, the capital and the stop.
 *
 * @param sentence as it was dictated
 * @param written as the learner wrote it, at most 200 letters of it are looked at
 *
 * @example classifySentence("The fish is big.", "the fis is big", { accent: GENERAL_AMERICAN }).broken // ["capital", "stop"]
 */
export function classifySentence(
  sentence: string,
  written: string,
  { accent, rules = SENTENCE_RULES }: SentenceOptions,
  list: Lexicon = shippedLexicon(),
): SentenceVerdict {
  const lexicon = lexiconIn(list, accent);
  const text = written.normalize("NFC").trim().slice(0, LONGEST);
  const aligned = alignWords(wordsIn(sentence), wordsIn(text));
  const words = aligned.words.map(({ word, written: as }) => judgeWord(word, as, { accent, lexicon, list }));
  const keeps: Readonly<Record<SentenceRule, boolean>> = {
    capital: text === "" || !/^\p{Lu}/u.test(sentence) || /^\P{L}*\p{Lu}/u.test(text),
    spaces: !aligned.isRunTogether,
    stop: text === "" || !hasStop(sentence) || hasStop(text),
  };
  const broken = rules.filter((rule) => !keeps[rule]);
  const isRight =
    broken.length === 0 && aligned.added.length === 0 && words.every(({ verdict }) => verdict === "right");
  return { words, added: aligned.added, broken, isRight };
}

/** Is there a stop after the last letter? */
function hasStop(text: string): boolean {
  const characters = [...text];
  const after = characters.findLastIndex((character) => /\p{L}/u.test(character)) + 1;
  return characters.slice(after).some((character) => ".!?".includes(character));
}

/** Words in order, in small letters, without what stands between them. */
const wordsIn = (text: string): string[] =>
  [...text.toLowerCase().matchAll(/[\p{L}\p{N}]+(?:['’][\p{L}]+)*/gu)].map(([word]) => word.replace("’", "'"));

interface Judging extends SentenceOptions {
  readonly lexicon: Lexicon;
  readonly list: Lexicon;
}

function judgeWord(word: string, written: string, { accent, lexicon, list }: Judging): SentenceWord {
  const reading = lexicon.unsplittable(word) ? undefined : (segment(word, {}, lexicon) ?? decode(word));
  const target = reading && writeReading(reading);
  if (written === "") return { word, target, written, verdict: "missing", units: notKnown(reading?.units.length) };
  if (!reading) return { word, target, written, verdict: written === word ? "right" : "wrong", units: [] };
  const { verdict, units } = classifyResponse(reading, written, { mode: "written", accent }, list);
  return { word, target, written, verdict, units };
}

/** @param count how many units */
const notKnown = (count = 0): UnitVerdict[] => Array.from({ length: count }, () => ({ result: "not-known", said: [] }));
