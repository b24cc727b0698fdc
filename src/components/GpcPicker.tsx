import type { ReactNode } from "react";
import { GpcChip } from "./GpcChip.tsx";
import { Combobox } from "./ui/Combobox.tsx";
import { gpcName } from "./words/gpc-name.ts";

interface Props {
  /** GPC ids, or ids of patterns, to choose from, those taught last first. */
  readonly choices: readonly string[];
  readonly onPick: (id: string) => void;
  readonly children: ReactNode;
}

/** Chooses one of the taught correspondences, by typing or by pressing. */
export const GpcPicker = ({ choices, onPick, children }: Props) => (
  <Combobox
    label="Taught correspondences"
    placeholder="Type letters…"
    nothingFound="Not taught at this step."
    choices={choices.map((id) => ({ id, text: gpcName(id), shown: <GpcChip id={id} /> }))}
    onPick={onPick}
  >
    {children}
  </Combobox>
);
