import { useEffect, useRef, useState } from "react";
import { Keeper } from "./keeper.ts";

/** Said while something waits because the server cannot be reached. */
export const WAITING = "Zip Step cannot be reached. What you changed waits here and is sent by itself.";

export interface KeeperUse<T, A> {
  readonly name: string;
  readonly stored: T;
  readonly send: (whole: T) => Promise<A>;
  /** The page was left before this was known to be kept: it is kept now, and is to be shown. */
  readonly onLeft: (whole: T) => void;
  /** The page is left: the last occasion to keep something. */
  readonly onLeave?: () => void;
  readonly onKept?: (answer: A) => void;
  readonly onRefused?: (error: Error) => void;
  readonly onWaiting?: () => void;
}

/** A keeper for as long as a screen lives, doing what the screen's latest version says. */
export function useKeeper<T, A>(on: KeeperUse<T, A>): Keeper<T, A> {
  const latest = useRef(on);
  latest.current = on;
  const [keeper] = useState(
    () =>
      new Keeper<T, A>({
        name: on.name,
        stored: on.stored,
        // Looked up when it is needed: the page is made ready on the server, where there is none.
        notes: {
          getItem: (key) => sessionStorage.getItem(key),
          setItem: (key, value) => sessionStorage.setItem(key, value),
          removeItem: (key) => sessionStorage.removeItem(key),
        },
        send: (whole) => latest.current.send(whole),
        onKept: (answer) => latest.current.onKept?.(answer),
        onRefused: (error) => latest.current.onRefused?.(error),
        onWaiting: () => latest.current.onWaiting?.(),
      }),
  );
  useEffect(() => {
    const left = keeper.left();
    if (left !== undefined) {
      keeper.keep(left);
      latest.current.onLeft(left);
    }
    const leave = () => {
      latest.current.onLeave?.();
      keeper.leave();
    };
    // A page that the browser had kept alive does not know what has been changed since, and would overwrite it.
    const comeBack = ({ persisted }: PageTransitionEvent) => {
      if (persisted) location.reload();
    };
    addEventListener("pagehide", leave);
    addEventListener("pageshow", comeBack);
    return () => {
      removeEventListener("pagehide", leave);
      removeEventListener("pageshow", comeBack);
    };
  }, [keeper]);
  return keeper;
}
