import type { ReactNode } from "react";

interface SectionProps {
  readonly title: string;
  /** What the choices of the section make of words, drawn as they are made. */
  readonly example?: ReactNode;
  readonly children: ReactNode;
}

/** A few choices that belong together, under what they change. */
export function Section({ title, example, children }: SectionProps) {
  return (
    <fieldset className="min-w-0 rounded-xl border border-rule bg-sheet p-5">
      <legend className="float-left mb-3 w-full text-lg font-bold">{title}</legend>
      <div className="clear-both">
        {example && (
          <div className="mb-4 flex min-h-20 flex-wrap items-start justify-center gap-x-6 gap-y-3 rounded-lg bg-paper px-3 py-3">
            {example}
          </div>
        )}
        {children}
      </div>
    </fieldset>
  );
}

/** A whole number within bounds; what is typed outside them is not kept. */
export function Count(props: {
  readonly name: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
}) {
  return (
    <label className="min-w-0">
      <span className="label mb-1">{props.name}</span>
      <input
        type="number"
        className="field"
        min={props.least}
        max={props.most}
        value={props.value}
        onChange={(event) => {
          const value = Math.round(event.target.valueAsNumber);
          if (value >= props.least && value <= props.most) props.onChange(value);
        }}
      />
    </label>
  );
}

/** Something that is chosen or not. */
export function Check(props: {
  readonly name: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-11 items-center gap-2.5 leading-tight">
      <input
        type="checkbox"
        className="size-[18px] shrink-0 accent-ink"
        checked={props.on}
        onChange={(event) => props.onChange(event.target.checked)}
      />
      {props.name}
    </label>
  );
}
