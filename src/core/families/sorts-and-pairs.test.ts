import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { PICTURES } from "../../data/pictures/pictures.ts";
import { checkStep } from "../chains/step-check.ts";
import { inflectionOf } from "../lexicon/inflection.ts";
import { hasPicture, pictureOf } from "../lexicon/pictures.ts";
import { segment } from "../lexicon/segment.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { SEQUENCES, sequenceById } from "../scope/sequences.ts";
import { ACCENTS } from "../sounds/accents.ts";
import { syllablesOf } from "../spelling/syllables.ts";
import { contrastSet } from "./contrast-set.ts";
import { findFamily } from "./find-family.ts";
import { recommendedFamilies } from "./recommended-families.ts";
import { richFamilies } from "./rich-families.ts";
import { makeSort, type SortRequest, type WordSort } from "./sort.ts";
import type { Bin } from "./sort-bins.ts";
import { spellingChoices } from "./spelling-choices.ts";

const lexicon = shippedLexicon();
const SHORT = sequenceById("short-vowels-first");
if (!SHORT) throw new Error("the shipped sequence is missing");
const step13 = taughtAtStep(SHORT, 13);
const everything = taughtAtStep(SHORT, 99);

const familyBin = (letters: string): Bin => {
  const found = findFamily("rime", { letters }, { taught: everything });
  if (!found.ok) throw new Error(letters);
  return { by: "family", family: found.family };
};
const request = (bins: readonly Bin[], more: Partial<SortRequest> = {}): SortRequest => ({
  taught: everything,
  bins,
  perBin: 4,
  foils: 3,
  seed: 1,
  ...more,
});
const made = (asked: SortRequest): WordSort => {
  const sort = makeSort(asked);
  if (!sort.ok) throw new Error(JSON.stringify(sort.reason));
  return sort;
};

