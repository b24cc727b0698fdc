import { describe, expect, it } from "vitest";
import {
  ACTIVITY_KIND_IDS,
  ACTIVITY_KINDS,
  type ActivityContent,
  ENDING_IDS,
  ENDINGS,
  GENERAL_AMERICAN,
  itemsOfContent,
  MODES,
  minutesFor,
  ORAL_SKILLS,
  OUTCOMES,
  oralSet,
  PATTERNS,
  PLANNED_KINDS,
  type PlannedKind,
  promptRow,
  promptsOf,
  RESPONSE_MODES,
  runItems,
  SET_KIND_IDS,
  SHEET_KINDS,
  SHEETS,
  shippedLexicon,
  withoutWords,
  wordsOfContent,
} from "../../core/index.ts";
import { ACTIVITY_WORK } from "../../core/practice/activity-work.ts";
import { SHORTCUTS } from "../../islands/shared/shortcuts.ts";
import { onPaper } from "../print/on-paper.ts";
import { ACTIVITY_WORDS, activityLine, PLANNED_NAME, SHELVES } from "./activity-words.ts";
import { oralAnswer, promptText, SKILL_NAME } from "./oral-words.ts";
import { patternName } from "./pattern-names.ts";
import { promptLine } from "./prompt-words.ts";
import { MODE_VERB, OUTCOME_WORDS, WAY_WORDS } from "./response-words.ts";
import { SET_WORDS } from "./set-words.ts";
import { SHEET_NAME } from "./sheet-words.ts";

/** Every registry is walked: a kind without words, pace, sheet or prompt fails here, whatever the compiler says. */

const itemOf = (skill: (typeof ORAL_SKILLS)[number]) => {
  const set = oralSet({ skill, count: 1, words: [], accent: GENERAL_AMERICAN, seed: 1 });
  if (!set.ok) throw new Error(`no item for ${skill}`);
  return set.items;
};

/** A small content of every kind. */
const CONTENTS: { readonly [K in ActivityContent["kind"]]: Extract<ActivityContent, { readonly kind: K }> } = {
  "ears-only": { kind: "ears-only", parts: [{ skill: "first-sound", items: itemOf("first-sound") }] },
  "hear-and-spell": { kind: "hear-and-spell", sounds: [{ sound: ["k"], gpcs: ["c=k", "k=k"] }] },
  dictation: { kind: "dictation", words: ["cat"], sentences: ["A cat sat."] },
  "sound-cards": { kind: "sound-cards", gpcs: ["sh=ʃ"] },
  "new-sound": { kind: "new-sound", gpc: "sh=ʃ", keyWord: "", facts: [], words: ["ship"] },
  blending: { kind: "blending", words: ["cat"] },
  "read-chain": { kind: "read-chain", words: ["cat", "hat"] },
  "word-list": { kind: "word-list", words: ["cat"] },
  "family-walk": { kind: "family-walk", words: ["cat", "hat"], way: "rime-first" },
  "irregular-words": {
    kind: "irregular-words",
    words: ["said"],
    odd: { said: ["ai"] },
    shownIn: { said: "Tom said it." },
  },
  "build-chain": { kind: "build-chain", words: ["cat", "hat"] },
  "fill-the-gap": { kind: "fill-the-gap", items: [{ word: "cat", unit: 1, choices: ["a", "i"] }] },
  "find-it": { kind: "find-it", items: [{ word: "cat", foils: ["cot"] }] },
  "right-or-not": { kind: "right-or-not", items: [{ word: "cat", shown: "cot" }] },
  "real-or-nonsense": { kind: "real-or-nonsense", items: [{ word: "zat", real: false }] },
  sort: {
    kind: "sort",
    bins: [
      { bin: { by: "spelling", gpc: "ai=eɪ" }, words: ["rain"] },
      { bin: { by: "spelling", gpc: "ay=eɪ" }, words: ["day"] },
    ],
    table: ["day", "rain"],
  },
  "which-word": { kind: "which-word", items: [{ sentence: "The cat sat.", word: "cat", foils: ["cut", "kit"] }] },
  "which-spelling": {
    kind: "which-spelling",
    items: [{ sentence: "The sun is hot.", word: "sun", foils: ["son"] }],
  },
  "word-parts": {
    kind: "word-parts",
    part: "suffix-s",
    meaning: "more than one",
    items: [{ base: "cat", word: "cats" }],
    sentences: ["Ten cats sat."],
  },
  text: {
    kind: "text",
    text: "A cat sat.",
    targets: ["a=æ"],
    questions: ["Who sat?"],
    statements: [{ sentence: "A dog sat.", isTrue: false }],
  },
  free: { kind: "free", text: "Sing." },
};

