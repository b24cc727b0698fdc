import { useEffect, useRef } from "react";

/** Counts the seconds of each activity while the page is looked at; the count itself draws nothing. */
export function useClock(activityId: string, start: Readonly<Record<string, number>>) {
  const seconds = useRef<Record<string, number>>({ ...start });
  useEffect(() => {
    let last = performance.now();
    const count = () => {
      const now = performance.now();
      // A tablet that slept did not teach.
      const passed = Math.min(2, (now - last) / 1000);
      last = now;
      if (!document.hidden) seconds.current[activityId] = (seconds.current[activityId] ?? 0) + passed;
    };
    const timer = setInterval(count, 1000);
    return () => {
      count();
      clearInterval(timer);
    };
  }, [activityId]);
  return seconds;
}
