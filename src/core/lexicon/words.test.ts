import { describe, expect, it } from "vitest";
import { checkStep } from "../chains/step-check.ts";
import { judgeNonsense } from "../nonsense/judge-nonsense.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { parseTaughtGpc } from "../scope/sequence.ts";
import { SEQUENCES } from "../scope/sequences.ts";
import { taughtAt } from "../scope/taught-set.ts";
import { ipa, SOUTHERN_BRITISH } from "../sounds/accents.ts";
import { GPCS } from "../spelling/gpc.ts";
import { saidPhonemes } from "../spelling/said.ts";
import { graphemesOf, phonemesOf } from "../spelling/segmentation.ts";
import { syllablesOf } from "../spelling/syllables.ts";
import { lexiconIn } from "./in-accent.ts";
import { shippedLexicon } from "./shipped.ts";

const lexicon = shippedLexicon();
const british = lexiconIn(lexicon, SOUTHERN_BRITISH);
const words = (text: string) => text.split(/\s+/).filter(Boolean);
const units = (word: string) => graphemesOf(lexicon.get(word)?.readings[0] as never).join("·");
const said = (word: string) => phonemesOf(lexicon.get(word)?.readings[0] as never).join(" ");

/** What a teacher found wrong when the list was read line by line, and others of its kind. */
describe("the words of the list", () => {
  it.each(
    words(`trying hi wow towel jewel cruel fuel trial vowel toward rusty violet family chocolate miles windows tigers judges
      bridges stations chambers wren thrush gnaw tusk tuft throb foal clank knead gnash knelt yelp strum leek twang trudge
      shrub sprawl pawn knob every different happier monday august grasshopper afternoon underline watermelon fantastic
      yesterday remember banana it's can't we'll i'm dog's teacher's`),
  )("%s is in", (word) => expect(lexicon.get(word)).toBeDefined());

  it.each(words("bink tong lode carte knowns ands shalt gooch shit"))("%s is not", (word) =>
    expect(lexicon.get(word)).toBeUndefined(),
  );

  it("of no more than two syllables are familiar, and kept apart from longer ones", () => {
    expect(lexicon.longWords.length).toBeGreaterThan(7000);
    for (const { syllables, word } of lexicon.longWords) expect(syllables, word).toBeGreaterThanOrEqual(3);
    for (const word of words("cat dog mum play")) expect(lexicon.get(word)?.familiarity, word).toBe(1);
    for (const word of words("faction mickle torque")) expect(lexicon.get(word)?.familiarity, word).toBe(4);
  });
});

describe("readings", () => {
  it.each([
    ["color", "k ʌ l ər"],
    ["live", "l ɪ v"],
    ["lives", "l ɪ v z"],
    ["dove", "d ʌ v"],
    ["wound", "w uː n d"],
    ["mows", "m oʊ z"],
    ["sowed", "s oʊ d"],
    ["linger", "l ɪ ŋ g ər"],
    ["putting", "p ʊ t ɪ ŋ"],
  ])("%s leads with %s", (word, sounds) => expect(said(word)).toBe(sounds));

  it.each([
    ["dammed", "d·a·mm·ed"],
    ["mailed", "m·ai·l·ed"],
    ["grilled", "g·r·i·ll·ed"],
    ["fouled", "f·ou·l·ed"],
    ["waited", "w·ai·t·ed"],
    ["story", "s·t·o·r·y"],
    ["orange", "o·r·a·n·ge"],
    ["parade", "p·a·r·a-e·d"],
    ["arrive", "a·rr·i-e·v"],
    ["hurry", "h·u·rr·y"],
    ["around", "a·r·ou·n·d"],
    ["furry", "f·urr·y"],
    ["hearing", "h·ear·i·ng"],
    ["it's", "i·t·'s"],
    ["can't", "c·a·n·'t"],
    ["dog's", "d·o·g·'s"],
  ])("%s is %s", (word, letters) => expect(units(word)).toBe(letters));

  it("every example of the table says its correspondence", () => {
    const wrong = GPCS.flatMap(({ id, grapheme, phonemes, examples }) =>
      examples.flatMap((word) => {
        const readings = [...(lexicon.get(word)?.readings ?? []), ...(british.get(word)?.readings ?? [])];
        const holds = readings.some((reading) =>
          reading.units.some((unit) => unit.grapheme === grapheme && unit.phonemes.join() === phonemes.join()),
        );
        return readings.length === 0 || holds ? [] : [`${id} ${word}`];
      }),
    );
    expect(wrong).toEqual([]);
  });
});

