import { dequal } from "dequal";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { shippedLexicon } from "../../lexicon/shipped.ts";
import { GENERAL_AMERICAN } from "../../sounds/accents.ts";
import { MOVES } from "../moves.ts";
import { checkPhonemeStep } from "../oral-step.ts";
import { checkReadings } from "../step-compare.ts";
import { PairMap } from "./pair-map.ts";
import { graphFrom } from "./steps-from.ts";
import { tokenise } from "./tokens.ts";
import { buildGraph, edgesFrom, linkAll } from "./word-graph.ts";

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
        const otherwise: string[] = [];
        for (let a = 0; a <= 41; a++)
          for (let b = 0; b <= 41; b++)
            if (ours.get(a, b) !== (plain.get(`${a} ${b}`) ?? -1)) otherwise.push(`${a} ${b}`);
        expect(otherwise).toEqual([]);
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
    const otherwise: string[] = [];
    let steps = 0;
    words.forEach((from, k) => {
      const edges = new Map(edgesFrom(graph, k, MOVES).map((edge) => [edge.to, edge]));
      words.forEach((to, m) => {
        if (k === m) return;
        const step = checkReadings(from.readings[0], to.readings[0], { moves: MOVES, accent: graph.accent });
        const edge = edges.get(m);
        if (step.single) steps++;
        const isSame = step.single ? edge?.kind === step.kind && edge.position === step.position : edge === undefined;
        if (!isSame) otherwise.push(`${from.word} → ${to.word}`);
      });
    });
    expect(otherwise).toEqual([]);
    expect(steps).toBeGreaterThan(500);
  });

  it("by sound has exactly the steps of ears-only work", () => {
    const few = words.slice(0, 160);
    const graph = buildGraph(few, undefined, "phonemes");
    const otherwise: string[] = [];
    let steps = 0;
    few.forEach((from, k) => {
      const edges = new Set(edgesFrom(graph, k).map(({ to }) => to));
      few.forEach((to, m) => {
        if (k === m) return;
        const { single } = checkPhonemeStep(from.readings[0], to.readings[0]);
        if (edges.has(m) !== single) otherwise.push(`${from.word} → ${to.word}`);
        if (single) steps++;
      });
    });
    expect(otherwise).toEqual([]);
    expect(steps).toBeGreaterThan(100);
  });

  it.each([
    ["graphemes", []],
    ["phonemes", []],
    // Where the whole may sound as before.
    ["graphemes", ["h-dropped", "pin-pen"]],
  ] as const)(
    "looked for out of one word, by %s with the mergers %j, has the same steps in the same order",
    (by, mergers) => {
      const list = tokenise(words, { ...GENERAL_AMERICAN, mergers }, by);
      const graph = linkAll(list);
      const otherwise = words.filter(
        (_, k) => !dequal(edgesFrom(graphFrom(list, k), k, MOVES), edgesFrom(graph, k, MOVES)),
      );
      expect(otherwise).toEqual([]);
    },
  );
});
