import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { checkStep } from "../chains/step-check.ts";
import { inflectionOf } from "../lexicon/inflection.ts";
import { segment } from "../lexicon/segment.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { SEQUENCES, sequenceById } from "../scope/sequences.ts";
import { SOUTHERN_BRITISH } from "../sounds/accents.ts";
import { onsetRimeOf, rimeSounds } from "../spelling/onset-rime.ts";
import { canBeHeld, difficultyOf } from "./difficulty.ts";
import { type Family, readFamilyLetters } from "./family.ts";
import { familySet } from "./family-set.ts";
import { findFamily, type NoFamily } from "./find-family.ts";
import { allFamilies, familyGrid } from "./grid.ts";
import { richFamilies } from "./rich-families.ts";
import { familyWalk } from "./walk.ts";
import { partLetters, walkParts } from "./walk-parts.ts";

const lexicon = shippedLexicon();
const SHORT = sequenceById("short-vowels-first");
if (!SHORT) throw new Error("the shipped sequence is missing");
const step13 = taughtAtStep(SHORT, 13);
const everything = taughtAtStep(SHORT, 99);

const family = (letters: string, taught = everything, kind: "rime" | "body" = "rime"): Family => {
  const found = findFamily(kind, { letters }, { taught });
  if (!found.ok) throw new Error(`${letters}: ${found.reason.code}`);
  return found.family;
};
const reasonOf = (letters: string, taught = step13, kind: "rime" | "body" = "rime"): NoFamily => {
  const found = findFamily(kind, { letters }, { taught });
  if (found.ok) throw new Error(`${letters} is found`);
  return found.reason;
};
/** Letters from the first vowel letter of the reading on, and dictionary phones from the vowel on: nothing of the grid's. */
const rimeInList = (word: string) => {
  const parts = onsetRimeOf(segment(word) as never);
  return parts && rimeSounds(parts);
};

describe("a family is found", () => {
  it.each([
    ["-at", "at"],
    ["AT", "at"],
    [" at- ", "at"],
    ["a_e", "a-e"],
    ["ca–e", "ca-e"],
  ])("written %j it is %j", (typed, letters) => {
    expect(readFamilyLetters(typed)).toBe(letters);
  });

  it("of two sounds the one with more readable words is meant, and the other is named", () => {
    const found = findFamily("rime", { letters: "ow" }, { taught: everything });
    expect(found).toMatchObject({ ok: true, family: { sounds: "oʊ" }, others: [{ sounds: "aʊ" }] });
    const other = findFamily("rime", { letters: "ow", sounds: "aʊ" }, { taught: everything });
    expect(other).toMatchObject({ ok: true, family: { sounds: "aʊ" } });
  });

  it.each([
    ["atx", "no-such-family"],
    ["🙂", "no-such-family"],
    ["", "no-letters"],
    ["--", "no-letters"],
    ["old", "only-false-friends"],
    ["oon", "not-taught"],
    ["all", "one-member"],
  ])("-%s is refused: %s, with families that work", (letters, code) => {
    const reason = reasonOf(letters);
    expect(reason.code).toBe(code);
    expect(reason.nearest.length).toBeGreaterThan(0);
    for (const near of reason.nearest) {
      const set = familySet({ kind: "rime", families: [near], count: 4, taught: step13 });
      expect(set.ok && set.words.length, near.letters).toBe(4);
    }
  });

  it("a sound asked for that no word has is only false friends", () => {
    const found = findFamily("rime", { letters: "at", sounds: "eɪ t" }, { taught: everything });
    expect(found).toMatchObject({ ok: false, reason: { code: "only-false-friends" } });
  });

  it("a body with one ending says which word, and offers bodies that work", () => {
    const reasons = allFamilies("body").flatMap(({ letters, sounds }) => {
      const found = findFamily("body", { letters, sounds }, { taught: step13 });
      return found.ok ? [] : [found.reason];
    });
    const lone = reasons.filter(({ code }) => code === "one-member");
    expect(lone.length).toBeGreaterThan(10);
    for (const reason of lone) {
      expect(reason).toMatchObject({ code: "one-member", word: expect.stringMatching(/^[a-z]+$/) });
      expect(reason.nearest.length).toBeGreaterThan(0);
    }
  });

  it("what is not taught is named by the word that lacks least", () => {
    expect(reasonOf("ow")).toMatchObject({ code: "not-taught", missing: [{ kind: "gpc", grapheme: "ow" }] });
  });
});

