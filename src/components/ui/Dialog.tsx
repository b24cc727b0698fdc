import X from "lucide-react/icons/x";
import { Dialog as Parts } from "radix-ui";
import type { ReactNode } from "react";

const WIDTHS = { narrow: "w-[min(440px,94vw)]", wide: "w-[min(540px,94vw)]" } as const;

interface Props {
  readonly title: string;
  /** Said under the title. */
  readonly description?: string;
  /** The button that opens it; absent where something else does. */
  readonly trigger?: ReactNode;
  readonly open?: boolean;
  readonly onOpenChange?: (open: boolean) => void;
  readonly width?: keyof typeof WIDTHS;
  /** The title is a word that learners read. */
  readonly isWord?: boolean;
  /** Stands at the right edge, from top to bottom, with a button that closes it. */
  readonly isSide?: boolean;
  /** A button in the corner closes it; otherwise its content does. */
  readonly hasClose?: boolean;
  readonly children: ReactNode;
}

/** Something that is dealt with before the screen goes on: the focus stays in it, Escape closes it. */
export function Dialog(props: Props) {
  const { title, description, trigger, width = "narrow", isWord, isSide, hasClose, children } = props;
  const place = isSide
    ? "inset-y-0 right-0 flex w-[min(460px,94vw)] flex-col"
    : `top-1/2 left-1/2 max-h-[90dvh] ${WIDTHS[width]} -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-xl p-6`;
  return (
    <Parts.Root
      {...(props.open !== undefined && { open: props.open })}
      {...(props.onOpenChange && { onOpenChange: props.onOpenChange })}
    >
      {trigger && <Parts.Trigger asChild>{trigger}</Parts.Trigger>}
      <Parts.Portal>
        <Parts.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Parts.Content
          {...(description === undefined && { "aria-describedby": undefined })}
          className={`fixed z-30 bg-sheet shadow-2xl ${place}`}
          // A press in it is its own: screens that keep the focus where it was do not hear it.
          onMouseDown={(event) => event.stopPropagation()}
        >
          <div className={`flex items-start justify-between gap-3 ${isSide ? "border-b border-rule p-5" : ""}`}>
            <div>
              <Parts.Title className={isWord ? "font-learner text-3xl" : "text-xl font-bold"}>{title}</Parts.Title>
              {description && <Parts.Description className="mt-1 text-quiet">{description}</Parts.Description>}
            </div>
            {(hasClose || isSide) && (
              <Parts.Close aria-label="Close" className="button grid min-w-11 place-items-center px-2.5">
                <X size={18} aria-hidden />
              </Parts.Close>
            )}
          </div>
          {children}
        </Parts.Content>
      </Parts.Portal>
    </Parts.Root>
  );
}

/** A button that closes the dialog it stands in. */
export const DialogClose = ({ children }: { readonly children: ReactNode }) => (
  <Parts.Close className="button">{children}</Parts.Close>
);
