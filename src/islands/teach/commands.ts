import { onlyHereText } from "../../components/words/outbox-words.ts";
import type { Outcome, RawAnswer } from "../../core/light.ts";
import type { SentResponse } from "../../schemas/responses.ts";
import type { TeachActivity, TeachPage } from "../../server/sessions/teach-page.ts";
import { answerOf } from "./lesson/board.ts";
import { isCorrection, isSamePress, type MarkStep, redone, undone } from "./lesson/mark-book.ts";
import { answerWithSubstitution, type Mark, markKey, responseOf } from "./lesson/marks.ts";
import * as select from "./lesson/selectors.ts";
import type { madeUpAnswer } from "./made-up-answers.ts";
import type { TeachStore } from "./teach-store.ts";

type MadeUpAnswer = typeof madeUpAnswer;

/** What the commands need of the world; a test has its own. */
export interface TeachServices {
  readonly now: () => Date;
  readonly newId: () => string;
  /** What made-up learners answer by. @throws Error when it cannot be fetched */
  readonly loadMadeUp: () => Promise<MadeUpAnswer>;
  /** Puts a mark on its way to the server. */
  readonly send: (response: SentResponse) => void;
  /** @throws RequestError */
  readonly addWords: (activityId: string, words: readonly string[]) => Promise<TeachActivity>;
  /** Sends every mark that waits. @returns how many of them this page alone has, and could not send */
  readonly sendMarks: () => Promise<number>;
  /** Saves the place and ends the session. @throws RequestError when the server does not have it */
  readonly end: () => Promise<void>;
  /** Leaves the page for the group's evidence. */
  readonly leave: () => void;
}

/** What a teacher does that the server is told of. Everything else is an action of the state alone. */
export interface TeachCommands {
  /**
   * Marks the learner whose turn it is, and passes the turn; "together" marks all who are not marked for this item yet.
   * Nothing where nothing can be marked.
   */
  mark(outcome: Outcome): void;
  /** Names what was said for the pressed grapheme: phoneme ids; empty: it was left out. */
  nameSubstitution(said: readonly string[]): void;
  /** Marks the learner by what was said or written, as it was typed, and passes the turn. */
  markTyped(typed: string, outcome: "right" | "wrong"): void;
  /**
   * In a rehearsal: made-up learners answer what is on the screen and are marked, the one whose turn it is, or all who
   * have not answered yet.
   */
  answer(who: "turn" | "all"): Promise<void>;
  /** Takes the last mark back; what it replaced stands again. */
  undo(): void;
  /** Makes the mark again that was taken back last. */
  redo(): void;
  /** Withdraws any mark of the lesson. */
  takeBack(mark: Mark): void;
  /** Makes a mark again that was withdrawn: the same answer. @returns the mark as it is now */
  markAgain(mark: Mark): Mark;
  /** Gives a mark of any word another answer. @returns the mark as it is now */
  correct(mark: Mark, answer: RawAnswer): Mark;
  /** Looks at what lies on the board; every attempt goes to the record. */
  checkBoard(): void;
  /** @returns why the words cannot be put in; undefined when they are */
  addWords(words: readonly string[], comes: "next" | "last"): Promise<string | undefined>;
  finish(): Promise<void>;
}

