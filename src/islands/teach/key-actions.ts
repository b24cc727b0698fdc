import type { TeachCommands } from "./commands.ts";
import type { KeyActions } from "./keys.ts";
import type { TeachStore } from "./teach-store.ts";

/** What the keys do. */
export function keyActions({ getState, dispatch }: TeachStore, commands: TeachCommands): KeyActions {
  return {
    tap: () => dispatch({ type: "tap" }),
    tapBack: () => dispatch({ type: "tap-back" }),
    blend: () => dispatch({ type: "blend" }),
    next: () => dispatch({ type: "next" }),
    back: () => dispatch({ type: "back" }),
    nextActivity: () => dispatch({ type: "next-activity" }),
    previousActivity: () => dispatch({ type: "previous-activity" }),
    toggleChange: () => dispatch({ type: "toggle", what: "showChange" }),
    nextTurnSign: () => dispatch({ type: "next-turn-sign" }),
    releaseUnit: () => dispatch({ type: "press-unit", unit: undefined }),
    giveTurn: (seat) => {
      const learner = getState().page.group.learners[seat];
      if (learner) dispatch({ type: "give-turn", learnerId: learner.id });
    },
    mark: commands.mark,
    undo: commands.undo,
  };
}