describe("the grid", () => {
  it("is every beginning × every rime, as going through the list word by word gives it", () => {
    const families = allFamilies("rime");
    const grid = familyGrid({ kind: "rime", families, taught: everything, endings: "marked" });
    const inGrid = new Map<string, string>();
    grid.rows.forEach(({ cells }) => {
      cells.forEach((cell, k) => {
        if (cell.state === "empty") return;
        const { sounds } = families[k] as Family;
        if (cell.state !== "false-friend") {
          expect(cell.word.endsWith((families[k] as Family).letters), cell.word).toBe(true);
          if (cell.state !== "two-ways") expect(rimeInList(cell.word), cell.word).toBe(sounds);
        } else expect(cell.sounds, cell.word).not.toBe(sounds);
        if (cell.state === "real" || cell.state === "not-yet") inGrid.set(cell.word, cell.state);
      });
    });
    // By brute force: every suitable word of one syllable that is said in one way stands in its own family.
    let words = 0;
    for (const { word, syllables } of lexicon.words) {
      if (syllables !== 1 || lexicon.unsuitable(word)) continue;
      const reading = segment(word);
      if (!reading || !onsetRimeOf(reading) || !inGrid.has(word)) continue;
      words++;
      const judged = checkDecodable(word, { ...everything, words: new Set() });
      expect(inGrid.get(word), word).toBe(judged.decodable ? "real" : "not-yet");
    }
    const oneWay = lexicon.words.filter(
      ({ word, syllables, readings }) =>
        syllables === 1 && readings.length === 1 && !lexicon.unsuitable(word) && onsetRimeOf(readings[0]),
    );
    expect(oneWay.filter(({ word }) => !inGrid.has(word)).map(({ word }) => word)).toEqual([]);
    expect(words).toBeGreaterThan(4500);
  });

  it("keeps false friends, other spellings and unsuitable words apart", () => {
    const grid = familyGrid({
      kind: "rime",
      families: [family("at"), family("ake")],
      taught: everything,
      nonsense: true,
    });
    const cells = grid.rows.flatMap(({ cells }) => cells);
    const state = (word: string) => cells.find((cell) => cell.state !== "empty" && cell.word === word)?.state;
    expect([state("cat"), state("swat"), state("zat"), state("wat")]).toEqual([
      "real",
      "false-friend",
      "nonsense",
      undefined,
    ]);
    expect([state("fat"), state("prat"), state("twat"), state("kake")]).toEqual([
      undefined,
      undefined,
      undefined,
      "sounds-like",
    ]);
    expect(grid.columns[0]?.falseFriends.map(({ word }) => word)).toContain("swat");
    expect(
      grid.columns[1]?.spelledOtherwise.find(({ letters }) => letters === "eak")?.words.map(({ word }) => word),
    ).toEqual(expect.arrayContaining(["steak", "break"]));
  });

  it("a word said both ways is in neither family silently", () => {
    const grid = familyGrid({ kind: "rime", families: [family("ow")], taught: everything });
    const bow = grid.rows.flatMap(({ cells }) => cells).find((cell) => cell.state !== "empty" && cell.word === "bow");
    expect(bow?.state).toBe("two-ways");
  });

  it("the school's own never-list wins, and endings are let in only when asked for", () => {
    const words = (rules: object) =>
      familyGrid({ kind: "body", families: [family("ca", everything, "body")], taught: everything, ...rules })
        .rows.flatMap(({ cells }) => cells)
        .flatMap((cell) => (cell.state === "real" ? [cell.word] : []));
    expect(words({})).toContain("cat");
    expect(words({ never: ["cat"] })).not.toContain("cat");
    expect(words({})).not.toContain("cats");
    expect(words({ endings: "marked" })).toContain("cats");
  });

  it("nonsense words of every family are neither words nor taken for words, in letters and in the list", () => {
    const known = new Set([
      ...lexicon.words.map(({ word }) => word),
      ...lexicon.otherWords,
      ...lexicon.unsuitableWords,
    ]);
    for (const kind of ["rime", "body"] as const)
      for (const { family: one } of richFamilies(kind, { taught: step13 }).slice(0, 12)) {
        const grid = familyGrid({ kind, families: [one], taught: step13, nonsense: true });
        for (const cell of grid.rows.flatMap(({ cells }) => cells))
          if (cell.state === "nonsense") {
            expect(known.has(cell.word), cell.word).toBe(false);
            expect(cell.word.startsWith(one.letters) || cell.word.endsWith(one.letters), cell.word).toBe(true);
          }
      }
  });

  it("goes by the accent: bath is a false friend of math in Southern British alone", () => {
    const british = taughtAtStep(SHORT, 99, SOUTHERN_BRITISH);
    const states = (taught: typeof everything) => {
      const found = findFamily("rime", { letters: "ass" }, { taught });
      return found.ok ? [found.family.sounds, found.others.length] : [];
    };
    expect(states(everything)).toEqual(["æ s", 0]);
    expect(states(british)[1]).toBe(1);
  });
});

