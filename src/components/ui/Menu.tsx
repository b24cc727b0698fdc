import { DropdownMenu as Parts } from "radix-ui";
import type { ReactNode } from "react";

interface Props {
  /** What stands on the button that opens it. */
  readonly button: ReactNode;
  readonly buttonClassName?: string;
  /** What the button is called, where what stands on it does not say so. */
  readonly label?: string;
  readonly isDisabled?: boolean;
  readonly align?: "start" | "end";
  readonly width?: "narrow" | "wide";
  readonly defaultOpen?: boolean;
  /** After it closes the focus goes back to the page and not to the button: the next key is the page's. */
  readonly returnsFocusToPage?: boolean;
  readonly children: ReactNode;
}

/** A button with a menu under it: arrow keys move in it, a letter finds an entry, Escape closes it. */
export function Menu(props: Props) {
  const { button, buttonClassName = "button", label, isDisabled, align = "start", width = "narrow", children } = props;
  return (
    <Parts.Root {...(props.defaultOpen !== undefined && { defaultOpen: props.defaultOpen })}>
      <Parts.Trigger
        className={buttonClassName}
        {...(label !== undefined && { "aria-label": label })}
        {...(isDisabled !== undefined && { disabled: isDisabled })}
      >
        {button}
      </Parts.Trigger>
      <Parts.Portal>
        <Parts.Content
          align={align}
          sideOffset={6}
          {...(props.returnsFocusToPage && { onCloseAutoFocus: (event: Event) => event.preventDefault() })}
          className={`z-50 max-h-[min(70dvh,var(--radix-dropdown-menu-content-available-height))] ${width === "wide" ? "w-96" : "w-72"} max-w-[94vw] overflow-y-auto rounded-lg border border-rule bg-sheet p-1 shadow-lg`}
        >
          {children}
        </Parts.Content>
      </Parts.Portal>
    </Parts.Root>
  );
}

interface ItemProps {
  readonly onSelect: () => void;
  readonly isDisabled?: boolean;
  readonly className?: string;
  readonly children: ReactNode;
}

/** One entry of a menu; choosing it closes the menu. */
export function MenuItem({ onSelect, isDisabled = false, className = "", children }: ItemProps) {
  return (
    <Parts.Item
      disabled={isDisabled}
      onSelect={onSelect}
      className={`flex min-h-11 cursor-pointer items-center gap-3 rounded px-3 outline-none data-[disabled]:text-quiet data-[highlighted]:bg-change-soft ${className}`}
    >
      {children}
    </Parts.Item>
  );
}

/** Entries under a name of their own. */
export function MenuGroup({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <Parts.Group>
      <Parts.Label className="label px-3 pt-2 pb-1">{name}</Parts.Label>
      {children}
    </Parts.Group>
  );
}

/** A line between groups of entries. */
export const MenuSeparator = () => <Parts.Separator className="my-1 h-px bg-hairline" />;
