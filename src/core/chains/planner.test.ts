import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { inFull } from "../../../tests/in-full.ts";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { tileNeeds } from "../spelling/tile-count.ts";
import { edgesFrom } from "./graph/word-graph.ts";
import { isCandidate } from "./planner/candidates.ts";
import { scoreOf } from "./planner/chain-score.ts";
import { graphOf } from "./planner/graphs.ts";
import { type ChainPlan, type NoChain, planChain } from "./planner/plan-chain.ts";
import { planLevels } from "./planner/plan-levels.ts";
import { makeProblem } from "./planner/problem.ts";
import type { ChainRequest } from "./request.ts";
import { totalOf } from "./scoring.ts";
import { checkStep } from "./step-check.ts";

const SHORT = sequenceById("short-vowels-first") as Sequence;
const STEP_13 = taughtAtStep(SHORT, 13);
const base = (step: number, more: Partial<ChainRequest> = {}): ChainRequest => ({
  taught: step === 13 ? STEP_13 : taughtAtStep(SHORT, step),
  length: 8,
  focus: [],
  contrasts: [],
  seed: 1,
  ...more,
});
const plansOf = (request: ChainRequest): ChainPlan[] => {
  const answer = planChain(request);
  if (!Array.isArray(answer)) throw new Error(JSON.stringify(answer.reason));
  return answer;
};
const refusalOf = (request: ChainRequest): NoChain => {
  const answer = planChain(request);
  if (Array.isArray(answer)) throw new Error(`a chain after all: ${answer[0]?.words.join(" ")}`);
  return answer;
};
const positionsOf = (plan: ChainPlan) => plan.steps.map((step) => (step.single ? step.position : "broken"));

let lexicon: Lexicon;
beforeAll(() => {
  lexicon = shippedLexicon();
});