describe("syllables", () => {
  it.each(
    words(`feel·ings fool·ish sleep·y base·ment use·less nice·ly ex·cept fash·ion cush·ion star·ling help·ing build·ing
      teach·er hop·ping mak·ing un·tie care·ful grass·hop·per na·tion ro·bot cab·in rab·bit ta·ble in·struct de·scribe`),
  )("%s", (split) => {
    const reading = lexicon.get(split.replace(/·/g, ""))?.readings[0];
    expect(syllablesOf(reading as never).map(({ text }) => text)).toEqual(split.split("·"));
  });
});

describe("Southern British", () => {
  it.each([
    ["new", "/njuː/"],
    ["tune", "/tjuːn/"],
    ["duke", "/djuːk/"],
    ["fire", "/faɪə/"],
    ["story", "/stɔːriː/"],
    ["parent", "/peərənt/"],
    ["carry", "/kæriː/"],
    ["fairy", "/feəriː/"],
    ["wall", "/wɔːl/"],
    ["water", "/wɔːtə/"],
    ["what", "/wɒt/"],
    ["been", "/biːn/"],
    ["route", "/ruːt/"],
  ])("%s is said %s", (word, sounds) => {
    const reading = british.get(word)?.readings[0];
    expect(ipa(saidPhonemes(reading as never, SOUTHERN_BRITISH), "southern-british")).toBe(sounds);
  });
});

describe("what is taught", () => {
  const taught = (gpcs: string, patterns = "") =>
    taughtAt(
      {
        steps: [
          {
            number: 1,
            name: "one",
            gpcs: words(gpcs).map(parseTaughtGpc),
            patterns: words(patterns) as never,
            irregularWords: [],
          },
        ],
      },
      1,
    );

  it("-es is not -s", () => {
    const letters = "b=b o=ɒ x=k+s w=w i=ɪ sh=ʃ s=s";
    for (const word of ["boxes", "wishes"]) {
      expect(checkDecodable(word, taught(letters, "suffix-s")).decodable, word).toBe(false);
      expect(checkDecodable(word, taught(letters, "suffix-es")).decodable, word).toBe(true);
    }
  });

  it.each([
    ["making", "m=m a-e=eɪ k=k", "suffix-ing drop-e"],
    ["hoping", "h=h o-e=oʊ p=p", "suffix-ing drop-e"],
    ["faces", "f=f a-e=eɪ c=s", "suffix-es drop-e"],
    ["hopping", "h=h o=ɒ p=p", "suffix-ing double-consonant"],
    ["cried", "c=k r=r y=aɪ", "suffix-ed y-to-i initial-cluster"],
    ["city", "i=ɪ t=t y=iː", "soft-c two-syllables"],
    ["rabbit", "r=r a=æ bb=b i=ɪ t=t", "closed-syllables"],
    ["dog's", "d=d o=ɒ g=g", "possessive"],
    ["can't", "c=k a=æ n=n", "contraction"],
  ])("%s needs its base and %s with %s", (word, gpcs, patterns) => {
    expect(checkDecodable(word, taught(gpcs, patterns)).missing).toEqual([]);
    for (const pattern of words(patterns)) {
      const others = words(patterns).filter((one) => one !== pattern);
      expect(checkDecodable(word, taught(gpcs, others.join(" "))).decodable, pattern).toBe(false);
    }
  });

  it.each(SEQUENCES.map((sequence) => [sequence.id, sequence] as const))(
    "%s reaches every word that children know by seven, and no word is irregular and decodable at once",
    (_, sequence) => {
      const all = taughtAt(sequence, sequence.steps.length);
      const known = [...lexicon.words, ...lexicon.longWords]
        .filter(({ familiarity, suitability }) => familiarity <= 2 && suitability === "suitable")
        .slice(0, 6000);
      const out = known.filter(({ word }) => !checkDecodable(word, all).decodable).map(({ word }) => word);
      expect(out.length).toBeLessThanOrEqual(12);
      for (const step of sequence.steps)
        for (const word of step.irregularWords) {
          const judged = checkDecodable(word, { ...taughtAt(sequence, step.number), words: new Set() });
          expect(judged.decodable, `${word} at ${step.name}`).toBe(false);
        }
    },
  );
});

describe("steps and nonsense", () => {
  it.each([
    ["four", "for"],
    ["two", "to"],
    ["due", "do"],
    ["or", "ore"],
    ["robes", "rose"],
    ["cases", "case"],
    ["wades", "waned"],
    ["fall", "feel"],
    ["bad", "bored"],
    ["shed", "shored"],
  ])("%s and %s are no step", (from, to) => expect(checkStep(from, to).single).toBe(false));

  it.each(words("gooch skank chong smeg fing chen yyle"))("%s is no nonsense word", (word) => {
    const all = taughtAt(SEQUENCES[0] as never, 99);
    expect(judgeNonsense(word, all, lexicon).ok).toBe(false);
  });
});
