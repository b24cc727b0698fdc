import { Select } from "../../components/ui/Select.tsx";

interface Props {
  /** Names of an order's steps. */
  readonly steps: readonly string[];
  /** From 1. */
  readonly step: number;
  readonly onStep: (step: number) => void;
}

/** The step of an order up to which a group has been taught. */
export const StepSelect = ({ steps, step, onStep }: Props) => (
  <Select
    label="Taught up to"
    value={String(step)}
    choices={steps.map((_, k) => String(k + 1))}
    nameOf={(number) => `${number} · ${steps[Number(number) - 1]}`}
    onChange={(number) => onStep(Number(number))}
  />
);
