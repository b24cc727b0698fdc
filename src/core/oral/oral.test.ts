import { describe, expect, it } from "vitest";
import { FUNCTION_WORDS } from "../../data/lexicon/function-words.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { GENERAL_AMERICAN, SOUTHERN_BRITISH } from "../sounds/accents.ts";
import type { OralItem } from "./item.ts";
import { type OralSetRequest, oralSet, swapOralItem } from "./oral-set.ts";
import { fillRoutine } from "./routine.ts";
import { rudeSounds } from "./rude.ts";
import { isSayable } from "./sayable.ts";
import { ORAL_SKILLS, type OralSkill } from "./skills.ts";
import { isTrue } from "./verify.ts";

const lexicon = shippedLexicon();
const WORDS = "mash mesh met pet pen pan pin ship chip stop hand".split(" ");

const request = (skill: OralSkill, more: Partial<OralSetRequest> = {}): OralSetRequest => ({
  skill,
  count: 5,
  accent: GENERAL_AMERICAN,
  words: WORDS,
  seed: 1,
  ...more,
});
const items = (asked: OralSetRequest): readonly OralItem[] => {
  const set = oralSet(asked);
  if (!set.ok) throw new Error(`${asked.skill}: ${set.reason.code}`);
  return set.items;
};
const spokenIn = (item: OralItem) => [
  ...("first" in item ? [item.first] : []),
  ...("second" in item ? [item.second] : []),
  ...("parts" in item ? item.parts : []),
  ...("answers" in item ? item.answers : []),
  ...("answer" in item && typeof item.answer === "object" ? [item.answer] : []),
];

describe("ears-only items", () => {
  it.each(ORAL_SKILLS)(
    "%s: five true items, no key twice, no unsuitable word, in both accents and many seeds",
    (skill) => {
      for (const accent of [GENERAL_AMERICAN, SOUTHERN_BRITISH])
        for (let seed = 0; seed < 6; seed++) {
          const made = items(request(skill, { accent, seed, words: seed % 2 === 0 ? WORDS : [] }));
          expect(made).toHaveLength(5);
          expect(new Set(made.map(({ key }) => key)).size).toBe(5);
          for (const item of made) {
            expect(item.skill).toBe(skill);
            expect(isTrue(item, accent), item.key).toBe(true);
            for (const { text, isWord } of spokenIn(item)) {
              if (!isWord) continue;
              expect(lexicon.get(text), `${item.key}: ${text}`).toBeDefined();
              expect(lexicon.unsuitable(text), `${item.key}: ${text}`).toBeUndefined();
            }
          }
        }
    },
  );

  it("today's words come first where they serve", () => {
    const set = oralSet(request("first-sound"));
    expect(set.ok && set.fromToday).toBe(5);
    const rhymes = items(request("change-middle"));
    expect(rhymes.filter((item) => "first" in item && WORDS.includes(item.first.text)).length).toBeGreaterThan(2);
  });

  it("little words come last: none among words heard often", () => {
    for (const skill of ["first-sound", "middle-sound", "blend-sounds"] as const)
      for (const item of items(request(skill, { source: "heard-often", count: 20 })))
        for (const { text, isWord } of spokenIn(item)) if (isWord) expect(FUNCTION_WORDS.has(text), text).toBe(false);
  });

  it("as many rhymes as misses, and a miss shares the vowel", () => {
    const made = items(request("rhyme-or-not", { count: 10, words: [] }));
    expect(made.filter((item) => item.kind === "rhyme-or-not" && item.answer)).toHaveLength(5);
  });

  it("the same request with the same seed gives the same items; another seed, others", () => {
    const keys = (seed: number) => items(request("blend-sounds", { words: [], seed })).map(({ key }) => key);
    expect(keys(3)).toEqual(keys(3));
    expect(keys(3)).not.toEqual(keys(4));
  });

  it("what was used does not come again", () => {
    const first = items(request("take-beginning"));
    const then = items(request("take-beginning", { used: first.map(({ key }) => key) }));
    expect(then.filter(({ key }) => first.some((old) => old.key === key))).toEqual([]);
  });

  it("an item is swapped for one that the set has not, of the same answer where it is yes or no", () => {
    for (const skill of ["rhyme-or-not", "take-from-cluster", "split-sounds"] as const) {
      const made = items(request(skill));
      for (let k = 0; k < made.length; k++) {
        const other = swapOralItem(request(skill), made, k);
        expect(other && made.some(({ key }) => key === other.key)).toBe(false);
        expect(other && isTrue(other, GENERAL_AMERICAN)).toBe(true);
        const old = made[k];
        if (old?.kind === "rhyme-or-not") expect(other).toMatchObject({ answer: old.answer });
      }
    }
    expect(swapOralItem(request("first-sound"), [], 0)).toBeUndefined();
  });

  it.each([
    [{ count: 0 }, "count-out-of-range"],
    [{ count: 21 }, "count-out-of-range"],
    [{ count: 2.5 }, "count-out-of-range"],
    [{ source: "today-only", words: [] }, "no-words-given"],
    [{ source: "today-only", words: ["cat", "dog"] }, "words-do-not-serve"],
    [{ source: "today-only", words: ["qqq", "🙂"] }, "words-do-not-serve"],
  ] as const)("refuses %j: %s", (more, code) => {
    expect(oralSet(request("take-from-cluster", more as Partial<OralSetRequest>))).toMatchObject({
      ok: false,
      reason: { code },
    });
  });

  it("words that do not serve one skill: those that are offered instead do", () => {
    const asked = request("take-from-cluster", { source: "today-only", words: ["cat", "dog", "pin", "man", "bed"] });
    const set = oralSet(asked);
    if (set.ok || set.reason.code !== "words-do-not-serve") throw new Error("they serve");
    expect(set.reason.instead.length).toBeGreaterThan(0);
    for (const skill of set.reason.instead) expect(oralSet({ ...asked, skill }).ok, skill).toBe(true);
  });
});