describe("a sort", () => {
  it("by family: every member belongs, every foil is one unit from a member and belongs nowhere", () => {
    for (const taught of [step13, everything])
      for (let k = 0; k < 6; k++) {
        const rich = richFamilies("rime", { taught }).filter(({ words }) => words.length >= 5);
        const bins = rich.slice(k, k + 2 + (k % 2)).map(({ family }): Bin => ({ by: "family", family }));
        const sort = made(request(bins, { taught }));
        const members = sort.bins.flatMap(({ words }) => words);
        sort.bins.forEach(({ bin, words }) => {
          expect(words).toHaveLength(4);
          for (const word of words) expect(bin.by === "family" && word.endsWith(bin.family.letters), word).toBe(true);
        });
        for (const foil of sort.foils) {
          expect(checkDecodable(foil.word, taught).decodable, foil.word).toBe(true);
          expect(members).not.toContain(foil.word);
          expect(
            bins.some((bin) => bin.by === "family" && foil.word.endsWith(bin.family.letters)),
            foil.word,
          ).toBe(false);
          if (foil.why === "one-unit-away") {
            expect(members).toContain(foil.from);
            expect(checkStep(foil.from, foil.word).single, `${foil.from} ${foil.word}`).toBe(true);
          }
        }
        expect([...sort.table].sort()).toEqual([...members, ...sort.foils.map(({ word }) => word)].sort());
      }
  });

  it("a false friend is let in when asked for, and told apart in the key", () => {
    const sort = made(request([familyBin("at"), familyBin("an")], { falseFriends: true }));
    expect(sort.foils.filter(({ why }) => why === "false-friend").map(({ word }) => word)).toEqual(
      expect.arrayContaining(["swan"]),
    );
    const without = made(request([familyBin("at"), familyBin("an")]));
    expect(without.foils.every(({ why }) => why === "one-unit-away")).toBe(true);
  });

  it("by spelling: each word has its bin's spelling and no other's", () => {
    const gpcs = ["ai=eɪ", "ay=eɪ", "a-e=eɪ"];
    const sort = made(request(gpcs.map((gpc) => ({ by: "spelling", gpc }))));
    sort.bins.forEach(({ words }, k) => {
      for (const word of words) {
        const has = gpcs.filter((gpc) =>
          segment(word)?.units.some((u) => `${u.grapheme}=${u.phonemes.join("+")}` === gpc),
        );
        expect(has, word).toEqual([gpcs[k]]);
      }
    });
  });

  it("by type of syllable: closed and not, near twins first", () => {
    const sort = made(
      request(
        [
          { by: "syllable-type", type: "closed" },
          { by: "syllable-type", type: "vowel-consonant-e" },
        ],
        { perBin: 6, foils: 0 },
      ),
    );
    const types = sort.bins.map(({ words }) => words.map((word) => syllablesOf(segment(word) as never)[0]?.type));
    expect(new Set(types[0])).toEqual(new Set(["closed"]));
    expect(new Set(types[1])).toEqual(new Set(["vowel-consonant-e"]));
    const twins = sort.bins[0]?.words.filter((word) =>
      sort.bins[1]?.words.some((other) => checkStep(word, other).single),
    );
    expect(twins?.length).toBeGreaterThanOrEqual(4);
    expect(
      made(
        request([
          { by: "syllable-type", type: "closed" },
          { by: "syllable-type", type: "not-closed" },
        ]),
      ).foils,
    ).toEqual([]);
  });

  it("same seed, same table; another seed, another order", () => {
    const bins = [familyBin("ip"), familyBin("op")];
    expect(made(request(bins)).table).toEqual(made(request(bins)).table);
    expect(made(request(bins)).table).not.toEqual(made(request(bins, { seed: 2 })).table);
  });

  it.each([
    [{ bins: [familyBin("at")] }, "bins-out-of-range"],
    [{ bins: ["at", "an", "ip", "op"].map(familyBin) }, "bins-out-of-range"],
    [{ bins: [familyBin("at"), familyBin("at")] }, "same-bin-twice"],
    [{ perBin: 1 }, "per-bin-out-of-range"],
    [{ perBin: 11 }, "per-bin-out-of-range"],
    [{ foils: 7 }, "foils-out-of-range"],
    [{ foils: -1 }, "foils-out-of-range"],
    [{ taught: step13, bins: [familyBin("at"), { by: "spelling", gpc: "ai=eɪ" }] as Bin[] }, "bin-too-small"],
  ])("refuses %#: %s", (more, code) => {
    expect(makeSort(request([familyBin("at"), familyBin("an")], more))).toMatchObject({ ok: false, reason: { code } });
  });
});

describe("minimal pairs", () => {
  it.each([
    [["ɪ"], ["e"]],
    [["ʃ"], ["tʃ"]],
    [["p"], ["b"]],
    [["æ"], ["ʌ"]],
  ])("%s and %s: every pair is one change between just these sounds, no word twice", (a, b) => {
    const found = contrastSet({ taught: everything, a, b, count: 10 });
    if (!found.ok) throw new Error(found.reason.code);
    expect(found.pairs.length).toBeGreaterThan(3);
    const words = found.pairs.flatMap((pair) => [pair.a, pair.b]);
    expect(new Set(words).size).toBe(words.length);
    for (const pair of found.pairs) {
      const step = checkStep(pair.a, pair.b);
      expect(step, `${pair.a} ${pair.b}`).toMatchObject({ single: true, kind: "change", position: pair.position });
      expect(step.single && [step.oldUnit?.phonemes, step.newUnit?.phonemes]).toEqual([a, b]);
      for (const word of [pair.a, pair.b]) expect(checkDecodable(word, everything).decodable, word).toBe(true);
    }
  });

  it("takes positions in turn, or the one asked for", () => {
    const found = contrastSet({ taught: everything, a: ["ʃ"], b: ["tʃ"], count: 6 });
    expect(found.ok && new Set(found.pairs.map(({ position }) => position)).size).toBe(2);
    const ends = contrastSet({ taught: everything, a: ["ʃ"], b: ["tʃ"], count: 6, position: "final" });
    expect(ends.ok && ends.pairs.every(({ position }) => position === "final")).toBe(true);
  });

  it("says where there are pairs, and which there are for the ears", () => {
    expect(contrastSet({ taught: step13, a: ["ʃ"], b: ["tʃ"], count: 4, position: "medial" })).toMatchObject({
      ok: false,
      reason: { code: "no-pairs", elsewhere: expect.arrayContaining(["initial", "final"]) },
    });
    const untaught = contrastSet({ taught: step13, a: ["æ"], b: ["eɪ"], count: 4 });
    expect(untaught).toMatchObject({ ok: false, reason: { code: "no-pairs", elsewhere: [] } });
    expect(!untaught.ok && untaught.reason.code === "no-pairs" && untaught.reason.byEar.length).toBeGreaterThan(2);
  });

  it.each([
    [{ count: 0 }, "count-out-of-range"],
    [{ count: 21 }, "count-out-of-range"],
    [{ a: ["ɒ"], b: ["ɔː"] }, "same-sound"],
  ])("refuses %j: %s", (more, code) => {
    const asked = { taught: everything, a: ["ɪ"], b: ["e"], count: 4, ...more };
    expect(contrastSet(asked)).toMatchObject({ ok: false, reason: { code } });
  });
});