/** What Teach asks of the server and of the browser, as functions. */
export function teachCommands(
  { getState, dispatch }: TeachStore,
  session: Pick<TeachPage["session"], "id">,
  services: TeachServices,
): TeachCommands {
  const { now, newId, send } = services;

  /**
   * @param at the lesson at the press: an answer that took a moment is of the word that was pressed on
   * @param press what tells the marks of one press
   */
  const record = (
    answer: RawAnswer,
    passTurn: boolean,
    whose = select.turn(getState()),
    at = getState(),
    press?: string,
  ) => {
    const [item, learnerId] = [select.item(at), whose];
    if (!item || item.index === null || learnerId === undefined) return;
    const replaced = getState().book.marks.get(markKey(learnerId, item.index));
    const mark: Mark = {
      id: newId(),
      learnerId,
      wordIndex: item.index,
      ...(item.target !== undefined && { target: item.target }),
      mode: select.isBuilding(at) ? "built" : (item.mode ?? "read"),
      answer,
      state: "waiting",
      ...(press !== undefined && { press }),
    };
    dispatch({ type: "marked", mark, passTurn });
    // Read and then built are two answers, not one that is corrected.
    const corrected = replaced?.mode === mark.mode ? replaced.id : null;
    send(responseOf(mark, { sessionId: session.id, supersedes: corrected, at: now() }));
  };

  const undoOne = (): MarkStep | undefined => {
    const taken = undone(getState().book, newId());
    if (!taken) return undefined;
    const { step, written } = taken;
    dispatch({ type: "undone", id: written.id });
    // The record only grows: what stood before is written again, or the mark is withdrawn.
    const row = { supersedes: step.mark.id, withdrawn: !isCorrection(step) };
    send(responseOf(written, { sessionId: session.id, ...row, at: now() }));
    return step;
  };

  const redoOne = (): MarkStep | undefined => {
    const again = redone(getState().book, newId());
    if (!again) return undefined;
    const { step, written } = again;
    dispatch({ type: "redone", id: written.id });
    const supersedes = isCorrection(step) ? step.before.id : null;
    send(responseOf(written, { sessionId: session.id, supersedes, at: now() }));
    return step;
  };

  /** A mark of any word under a new id. */
  const rewritten = (mark: Mark, answer: RawAnswer, supersedes: string | null): Mark => {
    const next: Mark = { ...mark, id: newId(), answer, state: "waiting" };
    dispatch({ type: "mark-corrected", mark: next });
    send(responseOf(next, { sessionId: session.id, supersedes, at: now() }));
    return next;
  };

  return {
    mark(outcome) {
      const state = getState();
      // A key may be pressed for what cannot be: tapped is a word, not a card.
      if (select.whyNotMarked(state) !== undefined || !select.outcomes(state).includes(outcome)) return;
      if (outcome === "together") {
        const press = newId();
        // What somebody has done alone with this word stands.
        for (const { id } of select.unmarkedLearners(state))
          record({ outcome, substitutions: [] }, false, id, getState(), press);
        return;
      }
      if (outcome !== "right" || !select.isReadAloud(state)) {
        record({ outcome, substitutions: [] }, true);
        return;
      }
      // What was read up to the pointer's end was right, but for what has been marked; then it goes on.
      const [whose, press] = [select.turn(state), newId()];
      for (const item of select.itemsToMarkRight(state)) {
        const at = { ...state, lesson: { ...state.lesson, item } };
        record({ outcome, substitutions: [] }, false, whose, at, press);
      }
      dispatch({ type: "next" });
    },
    nameSubstitution(said) {
      const { pressedUnit } = getState();
      if (pressedUnit === undefined) return;
      record(answerWithSubstitution(select.currentMark(getState())?.answer, pressedUnit, said), false);
    },
    markTyped(typed, outcome) {
      if (select.whyNotMarked(getState()) === undefined) record({ outcome, substitutions: [], typed }, true);
      dispatch({ type: "type-answer", open: false });
    },
    async answer(who) {
      const state = getState();
      const item = select.item(state);
      const target = item?.word?.reading ?? item?.oral?.reading;
      if (!state.page.madeUp || !item || item.index === null || !item.mode || !target) return;
      const mode = select.isBuilding(state) ? "built" : item.mode;
      const one = select.learner(state);
      const answering = who === "all" ? select.unmarkedLearners(state) : one ? [one] : [];
      const madeUp = await services.loadMadeUp();
      for (const { id } of answering) {
        const learner = state.page.madeUp[id];
        // A second press may have come before the first was answered.
        if (who === "all" && getState().book.marks.has(markKey(id, item.index))) continue;
        const before = [...getState().book.marks.values()].filter(({ learnerId }) => learnerId === id).length;
        if (learner) record(madeUp(learner, { target, mode }, before), who === "turn", id, state);
      }
    },
    undo() {
      const step = undoOne();
      // What one press marked for all is taken back by one press.
      while (step && isSamePress(step, getState().book.history.past.at(-1))) undoOne();
    },
    redo() {
      const step = redoOne();
      while (step && isSamePress(step, getState().book.history.future[0])) redoOne();
    },
    takeBack(mark) {
      const id = newId();
      dispatch({ type: "mark-withdrawn", mark, id });
      send(responseOf({ ...mark, id }, { sessionId: session.id, supersedes: mark.id, withdrawn: true, at: now() }));
    },
    markAgain: (mark) => rewritten(mark, mark.answer, null),
    correct: (mark, answer) => rewritten(mark, answer, mark.id),
    checkBoard() {
      const before = select.board(getState());
      const word = select.item(getState())?.word;
      if (!before || !word) return;
      dispatch({ type: "board", action: { type: "check", target: word } });
      const after = select.board(getState());
      if (after && after !== before) record(answerOf(after, word), false);
    },
    async addWords(words, comes) {
      try {
        const activity = await services.addWords(select.activity(getState()).id, words);
        dispatch({ type: "activity-grown", activity, comes });
        return undefined;
      } catch (error) {
        return (error as Error).message;
      }
    },
    async finish() {
      dispatch({ type: "finishing" });
      try {
        // Marks that the browser keeps go on being sent on the next screen; others would be gone with this one.
        const onlyHere = await services.sendMarks();
        if (onlyHere > 0) {
          dispatch({ type: "not-finished", reason: onlyHereText(onlyHere) });
          return;
        }
        await services.end();
      } catch (error) {
        dispatch({ type: "not-finished", reason: `The lesson is not ended yet. ${(error as Error).message}` });
        return;
      }
      services.leave();
    },
  };
}
