import { type ReactNode, useId } from "react";

interface Props {
  readonly label: string;
  /** What is wrong with what was entered, in words. */
  readonly error?: string | undefined;
  readonly help?: string;
  readonly className?: string;
  /** The control, with the ids that tie it to its label and its error. */
  readonly children: (ids: {
    readonly id: string;
    readonly "aria-describedby"?: string;
    readonly "aria-invalid"?: true;
  }) => ReactNode;
}

/** A control under its name, with what is wrong with it. */
export function Field({ label, error, help, className = "", children }: Props) {
  const id = useId();
  const note = error ?? help;
  return (
    <div className={className}>
      <label htmlFor={id} className="label mb-1">
        {label}
      </label>
      {children({ id, ...(note && { "aria-describedby": `${id}-note` }), ...(error && { "aria-invalid": true }) })}
      {note && (
        <p
          id={`${id}-note`}
          {...(error && { role: "alert" })}
          className={`mt-1 text-[13.5px] ${error ? "text-again" : "text-quiet"}`}
        >
          {note}
        </p>
      )}
    </div>
  );
}
