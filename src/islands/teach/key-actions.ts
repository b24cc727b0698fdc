import type { Outcome } from "../../core/light.ts";
import { SHORTCUTS, type ShortcutHandlers } from "../shared/shortcuts.ts";
import type { TeachCommands } from "./commands.ts";
import type { TeachStore } from "./teach-store.ts";

/** How the key of every outcome is shown on its button. */
export const outcomeKey = (outcome: Outcome): string => SHORTCUTS.teach[outcome].shown;

/** What the keys of a lesson do. */
export function keyActions({ getState, dispatch }: TeachStore, commands: TeachCommands): ShortcutHandlers<"teach"> {
  const mark = (outcome: Outcome) => () => commands.mark(outcome);
  return {
    tap: () => dispatch({ type: "tap" }),
    "tap-back": () => dispatch({ type: "tap-back" }),
    blend: () => dispatch({ type: "blend" }),
    next: () => dispatch({ type: "next" }),
    back: () => dispatch({ type: "back" }),
    "next-activity": () => dispatch({ type: "next-activity" }),
    "previous-activity": () => dispatch({ type: "previous-activity" }),
    change: () => dispatch({ type: "toggle", what: "showChange" }),
    counters: () => dispatch({ type: "toggle", what: "withCounters" }),
    sign: () => dispatch({ type: "next-turn-sign" }),
    turn: ({ key }) => {
      const learner = getState().page.group.learners[Number(key) - 1];
      if (learner) dispatch({ type: "give-turn", learnerId: learner.id });
    },
    right: mark("right"),
    "after-tapping": mark("after-tapping"),
    "self-corrected": mark("self-corrected"),
    together: mark("together"),
    "written-again": mark("written-again"),
    "no-attempt": mark("no-attempt"),
    wrong: mark("wrong"),
    type: () => dispatch({ type: "type-answer", open: true }),
    undo: commands.undo,
    redo: commands.redo,
    release: () => dispatch({ type: "press-unit", unit: undefined }),
  };
}
