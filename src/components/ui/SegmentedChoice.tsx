import { ToggleGroup } from "radix-ui";
import type { ReactNode } from "react";
import { SEGMENT, SEGMENTED_ROW } from "./segmented-look.ts";

interface Props<Id extends string> {
  /** What is chosen, for who does not see it. */
  readonly label: string;
  readonly value: Id;
  readonly choices: readonly Id[];
  readonly names: Readonly<Record<Id, ReactNode>>;
  readonly onChange: (id: Id) => void;
  readonly disabled?: readonly Id[];
  /** Of the whole row. */
  readonly className?: string;
}

/** One of a few, side by side: arrow keys go from one to the next. */
export function SegmentedChoice<Id extends string>(props: Props<Id>) {
  const { label, value, choices, names, onChange, className = "" } = props;
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      // One is always chosen: pressed again it stays.
      onValueChange={(id) => id !== "" && onChange(id as Id)}
      className={`${SEGMENTED_ROW} ${className}`}
    >
      {choices.map((id) => (
        <ToggleGroup.Item key={id} value={id} disabled={props.disabled?.includes(id) ?? false} className={SEGMENT}>
          {names[id]}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
