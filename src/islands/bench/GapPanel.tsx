import { useEffect, useId, useRef, useState } from "react";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { RowsToCome } from "../../components/ui/Working.tsx";
import { KNOWN_WORDS } from "../../components/words/chain-words.ts";
import { POSITION_NAME } from "../../components/words/position-name.ts";
import { notTaughtWords, verdictWords } from "../../components/words/reasons.ts";
import { CHANGE_POSITIONS, type ChangePosition, type Neighbour, type WordVerdict } from "../../core/light.ts";
import { separatelyHydrated } from "../shared/separately-hydrated.tsx";
import type { Gap } from "./state.ts";

interface Props {
  readonly words: readonly string[];
  readonly gap: Gap;
  readonly suggestions: readonly Neighbour[] | undefined;
  readonly judge: (typed: string) => Promise<WordVerdict | undefined>;
  readonly aimText: (aim: string) => string;
  readonly onGap: (gap: Gap) => void;
  readonly onPut: (...words: string[]) => void;
}

const SHOWN_A_POSITION = 6;

const gapName = (where: string, word: string) => (
  <>
    {where} <span className="font-learner">{word}</span>
  </>
);

/** The right side of the bench: every legal word for the chosen gap, and a box to type one's own. */
export const GapPanel = separatelyHydrated(function GapPanel(props: Props) {
  const { words, gap, suggestions, judge, aimText, onGap, onPut } = props;
  const word = words[gap.index];
  return (
    <div className="flex h-full flex-col">
      <div className="min-h-0 flex-1 overflow-y-auto p-4 pb-2" aria-live="polite">
        {word !== undefined && (
          <SegmentedChoice
            label="Which gap"
            className="mb-3"
            value={gap.kind}
            choices={gap.index === 0 ? ["before", "instead", "after"] : ["instead", "after"]}
            names={{
              before: gapName("Before", word),
              instead: gapName("In place of", word),
              after: gapName("After", word),
            }}
            onChange={(kind) => onGap({ kind, index: gap.index })}
          />
        )}
        {word === undefined ? (
          <p className="text-quiet">Make a chain, or type a first word below.</p>
        ) : (
          <Suggestions suggestions={suggestions} aimText={aimText} onPut={onPut} />
        )}
      </div>
      <OwnWord words={words} judge={judge} onPut={onPut} context={`${gap.kind} ${gap.index} ${words.join(" ")}`} />
    </div>
  );
});

