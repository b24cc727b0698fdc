import { memo } from "react";
import { LazyMenu } from "./LazyMenu.tsx";
import { hereOf, LESSON_BUTTON, LessonButton, type LessonMenuProps, lessonLabel } from "./LessonButton.tsx";

const load = () => import("./LessonDropdown.tsx").then((module) => module.default);

/** The line of activities: where the lesson is, and a press to anywhere else in it. */
export const LessonMenu = memo(function LessonMenu(props: LessonMenuProps) {
  if (props.activities.length === 1) return <b className="truncate text-ink">{hereOf(props).title}</b>;
  return (
    <LazyMenu load={load} props={props} label={lessonLabel(props)} className={LESSON_BUTTON}>
      <LessonButton {...props} />
    </LazyMenu>
  );
});
