import { describe, expect, it } from "vitest";
import { shippedLexicon } from "../../lexicon/shipped.ts";
import { parseSequence } from "../../scope/sequence.ts";
import { taughtAt } from "../../scope/taught-set.ts";
import { gpcById } from "../gpc.ts";
import { graphemesOf, phonemesOf } from "../segmentation.ts";
import { decode, decodings } from "./decode.ts";
import { READING_RULES } from "./rules.ts";

describe("decode", () => {
  it.each([
    ["kim", "k·i·m", "k ɪ m", "closed syllable"],
    ["bape", "b·a-e·p", "b eɪ p", "final e marks the vowel"],
    ["cent", "c·e·n·t", "s e n t", "soft c"],
    ["gim", "g·i·m", "dʒ ɪ m", "soft g"],
    ["jatch", "j·a·tch", "dʒ æ tʃ", "tch after a short vowel"],
    ["zoid", "z·oi·d", "z ɔɪ d", "vowel team"],
    ["vark", "v·ar·k", "v ɑːr k", "vowel and r"],
    ["rapple", "r·a·pp·le", "r æ p ə l", "doubled consonant"],
    ["fable", "f·a·b·le", "f eɪ b ə l", "open syllable"],
    ["blink", "b·l·i·n·k", "b l ɪ ŋ k", "n before k and g"],
    ["wasp", "w·a·s·p", "w ɒ s p", "a after w"],
    ["mo", "m·o", "m oʊ", "o at the end"],
    ["fy", "f·y", "f aɪ", "y at the end of a short word"],
    ["nubbed", "n·u·bb·ed", "n ʌ b d", "past tense after a voiced sound"],
  ])("%s is %s, by: %s", (spelling, graphemes, sounds, rule) => {
    const reading = decode(spelling);
    expect(reading && graphemesOf(reading).join("·")).toBe(graphemes);
    expect(reading && phonemesOf(reading).join(" ")).toBe(sounds);
    expect(reading?.rules).toContain(rule);
  });

  it("gives the other sound after the first", () => {
    const [first, ...others] = decodings("gick").map((reading) => phonemesOf(reading).join(" "));
    expect(first).toBe("dʒ ɪ k");
    expect(others).toContain("g ɪ k");
  });

  it("keeps to each taught set, asked in turn", () => {
    const taughtBy = (gpcs: string) =>
      taughtAt(parseSequence({ id: "t", name: "t", source: "made up", lines: `one | ${gpcs} | | ` }), 1);
    const [apart, together] = [taughtBy("c=k h=h i=ɪ p=p"), taughtBy("ch=tʃ i=ɪ p=p")];
    for (let turn = 0; turn < 2; turn++) {
      expect(decodings("chip", { taught: apart }).map((reading) => graphemesOf(reading).join("·"))).toEqual([
        "c·h·i·p",
      ]);
      expect(decodings("chip", { taught: together }).map((reading) => graphemesOf(reading).join("·"))).toEqual([
        "ch·i·p",
      ]);
    }
  });

  it("keeps to what is allowed", () => {
    const sequence = parseSequence({ id: "t", name: "t", source: "made up", lines: "one | s=s i=ɪ p=p h=h | | " });
    const taught = taughtAt(sequence, 1);
    expect(decode("sip", { taught })).toBeDefined();
    expect(decode("sap", { taught })).toBeUndefined();
    expect(decode("ship", { taught })?.units.map(({ grapheme }) => grapheme)).toEqual(["s", "h", "i", "p"]);
  });

  it.each(["", "bcd", "🙂", "c4t", "it's", "Sit", "a".repeat(200)])("cannot read %j", (spelling) => {
    expect(decodings(spelling)).toEqual([]);
  });

  it("uses only correspondences of the table, and every letter once", () => {
    for (const { id } of READING_RULES) expect(gpcById(id), id).toBeDefined();
    for (const { word } of shippedLexicon().words.slice(0, 3000))
      for (const reading of decodings(word)) {
        const letters = reading.units.flatMap((unit) => unit.letters).sort((a, b) => a - b);
        expect(letters, `${word} ${graphemesOf(reading)}`).toEqual([...word].map((_, k) => k));
      }
  });

  it("reads regular words of one syllable as the dictionary says them", () => {
    // Regular: every correspondence the first or second of its grapheme. Irregular readings of common
    // words (good, dead, snow/now) are among the alternatives, not first.
    let all = 0;
    let first = 0;
    let among = 0;
    const same = (text: string) =>
      text.replace(/j uː/g, "uː").replace(/ð/g, "θ").replace(/ɔː|ɑː/g, "ɒ").replace(/ə/g, "ɪ");
    for (const entry of shippedLexicon().words) {
      if (entry.syllables !== 1 || entry.readings[0].units.some((unit) => unit.commonness > 2)) continue;
      all++;
      const wanted = entry.readings.map((reading) => same(phonemesOf(reading).join(" ")));
      const read = decodings(entry.word).map((reading) => same(phonemesOf(reading).join(" ")));
      if (wanted.includes(read[0] ?? "")) first++;
      if (read.some((sounds) => wanted.includes(sounds))) among++;
    }
    expect(all).toBeGreaterThan(3000);
    expect(first / all).toBeGreaterThan(0.93);
    expect(among / all).toBeGreaterThan(0.96);
  });
});