describe("a set", () => {
  const set = (more: object, letters = ["at", "an"]) =>
    familySet({ kind: "rime", families: letters.map((l) => ({ letters: l })), count: 8, taught: everything, ...more });

  it("is decodable, suitable, said in one way, and dealt out evenly", () => {
    const made = set({ count: 12 });
    if (!made.ok) throw new Error(made.reason.code);
    expect(made.words).toHaveLength(12);
    for (const { word, family: of } of made.words) {
      expect(checkDecodable(word, everything).decodable, word).toBe(true);
      expect(lexicon.unsuitable(word), word).toBeUndefined();
      expect(rimeInList(word), word).toBe(of.sounds);
      expect(inflectionOf(word, lexicon), word).toBeUndefined();
    }
    expect(made.words.filter(({ family: of }) => of.letters === "at")).toHaveLength(6);
  });

  it("commonest first, or single sounds that can be held, then stopped ones, then clusters", () => {
    const easy = set({ order: "easiest", count: 20 }, ["ip"]);
    if (!easy.ok) throw new Error(easy.reason.code);
    const hard = easy.words.map(({ reading }) => difficultyOf(onsetRimeOf(reading)?.onset ?? []));
    expect(hard).toEqual([...hard].sort((a, b) => a - b));
    expect(easy.words[0]?.word).toMatch(/^(rip|lip|sip|nip|ship|zip|whip)$/);
    expect([canBeHeld("m"), canBeHeld("p"), canBeHeld("h"), canBeHeld("tʃ"), canBeHeld("ʃ")]).toEqual([
      true,
      false,
      false,
      false,
      true,
    ]);
  });

  it("nonsense up to its share; pictures first or alone; words used lately last", () => {
    const mixed = set({ nonsenseShare: 0.25 });
    expect(mixed.ok && mixed.words.filter(({ nonsense }) => nonsense).length).toBe(2);
    const pictured = set({ pictures: "only" });
    expect(
      pictured.ok && pictured.words.every(({ picture }) => picture) && pictured.words.map(({ word }) => word),
    ).toEqual(expect.arrayContaining(["cat", "man"]));
    const first = set({ pictures: "first", count: 4 });
    expect(first.ok && first.words.every(({ picture }) => picture)).toBe(true);
    const fresh = set({ recent: ["cat", "that"], count: 8 });
    expect(fresh.ok && fresh.words.map(({ word }) => word)).not.toContain("cat");
  });

  it.each([
    [{ count: 3 }, "count-out-of-range"],
    [{ count: 25 }, "count-out-of-range"],
    [{ count: 0 }, "count-out-of-range"],
    [{ count: 4.5 }, "count-out-of-range"],
    [{ families: [] }, "families-out-of-range"],
    [{ families: [{ letters: "at" }, { letters: "-AT" }] }, "same-family-twice"],
    [{ families: [{ letters: "xyz" }] }, "no-such-family"],
    [{ families: [{ letters: "ough", sounds: "ʌ f" }], pictures: "only" }, "no-pictures"],
  ])("refuses %j: %s", (more, code) => {
    expect(set(more)).toMatchObject({ ok: false, reason: { code } });
  });

  it("gives what there is when a family is smaller than what is asked", () => {
    const made = set({ count: 24 }, ["ask"]);
    expect(made.ok && made.words.length < made.asked && made.words.length > 3).toBe(true);
  });
});

