import { type RefObject, useLayoutEffect } from "react";
import { type Later, useFollowed } from "../use-later.ts";
import { type LessonAction, type LessonState, lessonReducer } from "./lesson-state.ts";
import type { StageHandle } from "./Stage.tsx";

/**
 * Where a lesson stands. A press is seen at once where its face has been drawn beforehand: the stage uncovers it, and
 * the rest of the screen follows. Where it has not been, everything is drawn together.
 *
 * @param plateKeyIn which plate shows a state of the lesson; undefined: none does
 */
export function useLesson(
  start: () => LessonState,
  on: {
    readonly stage: RefObject<StageHandle | null>;
    readonly plateKeyIn: (state: LessonState) => string | undefined;
    readonly later: Later;
  },
) {
  const lesson = useFollowed(start, on.later);
  const { drawn, now, set, setNow } = lesson;

  const uncover = (state: LessonState): boolean => {
    const key = on.plateKeyIn(state);
    return key !== undefined && on.stage.current?.uncover(key) === true;
  };
  useLayoutEffect(() => {
    // The plate that is ahead may have gone with what is drawn now: then that is drawn as well, before it is seen.
    if (!uncover(now()) && now() !== drawn) setNow(now());
  });

  return {
    lesson: drawn,
    now,
    /** Shows a state of it if that has been drawn. */
    uncover,
    /** Moves as fast as a press is to be answered. */
    move(action: LessonAction): void {
      const to = lessonReducer(now(), action);
      if (to === now()) return;
      if (uncover(to)) set(to);
      else setNow(to);
    },
    /** Moves together with whatever else is changed. */
    go(action: LessonAction): void {
      setNow(lessonReducer(now(), action));
    },
  };
}
