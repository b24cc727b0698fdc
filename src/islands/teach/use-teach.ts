import { useDeferredValue, useEffect, useMemo, useRef, useState } from "react";
import type { Outcome, Prompt, RawAnswer } from "../../core/light.ts";
import type { TeachActivity, TeachItem, TeachPage } from "../../server/teach.ts";
import { call } from "../client.ts";
import { type Ahead, useFollowed, useLater } from "../use-later.ts";
import { useStable } from "../use-stable.ts";
import { answerOf, type BoardAction } from "./board.ts";
import type { Face, Way } from "./faces.ts";
import type { LearnerEdgeProps } from "./LearnerEdge.tsx";
import { TURN_SIGNS, type TurnSign } from "./learners-view.ts";
import { orderOf, otherActivity, startingLesson } from "./lesson-state.ts";
import { type Marks, markKey } from "./marks.ts";
import type { SignChoiceProps } from "./SignChoice.tsx";
import type { StageHandle } from "./Stage.tsx";
import { grows, itemKeyOf, type OwnWay, type Plate, plateOf, platesNear, shownBy } from "./shown.ts";
import { useBoards } from "./use-boards.ts";
import { useClock } from "./use-clock.ts";
import { useLesson } from "./use-lesson.ts";
import { useMarks } from "./use-marks.ts";
import { usePlace } from "./use-place.ts";
import { useTurns } from "./use-turns.ts";

/** What is said for a word that is built, though it was planned to be read. */
function saidFor({ prompt }: TeachItem, building: boolean): Prompt {
  if (!building) return prompt;
  if ("build" in prompt) return { ...prompt, build: true };
  return prompt.code === "read" || prompt.code === "whole"
    ? { code: "first-word", word: prompt.word, build: true }
    : prompt;
}

/** Words of an activity that somebody read wrongly or did not try, each once. */
function wordsGoneWrong(activity: TeachActivity, marks: Marks): string[] {
  const wrong = new Set(
    [...marks.values()]
      .filter(({ answer }) => answer.outcome === "wrong" || answer.outcome === "no-attempt")
      .map(({ wordIndex }) => wordIndex),
  );
  const words = activity.items.flatMap(({ index, word }) =>
    word && index !== null && wrong.has(index) ? [word.word] : [],
  );
  return [...new Set(words)];
}

/** The first word is the teacher's, the second everybody's, then the learners have theirs. */
const signAt = (item: number, activity: TeachActivity): TurnSign =>
  activity.settings.turns === "your-turn" ? "your" : (TURN_SIGNS[Math.min(item, 2)] as TurnSign);

/**
 * A lesson being taught: where it stands, what is shown, whose turn it is, and everything that is done in it. What it
 * looks like is Teach.tsx's.
 */
