import { describe, expect, it } from "vitest";
import { checkStep } from "../chains/step-check.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { SEQUENCES } from "../scope/sequences.ts";
import { taughtAt } from "../scope/taught-set.ts";
import { type AccentSettings, GENERAL_AMERICAN, type OwnWord } from "../sounds/accents.ts";
import { phonemesOf } from "../spelling/segmentation.ts";
import { judgeOwnWord } from "./judge-own-word.ts";

const own = (word: string, reading: string, isCapital = false): OwnWord => ({ word, reading, isCapital });
const school = (...ownWords: OwnWord[]): AccentSettings => ({ ...GENERAL_AMERICAN, ownWords });
const ZOG = own("zog", "z=z.o=ɒ.g=g");

describe("a word of the school's own", () => {
  it("is in the list of that school, and in no other's", () => {
    expect(lexiconIn(shippedLexicon(), school(ZOG)).get("zog")?.familiarity).toBe(1);
    expect(lexiconIn(shippedLexicon(), GENERAL_AMERICAN).get("zog")).toBeUndefined();
    expect(shippedLexicon().get("zog")).toBeUndefined();
  });

  it("stands among the words of its length, commonest first, each once", () => {
    const said = lexiconIn(shippedLexicon(), school(ZOG, own("cat", "c=k.a=ɑː.t=t"), own("zebedee", "z.e.b.e.d.ee")));
    const words = said.words.map(({ word }) => word);
    expect(words.filter((word) => word === "zog" || word === "cat")).toHaveLength(2);
    expect(said.longWords.some(({ word }) => word === "zebedee")).toBe(true);
    expect(said.words.every(({ zipf }, k) => zipf <= (said.words[k - 1]?.zipf ?? 10))).toBe(true);
  });

  it("is read as the school says it, and keeps what else the list knows of it", () => {
    const cat = lexiconIn(shippedLexicon(), school(own("cat", "c=k.a=ɑː.t=t"))).get("cat");
    expect(cat && phonemesOf(cat.readings[0])).toEqual(["k", "ɑː", "t"]);
    expect(cat?.zipf).toBe(shippedLexicon().get("cat")?.zipf);
  });

  it("may be a word that cannot be split otherwise", () => {
    const said = lexiconIn(shippedLexicon(), school(own("one", "o-e=oʊ.n=n")));
    expect([said.unsplittable("one"), said.get("one")?.syllables]).toEqual([false, 1]);
  });

  it("is decodable, and one step from others, by the sounds that were picked", () => {
    const sequence = SEQUENCES[0];
    if (!sequence) throw new Error("No order ships.");
    const taught = taughtAt(sequence, sequence.steps.length, {}, school(ZOG));
    expect(checkDecodable("zog", taught).decodable).toBe(true);
    expect(checkStep("dog", "zog", { accent: school(ZOG) })).toMatchObject({ single: true });
  });

  it.each([
    ["kept out by letters", own("damn", "d=d.a=æ.mn=m"), "kept-out"],
    ["with a figure in it", own("zog2", "z=z.o=ɒ.g=g"), "letters"],
    ["whose sounds leave letters over", own("zogs", "z=z.o=ɒ.g=g"), "no-reading"],
    ["with a spelling that no word has", own("zog", "z=z.o=ʃ.g=g"), "unknown-spelling"],
    ["without a vowel", own("zg", "z=z.g=g"), "no-vowel"],
    ["that would be heard as one kept out", own("phuk", "ph=f.u=ʌ.k=k"), "sounds-rude"],
  ] as const)("%s is refused", (_, word, fault) => {
    expect(judgeOwnWord(word, shippedLexicon())).toBe(fault);
  });

  it("of the school's own list to keep out is refused, and an ordinary name is not", () => {
    expect(judgeOwnWord(ZOG, shippedLexicon(), ["zog"])).toBe("kept-out");
    expect(judgeOwnWord(ZOG, shippedLexicon())).toBeUndefined();
  });

  it("that may never be shown stays out of the list, even when it was stored", () => {
    expect(lexiconIn(shippedLexicon(), school(own("damn", "d=d.a=æ.m=m.n=n"))).get("damn")).toBeUndefined();
  });
});
