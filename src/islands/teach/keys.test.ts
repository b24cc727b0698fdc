import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { actionOfKey, type KeyActions, MARK_KEYS } from "./keys.ts";

/** The page as far as the keys look at it: what is open, and what has the focus. */
class FakeElement {
  readonly inside: string | undefined;
  constructor(inside?: string) {
    this.inside = inside;
  }
  closest(selector: string): FakeElement | null {
    return this.inside !== undefined && selector.includes(this.inside) ? this : null;
  }
}
class FakeSelect extends FakeElement {}
let open = false;

beforeEach(() => {
  open = false;
  vi.stubGlobal("Element", FakeElement);
  vi.stubGlobal("HTMLSelectElement", FakeSelect);
  vi.stubGlobal("document", { querySelector: () => (open ? {} : null) });
});
afterEach(() => vi.unstubAllGlobals());

const NAMES = [
  "tap",
  "tapBack",
  "blend",
  "next",
  "back",
  "nextActivity",
  "previousActivity",
  "toggleChange",
  "nextTurnSign",
  "undo",
  "releaseUnit",
] as const;

/** What was done by a key: the action's name, with what it was given. */
function doneBy(
  key: string,
  more: Partial<Omit<KeyboardEvent, "target">> & { target?: unknown } = {},
): string | undefined {
  let done: string | undefined;
  const plain = Object.fromEntries(NAMES.map((name) => [name, () => (done = name)]));
  const act = {
    ...plain,
    mark: (outcome: string) => (done = `mark ${outcome}`),
    giveTurn: (seat: number) => (done = `turn ${seat}`),
  } as unknown as KeyActions;
  const event = {
    key,
    altKey: false,
    ctrlKey: false,
    metaKey: false,
    defaultPrevented: false,
    target: new FakeElement(),
    ...more,
  };
  actionOfKey(event as unknown as KeyboardEvent, act)?.();
  return done;
}

describe("the keys of a lesson", () => {
  it.each([
    [" ", "tap"],
    ["ArrowDown", "tapBack"],
    ["ArrowUp", "blend"],
    ["b", "blend"],
    ["B", "blend"],
    ["ArrowRight", "next"],
    ["ArrowLeft", "back"],
    ["PageDown", "nextActivity"],
    ["PageUp", "previousActivity"],
    ["c", "toggleChange"],
    ["m", "nextTurnSign"],
    ["u", "undo"],
    ["Escape", "releaseUnit"],
    ["1", "turn 0"],
    ["9", "turn 8"],
    ["0", undefined],
    ["x", undefined],
    ["F5", undefined],
    ["Tab", undefined],
  ])("%j: %s", (key, expected) => {
    expect(doneBy(key)).toBe(expected);
  });

  it("every mark has a key of its own, and one that nothing else has", () => {
    for (const { key, outcome } of MARK_KEYS) expect(doneBy(key)).toBe(`mark ${outcome}`);
    expect(new Set(MARK_KEYS.map(({ key }) => key)).size).toBe(MARK_KEYS.length);
  });

  it("Ctrl+Z takes back; every other key with Ctrl, Alt or Cmd is the browser's", () => {
    expect(doneBy("z", { ctrlKey: true })).toBe("undo");
    expect(doneBy("z", { metaKey: true })).toBe("undo");
    expect(doneBy("c", { ctrlKey: true })).toBeUndefined();
    expect(doneBy("ArrowLeft", { altKey: true })).toBeUndefined();
  });

  it("while a card, a menu or a form is open the keys are theirs; a list keeps its own", () => {
    open = true;
    expect(doneBy(" ")).toBeUndefined();
    expect(doneBy("Enter")).toBeUndefined();
    open = false;
    expect(doneBy("ArrowDown", { target: new FakeSelect() })).toBeUndefined();
    expect(doneBy(" ", { defaultPrevented: true })).toBeUndefined();
  });

  it("Enter on a button presses it and marks nothing; Space is a tap all the same", () => {
    const target = new FakeElement("button");
    expect(doneBy("Enter", { target })).toBeUndefined();
    expect(doneBy(" ", { target })).toBe("tap");
  });
});
