import Eye from "lucide-react/icons/eye";
import { memo, useState } from "react";
import { CORRECTION_NAME, type SaidLine } from "../../components/words/prompt-words.ts";
import type { PracticeSettings } from "../../core/light.ts";
import type { TurnSign } from "./learners-view.ts";
import { SignChoice } from "./SignChoice.tsx";

interface Props {
  readonly line: SaidLine;
  /** Which item it is for: what was uncovered for one is covered for the next. */
  readonly itemKey: string;
  /** The word must not be seen here: a learner has this screen before them. */
  readonly covered: boolean;
  readonly sign: TurnSign;
  readonly onSign: (sign: TurnSign) => void;
  /** Seconds to think before help; 0 when there are none, or it is not a learner's turn. */
  readonly thinking: number;
  /** What to do after a wrong answer, while it is fresh. */
  readonly correction: PracticeSettings["correction"] | undefined;
  readonly onTwoBack: () => void;
}

/** For the teacher: what to say, whose the word is, how long to wait. */
export const CueLine = memo(function CueLine({
  line,
  itemKey,
  covered,
  sign,
  onSign,
  thinking,
  correction,
  onTwoBack,
}: Props) {
  const [peekedAt, setPeekedAt] = useState<string>();
  const hidden = covered && peekedAt !== itemKey;
  return (
    <div className="contain-layout contain-style shrink-0 border-b border-hairline px-3 pb-2 sm:px-5">
      <div className="flex min-h-11 flex-wrap items-center gap-x-4">
        <p className="min-w-60 flex-1 text-[15.5px] leading-snug" aria-live="off">
          {correction ? (
            <>
              <b className="text-again">Again:</b> {CORRECTION_NAME[correction]}.{" "}
              {correction === "show-together-alone" && (
                <button type="button" className="button ml-2 min-h-11 min-w-11 py-0" onClick={onTwoBack}>
                  Two words back
                </button>
              )}
            </>
          ) : hidden ? (
            <button
              type="button"
              className="button min-h-11 min-w-11 py-0 font-normal"
              onClick={() => setPeekedAt(itemKey)}
            >
              <Eye size={16} aria-hidden /> What to say
            </button>
          ) : (
            <>
              {line.say}
              {line.answer && <span className="text-quiet"> {line.answer}</span>}
              {covered && (
                <button
                  type="button"
                  className="button ml-2 min-h-11 min-w-11 py-0 font-normal"
                  onClick={() => setPeekedAt(undefined)}
                >
                  Cover
                </button>
              )}
            </>
          )}
        </p>
        {/* On a phone the menu has it. */}
        <span className="max-sm:hidden">
          <SignChoice sign={sign} onSign={onSign} />
        </span>
      </div>
      <div className="h-1 rounded bg-hairline" aria-hidden>
        {thinking > 0 && (
          <div
            // A new item, a new wait.
            key={itemKey}
            data-thinking={thinking}
            className="thinking h-1 rounded bg-tape"
            style={{ animationDuration: `${thinking}s` }}
          />
        )}
      </div>
    </div>
  );
});
