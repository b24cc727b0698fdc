import { createSelector } from "reselect";
import { checklistWords, DICTATION_WORDS } from "../../../components/words/dictation-words.ts";
import { promptLine, type SaidLine } from "../../../components/words/prompt-words.ts";
import {
  ACTIVITY_KINDS,
  countersTask,
  OUTCOME_DEFINITIONS,
  type Outcome,
  outcomesFor,
  type Prompt,
} from "../../../core/light.ts";
import type { Learner } from "../../../server/groups/groups.ts";
import type { TeachActivity, TeachItem } from "../../../server/sessions/teach-page.ts";
import { paperHref } from "../../shared/paper-href.ts";
import { TURN_SIGNS, type TurnSign } from "../learners-view.ts";
import { type Board, newBoard } from "./board.ts";
import { type CountersBoard, newCountersBoard } from "./counters-board.ts";
import { type CountersDisplay, type Display, displaysOf, type Way } from "./displays.ts";
import { itemKeyOf, itemsInOrder, otherActivity } from "./lesson-state.ts";
import { markKey } from "./marks.ts";
import { isSameTurn, itemsOfUnit, placeInText, type ReadingUnit } from "./reading.ts";
import type { TeachState } from "./teach-state.ts";

/** What is read of the Teach screen's state. Selectors that make something are memoised: the same state, the same object. */

const lesson = ({ lesson }: TeachState) => lesson;
const accent = ({ page }: TeachState) => page.accent;
const checklist = createSelector([({ page }: TeachState) => page.checklist], checklistWords);

/** May words be put into an activity on the spot? */
export const canGrow = ({ contentKind }: Pick<TeachActivity, "contentKind">): boolean =>
  ACTIVITY_KINDS[contentKind].isWordList;

/** The activity that is being taught. */
export const activity = ({ lesson }: TeachState): TeachActivity => lesson.activities[lesson.activity] as TeachActivity;
/** The current activity's items in the order in which they are gone through. */
export const items = createSelector([lesson], itemsInOrder);
/** The item that is being taught; undefined when all of the activity are left out. */
export const item = (state: TeachState): TeachItem | undefined => items(state)[state.lesson.item];
const itemBefore = (state: TeachState): TeachItem | undefined => items(state)[state.lesson.item - 1];
export const itemKey = createSelector([lesson], itemKeyOf);
/** The activity that comes next; undefined in the last. */
export const nextActivity = createSelector([lesson], (lesson): TeachActivity | undefined => {
  const next = otherActivity(lesson, 1);
  return next === undefined ? undefined : lesson.activities[next];
});
export const isAtStart = createSelector(
  [lesson],
  (lesson) => lesson.item === 0 && otherActivity(lesson, -1) === undefined,
);
/** Activities that are not left out. */
export const plannedActivities = createSelector(
  [({ lesson }: TeachState) => lesson.activities, ({ lesson }: TeachState) => lesson.skipped],
  (activities, skipped) => activities.filter(({ id }) => !skipped.includes(id)),
);

/** How the current activity's words are worked: as the teacher has set it, else as planned. */
export const way = createSelector(
  [activity, (state: TeachState) => state.ways[activity(state).id]?.way],
  ({ settings: { support, blending } }, override): Way => override ?? { support, blending },
);
/** The same for the current item: a word at which somebody is stuck is tapped. */
const itemWay = createSelector(
  [way, (state: TeachState) => state.stuckAt === itemKey(state)],
  (way, isStuck): Way => (isStuck && way.support === "at-sight" ? { ...way, support: "tap-aloud" } : way),
);

/** Can the word be built with tiles? */
export const canBuild = (state: TeachState): boolean => {
  const word = item(state)?.word;
  return word !== undefined && word.tray.length > 0 && canGrow(activity(state));
};
/** The word is built with tiles: its board is shown, and none of its moments. */
export const isBuilding = (state: TeachState): boolean => {
  const { id, contentKind } = activity(state);
  return canBuild(state) && (state.ways[id]?.building ?? contentKind === "build-chain");
};

/** The moments of the current item, in order; empty only without an item. */
export const displays = createSelector(
  [
    item,
    itemBefore,
    activity,
    itemWay,
    accent,
    checklist,
    ({ showChange }: TeachState) => showChange,
    ({ readingBy }: TeachState) => readingBy,
  ],
  (item, before, activity, way, accent, checklist, showChange, readingBy): readonly Display[] => {
    const all = item ? displaysOf(item, { activity, way, before, accent, checklist, readingBy }) : [];
    return showChange ? all : all.map(withoutChange);
  },
);
const withoutChange = (display: Display): Display =>
  display.kind === "word" ? { ...display, before: undefined, change: undefined } : display;

