import { describe, expect, it } from "vitest";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { gappedWord } from "../spelling/gapped.ts";
import { GPCS } from "../spelling/gpc.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { targetSpans } from "../texts/check-text.ts";
import type { ActivityContent } from "./activity-kinds.ts";
import { cardReading, isCard } from "./cards.ts";
import { runItems } from "./run.ts";
import { walkStages } from "./stages.ts";

const items = (content: ActivityContent) => runItems(content, GENERAL_AMERICAN);
const targets = (content: ActivityContent) =>
  items(content).map(({ target }) => target && `${target.mode} ${target.name}`);
const read = (word: string) => shippedLexicon().get(word)?.readings[0] as Segmentation;

describe("an activity item by item", () => {
  it.each([
    [{ kind: "read-chain", words: ["lap", "clap", "cap"] }, ["read lap", "read clap", "read cap"]],
    [{ kind: "build-chain", words: ["lap", "clap"] }, ["built lap", "built clap"]],
    [{ kind: "sound-cards", gpcs: ["sh=ʃ", "a-e=eɪ"] }, ["card sh=ʃ", "card a-e=eɪ"]],
    [{ kind: "new-sound", gpc: "sh=ʃ", keyWord: "", facts: [], words: ["ship"] }, ["card sh=ʃ", "read ship"]],
    [{ kind: "dictation", words: ["cat"], sentences: ["I see a cat."] }, ["wrote cat", "sentence “I see a cat.”"]],
    [{ kind: "find-it", items: [{ word: "cat", foils: ["cap"] }] }, ["chose cat"]],
    [{ kind: "right-or-not", items: [{ word: "cat", shown: "cot" }] }, ["chose cat"]],
    [{ kind: "real-or-nonsense", items: [{ word: "zat", real: false }] }, ["read zat"]],
    [{ kind: "irregular-words", words: ["said"] }, ["read said"]],
    [{ kind: "hear-and-spell", sounds: [{ sound: ["k"], gpcs: ["k=k", "ck=k"] }] }, [undefined]],
    [{ kind: "text", text: "A cat sat.", targets: ["a=æ"] }, [undefined, "read a", "read cat", "read sat"]],
    [{ kind: "text", text: "Sam!", targets: [], questions: ["Who?"] }, [undefined, "read sam", undefined]],
    [{ kind: "free", text: "sing" }, [undefined]],
  ] as const)("%j is answered to by %j", (content, expected) => {
    expect(targets(content as ActivityContent)).toEqual(expected);
  });

  it("a sort says where each word goes, and which go nowhere", () => {
    const bins = [
      { bin: { by: "spelling", gpc: "ai=eɪ" } as const, words: ["rain"] },
      { bin: { by: "spelling", gpc: "ay=eɪ" } as const, words: ["day"] },
    ];
    const prompts = items({ kind: "sort", bins, table: ["day", "dig", "rain"] }).map(({ prompt }) => prompt);
    expect(prompts.map((prompt) => prompt.code === "sort" && prompt.belongs)).toEqual([1, undefined, 0]);
  });
});

describe("cards", () => {
  it("every correspondence of the table is a word of one unit, with its letters and sounds", () => {
    for (const { id, grapheme, phonemes } of GPCS) {
      const { word, units } = cardReading(id);
      expect(isCard(id)).toBe(true);
      expect(word).toBe(grapheme);
      expect(units).toHaveLength(1);
      expect(units[0]?.phonemes).toEqual(phonemes);
      expect(units[0]?.letters.map((at) => word[at]).join("")).toBe(grapheme.replace("-", ""));
    }
    expect(isCard("ship")).toBe(false);
    expect(() => cardReading("zz=q")).toThrow(/no correspondence/);
  });
});

describe("where targets stand in a text", () => {
  const spans = (text: string, ...gpcs: string[]) =>
    targetSpans(text, gpcs, shippedLexicon()).map(([from, to]) => text.slice(from, to));
  it("by sound and spelling, not by letters alone; a split digraph in two places", () => {
    expect(spans("The ship has a mishap", "sh=ʃ")).toEqual(["sh"]);
    expect(spans("A thin thing, and then this.", "th=θ")).toEqual(["th", "th"]);
    expect(spans("Cake and cat", "a-e=eɪ")).toEqual(["a", "e"]);
    expect(spans("a well-fed hen", "e=e")).toEqual(["e", "e", "e"]);
    expect(spans("Nothing here", "zz=z")).toEqual([]);
  });
});

describe("words with something left out, words walked", () => {
  it.each([
    ["cake", 1, "c_k_"],
    ["ship", 0, "__ip"],
  ])("%s without unit %i is %s", (word, unit, expected) => {
    expect(gappedWord(read(word), unit)).toBe(expected);
  });

  it("a family walk shows what the family shares first, run together", () => {
    const shown = (word: string, way: "rime-first" | "body-first") =>
      walkStages(read(word), way).map(({ from, to, blended }) => `${from}-${to}${blended ? " together" : ""}`);
    expect(shown("clap", "rime-first")).toEqual(["2-4 together", "0-4", "0-4 together"]);
    expect(shown("clap", "body-first")).toEqual(["0-3 together", "0-4", "0-4 together"]);
    expect(shown("at", "rime-first")).toEqual(["0-2", "0-2 together"]);
  });
});
