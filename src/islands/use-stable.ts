import { useRef, useState } from "react";

// biome-ignore lint/suspicious/noExplicitAny: whatever the actions take
type Actions = Record<string, (...args: any[]) => unknown>;

/**
 * The same functions for as long as a screen lives, each doing what its latest version does: parts of the screen that
 * are handed them need not be drawn again when something else has changed. For handlers, not for drawing.
 *
 * @param first done before each of them; what it makes React draw, they know
 */
export function useStable<T extends Actions>(now: T, first?: () => void): T {
  const latest = useRef({ now, first });
  latest.current = { now, first };
  const [stable] = useState(
    () =>
      Object.fromEntries(
        Object.keys(now).map((name) => [
          name,
          (...args: unknown[]) => {
            latest.current.first?.();
            return (latest.current.now[name] as Actions[string])(...args);
          },
        ]),
      ) as T,
  );
  return stable;
}
