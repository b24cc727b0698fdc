import { type Dispatch, useRef } from "react";
import { toast } from "sonner";
import type { ChainReport, JudgeRequest, WordVerdict } from "../../core/light.ts";
import { ignoreCancelled } from "../shared/use-answer.ts";
import type { ChainWorkerClient } from "./chain-worker-client.ts";
import type { BenchAction, BenchState } from "./state.ts";
import type { usePlanner } from "./use-planner.ts";

interface Mended {
  readonly state: BenchState;
  readonly dispatch: Dispatch<BenchAction>;
  readonly rules: JudgeRequest;
  readonly verdicts: readonly WordVerdict[] | undefined;
  readonly desk: ChainWorkerClient;
  readonly planner: Pick<ReturnType<typeof usePlanner>, "fillAround" | "replaceWord">;
}

/** The places of the words that may not be shown. */
export const unfitIn = (verdicts: readonly WordVerdict[]): number[] =>
  verdicts.flatMap((verdict, k) => ("refusal" in verdict && verdict.refusal ? [k] : []));

/** How many steps of a chain are not one step. @returns a whole number, from 0 */
export const brokenIn = ({ steps }: Pick<ChainReport, "steps">): number => steps.filter(({ single }) => !single).length;

/** What mends a chain word by word: a bridge between two, another in the place of one or of all that do not fit. */
export function useMending({ state, dispatch, rules, verdicts, desk, planner }: Mended) {
  const { words, shape } = state;
  const now = useRef(words);
  now.current = words;

  /** Puts words between a word and the one before it, so that every step is one; nothing where it stands there no more. */
  const bridge = async (index: number, to: string) => {
    const from = words[index - 1];
    if (from === undefined || words[index] !== to) return;
    const between = await desk
      .ask((api) => api.bridge(from, to, { ...rules, taken: words }))
      .catch((error) => ignoreCancelled(error));
    if (!between || between.length === 0) {
      toast.error(`No taught words lead from ${from} to ${to}. Take one of them out, or put another in its place.`);
      return;
    }
    dispatch({ type: "words", words: [...words.slice(0, index), ...between, ...words.slice(index)] });
    toast.success(`Put in between: ${between.join(", ")}`);
  };

  /** Takes a word out for good, where it still stands there; another comes in its place where there is one. */
  const ban = async (index: number, word: string) => {
    if (words[index] !== word) return;
    dispatch({ type: "shape", shape: { never: [...(shape.never ?? []), word] } });
    const found = words.length < 3 ? undefined : await planner.replaceWord(index);
    // Found for the chain as it was: what was changed meanwhile stays, and the word goes all the same.
    if (found && now.current === words) dispatch({ type: "words", words: found });
    else dispatch({ type: "take-out", index: now.current.indexOf(word), word });
  };

  const unfit = unfitIn(verdicts ?? []);

  const replaceUnfit = async () => {
    const found = await planner.fillAround((_, k) => !unfit.includes(k));
    if (found) dispatch({ type: "words", words: found });
  };

  return { bridge, ban, replaceUnfit, unfit: unfit.length };
}
