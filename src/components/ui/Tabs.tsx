import { Tabs as Parts } from "radix-ui";
import type { ReactNode } from "react";

interface Props<Id extends string> {
  /** What the tabs are for, for who does not see them. */
  readonly label: string;
  readonly tabs: readonly { readonly id: Id; readonly name: string }[];
  readonly value: Id;
  readonly onChange: (id: Id) => void;
  /** Beside the tabs. */
  readonly aside?: ReactNode;
  /** The content of the tab that is open. */
  readonly children: ReactNode;
}

/** Several views of one screen, one at a time: arrow keys go from tab to tab. */
export function Tabs<Id extends string>({ label, tabs, value, onChange, aside, children }: Props<Id>) {
  return (
    <Parts.Root
      value={value}
      onValueChange={(id) => onChange(id as Id)}
      className="flex min-h-0 min-w-0 flex-1 flex-col"
    >
      <div className="flex flex-wrap items-center gap-1 border-b border-rule px-2 sm:px-4">
        <Parts.List aria-label={label} className="flex flex-wrap gap-1">
          {tabs.map(({ id, name }) => (
            <Parts.Trigger
              key={id}
              value={id}
              className="min-h-12 border-transparent border-b-2 px-3 text-quiet data-[state=active]:border-ink data-[state=active]:font-bold data-[state=active]:text-ink"
            >
              {name}
            </Parts.Trigger>
          ))}
        </Parts.List>
        {aside}
      </div>
      <Parts.Content value={value} className="flex min-h-0 flex-1 flex-col outline-none">
        {children}
      </Parts.Content>
    </Parts.Root>
  );
}
