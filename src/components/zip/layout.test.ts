import { describe, expect, it } from "vitest";
import { type Segmentation, segment, shippedLexicon } from "../../core/index.ts";
import { BIG, layoutZip, STRIP, sharedColumns } from "./layout.ts";

const of = (word: string) => segment(word) as Segmentation;

describe("strips of one chain", () => {
  const words = ["pin", "pine", "spine", "spin"].map(of);
  const columns = sharedColumns(words);
  const xOf = (word: string, unit: number) => layoutZip(of(word), STRIP, columns).cells[unit]?.x;

  it("what stays the same stands in the same place", () => {
    expect(xOf("pin", 0)).toBe(xOf("pine", 0));
    expect(xOf("pin", 1)).toBe(xOf("spin", 2));
    expect(xOf("pin", 2)).toBe(xOf("spine", 3));
  });

  it("an added beginning stands to the left", () => {
    expect(xOf("spin", 0)).toBeLessThan(xOf("pin", 0) as number);
  });

  it("the e of a split digraph stands after the letters it reaches over", () => {
    const cells = layoutZip(of("taste")).cells;
    const tail = cells[1]?.tail;
    expect(tail?.x).toBeGreaterThanOrEqual((cells[3]?.x ?? 0) + (cells[3]?.width ?? 0));
    expect(layoutZip(of("makes")).cells[3]?.x).toBeGreaterThan(layoutZip(of("makes")).cells[1]?.tail?.x ?? 99);
  });

  it("in every word of the list cells follow one another without overlap, and hold every letter", () => {
    const wrong: string[] = [];
    let checked = 0;
    for (const { readings } of shippedLexicon().words.slice(0, 6000))
      for (const proportions of [STRIP, BIG]) {
        const { cells, width } = layoutZip(readings[0], proportions);
        const spans = cells.flatMap(({ x, width, tail }) => [[x, width], ...(tail ? [[tail.x, tail.width]] : [])]);
        spans.sort((a, b) => (a[0] as number) - (b[0] as number));
        spans.forEach(([x, w], k) => {
          const next = spans[k + 1]?.[0] ?? width;
          if ((x as number) + (w as number) > (next as number) + 1e-9) wrong.push(`${readings[0].word}: overlap`);
        });
        const letters = cells.reduce((sum, { letters, tail }) => sum + letters.length + (tail ? 1 : 0), 0);
        if (letters !== readings[0].word.length) wrong.push(`${readings[0].word}: ${letters} letters`);
        checked++;
      }
    expect(wrong).toEqual([]);
    expect(checked).toBe(12000);
  });
});
