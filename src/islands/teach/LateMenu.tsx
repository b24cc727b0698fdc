import type { ComponentType, ReactNode } from "react";
import { useLate } from "../use-late.ts";

interface Props<P extends object> {
  /** The menu, with its button, that takes this one's place. */
  readonly load: () => Promise<ComponentType<P & OpensAtOnce>>;
  readonly props: P;
  readonly label: string;
  readonly className: string;
  readonly children: ReactNode;
}

export interface OpensAtOnce {
  readonly defaultOpen: boolean;
}

/** The button of a menu whose code comes later; pressed before, it fetches it and opens it. */
export function LateMenu<P extends object>({ load, props, label, className, children }: Props<P>) {
  const { part: Menu, asked, failed, ask } = useLate(load);
  if (Menu) return <Menu {...props} defaultOpen={asked} />;
  return (
    <>
      <button
        type="button"
        aria-haspopup="menu"
        aria-label={label}
        className={className}
        onClick={ask}
        onKeyDown={(event) => {
          if (event.key !== " " && event.key !== "Enter") return;
          // Neither a tap nor a mark.
          event.preventDefault();
          ask();
        }}
      >
        {children}
      </button>
      {asked && failed && <span role="alert">No answer from the server: press it again.</span>}
    </>
  );
}
