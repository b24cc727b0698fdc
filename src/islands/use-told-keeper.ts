import { toast } from "sonner";
import type { Keeper } from "./keeper.ts";
import { type KeeperUse, useKeeper, WAITING } from "./use-keeper.ts";

/** A keeper that says so for as long as something waits because the server cannot be reached. */
export function useToldKeeper<T, A>(on: Omit<KeeperUse<T, A>, "onWaiting">): Keeper<T, A> {
  return useKeeper({
    ...on,
    onWaiting: () => toast.error(WAITING, { id: on.name, duration: Number.POSITIVE_INFINITY }),
    onKept: (answer) => {
      toast.dismiss(on.name);
      on.onKept?.(answer);
    },
    onRefused: (error) => {
      toast.dismiss(on.name);
      on.onRefused?.(error);
    },
  });
}
