import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { firstDecodableStep } from "../scope/first-step.ts";
import type { Sequence } from "../scope/sequence.ts";
import { SEQUENCES, sequenceById } from "../scope/sequences.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { checkText, findTarget, targetSpans } from "./check-text.ts";
import { mendText } from "./mend-text.ts";
import { pagesOf, sentencesOf, wordsOfText } from "./read-words.ts";
import type { TextTarget } from "./targets.ts";

const SHORT = SEQUENCES[0] as Sequence;
const PHASED = sequenceById("phased") as Sequence;
const lexicon = lexiconIn(shippedLexicon(), GENERAL_AMERICAN);
const isListed = (spelling: string) => lexicon.get(spelling) !== undefined;
const spellings = (text: string) => wordsOfText(text, isListed).map(({ spelling }) => spelling);

describe("checkText", () => {
  it("judges every word in its place, counts targets, knows words learnt whole", () => {
    const report = checkText("The ship — “the ship!” — hit a big rock.", taughtAtStep(SHORT, 10), ["sh=ʃ"]);
    expect(report.tokens.map(({ text }) => text)).toEqual(["The", "ship", "the", "ship", "hit", "a", "big", "rock"]);
    expect(report.targets).toBe(2);
    expect(report.tokens[0]).toMatchObject({ kind: "irregular", fits: true });
    expect(report.tokens.filter(({ fits }) => !fits).map(({ text }) => text)).toEqual(["rock"]);
    expect(report.decodable).toBe(7 / 8);
    expect(report.tokens[1]?.at).toBe(4);
  });

  it.each([
    ["", 1],
    ["123 !?", 1],
    ["🙂", 1],
  ])("%j has no words", (text, share) => {
    expect(checkText(text, taughtAtStep(SHORT, 5)).decodable).toBe(share);
  });

  it("says when a word first comes within reach", () => {
    expect(firstDecodableStep("sat", SHORT)).toBe(1);
    expect(firstDecodableStep("Ship", SHORT)).toBe(10);
    expect(firstDecodableStep("cake", SHORT)).toBe(24);
    expect(firstDecodableStep("zzz", SHORT)).toBeUndefined();
    for (const sequence of SEQUENCES)
      for (const { word } of lexicon.words.filter((_, k) => k % 97 === 0)) {
        const step = sequence.steps.find(
          ({ number }) => checkDecodable(word, taughtAtStep(sequence, number)).decodable,
        );
        expect(firstDecodableStep(word, sequence, lexicon), word).toBe(step?.number);
      }
  });

  it.each([
    ["Zog sat.", "Zog", "name", true],
    ["Chloe sat.", "Chloe", "name", false],
    ["The zog sat.", "zog", "unknown", false],
    ["A cottage.", "cottage", "not-yet", false],
    ["A bitch.", "bitch", "kept-out", false],
    ["Мир sat.", "Мир", "name", false],
    ["STOP AT ZOG", "ZOG", "unknown", false],
  ] as const)("in %j, %s is %s", (text, word, kind, fits) => {
    const token = checkText(text, taughtAtStep(PHASED, 20)).tokens.find((one) => one.text === word);
    expect(token).toMatchObject({ kind, fits });
  });

  it("endings, contractions and possessives need what they need; a name's possessive its ending", () => {
    const fits = (text: string, step: number) =>
      checkText(text, taughtAtStep(PHASED, step)).tokens.every((one) => one.fits);
    const last = PHASED.steps.length;
    expect(fits("It's Sam's dog. We can't stop jumping.", last)).toBe(true);
    expect(fits("Sam's dog", 5)).toBe(false);
    expect(fits("Sam", 5)).toBe(true);
  });

  it("what the school keeps out does not fit, whatever its letters", () => {
    const { tokens } = checkText("A big dog", taughtAtStep(PHASED, 20), [], lexicon, { never: ["big"] });
    expect(tokens.map(({ kind }) => kind)).toEqual(["irregular", "kept-out", "decodable"]);
  });

  it.each([
    ["The gun's big.", "gun's", {}],
    ["The Gun's big.", "Gun's", {}],
    ["The pig's big.", "pig's", { never: ["pig"] }],
    ["The PIGS' pen.", "PIGS", { never: ["pigs"] }],
  ])("in %j %s is kept out with the word it is made of", (text, word, rules) => {
    const { tokens } = checkText(text, taughtAtStep(PHASED, PHASED.steps.length), [], lexicon, rules);
    expect(tokens.find((token) => token.text === word)).toMatchObject({ kind: "kept-out", fits: false });
  });

  it("marks targets in a word that a line broke, where its letters stand", () => {
    const text = "A rab-\nbit sat.";
    const spans = targetSpans(text, ["b=b", "bb=b"], lexicon);
    expect(spans.map(([from, to]) => text.slice(from, to))).toEqual(["b", "b"]);
    const { tokens } = checkText(text, taughtAtStep(PHASED, PHASED.steps.length));
    expect(findTarget(tokens, { by: "gpc", gpc: "bb=b" }, lexicon).spans).toEqual(spans);
  });

  it("fifty thousand times one word, and thirty thousand pages, are judged all the same", () => {
    const same = checkText("zzz ".repeat(50_000), taughtAtStep(PHASED, 20));
    expect(mendText(same, { taught: taughtAtStep(PHASED, 20) })).toMatchObject([{ word: "zzz", times: 50_000 }]);
    expect(checkText("a\f".repeat(30_000), taughtAtStep(PHASED, 20)).pages).toHaveLength(30_000);
  });

  it("counts words, different words, sentences, the longest and those said again, and each page", () => {
    const report = checkText("Sam sat. Did Sam nap?\n---\nA kitten sat.", taughtAtStep(PHASED, 20), ["s=s"]);
    expect(report).toMatchObject({ sentences: 3, differentWords: 6, longest: "kitten" });
    expect(report.repeated).toEqual([
      { word: "sam", times: 2 },
      { word: "sat", times: 2 },
    ]);
    expect(report.pages.map(({ words, targets }) => [words, targets])).toEqual([
      [5, 3],
      [3, 1],
    ]);
  });
});

