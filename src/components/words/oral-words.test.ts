import { describe, expect, it } from "vitest";
import { oralChain, oralSet, shippedLexicon } from "../../core/index.ts";
import { ORAL_SKILLS } from "../../core/light.ts";
import { noOralSetWords, oralAnswer, oralPrompt, promptText, spokenText } from "./oral-words.ts";

describe("what the teacher says by ear", () => {
  it.each([
    ["cot", "coat", "Say cot. In place of /ɑ/ say /oʊ/.", "coat"],
    ["lap", "clap", "Say lap. Put /k/ before it.", "clap"],
    ["cap", "clap", "Say cap. Put /l/ in, after the /k/.", "clap"],
    ["go", "ago", "Say go. Put /ə/ before it.", "ago"],
    ["see", "seat", "Say see. Put /t/ after it.", "seat"],
    ["clap", "cap", "Say clap. Leave the /l/ out.", "cap"],
  ])("%s, %s", (from, to, says, answer) => {
    const [part] = oralChain([from, to]);
    const [item] = part?.items ?? [];
    if (!item) throw new Error("no item");
    expect(promptText(item)).toBe(says);
    expect(oralAnswer(item)).toBe(answer);
    expect(oralPrompt(item).filter(({ isWord }) => isWord)).toEqual([{ text: from, isWord: true }]);
  });

  it.each(ORAL_SKILLS)("%s: every item is said and answered in whole words, nothing missing", (skill) => {
    const { accent } = shippedLexicon();
    const set = oralSet({ skill, count: 8, words: [], source: "heard-often", seed: 2, accent });
    if (!set.ok) throw new Error(JSON.stringify(set.reason));
    for (const item of set.items) {
      expect(promptText(item)).toMatch(/[.?]$/);
      expect(promptText(item)).not.toMatch(/undefined|\/\/|\/ \//);
      expect(oralAnswer(item)).not.toMatch(/undefined|^$/);
    }
  });

  it("a part is shown with its sounds, a word by its letters alone", () => {
    expect(spokenText({ text: "ea", sounds: ["iː"], isWord: false })).toMatch(/^ea \/.+\/$/);
    expect(spokenText({ text: "eat", sounds: ["iː", "t"], isWord: true })).toBe("eat");
  });

  it("why there is none says what to do", () => {
    expect(noOralSetWords({ code: "no-words-given" })).toMatch(/Choose a chain or a set/);
    expect(noOralSetWords({ code: "count-out-of-range", least: 1, most: 20 })).toBe("Choose 1 to 20 items.");
    const short = { code: "words-do-not-serve", skill: "take-end", asked: 5, instead: [] } as const;
    expect(noOralSetWords({ ...short, possible: 0 })).toMatch(/give no item/);
    expect(noOralSetWords({ ...short, possible: 2 })).toMatch(/give only 2/);
  });
});
