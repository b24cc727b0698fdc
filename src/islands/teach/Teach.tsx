import { type ReactNode, useMemo, useState } from "react";
import { counted } from "../../components/words/counted.ts";
import { saidMoment } from "../../components/words/dates.ts";
import { onlyHereText } from "../../components/words/outbox-words.ts";
import type { SessionId } from "../../schemas/ids.ts";
import type { TeachPage } from "../../server/sessions/teach-page.ts";
import { outboxState, pageOutbox, useOutboxState } from "../outbox/page-outbox.ts";
import { call } from "../shared/client.ts";
import { useShortcuts } from "../shared/use-shortcuts.ts";
import { ActivityClock } from "./ActivityClock.tsx";
import { teachCommands } from "./commands.ts";
import { keyActions } from "./key-actions.ts";
import { LessonMenu } from "./LessonMenu.tsx";
import * as select from "./lesson/selectors.ts";
import {
  CurrentDisplay,
  HeardSounds,
  LastMark,
  LearnerCue,
  LearnerTurns,
  ListTicks,
  MarkButtons,
  ProbeFound,
  Rehearsal,
  SoFar,
  Substitutions,
  TypedAnswerLine,
  WordControls,
} from "./parts.tsx";
import { createTeachStore, TeachContext, useTeach, useTeachActions } from "./teach-store.ts";
import { type ActivitySeconds, useActivityClock } from "./use-activity-clock.ts";
import { useLearnersWindow } from "./use-learners-window.ts";
import { useOutbox } from "./use-outbox.ts";
import { usePlaceSaving } from "./use-place-saving.ts";

/** A lesson on the screen: the word, and around it only what is needed with children in front. */
export default function Teach(page: TeachPage) {
  const { session, group } = page;
  const [store] = useState(() => createTeachStore(page));
  const seconds = useActivityClock(store, session.place.seconds);
  const savePlace = usePlaceSaving(store, session, seconds);
  const send = useOutbox(store, session.id);
  const openLearnersView = useLearnersWindow(store, session.id);
  const teach = useMemo(() => {
    const commands = teachCommands(store, session, {
      now: () => new Date(),
      newId: () => crypto.randomUUID(),
      loadMadeUp: () => import("./made-up-answers.ts").then((module) => module.madeUpAnswer),
      send,
      addWords: (activityId, words) =>
        call("POST /api/sessions/:sessionId/words", {
          params: { sessionId: session.id },
          body: { activityId, words: [...words] },
        }),
      sendMarks: async () => {
        await pageOutbox().flush();
        return outboxState().onlyHere;
      },
      end: async () => {
        await savePlace();
        const params = { sessionId: session.id };
        await call("PATCH /api/sessions/:sessionId", { params, body: { ended: true } });
      },
      leave: () => location.assign(`/evidence?group=${group.id}`),
    });
    return { store, commands, sessionId: session.id };
  }, [store, session, group.id, send, savePlace]);

  const keys = useMemo(() => keyActions(teach.store, teach.commands), [teach]);
  useShortcuts("teach", keys);

  return (
    <TeachContext value={teach}>
      <TeachScreen
        title={session.title}
        minutes={session.minutes}
        sessionId={session.id}
        endedAt={session.endedAt}
        seconds={seconds}
        onOpenView={openLearnersView}
      />
    </TeachContext>
  );
}

interface ScreenProps {
  readonly sessionId: SessionId;
  /** When it was ended; null while it runs. */
  readonly endedAt: string | null;
  readonly title: string;
  /** Minutes there are for the lesson; null when there is no slot to keep. */
  readonly minutes: number | null;
  readonly seconds: ActivitySeconds;
  readonly onOpenView: () => void;
}

function TeachScreen({ sessionId, endedAt, title, minutes, seconds, onOpenView }: ScreenProps) {
  const isEmpty = useTeach((state) => select.item(state) === undefined);
  const isProbe = useTeach(({ page }) => page.isProbe === true);
  if (isEmpty) return <p className="p-10">There is nothing in this lesson. Go back to the plan and add some.</p>;
  return (
    <Screen>
      <h1 className="sr-only">{title}</h1>
      <Header sessionId={sessionId} minutes={minutes} seconds={seconds} onOpenView={onOpenView} />
      <EndedNotice sessionId={sessionId} endedAt={endedAt} />
      <Rehearsal />
      <LearnerCue />
      <CurrentDisplay />
      <ListTicks />
      <LastMark />
      <WordControls />
      {isProbe ? <ProbeFound sessionId={sessionId} seconds={seconds} /> : <SoFar sessionId={sessionId} />}
      <HeardSounds />
      <Substitutions />
      <TypedAnswerLine sessionId={sessionId} />
      <footer className="contain-layout contain-style flex shrink-0 flex-wrap items-center justify-between gap-3 border-t border-rule bg-paper px-3 py-2 max-sm:gap-2 sm:px-5 sm:py-4">
        <LearnerTurns />
        <MarkButtons />
      </footer>
    </Screen>
  );
}

