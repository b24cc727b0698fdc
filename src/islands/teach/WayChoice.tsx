import { memo } from "react";
import { BLENDING_NAME, SUPPORT_NAME } from "../../components/words/prompt-words.ts";
import { BLENDING_WAYS, type BlendingWay, SUPPORTS, type Support } from "../../core/light.ts";
import type { Way } from "./lesson/displays.ts";

/** How words are worked from here on: the help, and the way of blending. */
export const WayChoice = memo(function WayChoice({
  way,
  onWay,
}: {
  readonly way: Way;
  readonly onWay: (way: Way) => void;
}) {
  const look =
    "h-11 max-w-56 truncate rounded-lg border border-transparent bg-sheet px-1 text-[14px] hover:border-rule";
  // A press on the page keeps the focus where it was; these two must have it to open.
  const stop = (event: React.MouseEvent) => event.stopPropagation();
  return (
    <span className="flex gap-1">
      <select
        aria-label="Help"
        className={look}
        value={way.support}
        onMouseDown={stop}
        onChange={(event) => {
          event.target.blur();
          onWay({ ...way, support: event.target.value as Support });
        }}
      >
        {SUPPORTS.map((id) => (
          <option key={id} value={id}>
            {SUPPORT_NAME[id]}
          </option>
        ))}
      </select>
      <select
        aria-label="Blending"
        className={look}
        value={way.blending}
        disabled={way.support !== "tap-aloud"}
        onMouseDown={stop}
        onChange={(event) => {
          event.target.blur();
          onWay({ ...way, blending: event.target.value as BlendingWay });
        }}
      >
        {BLENDING_WAYS.map((id) => (
          <option key={id} value={id}>
            {BLENDING_NAME[id]}
          </option>
        ))}
      </select>
    </span>
  );
});
