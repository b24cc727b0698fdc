import { memo, type Ref } from "react";
import { type Ahead, useAhead } from "../use-later.ts";
import { SIGN_NAME, TURN_SIGNS, type TurnSign } from "./learners-view.ts";

export interface SignChoiceProps {
  readonly ref?: Ref<Ahead<SignChoiceProps>>;
  readonly sign: TurnSign;
  readonly onSign: (sign: TurnSign) => void;
}

/** Whose the word is: mine, everybody's, yours. */
export const SignChoice = memo(function SignChoice(props: SignChoiceProps) {
  const { sign, onSign } = useAhead(props, props.ref);
  return (
    <div
      role="group"
      aria-label="Whose the word is (M)"
      className="own-paint flex shrink-0 overflow-hidden rounded-lg border border-rule"
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