/** Which moment is shown: a stage beyond the last is the last. @returns index into the stages of the display, from 0 */
export const stageIndex = (state: TeachState): number =>
  Math.max(0, Math.min(state.lesson.stage, displays(state).length - 1));

/** Is a word of a text read aloud, the text before everybody? */
export const isReadAloud = (state: TeachState): boolean =>
  placeInText(item(state)) !== undefined && stageIndex(state) === 0;
/** What the pointer moves on by, where a text is read aloud; undefined elsewhere. */
export const readingBy = (state: TeachState): ReadingUnit | undefined => placeInText(item(state)) && state.readingBy;
/**
 * Items of the current phrase or line that are not marked for whoever reads, and the word itself where it is read word by
 * word. @returns indices into the items in order
 */
export const itemsToMarkRight = (state: TeachState): readonly number[] => {
  const [all, reader] = [items(state), turn(state)];
  if (state.readingBy === "word" || reader === undefined) return [state.lesson.item];
  return itemsOfUnit(all, state.lesson.item, state.readingBy).filter((k) => {
    const index = all[k]?.index;
    return index != null && !state.book.marks.has(markKey(reader, index));
  });
};
/** Can its items come in another order, or be left out? The words of a text cannot. */
export const canReorder = (state: TeachState): boolean => activity(state).text === undefined;

/** Do all the words of the activity stand on the screen at once? */
export const isListed = (state: TeachState): boolean => state.listing !== undefined && canGrow(activity(state));
/** Is the item worked moment by moment, and neither on a board nor in a list of all the words? */
export const isShownByStages = (state: TeachState): boolean => !isBuilding(state) && !isListed(state);

/** Key of a board of tiles: another item or another turn starts an empty one. */
export const boardKey = (state: TeachState): string => `${itemKey(state)} ${turn(state)}`;
/** The board of the learner whose turn it is; undefined where nothing is built. */
export const board = createSelector(
  [isBuilding, item, itemBefore, (state: TeachState): Board | undefined => state.boards.get(boardKey(state))],
  (isBuilding, item, before, begun): Board | undefined =>
    isBuilding ? (begun ?? (item?.word && newBoard(item.word, before?.word))) : undefined,
);

const boardDisplay = createSelector(
  [board, item, ({ boxes }: TeachState) => boxes, ({ picture }: TeachState) => picture],
  (board, item, boxes, picture): Display | undefined =>
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
);
/** The counters of the current item; undefined where they do not help, or are not wanted. */
export const countersBoard = createSelector(
  [item, ({ withCounters }: TeachState) => withCounters, (state: TeachState) => state.counters.get(itemKey(state))],
  (item, wanted, begun): CountersBoard | undefined => {
    const task = item?.prompt.code === "oral" ? countersTask(item.prompt.item) : undefined;
    return wanted && task ? (begun ?? newCountersBoard(task)) : undefined;
  },
);
/** Do counters help with the current item? */
export const canUseCounters = createSelector(
  [item],
  (item) => item?.prompt.code === "oral" && countersTask(item.prompt.item) !== undefined,
);

const countersDisplay = createSelector([countersBoard], (board): CountersDisplay | undefined => {
  if (!board) return undefined;
  const { task, counters, verdict } = board;
  // The sound that was put in is the one that changed.
  const isNew = task.does === "add" && verdict?.code === "right" && task.at !== undefined;
  return { kind: "counters", line: counters.line, lifted: isNew ? counters.line[task.at] : counters.lifted };
});
const listDisplay = createSelector(
  [isListed, items, ({ lesson }: TeachState) => lesson.item, ({ listing }: TeachState) => listing],
  (isListed, items, at, listing): Display | undefined =>
    isListed
      ? { kind: "list", words: items.map(({ word }) => word?.word ?? ""), at, down: listing === "down" }
      : undefined,
);
/** What stands before learners now. */
export const display = (state: TeachState): Display | undefined =>
  boardDisplay(state) ?? countersDisplay(state) ?? listDisplay(state) ?? displays(state)[stageIndex(state)];

/** Has the word been blended at this turn? */
export const isBlended = (state: TeachState): boolean => {
  const shown = display(state);
  return shown?.kind === "word" && shown.stage.blended && shown.stage.to === shown.reading.units.length;
};

