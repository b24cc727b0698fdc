import { describe, expect, test } from "vitest";
import { hasPhraseMarks, withoutPhraseMarks, withPhraseMarks, wordsToRead } from "./phrases.ts";

const listed = () => true;
const marked = (text: string) => withPhraseMarks(text, listed);
const phrasesIn = (text: string) => [
  ...new Set(wordsToRead(text, listed).map(({ phrase: [from, to] }) => text.slice(from, to))),
];
const linesIn = (text: string) => [
  ...new Set(wordsToRead(text, listed).map(({ line: [from, to] }) => text.slice(from, to))),
];

describe("suggested phrases", () => {
  test.each([
    ["Sam sat on a mat.", "Sam sat / on a mat."],
    ["The big dog ran in the mud and got wet.", "The big dog ran / in the mud / and got wet."],
    ["He went to bed.", "He went / to bed."],
    ["The cat that sat on the mat is fat.", "The cat / that sat / on the mat is fat."],
    ["It fell from under the bed.", "It fell / from under the bed."],
  ])("%s", (text, expected) => expect(marked(text)).toBe(expected));

  test.each([
    ["a little word that ends the sentence", "Sam ran in."],
    ["one that goes with the verb before it", "Tim got in and sat."],
    ["two names joined", "Sam and Pam sat."],
    ["to after has", "Sam has to run."],
    ["of", "A cup of tea."],
  ])("no phrase begins at %s", (_, text) => expect(marked(text)).toBe(text));

  test("where a stop shows the phrase, no mark is put", () => {
    expect(marked("In the end, Sam sat.")).toBe("In the end, Sam sat.");
    expect(marked("“Sit,” said Mum. And he did.")).toBe("“Sit,” said Mum. And he did.");
  });

  test("marked twice is marked once, and taking the marks out gives the text back", () => {
    for (const text of ["Sam sat on a mat.\nPam ran to the bus.", "A dog dug in the sun and the mud."]) {
      expect(marked(marked(text))).toBe(marked(text));
      expect(hasPhraseMarks(marked(text))).toBe(true);
      expect(withoutPhraseMarks(marked(text))).toBe(text);
    }
  });
});

describe("words to read", () => {
  test("marks by hand stand: nothing is suggested beside them", () => {
    expect(phrasesIn("Sam sat on / a mat in the sun.")).toEqual(["Sam sat on", "a mat in the sun"]);
    expect(phrasesIn("Sam sat on a mat.")).toEqual(["Sam sat", "on a mat"]);
  });

  test("a stroke inside a word or an address is no mark", () => {
    expect(hasPhraseMarks("He/she can run and/or hop.")).toBe(false);
    expect(withoutPhraseMarks("He/she ran.")).toBe("He/she ran.");
  });

  test("lines are those that were typed, and sentences where there are none", () => {
    expect(linesIn("Sam sat.\nThe cat sat. It ran.")).toEqual(["Sam sat.", "The cat sat. It ran."]);
    expect(linesIn("Sam sat. Did Pam sit?")).toEqual(["Sam sat.", "Did Pam sit?"]);
  });

  test("each page has its own words, and its own lines", () => {
    const text = "Sam sat.\n---\nPam ran.";
    const pages = wordsToRead(text, listed).map(({ page: [from, to] }) => text.slice(from, to).trim());
    expect(pages).toEqual(["Sam sat.", "Sam sat.", "Pam ran.", "Pam ran."]);
    expect(linesIn(text)).toEqual(["Sam sat.", "Pam ran."]);
  });

  test("every word stands in its phrase, its line and its page", () => {
    const text = "One day, Sam’s dog ran to the bus / and hid.\nIt hid in Mr. Hill’s big red bin!\n\nThe end";
    for (const { at, phrase, line, page } of wordsToRead(text, listed))
      for (const [from, to] of [phrase, line, page]) {
        expect(from).toBeLessThanOrEqual(at[0]);
        expect(to).toBeGreaterThanOrEqual(at[1]);
      }
  });
});
