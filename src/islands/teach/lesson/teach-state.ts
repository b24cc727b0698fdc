import type { TeachPage } from "../../../server/sessions/teach-page.ts";
import type { TurnSign } from "../learners-view.ts";
import type { Board } from "./board.ts";
import type { CountersBoard } from "./counters-board.ts";
import type { Way } from "./displays.ts";
import { type LessonState, startingLesson } from "./lesson-state.ts";
import { type MarkBook, newBook } from "./mark-book.ts";
import { marksFrom } from "./marks.ts";
import type { ReadingUnit } from "./reading.ts";
import { type DealtTurns, dealTurns, type GivenTurn } from "./turns.ts";

/** All the words of a list at once, read across or down; undefined: one at a time. */
export type Listing = "across" | "down" | undefined;

/** Seconds for which a word of a list has its turn, where the list goes on by itself. Common practice, no source. */
export const LIST_PACES = { slow: 3, fast: 1 } as const;
export type ListPace = keyof typeof LIST_PACES;

/** How the words of an activity are worked, where the teacher has changed it. */
export interface WayOverride {
  readonly way?: Way;
  readonly building?: boolean;
}

/** Everything the Teach screen knows. Changed by `teachReducer` alone, read through selectors.ts. */
export interface TeachState {
  readonly page: Pick<TeachPage, "group" | "accent" | "checklist" | "needs" | "madeUp" | "isProbe">;
  readonly lesson: LessonState;
  readonly book: MarkBook;
  readonly turns: DealtTurns;
  readonly givenTurn: GivenTurn | undefined;
  /** My turn, together, your turn: where it was set by hand, by item key. */
  readonly turnSigns: Readonly<Record<string, TurnSign>>;
  /** By activity id. */
  readonly ways: Readonly<Record<string, WayOverride>>;
  /** Key of the item at which somebody is stuck: a word shown at sight is tapped after all. */
  readonly stuckAt: string | undefined;
  /** Key of the item that has just been marked wrong: what the school does then is said. */
  readonly wrongAt: string | undefined;
  /** Index of the grapheme for which a substitution is being named. */
  readonly pressedUnit: number | undefined;
  /** What was said or written is being typed. */
  readonly typing: boolean;
  /** By item key and learner. */
  readonly boards: ReadonlyMap<string, Board>;
  /** By item key. */
  readonly counters: ReadonlyMap<string, CountersBoard>;
  /** Counters stand in the place of the ear, where they help. */
  readonly withCounters: boolean;
  readonly showChange: boolean;
  readonly listing: Listing;
  /** How fast a list goes on by itself; undefined where the teacher moves it. */
  readonly listPace: ListPace | undefined;
  /** A box for each sound on the board. */
  readonly boxes: boolean;
  readonly picture: boolean;
  /** Light letters on a dark ground, on the wall. */
  readonly dark: boolean;
  /** What the pointer moves on by where a text is read aloud. */
  readonly readingBy: ReadingUnit;
  readonly finishing: boolean;
  /** Why the lesson could not be ended when it was asked for last. */
  readonly notFinished: string | undefined;
}

/** The state a page starts from: the place and the marks that are stored. */
export function startTeaching({
  session,
  group,
  activities,
  responses,
  accent,
  checklist,
  needs,
  madeUp,
  isProbe,
}: TeachPage): TeachState {
  const page = { group, accent, checklist, needs, ...(madeUp && { madeUp }), ...(isProbe && { isProbe }) };
  const lesson = startingLesson(activities, session.place);
  const book = newBook(marksFrom(responses));
  const { learnerId } = session.place;
  return {
    page,
    lesson,
    book,
    turns: dealTurns(lesson, page, book.marks),
    givenTurn: learnerId === null ? undefined : { activity: lesson.activity, item: lesson.item, learnerId },
    turnSigns: {},
    ways: {},
    stuckAt: undefined,
    wrongAt: undefined,
    pressedUnit: undefined,
    typing: false,
    boards: new Map(),
    counters: new Map(),
    withCounters: false,
    showChange: true,
    listing: undefined,
    listPace: undefined,
    boxes: false,
    picture: false,
    dark: false,
    readingBy: "word",
    finishing: false,
    notFinished: undefined,
  };
}
