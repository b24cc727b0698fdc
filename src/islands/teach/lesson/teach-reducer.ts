import type { SentResponse } from "../../../schemas/responses.ts";
import type { Place } from "../../../server/sessions/sessions.ts";
import type { TeachActivity } from "../../../server/sessions/teach-page.ts";
import { TURN_SIGNS, type TurnSign } from "../learners-view.ts";
import { type BoardAction, boardReducer } from "./board.ts";
import { type CountersMove, countersReducer } from "./counters-board.ts";
import type { Way } from "./displays.ts";
import { itemKeyOf, itemsInOrder, type LessonAction, lessonReducer, orderOf, otherActivity } from "./lesson-state.ts";
import { foundWaiting, marked, markRefused, markStored, redone, undone, withdrawn } from "./mark-book.ts";
import type { Mark } from "./marks.ts";
import { itemsOfUnit, otherUnit, placeInText, type ReadingUnit } from "./reading.ts";
import * as select from "./selectors.ts";
import type { Listing, ListPace, TeachState, WayOverride } from "./teach-state.ts";
import { dealTurns } from "./turns.ts";

export type TeachAction =
  | Exclude<LessonAction, { readonly type: "restore-place" | "activity-grown" }>
  | { readonly type: "restore-place"; readonly place: Place }
  | { readonly type: "activity-grown"; readonly activity: TeachActivity; readonly comes: "next" | "last" }
  /** The next moment of the word, or the next word after the last. */
  | { readonly type: "tap" }
  | { readonly type: "tap-back" }
  | { readonly type: "blend" }
  | { readonly type: "open-or-blend" }
  | { readonly type: "next-activity" | "previous-activity" }
  | { readonly type: "two-back" }
  | { readonly type: "again-at-sight" }
  | { readonly type: "skip-current" }
  | { readonly type: "way"; readonly way: Way }
  | { readonly type: "turn-sign"; readonly sign: TurnSign }
  | { readonly type: "next-turn-sign" }
  | { readonly type: "toggle"; readonly what: "showChange" | "boxes" | "picture" | "dark" | "withCounters" }
  | { readonly type: "toggle-building" }
  | { readonly type: "listing"; readonly listing: Listing }
  /** A list that has been read to its end begins anew. */
  | { readonly type: "list-pace"; readonly pace: ListPace | undefined }
  /** Time is up for a word of a list that goes on by itself. */
  | { readonly type: "list-tick" }
  | { readonly type: "reading-by"; readonly by: ReadingUnit }
  /** A word of the text that is read aloud, by where it begins in the text; pressed again, it is opened. */
  | { readonly type: "press-word"; readonly at: number }
  | { readonly type: "give-turn"; readonly learnerId: string }
  | { readonly type: "press-unit"; readonly unit: number | undefined }
  | { readonly type: "type-answer"; readonly open: boolean }
  | { readonly type: "board"; readonly action: BoardAction }
  | { readonly type: "counters"; readonly move: CountersMove }
  | { readonly type: "marked"; readonly mark: Mark; readonly passTurn: boolean }
  | { readonly type: "mark-stored"; readonly id: string }
  | { readonly type: "mark-refused"; readonly id: string; readonly reason: string }
  /** Marks that an earlier page could not send. */
  | { readonly type: "marks-found"; readonly responses: readonly SentResponse[] }
  /** The last mark is taken back, or made again; `id` is the new row's. */
  | { readonly type: "undone" | "redone"; readonly id: string }
  /** Any mark is withdrawn; `id` is the row's that does it. */
  | { readonly type: "mark-withdrawn"; readonly mark: Mark; readonly id: string }
  /** A mark of any word of the lesson is made anew: the place and the turn stay. */
  | { readonly type: "mark-corrected"; readonly mark: Mark }
  /** To the item that has this number, with this learner's turn. */
  | { readonly type: "open-mark"; readonly mark: Pick<Mark, "learnerId" | "wordIndex"> }
  | { readonly type: "finishing" }
  | { readonly type: "not-finished"; readonly reason: string };

/** One action on the lesson. Pure: ids, times and chance come with the action. */
export function teachReducer(state: TeachState, action: TeachAction): TeachState {
  return withWhatFollows(state, reduce(state, action));
}

/** A new item lets go of the pressed grapheme; a new activity, or a longer one, has its turns dealt. */
function withWhatFollows(before: TeachState, after: TeachState): TeachState {
  if (after.lesson === before.lesson) return after;
  const isNewItem = itemKeyOf(after.lesson) !== itemKeyOf(before.lesson);
  const isNewDeal =
    after.lesson.activity !== before.lesson.activity || orderOf(after.lesson).length !== orderOf(before.lesson).length;
  return {
    ...after,
    ...(after.lesson.activity !== before.lesson.activity && { listPace: undefined }),
    ...(isNewItem && { pressedUnit: undefined, typing: false }),
    ...(isNewDeal && { turns: dealTurns(after.lesson, after.page, after.book.marks) }),
  };
}

