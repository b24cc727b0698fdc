import { useCallback, useEffect, useMemo } from "react";
import { OUTCOME_WORDS } from "../../components/words/response-words.ts";
import { soundAlone, soundName } from "../../components/words/sounds.ts";
import type { SessionId } from "../../schemas/ids.ts";
import { EraseRehearsal } from "../rehearsal/EraseRehearsal.tsx";
import { canRedo, canUndo } from "../shared/history.ts";
import { useLazy } from "../shared/use-lazy.ts";
import { CueLine } from "./CueLine.tsx";
import { DisplayArea } from "./DisplayArea.tsx";
import { LazyBoard, LazyCounters } from "./LazyBoard.tsx";
import { LearnerEdge } from "./LearnerEdge.tsx";
import type { CountersMove } from "./lesson/counters-board.ts";
import type { ReadingUnit } from "./lesson/reading.ts";
import * as select from "./lesson/selectors.ts";
import { LIST_PACES, type ListPace } from "./lesson/teach-state.ts";
import { MarkBar } from "./MarkBar.tsx";
import { SubstitutionBar } from "./SubstitutionBar.tsx";
import { useTeach, useTeachActions } from "./teach-store.ts";
import type { ActivitySeconds } from "./use-activity-clock.ts";
import { WordNav } from "./WordNav.tsx";

/** The parts of the Teach screen, each with what it reads of the state: a press draws only those that it changes. */

const NOTHING = { kind: "text", text: "", spans: [] } as const;

/** Whose turn it is. */
export function LearnerCue() {
  const { dispatch } = useTeachActions();
  const line = useTeach(select.cue);
  const itemKey = useTeach(select.itemKey);
  const covered = useTeach(select.isBuilding);
  const sign = useTeach(select.turnSign);
  const thinking = useTeach((state) =>
    select.turnSign(state) === "your" && select.stageIndex(state) === 0 ? select.activity(state).settings.thinking : 0,
  );
  const correction = useTeach((state) =>
    state.wrongAt === select.itemKey(state) ? select.activity(state).settings.correction : undefined,
  );
  const { onSign, onTwoBack } = useMemo(
    () => ({
      onSign: (sign: Parameters<typeof CueLine>[0]["sign"]) => dispatch({ type: "turn-sign", sign }),
      onTwoBack: () => dispatch({ type: "two-back" }),
    }),
    [dispatch],
  );
  if (!line) return null;
  return (
    <CueLine
      itemKey={itemKey}
      line={line}
      covered={covered}
      sign={sign}
      onSign={onSign}
      thinking={thinking}
      correction={correction}
      onTwoBack={onTwoBack}
    />
  );
}

/** What learners see now, on the teacher's screen. */
export function CurrentDisplay() {
  const { dispatch, commands } = useTeachActions();
  const display = useTeach(select.display);
  const board = useTeach(select.board);
  const counters = useTeach(select.countersBoard);
  const word = useTeach((state) => select.item(state)?.word);
  const canMark = useTeach((state) => select.item(state)?.index !== null);
  const pressed = useTeach(({ pressedUnit }) => pressedUnit);
  const boxes = useTeach((state) => state.boxes);
  const picture = useTeach((state) => state.picture);
  const on = useMemo(
    () => ({
      tap: () => dispatch({ type: "tap" }),
      pressUnit: (unit: number) => dispatch({ type: "press-unit", unit }),
      pressWord: (at: number) => dispatch({ type: "press-word", at }),
      act: (action: Parameters<NonNullable<Parameters<typeof LazyBoard>[0]["board"]>["onAct"]>[0]) =>
        dispatch({ type: "board", action }),
      moveCounters: (move: CountersMove) => dispatch({ type: "counters", move }),
      boxes: () => dispatch({ type: "toggle", what: "boxes" }),
      picture: () => dispatch({ type: "toggle", what: "picture" }),
    }),
    [dispatch],
  );
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the keys work anywhere on the page (keys.ts)
    // biome-ignore lint/a11y/noStaticElementInteractions: a large touch target beside the labelled buttons
    <div className="contain-strict flex min-h-0 flex-1 flex-col items-center overflow-hidden" onClick={on.tap}>
      <LazyBoard
        board={
          board &&
          word && {
            board,
            word,
            boxes,
            picture,
            onAct: on.act,
            onCheck: commands.checkBoard,
            onBoxes: on.boxes,
            onPicture: on.picture,
          }
        }
      />
      <LazyCounters
        board={
          counters && display?.kind === "counters" ? { board: counters, display, onMove: on.moveCounters } : undefined
        }
      />
      {!board && !counters && (
        <DisplayArea
          display={display ?? NOTHING}
          pressed={pressed}
          onPressUnit={canMark ? on.pressUnit : undefined}
          onPressWord={on.pressWord}
        />
      )}
    </div>
  );
}

