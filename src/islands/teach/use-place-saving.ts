import { useCallback, useEffect, useRef } from "react";
import type { Place, Session } from "../../server/sessions/sessions.ts";
import type { Autosave } from "../shared/autosave.ts";
import { call } from "../shared/client.ts";
import { useAutosave } from "../shared/use-autosave.ts";
import * as select from "./lesson/selectors.ts";
import type { TeachState } from "./lesson/teach-state.ts";
import type { TeachStore } from "./teach-store.ts";

/** From word to word the place is saved once the press has been drawn. */
const AFTER_PRESS_MS = 50;
/** Moments of a word change quickly: they are saved once they stand still for so long. */
const WITHIN_WORD_MS = 700;

type Seconds = { readonly current: Record<string, number> };

const placeOf = (state: TeachState, seconds: Seconds): Place => {
  const { activity, item, orders, skipped } = state.lesson;
  const stage = select.stageIndex(state);
  return {
    activity,
    item,
    stage,
    learnerId: select.turn(state) ?? null,
    orders,
    skipped,
    seconds: { ...seconds.current },
  };
};

/**
 * Saves the place of a lesson as it moves.
 *
 * @returns saves the place now; resolves once the server has it, or could not be reached
 */
export function usePlaceSaving(
  store: TeachStore,
  session: { readonly id: string; readonly place: Place },
  seconds: Seconds,
): () => Promise<boolean> {
  const now = useCallback(() => placeOf(store.getState(), seconds), [store, seconds]);
  const autosave: Autosave<Place, Session> = useAutosave({
    name: `zip-step place ${session.id}`,
    stored: session.place,
    send: (place: Place) =>
      call("PATCH /api/sessions/:sessionId", { params: { sessionId: session.id }, body: { place }, outlive: true }),
    onRestored: (place) => {
      Object.assign(seconds.current, place.seconds);
      store.dispatch({ type: "restore-place", place });
    },
    // The clock has gone on within a word: what it shows is saved when the page is closed.
    beforeLeave: (): void => autosave.save(now()),
  });

  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    const wordOf = ({ activity, item, learnerId, orders, skipped }: Place) =>
      JSON.stringify([activity, item, learnerId, orders, skipped]);
    let last = now();
    const stop = store.subscribe(() => {
      const next = now();
      const isOtherWord = wordOf(next) !== wordOf(last);
      if (!isOtherWord && next.stage === last.stage) return;
      last = next;
      clearTimeout(timer.current);
      timer.current = setTimeout(() => autosave.save(now()), isOtherWord ? AFTER_PRESS_MS : WITHIN_WORD_MS);
    });
    return () => {
      stop();
      clearTimeout(timer.current);
    };
  }, [store, autosave, now]);

  return useCallback(() => {
    clearTimeout(timer.current);
    autosave.save(now());
    return autosave.settled();
  }, [autosave, now]);
}
