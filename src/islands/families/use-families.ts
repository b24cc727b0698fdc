import { type Dispatch, useCallback, useEffect, useMemo } from "react";
import {
  type Family,
  type FamilyGrid,
  type FamilyRules,
  type FamilySetRequest,
  familyId,
  type NoSet,
  taughtOf,
} from "../../core/light.ts";
import type { FamiliesPage } from "../../server/sets/families-page.ts";
import type { SetsWorkerClient } from "../shared/sets-worker-client.ts";
import { useAnswer } from "../shared/use-answer.ts";
import type { FamiliesAction, FamiliesState } from "./set-state.ts";

/** What may stand before this group, and what was used lately. */
export function useFamilyRules({ scope }: FamiliesPage, endings: FamilyRules["endings"]): FamilyRules {
  return useMemo(
    () => ({
      taught: taughtOf(scope),
      never: scope.school.never,
      allowLists: scope.school.allowLists,
      ...(endings && { endings }),
    }),
    [scope, endings],
  );
}

export interface FamilyAnswers {
  readonly grid: FamilyGrid | undefined;
  readonly refusal: NoSet | undefined;
  /** How many words there are when there are fewer than asked for. */
  readonly short: number | undefined;
}

/** The grid of the families chosen, and the set made of them, as they change. */
export function useFamilyAnswers(
  { worker, maker }: { readonly worker: SetsWorkerClient; readonly maker: SetsWorkerClient },
  state: FamiliesState,
  dispatch: Dispatch<FamiliesAction>,
  rules: FamilyRules,
  recent: readonly string[],
): FamilyAnswers {
  const { kind, families, options, byHand } = state;
  const askGrid = useCallback(
    async () => (families.length === 0 ? undefined : worker.ask((api) => api.grid({ ...rules, kind, families }))),
    [worker, rules, kind, families],
  );
  // Nonsense words take longer: real words do not wait for them.
  const askWithNonsense = useCallback(
    async () =>
      families.length === 0 ? undefined : maker.ask((api) => api.grid({ ...rules, kind, families, nonsense: true })),
    [maker, rules, kind, families],
  );
  const request = useMemo(
    (): FamilySetRequest => ({ ...rules, ...options, kind, families, recent }),
    [rules, options, kind, families, recent],
  );
  const setMaker = options.nonsenseShare > 0 ? maker : worker;
  const askSet = useCallback(
    async () => (families.length === 0 ? undefined : setMaker.ask((api) => api.set(request))),
    [setMaker, request, families],
  );
  const grid = useAnswer(askGrid);
  const made = useAnswer(askSet);
  const withNonsense = useAnswer(askWithNonsense);
  useEffect(() => {
    if (made?.ok && !byHand) dispatch({ type: "made", words: made.words });
  }, [made, byHand, dispatch]);
  return {
    grid: withNonsense && isOf(withNonsense, families) ? withNonsense : grid,
    refusal: made && !made.ok ? made.reason : undefined,
    short: made?.ok && made.words.length < made.asked ? made.words.length : undefined,
  };
}

/** Is this the grid of these families, and not of those before? */
const isOf = ({ columns }: FamilyGrid, families: readonly Family[]): boolean =>
  columns.length === families.length &&
  columns.every(({ family }, k) => familyId(family) === familyId(families[k] as Family));
