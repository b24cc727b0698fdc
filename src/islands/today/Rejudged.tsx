import { useEffect, useState } from "react";
import { Working } from "../../components/ui/Working.tsx";
import { counted } from "../../components/words/counted.ts";
import type { RejudgingProgress } from "../../server/evidence/rejudge.ts";
import { call } from "../shared/client.ts";

/** How often it is asked how far it is, in milliseconds. */
const ASKED_EVERY_MS = 2_000;

/** What judging old answers anew has changed, told once; before that, how far it has come, with a way to stop it. */
export function Rejudged(first: RejudgingProgress) {
  const [now, setNow] = useState<RejudgingProgress | null>(first);
  const [failure, setFailure] = useState("");
  const isMoving = now !== null && !now.isDone && !now.isStopped;
  useEffect(() => {
    if (!isMoving) return;
    const timer = setInterval(() => void call("GET /api/rejudging").then(setNow, () => undefined), ASKED_EVERY_MS);
    return () => clearInterval(timer);
  }, [isMoving]);
  if (!now) return null;
  const press = async (ask: () => Promise<unknown>, next: RejudgingProgress | null) => {
    setFailure("");
    try {
      await ask();
      setNow(next);
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  const { looked, changed, isDone, isStopped, share } = now;
  return (
    <div
      role="note"
      className="mb-5 flex flex-wrap items-center gap-x-3 gap-y-1 rounded-xl border border-rule bg-sheet px-5 py-2"
    >
      <span className="min-w-0 flex-1 basis-72">
        {isDone
          ? `Answers are judged more finely now: of ${counted(looked, "answer")} from before, ${changed} ${changed === 1 ? "is" : "are"} judged otherwise, and counted so. What was marked is as it was.`
          : isStopped
            ? `Earlier answers wait to be judged more finely: ${looked} are done. It goes on after the next start, or now.`
            : "Earlier answers are being judged more finely. You can go on."}
      </span>
      {isDone ? (
        <button
          type="button"
          className="button"
          onClick={() => void press(() => call("PUT /api/rejudging/seen"), null)}
        >
          Seen
        </button>
      ) : isStopped ? (
        <button
          type="button"
          className="button"
          onClick={() => void press(() => call("POST /api/rejudging"), { ...now, isStopped: false })}
        >
          Go on
        </button>
      ) : (
        <Working
          says={`${looked} so far`}
          share={share}
          after={0}
          onStop={() => void press(() => call("DELETE /api/rejudging"), { ...now, isStopped: true })}
        />
      )}
      {failure && <span role="alert">{failure}</span>}
    </div>
  );
}