/** The whole screen, with where the lesson stands in its attributes; drawn again, it does not draw its parts again. */
function Screen({ children }: { readonly children: ReactNode }) {
  const { activity, item } = useTeach(({ lesson }) => lesson);
  return (
    // A pressed button must not keep the focus: the next Enter is a mark, not the same press again.
    <main
      onMouseDown={(event) => event.preventDefault()}
      className="flex h-dvh flex-col bg-sheet"
      data-activity={activity}
      data-content-kind={useTeach((state) => select.activity(state).contentKind)}
      data-place={item}
      data-stage={useTeach(select.stageIndex)}
    >
      {children}
    </main>
  );
}

function Header({ sessionId, minutes, seconds, onOpenView }: Omit<ScreenProps, "title" | "endedAt">) {
  const { dispatch, commands } = useTeachActions();
  const groupName = useTeach(({ page }) => page.group.name);
  const activities = useTeach(({ lesson }) => lesson.activities);
  const at = useTeach(({ lesson }) => lesson.activity);
  const skipped = useTeach(({ lesson }) => lesson.skipped);
  const activity = useTeach(select.activity);
  const planned = useTeach(select.plannedActivities);
  const item = useTeach(({ lesson }) => lesson.item);
  const count = useTeach((state) => select.items(state).length);
  const finishing = useTeach((state) => state.finishing);
  const { onJump, onBringBack, onDrop } = useMemo(
    () => ({
      onJump: (activity: number) => dispatch({ type: "activity", activity }),
      onBringBack: (id: string) => dispatch({ type: "bring-back", id }),
      onDrop: (ids: readonly string[]) => dispatch({ type: "skip", ids }),
    }),
    [dispatch],
  );
  return (
    <header className="contain-layout contain-style flex min-h-13 shrink-0 flex-wrap items-center justify-between gap-x-4 gap-y-1 px-3 py-1 text-quiet max-sm:gap-x-2 sm:px-5">
      <span className="flex min-w-0 items-center gap-x-3 max-sm:gap-x-2 sm:flex-wrap">
        <span className="shrink-0 max-sm:sr-only">{groupName}</span>
        <LessonMenu
          activities={activities}
          at={at}
          skipped={skipped}
          seconds={seconds}
          onJump={onJump}
          onBringBack={onBringBack}
        />
        <span className="shrink-0 tabular-nums">
          {item + 1} of {count}
        </span>
      </span>
      <StoredLine />
      <span className="flex flex-wrap items-center gap-3 max-sm:gap-2">
        <ActivityClock
          sessionId={sessionId}
          activities={planned}
          at={activity}
          minutes={minutes}
          seconds={seconds}
          onDrop={onDrop}
        />
        <button
          type="button"
          // A phone has no second window beside it: there the menu has it.
          className="button min-h-11 py-0 font-normal max-sm:hidden"
          title="A second window for the projector: the word alone"
          onClick={onOpenView}
        >
          Learners' view
        </button>
        <button type="button" className="button min-h-11 py-0" disabled={finishing} onClick={commands.finish}>
          Finish
        </button>
      </span>
    </header>
  );
}

/** Of a lesson that is over: marks made from now on are taken once somebody has said that it goes on. */
function EndedNotice({ sessionId, endedAt }: Pick<ScreenProps, "sessionId" | "endedAt">) {
  const [isOver, setOver] = useState(endedAt !== null);
  const [failure, setFailure] = useState("");
  if (!isOver || endedAt === null) return null;
  const goOn = async () => {
    try {
      const params = { sessionId };
      await call("PATCH /api/sessions/:sessionId", { params, body: { ended: false } });
      setOver(false);
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  return (
    <p role="note" className="flex shrink-0 items-center justify-center gap-3 border-b border-rule bg-paper px-5 py-2">
      This lesson was ended on {saidMoment(endedAt, "moment")}.
      <button type="button" className="button min-h-11" onClick={goOn}>
        Go on with it
      </button>
      {failure}
    </p>
  );
}

/** What of the marks the database does not have, and why. */
function StoredLine() {
  const waiting = useTeach(({ book }) => book.waiting.size);
  const refused = useTeach(({ book }) => book.refused);
  const notFinished = useTeach((state) => state.notFinished);
  const { onlyHere } = useOutboxState();
  const wrong = notFinished ?? (refused ? `A mark was refused: ${refused}` : undefined);
  const waits = onlyHere > 0 ? onlyHereText(onlyHere) : waiting > 0 ? `${counted(waiting, "mark")} being stored…` : "";
  const text = wrong ?? waits;
  return (
    <span role="status" className={wrong ? "font-semibold text-again" : ""}>
      {text}
    </span>
  );
}
