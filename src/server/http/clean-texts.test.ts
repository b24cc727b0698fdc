import { describe, expect, it } from "vitest";
import { cleanTexts } from "./clean-texts.ts";

describe("texts from outside", () => {
  it("are composed, with one kind of line end and without control characters", () => {
    expect(cleanTexts({ name: "Se\u0301\u0007a\u202egull", lines: ["a\r\nb\rc\td"] })).toEqual({
      name: "Séagull",
      lines: ["a\nb\nc\td"],
    });
  });

  it("keep what is no text as it is", () => {
    expect(cleanTexts([1, null, true, { x: 2 }])).toEqual([1, null, true, { x: 2 }]);
  });

  it.each([
    ["a zero", "a\0b"],
    ["half a surrogate", "a\ud800"],
    ["a key with one", { "a\0": 1 }],
    ["what is nested too deep", JSON.parse(`${"[".repeat(40)}${"]".repeat(40)}`)],
  ])("are refused for %s", (_, value) => {
    expect(() => cleanTexts(value)).toThrow(/no character|too deep/);
  });
});
