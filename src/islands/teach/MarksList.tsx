import { useEffect, useState } from "react";
import { Dialog } from "../../components/ui/Dialog.tsx";
import { counted } from "../../components/words/counted.ts";
import { answerWords, MODE_VERB } from "../../components/words/response-words.ts";
import { gpcLetters } from "../../components/words/sounds.ts";
import {
  isCard,
  isOralName,
  isSentenceName,
  type ResponseMode,
  sentenceOfName,
  wordOfOralName,
} from "../../core/light.ts";
import type { StoredResponse } from "../../server/evidence/responses.ts";
import { call } from "../shared/client.ts";
import type { Mark, Marks } from "./lesson/marks.ts";
import type { TeachState } from "./lesson/teach-state.ts";
import TypedAnswer from "./TypedAnswer.tsx";
import { useTeach, useTeachActions } from "./teach-store.ts";

interface Props {
  readonly onClose: () => void;
}

/** Ways of working in which what was answered can be typed. */
const TYPED_MODES: readonly ResponseMode[] = ["read", "wrote", "sentence", "oral"];

const OTHERS_OFFERED = 6;

/** One line of the list: a mark, and whether it was taken back since the list was opened. */
interface Line {
  readonly mark: Mark;
  readonly word: string;
  readonly isTakenBack: boolean;
}

const keyOf = ({ learnerId, wordIndex, mode }: Mark) => `${learnerId} ${wordIndex} ${mode}`;

/** Every mark of the lesson, word by word: gone back to, to be corrected or given its details; or taken back. */
export function MarksList({ onClose }: Props) {
  const { commands, dispatch, sessionId } = useTeachActions();
  const learners = useTeach(({ page }) => page.group.learners);
  const activities = useTeach(({ lesson }) => lesson.activities);
  const marks = useTeach(({ book }) => book.marks);
  const [lines, setLines] = useState<readonly Line[]>();
  const [trouble, setTrouble] = useState("");
  /** The line at which what was said is being typed. */
  const [typing, setTyping] = useState<string>();
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is changed from here on is changed in the lines
  useEffect(() => {
    call("GET /api/sessions/:sessionId", { params: { sessionId } }).then(
      ({ responses }) => setLines(linesOf(responses, waitingLines(marks, activities), targetsIn(activities))),
      // The marks that this page has are shown all the same.
      (error: Error) => {
        setTrouble(error.message);
        setLines(linesOf([], waitingLines(marks, activities), targetsIn(activities)));
      },
    );
  }, [sessionId]);
  const set = (line: Line) => setLines((now) => now?.map((one) => (keyOf(one.mark) === keyOf(line.mark) ? line : one)));
  const open = (mark: Mark) => {
    dispatch({ type: "open-mark", mark });
    onClose();
  };
  /** Words that stand beside it in its activity: one of them may have been said. */
  const othersOf = ({ mark, word }: Line) =>
    [
      ...new Set(
        (activities.find(({ items }) => items.some(({ index }) => index === mark.wordIndex))?.items ?? []).flatMap(
          (item) => item.word?.word ?? [],
        ),
      ),
    ]
      .filter((other) => other !== word)
      .slice(0, OTHERS_OFFERED);
  const nameOf = (learnerId: string) => learners.find(({ id }) => id === learnerId)?.nickname ?? "somebody who left";
  return (
    <Dialog
      isSide
      title="All marks of this lesson"
      description={lines ? counted(lines.filter((line) => !line.isTakenBack).length, "mark") : "being fetched"}
      open
      onOpenChange={(isOpen) => !isOpen && onClose()}
    >
      {trouble && (
        <p role="alert" className="px-5 py-2 text-again">
          {trouble}
        </p>
      )}
      <ul aria-label="Marks" aria-busy={!lines} className="min-h-0 flex-1 overflow-y-auto px-5">
        {lines?.map((line) => (
          <li
            key={keyOf(line.mark)}
            data-mark={line.isTakenBack ? "taken back" : line.mark.answer.outcome}
            className="flex flex-wrap items-center gap-x-3 border-b border-hairline py-1.5"
          >
            <span className="min-w-20 shrink-0 font-learner text-[20px]">{line.word}</span>
            <span className="min-w-0 flex-1 basis-32">
              <b className="block truncate">{nameOf(line.mark.learnerId)}</b>
              <span className={`text-[14px] text-quiet ${line.isTakenBack ? "line-through" : ""}`}>
                {MODE_VERB[line.mark.mode]}: {answerWords(line.mark.answer)}
                {line.mark.state === "waiting" && !line.isTakenBack && " · not stored yet"}
              </span>
            </span>
            {line.isTakenBack ? (
              <button
                type="button"
                className="button font-normal"
                aria-label={`Mark again: ${line.word}, ${nameOf(line.mark.learnerId)}`}
                onClick={() => set({ ...line, mark: commands.markAgain(line.mark), isTakenBack: false })}
              >
                Mark again
              </button>
            ) : (
              <span className="flex flex-wrap gap-1.5">
                {line.mark.answer.outcome === "wrong" && TYPED_MODES.includes(line.mark.mode) && (
                  <button
                    type="button"
                    className="button px-3 font-normal"
                    aria-label={`What was said: ${line.word}, ${nameOf(line.mark.learnerId)}`}
                    onClick={() => setTyping(keyOf(line.mark))}
                  >
                    What was said
                  </button>
                )}
                <button
                  type="button"
                  className="button px-3 font-normal"
                  aria-label={`Correct: ${line.word}, ${nameOf(line.mark.learnerId)}`}
                  onClick={() => open(line.mark)}
                >
                  Correct
                </button>
                <button
                  type="button"
                  className="button px-3 font-normal"
                  aria-label={`Take back: ${line.word}, ${nameOf(line.mark.learnerId)}`}
                  onClick={() => {
                    commands.takeBack(line.mark);
                    set({ ...line, isTakenBack: true });
                  }}
                >
                  Take back
                </button>
              </span>
            )}
            {typing === keyOf(line.mark) && (
              <div className="w-full">
                <TypedAnswer
                  sessionId={sessionId}
                  learner={nameOf(line.mark.learnerId)}
                  wordIndex={line.mark.wordIndex}
                  mode={line.mark.mode}
                  others={othersOf(line)}
                  onKeep={(typed, outcome) => {
                    const answer = { outcome, substitutions: [], typed };
                    set({ ...line, mark: commands.correct(line.mark, answer) });
                    setTyping(undefined);
                  }}
                  onClose={() => setTyping(undefined)}
                />
              </div>
            )}
          </li>
        ))}
      </ul>
      {lines?.length === 0 && <p className="px-5 py-3 text-quiet">Nothing has been marked yet.</p>}
    </Dialog>
  );
}

