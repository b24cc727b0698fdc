import { DEFAULT_SHAPE, gpcId, taughtGpcs } from "../../core/light.ts";
import type { BenchPage } from "../../server/chains/bench-page.ts";
import { NO_HISTORY } from "../shared/history.ts";
import { afterLast, type BenchState, fingerprint } from "./state.ts";

/** What the page gives the bench, once there is a group with a sequence. */
export type BenchProps = BenchPage & {
  readonly group: NonNullable<BenchPage["group"]>;
  readonly scope: NonNullable<BenchPage["scope"]>;
};

/** The bench as it opens: with a saved chain, with a copy of another group's, with words sent from a set, or with what was made for it, aimed at the newest spelling where nothing was. */
export function startingState({ group, scope, chain, copyOf, given, opening }: BenchProps): BenchState {
  const step = scope.sequence.steps[group.step - 1];
  const newest = step?.gpcs[0];
  const source = chain ?? copyOf;
  // Another group's chain comes without the aims this group has not been taught.
  const known = new Set(taughtGpcs(scope));
  const taughtHere = (id: string) => !copyOf || known.has(id);
  const words = source?.words ?? opening?.words ?? given;
  const state: BenchState = {
    words,
    gap: afterLast(words),
    focus:
      source?.aim.focus.filter(taughtHere) ??
      opening?.focus ??
      (newest ? [gpcId(newest.grapheme, newest.phonemes)] : []),
    contrasts: source?.aim.contrasts.filter(({ a, b }) => taughtHere(a) && taughtHere(b)) ?? opening?.contrasts ?? [],
    shape: source?.shape ?? DEFAULT_SHAPE,
    title: chain?.title ?? "",
    chainId: chain?.id,
    saved: "",
    history: NO_HISTORY,
  };
  return chain ? { ...state, saved: fingerprint(state) } : state;
}