describe("a family as a chain", () => {
  it("every neighbour is one step away, over the richest families of both sequences", () => {
    let words = 0;
    for (const sequence of SEQUENCES)
      for (const step of [8, 20, 40]) {
        const taught = taughtAtStep(sequence, step);
        for (const kind of ["rime", "body"] as const)
          for (const { family: one } of richFamilies(kind, { taught }).slice(0, 6)) {
            const made = familySet({ kind, families: [one], count: 12, taught });
            if (!made.ok) continue;
            const given = made.words.map(({ word }) => word);
            const walk = familyWalk(given, [one], { taught });
            walk.words.slice(1).forEach((word, k) => {
              words++;
              expect(checkStep(walk.words[k] as string, word).single, `${walk.words[k]} ${word}`).toBe(true);
            });
            expect(new Set(walk.words).size).toBe(walk.words.length);
            expect([...walk.words, ...walk.leftOut].filter((word) => !walk.added.includes(word)).sort()).toEqual(
              [...given].sort(),
            );
          }
      }
    expect(words).toBeGreaterThan(300);
  });

  it("brings a word in to join others up, and says whom no step leads to", () => {
    const rules = { taught: everything };
    expect(familyWalk(["smack", "clack"], [family("ack")], rules)).toMatchObject({
      leftOut: [],
      added: [expect.any(String)],
    });
    expect(familyWalk(["at", "cat", "flat"], [family("at")], rules)).toMatchObject({ leftOut: ["flat"] });
    expect(familyWalk([], [], rules)).toMatchObject({ words: [], leftOut: [], added: [] });
    expect(familyWalk(["cat", "qqq"], [], rules)).toMatchObject({ leftOut: ["qqq"] });
  });

  it.each([
    ["cat", "rime-first", "at", "c"],
    ["cat", "body-first", "ca", "t"],
    ["flake", "rime-first", "ake", "fl"],
    ["flake", "body-first", "fla–e", "k"],
    ["at", "rime-first", "at", ""],
    ["tree", "body-first", "tree", ""],
  ] as const)("%s, %s: %s and %s", (word, way, first, second) => {
    const reading = segment(word);
    const parts = reading && walkParts(reading, way);
    if (!reading || !parts) throw new Error(word);
    expect([partLetters(reading, parts.first), partLetters(reading, parts.second)]).toEqual([first, second]);
  });

  it("the two parts are the whole word, whatever the word", () => {
    const short = lexicon.words.filter(({ syllables }) => syllables === 1);
    fc.assert(
      fc.property(fc.nat(short.length - 1), fc.boolean(), (k, rime) => {
        const reading = short[k]?.readings[0];
        const parts = reading && walkParts(reading, rime ? "rime-first" : "body-first");
        if (!reading || !parts) return;
        expect([...parts.first, ...parts.second].sort((a, b) => a - b)).toEqual(reading.units.map((_, n) => n));
      }),
      { seed: 5, numRuns: 300 },
    );
  });
});
