import { useCallback, useEffect, useRef } from "react";
import type { Place } from "../../server/sessions.ts";
import { afterPaint } from "../after-paint.ts";
import { call } from "../client.ts";

/** Moments of a word change quickly: they are kept once they stand still for so long. */
const STILL_MS = 700;

/**
 * Keeps the place of a lesson on the server as it moves: at once from word to word, a little later within a word. One
 * request at a time, always the newest place; one that could not be stored goes with the next move.
 *
 * @returns keeps the place now; resolves once the server has it, or could not be reached
 */
export function usePlace(sessionId: string, place: Place, seconds: { readonly current: Record<string, number> }) {
  const latest = useRef(place);
  latest.current = place;
  const sending = useRef<Promise<void>>(undefined);
  const again = useRef(false);

  const keep = useCallback(async (): Promise<void> => {
    if (sending.current) {
      again.current = true;
      return sending.current;
    }
    const send = async () => {
      do {
        again.current = false;
        const now = { ...latest.current, seconds: { ...seconds.current } };
        await call("PATCH", `/api/sessions/${sessionId}`, { place: now }, true).catch(() => undefined);
      } while (again.current);
    };
    sending.current = send().finally(() => {
      sending.current = undefined;
    });
    return sending.current;
  }, [sessionId, seconds]);

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

  // The clock goes on within a word: what it shows is kept when the page is left.
  useEffect(() => {
    const leave = () => void keep();
    addEventListener("pagehide", leave);
    return () => removeEventListener("pagehide", leave);
  }, [keep]);

  return keep;
}
