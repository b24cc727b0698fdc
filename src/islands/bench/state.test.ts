import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DEFAULT_SHAPE } from "../../core/light.ts";
import { type BenchAction, type BenchState, benchReducer, draftOf, fingerprint, putIn, sidesOf } from "./state.ts";

const state = (words: string[], more: Partial<BenchState> = {}): BenchState => ({
  words,
  gap: { kind: "after", index: words.length - 1 },
  focus: [],
  contrasts: [],
  shape: DEFAULT_SHAPE,
  title: "",
  chainId: undefined,
  saved: fingerprint([], ""),
  past: [],
  future: [],
  ...more,
});

describe("gaps", () => {
  const words = ["mash", "mesh", "met"];
  it.each([
    ["after", 0, "mash", "mesh"],
    ["after", 2, "met", undefined],
    ["instead", 1, "mash", "met"],
    ["instead", 0, undefined, "mesh"],
    ["before", 0, undefined, "mash"],
  ] as const)("%s word %i lies between %s and %s", (kind, index, before, after) => {
    expect(sidesOf({ words, gap: { kind, index } })).toEqual({ ...(before && { before }), ...(after && { after }) });
  });

  it.each([
    ["after", 0, ["mash", "x", "mesh", "met"]],
    ["after", 2, ["mash", "mesh", "met", "x"]],
    ["before", 0, ["x", "mash", "mesh", "met"]],
    ["instead", 1, ["mash", "x", "met"]],
  ] as const)("a word put %s word %i", (kind, index, expected) => {
    expect(putIn({ words, gap: { kind, index } }, "x").words).toEqual(expected);
  });

  it("a first word goes into an empty chain, wherever the gap is", () => {
    for (const kind of ["after", "before"] as const)
      expect(putIn({ words: [], gap: { kind, index: 0 } }, "x")).toMatchObject({ words: ["x"], gap: { index: 0 } });
  });
});

describe("undo and redo", () => {
  it("go back and forth; a new change forgets what was undone", () => {
    let now = state(["a"]);
    const act = (action: BenchAction) => {
      now = benchReducer(now, action);
      return now.words;
    };
    act({ type: "words", words: ["a", "b"] });
    act({ type: "words", words: ["a", "b", "c"] });
    expect(act({ type: "undo" })).toEqual(["a", "b"]);
    expect(act({ type: "undo" })).toEqual(["a"]);
    expect(act({ type: "undo" })).toEqual(["a"]);
    expect(act({ type: "redo" })).toEqual(["a", "b"]);
    act({ type: "words", words: ["z"] });
    expect(act({ type: "redo" })).toEqual(["z"]);
  });

  it("whatever is done, undoing it all gives the beginning, and the gap stays inside the chain", () => {
    const change = fc.array(fc.constantFrom("at", "cat", "hat", "hot"), { maxLength: 4 });
    fc.assert(
      fc.property(fc.array(change, { maxLength: 8 }), (changes) => {
        let now = state(["at"]);
        for (const words of changes) {
          now = benchReducer(now, { type: "words", words, gap: { kind: "after", index: 99 } });
          expect(now.gap.index).toBeLessThanOrEqual(Math.max(0, words.length - 1));
          expect(now.gap.index).toBeGreaterThanOrEqual(0);
        }
        const last = now.words;
        for (let k = 0; k < changes.length; k++) now = benchReducer(now, { type: "undo" });
        expect(now.words).toEqual(["at"]);
        for (let k = 0; k < changes.length; k++) now = benchReducer(now, { type: "redo" });
        expect(now.words).toEqual(last);
      }),
      { seed: 3, numRuns: 200 },
    );
  });
});

describe("drafts", () => {
  it("a restored draft is the chain as it was, and what was saved still counts as saved", () => {
    const before = state(["pit", "pin"], {
      title: "Monday",
      chainId: "c1",
      saved: fingerprint(["pit", "pin"], "Monday"),
    });
    const after = benchReducer(state([]), { type: "restore", draft: draftOf(before) });
    expect(after).toMatchObject({
      words: ["pit", "pin"],
      title: "Monday",
      chainId: "c1",
      gap: { kind: "after", index: 1 },
    });
    expect(fingerprint(after.words, after.title)).toBe(after.saved);
  });
});