describe("spellings of one sound", () => {
  const factsOf = (sound: string, grapheme: string) => {
    const found = spellingChoices([sound], { taught: everything });
    if (!found.ok) throw new Error(found.reason.code);
    return found.choices.find((choice) => choice.grapheme === grapheme)?.facts.map(({ fact }) => fact) ?? [];
  };

  /** National curriculum in England, English Appendix 1 (spelling), 2013: where these stand; from memory. */
  it.each([
    ["k", "ck", ["only-at-the-end", "after-one-vowel-letter"]],
    ["k", "c", ["not-before-e-i-y"]],
    ["k", "k", ["before-e-i-y"]],
    ["tʃ", "tch", ["only-at-the-end", "after-one-vowel-letter"]],
    ["dʒ", "dge", ["only-at-the-end", "after-one-vowel-letter"]],
    ["dʒ", "j", ["only-at-the-start"]],
    ["f", "ff", ["only-at-the-end", "after-one-vowel-letter"]],
    ["l", "ll", ["only-at-the-end", "after-one-vowel-letter"]],
    ["s", "c", ["before-e-i-y"]],
    ["eɪ", "ay", ["only-at-the-end"]],
    ["eɪ", "ai", ["never-at-the-end"]],
    ["ɔɪ", "oy", ["only-at-the-end"]],
    ["ɔɪ", "oi", ["never-at-the-end"]],
    ["eɪ", "a-e", ["over-a-consonant"]],
    ["oʊ", "oa", ["never-at-the-end"]],
  ])("/%s/ spelled %s stands %j", (sound, grapheme, facts) => {
    expect(factsOf(sound, grapheme)).toEqual(expect.arrayContaining(facts));
  });

  it.each(["k", "tʃ", "f", "eɪ", "oʊ"])("/%s/ is counted wherever a word of the list has it, word by word", (sound) => {
    const found = spellingChoices([sound], { taught: everything });
    if (!found.ok) throw new Error(found.reason.code);
    const lexicon = shippedLexicon();
    for (const { grapheme, gpc, at } of found.choices) {
      const places = { start: 0, inside: 0, end: 0 };
      for (const { word, syllables, band, readings } of lexicon.words) {
        const { units } = readings[0];
        if (syllables !== 1 || band > 4 || inflectionOf(word, lexicon)) continue;
        for (const [k, unit] of units.entries())
          if (unit.grapheme === grapheme && unit.phonemes.join() === sound)
            places[k === 0 ? "start" : k === units.length - 1 ? "end" : "inside"]++;
      }
      expect(at, gpc).toEqual(places);
    }
  });

  it("words of each are readable and have it; what is not taught is shown as such, without words", () => {
    const found = spellingChoices(["f"], { taught: step13 });
    if (!found.ok) throw new Error(found.reason.code);
    expect(found.choices.map(({ grapheme, taught }) => [grapheme, taught])).toEqual(
      expect.arrayContaining([
        ["f", true],
        ["ff", true],
        ["ph", false],
      ]),
    );
    for (const { grapheme, words } of found.choices)
      for (const word of words) {
        expect(checkDecodable(word, step13).decodable, word).toBe(true);
        expect(
          segment(word)?.units.some((unit) => unit.grapheme === grapheme),
          word,
        ).toBe(true);
      }
  });

  it.each([
    [["💥"], "no-such-sound"],
    [[], "no-such-sound"],
    [["ɔɪ"], "none-taught"],
  ])("%j is refused: %s", (sound, code) => {
    expect(spellingChoices(sound, { taught: step13 })).toMatchObject({ ok: false, reason: { code } });
  });
});

