import { toast } from "sonner";
import type { Autosave } from "./autosave.ts";
import { type UseAutosaveOptions, useAutosave, WAITING } from "./use-autosave.ts";

/** An autosave that says so for as long as something waits because the server cannot be reached. */
export function useAnnouncedAutosave<T, A>(options: Omit<UseAutosaveOptions<T, A>, "onWaiting">): Autosave<T, A> {
  return useAutosave({
    ...options,
    onWaiting: () => toast.error(WAITING, { id: options.name, duration: Number.POSITIVE_INFINITY }),
    onSaved: (answer) => {
      toast.dismiss(options.name);
      options.onSaved?.(answer);
    },
    onRefused: (error) => {
      toast.dismiss(options.name);
      options.onRefused?.(error);
    },
  });
}