function Suggestions({ suggestions, aimText, onPut }: Pick<Props, "suggestions" | "aimText" | "onPut">) {
  if (!suggestions) return <RowsToCome rows={7} height={36} />;
  const fitting = suggestions.filter(({ missing }) => missing.length === 0);
  const soon = suggestions.filter(({ missing }) => missing.length > 0);
  return (
    <>
      {fitting.length === 0 && (
        <p className="mb-3 text-quiet">
          No taught word fits here with one change on each side. Take out a neighbour, or choose another gap.
        </p>
      )}
      {CHANGE_POSITIONS.map((position) => {
        const here = fitting.filter((n) => n.position === position);
        if (here.length === 0) return null;
        return (
          <PositionList
            key={`${position} ${here[0]?.word}`}
            position={position}
            here={here}
            aimText={aimText}
            onPut={onPut}
          />
        );
      })}
      {soon.length > 0 && (
        <section>
          <h2 className="label mb-0.5">Not yet</h2>
          <ul>
            {soon.map((neighbour) => (
              <li
                key={neighbour.word}
                data-word={neighbour.word}
                className="flex min-h-11 items-baseline justify-between gap-2 border-b border-hairline px-1 text-quiet"
              >
                <span className="font-learner text-[19px]">{neighbour.word}</span>
                <span className="text-right text-[13px]">
                  <Unbroken text={notTaughtWords(neighbour.missing)} />
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

/** A text in which no line ends behind the hyphen of an ending (-es). */
const Unbroken = ({ text }: { readonly text: string }) =>
  text.split(/(-\w+)/).map((part, k) =>
    part.startsWith("-") ? (
      // biome-ignore lint/suspicious/noArrayIndexKey: parts of one text, in its order
      <span key={k} className="whitespace-nowrap">
        {part}
      </span>
    ) : (
      part
    ),
  );

function PositionList({
  position,
  here,
  aimText,
  onPut,
}: Pick<Props, "aimText" | "onPut"> & { readonly position: ChangePosition; readonly here: readonly Neighbour[] }) {
  const [all, setAll] = useState(false);
  const shown = all ? here : here.slice(0, SHOWN_A_POSITION);
  return (
    <section className="mb-3">
      <h2 className="label mb-0.5 capitalize">{POSITION_NAME[position]}</h2>
      <ul>
        {shown.map((neighbour) => (
          <li key={neighbour.word} data-word={neighbour.word} className="border-b border-hairline">
            <button
              type="button"
              className="flex min-h-11 w-full items-baseline justify-between gap-2 rounded px-1 text-left hover:bg-change-soft"
              onClick={() => onPut(neighbour.word)}
            >
              <span className="font-learner text-[19px]">{neighbour.word}</span>
              <Why neighbour={neighbour} aimText={aimText} />
            </button>
          </li>
        ))}
      </ul>
      {here.length > shown.length && (
        <button
          type="button"
          className="mt-1 min-h-11 w-full rounded px-1 text-left text-[13.5px] font-semibold hover:bg-change-soft"
          onClick={() => setAll(true)}
        >
          {here.length - shown.length} more
        </button>
      )}
    </section>
  );
}

/** Why a word is good here: what it aims at first, then how common it is and where the change falls. */
function Why({ neighbour, aimText }: { readonly neighbour: Neighbour } & Pick<Props, "aimText">) {
  const { aims, familiarity, movesOn, usedLately } = neighbour;
  const others = [KNOWN_WORDS[familiarity], movesOn && "another place", usedLately && "used lately"]
    .filter(Boolean)
    .join(" · ");
  return (
    <span className="text-right text-[13px] text-quiet">
      {aims.length > 0 && <span className="font-semibold text-change">{aims.map(aimText).join(", ")} </span>}
      {others}
    </span>
  );
}

/** A word of the teacher's own, judged while it is typed. */
function OwnWord(props: Pick<Props, "words" | "judge" | "onPut"> & { readonly context: string }) {
  const { words, judge, onPut, context } = props;
  const [typed, setTyped] = useState("");
  const [verdict, setVerdict] = useState<WordVerdict>();
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const put = (...chosen: string[]) => {
    onPut(...chosen);
    setTyped("");
  };
  // What was typed before the page came alive is not lost.
  useEffect(() => setTyped((old) => old || (input.current?.value ?? "")), []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the same word is judged anew for another gap
  useEffect(() => {
    let current = true;
    if (typed.trim() === "") {
      setVerdict(undefined);
      return;
    }
    judge(typed).then((answer) => current && setVerdict(answer));
    return () => {
      current = false;
    };
  }, [typed, judge, context]);
  return (
    <form
      className="border-t border-rule bg-sheet p-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (!verdict?.ok) return;
        put(verdict.word);
      }}
    >
      <label htmlFor={id} className="label mb-1">
        Or type a word
      </label>
      <div className="flex gap-2">
        <input
          ref={input}
          id={id}
          className="field min-w-0 font-learner text-[19px]"
          autoCapitalize="none"
          autoComplete="off"
          spellCheck={false}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          aria-describedby={`${id}-verdict`}
        />
        <button type="submit" className="button button-main" disabled={!verdict?.ok}>
          Put in
        </button>
      </div>
      <p
        id={`${id}-verdict`}
        role="status"
        className={`mt-1 min-h-11 text-[13.5px] leading-snug [overflow-wrap:anywhere]`}
        style={{ color: verdict?.ok ? "var(--color-good)" : "var(--color-again)" }}
      >
        {verdict && `${verdict.ok ? "✓" : "○"} ${verdictWords(verdict)}`}
      </p>
      {verdict && "word" in verdict && !verdict.ok && <Mends words={words} verdict={verdict} onPut={put} />}
    </form>
  );
}

/** What mends a typed word with one press: words between, or the word it sounds like. */
function Mends({
  words,
  verdict,
  onPut,
}: Pick<Props, "words" | "onPut"> & { readonly verdict: Extract<WordVerdict, { word: string }> }) {
  const { word, bridgeBefore, bridgeAfter, stepBefore, stepAfter } = verdict;
  const soundsLike = verdict.soundsLike.filter((other) => !words.includes(other));
  const beforeIsFine = stepBefore?.single !== false;
  const afterIsFine = stepAfter?.single !== false;
  const whole =
    (beforeIsFine || bridgeBefore) && (afterIsFine || bridgeAfter) && (bridgeBefore || bridgeAfter)
      ? [...(bridgeBefore ?? []), word, ...(bridgeAfter ?? [])]
      : undefined;
  if (!whole && soundsLike.length === 0) return null;
  return (
    <div className="flex flex-wrap gap-1.5">
      {whole && (
        <button type="button" className="button" onClick={() => onPut(...whole)}>
          Put in <span className="font-learner">{whole.join(" ")}</span>
        </button>
      )}
      {soundsLike.slice(0, 3).map((other) => (
        <button key={other} type="button" className="button" onClick={() => onPut(other)}>
          <span className="font-learner">{other}</span> instead
        </button>
      ))}
    </div>
  );
}
