import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ChainRequest, type ChainShape, DEFAULT_SHAPE } from "../../core/light.ts";
import type { ChainId } from "../../schemas/ids.ts";
import { NO_HISTORY } from "../shared/history.ts";
import {
  type BenchAction,
  type BenchState,
  benchReducer,
  draftOf,
  fingerprint,
  putIn,
  shapeAfter,
  sidesOf,
} from "./state.ts";

const state = (words: string[], more: Partial<BenchState> = {}): BenchState => ({
  words,
  gap: { kind: "after", index: words.length - 1 },
  focus: [],
  contrasts: [],
  shape: DEFAULT_SHAPE,
  title: "",
  chainId: undefined,
  saved: "",
  history: NO_HISTORY,
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

describe("the word in hand", () => {
  const words = ["mash", "mesh", "met"];

  it("takes the gap with it; in place of a word stays so, before a word does not", () => {
    for (const [kind, then] of [
      ["after", "after"],
      ["instead", "instead"],
      ["before", "after"],
    ] as const)
      expect(benchReducer(state(words, { gap: { kind, index: 0 } }), { type: "select", word: "mesh" }).gap).toEqual({
        kind: then,
        index: 1,
      });
  });

  it("may be taken out, and had back; the gap stays within the chain", () => {
    const after = benchReducer(state(words), { type: "take-out", word: "met" });
    expect(after.words).toEqual(["mash", "mesh"]);
    expect(after.gap.index).toBe(1);
    expect(benchReducer(after, { type: "undo" }).words).toEqual(words);
  });

  it("is moved to where another stands, and back; to itself, or to or from where no word is, nothing changes", () => {
    const move = (word: string, to: string) => benchReducer(state(words), { type: "move", word, to });
    expect(move("met", "mash").words).toEqual(["met", "mash", "mesh"]);
    expect(move("mash", "met").words).toEqual(["mesh", "met", "mash"]);
    expect(benchReducer(move("mash", "met"), { type: "undo" }).words).toEqual(words);
    for (const [word, to] of [
      ["met", "met"],
      ["met", "gone"],
      ["gone", "met"],
    ] as const)
      expect(move(word, to).history).toBe(NO_HISTORY);
  });

  it("of two moved in one moment both stand where they were let go, whatever is still looked at", () => {
    const first = benchReducer(state(words), { type: "move", word: "met", to: "mash" });
    expect(benchReducer(first, { type: "move", word: "mesh", to: "mash" }).words).toEqual(["met", "mesh", "mash"]);
  });

  it("is taken out once, however often its row is pressed before it has gone", () => {
    const press: BenchAction = { type: "take-out", word: "mash" };
    const once = benchReducer(state(words), press);
    expect(once.words).toEqual(["mesh", "met"]);
    expect(benchReducer(once, press)).toBe(once);
    expect(benchReducer(once, { type: "select", word: "mash" })).toBe(once);
  });

  it("is the one that was put into the gap last; a second press puts nothing", () => {
    const press: BenchAction = { type: "put", words: ["x", "y"] };
    const after = benchReducer(state(words, { gap: { kind: "after", index: 0 } }), press);
    expect(benchReducer(after, press)).toBe(after);
    expect(after.words).toEqual(["mash", "x", "y", "mesh", "met"]);
    expect(after.gap).toEqual({ kind: "after", index: 2 });
    expect(benchReducer(after, { type: "undo" }).words).toEqual(words);
  });
});

describe("a chain that the bench opens with", () => {
  it("lies there with its aim, the gap behind it, and nothing to undo", () => {
    const words = ["ship", "shop", "chop"];
    const aim = { focus: ["sh=ʃ"], contrasts: [{ a: "sh=ʃ", b: "ch=tʃ" }] };
    const opened = benchReducer(state([], { gap: { kind: "after", index: 0 } }), { type: "opened", words, ...aim });
    expect(opened).toMatchObject({ words, ...aim, gap: { kind: "after", index: 2 }, history: NO_HISTORY });
    expect(benchReducer(opened, { type: "undo" }).words).toEqual(words);
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

describe("saved and unsaved", () => {
  const saved = state(["pit", "pin"], {
    title: "Monday",
    focus: ["i=ɪ"],
    shape: { length: 6, locked: [], leastFamiliar: 3 },
  });
  const after = (action: BenchAction) => fingerprint(benchReducer(saved, action)) === fingerprint(saved);

  it.each<[BenchAction, boolean]>([
    [{ type: "words", words: ["pit", "pan"] }, false],
    [{ type: "title", title: "Tuesday" }, false],
    [{ type: "aim", focus: ["a=æ"] }, false],
    [{ type: "aim", contrasts: [{ a: "i=ɪ", b: "e=e" }] }, false],
    [{ type: "shape", shape: { length: 7 } }, false],
    [{ type: "lock", word: "pit" }, false],
    [{ type: "gap", gap: { kind: "instead", index: 0 } }, true],
    [{ type: "shape", shape: { tiles: undefined } as Partial<ChainShape> }, true],
  ])("%j: still as it was saved: %s", (action, same) => {
    expect(after(action)).toBe(same);
  });

  it("a field set back is no change, whatever the order of the fields", () => {
    const there = benchReducer(saved, { type: "shape", shape: { closed: true } });
    const back = benchReducer(there, { type: "shape", shape: { closed: undefined } as unknown as Partial<ChainShape> });
    const shape: ChainShape = { leastFamiliar: 3, locked: [], length: 6 };
    expect(fingerprint(back)).toBe(fingerprint(saved));
    expect(fingerprint({ ...saved, shape })).toBe(fingerprint(saved));
  });

  it("a locked word that leaves the chain is locked no more", () => {
    const locked = benchReducer(saved, { type: "lock", word: "pin" });
    expect(benchReducer(locked, { type: "words", words: ["pit", "pan"] }).shape.locked).toEqual([]);
    expect(benchReducer(locked, { type: "words", words: ["pin"] }).shape.locked).toEqual(["pin"]);
    expect(benchReducer(locked, { type: "lock", word: "pin" }).shape.locked).toEqual([]);
  });
});

describe("a relaxation taken", () => {
  const shape: ChainShape = { length: 8, locked: ["pit", "pan"], tiles: { a: 1 } };
  it("takes the tile count away and nothing else", () => {
    const now = benchReducer(state([], { shape }), {
      type: "shape",
      shape: shapeAfter({ tiles: undefined } as Partial<ChainRequest>, shape),
    });
    expect(now.shape.tiles).toBeUndefined();
    expect(now.shape).toMatchObject({ length: 8, locked: ["pit", "pan"] });
  });

  it("unlocks what is no longer laid down, and leaves aims and the taught set to others", () => {
    const change = { fixed: [undefined, "pan"], focus: ["a=æ"], never: ["cat"] };
    expect(shapeAfter(change, shape)).toEqual({ locked: ["pan"] });
    expect(shapeAfter({ length: 5 }, shape)).toEqual({ length: 5, locked: ["pit", "pan"] });
  });
});

describe("drafts", () => {
  it("a restored draft is the chain as it was, and what was saved still counts as saved", () => {
    const unsaved = state(["pit", "pin"], { title: "Monday", chainId: "c1" as ChainId });
    const before = { ...unsaved, saved: fingerprint(unsaved) };
    const after = benchReducer(state([]), { type: "restore", draft: JSON.parse(JSON.stringify(draftOf(before))) });
    expect(after).toMatchObject({
      words: ["pit", "pin"],
      title: "Monday",
      chainId: "c1",
      gap: { kind: "after", index: 1 },
    });
    expect(fingerprint(after)).toBe(after.saved);
  });
});
