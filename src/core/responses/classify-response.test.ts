import { distance } from "fastest-levenshtein";
import { describe, expect, it } from "vitest";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { LexiconWord } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { type AccentSettings, GENERAL_AMERICAN, MERGERS, SOUTHERN_BRITISH } from "../sounds/accents.ts";
import { closestSounds } from "../sounds/closeness.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { soundClass } from "../sounds/sound-class.ts";
import { alignmentsOf } from "./alignments.ts";
import { type ClassifiedResponse, classifyResponse } from "./classify-response.ts";
import type { AnswerWay } from "./response-modes.ts";

const lexicon = shippedLexicon();
const judged = (target: string, response: string | readonly string[], mode: AnswerWay, more = {}) =>
  classifyResponse(target, response, { mode, ...more });

/** `"ship: substitution 0 tʃ"`: what was found, in short. */
const inShort = ({ findings }: Pick<ClassifiedResponse, "findings">) =>
  findings
    .map((finding) => {
      switch (finding.kind) {
        case "correct":
        case "unrelated":
        case "no-rhyme":
        case "other-parts":
          return finding.kind;
        case "transposition":
          return `transposition ${finding.units.join(" ")}`;
        case "insertion":
          return `insertion before ${finding.before} ${finding.said.join("+")}`;
        default:
          return `${finding.kind} ${finding.unit}${finding.said.length > 0 ? ` ${finding.said.join("+")}` : ""}`;
      }
    })
    .join(", ");

describe("what was said", () => {
  it.each([
    ["ship", "chip", "substitution 0 tʃ"],
    ["sail", "sale", "correct"],
    ["boat", "bote", "correct"],
    ["hope", "hop", "substitution 1 ɒ"],
    ["stop", "top", "omission 0"],
    ["cap", "clap", "insertion before 1 l"],
    ["felt", "fetl", "transposition 2 3"],
    ["stop", "spot", "transposition 1 3"],
    ["cat", "cats", "insertion before 3 s"],
    ["jumped", "jump", "omission 4"],
    ["cat", "dog", "unrelated"],
    ["fish", "f … i … sh", "correct"],
    ["ship", "s h i p", "substitution 0 s+h"],
    ["zat", "sat", "substitution 0 s"],
    ["string", "sting", "omission 2"],
  ])("%s said as %s: %s", (target, said, expected) => {
    expect(inShort(judged(target, said, "read"))).toBe(expected);
  });

  it.each([
    ["hope", "hop", ["vowel-length", "final-e-ignored"]],
    ["bad", "bat", ["voicing"]],
    ["stop", "top", ["cluster-reduced"]],
    ["jumped", "jump", ["ending-dropped"]],
    ["cat", "cats", ["ending-added"]],
    ["fish", "f i s h", ["digraph-as-two-letters"]],
    ["rain", "ran", ["vowel-length"]],
  ])("%s said as %s shows %j", (target, said, patterns) => {
    expect(judged(target, said, "read").patterns).toEqual(expect.arrayContaining(patterns));
  });

  it("a word of the chain that was said instead is named, and so is a letter's other taught sound", () => {
    expect(judged("shop", "ship", "read", { neighbours: ["ship", "chop"] }).patterns).toContain("neighbouring-word");
    const taught = { gpcs: new Map([["i=ɪ", "any"]]) };
    expect(judged("mild", "milled", "read", { taught }).patterns).toContain("other-taught-sound");
    expect(judged("mild", "milled", "read").patterns).not.toContain("other-taught-sound");
  });

  it("several ways to see it that are as good are all kept, and the answer is not sure", () => {
    const { sureness, others } = judged("mum", "mummum", "read");
    expect([sureness, others.length > 0]).toEqual(["unsure", true]);
    expect(judged("ship", "chip", "read")).toMatchObject({ sureness: "sure", others: [] });
  });
});

describe("what was built or written", () => {
  it.each([
    ["pit", "pet", "substitution 1 e"],
    ["feet", "fet", "substitution 1 e"],
    ["hope", "hop", "substitution 1 ɒ"],
    ["zip", "sip", "substitution 0 s"],
    ["sing", "sin", "substitution 2 n"],
    ["felt", "fetl", "transposition 2 3"],
    ["cap", "clap", "insertion before 1 l"],
    ["box", "boks", "other-spelling 2 k+s"],
    ["queen", "kween", "other-spelling 0 k+w"],
    ["little", "littel", "other-spelling 3 e+l"],
    ["back", "bak", "other-spelling 2 k"],
    ["said", "sed", "other-spelling 1 e"],
    ["dog", "bog", "letter-reversal 0 b"],
    ["clap", "cap", "omission 1"],
    ["nut", "unt", "transposition 0 1"],
  ])("%s written as %s: %s", (target, written, expected) => {
    expect(inShort(judged(target, written, "written"))).toBe(expected);
  });

  it("two tiles for one sound spell the word, and are named", () => {
    expect(judged("ship", ["s", "h", "i", "p"], "built")).toMatchObject({
      verdict: "right",
      patterns: ["digraph-as-two-letters"],
    });
    expect(judged("cake", ["c", "a-e", "k"], "built")).toMatchObject({ verdict: "right", patterns: [] });
  });

  it("a grapheme in a gap, and a word that was pointed to", () => {
    const filled = classifyResponse("cat", { kind: "filled", unit: 1, grapheme: "u" }, { mode: "filled-in" });
    expect(inShort(filled)).toBe("substitution 1 ʌ");
    const pointed = classifyResponse("cat", { kind: "choice", word: "cot" }, { mode: "pointed" });
    expect(inShort(pointed)).toBe("substitution 1 ɒ");
  });
});

