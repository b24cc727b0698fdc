/** One key, or several that do the same. */
export interface Shortcut {
  /** As the keys package names them: a key or its code, with modifiers before it. */
  readonly keys: readonly string[];
  /** As a person names them. */
  readonly shown: string;
  /** What it does, in words. */
  readonly does: string;
}

const UNDO: Shortcut = { keys: ["$mod+KeyZ"], shown: "Ctrl+Z", does: "take the last change back" };
const REDO: Shortcut = {
  keys: ["$mod+Shift+KeyZ", "$mod+KeyY"],
  shown: "Ctrl+Shift+Z",
  does: "make it again",
};

/** Every key that a screen listens to, by screen: the help list is drawn from it, and nothing else listens. */
export const SHORTCUTS = {
  everywhere: {
    "go-to": {
      keys: ["$mod+KeyK"],
      shown: "Ctrl+K",
      does: "go to a screen, a group, something saved, or a word (not while teaching)",
    },
    help: { keys: ["Shift+?", "?"], shown: "?", does: "the card of the word under the pointer; elsewhere this list" },
  },
  bench: { undo: UNDO, redo: REDO },
  families: { undo: UNDO, redo: REDO },
  plan: { undo: UNDO, redo: REDO },
  sequence: { undo: UNDO, redo: REDO },
  teach: {
    tap: { keys: ["Space"], shown: "Space", does: "the next moment of the word, then the next word" },
    "tap-back": { keys: ["ArrowDown"], shown: "↓", does: "one moment back; at sight, open the word" },
    blend: { keys: ["b", "ArrowUp"], shown: "B or ↑", does: "the whole word, blended" },
    next: { keys: ["ArrowRight"], shown: "→", does: "the next word" },
    back: { keys: ["ArrowLeft"], shown: "←", does: "the word before" },
    "next-activity": { keys: ["PageDown"], shown: "Page down", does: "the next activity" },
    "previous-activity": { keys: ["PageUp"], shown: "Page up", does: "the activity before" },
    change: { keys: ["c"], shown: "C", does: "show or hide what changed" },
    counters: { keys: ["k"], shown: "K", does: "ears only: blank counters, one a sound" },
    sign: { keys: ["m"], shown: "M", does: "my turn, together, your turn" },
    turn: { keys: ["([1-9])"], shown: "1 to 9", does: "give the turn to that learner" },
    right: { keys: ["Enter"], shown: "Enter", does: "mark: right" },
    "after-tapping": { keys: ["t"], shown: "T", does: "mark: right after tapping" },
    "self-corrected": { keys: ["s"], shown: "S", does: "mark: put right without help" },
    together: { keys: ["a"], shown: "A", does: "mark: all said it together" },
    "written-again": { keys: ["g"], shown: "G", does: "mark: wrong, and written again underneath" },
    "no-attempt": { keys: ["n"], shown: "N", does: "mark: not tried" },
    wrong: { keys: ["w"], shown: "W, or press a letter", does: "mark: wrong" },
    type: { keys: ["h"], shown: "H", does: "type what was said or written" },
    undo: { keys: ["u", "$mod+KeyZ"], shown: "U", does: "take the last mark back" },
    redo: { keys: ["r", "$mod+Shift+KeyZ", "$mod+KeyY"], shown: "R", does: "mark it again" },
    release: { keys: ["Escape"], shown: "Esc", does: "let go of a pressed letter" },
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Shortcut>>>>;

export type ShortcutScreen = keyof typeof SHORTCUTS;

/** What each key of a screen does. */
export type ShortcutHandlers<S extends ShortcutScreen> = Readonly<
  Record<keyof (typeof SHORTCUTS)[S], (event: KeyboardEvent) => void>
>;

/** The keys of one screen under their handlers, as the keys package takes them. */
export function keyBindings<S extends ShortcutScreen>(
  screen: S,
  handlers: ShortcutHandlers<S>,
): Record<string, (event: KeyboardEvent) => void> {
  const shortcuts = SHORTCUTS[screen] as Readonly<Record<string, Shortcut>>;
  return Object.fromEntries(
    Object.entries(shortcuts).flatMap(([id, { keys }]) =>
      keys.map((key) => [
        key,
        (event: KeyboardEvent) => {
          if (isTaken(event)) return;
          event.preventDefault();
          handlers[id as keyof ShortcutHandlers<S>](event);
        },
      ]),
    ),
  );
}

/** Does the key belong to something else on the page: a field, a list, a card or menu that is open, a pressed button? */
function isTaken(event: KeyboardEvent): boolean {
  const { target } = event;
  if (event.defaultPrevented) return true;
  if (document.querySelector('[role="dialog"], [role="alertdialog"], [role="menu"]') !== null) return true;
  if (
    target instanceof HTMLInputElement ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement
  )
    return true;
  // Enter presses a button that has the focus; every other key goes on to the screen.
  return event.key === "Enter" && target instanceof Element && target.closest("button, [role=button], a") !== null;
}
