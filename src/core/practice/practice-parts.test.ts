import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lessonMaterials } from "../materials/lesson-materials.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { ONE_TAP_A_SOUND } from "../spelling/taps.ts";
import type { ActivityContent } from "./activity-kinds.ts";
import { whatToDrop } from "./fit.ts";
import type { PlannedKind } from "./planned-kinds.ts";
import { promptsOf } from "./prompts.ts";

const timed = (kind: PlannedKind, minutes: number, more: object = {}) => ({
  id: `${kind} ${minutes}`,
  kind,
  minutes,
  ifTime: false,
  heldBack: false,
  ...more,
});

describe("what to drop", () => {
  it("nothing when it fits, the least needed when it does not", () => {
    const lesson = [timed("ears-only", 4), timed("read-chain", 8), timed("find-it", 2), timed("real-or-nonsense", 2)];
    expect(whatToDrop(lesson, 16)).toEqual([]);
    expect(whatToDrop(lesson, 15)).toEqual(["real-or-nonsense 2"]);
    expect(whatToDrop(lesson, 12)).toEqual(["ears-only 4"]);
  });

  it("neither words held back nor what is only there if there is time", () => {
    const lesson = [
      timed("read-chain", 8),
      timed("word-list", 1, { heldBack: true }),
      timed("find-it", 5, { ifTime: true }),
    ];
    expect(whatToDrop(lesson, 9)).toEqual([]);
    expect(whatToDrop(lesson, 8)).toEqual(["read-chain 8"]);
  });

  it("what is left fits, whatever the lesson, as far as dropping can make it", () => {
    const kinds = ["ears-only", "sound-cards", "read-chain", "find-it", "dictation", "free", "sort"] as const;
    const one = fc.record({ kind: fc.constantFrom(...kinds), minutes: fc.integer({ min: 1, max: 12 }) });
    fc.assert(
      fc.property(fc.array(one, { maxLength: 10 }), fc.integer({ min: 5, max: 45 }), (parts, minutes) => {
        const lesson = parts.map(({ kind, minutes: long }, k) => ({ ...timed(kind, long), id: String(k) }));
        const dropped = whatToDrop(lesson, minutes);
        const left = lesson.filter(({ id }) => !dropped.includes(id)).reduce((sum, part) => sum + part.minutes, 0);
        expect(left).toBeLessThanOrEqual(minutes);
        expect(new Set(dropped).size).toBe(dropped.length);
      }),
      { seed: 9, numRuns: 200 },
    );
  });
});

describe("what the helper says", () => {
  it("a chain to read: the sound, what it becomes, the word; to build: the word, and what changes in it", () => {
    const words = ["mash", "mesh", "met", "met"].slice(0, 3);
    const read = promptsOf({ kind: "read-chain", words }, GENERAL_AMERICAN);
    expect(read).toEqual([
      { code: "first-word", word: "mash", build: false },
      { code: "change", old: ["æ"], now: ["e"], position: "medial", answer: "mesh", build: false },
      { code: "change", old: ["ʃ"], now: ["t"], position: "final", answer: "met", build: false },
    ]);
    expect(promptsOf({ kind: "build-chain", words: ["lap", "clap", "cap"] }, GENERAL_AMERICAN)).toMatchObject([
      { code: "first-word", build: true },
      { code: "add", now: ["k"], answer: "clap", build: true },
      { code: "take-away", old: ["l"], answer: "cap", build: true },
    ]);
  });

  it("two words that are no step apart are read as a new word each; no words, no prompts", () => {
    expect(promptsOf({ kind: "read-chain", words: ["cat", "dog"] }, GENERAL_AMERICAN).map(({ code }) => code)).toEqual([
      "first-word",
      "first-word",
    ]);
    expect(promptsOf({ kind: "read-chain", words: [] }, GENERAL_AMERICAN)).toEqual([]);
  });

  it("a gap is where the grapheme was, a split digraph's in two places", () => {
    const gaps = promptsOf(
      {
        kind: "fill-the-gap",
        items: [
          { word: "cake", unit: 1, choices: ["a-e", "o-e"] },
          { word: "ship", unit: 0, choices: ["sh", "ch"] },
        ],
      },
      GENERAL_AMERICAN,
    );
    expect(gaps.map((gap) => gap.code === "gap" && gap.gapped)).toEqual(["c_k_", "__ip"]);
  });

  it("a new sound comes with what the mouth does", () => {
    const [first] = promptsOf({ kind: "new-sound", gpc: "th=θ", keyWord: "", facts: [], words: [] }, GENERAL_AMERICAN);
    expect(first).toMatchObject({ code: "new-sound", grapheme: "th", cue: expect.stringContaining("tongue") });
  });
});

describe("materials", () => {
  it("tiles as the word needs that needs most, cards once each, words to be shown, pictures of words to be heard", () => {
    const contents: ActivityContent[] = [
      { kind: "build-chain", words: ["pop", "cop", "cat"] },
      { kind: "sound-cards", gpcs: ["c=k", "th=θ", "th=ð"] },
      { kind: "word-list", words: ["pop", "moth"] },
      { kind: "find-it", items: [{ word: "pop", foils: ["top"] }] },
    ];
    expect(lessonMaterials(contents, GENERAL_AMERICAN, ONE_TAP_A_SOUND)).toEqual({
      tiles: [
        { grapheme: "p", count: 2 },
        { grapheme: "o", count: 1 },
        { grapheme: "c", count: 1 },
        { grapheme: "a", count: 1 },
        { grapheme: "t", count: 1 },
      ],
      graphemeCards: ["c", "th"],
      wordCards: ["pop", "moth", "top"],
      pictures: ["cat"],
    });
    expect(lessonMaterials([], GENERAL_AMERICAN, ONE_TAP_A_SOUND).tiles).toEqual([]);
  });
});
