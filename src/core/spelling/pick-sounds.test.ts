import { describe, expect, it } from "vitest";
import { readCompactReading } from "../lexicon/asset.ts";
import { GPCS } from "./gpc.ts";
import { choicesAt, pickAt, picksOf, readingOfPicks } from "./pick-sounds.ts";

const singles = (word: string) =>
  Array.from(word, (_, at) => ({
    at,
    gpc: choicesAt(word, at).find(({ grapheme }) => grapheme.length === 1)?.id as string,
  }));

describe("picking sounds for letters", () => {
  it("offers what may begin at a letter, the likeliest first, a split digraph where its e stands", () => {
    const at = (word: string, place: number) => choicesAt(word, place).map(({ id }) => id);
    expect(at("ship", 0).slice(0, 2)).toEqual(["sh=ʃ", "s=s"]);
    expect(at("cake", 1)).toContain("a-e=eɪ");
    expect(at("cat", 1)).not.toContain("a-e=eɪ");
  });

  it("takes letters from neighbours, and gives back those that it leaves", () => {
    const joined = pickAt("ship", singles("ship"), { at: 0, gpc: "sh=ʃ" });
    expect(readingOfPicks(joined)).toBe("sh=ʃ.i=ɪ.p=p");
    expect(readingOfPicks(pickAt("ship", joined, { at: 0, gpc: "s=s" }))).toBe("s=s.h=h.i=ɪ.p=p");
    const split = pickAt("zane", singles("zane"), { at: 1, gpc: "a-e=eɪ" });
    expect(readingOfPicks(split)).toBe("z=z.a-e=eɪ.n=n");
  });

  it("leaves a word as it was when nothing of the table is picked", () => {
    expect(pickAt("zog", singles("zog"), { at: 1, gpc: "o=none" })).toEqual(singles("zog"));
  });

  it("keeps every word whole, whichever correspondence is picked wherever", () => {
    for (const word of ["wick", "taste", "thorough", "zebedee"])
      for (let at = 0; at < word.length; at++)
        for (const { id } of choicesAt(word, at)) {
          const picks = pickAt(word, singles(word), { at, gpc: id });
          expect(() => readCompactReading(word, readingOfPicks(picks)), `${id} in ${word}`).not.toThrow();
          expect(
            picks.some((pick) => pick.at === at && pick.gpc === id),
            `${id} in ${word}`,
          ).toBe(true);
        }
  });

  it("can pick a sound for every letter, q without a u among them: Tariq", () => {
    for (const letter of "abcdefghijklmnopqrstuvwxyz")
      expect(
        GPCS.some(({ grapheme }) => grapheme === letter),
        letter,
      ).toBe(true);
    expect(picksOf(readCompactReading("tariq", "t=t.a=æ.r=r.i=ɪ.q=k")).map(({ gpc }) => gpc)).toContain("q=k");
    const quiz = [{ at: 0, gpc: "qu=k+w" }, ...singles("quiz").slice(2)];
    const apart = pickAt("quiz", quiz, { at: 1, gpc: "u=ʌ" });
    expect(readingOfPicks(apart)).toBe("q=k.u=ʌ.i=ɪ.z=z");
  });

  it("takes a reading apart and puts it together again", () => {
    const reading = readCompactReading("cake", "c=k.a-e=eɪ.k=k");
    expect(readingOfPicks(picksOf(reading))).toBe("c=k.a-e=eɪ.k=k");
  });
});
