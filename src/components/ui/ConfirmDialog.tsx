import { AlertDialog as Parts } from "radix-ui";
import type { ReactNode } from "react";

interface Props {
  readonly title: string;
  /** What is lost and what stays. */
  readonly description: string;
  readonly trigger?: ReactNode;
  readonly open?: boolean;
  readonly onOpenChange?: (open: boolean) => void;
  /** On the button that goes on, and on the one that does not. */
  readonly confirm: string;
  readonly cancel: string;
  readonly onConfirm: () => void;
}

/** Asks once before something that cannot be undone. */
export function ConfirmDialog({ title, description, trigger, confirm, cancel, onConfirm, ...state }: Props) {
  return (
    <Parts.Root
      {...(state.open !== undefined && { open: state.open })}
      {...(state.onOpenChange && { onOpenChange: state.onOpenChange })}
    >
      {trigger && <Parts.Trigger asChild>{trigger}</Parts.Trigger>}
      <Parts.Portal>
        <Parts.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Parts.Content className="fixed top-1/3 left-1/2 z-40 w-[min(26rem,94vw)] -translate-x-1/2 rounded-xl border border-rule bg-sheet p-5 shadow-lg">
          <Parts.Title className="text-lg font-bold">{title}</Parts.Title>
          <Parts.Description className="mt-1 text-quiet">{description}</Parts.Description>
          <div className="mt-4 flex justify-end gap-2">
            <Parts.Cancel className="button">{cancel}</Parts.Cancel>
            <Parts.Action className="button button-main" onClick={onConfirm}>
              {confirm}
            </Parts.Action>
          </div>
        </Parts.Content>
      </Parts.Portal>
    </Parts.Root>
  );
}
