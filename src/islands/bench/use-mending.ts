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
  /** The chain as it is by now: an answer may be about the one before. */
  const now = useRef(words);
  now.current = words;
  const put = (next: readonly string[]) => {
    now.current = next;
    dispatch({ type: "words", words: next });
  };

  /** Puts words between two neighbours, so that every step is one; nothing where they stand apart by now. */
  const bridge = async (from: string, to: string) => {
    for (;;) {
      const taken = now.current;
      const at = taken.indexOf(to);
      if (taken[at - 1] !== from) return;
      const between = await desk
        .ask((api) => api.bridge(from, to, { ...rules, taken }))
        .catch((error) => ignoreCancelled(error));
      // Another step was mended meanwhile: the same words must not come twice.
      if (now.current !== taken) continue;
      if (!between || between.length === 0) {
        toast.error(`No taught words lead from ${from} to ${to}. Take one of them out, or put another in its place.`);
        return;
      }
      put(taken.toSpliced(at, 0, ...between));
      toast.success(`Put in between: ${between.join(", ")}`);
      return;
    }
  };

  /** Takes a word out for good; another comes in its place where there is one. */
  const ban = async (word: string) => {
    const index = words.indexOf(word);
    if (index < 0) return;
    dispatch({ type: "shape", shape: { never: [...(shape.never ?? []), word] } });
    const found = words.length < 3 ? undefined : await planner.replaceWord(index);
    // Found for the chain as it was: what was changed meanwhile stays, and the word goes all the same.
    if (found && now.current === words) put(found);
    else dispatch({ type: "take-out", word });
  };

  const unfit = unfitIn(verdicts ?? []);

  const replaceUnfit = async () => {
    const found = await planner.fillAround((_, k) => !unfit.includes(k));
    if (found && now.current === words) put(found);
  };

  return { bridge, ban, replaceUnfit, unfit: unfit.length };
}
