import type { ReactNode } from "react";

interface Props {
  /** What it does: it is read out, and shown when the pointer rests on it. */
  readonly name: string;
  readonly isDisabled?: boolean;
  readonly onPress: () => void;
  /** The icon. */
  readonly children: ReactNode;
}

/** A button that is an icon alone. */
export const IconButton = ({ name, isDisabled = false, onPress, children }: Props) => (
  <button
    type="button"
    className="button grid min-w-11 place-items-center px-2.5"
    aria-label={name}
    title={name}
    disabled={isDisabled}
    onClick={onPress}
  >
    {children}
  </button>
);