function reduce(state: TeachState, action: TeachAction): TeachState {
  const { lesson } = state;
  const move = (to: LessonAction): TeachState => {
    const next = lessonReducer(lesson, to);
    return next === lesson ? state : { ...state, lesson: next };
  };
  /** On by a word, a phrase or a line of a text; out of it at its ends. */
  const read = (step: 1 | -1): TeachState => {
    const items = select.items(state);
    const to = otherUnit(items, lesson.item, { by: state.readingBy, step });
    if (to !== undefined) return move({ type: "item", item: to });
    const edge = itemsOfUnit(items, lesson.item, state.readingBy).at(step === 1 ? -1 : 0) ?? lesson.item;
    const next = lessonReducer({ ...lesson, item: edge }, { type: step === 1 ? "next" : "back" });
    return next.item === edge && next.activity === lesson.activity ? state : { ...state, lesson: next };
  };
  const toStage = (stage: number) => move({ type: "stage", stage });
  const toActivity = (by: 1 | -1) => {
    const activity = otherActivity(lesson, by);
    return activity === undefined ? state : move({ type: "activity", activity });
  };
  switch (action.type) {
    case "tap": {
      if (select.isReadAloud(state)) return read(1);
      const last = select.displays(state).length - 1;
      return select.isShownByStages(state) && select.stageIndex(state) < last
        ? toStage(select.stageIndex(state) + 1)
        : move({ type: "next" });
    }
    case "tap-back":
      return tapBack(state);
    case "blend":
      return toStage(select.displays(state).length - 1);
    case "open-or-blend":
      if (!select.isBlended(state)) return toStage(select.displays(state).length - 1);
      return select.way(state).support === "at-sight" ? tapBack(state) : toStage(0);
    case "next-activity":
      return toActivity(1);
    case "previous-activity":
      return toActivity(-1);
    case "two-back":
      return { ...move({ type: "item", item: Math.max(0, lesson.item - 2) }), wrongAt: undefined };
    case "again-at-sight":
      return withWay(move({ type: "item", item: 0 }), { way: { ...select.way(state), support: "at-sight" } });
    case "skip-current":
      return move({ type: "skip", ids: [select.activity(state).id] });
    case "way":
      return withWay({ ...toStage(0), stuckAt: undefined }, { way: action.way });
    case "turn-sign":
      return withTurnSign(state, action.sign);
    case "next-turn-sign": {
      const next = (TURN_SIGNS.indexOf(select.turnSign(state)) + 1) % TURN_SIGNS.length;
      return withTurnSign(state, TURN_SIGNS[next] as TurnSign);
    }
    case "toggle":
      return { ...state, [action.what]: !state[action.what] };
    case "toggle-building":
      return withWay(state, { building: !select.isBuilding(state) });
    case "listing":
      return { ...state, listing: action.listing, listPace: undefined };
    case "list-pace": {
      const isRead = lesson.item === orderOf(lesson).length - 1;
      const begun = isRead && action.pace !== undefined ? move({ type: "item", item: 0 }) : state;
      return { ...begun, listPace: action.pace };
    }
    case "list-tick":
      return lesson.item < orderOf(lesson).length - 1 ? move({ type: "next" }) : { ...state, listPace: undefined };
    case "reading-by":
      return { ...state, readingBy: action.by, lesson: lessonReducer(lesson, { type: "stage", stage: 0 }) };
    case "press-word": {
      const item = select.items(state).findIndex((one) => placeInText(one)?.at[0] === action.at);
      if (item === -1) return state;
      return item === lesson.item ? tapBack(state) : move({ type: "item", item });
    }
    case "next":
    case "back":
      return select.readingBy(state) ? read(action.type === "next" ? 1 : -1) : move(action);
    case "give-turn":
      return giveTurn(state, action.learnerId);
    case "press-unit":
      return { ...state, pressedUnit: action.unit === state.pressedUnit ? undefined : action.unit };
    case "type-answer":
      return { ...state, typing: action.open && select.item(state)?.index != null, pressedUnit: undefined };
    case "board":
      return onBoard(state, action.action);
    case "counters": {
      const board = select.countersBoard(state);
      if (!board) return state;
      const next = countersReducer(board, action.move);
      return { ...state, counters: new Map(state.counters).set(itemKeyOf(lesson), next) };
    }
    case "marked":
      return withMark(state, action.mark, action.passTurn);
    case "mark-stored":
      return { ...state, book: markStored(state.book, action.id) };
    case "mark-refused":
      return { ...state, book: markRefused(state.book, action.id, action.reason) };
    case "marks-found":
      return { ...state, book: foundWaiting(state.book, action.responses) };
    case "undone":
      return atMark(state, undone(state.book, action.id));
    case "redone":
      return atMark(state, redone(state.book, action.id));
    case "mark-withdrawn":
      return { ...state, book: withdrawn(state.book, action.mark, action.id) };
    case "mark-corrected":
      return { ...state, book: marked(state.book, action.mark) };
    case "open-mark":
      return openMark(state, action.mark);
    case "restore-place": {
      const next = move(action);
      const { learnerId } = action.place;
      return learnerId === null ? next : giveTurn(next, learnerId);
    }
    case "finishing":
      return { ...state, finishing: true, notFinished: undefined };
    case "not-finished":
      return { ...state, finishing: false, notFinished: action.reason };
    default:
      return move(action);
  }
}

