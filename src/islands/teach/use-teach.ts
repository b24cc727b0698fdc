import { useCallback, useEffect, useMemo, useReducer, useState } from "react";
import { type Outcome, type Prompt, type RawAnswer, WORD_LISTS } from "../../core/light.ts";
import type { TeachActivity, TeachItem, TeachPage } from "../../server/teach.ts";
import { call } from "../client.ts";
import { useStable } from "../use-stable.ts";
import { answerOf, type BoardAction } from "./board.ts";
import { type Face, facesOf, type Way } from "./faces.ts";
import { TURN_SIGNS, type TurnSign } from "./learners-view.ts";
import { lessonReducer, orderOf, otherActivity, startingLesson } from "./lesson-state.ts";
import { type Marks, markKey } from "./marks.ts";
import { useBoards } from "./use-boards.ts";
import { useClock } from "./use-clock.ts";
import { useMarks } from "./use-marks.ts";
import { usePlace } from "./use-place.ts";
import { useTurns } from "./use-turns.ts";

/** How the words of one activity are worked now, where that is not as it was planned. */
interface OwnWay {
  readonly way?: Way;
  readonly building?: boolean;
}

/** May words be put into it on the spot? */
export const grows = ({ does }: Pick<TeachActivity, "does">): boolean => WORD_LISTS.some((kind) => kind === does);

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
  const [lesson, dispatch] = useReducer(lessonReducer, undefined, () => startingLesson(activities, session.place));
  const [ways, setWays] = useState<Readonly<Record<string, OwnWay>>>({});
  const [stuck, setStuck] = useState<string>();
  const [signs, setSigns] = useState<Readonly<Record<string, TurnSign>>>({});
  const [showChange, setShowChange] = useState(true);
  const [dark, setDark] = useState(false);
  const [boxes, setBoxes] = useState(false);
  const [picture, setPicture] = useState(false);
  const [listing, setListing] = useState<"across" | "down">();
  const [pressed, setPressed] = useState<number>();
  const [slip, setSlip] = useState<string>();
  const [leaving, setLeaving] = useState(false);
  const { marks, waiting, refused, canUndo, mark, undo } = useMarks(session.id, responses);
  const { boardOf, act: actOnBoard } = useBoards();

  const activity = lesson.activities[lesson.activity] as TeachActivity;
  const order = orderOf(lesson);
  const items = useMemo(
    () => order.map((k) => activity.items[k]).filter((one) => one !== undefined),
    [order, activity],
  );
  const item = items[lesson.item] as TeachItem | undefined;
  const before = items[lesson.item - 1];
  const itemKey = `${activity.id} ${order[lesson.item]}`;
  const own = ways[activity.id] ?? {};
  const way = own.way ?? activity.settings;
  const canBuild = item?.word !== undefined && item.word.tray.length > 0 && grows(activity);
  const building = canBuild && (own.building ?? activity.does === "build-chain");
  const sign = signs[itemKey] ?? signAt(lesson.item, activity);

  const { turn, give } = useTurns({
    learners,
    needs,
    items,
    item: lesson.item,
    marks,
    accent,
    seed: lesson.activity,
    kept: session.place.learnerId,
  });
  const learner = learners.find(({ id }) => id === turn);

  // Who is stuck at sight taps the word after all.
  const help = stuck === itemKey && way.support === "at-sight" ? "tap-aloud" : way.support;
  const { blending } = way;
  const faces = useMemo(
    () => (item ? facesOf(item, { activity, way: { support: help, blending }, before, accent }) : []),
    [item, activity, help, blending, before, accent],
  );
  const boardKey = `${itemKey} ${turn}`;
  const board = building && item ? boardOf(boardKey, item, before) : undefined;
  const last = Math.max(0, faces.length - 1);
  const at = Math.min(lesson.stage, last);
  const shown = faces[at];
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
  const face = boardFace ?? listFace ?? shown;
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
  const keepPlace = usePlace(session.id, place, seconds);

  // What belongs to one item goes with it.
  // biome-ignore lint/correctness/useExhaustiveDependencies: on every change of the item
  useEffect(() => setPressed(undefined), [itemKey]);

  const goOn = useCallback(() => dispatch({ type: "next" }), []);
  const goBack = useCallback(() => dispatch({ type: "back" }), []);
  const tap = () => {
    if (!board && !listFace && at < last) dispatch({ type: "stage", stage: at + 1 });
    else goOn();
  };
  const isBlended = face?.kind === "word" && face.stage.blended && face.stage.to === face.reading.units.length;
  /** One moment back; at sight, the word is opened to be tapped. */
  const tapBack = () => {
    if (way.support === "at-sight" && stuck !== itemKey) {
      setStuck(itemKey);
      dispatch({ type: "stage", stage: 0 });
    } else dispatch({ type: "stage", stage: at - 1 });
  };

  const markTurn = (answer: RawAnswer, passTurn: boolean) => {
    if (!turn || !item || item.index === null) return;
    mark(turn, item.index, answer, building ? "built" : (item.mode ?? "read"));
    setSlip(answer.outcome === "wrong" ? itemKey : undefined);
    if (!passTurn) return;
    setPressed(undefined);
    // Alone, a learner goes straight on from what was right.
    if (learners.length === 1 && answer.outcome === "right") return goOn();
    const seat = learners.findIndex(({ id }) => id === turn);
    give(learners[(seat + 1) % learners.length]?.id);
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
    setSlip(undefined);
    const found = lesson.activities.findIndex(({ items }) => items.some(({ index }) => index === was.wordIndex));
    const back = lesson.activities[found];
    if (!back) return;
    const itsOrder = orderOf({ ...lesson, activity: found });
    const its = itsOrder.findIndex((k) => back.items[k]?.index === was.wordIndex);
    if (found !== lesson.activity) dispatch({ type: "activity", activity: found });
    if (its !== -1 && (found !== lesson.activity || its !== lesson.item)) dispatch({ type: "item", item: its });
    give(was.learnerId, its === -1 ? lesson.item : its);
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
      dispatch({ type: "grown", activity: grown, comes });
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

  const toActivity = (by: 1 | -1) => {
    const to = otherActivity(lesson, by);
    if (to !== undefined) dispatch({ type: "activity", activity: to });
  };

  const act = useStable({
    tap,
    tapBack,
    blend: () => dispatch({ type: "stage", stage: last }),
    openOrBlend: () => {
      if (!isBlended) dispatch({ type: "stage", stage: last });
      else if (way.support === "at-sight") tapBack();
      else dispatch({ type: "stage", stage: 0 });
    },
    next: goOn,
    back: goBack,
    nextActivity: () => toActivity(1),
    previousActivity: () => toActivity(-1),
    jump: (to: number) => dispatch({ type: "activity", activity: to }),
    twoBack: () => {
      setSlip(undefined);
      dispatch({ type: "item", item: Math.max(0, lesson.item - 2) });
    },
    againAtSight: () => {
      setWays({ ...ways, [activity.id]: { ...own, way: { ...way, support: "at-sight" } } });
      dispatch({ type: "item", item: 0 });
    },
    setWay: (next: Way) => {
      setWays({ ...ways, [activity.id]: { ...own, way: next } });
      dispatch({ type: "stage", stage: 0 });
      setStuck(undefined);
    },
    setSign: (next: TurnSign) => setSigns({ ...signs, [itemKey]: next }),
    nextSign: () => setSigns({ ...signs, [itemKey]: TURN_SIGNS[(TURN_SIGNS.indexOf(sign) + 1) % 3] as TurnSign }),
    toggleChange: () => setShowChange(!showChange),
    toggleDark: () => setDark(!dark),
    toggleBuilding: () => setWays({ ...ways, [activity.id]: { ...own, building: !building } }),
    toggleBoxes: () => setBoxes(!boxes),
    setListing: (way: "across" | "down" | undefined) => setListing(way),
    togglePicture: () => setPicture(!picture),
    shuffle: () => dispatch({ type: "shuffle", random: Math.random }),
    dropItem: () => dispatch({ type: "drop-item" }),
    skip: (ids: readonly string[]) => dispatch({ type: "skip", ids }),
    skipThis: () => dispatch({ type: "skip", ids: [activity.id] }),
    bringBack: (id: string) => dispatch({ type: "bring-back", id }),
    actOnBoard: (action: BoardAction) => board && actOnBoard(boardKey, board, action),
    checkBoard,
    give: (id: string) => give(id),
    giveTurn: (seat: number) => learners[seat] && give(learners[seat].id),
    press: (unit: number) => setPressed(pressed === unit ? undefined : unit),
    letGo: () => setPressed(undefined),
    mark: markOutcome,
    markSaid,
    undo: takeBack,
    addWords,
    finish,
  });
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
    stage: at,
    isBlended,
    way,
    sign,
    slipped: slip === itemKey,
    showChange,
    dark,
    board,
    canBuild,
    building,
    boxes,
    picture,
    listing,
    // Turns and marks.
    turn,
    learner,
    marks,
    waiting,
    refused,
    canUndo,
    pressed,
    wentWrong,
    leaving,
    /** What can be done; always the same functions. */
    act,
  };
}

export type Teaching = ReturnType<typeof useTeach>;