describe("an answer that is none", () => {
  it.each([
    ["", "nothing"],
    ["   ", "nothing"],
    ["12", "unreadable"],
    ["шип", "unreadable"],
    ["x".repeat(3000), "unreadable"],
    ["<b>", "unreadable"],
  ])("%j: %s, and no unit is blamed", (text, verdict) => {
    for (const mode of ["read", "written"] as const) {
      const answer = judged("ship", text, mode);
      expect(answer.verdict).toBe(verdict);
      expect(answer.units.every(({ result }) => result === "not-known")).toBe(true);
    }
  });
});

/** Every so-manieth word of the list: all of them in turn with another seed. */
const sample = (step: number): LexiconWord[] => lexicon.words.filter((_, k) => k % step === 7);
const same = (a: string, b: string) => soundClass(a) === soundClass(b);

describe("a known error, put into the words of the list, is given back", () => {
  it("as it is: right, in every way of working", () => {
    for (const { word } of sample(11)) {
      expect(judged(word, word, "read").verdict, word).toBe("right");
      expect(judged(word, word, "written").verdict, word).toBe("right");
    }
  });

  it("a sound picked for a unit", () => {
    for (const { word, readings } of sample(23))
      readings[0].units.forEach((unit, k) => {
        const own = unit.phonemes.at(-1) as string;
        const other = closestSounds(own).find((id) => !same(id, own)) as string;
        const answer = classifyResponse(
          word,
          { kind: "picked", sounds: [{ unit: k, said: [other] }] },
          { mode: "read" },
        );
        expect(answer.units[k], `${word} ${k} ${other}`).toEqual({ result: "substitution", said: [other] });
        expect(
          answer.units.filter(({ result }) => result !== "right"),
          word,
        ).toHaveLength(1);
      });
  });

  it("another word of the list that differs in one sound: that sound, and no other", () => {
    const bySounds = new Map<string, LexiconWord[]>();
    const short = lexicon.words.filter(({ readings }) => readings.length === 1 && readings[0].units.length <= 4);
    for (const entry of short)
      entry.readings[0].units.forEach((_, k) => {
        const key = entry.readings[0].units.map(({ phonemes }, n) => (n === k ? "_" : phonemes.join("+"))).join(" ");
        const list = bySounds.get(key) ?? [];
        list.push(entry);
        bySounds.set(key, list);
      });
    let pairs = 0;
    for (const [key, entries] of bySounds) {
      const at = key.split(" ").indexOf("_");
      const [a, b] = entries;
      if (!a || !b) continue;
      const [x, y] = [a.readings[0].units[at], b.readings[0].units[at]];
      if (!x || !y || x.phonemes.length !== 1 || y.phonemes.length !== 1) continue;
      const [one, other] = [x.phonemes[0] as string, y.phonemes[0] as string];
      if (same(one, other) || isVowel(one) !== isVowel(other)) continue;
      const answer = judged(a.word, b.word, "read");
      const named = [answer, ...answer.others].some(({ units }) =>
        units.every(({ result, said: ids }, k) =>
          k === at ? result === "substitution" && ids.join() === y.phonemes.join() : result === "right",
        ),
      );
      expect(named, `${a.word} said as ${b.word}: ${inShort(answer)}`).toBe(true);
      pairs++;
    }
    expect(pairs).toBeGreaterThan(1500);
  });

  it("a consonant left out or put in, at the beginning or the end: named, with its place", () => {
    let looked = 0;
    for (const { word, readings } of sample(13)) {
      if (readings.length > 1) continue;
      const { units } = readings[0];
      const longer = lexicon.get(`s${word}`);
      if (longer && longer.readings.length === 1 && longer.readings[0].units.length === units.length + 1) {
        if (longer.readings[0].units.slice(1).some((unit, k) => unit.phonemes.join() !== units[k]?.phonemes.join()))
          continue;
        looked++;
        expect(inShort(judged(longer.word, word, "read")), `${longer.word} as ${word}`).toContain("omission 0");
        expect(inShort(judged(word, longer.word, "read")), `${word} as ${longer.word}`).toContain(
          "insertion before 0 s",
        );
      }
    }
    expect(looked).toBeGreaterThan(5);
  });
});

describe("a difference of accent is never scored", () => {
  const accents: AccentSettings[] = [
    GENERAL_AMERICAN,
    SOUTHERN_BRITISH,
    ...MERGERS.map((merger): AccentSettings => ({ ...GENERAL_AMERICAN, mergers: ["wh-w", merger] })),
  ];
  it.each(accents)(
    "$accent $mergers: a word said as itself, as the list has it and as the accent has it, is right",
    (accent) => {
      const own = lexiconIn(lexicon, accent);
      for (const { word } of sample(37)) {
        const [reading] = own.get(word)?.readings ?? [];
        expect(classifyResponse(word, word, { mode: "read", accent }).verdict, word).toBe("right");
        if (reading) expect(classifyResponse(reading, word, { mode: "oral", accent }).verdict, word).toBe("right");
      }
    },
  );
});

describe("alignments", () => {
  it("with one for every step cost as much as fastest-levenshtein says", () => {
    const words = sample(61).map(({ word }) => word);
    for (const [k, a] of words.entries()) {
      const b = words[(k * 7 + 3) % words.length] as string;
      const [first] = alignmentsOf(a.length, b.length, {
        pair: (i, j) => (a[i] === b[j] ? 0 : 1),
        omission: () => 1,
        insertion: () => 1,
        transposition: () => Number.POSITIVE_INFINITY,
      });
      expect(first?.cost, `${a} ${b}`).toBe(distance(a, b));
    }
  });
});
