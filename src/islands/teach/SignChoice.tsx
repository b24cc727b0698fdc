import { memo, useState } from "react";
import { SEGMENT, SEGMENTED_ROW } from "../../components/ui/segmented-look.ts";
import { useLazy } from "../shared/use-lazy.ts";
import { SIGN_NAME, TURN_SIGNS, type TurnSign } from "./learners-view.ts";

interface Props {
  readonly sign: TurnSign;
  readonly onSign: (sign: TurnSign) => void;
}

const LABEL = "Whose the word is (M)";
const load = () => import("../../components/ui/SegmentedChoice.tsx").then((module) => module.SegmentedChoice);

/** Whose the word is: mine, everybody's, yours. What its arrow keys need is fetched after the page; a press works before. */
export const SignChoice = memo(function SignChoice({ sign, onSign }: Props) {
  const { part: SegmentedChoice } = useLazy(load);
  const [hasFocus, setHasFocus] = useState(false);
  // Not put in the place of a button that has the focus: it would be lost.
  if (SegmentedChoice && !hasFocus)
    return (
      <SegmentedChoice
        label={LABEL}
        className="whitespace-nowrap"
        value={sign}
        choices={TURN_SIGNS}
        names={SIGN_NAME}
        onChange={onSign}
      />
    );
  return (
    <div
      role="group"
      aria-label={LABEL}
      className={`${SEGMENTED_ROW} whitespace-nowrap`}
      onFocus={() => setHasFocus(true)}
      onBlur={() => setHasFocus(false)}
    >
      {TURN_SIGNS.map((id) => (
        <button
          key={id}
          type="button"
          role="radio"
          aria-checked={id === sign}
          data-state={id === sign ? "on" : "off"}
          className={SEGMENT}
          onClick={() => onSign(id)}
        >
          {SIGN_NAME[id]}
        </button>
      ))}
    </div>
  );
});
