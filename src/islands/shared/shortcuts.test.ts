import { createKeybindingsHandler } from "tinykeys";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { keyBindings, SHORTCUTS, type Shortcut, type ShortcutHandlers } from "./shortcuts.ts";

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
class FakeInput extends FakeElement {}
class FakeSelect extends FakeElement {}
class FakeTextArea extends FakeElement {}
class FakeEvent {
  readonly key: string;
  readonly code: string;
  readonly defaultPrevented = false;
  readonly target: FakeElement;
  readonly modifiers: readonly string[];
  prevented = false;
  constructor(key: string, more: { readonly target?: FakeElement; readonly modifiers?: readonly string[] } = {}) {
    this.key = key;
    this.code = key === " " ? "Space" : /^[a-z]$/i.test(key) ? `Key${key.toUpperCase()}` : key;
    this.target = more.target ?? new FakeElement();
    this.modifiers = more.modifiers ?? [];
  }
  getModifierState(name: string): boolean {
    return this.modifiers.includes(name);
  }
  preventDefault(): void {
    this.prevented = true;
  }
}
let open = false;

beforeEach(() => {
  open = false;
  vi.stubGlobal("KeyboardEvent", FakeEvent);
  vi.stubGlobal("Element", FakeElement);
  vi.stubGlobal("HTMLInputElement", FakeInput);
  vi.stubGlobal("HTMLSelectElement", FakeSelect);
  vi.stubGlobal("HTMLTextAreaElement", FakeTextArea);
  vi.stubGlobal("document", { querySelector: () => (open ? {} : null) });
});
afterEach(() => vi.unstubAllGlobals());

/** Which shortcut of Teach a key is. */
function pressed(...press: ConstructorParameters<typeof FakeEvent>): string | undefined {
  let id: string | undefined;
  const handlers = Object.fromEntries(
    Object.keys(SHORTCUTS.teach).map((name) => [
      name,
      ({ key }: KeyboardEvent) => (id = name === "turn" ? `turn ${key}` : name),
    ]),
  ) as unknown as ShortcutHandlers<"teach">;
  createKeybindingsHandler(keyBindings("teach", handlers))(new FakeEvent(...press) as unknown as Event);
  return id;
}

describe("the keys of a lesson", () => {
  it.each([
    [" ", "tap"],
    ["ArrowDown", "tap-back"],
    ["ArrowUp", "blend"],
    ["b", "blend"],
    ["B", "blend"],
    ["ArrowRight", "next"],
    ["ArrowLeft", "back"],
    ["PageDown", "next-activity"],
    ["PageUp", "previous-activity"],
    ["c", "change"],
    ["m", "sign"],
    ["u", "undo"],
    ["r", "redo"],
    ["Escape", "release"],
    ["Enter", "right"],
    ["w", "wrong"],
    ["1", "turn 1"],
    ["9", "turn 9"],
    ["0", undefined],
    ["x", undefined],
    ["F5", undefined],
    ["Tab", undefined],
  ])("%j: %s", (key, expected) => expect(pressed(key)).toBe(expected));

  it("Ctrl+Z takes back and Ctrl+Shift+Z makes it again; every other key with Ctrl or Alt is the browser's", () => {
    expect(pressed("z", { modifiers: ["Control"] })).toBe("undo");
    expect(pressed("Z", { modifiers: ["Control", "Shift"] })).toBe("redo");
    expect(pressed("c", { modifiers: ["Control"] })).toBeUndefined();
    expect(pressed("ArrowLeft", { modifiers: ["Alt"] })).toBeUndefined();
  });

  it("while a card, a menu or a form is open the keys are theirs; a field and a list keep their own", () => {
    open = true;
    expect([pressed(" "), pressed("Enter")]).toEqual([undefined, undefined]);
    open = false;
    for (const target of [new FakeInput(), new FakeTextArea(), new FakeSelect()])
      expect(pressed("ArrowDown", { target })).toBeUndefined();
  });

  it("Enter on a button presses it and marks nothing; Space is a tap all the same", () => {
    const target = new FakeElement("button");
    expect(pressed("Enter", { target })).toBeUndefined();
    expect(pressed(" ", { target })).toBe("tap");
  });
});

describe.each(Object.entries(SHORTCUTS))("the keys of %s", (_, shortcuts: Readonly<Record<string, Shortcut>>) => {
  it("no key does two things, and each says what it does", () => {
    const keys = Object.values(shortcuts).flatMap((one) => one.keys);
    expect(new Set(keys).size).toBe(keys.length);
    for (const { shown, does } of Object.values(shortcuts)) {
      expect(shown).not.toBe("");
      expect(does).toMatch(/\w/);
    }
  });
});
