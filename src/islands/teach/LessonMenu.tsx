import { Check, ChevronDown } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import { memo } from "react";
import { ACTIVITY_NAME } from "../../components/words/plan-words.ts";
import type { TeachActivity } from "../../server/teach.ts";

interface Props {
  readonly activities: readonly TeachActivity[];
  readonly at: number;
  readonly skipped: readonly string[];
  readonly seconds: { readonly current: Readonly<Record<string, number>> };
  readonly onJump: (activity: number) => void;
  readonly onBringBack: (id: string) => void;
}

export const activityName = ({ title, kind }: Pick<TeachActivity, "title" | "kind">): string =>
  title || ACTIVITY_NAME[kind];

/** The line of activities: where the lesson is, and a press to anywhere else in it. */
export const LessonMenu = memo(function LessonMenu({ activities, at, skipped, seconds, onJump, onBringBack }: Props) {
  const here = activities[at] as TeachActivity;
  if (activities.length === 1) return <b className="truncate text-ink">{activityName(here)}</b>;
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="button min-h-9 max-w-72 py-0" aria-label={`Activity: ${activityName(here)}`}>
        <span className="truncate">
          {at + 1}/{activities.length} {activityName(here)}
        </span>
        <ChevronDown size={16} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={6}
          // The focus goes back to the page: the next Space is a tap, not the same menu again.
          onCloseAutoFocus={(event) => event.preventDefault()}
          className="z-20 max-h-[80vh] w-96 overflow-y-auto rounded-lg border border-rule bg-sheet p-1 shadow-lg"
        >
          {activities.map((activity, k) => {
            const out = skipped.includes(activity.id);
            const begun = (seconds.current[activity.id] ?? 0) > 5;
            return (
              <DropdownMenu.Item
                key={activity.id}
                className={`flex min-h-11 cursor-pointer items-center gap-3 rounded px-3 outline-none data-[highlighted]:bg-change-soft ${k === at ? "font-bold" : ""}`}
                onSelect={() => {
                  if (out) onBringBack(activity.id);
                  onJump(k);
                }}
              >
                <span className="w-4 text-good">{begun && k !== at && <Check size={15} aria-label="begun" />}</span>
                <span className={`min-w-0 flex-1 truncate ${out ? "text-quiet line-through" : ""}`}>
                  {activityName(activity)}
                </span>
                <span className="text-[13px] text-quiet">
                  {out ? "left out" : activity.ifTime ? "if there is time" : `${activity.minutes} min`}
                </span>
              </DropdownMenu.Item>
            );
          })}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
});
