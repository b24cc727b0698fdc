import { memo } from "react";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { SIGN_NAME, TURN_SIGNS, type TurnSign } from "./learners-view.ts";

interface Props {
  readonly sign: TurnSign;
  readonly onSign: (sign: TurnSign) => void;
}

/** Whose the word is: mine, everybody's, yours. */
export const SignChoice = memo(function SignChoice({ sign, onSign }: Props) {
  return (
    <SegmentedChoice
      label="Whose the word is (M)"
      className="whitespace-nowrap"
      value={sign}
      choices={TURN_SIGNS}
      names={SIGN_NAME}
      onChange={onSign}
    />
  );
});
