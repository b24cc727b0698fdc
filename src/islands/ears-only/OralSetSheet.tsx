import RefreshCw from "lucide-react/icons/refresh-cw";
import { EmptyState } from "../../components/ui/EmptyState.tsx";
import { noOralSetWords, oralAnswer, oralPrompt, SKILL_NAME } from "../../components/words/oral-words.ts";
import type { OralItem, OralSkill } from "../../core/light.ts";
import type { EarsPart } from "./oral-set-state.ts";

interface Props {
  readonly parts: readonly EarsPart[];
  readonly hasWords: boolean;
  readonly answersShown: boolean;
  readonly onSwap: (part: number, item: number) => void;
  readonly onOtherSkill: (part: number, skill: OralSkill) => void;
  readonly onWordsHeardOften: () => void;
}

/** What to ask, skill by skill, with the answers beside. */
export function OralSetSheet(props: Props) {
  const { parts, hasWords, answersShown } = props;
  if (parts.length === 0)
    return (
      <EmptyState title="A warm-up for the ears.">
        Add a skill on the left. Items come from today's words where they serve.
      </EmptyState>
    );
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls can be scrolled by key
    <section aria-label="Items" tabIndex={0} className="min-h-0 flex-1 overflow-y-auto px-6 pb-8">
      {parts.map(({ skill, count, items, fromToday, reason }, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a skill may stand twice; its place is what it is
        <section key={`${at} ${skill}`} aria-label={SKILL_NAME[skill]} className="pt-5">
          <h2 className="flex items-baseline gap-3 border-b border-rule pb-1 text-[17px] font-bold">
            {SKILL_NAME[skill]}
            {hasWords && items.length > 0 && (
              <span className="text-[13px] font-normal text-quiet">
                {fromToday === items.length ? "all" : fromToday} from today's words
              </span>
            )}
          </h2>
          {reason ? (
            <div role="alert" className="mt-2 rounded-lg bg-again-soft p-3">
              <p>{noOralSetWords(reason)}</p>
              {reason.code === "words-do-not-serve" && (
                <p className="mt-2 flex flex-wrap gap-2">
                  <button type="button" className="button" onClick={props.onWordsHeardOften}>
                    Let words heard often in
                  </button>
                  {reason.instead.map((other) => (
                    <button key={other} type="button" className="button" onClick={() => props.onOtherSkill(at, other)}>
                      {SKILL_NAME[other]}
                    </button>
                  ))}
                </p>
              )}
            </div>
          ) : (
            <ol style={{ minHeight: count * 44 }}>
              {items.map((item, k) => (
                <Row
                  key={item.key}
                  item={item}
                  number={k + 1}
                  answerShown={answersShown}
                  onSwap={() => props.onSwap(at, k)}
                />
              ))}
            </ol>
          )}
        </section>
      ))}
    </section>
  );
}

function Row(props: { item: OralItem; number: number; answerShown: boolean; onSwap: () => void }) {
  const { item, number } = props;
  return (
    <li
      data-item={item.key}
      className="grid min-h-11 grid-cols-[24px_minmax(0,1fr)_minmax(0,260px)_40px] items-center gap-2 border-b border-hairline"
    >
      <span className="text-[13px] tabular-nums text-quiet">{number}</span>
      <span className="text-[16px]">
        {oralPrompt(item).map(({ text, isWord }) => (
          <span key={text} className={isWord ? "font-learner text-[20px] font-bold" : ""}>
            {text}
          </span>
        ))}
      </span>
      <span className="text-[17px] text-good" aria-hidden={!props.answerShown}>
        {props.answerShown && oralAnswer(item)}
      </span>
      <button
        type="button"
        aria-label={`Another in place of item ${number}`}
        title="Another"
        className="grid size-11 place-items-center rounded text-quiet hover:text-ink"
        onClick={props.onSwap}
      >
        <RefreshCw size={16} aria-hidden />
      </button>
    </li>
  );
}
