import { describe, expect, it } from "vitest";
import {
  closestSounds,
  graphemesOf,
  type LexiconWord,
  phonemesOf,
  segment,
  shippedLexicon,
  soundDistance,
} from "../../src/core/index.ts";

/**
 * Spelling facts of the National curriculum in England, English Appendix 1 (spelling), 2013, years 1 and 2,
 * with its example words, from memory: our segmentation holds the grapheme the rule is about.
 */
const CURRICULUM: readonly [rule: string, grapheme: string, words: string][] = [
  ["ff after a short vowel", "ff", "off"],
  ["ll after a short vowel", "ll", "well"],
  ["ss after a short vowel", "ss", "miss"],
  ["zz after a short vowel", "zz", "buzz"],
  ["ck after a short vowel", "ck", "back"],
  ["nk is n and k", "n", "bank think honk sunk"],
  ["tch after a short vowel", "tch", "catch fetch kitchen notch hutch"],
  ["v at the end takes an e", "ve", "have give"],
  ["ai inside", "ai", "rain wait train paid afraid"],
  ["oi inside", "oi", "oil join coin point soil"],
  ["ay at the end", "ay", "day play say way stay"],
  ["oy at the end", "oy", "boy toy enjoy annoy"],
  ["a-e", "a-e", "made came same take safe"],
  ["e-e", "e-e", "these theme complete"],
  ["i-e", "i-e", "five ride like time side"],
  ["o-e", "o-e", "home those woke hope hole"],
  ["u-e", "u-e", "rule rude use tube tune"],
  ["ar", "ar", "car start park arm garden"],
  ["ee", "ee", "see tree green meet week"],
  ["ea, long", "ea", "sea dream meat each"],
  ["ea, short", "ea", "head bread meant instead"],
  ["er, stressed", "er", "her term verb person"],
  ["er, weak", "er", "better under summer winter sister"],
  ["ir", "ir", "girl bird shirt first third"],
  ["ur", "ur", "turn hurt church burst"],
  ["oo", "oo", "food pool moon zoo soon book took foot wood good"],
  ["oa", "oa", "boat coat road coach goal"],
  ["oe", "oe", "toe goes"],
  ["ou", "ou", "out about mouth around sound"],
  ["ow", "ow", "now how brown down town own blow snow grow show"],
  ["ue", "ue", "blue clue true rescue"],
  ["ew", "ew", "new few grew flew drew threw"],
  ["ie, at the end", "ie", "lie tie pie cried tried dried"],
  ["ie, inside", "ie", "chief field thief"],
  ["igh", "igh", "high night light bright right"],
  ["or", "or", "for short born horse morning"],
  ["ore", "ore", "more score before wore shore"],
  ["aw", "aw", "saw draw yawn crawl"],
  ["au", "au", "author"],
  ["air", "air", "air fair pair hair chair"],
  ["ear", "ear", "dear hear beard near year bear pear wear"],
  ["are", "are", "bare dare care share scared"],
  ["y at the end of two syllables", "y", "very happy funny party"],
  ["ph", "ph", "dolphin phonics? elephant? phone"],
  ["wh", "wh", "when where which wheel while"],
  ["k before e, i and y", "k", "kent? sketch kit skin"],
  ["dge after a short vowel", "dge", "badge edge bridge fudge dodge"],
  ["ge at the end otherwise", "ge", "change charge bulge"],
  ["g before e, i, y", "g", "gem giant? magic"],
  ["c before e, i, y", "c", "race ice cell city fancy"],
  ["kn", "kn", "knock know knee"],
  ["gn", "gn", "gnat gnome"],
  ["wr", "wr", "write written wrote wrong wrap"],
  ["le at the end", "le", "table apple bottle little middle"],
  ["a before l", "a", "ball call walls"],
  ["al", "al", "walk talk"],
  ["o for the short u", "o", "other mother brother nothing Monday?"],
  ["ey at the end", "ey", "key donkey monkey chimney valley"],
  ["a after w and qu", "a", "want watch wander squash"],
  ["or after w", "or", "word work worm world worth"],
  ["ar after w", "ar", "war warm towards?"],
  ["s for the sound in usual", "s", "treasure usual? television?"],
];

describe("National curriculum spelling rules on their examples", () => {
  const cases = CURRICULUM.map(
    ([rule, grapheme, words]) => [rule, grapheme, words.split(" ").filter((w) => !w.endsWith("?"))] as const,
  );
  it.each(cases)("%s: %s", (_, grapheme, words) => {
    for (const word of words) {
      const found = segment(word);
      expect(found, `${word} is in the list`).toBeDefined();
      expect(found && graphemesOf(found), word).toContain(grapheme);
    }
  });
});

/** The 37 rimes of Wylie & Durrell (1970), said to make nearly 500 primary words; from memory. */
const RIMES =
  "ack ail ain ake ale ame an ank ap ash at ate aw ay eat ell est ice ick ide ight ill in ine ing ink ip it ock oke op ore ot uck ug ump unk".split(
    " ",
  );

