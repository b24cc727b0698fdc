import { Dialog } from "../../components/ui/Dialog.tsx";
import { SHORTCUTS, type Shortcut, type ShortcutScreen } from "../shared/shortcuts.ts";

interface Props {
  /** Whose keys are listed, besides those of every screen. */
  readonly screen: ShortcutScreen | undefined;
  readonly onClose: () => void;
}

/** The keys of a screen, drawn from the one list of them. */
export default function ShortcutHelp({ screen, onClose }: Props) {
  const own: readonly Shortcut[] = screen && screen !== "everywhere" ? Object.values(SHORTCUTS[screen]) : [];
  return (
    <Dialog title="Keys" width="wide" hasClose open onOpenChange={(open) => !open && onClose()}>
      <dl className="mt-3 grid grid-cols-[max-content_1fr] gap-x-5 gap-y-1.5">
        {[...own, ...Object.values(SHORTCUTS.everywhere)].map(({ shown, does }) => (
          <div key={`${shown} ${does}`} className="contents">
            <dt>
              <kbd className="rounded border border-rule bg-paper px-2 py-0.5 font-semibold">{shown}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
