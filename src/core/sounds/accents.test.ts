import { describe, expect, it } from "vitest";
import { edgesFrom } from "../chains/graph/word-graph.ts";
import { wordsForGap } from "../chains/neighbours.ts";
import { graphOf } from "../chains/planner/graphs.ts";
import { checkStep } from "../chains/step-check.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { segment } from "../lexicon/segment.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";
import { classifyMarked } from "../responses/classify.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Pattern } from "../scope/patterns.ts";
import { parseTaughtGpc } from "../scope/sequence.ts";
import { taughtAt } from "../scope/taught-set.ts";
import { phonemesOf, type Segmentation } from "../spelling/segmentation.ts";
import { type AccentSettings, accentKey, GENERAL_AMERICAN, ipa, type Merger, SOUTHERN_BRITISH } from "./accents.ts";
import { bathVowel } from "./bath-words.ts";
import { soundClassOf } from "./sound-class.ts";

const british = (...mergers: Merger[]): AccentSettings => ({
  accent: "southern-british",
  mergers: ["wh-w", ...mergers],
});
const taught = (tokens: string, accent: AccentSettings, patterns = "") =>
  taughtAt(
    {
      steps: [
        {
          number: 1,
          name: "one",
          gpcs: tokens.split(" ").map(parseTaughtGpc),
          patterns: patterns.split(" ").filter(Boolean) as Pattern[],
          irregularWords: [],
        },
      ],
    },
    1,
    {},
    accent,
  );

describe("writing sounds", () => {
  it("writes the same phonemes as each accent says them", () => {
    expect(ipa(["k", "ɑːr"])).toBe("/kɑr/");
    expect(ipa(["k", "ɑːr"], "southern-british")).toBe("/kɑː/");
    expect(ipa(["g", "oʊ"], "southern-british")).toBe("/gəʊ/");
  });

  it("knows settings as the same whatever their order", () => {
    expect(accentKey(british("pin-pen", "h-dropped"))).toBe(accentKey(british("h-dropped", "pin-pen")));
    expect(accentKey(british())).not.toBe(accentKey(GENERAL_AMERICAN));
  });
});

describe("the bath words", () => {
  it.each(["bath", "baths", "passing", "branches", "glassy", "after", "laughed", "half", "dancer"])(
    "%s: first",
    (word) => expect(bathVowel(word)).toBe("first"),
  );
  it.each(["command", "commands", "advanced", "contrast", "aircraft"])("%s: last", (word) =>
    expect(bathVowel(word)).toBe("last"),
  );
  it.each(["cat", "pasty", "hand", "plastic", "classic", "ant", "land", "mass"])("%s: none", (word) =>
    expect(bathVowel(word)).toBeUndefined(),
  );

  it("are long in Southern British, short in its north and in America", () => {
    const said = (accent: AccentSettings, word: string) =>
      phonemesOf(segment(word, {}, lexiconIn(shippedLexicon(), accent)) as Segmentation).join(" ");
    expect(said(british(), "bath")).toBe("b ɑː θ");
    expect(said(british(), "command")).toMatch(/ɑː n d$/);
    expect(said(british("bath-short"), "bath")).toBe("b æ θ");
    expect(said(GENERAL_AMERICAN, "bath")).toBe("b æ θ");
  });
});

