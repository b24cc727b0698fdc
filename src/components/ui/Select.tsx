/** Where its label stands: above it, before it on one line, or nowhere to be seen. */
type LabelPlace = "above" | "before" | "hidden";

interface Props<Id extends string> {
  /** What is chosen. */
  readonly label: string;
  readonly labelPlace?: LabelPlace;
  readonly value: Id | "";
  readonly choices: readonly Id[];
  readonly nameOf: (id: Id) => string;
  readonly onChange: (id: Id) => void;
  /** Shown while nothing is chosen. */
  readonly placeholder?: string;
  /** Nothing can be chosen again. */
  readonly canClear?: boolean;
  readonly isDisabled?: boolean;
  /** How the control looks, in the place of a field. */
  readonly className?: string;
}

/**
 * One of several named things. The browser's own list lies underneath: it has arrow keys and letters, and on a tablet
 * it is the one that the hand knows.
 */
export function Select<Id extends string>(props: Props<Id>) {
  const { label, labelPlace = "above", value, choices, nameOf, onChange, placeholder, canClear, isDisabled } = props;
  const look = labelPlace === "before" ? "min-w-0 truncate bg-transparent py-2 text-right font-bold" : "field truncate";
  const control = (
    <select
      className={props.className ?? look}
      {...(labelPlace === "hidden" && { "aria-label": label })}
      value={value}
      disabled={isDisabled}
      onChange={(event) => onChange(event.target.value as Id)}
    >
      {placeholder !== undefined && (
        <option value="" disabled={!canClear}>
          {placeholder}
        </option>
      )}
      {choices.map((id) => (
        <option key={id} value={id}>
          {nameOf(id)}
        </option>
      ))}
    </select>
  );
  switch (labelPlace) {
    case "hidden":
      return control;
    case "before":
      return (
        // biome-ignore lint/a11y/noLabelWithoutControl: the control is put inside
        <label className="field flex items-center justify-between gap-2 py-0">
          <span className="shrink-0">{label}</span>
          {control}
        </label>
      );
    case "above":
      return (
        // biome-ignore lint/a11y/noLabelWithoutControl: the control is put inside
        <label className="min-w-0">
          <span className="label mb-1 truncate">{label}</span>
          {control}
        </label>
      );
  }
}
