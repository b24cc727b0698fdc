import { describe, expect, test } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { SAME_THINGS } from "../../data/texts/same-things.ts";
import { NOUNS } from "../../data/texts/sentence-words.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { checkText } from "./check-text.ts";
import { makeSentences } from "./make-sentences.ts";
import { sentencesOf } from "./read-words.ts";
import { trueOrNot } from "./true-or-not.ts";

const taught = taughtAtStep(sequenceById("phased") as Sequence, 60);
const of = (text: string, count = 6, seed = 1) => trueOrNot(text, { taught, count, seed });
const changedOf = (text: string) =>
  Array.from({ length: 12 }, (_, seed) => of(text, 6, seed)).flatMap((all) =>
    all.filter(({ isTrue }) => !isTrue).map(({ sentence }) => sentence),
  );
const wordsOf = (sentence: string): string[] => sentence.match(/[A-Za-z']+/g) ?? [];

describe("true or not", () => {
  test("what is true is the text's own; what is not differs in one word that the text does not have", () => {
    for (let seed = 0; seed < 30; seed++) {
      const text = makeSentences({ taught, count: 6, seed })
        .map((one) => one.text)
        .join(" ");
      const own = sentencesOf(text);
      for (const { sentence, isTrue } of of(text, 4, seed)) {
        expect(own.includes(sentence), sentence).toBe(isTrue);
        expect(checkText(sentence, taught).decodable, sentence).toBe(1);
        if (isTrue) continue;
        const one = own.filter(
          (other) =>
            wordsOf(other).length === wordsOf(sentence).length &&
            wordsOf(other).filter((word, k) => word !== wordsOf(sentence)[k]).length === 1,
        );
        expect(one.length, sentence).toBeGreaterThan(0);
        const isNew = wordsOf(sentence).filter((word) => !wordsOf(text).includes(word));
        expect(isNew, sentence).toHaveLength(1);
      }
    }
  });

  test("half of them are true, where the text serves", () => {
    const text = "Sam had a cup. The cat sat on the mat. Pam got the drum. Tim sat in the hut.";
    for (let seed = 0; seed < 10; seed++) expect(of(text, 4, seed).filter(({ isTrue }) => isTrue)).toHaveLength(2);
  });

  test.each([
    ["a question", "Did the cat sit on the mat?"],
    ["what did not happen", "The cat did not sit on the mat."],
    ["what may happen", "The cat can sit on the mat."],
    ["what somebody is told to do", "Sit on the mat."],
    ["what somebody with a name is told to do", "Stroke the cat, Tess. Pat the dog."],
    ["what is said", "“The cat sat on the mat.”"],
    ["what somebody wants", "The man wants the drum."],
  ])("%s is left as it is", (_, text) => expect(changedOf(text)).toEqual([]));

  test.each([
    ["a kitten for a cat", "Sam had a cat.", "kitten"],
    ["a pup for a dog", "Sam had a dog.", "pup"],
    ["a mug for a cup", "Sam had a cup.", "mug"],
    ["a rug for a mat", "Sam sat on a mat.", "rug"],
    ["a vet for a man", "The man sat.", "vet"],
  ])("%s would say nothing that is not so", (_, text, other) =>
    expect(changedOf(text).filter((sentence) => wordsOf(sentence).includes(other))).toEqual([]),
  );

  test("what is eaten is not changed for another animal, nor the first of two nouns", () => {
    expect(changedOf("Sam had the fish.").every((sentence) => sentence.endsWith(" had the fish."))).toBe(true);
    expect(changedOf("The pig pen is big.")).toEqual([]);
  });

  test("number and article stay right, and a word kept out is never put in", () => {
    for (const sentence of changedOf("Sam had six cups. Pam had an egg. The cats sat on a bed."))
      expect(sentence).not.toMatch(/\ba [aeiou]|\ban [^aeiou]|\bsix \w+[^s]\b/i);
    const never = of("Sam had a cup.", 2, 1).filter(({ isTrue }) => !isTrue);
    for (const { sentence } of never) {
      const put = wordsOf(sentence).filter((word) => !["Sam", "had", "a", "cup"].includes(word));
      const again = trueOrNot("Sam had a cup.", {
        taught,
        count: 2,
        seed: 1,
        never: put.map((word) => word.toLowerCase()),
      });
      expect(again.flatMap((one) => wordsOf(one.sentence))).not.toContain(put[0]);
    }
  });

  test("every word of the list of same things that heads a line is one that sentences are made of, or stands beside one", () => {
    const nouns = new Set<string>(Object.values(NOUNS).flat());
    for (const line of SAME_THINGS)
      expect(
        line.split(/:? /).some((word) => nouns.has(word)),
        line,
      ).toBe(true);
  });
});
