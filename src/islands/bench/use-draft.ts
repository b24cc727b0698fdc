import { type Dispatch, useEffect, useRef, useState } from "react";
import type { BenchProps } from "./starting-state.ts";
import { type BenchAction, type BenchState, type Draft, draftOf } from "./state.ts";

/**
 * A chain in the making outlives a look at another screen; one named in the address comes first.
 *
 * @returns whether one was taken up again in place of what came with the page
 */
export function useDraft(
  { group, chain, copyOf, given, opening }: BenchProps,
  state: BenchState,
  dispatch: Dispatch<BenchAction>,
  opened: readonly string[],
): boolean {
  const key = `zip-step bench ${group.id}`;
  const looked = useRef(false);
  const [isRestored, setRestored] = useState(false);
  useEffect(() => {
    if (!looked.current) {
      looked.current = true;
      const kept = chain || copyOf || given.length > 0 || opening?.isAsked ? null : sessionStorage.getItem(key);
      if (kept) {
        setRestored(true);
        return dispatch({ type: "restore", draft: JSON.parse(kept) as Draft });
      }
    }
    // What was made beforehand is made anew the next time, by what the records say then.
    if (state.words.length > 0 && state.words !== opened) sessionStorage.setItem(key, JSON.stringify(draftOf(state)));
  }, [key, chain, copyOf, given, opening, opened, state, dispatch]);
  return isRestored;
}
