import { memo } from "react";
import { BIG, measureZip } from "../../components/zip/layout.ts";
import type { ElementSize } from "../shared/use-element-size.ts";
import { letterSizeIn, roomForWordBefore } from "./BigWord.tsx";
import type { Display } from "./lesson/displays.ts";

interface Props {
  readonly display: Extract<Display, { kind: "word" }>;
  readonly area: ElementSize | undefined;
  readonly pressed: number | undefined;
  readonly onPressUnit: (unit: number) => void;
}

/** A button over each grapheme of the big word: pressed, it says that this one was said as something else. */
export const UnitButtons = memo(function UnitButtons({ display, area, pressed, onPressUnit }: Props) {
  const { reading, stage } = display;
  const { cells, px, thin, bottom, width, height } = measureZip(reading, {
    proportions: BIG,
    size: letterSizeIn(area, reading),
    open: true,
  });
  return (
    <div
      className="pointer-events-none absolute inset-x-0 bottom-0 grid place-items-center"
      style={{ top: roomForWordBefore(area) }}
    >
      <div role="group" aria-label={reading.word} className="relative" style={{ width, height }}>
        {cells.slice(stage.from, stage.to).map((cell) => (
          <button
            key={cell.unit}
            type="button"
            aria-label={`${cell.letters}${cell.tail ? "-e" : ""}: said as something else`}
            aria-pressed={pressed === cell.unit}
            data-unit={cell.unit}
            className={`pointer-events-auto absolute top-0 rounded-xl ${pressed === cell.unit ? "bg-again/12" : ""}`}
            style={{ left: px(cell.x) + thin, width: px(cell.width), height: bottom + px(0.2) }}
            onClick={(event) => {
              event.stopPropagation();
              onPressUnit(cell.unit);
            }}
            // While a grapheme has the focus, Space presses it and does not go on.
            onKeyDown={(event) => event.key === " " && event.stopPropagation()}
          />
        ))}
      </div>
    </div>
  );
});
