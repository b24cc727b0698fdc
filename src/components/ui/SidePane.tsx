import X from "lucide-react/icons/x";
import { type ReactNode, useEffect, useRef } from "react";

interface Props {
  readonly label: string;
  /** On a screen too narrow for it to stand beside the work: is it drawn over it? */
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A pane beside the work on a wide screen; on a narrower one a drawer that is pulled over it from the left. */
export function SidePane({ label, open, onClose, children }: Props) {
  const close = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!open) return;
    const before = document.activeElement;
    close.current?.focus();
    const onKey = (event: KeyboardEvent) => {
      // What has been opened in it is shut first.
      if (event.key === "Escape" && !event.defaultPrevented) onClose();
    };
    addEventListener("keydown", onKey);
    return () => {
      removeEventListener("keydown", onKey);
      if (before instanceof HTMLElement) before.focus();
    };
  }, [open, onClose]);
  return (
    <>
      {open && (
        <button
          type="button"
          aria-hidden
          tabIndex={-1}
          className="fixed inset-0 z-30 bg-ink/30 xl:hidden"
          onClick={onClose}
        />
      )}
      <aside
        aria-label={label}
        className={`overflow-y-auto border-rule bg-sheet xl:static xl:block xl:border-r ${
          open ? "fixed inset-y-0 left-0 z-40 w-80 max-w-[90vw] shadow-xl xl:w-auto xl:shadow-none" : "hidden"
        }`}
      >
        <div className="flex justify-end xl:hidden">
          <button
            ref={close}
            type="button"
            aria-label={`Close ${label.toLowerCase()}`}
            className="grid size-11 place-items-center"
            onClick={onClose}
          >
            <X size={20} aria-hidden />
          </button>
        </div>
        {children}
      </aside>
    </>
  );
}
