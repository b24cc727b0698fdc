import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import {
  contrastSet,
  familyGrid,
  familySet,
  findFamily,
  GENERAL_AMERICAN,
  makeSort,
  ORAL_SKILLS,
  oralChain,
  oralSet,
  sequenceById,
  spellingChoices,
} from "../../core/index.ts";
import { factWords } from "./fact-words.ts";
import { binName, familyName } from "./family-names.ts";
import {
  cellWords,
  foilWords,
  noChoicesWords,
  noFamilyWords,
  noPairsWords,
  noSetWords,
  noSortWords,
} from "./family-words.ts";
import { minutesText } from "./minutes-text.ts";
import { noOralSetWords, oralAnswer, promptText, SKILL_NAME, spokenText } from "./oral-words.ts";

const SHORT = sequenceById("short-vowels-first");
if (!SHORT) throw new Error("the shipped sequence is missing");
const step13 = taughtAtStep(SHORT, 13);
const everything = taughtAtStep(SHORT, 99);

/** What no teacher should ever read: a code, an id, a missing value. */
const isPlain = (text: string) => expect(text).not.toMatch(/undefined|null|\[object|=|-[a-z]+-[a-z]+-|NaN|\{|\}/);

describe("families in words", () => {
  it.each([
    ["old", /^Only false friends: -old would be read \/.+\/, and told, old, hold say it another way\.$/],
    ["oon", /^Not within reach yet: soon, moon, noon need oo.*\.$/],
    ["atx", /^No word in the list has the rime -atx\.$/],
    ["all", /^Only shall has -all with what is taught/],
    ["", /^Type the letters/],
  ])("-%s is refused so that one knows what to do", (letters, says) => {
    const found = findFamily("rime", { letters }, { taught: step13 });
    expect(found.ok ? "" : noFamilyWords(found.reason)).toMatch(says);
  });

  it("every refusal of a set is a sentence", () => {
    const at = [{ letters: "at" }];
    for (const more of [
      { count: 2 },
      { families: [] },
      { families: [...at, ...at] },
      { families: [{ letters: "ough", sounds: "ʌ f" }], pictures: "only" as const },
      { families: [{ letters: "zzz" }] },
    ]) {
      const set = familySet({ kind: "rime", families: at, count: 8, taught: everything, ...more });
      if (set.ok) throw new Error(JSON.stringify(more));
      isPlain(noSetWords(set.reason));
      expect(noSetWords(set.reason)).toMatch(/\.$/);
    }
  });

  it("every cell of a grid says what it is", () => {
    const found = findFamily("rime", { letters: "ow" }, { taught: everything });
    const at = findFamily("rime", { letters: "ear" }, { taught: everything });
    if (!found.ok || !at.ok) throw new Error("not found");
    const grid = familyGrid({
      kind: "rime",
      families: [found.family, at.family],
      taught: everything,
      nonsense: true,
      endings: "marked",
    });
    const said = grid.rows.flatMap(({ cells }) => cells.map(cellWords));
    for (const text of said) isPlain(text);
    expect(said).toContain("bow is said in two ways");
    expect(said).toContain("cow: same letters, said /ow/");
    expect(said.some((text) => /^cear is no word, but sounds like seer/.test(text))).toBe(true);
    const later = familyGrid({ kind: "rime", families: [found.family], taught: step13 });
    expect(later.rows.flatMap(({ cells }) => cells.map(cellWords)).find((text) => text.startsWith("low:"))).toMatch(
      /not taught yet: ow/,
    );
  });

  it("names a rime with its dash before, a body with it behind", () => {
    expect([familyName({ kind: "rime", letters: "at" }), familyName({ kind: "body", letters: "ca" })]).toEqual([
      "-at",
      "ca-",
    ]);
  });

  it("bins, foils and refusals of a sort", () => {
    const bins = ["at", "an"].map((letters) => {
      const found = findFamily("rime", { letters }, { taught: everything });
      if (!found.ok) throw new Error(letters);
      return { by: "family" as const, family: found.family };
    });
    const sort = makeSort({ taught: everything, bins, perBin: 3, foils: 4, falseFriends: true, seed: 1 });
    if (!sort.ok) throw new Error(sort.reason.code);
    for (const foil of sort.foils) isPlain(foilWords(foil, bins));
    expect(sort.foils.map((foil) => foilWords(foil, bins))).toContain("swan: the letters of -an, said another way");
    for (const more of [
      { bins: [] },
      { perBin: 0 },
      { foils: 9 },
      { bins: [...bins, ...bins].slice(0, 3) },
      { bins: [...bins.slice(1), { by: "spelling" as const, gpc: "ough=uː" }] },
    ]) {
      const asked = { taught: step13, bins, perBin: 3, foils: 1, seed: 1, ...more };
      const refused = makeSort(asked);
      if (refused.ok) throw new Error(JSON.stringify(more));
      isPlain(noSortWords(refused.reason, asked.bins));
    }
    expect(binName({ by: "spelling", gpc: "a-e=eɪ" })).toBe("a-e");
    expect(binName({ by: "syllable-type", type: "r-controlled" })).toBe("vowel and r");
  });

  it("pairs and spellings", () => {
    for (const more of [{ count: 0 }, { b: ["ɪ"] }, { a: ["æ"], b: ["eɪ"] }, { position: "final" as const }]) {
      const refused = contrastSet({ taught: step13, a: ["ɪ"], b: ["e"], count: 4, ...more });
      if (refused.ok) throw new Error(JSON.stringify(more));
      isPlain(noPairsWords(refused.reason));
    }
    const choices = spellingChoices(["k"], { taught: everything });
    if (!choices.ok) throw new Error("no choices");
    for (const { facts } of choices.choices) for (const fact of facts) isPlain(factWords(fact));
    for (const sound of [["💥"], ["ɔɪ"]]) {
      const refused = spellingChoices(sound, { taught: step13 });
      isPlain(refused.ok ? "undefined" : noChoicesWords(refused.reason));
    }
  });
});

describe("ears-only items in words", () => {
  it.each(ORAL_SKILLS)("%s: a prompt that names the word, and an answer", (skill) => {
    const set = oralSet({ skill, count: 8, accent: GENERAL_AMERICAN, words: ["stop", "hand", "met", "ship"], seed: 2 });
    if (!set.ok) throw new Error(set.reason.code);
    isPlain(SKILL_NAME[skill]);
    for (const item of set.items) {
      const prompt = promptText(item);
      isPlain(prompt);
      expect(prompt).toMatch(/[.?]$/);
      if ("first" in item) expect(prompt).toContain(item.first.text);
      const answer = oralAnswer(item);
      isPlain(answer);
      expect(answer.length).toBeGreaterThan(1);
      // The answer is not given away by the question.
      if ("answer" in item && typeof item.answer === "object" && item.answer.isWord)
        expect(prompt.split(/[^a-z]+/)).not.toContain(item.answer.text);
    }
  });

  it.each([
    ["cot", "coat", "Say cot. In place of short o as in hot say /oa/ as in boat."],
    ["lap", "clap", "Say lap. Put /k/ as in kit before it."],
    ["cap", "clap", "Say cap. Put /l/ as in leg in, after /k/ as in kit."],
    ["go", "ago", "Say go. Put /uh/ as in banana before it."],
    ["see", "seat", "Say see. Put /t/ as in tap after it."],
    ["clap", "cap", "Say clap. Leave out /l/ as in leg."],
  ])("a chain for the ears, %s to %s: %s", (from, to, says) => {
    const items = oralChain([from, to]).flatMap((part) => part.items);
    expect(items.map(promptText)).toEqual([says]);
    expect(items.map(oralAnswer)).toEqual([to]);
  });

  it("a word is its letters, a part its letters and sounds", () => {
    expect(spokenText({ text: "cat", sounds: ["k", "æ", "t"], isWord: true })).toBe("cat");
    expect(spokenText({ text: "sop", sounds: ["s", "ɒ", "p"], isWord: false })).toMatch(/^sop \/s-.-p\/$/);
  });

  it("refusals say what to do", () => {
    for (const more of [
      { count: 0 },
      { source: "today-only" as const, words: [] },
      { source: "today-only" as const, words: ["cat"] },
    ]) {
      const refused = oralSet({
        skill: "take-from-cluster",
        count: 5,
        accent: GENERAL_AMERICAN,
        words: [],
        seed: 1,
        ...more,
      });
      if (refused.ok) throw new Error(JSON.stringify(more));
      isPlain(noOralSetWords(refused.reason));
      expect(noOralSetWords(refused.reason)).toMatch(/Choose|Let/);
    }
  });
});

describe("minutes", () => {
  it.each([
    [0.5, "½ minute"],
    [1, "1 minute"],
    [2, "2 minutes"],
    [7.5, "7½ minutes"],
    [20, "20 minutes"],
  ])("%s", (minutes, says) => {
    expect(minutesText(minutes)).toBe(says);
  });
});
