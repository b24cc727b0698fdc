import { Check } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import type { DefaultOpen } from "./LazyMenu.tsx";
import { activityName, LESSON_BUTTON, LessonButton, type LessonMenuProps, lessonLabel } from "./LessonButton.tsx";

/** The menu itself, with the button that opens it. */
export default function LessonDropdown(props: LessonMenuProps & DefaultOpen) {
  const { activities, at, skipped, seconds, onJump, onBringBack, defaultOpen } = props;
  return (
    <DropdownMenu.Root defaultOpen={defaultOpen}>
      <DropdownMenu.Trigger className={LESSON_BUTTON} aria-label={lessonLabel(props)}>
        <LessonButton {...props} />
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
}
