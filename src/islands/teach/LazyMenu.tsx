import type { ComponentType, ReactNode } from "react";
import { useLazy } from "../shared/use-lazy.ts";

interface Props<P extends object> {
  /** The menu with its button, in the place of this one. */
  readonly load: () => Promise<ComponentType<P & DefaultOpen>>;
  readonly props: P;
  readonly label: string;
  readonly className: string;
  readonly children: ReactNode;
}

export interface DefaultOpen {
  readonly defaultOpen: boolean;
}

/** The button of a menu whose code is fetched after the page; pressed before, it fetches the menu and opens it. */
export function LazyMenu<P extends object>({ load, props, label, className, children }: Props<P>) {
  const { part: Menu, requested, failed, request } = useLazy(load);
  if (Menu) return <Menu {...props} defaultOpen={requested} />;
  return (
    <>
      <button
        type="button"
        aria-haspopup="menu"
        aria-label={label}
        className={className}
        onClick={request}
        onKeyDown={(event) => {
          if (event.key !== " " && event.key !== "Enter") return;
          // Neither a tap nor a mark.
          event.preventDefault();
          request();
        }}
      >
        {children}
      </button>
      {requested && failed && <span role="alert">No answer from the server: press it again.</span>}
    </>
  );
}