describe("mergers", () => {
  it.each([
    ["pin-pen", "p e n", "p ɪ n", "p e t", "p ɪ t"],
    ["th-as-f-and-v", "θ ɪ n", "f ɪ n", "θ ɪ n", "s ɪ n"],
    ["h-dropped", "h æ t", "æ t", "h æ t", "k æ t"],
    ["northern-u", "k ʌ p", "k ʊ p", "k ʌ p", "k ɒ p"],
    ["cot-caught", "k ɔː t", "k ɒ t", "k ɔː t", "k ʌ t"],
  ] as const)("%s: %s and %s are one, %s and %s are not", (merger, a, b, c, d) => {
    const sounds = (text: string, ...on: Merger[]) => soundClassOf(text.split(" "), british(...on));
    expect(sounds(a, merger)).toBe(sounds(b, merger));
    expect(sounds(a)).not.toBe(sounds(b));
    expect(sounds(c, merger)).not.toBe(sounds(d, merger));
  });

  it.each([
    ["pin", "pen", "pin-pen"],
    ["hat", "at", "h-dropped"],
    ["thin", "fin", "th-as-f-and-v"],
  ] as const)("%s → %s with %s on: sounds alike, no step", (from, to, merger) => {
    expect(checkStep(from, to, { accent: british() }).single).toBe(true);
    const merged = checkStep(from, to, { accent: british(merger) });
    expect(merged).toMatchObject({ single: false, reason: { code: "same-sound-other-spelling" } });
    const inGraph = graphOf(lexiconIn(shippedLexicon(), british(merger)));
    const edges = edgesFrom(inGraph, inGraph.indexOf.get(from) as number);
    expect(edges.some((edge) => edge.to === inGraph.indexOf.get(to))).toBe(false);
  });

  it("pet → pen stays one step where pin and pen sound alike", () => {
    expect(checkStep("pet", "pen", { accent: british("pin-pen") })).toMatchObject({ single: true, position: "final" });
  });

  it("wh and w are one unless the school keeps them apart", () => {
    const apart: AccentSettings = { accent: "general-american", mergers: [] };
    const alikes = (accent: AccentSettings) => soundAlikes("which", lexiconIn(shippedLexicon(), accent));
    expect(alikes(GENERAL_AMERICAN)).toContain("witch");
    expect(alikes(SOUTHERN_BRITISH)).toContain("witch");
    expect(alikes(apart)).not.toContain("witch");
    expect(checkStep("wine", "whine", { accent: apart }).single).toBe(true);
    expect(checkStep("wine", "whine").single).toBe(false);
  });

  it("saw and sore sound alike where no r is said after a vowel", () => {
    expect(soundAlikes("saw", lexiconIn(shippedLexicon(), SOUTHERN_BRITISH))).toContain("sore");
    expect(soundAlikes("saw", shippedLexicon())).not.toContain("sore");
  });
});

describe("accents in what is decodable", () => {
  it.each([
    ["General American", GENERAL_AMERICAN],
    ["Southern British", SOUTHERN_BRITISH],
  ])("the a of ball does not teach the a of want, ma or spa: %s", (_, accent) => {
    const tokens = "w=w a=ɔː n=n t=t b=b ll=l m=m s=s p=p sh=ʃ ch=tʃ tch=tʃ qu=k+w";
    const patterns = "initial-cluster final-cluster";
    expect(checkDecodable("ball", taught(tokens, accent)).decodable).toBe(true);
    for (const word of ["wan", "want", "swan", "watch", "squash", "ma", "spa"])
      expect(
        checkDecodable(word, taught(tokens, accent, patterns)).missing.map((one) => one.kind === "gpc" && one.grapheme),
        word,
      ).toEqual(["a"]);
  });

  it("bath needs the long a where it is said long", () => {
    const tokens = "b=b a=æ th=θ";
    expect(checkDecodable("bath", taught(tokens, GENERAL_AMERICAN)).decodable).toBe(true);
    expect(checkDecodable("bath", taught(tokens, british("bath-short"))).decodable).toBe(true);
    expect(checkDecodable("bath", taught(tokens, SOUTHERN_BRITISH)).missing).toMatchObject([{ phonemes: ["ɑː"] }]);
    expect(checkDecodable("bath", taught(`${tokens} a=ɑː`, SOUTHERN_BRITISH)).decodable).toBe(true);
  });

  it("put goes with cup where they have one vowel", () => {
    expect(checkDecodable("put", taught("p=p u=ʌ t=t", british("northern-u"))).decodable).toBe(true);
    expect(checkDecodable("put", taught("p=p u=ʌ t=t", british())).decodable).toBe(false);
  });

  it("words for a gap keep to the accent", () => {
    const request = { taught: taught("p=p e=e i=ɪ n=n t=t", british("pin-pen")), focus: [], contrasts: [] };
    const found = wordsForGap({ ...request, before: "pin" }).map(({ word }) => word);
    expect(found).toContain("pit");
    expect(found).not.toContain("pen");
  });
});

describe("accents in what is marked", () => {
  it("a difference of accent is never an error", () => {
    const mark = (word: string, unit: number, said: string[], accent: AccentSettings) =>
      classifyMarked(segment(word) as Segmentation, { outcome: "wrong", substitutions: [{ unit, said }] }, accent)
        .units[unit]?.result;
    expect(mark("pen", 1, ["ɪ"], british("pin-pen"))).toBe("right");
    expect(mark("pet", 1, ["ɪ"], british("pin-pen"))).toBe("substitution");
    expect(mark("thin", 0, ["f"], british("th-as-f-and-v"))).toBe("right");
    expect(mark("hat", 0, [], british("h-dropped"))).toBe("right");
    expect(mark("hat", 0, [], british())).toBe("omission");
  });
});