/** What is said for the item: a word that was planned to be read, and is built, is dictated. */
export const prompt = createSelector([item, isBuilding], (item, isBuilding): Prompt | undefined => {
  if (!item || !isBuilding) return item?.prompt;
  const { prompt } = item;
  if ("build" in prompt) return { ...prompt, build: true };
  return prompt.code === "read" || prompt.code === "whole"
    ? { code: "first-word", word: prompt.word, build: true }
    : prompt;
});

/** What the teacher says and does now: a dictation goes step by step. */
export const cue = createSelector([prompt, item, display], (prompt, item, shown): SaidLine | undefined => {
  if (!prompt) return undefined;
  if (prompt.code !== "dictate" && prompt.code !== "dictate-sentence") return promptLine(prompt);
  const text = prompt.code === "dictate" ? prompt.word : prompt.sentence;
  const context = prompt.code === "dictate" ? prompt.context : undefined;
  if (shown?.kind === "dictated") return DICTATION_WORDS[shown.step].cue({ ...shown, text, context });
  // Over its zip the word stands to be compared.
  return shown?.kind === "word" && item?.word
    ? DICTATION_WORDS.compare.cue({ of: "word", text, places: item.word.reading.units.length })
    : promptLine(prompt);
});

/** My turn, together, your turn: the first word is the teacher's, the second everybody's, then the learners have theirs. */
export const turnSign = (state: TeachState): TurnSign =>
  state.turnSigns[itemKey(state)] ??
  (activity(state).settings.turns === "your-turn"
    ? "your"
    : (TURN_SIGNS[Math.min(state.lesson.item, TURN_SIGNS.length - 1)] as TurnSign));

/** Id of the learner whose turn it is; undefined without learners. */
export const turn = (state: TeachState): string | undefined => {
  const { givenTurn, turns, lesson, page } = state;
  return givenTurn?.activity === lesson.activity && isSameTurn(items(state), givenTurn.item, lesson.item)
    ? givenTurn.learnerId
    : (turns.order[lesson.item] ?? page.group.learners[0]?.id);
};
/** The learner who is marked. */
export const learner = (state: TeachState): Learner | undefined =>
  state.page.group.learners.find(({ id }) => id === turn(state));

/** The mark of the learner whose turn it is, for the current item. */
export const currentMark = (state: TeachState) => {
  const [id, index] = [turn(state), item(state)?.index];
  return id === undefined || index == null ? undefined : state.book.marks.get(markKey(id, index));
};

/** Words of the current activity that somebody read wrongly or did not try, each once. */
export const wordsGoneWrong = createSelector(
  [activity, ({ book }: TeachState) => book.marks],
  (activity, marks): readonly string[] => {
    const wrong = new Set(
      [...marks.values()]
        .filter(({ answer }) => OUTCOME_DEFINITIONS[answer.outcome].comesAgain)
        .map(({ wordIndex }) => wordIndex),
    );
    const words = activity.items.flatMap(({ index, word }) =>
      word && index !== null && wrong.has(index) ? [word.word] : [],
    );
    return [...new Set(words)];
  },
);

/** Ways of answering the current item that make sense for it. */
export const outcomes = (state: TeachState): readonly Outcome[] =>
  outcomesFor(isBuilding(state) ? "built" : (item(state)?.mode ?? "read"));

/** Where the words of the current activity are printed; undefined without words. */
export const paper = createSelector([activity, (state: TeachState) => state.page.group.id], (activity, groupId) => {
  const words = [...new Set(activity.items.flatMap(({ word }) => (word ? [word.word] : [])))];
  return words.length > 0 ? paperHref({ groupId, from: { words } }) : undefined;
});

/** Learners who are not marked for this item yet. */
export const unmarkedLearners = (state: TeachState): TeachState["page"]["group"]["learners"] => {
  const index = item(state)?.index;
  return index == null ? [] : state.page.group.learners.filter(({ id }) => !state.book.marks.has(markKey(id, index)));
};

/** Why nothing can be marked now; undefined when it can. */
export const whyNotMarked = (state: TeachState): "no-learners" | "built" | "not-marked" | undefined => {
  if (state.page.group.learners.length === 0) return "no-learners";
  if (isBuilding(state)) return "built";
  // A word that no rule can read has no mark of its own; the others of its phrase or line have.
  const read = isReadAloud(state) ? itemsOfUnit(items(state), state.lesson.item, state.readingBy) : [state.lesson.item];
  return read.every((k) => items(state)[k]?.index == null) ? "not-marked" : undefined;
};