/** Moves a list on by itself, as long as it has a pace. */
export function ListTicks() {
  const { dispatch } = useTeachActions();
  const pace = useTeach((state) => (select.isListed(state) ? state.listPace : undefined));
  // Every word has its whole time, also one that was gone to by hand.
  const item = useTeach(({ lesson }) => lesson.item);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new word, a new count
  useEffect(() => {
    if (!pace) return;
    const timer = setTimeout(() => dispatch({ type: "list-tick" }), LIST_PACES[pace] * 1000);
    return () => clearTimeout(timer);
  }, [pace, item, dispatch]);
  return null;
}

/** The buttons that move from word to word and blend. */
export function WordControls() {
  const { dispatch, commands } = useTeachActions();
  const actions = useMemo(
    () => ({
      back: () => dispatch({ type: "back" }),
      next: () => dispatch({ type: "next" }),
      tap: () => dispatch({ type: "tap" }),
      openOrBlend: () => dispatch({ type: "open-or-blend" }),
      toggleChange: () => dispatch({ type: "toggle", what: "showChange" }),
      againAtSight: () => dispatch({ type: "again-at-sight" }),
      tapBack: () => dispatch({ type: "tap-back" }),
      setReading: (by: ReadingUnit) => dispatch({ type: "reading-by", by }),
      setWay: (way: ReturnType<typeof select.way>) => dispatch({ type: "way", way }),
      toggleBuilding: () => dispatch({ type: "toggle-building" }),
      toggleCounters: () => dispatch({ type: "toggle", what: "withCounters" }),
      // Chance comes from outside the reducer.
      shuffle: () => dispatch({ type: "shuffle", random: Math.random }),
      dropItem: () => dispatch({ type: "drop-item" }),
      skipCurrent: () => dispatch({ type: "skip-current" }),
      setListing: (listing: "across" | "down" | undefined) => dispatch({ type: "listing", listing }),
      setListPace: (pace: ListPace | undefined) => dispatch({ type: "list-pace", pace }),
      toggleDark: () => dispatch({ type: "toggle", what: "dark" }),
      addWords: commands.addWords,
    }),
    [dispatch, commands],
  );
  const isBuilding = useTeach(select.isBuilding);
  const typing = useTeach((state) => state.typing);
  return (
    // On a phone the line that is typed into takes their room.
    <div className={typing ? "max-sm:hidden" : "contents"}>
      <WordNav
        activity={useTeach(select.activity)}
        items={useTeach((state) => select.items(state).length)}
        at={useTeach(({ lesson }) => lesson.item)}
        isFirst={useTeach(select.isAtStart)}
        after={useTeach(select.nextActivity)}
        isWord={useTeach((state) => select.display(state)?.kind === "word")}
        isBlended={useTeach(select.isBlended)}
        hasBoard={isBuilding}
        counters={useTeach((state) => (select.canUseCounters(state) ? state.withCounters : undefined))}
        reading={useTeach((state) => (select.isReadAloud(state) ? state.readingBy : undefined))}
        canReorder={useTeach(select.canReorder)}
        way={useTeach(select.way)}
        showChange={useTeach(({ showChange }) => showChange)}
        canBuild={useTeach(select.canBuild)}
        building={isBuilding}
        dark={useTeach(({ dark }) => dark)}
        listing={useTeach(({ listing }) => listing)}
        listPace={useTeach(({ listPace }) => listPace)}
        wentWrong={useTeach(select.wordsGoneWrong)}
        paper={useTeach(select.paper)}
        canSkip={useTeach(({ lesson }) => lesson.activities.length > 1)}
        actions={actions}
      />
    </div>
  );
}