describe("what a class must not be made to say", () => {
  const rude = rudeSounds(lexicon);
  it.each([
    ["r eɪ p", false],
    ["d æ m", false],
    ["æ s", false],
    ["p iː", false],
    ["k ʌ m", true],
    ["k æ t", true],
    ["g ʌ n", false],
  ])("/%s/ may be said: %s", (sounds, may) => {
    expect(rude.maySay(sounds.split(" "))).toBe(may);
  });

  it("neither grape without its g nor grass in two parts, whatever the seed", () => {
    for (let seed = 0; seed < 4; seed++) {
      const words = ["grape", "grass", "class", "peach", "speak", "clap", "crab", "gasp", "task"];
      for (const skill of [
        "take-beginning",
        "take-from-cluster",
        "take-end",
        "split-onset-rime",
        "blend-onset-rime",
        "blend-body-last",
      ] as const) {
        const set = oralSet(request(skill, { words, count: 8, seed }));
        if (!set.ok) continue;
        for (const item of set.items)
          for (const { sounds } of spokenIn(item))
            expect(["r eɪ p", "æ s", "p iː", "k r æ p"], item.key).not.toContain(sounds.join(" "));
      }
    }
  });

  it("no rhyme is looked for where a rude word is one: duck, sit, cart", () => {
    const words = ["duck", "sit", "cart", "rock", "cap", "hen", "man", "bug"];
    const made = items(request("say-a-rhyme", { words, count: 3, source: "today-only" }));
    for (const item of made)
      expect("first" in item && ["hen", "man", "bug"]).toContain("first" in item && item.first.text);
  });

  it("the school's own never-list counts by sound", () => {
    const strict = rudeSounds(lexicon, { never: ["sale"] });
    expect([strict.maySay(["s", "eɪ", "l"]), rude.maySay(["s", "eɪ", "l"])]).toEqual([false, true]);
    for (const item of items(request("blend-sounds", { never: ["pen", "mash"] })))
      expect(spokenIn(item).map(({ text }) => text)).not.toEqual(expect.arrayContaining(["pen"]));
  });
});

