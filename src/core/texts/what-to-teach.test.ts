import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { seededRandom } from "../random/seeded-random.ts";
import type { Missing } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { checkText, type TextReport, type TextToken } from "./check-text.ts";
import { type TeachItem, whatToTeach } from "./what-to-teach.ts";

const PHASED = sequenceById("phased") as Sequence;
const taught = taughtAtStep(PHASED, 30);
const TEXT = "The old women lived in cottages. Because it was raining, Sam's kitten walked to the naughty kittens.";

describe("what to teach", () => {
  /** The same taught set with more in it. */
  const withMore = (items: readonly TeachItem[]): TaughtSet => {
    const words = new Set(taught.words);
    const patterns = new Set(taught.patterns);
    const gpcs = new Map(taught.gpcs);
    for (const item of items) {
      if (item.kind === "word") words.add(item.word);
      else if (item.kind === "pattern") patterns.add(item.pattern as never);
      else gpcs.set(`${item.grapheme}=${item.phonemes.join(" ")}`, "any");
    }
    return { ...taught, words, patterns, gpcs };
  };

  it.each([0.8, 0.9, 1])("a share of %s is reached, and by nothing shorter of whole words", (share) => {
    const report = checkText(TEXT, taught);
    const list = whatToTeach(report, share);
    expect(list?.share).toBeGreaterThanOrEqual(share);
    const missing = Math.ceil(share * report.tokens.length) - report.tokens.filter(({ fits }) => fits).length;
    expect(list?.items.length).toBeLessThanOrEqual(missing);
  });

  it("words taught as a whole do what is said of them", () => {
    const report = checkText("A cottage, a quilt and a yacht.", taught);
    const list = whatToTeach(report, 1);
    const words = list?.items.filter(({ kind }) => kind === "word") ?? [];
    const again = checkText("A cottage, a quilt and a yacht.", withMore(words));
    const before = report.tokens.filter(({ fits }) => fits).length;
    expect(again.tokens.filter(({ fits }) => fits).length).toBe(before + words.length);
  });

  it("one ending that many words need is one thing to teach", () => {
    const early = taughtAtStep(PHASED, 30);
    const text = "Raining, landing, jumping, needing";
    const list = whatToTeach(checkText(text, early), 1);
    expect(list && list.items.length < 4).toBe(true);
  });

  it("is empty where everything fits; where a word is kept out there is no such list", () => {
    expect(whatToTeach(checkText("A cat sat.", taught), 1)?.items).toEqual([]);
    expect(whatToTeach(checkText("A bitch sat.", taught), 1)).toBeUndefined();
  });
});

/** A report of made-up words that need made-up correspondences. @param needs of each word, by letter */
function reportOf(
  needs: readonly { readonly word: string; readonly parts: readonly string[]; readonly times: number }[],
) {
  const tokens = needs.flatMap(({ word, parts, times }) => {
    const missing = parts.map(
      (grapheme): Missing => ({
        ...{ kind: "gpc", grapheme, phonemes: [grapheme], place: "inside", unit: 0 },
        ...{ taughtElsewhere: false, graphemeTaught: false },
      }),
    );
    const fits = parts.length === 0;
    const token = {
      spelling: word,
      kind: fits ? "decodable" : "not-yet",
      fits,
      judged: { decodable: fits, missing },
    };
    return Array.from({ length: times }, () => token as unknown as TextToken);
  });
  return { tokens } as unknown as TextReport;
}

describe("the smallest list", () => {
  it("is as short as any, over every list there is", () => {
    const random = seededRandom(5);
    for (let round = 0; round < 60; round++) {
      const needs = Array.from({ length: 5 }, (_, k) => ({
        word: `w${k}`,
        parts: ["a", "b", "c", "d"].filter(() => random() < 0.45),
        times: 1 + Math.floor(random() * 3),
      }));
      const total = needs.reduce((sum, { times }) => sum + times, 0);
      const share = [0.6, 0.8, 1][round % 3] as number;
      const things = ["a", "b", "c", "d", ...needs.map(({ word }) => word)];
      let shortest = Number.POSITIVE_INFINITY;
      for (let bits = 0; bits < 1 << things.length; bits++) {
        const list = new Set(things.filter((_, k) => bits & (1 << k)));
        const fitting = needs.filter(({ word, parts }) => list.has(word) || parts.every((part) => list.has(part)));
        const reached = fitting.reduce((sum, { times }) => sum + times, 0) / total;
        if (reached >= share - 1e-9) shortest = Math.min(shortest, list.size);
      }
      const found = whatToTeach(reportOf(needs), share);
      expect(found?.items, JSON.stringify(needs)).toHaveLength(shortest);
      expect(found?.share).toBeGreaterThanOrEqual(share - 1e-9);
    }
  });
});