export function useTeach({ session, group, activities, responses, accent, needs }: TeachPage) {
  const { learners } = group;
  const { later, catchUp } = useLater();
  const [ways, setWays] = useState<Readonly<Record<string, OwnWay>>>({});
  const [stuck, setStuck] = useState<string>();
  const [dark, setDark] = useState(false);
  const [boxes, setBoxes] = useState(false);
  const [picture, setPicture] = useState(false);
  const [listing, setListing] = useState<"across" | "down">();
  const [pressed, setPressed] = useState<number>();
  const [leaving, setLeaving] = useState(false);
  const signs = useFollowed<Readonly<Record<string, TurnSign>>>(() => ({}), later);
  const change = useFollowed(() => true, later);
  const slip = useFollowed<string | undefined>(() => undefined, later);
  const { book, now: bookNow, mark, undo } = useMarks(session.id, responses, later);
  const { marks } = book;
  const { boardOf, act: actOnBoard } = useBoards();

  const stage = useRef<StageHandle>(null);
  const shownIn = useMemo(() => shownBy({ ways, stuck, accent }), [ways, stuck, accent]);
  const shownNow = () => shownIn(now(), change.now());
  const { lesson, now, move, go, uncover } = useLesson(() => startingLesson(activities, session.place), {
    stage,
    plateKeyIn: (state) => (listing ? undefined : plateOf(shownIn(state, change.now()))?.key),
    later,
  });
  const edge = useRef<Ahead<LearnerEdgeProps>>(null);
  const signRef = useRef<Ahead<SignChoiceProps>>(null);

  const activity = lesson.activities[lesson.activity] as TeachActivity;
  const order = useMemo(() => orderOf(lesson), [lesson]);
  const items = useMemo(
    () => order.map((k) => activity.items[k]).filter((one) => one !== undefined),
    [order, activity],
  );
  const itemKey = itemKeyOf(lesson);
  const own = ways[activity.id] ?? {};
  const way = own.way ?? activity.settings;
  const shown = shownIn(lesson, change.drawn);
  const item = shown?.item;
  const building = shown?.building ?? false;
  const sign = signs.drawn[itemKey] ?? signAt(lesson.item, activity);

  const { turn, turnNow, give } = useTurns({
    learners,
    needs,
    items,
    item: lesson.item,
    marks,
    accent,
    seed: lesson.activity,
    kept: session.place.learnerId,
    later,
  });
  const learner = learners.find(({ id }) => id === turn);

  const boardKey = `${itemKey} ${turn}`;
  const board = building && item ? boardOf(boardKey, item, shown?.before) : undefined;
  const at = shown?.at ?? 0;
  const boardFace = useMemo<Face | undefined>(
    () =>
      board && {
        kind: "board",
        board: {
          placed: board.placed.map((k) => board.tray[k]?.label ?? ""),
          tray: board.tray.filter((_, k) => !board.placed.includes(k)).map(({ label }) => label),
          boxes: boxes ? (item?.word?.reading.units.length ?? 0) : 0,
          picture: picture ? item?.word?.picture : undefined,
          right: board.right,
        },
      },
    [board, boxes, picture, item],
  );
  const listFace = useMemo<Face | undefined>(
    () =>
      listing && grows(activity)
        ? { kind: "list", words: items.map(({ word }) => word?.word ?? ""), at: lesson.item, down: listing === "down" }
        : undefined,
    [listing, activity, items, lesson.item],
  );
  const plate = useMemo<Plate | undefined>(
    () => (listFace ? { key: `${itemKey} list`, face: listFace } : shown?.plates[at]),
    [listFace, itemKey, shown?.plates, at],
  );
  const face = boardFace ?? plate?.face;
  const settled = useDeferredValue<typeof lesson | undefined>(lesson, undefined);
  const near = useMemo(
    () => (settled ? platesNear(settled, change.drawn, shownIn) : []),
    [settled, change.drawn, shownIn],
  );
  const seconds = useClock(activity.id, session.place.seconds);
  const { orders, skipped } = lesson;
  const place = {
    activity: lesson.activity,
    item: lesson.item,
    stage: at,
    learnerId: turn ?? null,
    orders,
    skipped,
    seconds: session.place.seconds,
  };
  const keepPlace = usePlace({
    sessionId: session.id,
    stored: session.place,
    place,
    seconds,
    onLeft: (left) => {
      Object.assign(seconds.current, left.seconds);
      go({ type: "place", place: left });
      give(left.learnerId ?? undefined, left.item, left.activity);
    },
  });

  // What belongs to one item goes with it.
  // biome-ignore lint/correctness/useExhaustiveDependencies: on every change of the item
  useEffect(() => setPressed(undefined), [itemKey]);

  const isBlended = face?.kind === "word" && face.stage.blended && face.stage.to === face.reading.units.length;
  /** Along the edge a mark and a turn are seen before anything else is drawn. */
  const showEdge = () => edge.current?.show({ turn: turnNow(), marks: bookNow().marks });
  const giveTo = (id: string) => {
    give(id);
    showEdge();
  };
  const setSign = (next: TurnSign) => {
    signs.set({ ...signs.now(), [itemKey]: next });
    signRef.current?.show({ sign: next });
  };

  const markTurn = (answer: RawAnswer, passTurn: boolean) => {
    if (!turn || !item || item.index === null) return;
    mark(turn, item.index, answer, building ? "built" : (item.mode ?? "read"));
    slip.set(answer.outcome === "wrong" ? itemKey : undefined);
    if (passTurn) {
      if (pressed !== undefined) setPressed(undefined);
      // Alone, a learner goes straight on from what was right.
      if (learners.length === 1 && answer.outcome === "right") return move({ type: "next" });
      const seat = learners.findIndex(({ id }) => id === turn);
      give(learners[(seat + 1) % learners.length]?.id);
    }
    showEdge();
  };
  const markOutcome = (outcome: Outcome) => {
    if (!building) markTurn({ outcome, substitutions: [] }, true);
  };

  /** A sound named for a unit joins the sounds already named for this learner's reading of the word. */
  const markSaid = (said: readonly string[]) => {
    if (pressed === undefined || !turn || item?.index == null) return;
    const old = marks.get(markKey(turn, item.index))?.answer;
    const others = old?.outcome === "wrong" ? old.substitutions.filter((s) => s.unit !== pressed) : [];
    markTurn({ outcome: "wrong", substitutions: [...others, { unit: pressed, said: [...said] }] }, false);
    setPressed(undefined);
  };

  const takeBack = () => {
    const was = undo();
    if (!was) return;
    slip.set(undefined);
    const found = lesson.activities.findIndex(({ items }) => items.some(({ index }) => index === was.wordIndex));
    const back = lesson.activities[found];
    if (!back) return;
    const itsOrder = orderOf({ ...lesson, activity: found });
    const its = itsOrder.findIndex((k) => back.items[k]?.index === was.wordIndex);
    if (found !== lesson.activity) go({ type: "activity", activity: found });
    if (its !== -1 && (found !== lesson.activity || its !== lesson.item)) go({ type: "item", item: its });
    give(was.learnerId, its === -1 ? lesson.item : its);
    if (now() === lesson) showEdge();
  };

  const checkBoard = () => {
    if (!board || !item?.word || !turn || item.index === null) return;
    const action: BoardAction = { type: "check", target: item.word };
    const next = actOnBoard(boardKey, board, action);
    if (next !== board) mark(turn, item.index, answerOf(next, item.word), "built");
  };

  const wentWrong = useMemo(() => wordsGoneWrong(activity, marks), [activity, marks]);

  const addWords = async (words: readonly string[], comes: "next" | "last"): Promise<string | undefined> => {
    try {
      const path = `/api/sessions/${session.id}/words`;
      const grown = await call<TeachActivity>("POST", path, { activityId: activity.id, words });
      go({ type: "grown", activity: grown, comes });
      return undefined;
    } catch (error) {
      return (error as Error).message;
    }
  };

  const finish = async () => {
    setLeaving(true);
    await keepPlace();
    await call("PATCH", `/api/sessions/${session.id}`, { ended: true }).catch(() => undefined);
    location.assign(`/see?group=${group.id}`);
  };

  /** To a moment of the item at which the lesson stands now. */
  const toStage = (which: (at: number, last: number) => number) => {
    const there = shownNow();
    if (there) move({ type: "stage", stage: which(there.at, there.plates.length - 1) });
  };
  const toActivity = (by: 1 | -1) => {
    const to = otherActivity(now(), by);
    if (to !== undefined) move({ type: "activity", activity: to });
  };
  // These only move on: they are seen before anything else is drawn.
  const moves = useStable({
    tap: () => {
      const there = shownNow();
      const isShownByStages = there && !there.building && !(listing && grows(there.activity));
      if (isShownByStages && there.at < there.plates.length - 1) move({ type: "stage", stage: there.at + 1 });
      else move({ type: "next" });
    },
    blend: () => toStage((_, last) => last),
    next: () => move({ type: "next" }),
    back: () => move({ type: "back" }),
    nextActivity: () => toActivity(1),
    previousActivity: () => toActivity(-1),
    jump: (to: number) => move({ type: "activity", activity: to }),
  });

  /** One moment back; at sight, the word is opened to be tapped. */
  const tapBack = () => {
    if (way.support === "at-sight" && stuck !== itemKey) {
      setStuck(itemKey);
      go({ type: "stage", stage: 0 });
    } else toStage((here) => here - 1);
  };
  const deeds = {
    tapBack,
    openOrBlend: () => {
      if (!isBlended) moves.blend();
      else if (way.support === "at-sight") tapBack();
      else toStage(() => 0);
    },
    twoBack: () => {
      slip.set(undefined);
      go({ type: "item", item: Math.max(0, lesson.item - 2) });
    },
    againAtSight: () => {
      setWays({ ...ways, [activity.id]: { ...own, way: { ...way, support: "at-sight" } } });
      go({ type: "item", item: 0 });
    },
    setWay: (next: Way) => {
      setWays({ ...ways, [activity.id]: { ...own, way: next } });
      go({ type: "stage", stage: 0 });
      setStuck(undefined);
    },
    setSign,
    nextSign: () => setSign(TURN_SIGNS[(TURN_SIGNS.indexOf(sign) + 1) % 3] as TurnSign),
    toggleChange: () => {
      change.set(!change.now());
      uncover(now());
    },
    toggleDark: () => setDark(!dark),
    toggleBuilding: () => setWays({ ...ways, [activity.id]: { ...own, building: !building } }),
    toggleBoxes: () => setBoxes(!boxes),
    setListing: (way: "across" | "down" | undefined) => setListing(way),
    togglePicture: () => setPicture(!picture),
    shuffle: () => go({ type: "shuffle", random: Math.random }),
    dropItem: () => go({ type: "drop-item" }),
    skip: (ids: readonly string[]) => go({ type: "skip", ids }),
    skipThis: () => go({ type: "skip", ids: [activity.id] }),
    bringBack: (id: string) => go({ type: "bring-back", id }),
    actOnBoard: (action: BoardAction) => board && actOnBoard(boardKey, board, action),
    checkBoard,
    give: giveTo,
    giveTurn: (seat: number) => learners[seat] && giveTo(learners[seat].id),
    press: (unit: number) => setPressed(pressed === unit ? undefined : unit),
    letGo: () => setPressed(undefined),
    mark: markOutcome,
    markSaid,
    undo: takeBack,
    addWords,
    finish,
  };
  const done = useStable(deeds, catchUp);
  const act = useMemo(() => ({ ...done, ...moves }), [done, moves]);
  const prompt = useMemo(() => item && saidFor(item, building), [item, building]);
  return {
    // Where the lesson stands.
    lesson,
    activity,
    items,
    item,
    prompt,
    itemKey,
    seconds,
    nextActivity: otherActivity(lesson, 1),
    previousActivity: otherActivity(lesson, -1),
    // What is shown.
    face,
    plate,
    /** What the next press may show. */
    near,
    stageRef: stage,
    stage: at,
    isBlended,
    way,
    sign,
    slipped: slip.drawn === itemKey,
    showChange: change.drawn,
    dark,
    board,
    canBuild: shown?.canBuild ?? false,
    building,
    boxes,
    picture,
    listing,
    // Turns and marks.
    turn,
    learner,
    marks,
    waiting: book.waiting.size,
    refused: book.refused,
    canUndo: book.undoSteps.length > 0,
    edgeRef: edge,
    signRef,
    pressed,
    wentWrong,
    leaving,
    /** What can be done; always the same functions. */
    act,
  };
}

export type Teaching = ReturnType<typeof useTeach>;