/** One moment back; a word at sight, or of a text, is opened to be tapped. */
function tapBack(state: TeachState): TeachState {
  const key = itemKeyOf(state.lesson);
  // A word of a text is opened where somebody is stuck at it.
  if (select.isReadAloud(state))
    return select.displays(state).length > 1
      ? { ...state, stuckAt: key, lesson: lessonReducer(state.lesson, { type: "stage", stage: 1 }) }
      : state;
  if (select.readingBy(state) === undefined && select.way(state).support === "at-sight" && state.stuckAt !== key)
    return { ...state, stuckAt: key, lesson: lessonReducer(state.lesson, { type: "stage", stage: 0 }) };
  return { ...state, lesson: lessonReducer(state.lesson, { type: "stage", stage: select.stageIndex(state) - 1 }) };
}

function withWay(state: TeachState, override: WayOverride): TeachState {
  const { id } = select.activity(state);
  return { ...state, ways: { ...state.ways, [id]: { ...state.ways[id], ...override } } };
}

const withTurnSign = (state: TeachState, sign: TurnSign): TeachState => ({
  ...state,
  turnSigns: { ...state.turnSigns, [itemKeyOf(state.lesson)]: sign },
});

const giveTurn = (state: TeachState, learnerId: string): TeachState => ({
  ...state,
  givenTurn: { activity: state.lesson.activity, item: state.lesson.item, learnerId },
});

function onBoard(state: TeachState, action: BoardAction): TeachState {
  const board = select.board(state);
  if (!board) return state;
  const next = boardReducer(board, action);
  return next === board ? state : { ...state, boards: new Map(state.boards).set(select.boardKey(state), next) };
}

/** Where a mark was made, as if its learner had the turn there again; the state as it is where the item is no more. */
function openMark(state: TeachState, { learnerId, wordIndex }: Pick<Mark, "learnerId" | "wordIndex">): TeachState {
  const activity = state.lesson.activities.findIndex(({ items }) => items.some(({ index }) => index === wordIndex));
  if (activity === -1) return state;
  const there = lessonReducer(state.lesson, { type: "activity", activity });
  const item = itemsInOrder(there).findIndex(({ index }) => index === wordIndex);
  if (item === -1) return state;
  return giveTurn({ ...state, lesson: lessonReducer(there, { type: "item", item }) }, learnerId);
}

function withMark(state: TeachState, mark: Mark, passTurn: boolean): TeachState {
  const { learners } = state.page.group;
  const { outcome } = mark.answer;
  const next: TeachState = {
    ...state,
    book: marked(state.book, mark),
    wrongAt: outcome === "wrong" ? itemKeyOf(state.lesson) : undefined,
    pressedUnit: undefined,
  };
  // Whoever reads a line reads on.
  if (!passTurn || select.readingBy(state)) return next;
  // Alone, a learner goes straight on from what was right.
  if (learners.length === 1 && outcome === "right")
    return { ...next, lesson: lessonReducer(next.lesson, { type: "next" }) };
  const seat = learners.findIndex(({ id }) => id === mark.learnerId);
  const following = learners[(seat + 1) % learners.length];
  return following ? giveTurn(next, following.id) : next;
}

/** A mark was taken back or made again: the lesson goes to the item that it is for. */
function atMark(state: TeachState, changed: ReturnType<typeof undone>): TeachState {
  if (!changed) return state;
  const { book, step } = changed;
  const { learnerId, wordIndex } = step.mark;
  const activity = state.lesson.activities.findIndex(({ items }) => items.some(({ index }) => index === wordIndex));
  if (activity === -1) return { ...state, book, wrongAt: undefined };
  const there =
    activity === state.lesson.activity ? state.lesson : lessonReducer(state.lesson, { type: "activity", activity });
  const item = orderOf(there).findIndex((k) => there.activities[activity]?.items[k]?.index === wordIndex);
  const lesson = item === -1 || item === there.item ? there : lessonReducer(there, { type: "item", item });
  return giveTurn({ ...state, book, wrongAt: undefined, lesson }, learnerId);
}
