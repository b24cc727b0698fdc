import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { shippedLexicon } from "../../lexicon/shipped.ts";
import { MOVES } from "../moves.ts";
import { checkPhonemeStep } from "../oral-step.ts";
import { checkReadings } from "../step-compare.ts";
import { PairMap } from "./pair-map.ts";
import { buildGraph, edgesFrom } from "./word-graph.ts";

describe("PairMap", () => {
  it("holds what a Map of pairs holds, however much is put in", () => {
    const number = fc.nat({ max: 40 });
    fc.assert(
      fc.property(fc.array(fc.tuple(number, number, fc.nat()), { maxLength: 300 }), (entries) => {
        const ours = new PairMap(2);
        const plain = new Map<string, number>();
        for (const [a, b, value] of entries) {
          ours.set(a, b, value);
          plain.set(`${a} ${b}`, value);
        }
        expect(ours.size).toBe(plain.size);
        for (let a = 0; a <= 41; a++)
          for (let b = 0; b <= 41; b++) expect(ours.get(a, b)).toBe(plain.get(`${a} ${b}`) ?? -1);
      }),
      { seed: 5, numRuns: 40 },
    );
  });
});

describe("the word graph", () => {
  const words = shippedLexicon()
    .words.filter(({ syllables, readings }) => syllables === 1 && readings.length === 1)
    .slice(0, 420);

  it("has exactly the steps that comparing every two words finds, swaps among them", () => {
    const graph = buildGraph(words);
    let steps = 0;
    words.forEach((from, k) => {
      const edges = new Map(edgesFrom(graph, k, MOVES).map((edge) => [edge.to, edge]));
      words.forEach((to, m) => {
        if (k === m) return;
        const step = checkReadings(from.readings[0], to.readings[0], { moves: MOVES, accent: graph.accent });
        const edge = edges.get(m);
        expect(edge !== undefined, `${from.word} → ${to.word}`).toBe(step.single);
        if (!step.single || !edge) return;
        steps++;
        expect([edge.kind, edge.position]).toEqual([step.kind, step.position]);
      });
    });
    expect(steps).toBeGreaterThan(500);
  });

  it("by sound has exactly the steps of ears-only work", () => {
    const few = words.slice(0, 160);
    const graph = buildGraph(few, undefined, "phonemes");
    let steps = 0;
    few.forEach((from, k) => {
      const edges = new Set(edgesFrom(graph, k).map(({ to }) => to));
      few.forEach((to, m) => {
        if (k === m) return;
        const { single } = checkPhonemeStep(from.readings[0], to.readings[0]);
        expect(edges.has(m), `${from.word} → ${to.word}`).toBe(single);
        if (single) steps++;
      });
    });
    expect(steps).toBeGreaterThan(100);
  });
});
