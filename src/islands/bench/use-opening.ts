import { type Dispatch, useEffect, useRef, useState } from "react";
import { type JudgeRequest, requestOf } from "../../core/light.ts";
import { ignoreCancelled } from "../shared/use-answer.ts";
import type { ChainWorkerClient } from "./chain-worker-client.ts";
import type { BenchProps } from "./starting-state.ts";
import type { BenchAction, BenchState } from "./state.ts";

/**
 * The chain that the bench opens with: as it came with the page or, where the server had no time for it, made here, unless
 * there is another by then.
 *
 * @returns its words; empty as long as there are none
 */
export function useOpening(
  { opening }: BenchProps,
  state: BenchState,
  dispatch: Dispatch<BenchAction>,
  planner: ChainWorkerClient,
  rules: JudgeRequest,
): readonly string[] {
  const [made, setMade] = useState(opening?.words ?? []);
  const now = useRef(state);
  now.current = state;
  const asked = useRef(rules);
  useEffect(() => {
    if (!opening || opening.words.length > 0) return;
    const request = { ...requestOf(now.current.shape, []), ...asked.current, seed: 1 };
    planner
      .ask((api) => api.planFirst(request, opening.targets))
      .then((first) => {
        if (!first || now.current.words.length > 0) return;
        const { words, focus, contrasts } = first;
        setMade(words);
        dispatch({ type: "aim", focus, contrasts });
        dispatch({ type: "words", words });
      })
      .catch(ignoreCancelled);
  }, [opening, planner, dispatch]);
  return made;
}
