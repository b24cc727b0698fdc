import type { ActivityContent } from "./activity-kinds.ts";
import type { PracticeSettings } from "./settings.ts";

/** One stretch of a lesson. */
export interface Activity {
  readonly id: string;
  readonly content: ActivityContent;
  /** To the next half minute. */
  readonly minutes: number;
  /** Done only if there is time. */
  readonly ifTime: boolean;
  /** Words kept back until here, to see whether the sound carries over: their results are counted apart. */
  readonly heldBack: boolean;
  /** Words of last week, to see whether they have stayed. */
  readonly isLookBack?: boolean;
  readonly settings: PracticeSettings;
}
