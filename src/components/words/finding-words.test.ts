import { describe, expect, it } from "vitest";
import { classifyResponse, segment } from "../../core/index.ts";
import { verdictWords } from "./finding-words.ts";

const told = (word: string, response: string, mode: "read" | "written", more = {}) =>
  verdictWords(
    classifyResponse(word, response, { mode, ...more }),
    segment(word)?.units.map(({ grapheme }) => grapheme) ?? [],
  );

describe("a judged answer in words", () => {
  it.each([
    ["ship", "chip", "read", "sh as /ch/ as in chip, at the beginning"],
    ["hope", "hop", "read", "o-e as short o as in hot, in the middle (a short vowel"],
    ["stop", "top", "read", "s left out at the beginning (one of two consonants left out)"],
    ["cap", "clap", "read", "/l/ as in leg put in at the beginning"],
    ["felt", "fetl", "written", "l and t changed places"],
    ["dog", "bog", "written", "d turned round to b"],
    ["back", "bak", "written", "ck spelled k: the sound is right"],
    ["cat", "dog", "read", "another word altogether · not sure"],
    ["ship", "ship", "read", "right"],
    ["ship", "12", "read", "Kept as it is typed"],
    ["ship", "", "read", ""],
  ] as const)("%s answered as %j, %s: %s", (word, response, mode, expected) => {
    expect(told(word, response, mode)).toContain(expected);
  });

  it("a letter said by its other taught sound comes with the help for it", () => {
    const taught = { gpcs: new Map([["i=ɪ", "any"]]) };
    expect(told("mild", "milled", "read", { taught })).toContain("try its other sound");
  });
});
