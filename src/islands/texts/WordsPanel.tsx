import { LongList } from "../../components/ui/LongList.tsx";
import { fewOf } from "../../components/words/counted.ts";
import { missingWords } from "../../components/words/reasons.ts";
import { TOKEN_KIND_NAME, teachItemWords } from "../../components/words/text-words.ts";
import type { Mend, TeachList } from "../../core/light.ts";
import type { TextView } from "../../workers/text-worker.ts";

interface Props {
  readonly view: TextView;
  /** Words that somebody got wrong lately. */
  readonly watched: readonly string[];
  readonly onReplace: (word: string, other: string) => void;
  /** Teaches a word as an irregular word from now on. */
  readonly onTeach: (word: string) => void;
}

/** Words that do not fit, drawn at a time: a long text has a thousand, each with its buttons. */
const MENDS_SHOWN = 40;
const WATCHED_SHOWN = 20;
const TAUGHT_SHOWN = 12;

const inHundred = (share: number) => `${Math.floor(share * 100)} in 100`;

/** The words that do not fit, each with what is missing, when it comes, and what could stand there. */
export function WordsPanel({ view, watched, onReplace, onTeach }: Props) {
  const inText = new Set(view.words.map(({ spelling }) => spelling));
  const toWatch = watched.filter((word) => inText.has(word));
  return (
    <div className="flex flex-col gap-4 p-4">
      {view.mends.length === 0 && (
        <p>
          {view.words.length === 0
            ? "Nothing is written yet."
            : "Every word fits: decodable, taught as an irregular word, or a name that can be read."}
        </p>
      )}
      {toWatch.length > 0 && (
        <p>
          <b>To watch</b>, got wrong lately:{" "}
          <span className="font-learner text-[17px]">{fewOf(toWatch, WATCHED_SHOWN)}</span>
        </p>
      )}
      {view.mends.length > 0 && (
        <LongList items={view.mends} most={MENDS_SHOWN}>
          {(shown) => (
            <ul aria-label="Words that do not fit">
              {shown.map((mend) => (
                <MendItem key={mend.word} mend={mend} onReplace={onReplace} onTeach={onTeach} />
              ))}
            </ul>
          )}
        </LongList>
      )}
      <TeachLine name="95 in 100 fit" list={view.teach.most} />
      <TeachLine name="every word fits" list={view.teach.all} />
      {view.repeated.length > 0 && (
        <p className="text-[14px] text-quiet">
          Said more than once:{" "}
          {view.repeated
            .slice(0, 8)
            .map(({ word, times }) => `${word} ${times}`)
            .join(", ")}
        </p>
      )}
    </div>
  );
}

function TeachLine({ name, list }: { readonly name: string; readonly list: TeachList | undefined }) {
  if (!list || list.items.length === 0) return null;
  return (
    <p className="text-[14px]">
      <b>So that {name}</b> ({inHundred(list.share)}), teach: {fewOf(list.items.map(teachItemWords), TAUGHT_SHOWN)}
    </p>
  );
}

function MendItem({ mend, onReplace, onTeach }: { readonly mend: Mend } & Pick<Props, "onReplace" | "onTeach">) {
  const { word, times, kind, missing, comesAt, replacements } = mend;
  const canBeTaught = kind === "not-yet" || kind === "unknown";
  return (
    <li className="border-t border-hairline py-2 first:border-t-0">
      <p>
        <b className="font-learner text-[19px]">{word}</b>
        {times > 1 && <span className="text-quiet"> ×{times}</span>}
        <span className="ml-2 text-[14px] text-again">{TOKEN_KIND_NAME[kind]}</span>
      </p>
      {kind === "not-yet" && (
        <p className="text-[14px] text-quiet">
          {missing.map(missingWords).join(", ")}
          {comesAt !== undefined && ` · comes at step ${comesAt}`}
        </p>
      )}
      {kind === "unknown" && missing.length > 0 && (
        <p className="text-[14px] text-quiet">read by rule it would need {missing.map(missingWords).join(", ")}</p>
      )}
      <div className="mt-1 flex flex-wrap gap-1.5">
        {replacements.map((other) => (
          <button
            key={other}
            type="button"
            className="button font-learner font-normal"
            aria-label={`${other} in the place of ${word}`}
            onClick={() => onReplace(word, other)}
          >
            {other}
          </button>
        ))}
        {canBeTaught && (
          <button type="button" className="button font-normal" onClick={() => onTeach(word)}>
            Teach it as an irregular word
          </button>
        )}
      </div>
    </li>
  );
}
