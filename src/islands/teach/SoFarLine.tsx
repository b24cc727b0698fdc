import { useEffect, useState } from "react";
import { soFarWords } from "../../components/words/evidence-words.ts";
import type { SessionId } from "../../schemas/ids.ts";
import { type AnswerTo, call } from "../shared/client.ts";
import * as select from "./lesson/selectors.ts";
import { useTeach, useTeachActions } from "./teach-store.ts";

type Shown = AnswerTo<"GET /api/sessions/:sessionId/so-far">["shown"];

/** A mark is asked about once nothing has been marked for so long: the line is quiet. */
const REST_MS = 900;

/** What has shown itself in the lesson so far, and words that would make it sure; one line, and nothing while there is nothing. */
export default function SoFarLine({ sessionId }: { readonly sessionId: SessionId }) {
  const { commands } = useTeachActions();
  const marks = useTeach(({ book }) => book.marks);
  const waiting = useTeach(({ book }) => book.waiting.size);
  const word = useTeach((state) =>
    select.canGrow(select.activity(state)) ? select.item(state)?.word?.word : undefined,
  );
  const after = useTeach((state) => select.items(state)[state.lesson.item + 1]?.word?.word);
  const [shown, setShown] = useState<Shown>();
  const [failure, setFailure] = useState("");
  useEffect(() => {
    if (waiting > 0 || marks.size === 0) return;
    let isStale = false;
    const timer = setTimeout(() => {
      const query = { ...(word !== undefined && { word, ...(after !== undefined && { after }) }) };
      call("GET /api/sessions/:sessionId/so-far", { params: { sessionId }, query }).then(
        (answer) => !isStale && setShown(answer.shown),
        // It is no more than a hint: without an answer there is none.
        () => undefined,
      );
    }, REST_MS);
    return () => {
      isStale = true;
      clearTimeout(timer);
    };
  }, [sessionId, marks, waiting, word, after]);
  if (!shown) return null;
  const add = async (one: string) => {
    setFailure((await commands.addWords([one], "next")) ?? "");
    setShown({ ...shown, words: shown.words.filter((other) => other !== one) });
  };
  return (
    <p
      role="note"
      aria-label="So far"
      className="flex min-h-11 flex-wrap items-center justify-center gap-x-3 px-3 text-[15px] text-quiet"
    >
      <span>{failure || soFarWords(shown)}</span>
      {shown.words.map((one) => (
        <button
          key={one}
          type="button"
          className="button min-h-11 py-0 font-learner font-normal"
          aria-label={`${one}: next, to be sure`}
          onClick={() => void add(one)}
        >
          {one}
        </button>
      ))}
    </p>
  );
}
