import { useSyncExternalStore } from "react";

/** Whether a media query holds; on the server it does not. @param query as CSS has it */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const list = matchMedia(query);
      list.addEventListener("change", changed);
      return () => list.removeEventListener("change", changed);
    },
    () => matchMedia(query).matches,
    () => false,
  );
}
