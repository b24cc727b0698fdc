import type { Outcome } from "../../core/light.ts";

/** The key of every outcome, and how it is shown, in the order of the buttons. */
const OUTCOME_KEYS: Readonly<Record<Outcome, { readonly key: string; readonly shown: string }>> = {
  right: { key: "enter", shown: "Enter" },
  "after-tapping": { key: "t", shown: "T" },
  "self-corrected": { key: "s", shown: "S" },
  "no-attempt": { key: "n", shown: "N" },
  wrong: { key: "w", shown: "W, or press a letter" },
};

/** The marks, each with its key and how that is shown. */
export const MARK_KEYS = (Object.keys(OUTCOME_KEYS) as Outcome[]).map((outcome) => ({
  outcome,
  ...OUTCOME_KEYS[outcome],
}));

/** What a key does on the Teach screen. */
export interface KeyActions {
  readonly tap: () => void;
  readonly tapBack: () => void;
  readonly blend: () => void;
  readonly next: () => void;
  readonly back: () => void;
  readonly nextActivity: () => void;
  readonly previousActivity: () => void;
  readonly toggleChange: () => void;
  readonly nextTurnSign: () => void;
  readonly undo: () => void;
  readonly releaseUnit: () => void;
  readonly mark: (outcome: Outcome) => void;
  readonly giveTurn: (seat: number) => void;
}

/** The action of a key, or undefined for a key that is not the lesson's. */
export function actionOfKey(event: KeyboardEvent, act: KeyActions): (() => void) | undefined {
  if (event.altKey || event.defaultPrevented || event.target instanceof HTMLSelectElement) return undefined;
  // While a card, a menu or a form is open the keys are theirs.
  if (document.querySelector('[role="dialog"], [role="menu"]')) return undefined;
  const key = event.key.toLowerCase();
  if (event.ctrlKey || event.metaKey) return key === "z" ? act.undo : undefined;
  const onButton = event.target instanceof Element && event.target.closest("button, [role=button], a") !== null;
  if (onButton && key === "enter") return undefined;
  const marked = MARK_KEYS.find((mark) => mark.key === key);
  if (marked) return () => act.mark(marked.outcome);
  if (/^[1-9]$/.test(key)) return () => act.giveTurn(Number(key) - 1);
  switch (key) {
    case " ":
      return act.tap;
    case "arrowright":
      return act.next;
    case "arrowleft":
      return act.back;
    case "arrowup":
    case "b":
      return act.blend;
    case "arrowdown":
      return act.tapBack;
    case "pagedown":
      return act.nextActivity;
    case "pageup":
      return act.previousActivity;
    case "c":
      return act.toggleChange;
    case "m":
      return act.nextTurnSign;
    case "u":
      return act.undo;
    case "escape":
      return act.releaseUnit;
    default:
      return undefined;
  }
}
