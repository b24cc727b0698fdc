import { describe, expect, it } from "vitest";
import {
  allFamilies,
  type Family,
  familyGrid,
  findFamily,
  type GridCell,
  sequenceById,
  shippedLexicon,
} from "../../src/core/index.ts";
import { taughtAtStep } from "../taught-at-step.ts";
import { isVowelPhone, joinedUnits, listings } from "./raw-dictionary.ts";

/**
 * Families held against the CMU Pronouncing Dictionary (npm `cmu-pronouncing-dictionary`) as it stands, and against
 * two published lists of rimes.
 */
const SHORT = sequenceById("short-vowels-first");
if (!SHORT) throw new Error("the shipped sequence is missing");
const everything = taughtAtStep(SHORT, 99);

/** Ways in which the dictionary says a word from its vowel on; weak vowels and r before which vowels scatter are joined. */
const rimes = (word: string): string[] =>
  listings(word).map((phones) => joinedUnits(phones.slice(phones.findIndex(isVowelPhone))).join(" "));
const saidOneWay = (word: string): boolean => new Set(rimes(word)).size === 1;
const rhyme = (a: string, b: string): boolean => rimes(a).some((rime) => rimes(b).includes(rime));

const cellsOf = (family: Family): GridCell[] =>
  familyGrid({ kind: "rime", families: [family], taught: everything, endings: "marked" }).rows.flatMap(
    ({ cells }) => cells,
  );
const wordsIn = (family: Family, ...states: GridCell["state"][]): string[] =>
  cellsOf(family).flatMap((cell) => (cell.state !== "empty" && states.includes(cell.state) ? [cell.word] : []));

describe("every family of the list", () => {
  const families = allFamilies("rime");

  it("its members rhyme by the dictionary, and its false friends do not", () => {
    let pairs = 0;
    let friends = 0;
    const strangers: string[] = [];
    const rhyming: string[] = [];
    for (const family of families) {
      const members = wordsIn(family, "real", "not-yet");
      const [model] = members;
      if (!model) continue;
      for (const word of members.slice(1)) {
        pairs++;
        if (!members.some((other) => other !== word && rhyme(other, word)))
          strangers.push(`${word} in -${family.letters}`);
      }
      for (const word of wordsIn(family, "false-friend")) {
        friends++;
        // A word the dictionary lists in two ways (aunt) may rhyme by the one that is not its leading one.
        const plain = members.filter((member) => saidOneWay(member));
        if (saidOneWay(word) && plain.some((member) => rhyme(member, word)))
          rhyming.push(`${word} with -${family.letters} (${model})`);
      }
    }
    process.stdout.write(`families: ${families.length}; ${pairs} members rhyme, ${friends} false friends do not\n`);
    expect(strangers).toEqual([]);
    expect(rhyming).toEqual([]);
    expect(pairs).toBeGreaterThan(3000);
    expect(friends).toBeGreaterThan(300);
  });

  it("what is spelled otherwise rhymes too", () => {
    const wrong: string[] = [];
    for (const family of families.slice(0, 400)) {
      const [column] = familyGrid({ kind: "rime", families: [family], taught: everything }).columns;
      const members = wordsIn(family, "real", "not-yet");
      for (const { words } of column?.spelledOtherwise ?? [])
        for (const { word } of words)
          if (members.length > 0 && !members.some((member) => rhyme(member, word)))
            wrong.push(`${word} with -${family.letters}`);
    }
    expect(wrong).toEqual([]);
  });
});

/** Wylie & Durrell (1970), the 37 rimes said to make nearly 500 primary words; from memory. */
const WYLIE_DURRELL =
  "ack ail ain ake ale ame an ank ap ash at ate aw ay eat ell est ice ick ide ight ill in ine ing ink ip it ock oke op ore ot uck ug ump unk";
/** Fry (1998), "The most common phonograms", words of one syllable per rime, 654 in all; figures from memory. */
const FRY =
  "ay 26 ill 26 ip 22 at 19 am 19 ag 19 ack 19 ank 19 ick 19 ell 18 ot 18 ing 18 ap 18 unk 17 ail 17 ain 17 eed 16 y 16 out 16 ug 16 op 16 in 15 an 15 est 14 ink 14 ow 14 ew 14 ore 14 ed 13 ab 13 ob 13 ock 13 ake 13 ine 12 ight 12 im 12 uck 12 um 12";

describe("published rimes, as a teacher finds them", () => {
  const count = (letters: string): number => {
    const found = findFamily("rime", { letters }, { taught: everything });
    if (!found.ok) throw new Error(`-${letters}: ${found.reason.code}`);
    return wordsIn(found.family, "real", "not-yet").length;
  };

  it("Wylie & Durrell's 37 are all found by their letters, and make words in the order of the published total", () => {
    const counts = WYLIE_DURRELL.split(" ").map((rime) => [rime, count(rime)] as const);
    expect(counts).toHaveLength(37);
    for (const [rime, words] of counts) expect(words, `-${rime}`).toBeGreaterThanOrEqual(5);
    const total = counts.reduce((sum, [, words]) => sum + words, 0);
    process.stdout.write(`families of the 37 rimes: ${total} words (published: nearly 500)\n`);
    expect(total).toBeGreaterThan(400);
    expect(total).toBeLessThan(650);
  });

  it("Fry's 38 are all found, each within half and double of the published count", () => {
    const rows = [...FRY.matchAll(/([a-z]+) (\d+)/g)].map(([, rime = "", published]) => ({
      rime,
      published: Number(published),
      ours: count(rime),
    }));
    expect(rows).toHaveLength(38);
    process.stdout.write(
      `families of Fry's phonograms, ours/published: ${rows.map((r) => `-${r.rime} ${r.ours}/${r.published}`).join(", ")}\n`,
    );
    for (const { rime, published, ours } of rows) {
      expect(ours, `-${rime}`).toBeGreaterThanOrEqual(published / 2);
      expect(ours, `-${rime}`).toBeLessThanOrEqual(published * 2);
    }
  });

  it("no suitable word of the list with the letters and the sound is missing from its family", () => {
    for (const rime of WYLIE_DURRELL.split(" ")) {
      const found = findFamily("rime", { letters: rime }, { taught: everything });
      if (!found.ok) throw new Error(rime);
      const members = new Set(wordsIn(found.family, "real", "not-yet", "two-ways", "false-friend"));
      const expected = shippedLexicon().words.filter(
        ({ word, syllables, suitability }) =>
          syllables === 1 && suitability === "suitable" && new RegExp(`^([^aeiouy]*|y|s?qu)${rime}$`).test(word),
      );
      expect(
        expected.filter(({ word }) => !members.has(word)).map(({ word }) => word),
        `-${rime}`,
      ).toEqual([]);
    }
  });
});