describe("sayable", () => {
  it.each([
    ["æ t", true],
    ["s ɒ p", true],
    ["s t ɒ p", true],
    ["k æ", false],
    ["ŋ æ t", false],
    ["t p ɒ", false],
    ["s t", false],
    ["b æ n d", true],
    ["k iː", true],
  ])("/%s/: %s", (text, may) => {
    const sounds = text.split(" ");
    expect(isSayable(sounds, sounds, lexicon)).toBe(may);
  });
});

describe("the check of an item", () => {
  const [take] = items(request("take-beginning"));
  const [change] = items(request("change-end"));
  const [yes] = items(request("rhyme-or-not"));
  it("catches a wrong answer, a wrong place, two changes, parts that do not join", () => {
    if (take?.kind !== "take" || change?.kind !== "change" || yes?.kind !== "rhyme-or-not") throw new Error("no items");
    const wrong = [
      { ...take, answer: { ...take.answer, sounds: take.first.sounds } },
      { ...take, at: 1 },
      { ...take, sound: "ʒ" },
      { ...change, answer: { ...change.answer, sounds: ["z", "iː", "z"] } },
      { ...change, at: 0 },
      { ...change, old: "ʒ" },
      { ...yes, answer: !yes.answer },
      { ...yes, second: yes.first },
    ];
    expect(wrong.map((item) => isTrue(item as OralItem, GENERAL_AMERICAN))).toEqual(wrong.map(() => false));
    const [blend] = items(request("blend-sounds"));
    if (blend?.kind !== "blend") throw new Error("no blend");
    expect(isTrue({ ...blend, parts: blend.parts.slice(1) }, GENERAL_AMERICAN)).toBe(false);
  });
});

describe("a routine", () => {
  const parts = [
    { skill: "rhyme-or-not", count: 3 },
    { skill: "blend-sounds", count: 5 },
    { skill: "blend-sounds", count: 5 },
    { skill: "take-from-cluster", count: 2 },
  ] as const;
  const rules = { accent: GENERAL_AMERICAN, words: WORDS, parts };

  it("is filled in its order, and nothing comes twice in ten days", () => {
    const used: string[] = [];
    for (let day = 0; day < 10; day++) {
      const filled = fillRoutine({ ...rules, seed: day, used });
      expect(filled.map((part) => part.ok && [part.skill, part.items.length])).toEqual(
        parts.map(({ skill, count }) => [skill, count]),
      );
      const keys = filled.flatMap((part) => (part.ok ? part.items.map(({ key }) => key) : []));
      expect(keys.filter((key) => used.includes(key))).toEqual([]);
      expect(new Set(keys).size).toBe(keys.length);
      used.push(...keys);
    }
  });

  it("a part that cannot be filled says why, and the others are filled", () => {
    const filled = fillRoutine({ ...rules, words: ["cat", "dog", "hat"], source: "today-only", seed: 1 });
    expect(filled.map(({ ok }) => ok)).toContain(false);
    expect(filled.find(({ ok }) => !ok)).toMatchObject({ reason: { code: "words-do-not-serve" } });
  });

  it("an accent's own list is used: in Southern British bath has a long vowel", () => {
    expect(lexiconIn(lexicon, SOUTHERN_BRITISH).accent).toEqual(SOUTHERN_BRITISH);
    const british = items(
      request("middle-sound", {
        accent: SOUTHERN_BRITISH,
        words: ["bath", "path", "pass", "cat", "hat"],
        source: "today-only",
        count: 5,
      }),
    );
    const bath = british.find((item) => "first" in item && item.first.text === "bath");
    expect(bath && "answer" in bath && bath.answer).toBe("ɑː");
  });
});
