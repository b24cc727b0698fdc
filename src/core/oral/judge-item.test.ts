import { describe, expect, it } from "vitest";
import { GENERAL_AMERICAN, SOUTHERN_BRITISH } from "../sounds/accents.ts";
import type { OralItem, Spoken } from "./item.ts";
import { judgeOralItem } from "./judge-item.ts";
import { oralSet } from "./oral-set.ts";
import { ORAL_SKILLS } from "./skills.ts";

const word = (text: string, sounds: string): Spoken => ({ text, sounds: sounds.split(" "), isWord: true });
const left = (text: string, sounds: string): Spoken => ({ ...word(text, sounds), isWord: false });
const take = (first: Spoken, at: number, answer: Spoken): OralItem => ({
  skill: "take-beginning",
  key: `${first.text} ${at}`,
  kind: "take",
  place: at === 0 ? "beginning" : "end",
  at,
  sound: first.sounds[at] as string,
  first,
  answer,
});
const judge = (item: OralItem, more: object = {}) => judgeOralItem(item, { accent: GENERAL_AMERICAN, ...more });

describe("judgeOralItem", () => {
  it.each([GENERAL_AMERICAN, SOUTHERN_BRITISH])(
    "finds nothing wrong with what is made, in any skill (%o)",
    (accent) => {
      for (const skill of ORAL_SKILLS)
        for (let seed = 0; seed < 6; seed++) {
          const set = oralSet({ skill, count: 8, accent, words: [], seed });
          for (const item of set.ok ? set.items : [])
            expect(judgeOralItem(item, { accent }), `${skill} ${item.key}`).toBeUndefined();
        }
    },
  );

  it("lets a true item pass", () => {
    expect(judge(take(word("stop", "s t ɒ p"), 0, word("top", "t ɒ p")))).toBeUndefined();
  });

  it("refuses what is not true by its sounds", () => {
    expect(judge(take(word("stop", "s t ɒ p"), 0, word("tap", "t æ p")))?.code).toBe("not-true");
  });

  it("refuses a word that is not said so", () => {
    expect(judge(take(word("ship", "s t ɒ p"), 0, word("top", "t ɒ p")))).toEqual({
      code: "not-that-word",
      text: "ship",
    });
    expect(judge(take(word("zzkl", "s t ɒ p"), 0, word("top", "t ɒ p")))?.code).toBe("not-that-word");
  });

  it("refuses a word that the school keeps out, written or said", () => {
    const item = take(word("stop", "s t ɒ p"), 0, word("top", "t ɒ p"));
    expect(judge(item, { never: ["top"] })).toEqual({ code: "unsuitable", word: "top" });
    const said = take(word("stop", "s t ɒ p"), 0, left("-top", "t ɒ p"));
    expect(judge(said, { never: ["top"] })).toEqual({ code: "sounds-unsuitable", text: "-top" });
  });

  it("refuses what a class would be made to say without its letters being anywhere", () => {
    const glass: OralItem = {
      skill: "split-onset-rime",
      key: "glass",
      kind: "split",
      first: word("glass", "g l æ s"),
      answers: [left("gl", "g l"), left("ass", "æ s")],
    } as OralItem;
    expect(judge(glass)).toEqual({ code: "sounds-unsuitable", text: "ass" });
  });
});
