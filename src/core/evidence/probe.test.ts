import { describe, expect, it } from "vitest";
import { inFull, some } from "../../../tests/in-full.ts";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { planChain } from "../chains/planner/plan-chain.ts";
import { checkStep } from "../chains/step-check.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { classifyMarked } from "../responses/classify.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { sequenceById } from "../scope/sequences.ts";
import { keyOfGpc } from "../spelling/unit-key.ts";
import { isNamed } from "../statistics/naming-rule.ts";
import type { EasilyTaken } from "./easily-taken.ts";
import { nextProbe, type ProbeRequest, probeBeliefs } from "./probe.ts";
import { type SimulatedLearner, simulateReading } from "./simulated-learner.ts";
import { type UnitCount, unitCounts } from "./unit-counts.ts";

const lexicon = shippedLexicon();
const sequence = (id: string) => sequenceById(id) as NonNullable<ReturnType<typeof sequenceById>>;
const taught = taughtAtStep(sequence("short-vowels-first"), 13);
const CONTRASTS = [
  { a: "i=ɪ", b: "e=e" },
  { a: "o=ɒ", b: "u=ʌ" },
  { a: "sh=ʃ", b: "ch=tʃ" },
  { a: "th=θ", b: "f=f" },
];
const soundOf = (gpc: string) => [gpc.split("=")[1] as string];
const QUESTIONS: EasilyTaken[] = CONTRASTS.flatMap(({ a, b }) => [
  { gpc: a, said: soundOf(b) },
  { gpc: b, said: soundOf(a) },
]);
const calm = { tapping: 0.1, selfCorrecting: 0, notTrying: 0.02, misreading: 0.01 };

function answerTo(word: string, learner: SimulatedLearner, random: () => number): readonly UnitCount[] {
  const target = lexicon.get(word)?.readings[0];
  if (!target) throw new Error(`${word} is in no list`);
  return unitCounts({ target, verdict: classifyMarked(target, simulateReading(learner, target, random)) });
}

/** A probe of a made-up learner. @param most words, a whole number */
function probed(
  learner: SimulatedLearner,
  seed: number,
  most: number,
  until?: EasilyTaken,
  record: readonly UnitCount[] = [],
) {
  const random = seededRandom(seed);
  let state: ProbeRequest = { taught, questions: QUESTIONS, asked: [], answers: [], record };
  while (state.asked.length < most) {
    const next = nextProbe(state, lexicon);
    if (!next) break;
    const answers = [...state.answers, ...answerTo(next.word, learner, random)];
    state = { ...state, asked: [...state.asked, next.word], answers };
    if (until && isFound(state.answers, until)) break;
  }
  return state;
}

function isFound(answers: readonly UnitCount[], { gpc, said }: EasilyTaken): boolean {
  const own = answers.filter((one) => keyOfGpc(one.gpc) === keyOfGpc(gpc));
  return isNamed({ times: own.filter((one) => one.said?.join() === said.join()).length, chances: own.length });
}

describe("a probe", () => {
  it("goes on by one step, to words that can be decoded, none of them twice", () => {
    const { asked } = probed({ substitutions: [], ...calm }, 3, 25);
    expect(asked.length).toBe(25);
    expect(new Set(asked).size).toBe(25);
    asked.forEach((word, k) => {
      expect(checkDecodable(word, taught, lexicon).decodable, word).toBe(true);
      if (k > 0) expect(checkStep(asked[k - 1] as string, word).single, `${asked[k - 1]} to ${word}`).toBe(true);
    });
  });

  it("asks what it is to find out, and no word that is kept back", () => {
    const first = nextProbe({ taught, questions: QUESTIONS, asked: [], answers: [] }, lexicon);
    expect(first?.asks.length).toBeGreaterThan(0);
    const never = [first?.word as string];
    expect(nextProbe({ taught, questions: QUESTIONS, asked: [], answers: [], never }, lexicon)?.word).not.toBe(
      never[0],
    );
  });

  it("looks first where earlier lessons were unsure, and asks no more about what is settled", () => {
    const record = [
      { gpc: "th=θ", position: "initial" as const, said: ["f"], count: 2 },
      { gpc: "th=θ", position: "initial" as const, said: undefined, count: 4 },
    ];
    const { asked } = probed({ ...calm, substitutions: [] }, 5, 3, undefined, record);
    expect(asked.some((word) => word.includes("th"))).toBe(true);
    const settled = [{ gpc: "th=θ", position: "initial" as const, said: ["f"], count: 4 }];
    const next = { taught, questions: QUESTIONS, asked: ["thin"], answers: settled };
    expect(probeBeliefs(next).find(({ gpc }) => gpc === "th=θ")?.state).toBe("named");
    expect(nextProbe(next, lexicon)?.asks.map(({ gpc }) => gpc)).not.toContain("th=θ");
  });

  it("asks about what nobody had thought of once it was said", () => {
    const answers = [{ gpc: "p=p", position: "initial" as const, said: ["b"], count: 1 }];
    const beliefs = probeBeliefs({ taught, questions: QUESTIONS, asked: ["pat"], answers });
    expect(beliefs.find(({ gpc }) => gpc === "p=p")).toMatchObject({ said: ["b"], times: 1, state: "open" });
  });

  it("ends when everything is ruled out", () => {
    const one = QUESTIONS.slice(0, 1);
    const right = { gpc: "i=ɪ", position: "medial" as const, said: undefined, count: 12 };
    expect(nextProbe({ taught, questions: one, asked: ["pin"], answers: [right] }, lexicon)).toBeUndefined();
  });

  it("finds a planted substitution in at least 30 in 100 fewer words than the best chain made for it", () => {
    const MOST = 40;
    const chains = some([1, 2, 3, 4, 5, 6], 3).flatMap((seed) => {
      const plans = planChain({ taught, length: 24, focus: [], contrasts: CONTRASTS, seed }, lexicon);
      return Array.isArray(plans) ? plans.map(({ words }) => words as readonly string[]) : [];
    });
    expect(chains.length).toBeGreaterThan(0);
    const learners = QUESTIONS.flatMap((planted, k) =>
      Array.from({ length: inFull(2, 12) }, (_, n) => ({ planted, seed: 100 * n + k })),
    ).map(({ planted, seed }) => ({
      planted,
      seed,
      learner: { ...calm, substitutions: [{ ...planted, share: 0.5 }] },
    }));
    const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
    const byProbe = learners.map(({ planted, seed, learner }) => {
      const { asked, answers } = probed(learner, seed, MOST, planted);
      return isFound(answers, planted) ? asked.length : MOST;
    });
    const byChain = chains.map((words) =>
      mean(
        learners.map(({ planted, seed, learner }) => {
          const random = seededRandom(seed + 7);
          const answers: UnitCount[] = [];
          for (let k = 0; k < MOST; k++) {
            // Read through, it is read again from the start.
            answers.push(...answerTo(words[k % words.length] as string, learner, random));
            if (isFound(answers, planted)) return k + 1;
          }
          return MOST;
        }),
      ),
    );
    expect(mean(byProbe)).toBeLessThan(0.7 * Math.min(...byChain));
  });

  it("names nothing of learners who only misread now and then", () => {
    const learners = inFull(12, 200);
    let named = 0;
    for (let seed = 0; seed < learners; seed++) {
      const state = probed({ ...calm, substitutions: [], misreading: 0.03 }, 9000 + seed, 25);
      if (probeBeliefs(state).some(({ state: one }) => one === "named")) named++;
    }
    expect(named / learners).toBeLessThanOrEqual(0.05);
  });
});
