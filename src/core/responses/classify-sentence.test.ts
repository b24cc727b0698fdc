import { describe, expect, it } from "vitest";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { classifySentence } from "./classify-sentence.ts";
import type { SentenceRule } from "./sentence-verdict.ts";
import { alignWords } from "./sentence-words.ts";

const SENTENCE = "The fish is big.";
const judged = (written: string, rules?: readonly SentenceRule[], sentence = SENTENCE) =>
  classifySentence(sentence, written, { accent: GENERAL_AMERICAN, ...(rules && { rules }) });
const wrongWords = (written: string, sentence = SENTENCE) =>
  judged(written, undefined, sentence).words.flatMap(({ word, written: as, verdict }) =>
    verdict === "right" ? [] : [`${word}: ${as}`],
  );

describe("a sentence as it was written", () => {
  it("is right when it is as it was dictated", () => {
    expect(judged(SENTENCE)).toMatchObject({ added: [], broken: [], isRight: true });
    expect(judged("“The fish is big!”").isRight).toBe(true);
  });

  it("is judged word by word, each by its letters", () => {
    expect(wrongWords("The fis is big.")).toEqual(["fish: fis"]);
    const fish = judged("The fis is big.").words[1];
    expect(fish?.units.map(({ result }) => result)).toEqual(["right", "right", "substitution"]);
    expect(fish?.target).toBe("f.i.sh f.ɪ.ʃ");
  });

  it.each<[string, SentenceRule[]]>([
    ["the fish is big.", ["capital"]],
    ["The fish is big", ["stop"]],
    ["Thefish is big.", ["spaces"]],
    ["The fi sh is big.", ["spaces"]],
    ["thefish is big", ["capital", "spaces", "stop"]],
  ])("%s: not kept is %j, and no word is wrong for it", (written, broken) => {
    expect(judged(written).broken).toEqual(broken);
    expect(wrongWords(written)).toEqual([]);
  });

  it("looks only for the rules that the school has on", () => {
    expect(judged("thefish is big", ["stop"]).broken).toEqual(["stop"]);
    expect(judged("the fish is big", []).isRight).toBe(true);
    // What the sentence itself does not have is not missed.
    expect(judged("go", undefined, "go").broken).toEqual([]);
  });

  it("names a word that was left out, and one that was put in", () => {
    expect(judged("The is big.").words[1]).toMatchObject({ word: "fish", verdict: "missing" });
    expect(judged("The fish is so big.").added).toEqual(["so"]);
    expect(wrongWords("The fish is so big.")).toEqual([]);
    expect(judged("The fish is so big.").isRight).toBe(false);
  });

  it("keeps a word that cannot be split, and says of its units nothing", () => {
    expect(judged("He has wun.", undefined, "He has one.").words[2]).toMatchObject({ verdict: "wrong", units: [] });
  });

  it.each(["", "   ", "…", "42", "😀".repeat(500), "a ".repeat(3_000), "<b>The</b>"])(
    "takes %j without an error",
    (written) => {
      expect(judged(written).words).toHaveLength(4);
    },
  );
});

describe("alignWords", () => {
  it("gives back every word of a sentence with one word left out, put in, run together or parted", () => {
    const words = shippedLexicon()
      .words.filter(({ word }) => word.length > 2)
      .slice(0, 400)
      .map(({ word }) => word);
    for (let k = 0; k + 5 < words.length; k += 6) {
      const five = words.slice(k, k + 5);
      for (let at = 0; at < 5; at++) {
        const without = five.filter((_, n) => n !== at);
        const left = alignWords(five, without).words.filter(({ written }) => written === "");
        expect(left, five.join(" ")).toHaveLength(1);
        const more = [...five.slice(0, at), "zzzzzz", ...five.slice(at)];
        expect(alignWords(five, more), five.join(" ")).toMatchObject({ added: ["zzzzzz"], isRunTogether: false });
        if (at === 4) continue;
        const joined = [...five.slice(0, at), `${five[at]}${five[at + 1]}`, ...five.slice(at + 2)];
        const seen = alignWords(five, joined);
        expect([seen.isRunTogether, seen.words.map(({ written }) => written)], five.join(" ")).toEqual([true, five]);
      }
    }
  });
});
