import { useCallback, useEffect, useRef } from "react";
import type { Place } from "../../server/sessions.ts";
import { afterPaint } from "../after-paint.ts";
import { call } from "../client.ts";
import type { Keeper } from "../keeper.ts";
import { useKeeper } from "../use-keeper.ts";

/** Moments of a word change quickly: they are kept once they stand still for so long. */
const STILL_MS = 700;

interface On {
  readonly sessionId: string;
  /** As the server had it when the page was made. */
  readonly stored: Place;
  /** As it is. */
  readonly place: Place;
  readonly seconds: { readonly current: Readonly<Record<string, number>> };
  /** The page was left before the server had this place: the lesson goes on there. */
  readonly onLeft: (place: Place) => void;
}

/**
 * Keeps the place of a lesson on the server as it moves: at once from word to word, a little later within a word.
 *
 * @returns keeps the place now; resolves once the server has it, or could not be reached
 */
export function usePlace({ sessionId, stored, place, seconds, onLeft }: On) {
  const latest = useRef(place);
  latest.current = place;
  const now = () => ({ ...latest.current, seconds: { ...seconds.current } });
  const keeper: Keeper<Place> = useKeeper({
    name: `zip-step place ${sessionId}`,
    stored,
    send: (whole) => call("PATCH", `/api/sessions/${sessionId}`, { place: whole }, true),
    onLeft,
    // The clock goes on within a word: what it shows is kept when the page is left.
    onLeave: () => {
      keeper.keep(now());
    },
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is now is read when it is kept
  const keep = useCallback((): Promise<boolean> => {
    keeper.keep(now());
    return keeper.settled();
  }, [keeper]);

  const { activity, item, learnerId, orders, skipped, stage } = place;
  const where = JSON.stringify([activity, item, learnerId, orders, skipped]);
  const kept = useRef({ where, stage });
  useEffect(() => {
    if (kept.current.where === where && kept.current.stage === stage) return undefined;
    const keepIt = () => {
      kept.current = { where, stage };
      void keep();
    };
    // From word to word at once, though after the frame that shows it.
    if (kept.current.where !== where) return afterPaint(keepIt);
    const timer = setTimeout(keepIt, STILL_MS);
    return () => clearTimeout(timer);
  }, [where, stage, keep]);

  return keep;
}