describe("the words of a text", () => {
  it.each([
    ["a well-known “cat’s” cup — isn't it?", "a well known cat's cup isn't it"],
    ["rab-\nbit and book-\nworm", "rabbit and bookworm"],
    ["on the 3rd of May, at 10pm", "on the of may at"],
    ["Mr. Fish and Dr. Hen met at No. 5", "fish and hen met at"],
    ["He said no. Then he left.", "he said no then he left"],
    ["the U.S. and e.g. a dog", "the and a dog"],
    ["the letter s", "the letter"],
    ["write to sam@zip.org or www.zip.org/cat now", "write to or now"],
    ["cat/dog; pig…hen", "cat dog pig hen"],
  ])("of %j are %s", (text, words) => expect(spellings(text).join(" ")).toBe(words));

  it("stand where they are said to stand, in random texts too", () => {
    const text = "A “cat” sat — on rab-\nbits' mats.\r\nNo. 5 isn’t big!";
    for (const { text: written, at } of wordsOfText(text, isListed))
      expect(text.slice(at, at + written.length)).toBe(written);
  });

  it("sentences end where they end, and lines end none", () => {
    expect(sentencesOf("Mr. Hill sat. Did he\nnap? “Yes!” he said.")).toEqual([
      "Mr. Hill sat.",
      "Did he nap?",
      "“Yes!” he said.",
    ]);
    expect(sentencesOf("12 !!")).toEqual([]);
    expect(pagesOf("one\n---\n\n***\ntwo").length).toBe(2);
  });

  it("a long text without a space, or with one mark a thousand times, is read at once", () => {
    for (const text of ["a".repeat(200_000), "-\n".repeat(50_000), "@".repeat(100_000), "a@".repeat(50_000)])
      expect(wordsOfText(text, isListed).length).toBeLessThan(60_000);
  });
});

describe("targets", () => {
  const look = (text: string, target: TextTarget) => {
    const { tokens } = checkText(text, taughtAtStep(PHASED, PHASED.steps.length));
    const { spans, count, lookAlikes } = findTarget(tokens, target, lexicon);
    return { hits: spans.map(([from, to]) => text.slice(from, to)), count, lookAlikes };
  };

  it("a spelling: every hit, a split digraph in two places; what only looks or sounds like it, with why", () => {
    expect(look("When did the wind whip?", { by: "gpc", gpc: "wh=w" })).toMatchObject({
      hits: ["Wh", "wh"],
      lookAlikes: [{ word: "wind", why: { code: "other-spelling", letters: "w" } }],
    });
    expect(look("A cake and a mat", { by: "gpc", gpc: "a-e=eɪ" })).toMatchObject({ hits: ["a", "e"], count: 1 });
    expect(look("The great team", { by: "gpc", gpc: "ea=iː" })).toMatchObject({
      hits: ["ea"],
      lookAlikes: [{ word: "great", why: { code: "other-sound", sound: ["eɪ"] } }],
    });
  });

  it("a sound, whatever its spelling", () => {
    expect(look("A gray whale came late", { by: "sound", sound: ["eɪ"] }).count).toBe(4);
  });

  it("a rime: rhymes that are spelled otherwise, and the same letters said otherwise, do not count", () => {
    const found = look("He was at bat. That gnat has a mat.", { by: "rime", letters: "at" });
    expect(found.hits).toEqual(["at", "at", "at", "at", "at"]);
    expect(look("Can a swan ban tan?", { by: "rime", letters: "an" }).lookAlikes).toMatchObject([
      { word: "swan", why: { code: "other-sound" } },
    ]);
  });

  it("an ending is one only where something is left that it is put on", () => {
    const found = look("Sing, king! He is jumping and bringing things.", { by: "ending", ending: "ing" });
    expect(found.hits).toEqual(["ing", "ing"]);
    expect(found.lookAlikes.map(({ word }) => word)).toEqual(["sing", "king"]);
  });
});
