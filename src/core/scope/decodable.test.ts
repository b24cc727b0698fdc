import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { some } from "../../../tests/in-full.ts";
import asset from "../../data/lexicon/lexicon.json";
import { derivationOf } from "../lexicon/affixes.ts";
import { type LexiconAsset, parseLexicon } from "../lexicon/asset.ts";
import { inflectionOf } from "../lexicon/inflection.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable, decodableWords } from "./decodable.ts";
import { parseSequence, parseTaughtGpc, type Sequence } from "./sequence.ts";
import { SEQUENCES } from "./sequences.ts";
import { NO_TICKS, type TaughtSet, taughtAt, tickedAsTaught, ticksOf } from "./taught-set.ts";

const sequence = (lines: string): Sequence => parseSequence({ id: "test", name: "Test", source: "made up", lines });
const taught = (tokens: string, patterns = "", words = "") =>
  taughtAt(sequence(`one | ${tokens} | ${patterns} | ${words}`), 1);

describe("checkDecodable", () => {
  it("is not enough that the letters are known", () => {
    const judged = checkDecodable("ship", taught("s=s h=h i=ɪ p=p"));
    expect(judged.decodable).toBe(false);
    expect(judged.missing).toMatchObject([{ kind: "gpc", grapheme: "sh", phonemes: ["ʃ"], place: "start" }]);
  });

  it("tells the two sounds of one letter apart", () => {
    const judged = checkDecodable("go", taught("g=g o=ɒ"));
    expect(judged.missing).toMatchObject([{ grapheme: "o", phonemes: ["oʊ"], graphemeTaught: true }]);
    expect(checkDecodable("dog", taught("d=d o=ɒ g=g")).decodable).toBe(true);
  });

  it("answers the same whatever was asked of a word before: by rising steps, by falling ones", () => {
    const sets = [1, 9, 30, 60].map((step) => taughtAt(SEQUENCES[0] as Sequence, step));
    // What is known of a word hangs on its list: these two have been asked nothing yet.
    const judgedBy = (order: readonly number[]) => {
      const lexicon = parseLexicon(asset as LexiconAsset);
      const words = lexicon.words.slice(0, 1500);
      const judged = order.map((k) => [
        k,
        words.map(({ word }) => checkDecodable(word, sets[k] as TaughtSet, lexicon)),
      ]);
      return Object.fromEntries(judged) as Record<number, unknown>;
    };
    expect(judgedBy([0, 1, 2, 3])).toEqual(judgedBy([3, 2, 1, 0]));
  });

  it("keeps to the place a correspondence is taught for", () => {
    const endOnly = taught("s=s z=z i=ɪ n=n g=g o=oʊ@end s=z@end");
    expect(checkDecodable("go", endOnly).decodable).toBe(true);
    expect(checkDecodable("is", endOnly).decodable).toBe(true);
    const judged = checkDecodable("old", taught("o=oʊ@end l=l d=d", "final-cluster"));
    expect(judged.missing).toMatchObject([{ grapheme: "o", place: "start", taughtElsewhere: true }]);
  });

  it.each([
    ["stop", "initial-cluster"],
    ["strip", "initial-cluster-3"],
    ["hand", "final-cluster"],
    ["cats", "suffix-s"],
    ["jumped", "suffix-ed"],
  ])("%s needs %s", (word, pattern) => {
    const everything = taughtAt(SEQUENCES[0] as Sequence, 99);
    expect(checkDecodable(word, everything).decodable).toBe(true);
    const without = taughtAt(SEQUENCES[0] as Sequence, 99, { remove: { patterns: [pattern as never] } });
    expect(checkDecodable(word, without).missing).toEqual([{ kind: "pattern", pattern }]);
  });

  it("counts an ending as an ending, not as half a cluster", () => {
    expect(checkDecodable("cats", taught("c=k a=æ t=t s=s", "suffix-s")).decodable).toBe(true);
    expect(checkDecodable("its", taught("i=ɪ t=t s=s", "suffix-s")).missing).toEqual([
      { kind: "pattern", pattern: "final-cluster" },
    ]);
    expect(checkDecodable("feed", taught("f=f ee=iː d=d")).decodable).toBe(true);
  });

  it("takes either good segmentation of a past tense", () => {
    expect(checkDecodable("hoped", taught("h=h o-e=oʊ p=p d=t", "suffix-ed")).decodable).toBe(true);
    expect(checkDecodable("hoped", taught("h=h o=oʊ p=p ed=t", "suffix-ed")).decodable).toBe(true);
  });

  it("says when a word is learnt whole, unknown, or cannot be split", () => {
    expect(checkDecodable("said", taught("s=s d=d", "", "said"))).toMatchObject({ decodable: true, learntWhole: true });
    expect(checkDecodable("one", taught("o=ɒ n=n"))).toMatchObject({
      missing: [{ kind: "unsplittable", word: "one" }],
    });
    for (const typed of ["", "qwx", "🙂", "12", "x".repeat(5000)])
      expect(checkDecodable(typed, taught("a=æ")).missing[0]?.kind).toBe("unknown-word");
  });

  it("tells of what is missing as the word itself has it, whatever was asked before", () => {
    const little = taught("s=s a=æ t=t");
    const otherwise: string[] = [];
    for (const { word } of shippedLexicon().words) {
      const { missing, reading } = checkDecodable(word, little);
      for (const one of missing) {
        if (one.kind !== "gpc" || one.unit === -1) continue;
        const unit = reading?.units[one.unit];
        if (unit?.grapheme !== one.grapheme || unit.phonemes.join() !== one.phonemes.join()) otherwise.push(word);
      }
    }
    expect(otherwise).toEqual([]);
  });

  it("hand-ticks add and take away", () => {
    const base = sequence("one | s=s a=æ t=t |  | ");
    const gpc = parseTaughtGpc("c=k");
    expect(checkDecodable("cat", taughtAt(base, 1, { add: { gpcs: [gpc] } })).decodable).toBe(true);
    expect(checkDecodable("sat", taughtAt(base, 1, { remove: { gpcs: [parseTaughtGpc("s=s")] } })).decodable).toBe(
      false,
    );
  });

  it("what is ticked as taught is taught, though it was taken away by hand before", () => {
    const base = sequence("one | s=s a=æ t=t |  | ");
    const away = { ...NO_TICKS, remove: { ...NO_TICKS.remove, gpcs: ["s=s", "t=t"] } };
    const ticks = tickedAsTaught(away, "gpcs", "s=s");
    const now = taughtAt(base, 1, ticksOf(ticks));
    expect([now.gpcs.has("s=s"), now.gpcs.has("t=t")]).toEqual([true, false]);
    expect(tickedAsTaught(ticks, "gpcs", "s=s")).toEqual(ticks);
    expect(taughtAt(base, 1, ticksOf(tickedAsTaught(ticks, "words", "the"))).words.has("the")).toBe(true);
  });
});

