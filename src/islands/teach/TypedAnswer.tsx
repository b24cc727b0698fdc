import { useCallback, useEffect, useId, useState } from "react";
import { typedVerdictWords } from "../../components/words/finding-words.ts";
import { MODES, type ResponseMode } from "../../core/light.ts";
import type { SessionId } from "../../schemas/ids.ts";
import type { TypedVerdict } from "../../server/evidence/verdict.ts";
import { call } from "../shared/client.ts";

export interface TypedAnswerProps {
  readonly sessionId: SessionId;
  readonly learner: string;
  readonly wordIndex: number;
  readonly mode: ResponseMode;
  /** Words of the activity that stand beside this one: one press says that one of them was said. */
  readonly others: readonly string[];
  readonly onKeep: (typed: string, outcome: "right" | "wrong") => void;
  readonly onClose: () => void;
}

/** A line for what was said or written: what it shows is told while it is typed, Enter keeps it. */
export default function TypedAnswer(props: TypedAnswerProps) {
  const { sessionId, learner, wordIndex, mode, others, onKeep, onClose } = props;
  const id = useId();
  const [typed, setTyped] = useState("");
  const [judged, setJudged] = useState<{ readonly typed: string; readonly verdict: TypedVerdict }>();
  const [failure, setFailure] = useState("");
  const judge = useCallback(
    (typed: string) =>
      call("POST /api/sessions/:sessionId/verdicts", { params: { sessionId }, body: { wordIndex, mode, typed } }),
    [sessionId, wordIndex, mode],
  );
  useEffect(() => {
    if (typed.trim() === "") return;
    let isStale = false;
    judge(typed).then(
      (verdict) => {
        if (isStale) return;
        setJudged({ typed, verdict });
        setFailure("");
      },
      (error: Error) => !isStale && setFailure(error.message),
    );
    return () => {
      isStale = true;
    };
  }, [judge, typed]);
  const isEmpty = typed.trim() === "";
  const verdict = isEmpty ? undefined : judged?.verdict;
  const keep = async () => {
    if (isEmpty) return;
    // Without an answer from the server the mark is kept all the same, and judged when it is stored.
    const last = judged?.typed === typed ? judged.verdict : await judge(typed).catch(() => undefined);
    onKeep(typed.trim(), last?.verdict === "right" ? "right" : "wrong");
  };
  const asked = MODES[mode].judgedAs === "written" ? `What did ${learner} write?` : `What did ${learner} say?`;
  return (
    <form
      aria-label={asked}
      className="flex shrink-0 flex-wrap items-center gap-2 border-t border-rule bg-again-soft px-3 py-2 sm:px-5"
      // The page keeps the focus where it was; here it has to come in.
      onMouseDown={(event) => event.stopPropagation()}
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <label htmlFor={id} className="font-semibold">
        {asked}
      </label>
      <input
        id={id}
        // biome-ignore lint/a11y/noAutofocus: the line is opened to be typed into
        autoFocus
        autoComplete="off"
        autoCapitalize="none"
        spellCheck={false}
        maxLength={200}
        className={`field font-learner text-[20px] ${mode === "sentence" ? "w-96" : "w-44"}`}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === "Escape") onClose();
        }}
      />
      <button type="submit" className="button" disabled={isEmpty}>
        Keep
      </button>
      {others.map((word) => (
        <button
          key={word}
          type="button"
          className="button font-learner font-normal"
          onClick={() => onKeep(word, "wrong")}
        >
          {word}
        </button>
      ))}
      <p role="status" className="min-w-60 flex-1 leading-snug">
        {failure || (verdict ? typedVerdictWords(verdict, mode) : "A word, as it sounded, or sound by sound: f i sh")}
      </p>
      <button type="button" className="button ml-auto" onClick={onClose}>
        Never mind
      </button>
    </form>
  );
}
