import { describe, expect, it } from "vitest";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { SOUTHERN_BRITISH } from "../sounds/accents.ts";
import { firstDecodableStep } from "./first-step.ts";
import { SEQUENCES } from "./sequences.ts";
import { type StepRange, standsBetween } from "./stands-between.ts";
import { tellingWords } from "./telling-words.ts";

const COUNT = 6;

describe("words that tell where a group stands", () => {
  it.each(SEQUENCES.map((sequence) => [sequence.id, sequence] as const))(
    "%s: each can be decoded from its step on and not before, evenly over the order, whatever the accent",
    (_, sequence) => {
      for (const lexicon of [shippedLexicon(), lexiconIn(shippedLexicon(), SOUTHERN_BRITISH)]) {
        const words = tellingWords(sequence, { above: 0, upTo: sequence.steps.length }, COUNT, lexicon);
        expect(words).toHaveLength(COUNT);
        let before = 0;
        for (const { word, step } of words) {
          expect(firstDecodableStep(word, sequence, lexicon), word).toBe(step);
          expect(step - before).toBeGreaterThan(0);
          expect(step - before).toBeLessThan((2 * sequence.steps.length) / COUNT);
          before = step;
          expect(lexicon.get(word)?.familiarity, word).toBeLessThan(3);
          expect(lexicon.get(word)?.suitability, word).toBe("suitable");
        }
      }
    },
  );

  it.each(SEQUENCES.map((sequence) => [sequence.id, sequence] as const))(
    "%s: a group that reads what it was taught is found within four steps by three sixes",
    (_, sequence) => {
      const least = shippedLexicon();
      for (let step = 2; step <= sequence.steps.length; step += 17) {
        let range: StepRange = { above: 0, upTo: sequence.steps.length };
        for (let look = 0; look < 3 && range.upTo > range.above; look++) {
          const words = tellingWords(sequence, range, COUNT, least);
          range = standsBetween(
            words,
            words.filter((one) => one.step <= step).map(({ word }) => word),
            range,
          );
        }
        expect(range.above, `step ${step}`).toBeLessThanOrEqual(step);
        expect(range.upTo, `step ${step}`).toBeGreaterThanOrEqual(step);
        expect(step - range.above, `step ${step}`).toBeLessThanOrEqual(4);
      }
    },
  );

  it("asks nothing where there is nothing to tell apart", () => {
    const [sequence] = SEQUENCES;
    if (!sequence) throw new Error("no order ships");
    expect(tellingWords(sequence, { above: 5, upTo: 5 }, COUNT)).toEqual([]);
    expect(tellingWords(sequence, { above: 9, upTo: 5 }, COUNT)).toEqual([]);
    expect(tellingWords(sequence, { above: sequence.steps.length, upTo: 120 }, COUNT)).toEqual([]);
  });
});

describe("where a group stands", () => {
  const words = [
    { word: "sat", step: 2 },
    { word: "ship", step: 9 },
    { word: "rain", step: 20 },
  ];
  const range = { above: 0, upTo: 40 };

  it.each([
    ["none read", [], { above: 0, upTo: 1 }],
    ["the first", ["sat"], { above: 2, upTo: 8 }],
    ["the first two", ["sat", "ship"], { above: 9, upTo: 19 }],
    ["all", ["sat", "ship", "rain"], { above: 20, upTo: 40 }],
    ["one known by sight beyond the first that cannot be read", ["sat", "rain"], { above: 2, upTo: 8 }],
  ])("%s", (_, read, expected) => {
    expect(standsBetween(words, read, range)).toEqual(expected);
  });

  it("stays where it was when nothing was asked", () => {
    expect(standsBetween([], [], range)).toEqual(range);
  });
});
