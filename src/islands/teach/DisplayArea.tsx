import { memo } from "react";
import { useElementSize } from "../shared/use-element-size.ts";
import { DisplayView } from "./DisplayView.tsx";
import type { Display } from "./lesson/displays.ts";
import { UnitButtons } from "./UnitButtons.tsx";

interface Props {
  readonly display: Display;
  /** Index of the unit for which a substitution is being named. */
  readonly pressed?: number | undefined;
  /** Absent where there is nothing to press. */
  readonly onPressUnit?: ((unit: number) => void) | undefined;
  readonly onPressWord?: ((at: number) => void) | undefined;
}

/** The middle of the screen: the display, as large as fits, and buttons over the graphemes of a word. */
export const DisplayArea = memo(function DisplayArea({ display, pressed, onPressUnit, onPressWord }: Props) {
  const [element, area] = useElementSize();
  const word = display.kind === "word" ? display.reading.word : undefined;
  return (
    <div
      ref={element}
      data-word={word}
      data-current-word={word === undefined ? undefined : ""}
      className="relative min-h-0 w-full flex-1"
    >
      <DisplayView display={display} area={area} onPressWord={onPressWord} />
      {display.kind === "word" && onPressUnit && !display.stage.blended && (
        <UnitButtons display={display} area={area} pressed={pressed} onPressUnit={onPressUnit} />
      )}
    </div>
  );
});
