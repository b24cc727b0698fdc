import type {
  ActivityContent,
  Contrast,
  EasilyTaken,
  PlannedKind,
  PracticeSettings,
  UnitCount,
} from "../../core/light.ts";
import type { ChainId, LearnerId, SetId } from "../../schemas/ids.ts";

/** What is kept of lessons: shapes alone, so that the tables and what stands on them both know them. */

/** What a chain or a session is aimed at, as GPC ids. */
export interface Aim {
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
}

export const NO_AIM: Aim = { focus: [], contrasts: [] };

/** Where a lesson stands, so that the place is never lost. */
export interface Place {
  /** Index of the activity, and of the item in the order in which it is gone through. */
  readonly activity: number;
  readonly item: number;
  /** Which moment of the word is shown. */
  readonly stage: number;
  readonly learnerId: string | null;
  /** By activity id, the items in the order in which they are gone through, where it is not the planned one. */
  readonly orders: Readonly<Record<string, readonly number[]>>;
  /** Seconds spent, by activity id. */
  readonly seconds: Readonly<Record<string, number>>;
  /** Activities left out on the spot. */
  readonly skipped: readonly string[];
}

export const FIRST_PLACE: Place = {
  activity: 0,
  item: 0,
  stage: 0,
  learnerId: null,
  orders: {},
  seconds: {},
  skipped: [],
};

/** One thing to do in a lesson: with a chain or a set of the group, or with what was drafted for it. */
export interface PlanActivity {
  readonly id: string;
  readonly kind: PlannedKind;
  readonly minutes: number;
  /** The chain or the set it is done with. */
  readonly ref?: ChainId | SetId;
  readonly content?: ActivityContent;
  /** Of the chain or the set; a drafted activity goes by its kind. */
  readonly title: string;
  /** Done only if there is time. */
  readonly ifTime: boolean;
  /** Words kept back until here. */
  readonly heldBack: boolean;
  readonly settings: PracticeSettings;
  /** Taken out, and kept so that it can be put back. */
  readonly out?: boolean;
}

/** One activity as it is taught: a copy, so that later changes of the plan do not rewrite what was done. */
export interface RunActivity {
  readonly id: string;
  readonly kind: PlannedKind;
  /** Of a chain or a set; empty for what was drafted. */
  readonly title: string;
  readonly content: ActivityContent;
  /** Minutes planned. */
  readonly minutes: number;
  readonly ifTime: boolean;
  readonly heldBack: boolean;
  /** How it is done; the school's way where absent. */
  readonly settings?: PracticeSettings;
  /** For each item, what is answered to: an index of the session's words, or null where nothing is marked. */
  readonly targets: readonly (number | null)[];
}

/** What a probe is to find out, and what was known of it before. */
export interface Probe {
  readonly questions: readonly EasilyTaken[];
  readonly record: readonly UnitCount[];
}

/** A lesson as it is taught. */
export interface LessonRun {
  /** Minutes there are for it; null for a chain or an activity taught on its own. */
  readonly minutes: number | null;
  readonly activities: readonly RunActivity[];
  /** For one learner alone. */
  readonly learnerId?: LearnerId;
  /** Each next word is chosen by the answers before it. */
  readonly probe?: Probe;
}
