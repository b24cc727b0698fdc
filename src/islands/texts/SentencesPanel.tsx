import { useCallback, useState } from "react";
import { RowsToCome, Working } from "../../components/ui/Working.tsx";
import { counted } from "../../components/words/counted.ts";
import { madeForText } from "../../components/words/text-words.ts";
import type { TextTarget } from "../../core/light.ts";
import { useAnswer } from "../shared/use-answer.ts";
import type { TextWorkerClient } from "./text-worker-client.ts";
import type { WordRules } from "./use-text.ts";

interface Props {
  readonly worker: TextWorkerClient;
  readonly rules: WordRules;
  readonly targets: readonly TextTarget[];
  readonly onPick: (sentence: string) => void;
  /** Puts sentences into the text, each on a line of its own. */
  readonly onLittleText: (sentences: readonly string[]) => void;
}

const SHOWN = 20;
/** So many sentences make a little text. Common practice: four to eight. */
const LITTLE_TEXT = 6;

/** Short sentences that the group can read, made for what is looked for: a press puts one into the text. */
export function SentencesPanel({ worker, rules, targets, onPick, onLittleText }: Props) {
  const [seed, setSeed] = useState(1);
  const ask = useCallback(() => {
    const { taught, never, allowLists } = rules;
    return worker.ask((api) => api.sentences({ taught, never, allowLists, targets, count: SHOWN, seed }));
  }, [worker, rules, targets, seed]);
  const sentences = useAnswer(ask);
  const [isStopped, setStopped] = useState(false);
  return (
    <div className="flex flex-col gap-3 p-4">
      <p className="flex items-center gap-3">
        <span className="min-w-0 flex-1 text-[14px] text-quiet">{madeForText(targets, sentences)}</span>
        <button
          type="button"
          className="button shrink-0"
          onClick={() => {
            setStopped(false);
            setSeed(seed + 1);
          }}
        >
          Others
        </button>
      </p>
      {sentences && sentences.length >= LITTLE_TEXT && (
        <p>
          <button
            type="button"
            className="button font-normal"
            onClick={() => onLittleText(sentences.slice(0, LITTLE_TEXT).map(({ text }) => text))}
          >
            A little text: the first {LITTLE_TEXT}, a line each
          </button>
        </p>
      )}
      {isStopped && <p>Stopped. “Others” begins anew.</p>}
      {!sentences && !isStopped && (
        <>
          <Working
            says="Making sentences…"
            onStop={() => {
              worker.stop();
              setStopped(true);
            }}
          />
          <RowsToCome rows={8} height={40} />
        </>
      )}
      {sentences && sentences.length < SHOWN && (
        <p role="status">
          {sentences.length === 0
            ? "Too little has been taught for a sentence. A step or two further there will be some."
            : `${counted(sentences.length, "sentence")} can be made of what has been taught so far.`}
        </p>
      )}
      <ul aria-label="Sentences">
        {sentences?.map(({ text, hits }) => (
          <li key={text}>
            <button
              type="button"
              className="flex min-h-11 w-full items-baseline gap-3 rounded px-2 py-1.5 text-left hover:bg-change-soft"
              onClick={() => onPick(text)}
            >
              <span className="min-w-0 flex-1 font-learner text-[19px] leading-snug">{text}</span>
              {hits > 0 && <span className="text-[13px] text-quiet">{counted(hits, "time")}</span>}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