describe.each(ACTIVITY_KIND_IDS)("the activity kind %s", (kind) => {
  const content = CONTENTS[kind];
  it("has a name of its own, a line for the plan and a place on the shelf", () => {
    expect(ACTIVITY_WORDS[kind].name).toMatch(/\w/);
    const { words, note } = activityLine(content);
    expect(words.join("") + note).not.toBe("");
    expect(SHELVES.flatMap(([, kinds]) => kinds).filter((one) => one === kind)).toHaveLength(1);
    const typed = ACTIVITY_WORDS[kind].typed !== undefined;
    expect(typed).toBe((ACTIVITY_KINDS[kind].edits as readonly string[]).includes("text"));
  });

  it("has a pace, and a priority that no other kind has", () => {
    expect(minutesFor(kind, itemsOfContent(content))).toBeGreaterThanOrEqual(0.5);
    expect(itemsOfContent(content)).toBeGreaterThan(0);
    const same = Object.values(PLANNED_KINDS).filter(({ priority }) => priority === ACTIVITY_KINDS[kind].priority);
    expect(same).toHaveLength(1);
  });

  it("has prompts, each with something to say, and what is answered to in them", () => {
    const prompts = promptsOf(content, GENERAL_AMERICAN);
    expect(prompts.length).toBeGreaterThan(0);
    for (const prompt of prompts) expect(promptLine(prompt).say).toMatch(/\w/);
    for (const { target } of runItems(content, GENERAL_AMERICAN))
      if (target) expect(RESPONSE_MODES).toContain(target.mode);
  });

  it("has a row to travel in for every prompt, and on learners' paper says no more than it asks", () => {
    for (const prompt of promptsOf(content, GENERAL_AMERICAN)) {
      const { answer, text, choices } = promptRow(prompt);
      expect(answer + text).toMatch(/\w/);
      const item = onPaper(prompt);
      if (item?.kind !== "choose") continue;
      expect(item.choices.length).toBeGreaterThan(1);
      expect(item.choices).toEqual(choices.length > 0 ? choices : item.choices);
      expect(item.text.toLowerCase().split(/[^a-z]+/)).not.toContain(answer);
    }
  });

  it("is looked over and filled by functions of its own, and can be left without a word", () => {
    expect(ACTIVITY_WORK[kind].faults).toBeTypeOf("function");
    expect(ACTIVITY_WORK[kind].make).toBeTypeOf("function");
    const left = withoutWords(content, new Set(wordsOfContent(content)));
    if (left) expect(wordsOfContent(left)).toEqual([]);
    expect(withoutWords(content, new Set())).toEqual(content);
  });
});

describe("the other registries", () => {
  it.each(Object.keys(PLANNED_KINDS) as PlannedKind[])("%s can stand in a plan under a name", (kind) => {
    expect(PLANNED_NAME[kind]).toMatch(/\w/);
    expect(PLANNED_KINDS[kind].secondsPerItem).toBeGreaterThan(0);
  });

  it.each(SET_KIND_IDS)("a set of the kind %s has a name, a screen and a sheet", (kind) => {
    expect(SET_WORDS[kind].name).toMatch(/\w/);
    expect(SET_WORDS[kind].screen).toMatch(/\w/);
    expect(SHEETS[kind].madeFrom).toBe("set");
  });

  it.each(SHEET_KINDS)("the sheet %s has a name", (kind) => expect(SHEET_NAME[kind]).toMatch(/\w/));

  it.each(RESPONSE_MODES)("the mode %s has a verb; where it is counted has a name", (mode) => {
    expect(MODE_VERB[mode]).toMatch(/\w/);
    const { countedAs } = MODES[mode];
    if (countedAs) expect(WAY_WORDS[countedAs].name).toMatch(/\w/);
  });

  it.each(OUTCOMES)("the outcome %s has words, a button and a key", (outcome) => {
    expect(OUTCOME_WORDS[outcome].button).toMatch(/\w/);
    expect(OUTCOME_WORDS[outcome].told).toMatch(/\w/);
    expect(SHORTCUTS.teach[outcome].keys.length).toBeGreaterThan(0);
  });

  it.each(PATTERNS)("the pattern %s has a name", (pattern) => expect(patternName(pattern)).toMatch(/\w/));

  it.each(ENDING_IDS)(
    "the ending -%s asks for a pattern that can be taught, and stands in words of the list",
    (ending) => {
      expect(PATTERNS).toContain(ENDINGS[ending].pattern);
      expect(shippedLexicon().words.some(({ word }) => ENDINGS[ending].spelling.test(word))).toBe(true);
    },
  );

  it.each(ORAL_SKILLS)("the skill %s has a name, an item, a question and an answer", (skill) => {
    expect(SKILL_NAME[skill]).toMatch(/\w/);
    const [item] = itemOf(skill);
    expect(item && promptText(item)).toMatch(/\w/);
    expect(item && oralAnswer(item)).not.toBe("");
  });
});
