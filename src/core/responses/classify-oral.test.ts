import { describe, expect, it } from "vitest";
import { readOralTarget } from "../oral/oral-target.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { classifyOral, classifyOralMark } from "./classify-oral.ts";

const accent = GENERAL_AMERICAN;
const judged = (target: string, typed: string) => classifyOral(readOralTarget("word", target), typed, { accent });
const results = (target: string, typed: string) => judged(target, typed).units.map(({ result }) => result);

describe("an answer by ear", () => {
  it.each([
    ["blend-sounds ʃ.ɪ.p", "ship", "right"],
    ["blend-sounds ʃ.ɪ.p", "chip", "wrong"],
    ["take-beginning t.ɒ.p", "top", "right"],
    ["take-beginning t.ɒ.p", "stop", "wrong"],
    ["change-middle k.ʌ.t", "cut", "right"],
    ["split-sounds f.ɪ.ʃ", "f i sh", "right"],
    ["split-sounds f.ɪ.ʃ", "f … i … sh", "right"],
    ["split-sounds f.ɪ.ʃ", "fi sh", "wrong"],
    ["split-sounds f.ɪ.ʃ", "fish", "wrong"],
    ["split-onset-rime f.ɪ.ʃ", "f ish", "right"],
    ["split-onset-rime f.ɪ.ʃ", "fi sh", "wrong"],
    ["split-onset-rime s.t.ɒ.p", "st op", "right"],
    ["split-onset-rime s.t.ɒ.p", "s top", "wrong"],
    ["first-sound s.t.ɒ.p", "s", "right"],
    ["first-sound s.t.ɒ.p", "t", "wrong"],
    ["last-sound f.ɪ.ʃ", "sh", "right"],
    ["middle-sound k.æ.t", "a", "right"],
    ["middle-sound k.æ.t", "e", "wrong"],
    ["say-a-rhyme k.æ.t", "hat", "right"],
    ["say-a-rhyme k.æ.t", "gat", "right"],
    ["say-a-rhyme k.æ.t", "cat", "wrong"],
    ["say-a-rhyme k.æ.t", "cap", "wrong"],
  ])("%s answered %s is %s", (target, typed, verdict) => {
    expect(judged(target, typed).verdict).toBe(verdict);
  });

  it("says nothing of sounds that were not asked for", () => {
    expect(results("first-sound s.t.ɒ.p", "s")).toEqual(["right", "not-known", "not-known", "not-known"]);
    expect(results("last-sound f.ɪ.ʃ", "s")).toEqual(["not-known", "not-known", "substitution"]);
    expect(results("say-a-rhyme k.æ.t", "cap")).toEqual(["not-known", "not-known", "not-known"]);
  });

  it("names what was said for a sound, and where it stands in the word", () => {
    expect(judged("last-sound f.ɪ.ʃ", "s").findings).toEqual([
      { kind: "substitution", unit: 2, position: "final", said: ["s"] },
    ]);
    expect(judged("blend-sounds p.e.n", "pin").findings).toEqual([
      { kind: "substitution", unit: 1, position: "medial", said: ["ɪ"] },
    ]);
  });

  it("tells a word that was parted elsewhere from one whose sounds are wrong", () => {
    expect(judged("split-onset-rime f.ɪ.ʃ", "fi sh").findings).toEqual([{ kind: "other-parts", said: 2, wanted: 2 }]);
    expect(judged("split-sounds f.ɪ.ʃ", "fi sh").findings).toEqual([{ kind: "other-parts", said: 2, wanted: 3 }]);
  });

  it.each(["", "   ", "42", "кот", "a".repeat(3_000)])("keeps %j without a word about its sounds", (typed) => {
    expect(["nothing", "unreadable"]).toContain(judged("blend-sounds k.æ.t", typed).verdict);
  });
});

describe("a mark by ear", () => {
  const mark = (target: string, answer: object) =>
    classifyOralMark(
      readOralTarget("word", target),
      { outcome: "wrong", substitutions: [], ...answer },
      accent,
    ).units.map(({ result }) => result);

  it("is right of what was asked for alone", () => {
    expect(mark("first-sound s.t.ɒ.p", { outcome: "right" })).toEqual(["right", "not-known", "not-known", "not-known"]);
    expect(mark("blend-sounds k.æ.t", { outcome: "right" })).toEqual(["right", "right", "right"]);
    expect(mark("rhyme-or-not k.æ.t", { outcome: "right" })).toEqual(["not-known", "not-known", "not-known"]);
  });

  it("takes a sound that was pressed, or what was typed", () => {
    const substitutions = [{ unit: 1, said: ["e"] }];
    expect(mark("blend-sounds k.æ.t", { substitutions })).toEqual(["right", "substitution", "right"]);
    expect(mark("blend-sounds k.æ.t", { typed: "ket" })).toEqual(["right", "substitution", "right"]);
  });
});
