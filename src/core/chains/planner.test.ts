import { beforeAll, describe, expect, it } from "vitest";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { SEQUENCES, sequenceById } from "../scope/sequences.ts";
import { taughtAt } from "../scope/taught-set.ts";
import { gpcId } from "../spelling/gpc.ts";
import { buildGraph } from "./graph.ts";
import { judgeWord } from "./judge-word.ts";
import { neighbours, wordsForGap } from "./neighbours.ts";
import { type ChainPlan, planChain } from "./planner.ts";
import type { ChainRequest } from "./request.ts";
import { checkStep } from "./step-check.ts";

const SHORT = sequenceById("short-vowels-first") as Sequence;
const base = (step: number, more: Partial<ChainRequest> = {}): ChainRequest => ({
  taught: taughtAt(SHORT, step),
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

let lexicon: Lexicon;
beforeAll(() => {
  lexicon = shippedLexicon();
});

describe("planChain", () => {
  it("over many random requests, every chain keeps every promise", () => {
    const random = seededRandom(99);
    let chains = 0;
    for (let n = 0; n < 60; n++) {
      const sequence = SEQUENCES[n % SEQUENCES.length] as Sequence;
      const step = 2 + Math.floor(random() * (sequence.steps.length - 1));
      const gpcs = sequence.steps[step - 1]?.gpcs ?? [];
      const focus = gpcs[0] ? [gpcId(gpcs[0].grapheme, gpcs[0].phonemes)] : [];
      const request = base(step, {
        taught: taughtAt(sequence, step),
        length: 3 + Math.floor(random() * 10),
        focus,
        seed: n,
        count: 3,
      });
      const answer = planChain(request);
      if (!Array.isArray(answer)) continue;
      for (const { words } of answer) {
        chains++;
        expect(words).toHaveLength(request.length);
        expect(new Set(words).size).toBe(words.length);
        for (const word of words) {
          const judged = checkDecodable(word, request.taught);
          expect(judged.decodable && !judged.learntWhole, `${word} at ${sequence.id} ${step}`).toBe(true);
          expect(lexicon.unsuitable(word), word).toBeUndefined();
        }
        for (let k = 1; k < words.length; k++)
          expect(checkStep(words[k - 1] as string, words[k] as string).single, `${words[k - 1]} → ${words[k]}`).toBe(
            true,
          );
      }
      for (const a of answer)
        for (const b of answer)
          if (a !== b)
            expect(a.words.filter((w) => b.words.includes(w)).length).toBeLessThanOrEqual(a.words.length / 2);
    }
    expect(chains).toBeGreaterThan(100);
  });

  it("same request and seed, same answer; another seed, another", () => {
    const words = (seed: number) => plansOf(base(13, { seed })).map((plan) => plan.words);
    expect(words(5)).toEqual(words(5));
    expect(words(5)).not.toEqual(words(6));
  });

  it("meets the contrast and the focus", () => {
    const [plan] = plansOf(base(13, { contrasts: [{ a: "i=ɪ", b: "e=e" }], focus: ["th=θ"] }));
    expect(plan?.contrasts[0]?.minimalSteps).toBeGreaterThanOrEqual(2);
    expect(plan?.focusChances).toBeGreaterThanOrEqual(1);
  });

  it("starts where it is told", () => {
    expect(plansOf(base(10, { start: "Quiz " }))[0]?.words[0]).toBe("quiz");
  });

  it.each([
    [{ length: 0 }, "length-out-of-range"],
    [{ length: 500 }, "length-out-of-range"],
    [{ length: 7.5 }, "length-out-of-range"],
    [{ start: "🙂" }, "start-word-refused"],
    [{ start: "cake" }, "start-word-refused"],
    [{ start: "gun", taught: taughtAt(SHORT, 20) }, "start-word-refused"],
    [{ focus: ["igh=aɪ"] }, "aim-not-taught"],
    [{ taught: taughtAt(SHORT, 0) }, "too-few-words"],
    [{ start: "the", taught: taughtAt(SHORT, 3) }, "start-word-refused"],
  ] as const)("%j: says why there is none (%s)", (more, code) => {
    expect(planChain(base(8, more))).toMatchObject({ ok: false, reason: { code } });
  });

  it("says so when a start word stands alone, and how far a chain can go", () => {
    const everything = taughtAt(SHORT, 99);
    const graph = buildGraph(lexicon.words);
    const alone = graph.words.find(
      (entry, k) =>
        graph.edges[k]?.length === 0 &&
        checkDecodable(entry.word, everything).decodable &&
        entry.suitability === "suitable",
    );
    expect(alone).toBeDefined();
    expect(planChain(base(99, { start: alone?.word ?? "" }))).toMatchObject({ reason: { code: "start-word-alone" } });
    // at, pat, tap and sap are left: two pairs that do not hang together.
    const pairs = base(1, { taught: taughtAt(sequenceById("phased") as Sequence, 1), length: 3, never: ["sat"] });
    expect(planChain(pairs)).toMatchObject({ ok: false, reason: { code: "no-chain-of-length", longest: 2 } });
  });

  it("finds what an exhaustive search finds possible, on small taught sets", () => {
    for (const step of [1, 2]) {
      const longest = longestChain(step, 7);
      for (let length = 3; length <= 7; length++)
        expect(Array.isArray(planChain(base(step, { length }))), `step ${step}, ${length} words`).toBe(
          length <= longest,
        );
    }
  });
});

/** The slow obvious version: every path, by checkStep alone. */
function longestChain(step: number, enough: number): number {
  const taught = taughtAt(SHORT, step);
  const words = lexicon.words
    .filter((e) => e.word.length > 1 && e.suitability === "suitable" && checkDecodable(e.word, taught).decodable)
    .map((e) => e.word)
    .slice(0, 24);
  const next = new Map(words.map((w) => [w, words.filter((v) => checkStep(w, v).single)]));
  let longest = 0;
  const walk = (path: string[]): void => {
    longest = Math.max(longest, path.length);
    if (longest >= enough) return;
    for (const w of next.get(path.at(-1) as string) ?? []) if (!path.includes(w)) walk([...path, w]);
  };
  for (const word of words) walk([word]);
  return longest;
}

describe("words for a gap", () => {
  const gap = { taught: taughtAt(SHORT, 13), focus: [], contrasts: [] };

  it("fit both sides, and agree with checking every word", () => {
    const offered = wordsForGap({ ...gap, before: "pet", after: "pin", taken: [] }).filter(
      (n) => n.missing.length === 0,
    );
    expect(offered.map((n) => n.word).sort()).toEqual(["pen", "pit"]);
    const all = neighbours("pet", gap)
      .map((n) => n.word)
      .sort();
    const slow = lexicon.words
      .filter(
        (e) =>
          e.suitability === "suitable" &&
          checkDecodable(e.word, gap.taught).decodable &&
          checkStep("pet", e.word).single,
      )
      .map((e) => e.word)
      .sort();
    expect(all).toEqual(slow);
  });

  it("says what keeps the next ones out", () => {
    const soon = wordsForGap({ ...gap, taught: taughtAt(SHORT, 10), before: "pet" }).filter(
      (n) => n.missing.length > 0,
    );
    expect(soon.length).toBeGreaterThan(0);
    expect(soon.length).toBeLessThanOrEqual(3);
    for (const { word, missing } of soon)
      expect(missing, word).toEqual(checkDecodable(word, taughtAt(SHORT, 10)).missing.slice(0, 1));
  });
});

describe("judging a typed word", () => {
  const gap = { taught: taughtAt(SHORT, 13), focus: [], contrasts: [], before: "pet", taken: ["pet"] };
  it.each([
    ["PIT ", { ok: true }],
    ["", { ok: false, fault: { code: "empty" } }],
    ["a".repeat(5000), { ok: false, fault: { code: "too-long" } }],
    ["pe7", { ok: false, fault: { code: "not-letters", characters: "7" } }],
    ["🙂", { ok: false, fault: { code: "not-letters" } }],
    ["pet set", { ok: false, fault: { code: "several-words" } }],
    ["qwx", { ok: false, refusal: { code: "not-in-list" } }],
    ["one", { ok: false, refusal: { code: "unsplittable" } }],
    ["shit", { ok: false, refusal: { code: "unsuitable", level: "never" } }],
    ["gun", { ok: false, refusal: { code: "unsuitable", level: "not-every-school" } }],
    ["peat", { ok: false, refusal: { code: "not-in-list" } }],
    ["peach", { ok: false, refusal: { code: "not-decodable" } }],
    ["pet", { ok: false, repeated: true }],
    ["dog", { ok: false, stepBefore: { single: false } }],
  ])("%j", (typed, expected) => {
    expect(judgeWord(typed, gap)).toMatchObject(expected);
  });
});
