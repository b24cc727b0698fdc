import { useInsertionEffect, useRef, useState } from "react";

type Callbacks = Readonly<Record<string, (...args: never[]) => unknown>>;

/**
 * Callbacks that stay the same from one drawing to the next and do what the newest ones do: a part that is given them
 * need not be drawn again because they changed. Not to be called while drawing.
 *
 * @param callbacks always under the same names
 */
export function useStableCallbacks<C extends Callbacks>(callbacks: C): C {
  const newest = useRef(callbacks);
  useInsertionEffect(() => {
    newest.current = callbacks;
  });
  const [stable] = useState(
    () =>
      Object.fromEntries(
        Object.keys(callbacks).map((name) => [name, (...args: never[]) => newest.current[name]?.(...args)]),
      ) as C,
  );
  return stable;
}
