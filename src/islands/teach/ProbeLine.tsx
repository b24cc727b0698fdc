import { dequal } from "dequal";
import { useEffect, useRef, useState } from "react";
import { beliefWords, probeEndWords, questionWords } from "../../components/words/evidence-words.ts";
import type { SessionId } from "../../schemas/ids.ts";
import { type AnswerTo, call } from "../shared/client.ts";
import { type Mark, markKey } from "./lesson/marks.ts";
import * as select from "./lesson/selectors.ts";
import { useTeach, useTeachActions } from "./teach-store.ts";
import type { ActivitySeconds } from "./use-activity-clock.ts";

type Found = AnswerTo<"GET /api/sessions/:sessionId/probe">;

/** A mark is asked about once nothing has been marked for so long: it may be put right at once. */
const REST_MS = 500;

/** Is the answer said in full, so that the next word may come by itself? One of which a sound can still be named is not. */
const isWhole = ({ answer }: Mark): boolean => answer.outcome !== "wrong" || answer.typed !== undefined;

interface Props {
  readonly sessionId: SessionId;
  /** Seconds spent, by activity id. */
  readonly seconds: ActivitySeconds;
}

/** What a probe has found so far, how the last answer moved it, and each next word, which comes by itself. */
export default function ProbeLine({ sessionId, seconds }: Props) {
  const { dispatch, commands } = useTeachActions();
  const activity = useTeach(select.activity);
  const items = useTeach(select.items);
  const learner = useTeach(select.learner);
  const marks = useTeach(({ book }) => book.marks);
  const waiting = useTeach(({ book }) => book.waiting.size);
  const [{ now: found, before }, setFound] = useState<{ readonly now?: Found; readonly before?: Found }>({});
  const [failure, setFailure] = useState("");
  const adding = useRef(false);
  const item = useTeach(select.item);
  const current = useRef(item);
  current.current = item;
  const last = items.at(-1);
  const mark = learner && last && last.index !== null ? marks.get(markKey(learner.id, last.index)) : undefined;
  const isTimeUp = (seconds.current[activity.id] ?? 0) >= activity.minutes * 60;

  useEffect(() => {
    if (waiting > 0 || marks.size === 0) return;
    let isStale = false;
    const ask = async () => {
      try {
        const answer = await call("GET /api/sessions/:sessionId/probe", { params: { sessionId } });
        if (isStale) return;
        setFailure("");
        setFound(({ now, before }) =>
          dequal(now?.beliefs, answer.beliefs) ? { now: answer, before } : { now: answer, before: now },
        );
        if (answer.next && mark && !isTimeUp) await goOn(answer.next.word, mark);
      } catch (error) {
        setFailure((error as Error).message);
      }
    };
    const goOn = async (word: string, answered: Mark) => {
      // One word at a time: a mark put right meanwhile asks again, and must not bring a second one.
      if (adding.current) return;
      adding.current = true;
      const refused = await commands.addWords([word], "next");
      adding.current = false;
      setFailure(refused ?? "");
      if (refused === undefined && isWhole(answered) && current.current?.index === last?.index)
        dispatch({ type: "next" });
    };
    const timer = setTimeout(() => void ask(), REST_MS);
    return () => {
      isStale = true;
      clearTimeout(timer);
    };
  }, [sessionId, marks, waiting, mark, last, isTimeUp, commands, dispatch]);

  if (!found) return <p className="min-h-11 px-3 py-2 text-center text-[15px] text-quiet">{failure || WHAT_IT_IS}</p>;
  // A word that is still to be answered may settle it.
  const isOver = !found.next && mark !== undefined;
  const why = isTimeUp ? "time" : isOver ? (found.beliefs.some(isOpen) ? "no-word" : "settled") : undefined;
  const ruledOut = found.beliefs.filter((one) => !isOfInterest(one)).map(questionWords);
  return (
    <section aria-label="Probe" className="px-3 py-1">
      <ul className="flex flex-wrap justify-center gap-2 max-sm:grid max-sm:max-h-28 max-sm:grid-cols-2 max-sm:overflow-y-auto">
        {found.beliefs.filter(isOfInterest).map((belief) => {
          const was = before?.beliefs.find(({ gpc, said }) => gpc === belief.gpc && said.join() === belief.said.join());
          return (
            <li
              key={`${belief.gpc} ${belief.said.join()}`}
              data-state={belief.state}
              data-asked={belief.chances > 0}
              className="w-[210px] min-w-0 rounded-lg max-sm:data-[asked=false]:hidden border border-rule bg-paper px-3 py-1 text-[13px] max-sm:w-full"
            >
              {questionWords(belief)}: <b>{beliefWords(belief)}</b>
              <span aria-hidden className="relative mt-1 block h-1.5 rounded-full bg-hairline">
                <span
                  className="absolute inset-y-0 left-0 rounded-full bg-change"
                  style={{ width: `${Math.round(belief.likely * 100)}%` }}
                />
                {was && (
                  <span
                    className="absolute -inset-y-0.5 w-0.5 bg-ink"
                    style={{ left: `${Math.round(was.likely * 100)}%` }}
                  />
                )}
              </span>
            </li>
          );
        })}
      </ul>
      {ruledOut.length > 0 && (
        <p className="mt-1 text-center text-[13px] text-quiet max-sm:hidden">Ruled out: {ruledOut.join(", ")}</p>
      )}
      <p role="status" className="min-h-6 text-center text-[15px]">
        {failure || (why && probeEndWords(found.beliefs, items.length, why))}
        {why && !failure && (
          <button type="button" className="button ml-3 min-h-11 py-0" onClick={() => void commands.finish()}>
            Finish
          </button>
        )}
      </p>
    </section>
  );
}

const WHAT_IT_IS = "A probe: each next word is the one that tells most. It comes by itself after a mark.";

const isOfInterest = ({ state }: Found["beliefs"][number]): boolean => state !== "ruled-out";
const isOpen = ({ state }: Found["beliefs"][number]): boolean => state === "open";
