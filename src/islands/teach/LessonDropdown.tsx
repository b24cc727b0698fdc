import Check from "lucide-react/icons/check";
import { Menu, MenuItem } from "../../components/ui/Menu.tsx";
import type { DefaultOpen } from "./LazyMenu.tsx";
import { LESSON_BUTTON, LessonButton, type LessonMenuProps, lessonLabel } from "./LessonButton.tsx";

/** The menu itself, with the button that opens it. */
export default function LessonDropdown(props: LessonMenuProps & DefaultOpen) {
  const { activities, at, skipped, seconds, onJump, onBringBack, defaultOpen } = props;
  return (
    <Menu
      button={<LessonButton {...props} />}
      buttonClassName={LESSON_BUTTON}
      label={lessonLabel(props)}
      width="wide"
      defaultOpen={defaultOpen}
      returnsFocusToPage
    >
      {activities.map((activity, k) => {
        const out = skipped.includes(activity.id);
        const begun = (seconds.current[activity.id] ?? 0) > 5;
        return (
          <MenuItem
            key={activity.id}
            className={k === at ? "font-bold" : ""}
            onSelect={() => {
              if (out) onBringBack(activity.id);
              onJump(k);
            }}
          >
            <span className="w-4 text-good">{begun && k !== at && <Check size={15} aria-label="begun" />}</span>
            <span className={`min-w-0 flex-1 truncate ${out ? "text-quiet line-through" : ""}`}>{activity.title}</span>
            <span className="text-[13px] text-quiet">
              {out ? "left out" : activity.ifTime ? "if there is time" : `${activity.minutes} min`}
            </span>
          </MenuItem>
        );
      })}
    </Menu>
  );
}
