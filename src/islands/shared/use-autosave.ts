import { useEffect, useRef, useState } from "react";
import { Autosave } from "./autosave.ts";

/** Said while something waits because the server cannot be reached. */
export const WAITING = "Zip Step cannot be reached. What you changed waits here and is sent by itself.";

export interface UseAutosaveOptions<T, A> {
  readonly name: string;
  readonly stored: T;
  readonly send: (whole: T, base: T | undefined) => Promise<A>;
  /** An earlier page was closed before this was known to be saved: it is saved now, and is to be shown. */
  readonly onRestored: (whole: T) => void;
  /** The page is being closed: the last occasion to save something. */
  readonly beforeLeave?: () => void;
  readonly onSaved?: (answer: A) => void;
  readonly onRefused?: (error: Error) => void;
  readonly onWaiting?: () => void;
}

/** An autosave for as long as a screen lives, doing what the screen's latest version says. */
export function useAutosave<T, A>(options: UseAutosaveOptions<T, A>): Autosave<T, A> {
  const latest = useRef(options);
  latest.current = options;
  const [autosave] = useState(
    () =>
      new Autosave<T, A>({
        name: options.name,
        stored: options.stored,
        // Looked up when it is needed: the page is made ready on the server, where there is none.
        storage: {
          getItem: (key) => sessionStorage.getItem(key),
          setItem: (key, value) => sessionStorage.setItem(key, value),
          removeItem: (key) => sessionStorage.removeItem(key),
        },
        send: (whole, base) => latest.current.send(whole, base),
        onSaved: (answer) => latest.current.onSaved?.(answer),
        onRefused: (error) => latest.current.onRefused?.(error),
        onWaiting: () => latest.current.onWaiting?.(),
      }),
  );
  useEffect(() => {
    const unsaved = autosave.unsaved();
    if (unsaved !== undefined) {
      autosave.save(unsaved);
      latest.current.onRestored(unsaved);
    }
    const leave = () => {
      latest.current.beforeLeave?.();
      autosave.flush();
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
  }, [autosave]);
  return autosave;
}
