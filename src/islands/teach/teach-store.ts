import { createContext, useContext } from "react";
import { useStore } from "zustand";
import { createStore } from "zustand/vanilla";
import type { SessionId } from "../../schemas/ids.ts";
import type { TeachPage } from "../../server/sessions/teach-page.ts";
import type { TeachCommands } from "./commands.ts";
import { type TeachAction, teachReducer } from "./lesson/teach-reducer.ts";
import { startTeaching, type TeachState } from "./lesson/teach-state.ts";

/** Holds the state of one Teach screen: actions go in, listeners are told. */
export type TeachStore = ReturnType<typeof createTeachStore>;

/** The store of one lesson: its state, its reducer and its commands. */
export function createTeachStore(page: TeachPage) {
  const store = createStore<TeachState>()(() => startTeaching(page));
  return {
    ...store,
    dispatch: (action: TeachAction): void => store.setState((state) => teachReducer(state, action), true),
  };
}

interface Teach {
  readonly store: TeachStore;
  readonly commands: TeachCommands;
  readonly sessionId: SessionId;
}

export const TeachContext = createContext<Teach | undefined>(undefined);

function useTeachContext(): Teach {
  const teach = useContext(TeachContext);
  if (!teach) throw new Error("A part of the Teach screen stands outside of it.");
  return teach;
}

/** What a selector reads of the state; the part that asks is drawn again only when that changes. */
export const useTeach = <T>(selector: (state: TeachState) => T): T => useStore(useTeachContext().store, selector);

/** Commands and dispatch; a component that uses them is not drawn again when the state changes. */
export const useTeachActions = (): Omit<Teach, "store"> & Pick<TeachStore, "dispatch"> => {
  const { store, ...rest } = useTeachContext();
  return { dispatch: store.dispatch, ...rest };
};
