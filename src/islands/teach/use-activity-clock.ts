import { useEffect, useRef } from "react";
import * as select from "./lesson/selectors.ts";
import type { TeachStore } from "./teach-store.ts";

/** Seconds spent, by activity id. */
export interface ActivitySeconds {
  readonly current: Readonly<Record<string, number>>;
}

/** A tablet that slept did not teach: no more than this is counted at once. */
const MOST_SECONDS_AT_ONCE = 2;

/** Counts the seconds of each activity, by its id, while the page is looked at; counting draws nothing. */
export function useActivityClock(store: TeachStore, start: Readonly<Record<string, number>>) {
  const seconds = useRef<Record<string, number>>({ ...start });
  useEffect(() => {
    let last = performance.now();
    let activityId = select.activity(store.getState())?.id;
    const count = () => {
      const now = performance.now();
      const passed = Math.min(MOST_SECONDS_AT_ONCE, (now - last) / 1000);
      last = now;
      if (!document.hidden && activityId !== undefined)
        seconds.current[activityId] = (seconds.current[activityId] ?? 0) + passed;
    };
    const timer = setInterval(count, 1000);
    const stop = store.subscribe((state) => {
      const next = select.activity(state)?.id;
      if (next === activityId) return;
      count();
      activityId = next;
    });
    return () => {
      stop();
      count();
      clearInterval(timer);
    };
  }, [store]);
  return seconds;
}
