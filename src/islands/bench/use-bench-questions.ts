import { useMemo } from "react";
import { aimOf, type JudgeRequest, type TickTokens, taughtGpcs, taughtOf, taughtPatterns } from "../../core/light.ts";
import type { BenchProps } from "./starting-state.ts";
import { type BenchState, sidesOf } from "./state.ts";

/** What the worker is asked, worked out of what the teacher has set: each changes only when its parts do. */
export function useBenchQuestions({ scope, recent }: BenchProps, ticks: TickTokens, state: BenchState) {
  const { words, gap, focus, contrasts, shape } = state;
  const { school } = scope;
  const taught = useMemo(() => taughtOf({ ...scope, ticks }), [scope, ticks]);
  const choices = useMemo(() => taughtGpcs({ ...scope, ticks }), [scope, ticks]);
  const patterns = useMemo(() => taughtPatterns({ ...scope, ticks }), [scope, ticks]);
  const rules = useMemo((): JudgeRequest => {
    const { moves, mode, leastFamiliar, tiles, nonsenseShare, never } = shape;
    return {
      taught,
      focus,
      contrasts,
      recent,
      never: [...school.never, ...(never ?? [])],
      allowLists: school.allowLists,
      taps: school.taps,
      allowNonsense: (nonsenseShare ?? 0) > 0,
      ...(moves && { moves }),
      ...(mode && { mode }),
      ...(leastFamiliar && { leastFamiliar }),
      ...(tiles && { tiles }),
    };
  }, [taught, focus, contrasts, recent, school, shape]);
  const aim = useMemo(
    () => aimOf(shape, { focus, contrasts, recent, accent: school.accent }),
    [focus, contrasts, recent, school.accent, shape],
  );
  const gapQuestion = useMemo(
    (): JudgeRequest => ({ ...rules, taken: words, ...sidesOf({ words, gap }) }),
    [rules, words, gap],
  );
  return { choices, patterns, rules, aim, gapQuestion };
}
