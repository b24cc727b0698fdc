import { describe, expect, it } from "vitest";
import {
  type ActivityContent,
  BLENDING_WAYS,
  CORRECTIONS,
  DEFAULT_PRACTICE,
  editableFieldsOf,
  FADINGS,
  GENERAL_AMERICAN,
  promptsOf,
  SUPPORTS,
  TURN_PATTERNS,
} from "../../core/index.ts";
import { activityLine, PLANNED_NAME } from "./activity-words.ts";
import {
  BLENDING_NAME,
  CORRECTION_NAME,
  FADING_NAME,
  promptLine,
  SUPPORT_NAME,
  settingsText,
  TURNS_NAME,
} from "./prompt-words.ts";

const lines = (content: ActivityContent) =>
  promptsOf(content, GENERAL_AMERICAN)
    .map(promptLine)
    .map(({ say, answer }) => (answer === undefined ? say : `${say} → ${answer}`));

const CONTENTS: readonly ActivityContent[] = [
  { kind: "sound-cards", gpcs: ["sh=ʃ"] },
  {
    kind: "hear-and-spell",
    sounds: [
      {
        sound: ["k"],
        gpcs: ["c=k", "k=k", "ck=k"],
        facts: { "ck=k": [{ fact: "after-one-vowel-letter", holds: "always" }] },
      },
    ],
  },
  { kind: "new-sound", gpc: "sh=ʃ", keyWord: "shell", facts: [], words: ["ship"] },
  { kind: "blending", words: ["ship"] },
  { kind: "read-chain", words: ["ship", "shop"] },
  { kind: "build-chain", words: ["lap", "clap", "cap"] },
  { kind: "family-walk", words: ["cat", "hat"], way: "rime-first" },
  { kind: "word-list", words: ["cat"] },
  { kind: "find-it", items: [{ word: "cat", foils: ["cap", "bat"] }] },
  { kind: "fill-the-gap", items: [{ word: "cat", unit: 1, choices: ["a", "i"] }] },
  { kind: "right-or-not", items: [{ word: "cat", shown: "cut" }] },
  { kind: "real-or-nonsense", items: [{ word: "zat", real: false }] },
  { kind: "dictation", words: ["cat"], sentences: ["A cat sat."] },
  { kind: "irregular-words", words: ["said"] },
  {
    kind: "sort",
    bins: [
      { bin: { by: "spelling", gpc: "ai=eɪ" }, words: ["rain"] },
      { bin: { by: "spelling", gpc: "ay=eɪ" }, words: ["day"] },
    ],
    table: ["rain", "dig"],
  },
  { kind: "text", text: "A cat sat.", targets: ["a=æ"] },
  { kind: "free", text: "Clap the beats." },
];

describe("what the helper says", () => {
  it.each([
    ["sound-cards", ["Show sh. Which sound? → /sh/ as in ship"]],
    ["hear-and-spell", ["Write every way you know to spell /k/ as in kit. → c, k, ck (after one vowel letter)"]],
    ["find-it", ["Show: bat, cap, cat. Point to cat."]],
    ["fill-the-gap", ["Say cat. Show c_t. Which goes in: a, i?"]],
    ["right-or-not", ["Say cat, show cut. Is it right? → not right: mend it"]],
    ["real-or-nonsense", ["Show zat. A real word, or nonsense? → nonsense"]],
    [
      "sort",
      [
        "Read it. Where does it go: ai, ay, or nowhere? → ai",
        "Read it. Where does it go: ai, ay, or nowhere? → nowhere",
      ],
    ],
    ["text", ["Look first: how often do you see a? Then read."]],
    ["free", ["Clap the beats."]],
    [
      "read-chain",
      [
        "Read this word. → ship",
        "Find short i as in pin in the middle. Change it to short o as in hot. What is the word? → shop",
      ],
    ],
    [
      "build-chain",
      [
        "Listen: lap. Say it, tap its sounds, build it.",
        "Now make it say clap. Which sound comes in? → /k/ as in kit at the beginning",
        "Now make it say cap. Which sound goes? → /l/ as in leg at the beginning",
      ],
    ],
    [
      "dictation",
      ["Listen: cat. Say it, tap it, write it, read it back.", "Listen, count the words, say it, write it: A cat sat."],
    ],
  ] as const)("%s", (kind, expected) => {
    expect(lines(CONTENTS.find((content) => content.kind === kind) as ActivityContent)).toEqual(expected);
  });

  it("a card whose letters have several taught sounds wants them all", () => {
    const content: ActivityContent = { kind: "sound-cards", gpcs: ["ed=t"], also: { "ed=t": ["ed=d", "ed=ɪ+d"] } };
    expect(lines(content)).toEqual(["Show ed. Which 3 sounds? → /t/ as in tap; /d/ as in dog; /id/"]);
  });

  it("a new sound has its cue for the mouth and the teacher's key word", () => {
    const [first] = lines(CONTENTS[2] as ActivityContent);
    expect(first).toMatch(/^This is sh\. It says \/sh\/ as in shell: .{10,}\./);
  });

  it("every kind of activity has a name, a line and something to say; sentences end as sentences do", () => {
    for (const content of CONTENTS) {
      expect(PLANNED_NAME[content.kind].length).toBeGreaterThan(2);
      const { words, note } = activityLine(content);
      expect(words.length + note.length, content.kind).toBeGreaterThan(0);
      for (const { say } of promptsOf(content, GENERAL_AMERICAN).map(promptLine))
        expect(say, content.kind).toMatch(/[.?!:]$|[a-z]$/);
    }
    expect(CONTENTS.filter((content) => editableFieldsOf(content).includes("words")).map(({ kind }) => kind)).toEqual([
      "blending",
      "read-chain",
      "build-chain",
      "family-walk",
      "word-list",
      "dictation",
      "irregular-words",
    ]);
  });
});

describe("choices in words", () => {
  it("every choice has a name of its own", () => {
    const named: readonly (readonly [readonly string[], Readonly<Record<string, string>>])[] = [
      [SUPPORTS, SUPPORT_NAME],
      [BLENDING_WAYS, BLENDING_NAME],
      [TURN_PATTERNS, TURNS_NAME],
      [CORRECTIONS, CORRECTION_NAME],
      [FADINGS, FADING_NAME],
    ];
    for (const [ids, names] of named) {
      expect(ids.map((id) => names[id]).every((name) => name !== undefined && name.length > 5)).toBe(true);
      expect(new Set(ids.map((id) => names[id])).size).toBe(ids.length);
    }
  });

  it.each([
    [{}, "my turn, together, your turn · tap aloud · 5 seconds to think"],
    [{ thinking: 1, support: "at-sight" }, "my turn, together, your turn · at sight · 1 second to think"],
    [{ thinking: 0, turns: "your-turn" }, "straight to your turn · tap aloud"],
  ] as const)("%j: %s", (more, expected) => {
    expect(settingsText({ ...DEFAULT_PRACTICE, ...more })).toBe(expected);
  });
});
