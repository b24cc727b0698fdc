import { useEffect, useRef } from "react";
import { tinykeys } from "tinykeys";
import { keyBindings, type ShortcutHandlers, type ShortcutScreen } from "./shortcuts.ts";

/** Listens to a screen's keys for as long as it is shown. */
export function useShortcuts<S extends ShortcutScreen>(screen: S, handlers: ShortcutHandlers<S>): void {
  const latest = useRef(handlers);
  latest.current = handlers;
  useEffect(() => {
    const names = Object.keys(latest.current) as (keyof ShortcutHandlers<S>)[];
    const current = Object.fromEntries(
      names.map((name) => [name, (event: KeyboardEvent) => latest.current[name](event)]),
    ) as ShortcutHandlers<S>;
    return tinykeys(window, keyBindings(screen, current));
  }, [screen]);
}