describe("families that the records call for", () => {
  const substitution = (gpc: string, said: string) => ({ gpc, said: [said], times: 5, chances: 12 });

  it("a vowel calls for a rime with it, beside one with the sound said instead", () => {
    const [first] = recommendedFamilies([substitution("e=e", "ɪ")], { taught: step13 });
    expect(first?.family.letters).toMatch(/^e/);
    expect(first?.beside?.letters).toBe(first?.family.letters.replace("e", "i"));
  });

  it("a beginning calls for a body with it or a rime that ends in it; never the same family twice", () => {
    const found = recommendedFamilies(
      [substitution("sh=ʃ", "tʃ"), substitution("ch=tʃ", "ʃ"), substitution("sh=ʃ", "s")],
      { taught: step13 },
    );
    expect(found.length).toBeGreaterThan(1);
    expect(new Set(found.map(({ family }) => JSON.stringify(family))).size).toBe(found.length);
    for (const { substitution: of, family } of found) expect(family.letters).toContain(of.gpc.split("=")[0]);
  });

  it("what no readable family holds is passed over, and so is what is no correspondence", () => {
    expect(recommendedFamilies([substitution("ough=uː", "ʌ"), substitution("💥=b", "p")], { taught: step13 })).toEqual(
      [],
    );
  });

  it("offers something for most vowels at every third step of both sequences", () => {
    for (const sequence of SEQUENCES)
      for (let step = 12; step <= sequence.steps.length; step += 6) {
        const taught = taughtAtStep(sequence, step);
        for (const { family, words } of recommendedFamilies([substitution("a=æ", "e"), substitution("i=ɪ", "e")], {
          taught,
        })) {
          expect(words).toBeGreaterThanOrEqual(4);
          expect(richFamilies(family.kind, { taught }).some((rich) => rich.family.letters === family.letters)).toBe(
            true,
          );
        }
      }
  });
});

describe("pictures", () => {
  it("every one is of a word that learners may see, and ships with its licence", () => {
    expect(PICTURES.size).toBeGreaterThan(150);
    const files = new Set(readdirSync("public/pictures"));
    expect(files.has("LICENCE.txt")).toBe(true);
    for (const [word, { file }] of PICTURES) {
      expect(lexicon.get(word), word).toBeDefined();
      expect(lexicon.unsuitable(word), word).toBeUndefined();
      expect(files.has(`${file}.svg`), file).toBe(true);
    }
    expect(files.size - 1).toBe(new Set([...PICTURES.values()].map(({ file }) => file)).size);
    expect(readFileSync("public/pictures/cat.svg", "utf8")).toContain("<svg");
  });

  it("one picture is of one word, so that hearing the one is never shown the other", () => {
    for (const accent of ACCENTS) {
      const shown = [...PICTURES.keys()].flatMap((word) => pictureOf(word, accent) ?? []);
      expect(new Set(shown).size, accent).toBe(shown.length);
    }
    expect([hasPicture("truck", "southern-british"), hasPicture("lorry", "southern-british")]).toEqual([false, true]);
    expect([
      hasPicture("cat", "general-american"),
      pictureOf("cat", "general-american"),
      hasPicture("that", "general-american"),
      pictureOf("that", "southern-british"),
    ]).toEqual([true, "/pictures/cat.svg", false, undefined]);
  });
});
