import { type KeyboardEvent, memo } from "react";
import type { CellPlace } from "./paper-grid.ts";

/** What a key does in a cell. */
export type CellKey =
  | { readonly type: "go"; readonly rows: number; readonly columns: number }
  | { readonly type: "right" }
  | { readonly type: "row-right" }
  | { readonly type: "restore" };

interface Props extends CellPlace {
  /** Whose cell it is, and of which item: `"Gull, ship"`. */
  readonly name: string;
  readonly text: string;
  readonly look: "right" | "wrong" | "other" | "fault" | "empty";
  readonly onType: (place: CellPlace, text: string) => void;
  readonly onKey: (place: CellPlace, key: CellKey) => void;
  readonly onLeave: (place: CellPlace) => void;
  /** @returns true when it was a block and has been dealt with */
  readonly onPaste: (place: CellPlace, text: string) => boolean;
}

const LOOKS: Readonly<Record<Props["look"], string>> = {
  right: "text-good font-bold",
  wrong: "text-again",
  other: "",
  fault: "bg-again-soft outline-2 outline-again",
  empty: "",
};

/** One cell of the grid: a field of its own, so that a screen reader and a phone's keyboard know it. */
export const PaperCellInput = memo(function PaperCellInput(props: Props) {
  const { row, column, name, text, look, onType, onKey, onLeave, onPaste } = props;
  const place = { row, column };
  return (
    <input
      aria-label={name}
      aria-invalid={look === "fault"}
      data-cell={`${row} ${column}`}
      data-look={look}
      className={`h-11 w-full min-w-20 rounded-none border-0 bg-transparent px-2 text-center font-learner text-[18px] -outline-offset-2 focus:bg-tape/25 ${LOOKS[look]}`}
      value={text}
      autoComplete="off"
      autoCapitalize="none"
      spellCheck={false}
      maxLength={200}
      onFocus={(event) => event.currentTarget.select()}
      onChange={(event) => onType(place, event.currentTarget.value)}
      onKeyDown={(event) => {
        const key = keyOf(event);
        if (!key) return;
        event.preventDefault();
        onKey(place, key);
      }}
      onBlur={() => onLeave(place)}
      onPaste={(event) => {
        if (onPaste(place, event.clipboardData.getData("text/plain"))) event.preventDefault();
      }}
    />
  );
});

/** As in a spreadsheet: up, down and Enter leave the cell, left and right where the letters end. */
function keyOf(event: KeyboardEvent<HTMLInputElement>): CellKey | undefined {
  if (event.ctrlKey || event.metaKey || event.altKey) return undefined;
  const { selectionStart: start, selectionEnd: end, value } = event.currentTarget;
  const isWhole = start === 0 && end === value.length;
  switch (event.key) {
    case "ArrowUp":
      return { type: "go", rows: -1, columns: 0 };
    case "ArrowDown":
      return { type: "go", rows: 1, columns: 0 };
    case "Enter":
      return { type: "go", rows: event.shiftKey ? -1 : 1, columns: 0 };
    case "ArrowLeft":
      return isWhole || (start === 0 && end === 0) ? { type: "go", rows: 0, columns: -1 } : undefined;
    case "ArrowRight":
      return isWhole || start === value.length ? { type: "go", rows: 0, columns: 1 } : undefined;
    case " ":
      if (event.shiftKey) return { type: "row-right" };
      return isWhole ? { type: "right" } : undefined;
    case "Escape":
      return { type: "restore" };
    default:
      return undefined;
  }
}
