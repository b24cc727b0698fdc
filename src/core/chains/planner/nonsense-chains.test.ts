import { beforeAll, describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../../tests/taught-at-step.ts";
import type { Lexicon } from "../../lexicon/lexicon.ts";
import { shippedLexicon } from "../../lexicon/shipped.ts";
import { judgeNonsense } from "../../nonsense/judge-nonsense.ts";
import type { Sequence } from "../../scope/sequence.ts";
import { sequenceById } from "../../scope/sequences.ts";
import type { ChainRequest } from "../request.ts";
import { fitsTheBox, nonsenseFor } from "./candidates.ts";
import { graphWith } from "./graphs.ts";
import { type ChainPlan, planChain } from "./plan-chain.ts";

const taught = taughtAtStep(sequenceById("short-vowels-first") as Sequence, 13);
const request: ChainRequest = { taught, length: 6, focus: [], contrasts: [], seed: 1, nonsenseShare: 1 };

let lexicon: Lexicon;
beforeAll(() => {
  lexicon = shippedLexicon();
});

const planFor = (more: Partial<ChainRequest>): ChainPlan => {
  const answer = planChain({ ...request, ...more });
  if (!Array.isArray(answer)) throw new Error(JSON.stringify(answer.reason));
  return answer[0] as ChainPlan;
};
const isNonsense = (word: string) => lexicon.get(word) === undefined;

describe("chains of nonsense words", () => {
  it("a word the teacher took out stays out, and so does the next", () => {
    const never: string[] = [];
    for (let turn = 0; turn < 4; turn++) {
      const { words } = planFor({ never });
      expect(words.filter((word) => never.includes(word))).toEqual([]);
      never.push(words[2] as string);
    }
  });

  it("another word left out is another graph, though there are as many words", () => {
    const made = nonsenseFor(request, lexicon);
    const [first, second, third] = lexicon.words.filter(({ word }) => ["cat", "hat", "mat"].includes(word));
    if (!first || !second || !third) throw new Error("words missing");
    const [one, other] = [graphWith([first, second], made, lexicon), graphWith([first, third], made, lexicon)];
    expect(one.words).toContain(second);
    expect(other.words).not.toContain(second);
    expect(other.words).toContain(third);
    expect(graphWith([first, third], made, lexicon)).toBe(other);
  });

  it("a nonsense word locked in its place stays there", () => {
    const { words } = planFor({});
    const fixed = words.map((word, k) => (k === 1 || k === 4 ? word : undefined));
    const again = planFor({ fixed, recent: words });
    expect(again.words[1]).toBe(words[1]);
    expect(again.words[4]).toBe(words[4]);
    expect(again.words).not.toEqual(words);
    expect(again.steps.every(({ single }) => single)).toBe(true);
  });

  it("a teacher's own nonsense word may be named, where it would do as one", () => {
    const made = new Set(nonsenseFor(request, lexicon).map(({ word }) => word));
    const own = ["vad", "nig", "mep", "zat", "hib", "fap", "tez", "dut", "gam", "lom"].find(
      (word) => isNonsense(word) && !made.has(word) && judgeNonsense(word, taught, lexicon).ok,
    );
    expect(own).toBeDefined();
    const { words, steps } = planFor({ start: own as string, nonsenseShare: 0.5 });
    expect(words[0]).toBe(own);
    expect(words.filter(isNonsense).length).toBeLessThanOrEqual(3);
    expect(steps.every(({ single }) => single)).toBe(true);
  });

  it.each([
    ["kat", "sounds like a word"],
    ["blorp", "has what is not taught"],
    ["shyt", "is unsuitable by ear"],
  ])("%s, which %s, may not", (start) => {
    expect(planChain({ ...request, start }, lexicon, { relax: false })).toMatchObject({
      ok: false,
      reason: { code: "word-refused", as: "start" },
    });
  });

  it("without nonsense words asked for, a spelling that is no word is refused", () => {
    const [word] = planFor({}).words;
    expect(planChain({ ...request, nonsenseShare: 0, start: word as string }, lexicon, { relax: false })).toMatchObject(
      {
        ok: false,
        reason: { code: "word-refused", refusal: { code: "not-in-list", word } },
      },
    );
  });

  it("keeps to the tiles in the box", () => {
    const tiles = {
      a: 1,
      e: 1,
      i: 1,
      o: 1,
      u: 1,
      m: 1,
      p: 1,
      t: 1,
      f: 1,
      d: 1,
      g: 1,
      n: 1,
      b: 1,
      l: 1,
      v: 1,
      z: 1,
      sh: 1,
      ch: 1,
    };
    const { readings } = planFor({ tiles, length: 4 });
    for (const reading of readings) {
      const entry = lexicon.words[0];
      if (!reading || !entry) throw new Error("no reading");
      expect(fitsTheBox({ ...entry, readings: [reading] }, { tiles }), reading.word).toBe(true);
    }
  });
});