/** The likely substitutions for the word, to press instead of typing. */
export function Substitutions() {
  const { dispatch, commands } = useTeachActions();
  const unit = useTeach(({ pressedUnit }) => pressedUnit);
  const learner = useTeach(select.learner);
  const item = useTeach(select.item);
  const itemKey = useTeach(select.itemKey);
  const word = item?.word ?? item?.oral;
  if (unit === undefined || !learner || !item || !word) return null;
  return (
    <SubstitutionBar
      key={`${learner.id} ${itemKey} ${unit}`}
      word={word}
      unit={unit}
      learner={learner.nickname}
      mode={item.mode ?? "read"}
      onSaid={commands.nameSubstitution}
      onClose={() => dispatch({ type: "press-unit", unit: undefined })}
    />
  );
}

/** Of an ears-only item: the sounds that are asked for, to press the one that was said as something else. */
export function HeardSounds() {
  const { dispatch } = useTeachActions();
  const oral = useTeach((state) => select.item(state)?.oral);
  const pressed = useTeach(({ pressedUnit }) => pressedUnit);
  const canMark = useTeach((state) => select.whyNotMarked(state) === undefined);
  if (!oral || oral.asked.length === 0 || !canMark) return null;
  return (
    <fieldset className="flex shrink-0 flex-wrap items-center justify-center gap-2 border-t border-hairline px-5 py-2">
      <legend className="sr-only">Which sound was said as something else?</legend>
      <span aria-hidden className="text-quiet">
        Said as something else:
      </span>
      {oral.asked.map((unit) => {
        const sound = oral.reading.units[unit]?.phonemes ?? [];
        return (
          <button
            key={unit}
            type="button"
            data-unit={unit}
            aria-pressed={pressed === unit}
            aria-label={soundName(sound)}
            className={`button min-h-12 min-w-12 font-normal ${pressed === unit ? "bg-again-soft" : ""}`}
            onClick={() => dispatch({ type: "press-unit", unit })}
          >
            {soundAlone(sound)}
          </button>
        );
      })}
    </fieldset>
  );
}

const loadTypedAnswer = () => import("./TypedAnswer.tsx").then((module) => module.default);
/** So many words of the activity are offered as what was said instead. */
const OTHERS_OFFERED = 4;

/** The line in which what was said or written is typed; its code is fetched after the page. */
export function TypedAnswerLine({ sessionId }: { readonly sessionId: SessionId }) {
  const { dispatch, commands } = useTeachActions();
  const { part: TypedAnswer, request } = useLazy(loadTypedAnswer);
  const typing = useTeach((state) => state.typing);
  const learner = useTeach(select.learner);
  const item = useTeach(select.item);
  const items = useTeach(select.items);
  const onClose = useCallback(() => dispatch({ type: "type-answer", open: false }), [dispatch]);
  useEffect(() => {
    if (typing) request();
  }, [typing, request]);
  if (!typing || !learner || !item || item.index === null || !item.mode || !TypedAnswer) return null;
  const words = items.flatMap((other) => (other !== item && other.word ? [other.word.word] : []));
  return (
    <TypedAnswer
      key={`${learner.id} ${item.index}`}
      sessionId={sessionId}
      learner={learner.nickname}
      wordIndex={item.index}
      mode={item.mode}
      others={[...new Set(words)].filter((word) => word !== item.word?.word).slice(0, OTHERS_OFFERED)}
      onKeep={commands.markTyped}
      onClose={onClose}
    />
  );
}

