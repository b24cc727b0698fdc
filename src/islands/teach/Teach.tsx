import { useEffect, useMemo } from "react";
import type { TeachPage } from "../../server/teach.ts";
import { ClockLine } from "./ClockLine.tsx";
import { CueLine } from "./CueLine.tsx";
import { actionOfKey } from "./keys.ts";
import { LateBoard } from "./LateBoard.tsx";
import { LearnerEdge } from "./LearnerEdge.tsx";
import { LessonMenu } from "./LessonMenu.tsx";
import { MarkBar } from "./MarkBar.tsx";
import { SaidInstead } from "./SaidInstead.tsx";
import { Stage } from "./Stage.tsx";
import { useTeach } from "./use-teach.ts";
import { useViewWindow } from "./use-view-window.ts";
import { WordNav } from "./WordNav.tsx";

const NOTHING = { kind: "text", text: "", spans: [] } as const;

/** A lesson on the screen: the word, and around it only what is needed with children in front. */
export default function Teach(page: TeachPage) {
  const { session, group } = page;
  const { learners } = group;
  const teaching = useTeach(page);
  const { act, activity, board, face, item, itemKey, learner, lesson, plate, pressed, sign, turn } = teaching;
  const openView = useViewWindow(session.id, {
    face: face ?? NOTHING,
    sign: activity?.settings.turns === "your-turn" ? undefined : sign,
    dark: teaching.dark,
    item: lesson.item,
  });

  useEffect(() => {
    const listener = (event: KeyboardEvent) => {
      const done = actionOfKey(event, act);
      if (!done) return;
      event.preventDefault();
      done();
    };
    addEventListener("keydown", listener);
    return () => removeEventListener("keydown", listener);
  }, [act]);
  const { activities, skipped } = lesson;
  const timed = useMemo(() => activities.filter(({ id }) => !skipped.includes(id)), [activities, skipped]);

  if (!item || !face || !plate)
    return <p className="p-10">There is nothing in this lesson. Go back to the plan and add some.</p>;
  return (
    // A pressed button must not keep the focus: the next Enter is a mark, not the same press again.
    // biome-ignore lint/a11y/noStaticElementInteractions: only keeps focus where it was
    <div
      onMouseDown={(event) => event.preventDefault()}
      className="flex h-dvh flex-col bg-sheet"
      data-activity={lesson.activity}
      data-does={activity.does}
      data-place={lesson.item}
      data-stage={teaching.stage}
    >
      <h1 className="sr-only">{session.title}</h1>

      <header className="own-paint flex h-13 shrink-0 items-center justify-between gap-4 px-5 text-quiet">
        <span className="flex min-w-0 items-center gap-3">
          <span className="shrink-0">{group.name}</span>
          <LessonMenu
            activities={lesson.activities}
            at={lesson.activity}
            skipped={lesson.skipped}
            seconds={teaching.seconds}
            onJump={act.jump}
            onBringBack={act.bringBack}
          />
          <span className="shrink-0 tabular-nums">
            {lesson.item + 1} of {teaching.items.length}
          </span>
        </span>
        <StoredLine refused={teaching.refused} waiting={teaching.waiting} />
        <span className="flex items-center gap-3">
          <ClockLine
            sessionId={session.id}
            activities={timed}
            at={activity}
            minutes={session.minutes}
            seconds={teaching.seconds}
            onDrop={act.skip}
          />
          <button
            type="button"
            className="button min-h-9 py-0 font-normal"
            title="A second window for the projector: the word alone"
            onClick={openView}
          >
            Learners' view
          </button>
          <button type="button" className="button min-h-9 py-0" disabled={teaching.leaving} onClick={act.finish}>
            Finish
          </button>
        </span>
      </header>

      <CueLine
        signRef={teaching.signRef}
        itemKey={itemKey}
        prompt={teaching.prompt ?? item.prompt}
        covered={teaching.building}
        sign={sign}
        onSign={act.setSign}
        thinking={sign === "your" && teaching.stage === 0 ? activity.settings.thinking : 0}
        correction={teaching.slipped ? activity.settings.correction : undefined}
        onTwoBack={act.twoBack}
      />

      {/* biome-ignore lint/a11y/useKeyWithClickEvents: the keys work anywhere on the page (keys.ts) */}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: a large touch target beside the labelled buttons */}
      <div className="own-layer flex min-h-0 flex-1 flex-col items-center overflow-hidden" onClick={act.tap}>
        <LateBoard
          board={
            board &&
            item.word && {
              board,
              word: item.word,
              boxes: teaching.boxes,
              picture: teaching.picture,
              onAct: act.actOnBoard,
              onCheck: act.checkBoard,
              onBoxes: act.toggleBoxes,
              onPicture: act.togglePicture,
            }
          }
        />
        {!board && (
          <Stage
            ref={teaching.stageRef}
            shown={plate}
            near={teaching.near}
            pressed={pressed}
            onPressUnit={item.index === null ? undefined : act.press}
          />
        )}
      </div>

      <WordNav
        activity={activity}
        items={teaching.items.length}
        at={lesson.item}
        isFirst={lesson.item === 0 && teaching.previousActivity === undefined}
        after={teaching.nextActivity === undefined ? undefined : activities[teaching.nextActivity]}
        isWord={face.kind === "word"}
        isBlended={teaching.isBlended}
        hasBoard={board !== undefined}
        way={teaching.way}
        showChange={teaching.showChange}
        canBuild={teaching.canBuild}
        building={teaching.building}
        dark={teaching.dark}
        listing={teaching.listing}
        wentWrong={teaching.wentWrong}
        canSkip={activities.length > 1}
        act={act}
      />

      {pressed !== undefined && learner && item.word && (
        <SaidInstead
          key={`${turn} ${itemKey} ${pressed}`}
          word={item.word}
          unit={pressed}
          learner={learner.nickname}
          wrote={item.mode === "wrote"}
          onSaid={act.markSaid}
          onClose={act.letGo}
        />
      )}

      <footer className="own-paint flex shrink-0 flex-wrap items-center justify-between gap-3 border-t border-rule bg-paper px-5 py-4">
        <LearnerEdge
          ref={teaching.edgeRef}
          learners={learners}
          turn={turn}
          wordIndex={item.index ?? -1}
          marks={teaching.marks}
          onTurn={act.give}
        />
        <MarkBar
          learner={learner?.nickname ?? ""}
          without={
            learners.length === 0
              ? "Nobody is in this group yet"
              : teaching.building
                ? "What is built goes to the record by itself"
                : item.index === null
                  ? "Nothing is marked here"
                  : undefined
          }
          canUndo={teaching.canUndo}
          onMark={act.mark}
          onUndo={act.undo}
        />
      </footer>
    </div>
  );
}

function StoredLine({ refused, waiting }: { refused: string | undefined; waiting: number }) {
  const text = refused
    ? `A mark was refused: ${refused}`
    : waiting > 0
      ? `${waiting} ${waiting === 1 ? "mark" : "marks"} being stored…`
      : "";
  return (
    <span role="status" className={refused ? "font-semibold text-again" : ""}>
      {text}
    </span>
  );
}