describe("shipped sequences", () => {
  it.each(SEQUENCES.map((s) => [s.id, s] as const))("%s: what is decodable stays decodable", (_, whole) => {
    let before = new Set<string>();
    for (const step of [...some(whole.steps, 3), ...whole.steps.slice(-1)]) {
      const now = new Set(decodableWords(taughtAt(whole, step.number)).map(({ word }) => word));
      expect(
        [...before].filter((word) => !now.has(word)),
        `lost at step ${step.number}`,
      ).toEqual([]);
      before = now;
    }
    expect(before.size).toBeGreaterThan(4000);
  });

  it("no word is decodable without each of its own correspondences", () => {
    const words = shippedLexicon().words;
    const everything = taughtAt(SEQUENCES[0] as Sequence, 99);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: words.length - 1 }), fc.nat(), (index, pick) => {
        const word = words[index]?.word ?? "";
        const judged = checkDecodable(word, { ...everything, words: new Set() });
        if (!judged.decodable || !judged.reading || word.endsWith("ed")) return;
        // A word with something on may be read by its base (making by make), a contraction by its pattern.
        if (word.includes("'") || inflectionOf(word, shippedLexicon()) || derivationOf(word, shippedLexicon())) return;
        const units = judged.reading.units;
        const k = pick % units.length;
        const unit = units[k];
        if (!unit || (k === units.length - 1 && word.endsWith("s"))) return;
        const without = taughtAt(SEQUENCES[0] as Sequence, 99, { remove: { gpcs: [unit] } });
        expect(
          checkDecodable(word, { ...without, words: new Set() }).decodable,
          `${word} without ${unit.grapheme}`,
        ).toBe(false);
      }),
      { seed: 7, numRuns: 400 },
    );
  });
});
