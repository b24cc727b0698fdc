import { type Dispatch, useCallback, useEffect, useRef, useState } from "react";
import { type JudgeRequest, requestOf } from "../../core/light.ts";
import { ignoreCancelled } from "../shared/use-answer.ts";
import type { ChainWorkerClient } from "./chain-worker-client.ts";
import type { BenchProps } from "./starting-state.ts";
import type { BenchAction, BenchState } from "./state.ts";

/** The chain that the bench opens with. */
export interface Opened {
  /** Its words; empty as long as there are none. */
  readonly opened: readonly string[];
  /** It is being made here. */
  readonly isMaking: boolean;
  readonly onStop: () => void;
}

/**
 * The chain that the bench opens with: as it came with the page or, where the server had no time for it, made here, unless
 * there is another by then.
 */
export function useOpening(
  { opening }: BenchProps,
  state: BenchState,
  dispatch: Dispatch<BenchAction>,
  planner: ChainWorkerClient,
  rules: JudgeRequest,
): Opened {
  const [made, setMade] = useState(opening?.words ?? []);
  const [isMaking, setMaking] = useState(opening !== undefined && opening.words.length === 0);
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
        setMade(first.words);
        dispatch({ type: "opened", ...first });
      })
      .catch(ignoreCancelled)
      .finally(() => setMaking(false));
  }, [opening, planner, dispatch]);
  const onStop = useCallback(() => planner.stop(), [planner]);
  return { opened: made, isMaking, onStop };
}
