import Search from "lucide-react/icons/search";
import { lazy, Suspense, useEffect, useState } from "react";
import { tinykeys } from "tinykeys";
import type { ScreenLink } from "../../components/screens.ts";
import { SHORTCUTS } from "../shared/shortcuts.ts";

/** Fetched when it is opened for the first time. */
const GoToDialog = lazy(() => import("./GoToDialog.tsx"));

interface Props {
  readonly screens: readonly ScreenLink[];
  readonly groupId?: string | undefined;
}

/** A button and a key that lead to any screen, group, saved thing or word. */
export default function GoTo({ screens, groupId }: Props) {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const open = (event: KeyboardEvent) => {
      event.preventDefault();
      setOpen(true);
    };
    // In a field as well: nothing that is typed uses these keys.
    return tinykeys(window, Object.fromEntries(SHORTCUTS.everywhere["go-to"].keys.map((key) => [key, open])));
  }, []);
  return (
    <>
      <button
        type="button"
        aria-label="Go to"
        title="Go to (Ctrl+K)"
        className="grid size-11 shrink-0 place-items-center rounded-lg hover:text-ink"
        onClick={() => setOpen(true)}
      >
        <Search size={19} aria-hidden />
      </button>
      <Suspense>{isOpen && <GoToDialog screens={screens} groupId={groupId} onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}
