import type { Contrast } from "../chains/request.ts";
import type { RecordedSubstitution } from "../families/recommended-families.ts";
import type { KeptOutList } from "../lexicon/kept-out-lists.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import type { PracticeSettings } from "./settings.ts";
import type { LessonTemplate } from "./template.ts";

export const SHORTEST_LESSON = 10;
export const LONGEST_LESSON = 45;

/** What a lesson is drafted from. */
export interface LessonRequest {
  readonly taught: TaughtSet;
  /** Correspondences of today, GPC ids. */
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  /** Everything taught, GPC ids, the newest first. */
  readonly taughtGpcs: readonly string[];
  /** What the records show as shaky, most telling first. */
  readonly substitutions: readonly RecordedSubstitution[];
  /** 10 to 45. */
  readonly minutes: number;
  readonly settings: PracticeSettings;
  /** The group's own pace; 1 until it has shown one. */
  readonly pace?: number;
  readonly recent?: readonly string[];
  /** Words of last week's lessons, those that went wrong first: some are looked at again. */
  readonly lastWeek?: readonly string[];
  readonly never?: readonly string[];
  readonly allowLists?: readonly KeptOutList[];
  /** Words with today's sound kept back for the end; 2 by default, 0 to 3. */
  readonly heldBack?: number;
  /** The line of activities; a whole lesson by default. */
  readonly template?: LessonTemplate;
  /** Cards that the learners' packs ask for, GPC ids, most wanted first. */
  readonly cards?: readonly string[];
  /** Words learnt whole that the learners' packs ask for, most wanted first. */
  readonly wholeWords?: readonly string[];
  /** A text of the teacher's, whose sentences are used where an activity is made of sentences. */
  readonly sentencesFrom?: string;
  /** Earlier lessons of the group with these sounds; 0 by default. */
  readonly lessonsBefore?: number;
  /** Same seed, same lesson. */
  readonly seed: number;
}
