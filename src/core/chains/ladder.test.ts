import Graph from "graphology";
import { bidirectional } from "graphology-shortest-path/unweighted";
import { beforeAll, describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { edgesFrom, type WordGraph } from "./graph/word-graph.ts";
import { bridge, ladder } from "./ladder.ts";
import { graphOf } from "./planner/graphs.ts";
import { checkStep } from "./step-check.ts";

/** The same graph in an independent library: npm graphology, and its bidirectional search. */
function asGraphology(graph: WordGraph): Graph {
  const other = new Graph({ type: "directed" });
  graph.words.forEach((_, node) => {
    other.addNode(node);
  });
  graph.words.forEach((_, node) => {
    for (const { to } of edgesFrom(graph, node)) other.addEdge(node, to);
  });
  return other;
}

describe("ladder", () => {
  const lexicon = shippedLexicon();
  const taught = taughtAtStep(sequenceById("short-vowels-first") as Sequence, 13);
  let graph: WordGraph;
  let other: Graph;
  beforeAll(() => {
    graph = graphOf(lexicon);
    other = asGraphology(graph);
  });

  it("is as long as graphology's shortest path between the same words, and every step is one", () => {
    const random = seededRandom(3);
    let connected = 0;
    for (let n = 0; n < 400; n++) {
      const [from, to] = [0, 1].map(() => Math.floor(random() * 6000)) as [number, number];
      const theirs = bidirectional(other, from, to);
      const ours = ladder(graph.words[from]?.word ?? "", graph.words[to]?.word ?? "");
      expect(ours?.length, `${graph.words[from]?.word} to ${graph.words[to]?.word}`).toBe(theirs?.length ?? undefined);
      if (!ours) continue;
      connected++;
      for (let k = 1; k < ours.length; k++)
        expect(checkStep(ours[k - 1] as string, ours[k] as string).single).toBe(true);
    }
    expect(connected).toBeGreaterThan(100);
  });

  it("keeps to what the group can read, and off the words already there", () => {
    const way = ladder("ship", "wet", { taught }) as string[];
    expect([way[0], way.at(-1)]).toEqual(["ship", "wet"]);
    const inner = way.slice(1, -1);
    const round = ladder("ship", "wet", { taught, taken: inner }) as string[];
    for (const word of round.slice(1, -1)) expect(inner).not.toContain(word);
    expect(round.length).toBeGreaterThanOrEqual(way.length);
  });

  it("with adding alone, the way up is not the way down", () => {
    const moves = ["add"] as const;
    const up = ladder("at", "splat", { taught: taughtAtStep(sequenceById("phased") as Sequence, 28), moves });
    expect(up?.[0]).toBe("at");
    for (let k = 1; k < (up?.length ?? 0); k++)
      expect((up?.[k] ?? "").length).toBeGreaterThan((up?.[k - 1] ?? "").length);
    expect(
      ladder("splat", "at", { taught: taughtAtStep(sequenceById("phased") as Sequence, 28), moves }),
    ).toBeUndefined();
  });

  it.each([
    ["cat", "cat", ["cat"]],
    ["cat", "zzzz", undefined],
    ["", "cat", undefined],
    ["Cat ", "cot", ["cat", "cot"]],
  ])("from %j to %j: %j", (from, to, way) => {
    expect(ladder(from, to)).toEqual(way);
  });

  it("a bridge is what has to stand between: nothing for neighbours, nothing known for islands", () => {
    expect(bridge("pet", "pit", { taught })).toEqual([]);
    const between = bridge("pet", "sip", { taught }) as string[];
    expect(between.length).toBeGreaterThan(0);
    expect(bridge("pet", "zzzz", { taught })).toBeUndefined();
  });
});
