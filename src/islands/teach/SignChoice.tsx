import { memo } from "react";
import { SIGN_NAME, TURN_SIGNS, type TurnSign } from "./learners-view.ts";

interface Props {
  readonly sign: TurnSign;
  readonly onSign: (sign: TurnSign) => void;
}

/** Whose the word is: mine, everybody's, yours. */
export const SignChoice = memo(function SignChoice({ sign, onSign }: Props) {
  return (
    <div
      role="group"
      aria-label="Whose the word is (M)"
      className="contain-layout contain-style flex shrink-0 overflow-hidden rounded-lg border border-rule"
    >
      {TURN_SIGNS.map((one) => (
        <button
          key={one}
          type="button"
          aria-pressed={one === sign}
          className="min-h-9 bg-sheet px-3 font-semibold text-[14px] text-quiet aria-pressed:bg-ink aria-pressed:text-sheet"
          onClick={() => onSign(one)}
        >
          {SIGN_NAME[one]}
        </button>
      ))}
    </div>
  );
});