describe("planChain", () => {
  it("same request and seed, same answer; another seed, another", () => {
    const words = (seed: number) => plansOf(base(13, { seed })).map((plan) => plan.words);
    expect(words(5)).toEqual(words(5));
    expect(words(5)).not.toEqual(words(6));
  });

  it("gives up to five chains, no two sharing more than half of their words, best first, each score its parts", () => {
    const plans = plansOf(base(13, { count: 5, focus: ["th=θ"], contrasts: [{ a: "i=ɪ", b: "e=e" }] }));
    expect(plans).toHaveLength(5);
    for (const a of plans) {
      expect(a.score).toBeCloseTo(totalOf(a.parts), 9);
      for (const b of plans)
        if (a !== b) expect(a.words.filter((word) => b.words.includes(word)).length).toBeLessThanOrEqual(4);
    }
    const scores = plans.map(({ score }) => score);
    expect(scores).toEqual([...scores].sort((x, y) => y - x));
  });

  it("meets the contrast and the focus, and the heavier aim more", () => {
    const [plan] = plansOf(base(13, { contrasts: [{ a: "i=ɪ", b: "e=e" }], focus: ["th=θ"] }));
    expect(plan?.contrasts[0]?.minimalSteps).toBeGreaterThanOrEqual(2);
    expect(plan?.focusChances).toBeGreaterThanOrEqual(1);
    const focus = ["sh=ʃ", "ch=tʃ"];
    const chances = (heavy: string, gpc: string) => {
      const [{ readings } = { readings: [] }] = plansOf(base(13, { focus, weights: { [heavy]: 3 } }));
      return readings.filter((r) => r?.units.some((unit) => unit.grapheme === gpc)).length;
    };
    expect(chances("sh=ʃ", "sh")).toBeGreaterThan(chances("ch=tʃ", "sh"));
  });

  it("starts, ends and passes where it is told, and keeps locked words in their places", () => {
    const [plan] = plansOf(base(13, { start: "Hop ", end: "mud", mustInclude: ["ship", "wet", "cat"], length: 14 }));
    expect([plan?.words[0], plan?.words.at(-1)]).toEqual(["hop", "mud"]);
    expect(plan?.words).toEqual(expect.arrayContaining(["ship", "wet", "cat"]));
    const fixed = [undefined, "ship", undefined, undefined, undefined, "bet"];
    const [filled] = plansOf(base(13, { fixed, length: 7 }));
    expect([filled?.words[1], filled?.words[5]]).toEqual(["ship", "bet"]);
  });

  it.each([
    ["hold-the-vowel", /^(?!.*medial)/],
    ["only-the-vowel", /^(medial ?)+$/],
    ["beginnings-endings-middles", /^(initial )+(final )+(medial ?)+$/],
  ] as const)("positions %s", (positions, pattern) => {
    for (const seed of [1, 2, 3]) {
      const [plan] = plansOf(base(13, { positions, length: positions === "only-the-vowel" ? 4 : 8, seed }));
      expect(positionsOf(plan as ChainPlan).join(" ")).toMatch(pattern);
    }
  });

  it("never twice in one place, or not more often in a row than asked", () => {
    const longest = (plan: ChainPlan) =>
      Math.max(
        ...(
          positionsOf(plan)
            .join(" ")
            .match(/(\b\w+\b)( \1\b)*/g) ?? []
        ).map((run) => run.split(" ").length),
      );
    for (const plan of plansOf(base(13, { positions: "alternate", count: 3 }))) expect(longest(plan)).toBe(1);
    for (const plan of plansOf(base(13, { longestRun: 2, length: 12, count: 3 })))
      expect(longest(plan)).toBeLessThanOrEqual(2);
  });

  it("closes on itself when asked", () => {
    for (const plan of plansOf(base(13, { closed: true, count: 3, length: 6 })))
      expect(plan.closing?.single).toBe(true);
  });

  it("makes only the moves allowed", () => {
    const kinds = (more: Partial<ChainRequest>) =>
      new Set(
        plansOf(base(20, more)).flatMap(({ steps }) => steps.map((step) => (step.single ? step.kind : "broken"))),
      );
    expect([...kinds({ moves: ["change"], count: 3 })]).toEqual(["change"]);
    for (const kind of kinds({ moves: ["add", "take-away"], length: 3 })) expect(["add", "take-away"]).toContain(kind);
  });

  it("for building by ear no word sounds like another; what is in the box is enough", () => {
    const tiles = { a: 1, i: 1, t: 2, p: 1, s: 1, n: 1, m: 1, e: 1, sh: 1 };
    for (const { readings, words } of plansOf(base(13, { mode: "building", tiles, count: 3 }))) {
      for (const word of words) expect(soundAlikes(word, lexicon), word).toEqual([]);
      for (const reading of readings)
        for (const [tile, count] of reading ? tileNeeds(reading) : [])
          expect((tiles as Record<string, number>)[tile] ?? 0).toBeGreaterThanOrEqual(count);
    }
  });

  it("nonsense words only as many as asked, made by rule; nonsense only, when asked", () => {
    const nonsense = ({ flags }: ChainPlan) =>
      flags.filter((list) => list.some(({ code }) => code === "nonsense")).length;
    for (const plan of plansOf(base(13, { nonsenseShare: 0.25, count: 3 })))
      expect(nonsense(plan)).toBeLessThanOrEqual(2);
    const [only] = plansOf(base(13, { nonsenseShare: 1, length: 6 }));
    expect(nonsense(only as ChainPlan)).toBe(6);
    for (const word of only?.words ?? []) expect(lexicon.get(word)).toBeUndefined();
  });

  it("leaves out words used lately while it can, and flags them when it cannot", () => {
    const [first] = plansOf(base(13));
    for (const plan of plansOf(base(13, { recent: first?.words ?? [], count: 3 })))
      expect(plan.words.some((word) => first?.words.includes(word))).toBe(false);
    const few = base(1, { length: 5 });
    const [small] = plansOf(few);
    const [again] = plansOf({
      ...few,
      recent: ["am", "at", "map", "mat", "pam", "pat", "sap", "sat", "tap", ...(small?.words ?? [])],
    });
    expect(again?.flags.flat().some(({ code }) => code === "used-lately")).toBe(true);
  });

  it("brings words used lately again sooner than it gives up the aim", () => {
    const withTh = shippedLexicon().words.flatMap(({ word }) => (word.includes("th") ? [word] : []));
    const [plan] = plansOf(base(13, { focus: ["th=θ"], recent: withTh }));
    expect(plan?.unmet).toEqual([]);
    expect(plan?.flags.flat().some(({ code }) => code === "used-lately")).toBe(true);
  });

  it("brings them again sooner than it gives up a pair to tell apart", () => {
    const contrasts = [{ a: "sh=ʃ", b: "ch=tʃ" }];
    const withCh = shippedLexicon().words.flatMap(({ word }) => (word.includes("ch") ? [word] : []));
    const [plan] = plansOf(base(14, { contrasts, recent: withCh }));
    expect(plan?.contrasts[0]?.minimalSteps).toBeGreaterThan(0);
  });

  it("by ear only sounds count: letters may change with them", () => {
    const [plan] = plansOf(base(1, { mode: "ears-only", contrasts: [{ a: "i=ɪ", b: "e=e" }], length: 6 }));
    expect(plan?.steps.every((step) => step.single)).toBe(true);
    expect(plan?.words.some((word) => !checkDecodable(word, taughtAtStep(SHORT, 1)).decodable)).toBe(true);
  });

  it("reaches a power with the fewest words that do", () => {
    const contrasts = [{ a: "i=ɪ", b: "e=e" }];
    const [plan] = plansOf(base(13, { contrasts, reachPower: { atLeast: 0.8 }, length: 20 }));
    expect(plan?.power).toBeGreaterThanOrEqual(0.8);
    // Six of the one and five of the other reach 83 in 100.
    expect(plan?.words).toHaveLength(11);
    expect(refusalOf(base(13, { contrasts, reachPower: { atLeast: 1 }, length: 6 })).reason.code).toBe(
      "power-out-of-reach",
    );
  });

  it("two levels: the same aim, shorter and longer words, mostly different ones", () => {
    const levels = planLevels(base(18, { focus: ["sh=ʃ"] }));
    if (!("easier" in levels)) throw new Error("no levels");
    const units = ({ readings }: ChainPlan) => readings.reduce((sum, r) => sum + (r?.units.length ?? 0), 0);
    expect(units(levels.harder)).toBeGreaterThan(units(levels.easier));
    expect(levels.easier.words.filter((word) => levels.harder.words.includes(word)).length).toBeLessThanOrEqual(4);
    for (const plan of [levels.easier, levels.harder]) expect(plan.focusChances).toBeGreaterThanOrEqual(3);
  });
});

