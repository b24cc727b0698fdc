import { Dialog } from "../../components/ui/Dialog.tsx";
import { saidMoment } from "../../components/words/dates.ts";
import { OUTCOME_WORDS } from "../../components/words/response-words.ts";
import { soundName } from "../../components/words/sounds.ts";
import type { OpenedResponse } from "../../server/evidence/evidence.ts";
import { openWordCard } from "../word-card/open.ts";

interface Props {
  readonly title: string;
  readonly ids: readonly string[];
  readonly responses: Readonly<Record<string, OpenedResponse>>;
  readonly onClose: () => void;
}

/** The readings behind a figure, newest first. */
export function OpenedResponses({ title, ids, responses, onClose }: Props) {
  const found = [...new Set(ids)]
    .map((id) => responses[id])
    .filter((response): response is OpenedResponse => response !== undefined)
    .reverse();
  return (
    <Dialog
      isSide
      title={title}
      description={`${found.length} ${found.length === 1 ? "answer" : "answers"}`}
      open
      onOpenChange={(open) => !open && onClose()}
    >
      <ul className="min-h-0 flex-1 overflow-y-auto px-5">
        {found.map((response) => (
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
  // A split digraph stands on one tile: the letters are not run together.
  if (response.built) return `built ${response.built.map((attempt) => attempt.join("·")).join(", then ")}`;
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