type Activities = TeachState["lesson"]["activities"];

/** What is answered to, as the session names it, by its number. */
const targetsIn = (activities: Activities): ReadonlyMap<number, string> =>
  new Map(
    activities.flatMap(({ items }) =>
      items.flatMap(({ index, target }) => (index === null || target === undefined ? [] : [[index, target] as const])),
    ),
  );

/** Marks that the database does not have yet, with their words. */
function waitingLines(marks: Marks, activities: Activities): readonly Line[] {
  const words = targetsIn(activities);
  return [...marks.values()]
    .filter((mark) => mark.state === "waiting")
    .map((mark) => ({ mark, word: wordShown(mark.target ?? words.get(mark.wordIndex) ?? ""), isTakenBack: false }));
}

const wordShown = (target: string) =>
  isSentenceName(target)
    ? sentenceOfName(target)
    : isOralName(target)
      ? wordOfOralName(target)
      : isCard(target)
        ? gpcLetters(target)
        : target;

/** What is stored, with what is on its way in its place; in the order of the words. */
function linesOf(
  stored: readonly StoredResponse[],
  waiting: readonly Line[],
  targets: ReadonlyMap<number, string>,
): readonly Line[] {
  const lines = new Map<string, Line>();
  for (const { id, learnerId, wordIndex, word, mode, answer } of stored) {
    const target = targets.get(wordIndex);
    const named = target !== undefined && { target };
    const mark: Mark = { id, learnerId, wordIndex, ...named, mode, answer, state: "stored" };
    lines.set(keyOf(mark), { mark, word: target === undefined ? word : wordShown(target), isTakenBack: false });
  }
  for (const line of waiting) lines.set(keyOf(line.mark), line);
  return [...lines.values()].sort((a, b) => a.mark.wordIndex - b.mark.wordIndex);
}