describe("the 37 rimes", () => {
  const oneSyllable = shippedLexicon().words.filter(
    (entry) => entry.syllables === 1 && entry.suitability === "suitable",
  );
  /** What stands before the rime is consonants only, and the rime is said as most words with it say it. */
  const members = (rime: string): LexiconWord[] =>
    oneSyllable.filter(
      ({ word }) => word.endsWith(rime) && /^[^aeiouy]+$|^y$|^qu$|^squ$/.test(word.slice(0, -rime.length)),
    );

  it("are all found, and make words in the order of the published total", () => {
    expect(RIMES).toHaveLength(37);
    const counts = RIMES.map((rime) => [rime, members(rime).length] as const);
    for (const [rime, count] of counts) expect(count, `-${rime}`).toBeGreaterThanOrEqual(6);
    const total = counts.reduce((sum, [, count]) => sum + count, 0);
    process.stdout.write(`37 rimes make ${total} words of ours (published: nearly 500 primary words)\n`);
    expect(total).toBeGreaterThan(400);
    expect(total).toBeLessThan(700);
  });

  /**
   * Fry (1998), "The most common phonograms", The Reading Teacher 51: words of one syllable per rime, 654 in
   * all; figures from memory.
   */
  const FRY =
    "ay 26 ill 26 ip 22 at 19 am 19 ag 19 ack 19 ank 19 ick 19 ell 18 ot 18 ing 18 ap 18 unk 17 ail 17 ain 17 eed 16 y 16 out 16 ug 16 op 16 in 15 an 15 est 14 ink 14 ow 14 ew 14 ore 14 ed 13 ab 13 ob 13 ock 13 ake 13 ine 12 ight 12 im 12 uck 12 um 12";

  it("Fry's 38 phonograms are all found, and as rich as published", () => {
    const rows = [...FRY.matchAll(/([a-z]+) (\d+)/g)].map(([, rime = "", count]) => ({
      rime,
      published: Number(count),
      ours: members(rime).length,
    }));
    expect(rows).toHaveLength(38);
    process.stdout.write(
      `Fry's phonograms, ours/published: ${rows.map((r) => `-${r.rime} ${r.ours}/${r.published}`).join(", ")}\n`,
    );
    for (const { rime, published, ours } of rows) {
      expect(ours, `-${rime}`).toBeGreaterThanOrEqual(published / 2);
      expect(ours, `-${rime}`).toBeLessThanOrEqual(published * 2);
    }
    const total = rows.reduce((sum, { ours }) => sum + ours, 0);
    expect(Math.abs(total - 654) / 654).toBeLessThan(0.2);
  });

  it("words of one rime rhyme, but for false friends", () => {
    for (const rime of RIMES) {
      const endings = new Map<string, number>();
      for (const { readings } of members(rime)) {
        const vowel = readings[0].units.findIndex((unit) => unit.slot === "nucleus");
        const ending = readings[0].units
          .slice(vowel)
          .flatMap((unit) => unit.phonemes)
          .join(" ");
        endings.set(ending, (endings.get(ending) ?? 0) + 1);
      }
      const all = [...endings.values()].reduce((a, b) => a + b, 0);
      expect(Math.max(...endings.values()) / all, `-${rime}: ${[...endings.keys()]}`).toBeGreaterThan(0.7);
    }
  });
});

describe("closeness of sounds", () => {
  /** Pairs that Miller & Nicely (1955) found confused most in noise, against pairs hardly confused; from memory. */
  it.each([
    ["p", "t", "p", "z"],
    ["p", "k", "p", "m"],
    ["t", "k", "t", "v"],
    ["f", "θ", "f", "n"],
    ["v", "ð", "v", "t"],
    ["m", "n", "m", "s"],
    ["b", "d", "b", "ʃ"],
    ["d", "g", "d", "f"],
    ["s", "ʃ", "s", "m"],
    ["z", "ʒ", "z", "p"],
  ])("%s is closer to %s than %s to %s", (a, near, b, far) => {
    expect(soundDistance(a, near)).toBeLessThan(soundDistance(b, far));
  });

  it("short vowels are closest to their neighbours in height", () => {
    expect(closestSounds("e").slice(0, 3)).toContain("ɪ");
    expect(closestSounds("ɪ").slice(0, 3)).toContain("e");
    expect(closestSounds("æ").slice(0, 4)).toContain("e");
  });

  it("is symmetric, nothing is closer than the sound itself, and unknown sounds are an error", () => {
    for (const a of ["p", "ʃ", "eɪ", "ɜːr"]) {
      expect(soundDistance(a, a)).toBe(0);
      for (const b of closestSounds(a)) {
        expect(soundDistance(a, b)).toBe(soundDistance(b, a));
        expect(soundDistance(a, b)).toBeGreaterThan(0);
      }
    }
    expect(() => soundDistance("p", "💥")).toThrow(/No phoneme/);
  });
});

describe("place facts hold in the whole list", () => {
  const lead = shippedLexicon().words.map((entry) => entry.readings[0]);
  it.each([
    ["ck never begins a word", /^ck/],
    ["ng never begins a word", /^ng/],
    ["tch never begins a word", /^tch/],
    ["dge never begins a word", /^dge/],
  ])("%s", (_, pattern) => {
    expect(lead.filter(({ word }) => pattern.test(word))).toEqual([]);
  });
  it("ck, tch and dge follow a vowel of one sound written with one letter, or nearly always", () => {
    let all = 0;
    let after = 0;
    for (const { units } of lead)
      units.forEach((unit, k) => {
        if (!/^(ck|tch|dge)$/.test(unit.grapheme)) return;
        all++;
        if (units[k - 1]?.slot === "nucleus" && units[k - 1]?.grapheme.length === 1) after++;
      });
    expect(all).toBeGreaterThan(300);
    expect(after / all).toBeGreaterThan(0.97);
  });
  it("letters and phonemes always add up", () => {
    const addsUp = (reading: (typeof lead)[number]) =>
      reading.units.flatMap((unit) => unit.letters).length === reading.word.length &&
      phonemesOf(reading).every((id) => id.length > 0);
    expect(lead.filter((reading) => !addsUp(reading)).map(({ word }) => word)).toEqual([]);
  });
});
