import { type Dispatch, useEffect, useRef } from "react";
import type { BenchProps } from "./starting-state.ts";
import { type BenchAction, type BenchState, type Draft, draftOf } from "./state.ts";

/** A chain in the making outlives a look at another screen; one named in the address comes first. */
export function useDraft(
  { group, chain, copyOf, given }: BenchProps,
  state: BenchState,
  dispatch: Dispatch<BenchAction>,
) {
  const key = `zip-step bench ${group.id}`;
  const restored = useRef(false);
  useEffect(() => {
    if (!restored.current) {
      restored.current = true;
      const kept = chain || copyOf || given.length > 0 ? null : sessionStorage.getItem(key);
      if (kept) return dispatch({ type: "restore", draft: JSON.parse(kept) as Draft });
    }
    if (state.words.length > 0) sessionStorage.setItem(key, JSON.stringify(draftOf(state)));
  }, [key, chain, copyOf, given, state, dispatch]);
}
