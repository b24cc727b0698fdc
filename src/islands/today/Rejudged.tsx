import { useState } from "react";
import { counted } from "../../components/words/counted.ts";
import type { Rejudging } from "../../server/evidence/rejudge.ts";
import { call } from "../shared/client.ts";

/** What judging old answers anew has changed, told once; before that, how far it has come. */
export function Rejudged({ looked, changed, isDone }: Rejudging) {
  const [isSeen, setSeen] = useState(false);
  const [failure, setFailure] = useState("");
  if (isSeen) return null;
  const see = async () => {
    try {
      await call("PUT /api/rejudging/seen");
      setSeen(true);
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  return (
    <p
      role="note"
      className="mb-5 flex flex-wrap items-center gap-x-3 gap-y-1 rounded-xl border border-rule bg-sheet px-5 py-2"
    >
      <span className="min-w-0 flex-1">
        {isDone
          ? `Answers are judged more finely now: of ${counted(looked, "earlier answer")} ${changed} ${changed === 1 ? "is" : "are"} judged otherwise, and counted so. What was marked is as it was.`
          : `Earlier answers are being judged more finely: ${looked} so far. You can go on.`}
      </span>
      {isDone && (
        <button type="button" className="button" onClick={() => void see()}>
          Seen
        </button>
      )}
      {failure && <span role="alert">{failure}</span>}
    </p>
  );
}