describe("requests that cannot be met", () => {
  it.each([
    [{ length: 0 }, "length-out-of-range"],
    [{ length: 500 }, "length-out-of-range"],
    [{ length: 7.5 }, "length-out-of-range"],
    [{ start: "🙂" }, "word-refused"],
    [{ start: "cake" }, "word-refused"],
    [{ start: "don't" }, "word-refused"],
    [{ start: "cat", never: ["cat"] }, "word-refused"],
    [{ mustInclude: ["cake"] }, "word-refused"],
    [{ end: "gun", taught: taughtAtStep(SHORT, 20) }, "word-refused"],
    [{ mustInclude: ["cat", "hat", "mat", "bat"], length: 3 }, "too-many-named"],
    [{ fixed: ["cat", undefined, "cat"], length: 3 }, "named-twice"],
    [{ fixed: ["hop", "mud"], length: 3 }, "locked-too-far"],
    [{ focus: ["igh=aɪ"] }, "aim-not-taught"],
    [{ taught: taughtAtStep(SHORT, 0) }, "too-few-words"],
    [{ tiles: {} }, "no-tiles"],
    [{ tiles: { a: 0 } }, "no-tiles"],
    [{ moves: [] }, "no-moves"],
    [{ positions: "only-the-vowel", length: 8, start: "quiz" }, "no-chain-of-length"],
  ] as const)("%j: says why (%s)", (more, code) => {
    expect(refusalOf(base(8, more as Partial<ChainRequest>)).reason.code).toBe(code);
  });

  it("says so when a start word stands alone", () => {
    const everything = taughtAtStep(SHORT, 99);
    const graph = graphOf(lexicon);
    const alone = graph.words.find(
      (entry, k) =>
        edgesFrom(graph, k).length === 0 &&
        checkDecodable(entry.word, everything).decodable &&
        entry.suitability === "suitable",
    );
    expect(alone).toBeDefined();
    expect(refusalOf(base(99, { start: alone?.word ?? "" })).reason.code).toBe("word-alone");
  });

  it.each([
    { positions: "only-the-vowel", length: 8 },
    { length: 25, taught: taughtAtStep(SHORT, 1) },
    { start: "cat", never: ["cat"] },
    { mustInclude: ["cake"] },
    { start: "quiz", end: "mud", length: 3 },
    { moves: ["add"], length: 6 },
    { tiles: { a: 1, t: 1, p: 1 }, length: 8 },
    { closed: true, taught: taughtAtStep(SHORT, 1), length: 9 },
    { focus: ["igh=aɪ"] },
    { fixed: ["ship", "mud"], length: 5 },
  ] as const)("%j: every change offered really gives a chain", (more) => {
    const request = base(13, more as Partial<ChainRequest>);
    const { relaxations } = refusalOf(request);
    expect(relaxations.length).toBeGreaterThan(0);
    expect(relaxations.length).toBeLessThanOrEqual(5);
    for (const { change, example, relaxation } of relaxations) {
      const again = planChain({ ...request, ...change }, lexicon, { relax: false });
      expect(Array.isArray(again), JSON.stringify(relaxation)).toBe(true);
      for (let k = 1; k < example.length; k++) {
        const step = checkStep(example[k - 1] as string, example[k] as string, {
          moves: ["change", "add", "take-away", "swap"],
        });
        // Only a nonsense word may be unknown to the list.
        if (relaxation.code !== "one-nonsense-word") expect(step.single, example.join(" ")).toBe(true);
      }
    }
  });
});

