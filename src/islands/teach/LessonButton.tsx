import ChevronDown from "lucide-react/icons/chevron-down";
import type { TeachActivity } from "../../server/sessions/teach-page.ts";
import type { ActivitySeconds } from "./use-activity-clock.ts";

export interface LessonMenuProps {
  readonly activities: readonly TeachActivity[];
  readonly at: number;
  readonly skipped: readonly string[];
  readonly seconds: ActivitySeconds;
  readonly onJump: (activity: number) => void;
  readonly onBringBack: (id: string) => void;
}

type Here = Pick<LessonMenuProps, "activities" | "at">;
/** The activity that is being taught. */
export const hereOf = ({ activities, at }: Here) => activities[at] as TeachActivity;

export const LESSON_BUTTON = "button min-h-11 min-w-11 max-w-72 py-0 max-sm:max-w-40";
/** What the button of the lesson is called. */
export const lessonLabel = (here: Here) => `Activity: ${hereOf(here).title}`;
/** Opens the list of the lesson's activities and names the one being taught. */
export const LessonButton = ({ activities, at }: Here) => (
  <>
    <span className="truncate">
      {at + 1}/{activities.length} {hereOf({ activities, at }).title}
    </span>
    <ChevronDown size={16} aria-hidden />
  </>
);
