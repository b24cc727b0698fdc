import { useEffect, useState } from "react";
import { Dialog } from "../../components/ui/Dialog.tsx";
import { counted } from "../../components/words/counted.ts";
import { saidMoment } from "../../components/words/dates.ts";
import { builtWords, OUTCOME_WORDS } from "../../components/words/response-words.ts";
import { soundName } from "../../components/words/sounds.ts";
import type { OpenedQuery } from "../../schemas/evidence.ts";
import type { OpenedResponse } from "../../server/evidence/opened.ts";
import { type AnswerTo, call, RequestError } from "../shared/client.ts";
import { openWordCard } from "../word-card/open.ts";

/** Which figure is opened: its correspondence, what was said, where. */
export type EvidenceFigure = Omit<OpenedQuery, "groupId" | "learnerId" | "way">;

interface Props {
  readonly title: string;
  /** How many answers the figure counts. */
  readonly count: number;
  readonly query: OpenedQuery;
  readonly onClose: () => void;
}

type Answer = AnswerTo<"GET /api/evidence/responses">;

/** The answers behind a figure, newest first. */
export function OpenedResponses({ title, count, query, onClose }: Props) {
  const [answer, setAnswer] = useState<Answer>();
  const [trouble, setTrouble] = useState<string>();
  useEffect(() => {
    let isShown = true;
    setAnswer(undefined);
    setTrouble(undefined);
    call("GET /api/evidence/responses", { query }).then(
      (found) => isShown && setAnswer(found),
      (error) => isShown && setTrouble(error instanceof RequestError ? error.message : "The answers cannot be shown."),
    );
    return () => {
      isShown = false;
    };
  }, [query]);
  return (
    <Dialog
      isSide
      title={title}
      description={answer?.more ? `The newest ${answer.responses.length} answers` : counted(count, "answer")}
      open
      onOpenChange={(open) => !open && onClose()}
    >
      {trouble && (
        <p role="alert" className="px-5 py-3">
          {trouble}
        </p>
      )}
      <ul aria-busy={!answer && !trouble} className="min-h-0 flex-1 overflow-y-auto px-5">
        {answer?.responses.map((response) => (
          <li
            key={response.id}
            data-response={response.id}
            className="flex items-baseline gap-3 border-b border-hairline py-2.5 [contain-intrinsic-size:auto_46px] [content-visibility:auto]"
          >
            <span className="w-24 shrink-0 truncate font-semibold">{response.learner}</span>
            <button
              type="button"
              aria-label={`About ${response.word}`}
              className="w-24 shrink-0 rounded text-left font-learner text-[20px] hover:underline"
              data-word={response.word}
              onClick={() => openWordCard(response.word)}
            >
              {response.word}
            </button>
            <span className="min-w-0 flex-1">{outcomeOf(response)}</span>
            <time className="shrink-0 text-[13px] text-quiet" dateTime={response.at}>
              {saidMoment(response.at, "short")}
            </time>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}

function outcomeOf(response: OpenedResponse): string {
  if (response.built) return `built ${builtWords(response.built)}`;
  if (response.outcome !== "wrong") return OUTCOME_WORDS[response.outcome].told;
  const typed = response.typed === undefined ? "" : `“${response.typed}”`;
  if (response.said.length === 0) return typed || "wrong, no sound named";
  const named = response.said
    .map(
      ({ unit, said }) => `${response.graphemes[unit]} as ${said.length === 0 ? "nothing: left out" : soundName(said)}`,
    )
    .join(", ");
  return typed ? `${typed}: ${named}` : named;
}
