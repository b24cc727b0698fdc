import { memo } from "react";
import { READING_UNITS, type ReadingUnit } from "./lesson/reading.ts";

const NAME: Readonly<Record<ReadingUnit, string>> = {
  word: "word by word",
  phrase: "phrase by phrase",
  line: "line by line",
};

/** How a text is read aloud from here on. */
export const ReadingChoice = memo(function ReadingChoice({
  by,
  onChange,
}: {
  readonly by: ReadingUnit;
  readonly onChange: (by: ReadingUnit) => void;
}) {
  return (
    <select
      aria-label="Read"
      className="h-11 rounded-lg border border-transparent bg-sheet px-1 text-[14px] hover:border-rule"
      value={by}
      // A press on the page keeps the focus where it was; this one must have it to open.
      onMouseDown={(event) => event.stopPropagation()}
      onChange={(event) => {
        event.target.blur();
        onChange(event.target.value as ReadingUnit);
      }}
    >
      {READING_UNITS.map((id) => (
        <option key={id} value={id}>
          {NAME[id]}
        </option>
      ))}
    </select>
  );
});