/** In a rehearsal: made-up learners answer at a press, and are erased at another. */
export function Rehearsal() {
  const { commands } = useTeachActions();
  const isRehearsal = useTeach(({ page }) => page.madeUp !== undefined);
  const groupId = useTeach(({ page }) => page.group.id);
  if (!isRehearsal) return null;
  return (
    <div
      role="note"
      className="flex shrink-0 flex-wrap items-center justify-center gap-2 border-y border-rule bg-paper px-3 py-1"
    >
      <span>
        A rehearsal: these learners are made up.<span className="max-sm:hidden"> Nothing of it is counted.</span>
      </span>
      <button type="button" className="button min-h-11 py-0" onClick={() => commands.answer("turn")}>
        Answer
      </button>
      <button type="button" className="button min-h-11 py-0" onClick={() => commands.answer("all")}>
        All answer
      </button>
      <EraseRehearsal groupId={groupId} />
    </div>
  );
}

const loadSoFar = () => import("./SoFarLine.tsx").then((module) => module.default);

const loadProbe = () => import("./ProbeLine.tsx").then((module) => module.default);

/** In a probe: what it has found so far. */
export function ProbeFound(props: { readonly sessionId: SessionId; readonly seconds: ActivitySeconds }) {
  const { part: ProbeLine, request } = useLazy(loadProbe);
  useEffect(request, [request]);
  return ProbeLine ? <ProbeLine {...props} /> : null;
}

/** What the lesson has shown so far; its code is fetched once something has been marked. */
export function SoFar({ sessionId }: { readonly sessionId: SessionId }) {
  const { part: SoFarLine, request } = useLazy(loadSoFar);
  const hasMarks = useTeach(({ book }) => book.marks.size > 0);
  useEffect(() => {
    if (hasMarks) request();
  }, [hasMarks, request]);
  return hasMarks && SoFarLine ? <SoFarLine sessionId={sessionId} /> : null;
}

/** For who does not see the marks: the last one, and whose turn it is now. */
export function LastMark() {
  const mark = useTeach(({ book }) => book.history.past.at(-1)?.mark);
  const learners = useTeach(({ page }) => page.group.learners);
  const turn = useTeach(select.learner);
  const marked = mark && learners.find(({ id }) => id === mark.learnerId);
  return (
    <p role="status" className="sr-only">
      {marked && `${marked.nickname}: ${OUTCOME_WORDS[mark.answer.outcome].button}. ${turn?.nickname ?? ""}'s turn.`}
    </p>
  );
}

/** The learners of the lesson, to choose who is marked. */
export function LearnerTurns() {
  const { dispatch } = useTeachActions();
  const onTurn = useMemo(() => (learnerId: string) => dispatch({ type: "give-turn", learnerId }), [dispatch]);
  const isNaming = useTeach(({ pressedUnit }) => pressedUnit !== undefined);
  return (
    // On a phone the sounds that may have been said take their room: whose answer it is stands there already.
    <div className={isNaming ? "max-sm:hidden" : "contents"}>
      <LearnerEdge
        learners={useTeach(({ page }) => page.group.learners)}
        turn={useTeach(select.turn)}
        wordIndex={useTeach((state) => select.item(state)?.index ?? -1)}
        marks={useTeach(({ book }) => book.marks)}
        onTurn={onTurn}
      />
    </div>
  );
}

const WHY_NOT_MARKED = {
  "no-learners": "Nobody is in this group yet",
  built: "What is built goes to the record by itself",
  "not-marked": "Nothing is marked here",
} as const;

/** Right, wrong and the other marks for the learner on the word. */
export function MarkButtons() {
  const { dispatch, commands } = useTeachActions();
  const onType = useCallback(() => dispatch({ type: "type-answer", open: true }), [dispatch]);
  const whyNot = useTeach(select.whyNotMarked);
  return (
    <MarkBar
      learner={useTeach((state) => select.learner(state)?.nickname ?? "")}
      outcomes={useTeach(select.outcomes)}
      without={whyNot && WHY_NOT_MARKED[whyNot]}
      canUndo={useTeach(({ book }) => canUndo(book.history))}
      canRedo={useTeach(({ book }) => canRedo(book.history))}
      onMark={commands.mark}
      onType={onType}
      onUndo={commands.undo}
      onRedo={commands.redo}
    />
  );
}
