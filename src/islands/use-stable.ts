import { useRef, useState } from "react";

// biome-ignore lint/suspicious/noExplicitAny: whatever the actions take
type Actions = Record<string, (...args: any[]) => unknown>;

/**
 * The same functions for as long as a screen lives, each doing what its latest version does: parts of the screen that
 * are handed them need not be drawn again when something else has changed. For handlers, not for drawing.
 */
export function useStable<T extends Actions>(now: T): T {
  const latest = useRef(now);
  latest.current = now;
  const [stable] = useState(
    () =>
      Object.fromEntries(
        Object.keys(now).map((name) => [
          name,
          (...args: unknown[]) => (latest.current[name] as Actions[string])(...args),
        ]),
      ) as T,
  );
  return stable;
}
