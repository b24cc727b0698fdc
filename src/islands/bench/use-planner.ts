import { type Dispatch, useRef, useState } from "react";
import { toast } from "sonner";
import {
  type ChainPlan,
  type ChainRequest,
  type JudgeRequest,
  type NoChain,
  type Relaxation,
  requestOf,
  type TickTokens,
  tickedAsTaught,
} from "../../core/light.ts";
import type { Group } from "../../server/groups/groups.ts";
import { call } from "../shared/client.ts";
import { ignoreCancelled } from "../shared/use-answer.ts";
import type { ChainWorkerClient } from "./chain-worker-client.ts";
import type { OtherChain } from "./Others.tsx";
import { type BenchAction, type BenchState, shapeAfter } from "./state.ts";

const ALTERNATIVES = 3;

interface PlannedChains {
  readonly state: BenchState;
  readonly dispatch: Dispatch<BenchAction>;
  readonly group: Group;
  readonly rules: JudgeRequest;
  readonly recent: readonly string[];
  readonly ticks: TickTokens;
  readonly onTicks: (ticks: TickTokens) => void;
  readonly desk: ChainWorkerClient;
  readonly planner: ChainWorkerClient;
}

/** What the planner is pressed for; the chain at hand stays until there is another. */
export function usePlanner({ state, dispatch, group, rules, recent, ticks, onTicks, desk, planner }: PlannedChains) {
  const { words, focus, contrasts, shape } = state;
  const [others, setOthers] = useState<readonly OtherChain[]>([]);
  const [refusal, setRefusal] = useState<NoChain>();
  /** What the planner is at, as it is told the teacher; undefined while it rests. */
  const [planning, setPlanning] = useState<string>();
  const seed = useRef(1);
  /** What was planned last, to know when the same is asked again: then another chain is wanted. */
  const planned = useRef("");

  const requestNow = (change: Partial<ChainRequest> = {}): ChainRequest => ({
    ...requestOf(shape, words),
    ...rules,
    focus,
    contrasts,
    seed: seed.current++,
    count: ALTERNATIVES + 1,
    ...change,
  });

  /** Runs the planner with progress and a stop. */
  const withPlanner = async <T>(ask: (client: ChainWorkerClient) => Promise<T>): Promise<T | undefined> => {
    setPlanning("Looking…");
    setRefusal(undefined);
    try {
      return await ask(planner);
    } catch (error) {
      ignoreCancelled(error);
      return undefined;
    } finally {
      setPlanning(undefined);
    }
  };

  const ask = (request: ChainRequest) =>
    withPlanner((client) =>
      client.ask((api) =>
        api.plan(
          request,
          // A last word of progress may come after the answer: it must not bring the waiting back.
          client.progress((done, all) =>
            setPlanning((now) => now && `No chain so far; trying what would give one (${done} of ${all})`),
          ),
        ),
      ),
    );

  /** Chains for a request; undefined when it was stopped or cannot be met, which is then said. */
  const plansFor = async (request: ChainRequest): Promise<ChainPlan[] | undefined> => {
    const answer = await ask(request);
    if (!answer || Array.isArray(answer)) return answer;
    setRefusal(answer);
    return undefined;
  };

  const show = (chain: readonly string[]) =>
    dispatch({ type: "words", words: chain, gap: { kind: "after", index: chain.length - 1 } });
  const named = (plans: readonly ChainPlan[]): OtherChain[] =>
    plans.map((plan, k) => ({ name: `other ${k + 1}`, plan }));

  const plan = async () => {
    const asked = JSON.stringify([focus, contrasts, shape]);
    const again = planned.current === `${asked} ${words.join(" ")}`;
    const free = words.filter((word) => !shape.locked.includes(word));
    const plans = await plansFor(requestNow(again || shape.locked.length > 0 ? { recent: [...recent, ...free] } : {}));
    const [first, ...rest] = plans ?? [];
    if (!first) return;
    planned.current = `${asked} ${first.words.join(" ")}`;
    show(first.words);
    setOthers(named(rest));
  };

  const threeOthers = async () => {
    const plans = await plansFor(requestNow({ recent: [...recent, ...words], count: ALTERNATIVES }));
    if (plans) setOthers(named(plans));
  };

  const levels = async () => {
    const answer = await withPlanner((client) => client.ask((api) => api.levels(requestNow())));
    if (!answer) return;
    if (!("easier" in answer)) return setRefusal(answer);
    setOthers([
      { name: "easier twin", plan: answer.easier },
      { name: "harder twin", plan: answer.harder },
    ]);
  };

  /** The shortest way from the first word to the last, as the chain. */
  const shortestWay = async () => {
    const { start, end } = shape;
    if (!start || !end) return;
    setRefusal(undefined);
    const way = await desk.ask((api) => api.ladder(start, end, rules)).catch((error) => ignoreCancelled(error));
    if (way) show(way);
    else toast.error(`No taught words lead from ${start} to ${end}. Choose another first or last word.`);
  };

  /** Takes a relaxation: the request changes as it says, the chain it was tried with comes in. */
  const relax = async ({ relaxation, change, example }: Relaxation) => {
    setRefusal(undefined);
    if (relaxation.code === "teach-gpc" || relaxation.code === "teach-pattern") {
      const next =
        relaxation.code === "teach-gpc"
          ? tickedAsTaught(ticks, "gpcs", relaxation.gpc)
          : tickedAsTaught(ticks, "patterns", relaxation.pattern);
      try {
        await call("PUT /api/groups/:groupId/ticks", { params: { groupId: group.id }, body: { ...next, base: ticks } });
        onTicks(next);
        toast.success(`Ticked as taught for ${group.name}`);
      } catch (error) {
        toast.error((error as Error).message);
        return;
      }
    } else if (change.focus || change.contrasts) {
      dispatch({ type: "aim", focus: change.focus ?? focus, contrasts: change.contrasts ?? contrasts });
    } else {
      dispatch({ type: "shape", shape: shapeAfter(change, shape) });
    }
    show(example);
  };

  /** A request in which the words kept stay in their places and the others are found anew. */
  const aroundKept = (keep: (word: string, index: number) => boolean): ChainRequest => {
    const { start: _start, end: _end, mustInclude: _must, ...request } = requestNow({ count: 1 });
    return { ...request, length: words.length, fixed: words.map((word, k) => (keep(word, k) ? word : undefined)) };
  };

  /** The chain with other words in the place of those not kept; says why where there is none. */
  const fillAround = async (keep: (word: string, index: number) => boolean) =>
    (await plansFor(aroundKept(keep)))?.[0]?.words;

  /** The chain with another word in the place of one that may not come again; undefined where none fits. */
  const replaceWord = async (index: number): Promise<readonly string[] | undefined> => {
    const never = [...(rules.never ?? []), words[index] as string];
    // First everything else stays; where nothing fits so, its neighbours may go too.
    for (const reach of [0, 1]) {
      const keep = (word: string, k: number) =>
        Math.abs(k - index) > reach || (k !== index && shape.locked.includes(word));
      const answer = await ask({ ...aroundKept(keep), never });
      if (Array.isArray(answer)) return answer[0]?.words;
    }
    return undefined;
  };

  return {
    planning,
    refusal,
    others,
    plan,
    threeOthers,
    levels,
    shortestWay,
    relax,
    fillAround,
    replaceWord,
    stop: () => planner.stop(),
    closeRefusal: () => setRefusal(undefined),
    takeOther: (other: OtherChain) => {
      dispatch({ type: "words", words: other.plan.words });
      setOthers(others.filter((o) => o !== other));
    },
  };
}