describe("the search against every path there is", () => {
  let all: Lexicon["words"];
  beforeAll(() => {
    all = lexicon.words.filter(
      (e) => e.word.length > 1 && e.suitability === "suitable" && checkDecodable(e.word, STEP_13).decodable,
    );
  });

  /** A list of some of the shipped words. */
  const some = (seed: number, size: number): Lexicon => {
    const random = seededRandom(seed);
    const words = [...all].sort(() => random() - 0.5).slice(0, size);
    const byWord = new Map(words.map((entry) => [entry.word, entry]));
    return { ...lexicon, words, get: (word) => byWord.get(word) };
  };

  it("reaches the best score in 95 of 100 cases, and is never more than 2 in 100 below", () => {
    let cases = 0;
    let best = 0;
    let worstShare = 1;
    for (let n = 0; n < inFull(60, 240); n++) {
      const small = some(n, 120);
      const length = 4 + (n % 3);
      const request = base(13, {
        length,
        seed: n,
        leastFamiliar: 4,
        focus: n % 2 ? ["th=θ"] : [],
        contrasts: n % 3 ? [{ a: "i=ɪ", b: "e=e" }] : [],
        ...(n % 4 === 1 && { positions: "hold-the-vowel" as const }),
        ...(n % 4 === 2 && { longestRun: 1 }),
      });
      const truth = bestByForce(request, small);
      const answer = planChain(request, small, { relax: false });
      // Paths there are, but none with the aim: that is said instead.
      if (!Array.isArray(answer) && answer.reason.code === "aim-out-of-reach") continue;
      expect(Array.isArray(answer), `case ${n}: a chain exactly when there is one`).toBe(truth !== undefined);
      if (!Array.isArray(answer) || truth === undefined) continue;
      cases++;
      const score = answer[0]?.score ?? 0;
      expect(score).toBeLessThanOrEqual(truth + 1e-9);
      if (score > truth - 1e-9) best++;
      if (answer[0]?.proven) expect(score, `case ${n}: proven`).toBeCloseTo(truth, 9);
      worstShare = Math.min(worstShare, score / truth);
    }
    expect(cases).toBeGreaterThan(inFull(30, 120));
    expect(best / cases).toBeGreaterThanOrEqual(0.95);
    expect(worstShare).toBeGreaterThanOrEqual(0.98);
  });

  /** The slow obvious version: every path, scored whole. */
  function bestByForce(request: ChainRequest, small: Lexicon): number | undefined {
    const graph = graphOf(small);
    const candidates = graph.words.flatMap((entry, k) => (isCandidate(entry, request, small) ? [k] : []));
    const problem = makeProblem({
      request,
      graph,
      lexicon: small,
      candidates,
      nonsense: new Set(),
      fixed: [],
      must: [],
    });
    const { steps, entries, rule } = problem;
    let best: number | undefined;
    const walk = (path: number[], state: number): void => {
      if (path.length === request.length) {
        if (!rule.accepts(state)) return;
        const score = scoreOf(problem, path);
        if (best === undefined || score > best) best = score;
        return;
      }
      const node = path.at(-1) as number;
      for (let e = steps.offsets[node] as number; e < (steps.offsets[node + 1] as number); e++) {
        const to = steps.to[e] as number;
        const next = rule.next(state, steps.position[e] as number);
        if (next !== -1 && !path.includes(to)) walk([...path, to], next);
      }
    };
    entries.forEach((_, node) => {
      walk([node], rule.start);
    });
    return best;
  }
});

describe("position rules as machines", () => {
  it("any walk a rule lets through is what its name says", async () => {
    const { positionRule } = await import("./position-rule.ts");
    fc.assert(
      fc.property(
        fc.constantFrom("any", "alternate", "hold-the-vowel", "only-the-vowel", "beginnings-endings-middles" as const),
        fc.option(fc.integer({ min: 1, max: 4 }), { nil: undefined }),
        fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 3, maxLength: 9 }),
        (plan, run, walk) => {
          const rule = positionRule(plan as "any", run, walk.length);
          let state: number = rule.start;
          for (const position of walk) state = state === -1 ? -1 : rule.next(state, position);
          const allowed = state !== -1 && rule.accepts(state);
          const text = walk.map((p) => "IMF"[p]).join("");
          const longest = Math.max(...(text.match(/(.)\1*/g) ?? []).map((piece) => piece.length));
          const shape: Record<string, RegExp> = {
            any: /./,
            alternate: /^(?!.*(.)\1)/,
            "hold-the-vowel": /^[IF]+$/,
            "only-the-vowel": /^M+$/,
            "beginnings-endings-middles": /^I+F+M+$/,
          };
          expect(allowed, text).toBe(
            (shape[plan] as RegExp).test(text) && (run === undefined || plan === "alternate" || longest <= run),
          );
        },
      ),
      { seed: 3, numRuns: 500 },
    );
  });
});
