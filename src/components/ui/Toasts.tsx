import { Toaster } from "sonner";

/**
 * Where a screen says in passing what it did. A message never stands in the way of a press: what lies under it is
 * pressed through it; only its own button takes presses, and holds it while the pointer rests there.
 */
export function Toasts() {
  return (
    <Toaster
      position="top-center"
      toastOptions={{ style: { pointerEvents: "none" }, actionButtonStyle: { pointerEvents: "auto" } }}
    />
  );
}
