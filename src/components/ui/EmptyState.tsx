import type { ReactNode } from "react";

/** Where there is nothing yet: what to do first. */
export function EmptyState({ title, children }: { readonly title: string; readonly children?: ReactNode }) {
  return (
    <div className="mx-auto mt-16 max-w-md px-4 text-center">
      <p className="text-xl font-bold">{title}</p>
      {children && <div className="mt-2 text-quiet">{children}</div>}
    </div>
  );
}
