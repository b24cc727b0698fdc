import { useCallback, useEffect, useRef } from "react";
import { LEAST_ITEMS, type OralItem, type OralRules, type OralSetRequest } from "../../core/light.ts";
import type { SetsWorkerClient } from "../shared/sets-worker-client.ts";
import type { EarsPart } from "./oral-set-state.ts";

interface ItemsAsked {
  readonly worker: SetsWorkerClient;
  readonly parts: readonly EarsPart[];
  readonly rules: Omit<OralRules, "seed">;
  readonly seed: number;
  readonly onParts: (change: (parts: readonly EarsPart[]) => readonly EarsPart[]) => void;
}

/** Another seed for every skill, so that two skills of a sheet do not bring the same words in the same order. */
const APART = 7919;

/** Keeps every skill of the sheet filled with as many items as it asks for. */
export function useItems({ worker, parts, rules, seed, onParts }: ItemsAsked) {
  const asking = useRef("");

  useEffect(() => {
    const at = parts.findIndex(
      ({ items, count, reason }) => (items.length !== count || count < LEAST_ITEMS) && !reason,
    );
    const part = parts[at];
    if (!part) return;
    const used = parts.flatMap(({ items }, k) => (k === at ? [] : items.map(({ key }) => key)));
    const question = JSON.stringify([part.skill, part.count, at, rules, seed]);
    if (asking.current === question) return;
    asking.current = question;
    const request: OralSetRequest = { ...rules, skill: part.skill, count: part.count, used, seed: seed + at * APART };
    worker
      .ask((api) => api.oral(request))
      .then((set) => {
        // The words or the skills have changed since: the answer is to an old question.
        if (asking.current !== question) return;
        asking.current = "";
        onParts((now) =>
          now.map((old, k): EarsPart => {
            if (k !== at || old.skill !== part.skill || old.count !== part.count) return old;
            const { reason: _, ...rest } = old;
            return set.ok
              ? { ...rest, items: set.items, fromToday: set.fromToday }
              : { ...rest, items: [], fromToday: 0, reason: set.reason };
          }),
        );
      })
      .catch(() => {
        if (asking.current === question) asking.current = "";
      });
  }, [worker, parts, rules, seed, onParts]);

  /** Another item in the place of one; undefined when there is no other. */
  const swap = useCallback(
    async (at: number, index: number): Promise<OralItem | undefined> => {
      const part = parts[at];
      if (!part) return undefined;
      const used = parts.flatMap(({ items }) => items.map(({ key }) => key));
      const request: OralSetRequest = {
        ...rules,
        skill: part.skill,
        count: part.count,
        used,
        seed: seed + used.length,
      };
      return worker.ask((api) => api.swap(request, part.items, index)).catch(() => undefined);
    },
    [worker, parts, rules, seed],
  );

  return { swap };
}
