import { useEffect, useState } from "react";
import { checklistWords } from "../../components/words/dictation-words.ts";
import type { TeachActivity, TeachPage } from "../../server/sessions/teach-page.ts";
import { DisplayArea } from "./DisplayArea.tsx";
import { followTeacher, SIGN_NAME, type ViewState } from "./learners-view.ts";
import { displaysOf } from "./lesson/displays.ts";
import { orderOf, startingLesson } from "./lesson/lesson-state.ts";

/** What the page was left at: shown until the teacher's window says more. */
function stateAtPlace({ activities, session, accent, checklist }: TeachPage): ViewState | undefined {
  const state = startingLesson(activities, session.place);
  const activity = activities[state.activity] as TeachActivity | undefined;
  const order = orderOf(state);
  const item = activity?.items[order[state.item] as number];
  if (!activity || !item) return undefined;
  const before = activity.items[order[state.item - 1] as number];
  const displays = displaysOf(item, {
    activity,
    way: activity.settings,
    before,
    accent,
    checklist: checklistWords(checklist),
    readingBy: "word",
  });
  const display = displays[Math.min(state.stage, displays.length - 1)];
  return display && { display, sign: undefined, dark: false, item: state.item };
}

/** What learners see, for a projector: no controls; it follows the teacher's window, and stays at its place without it. */
export default function LearnersView(page: TeachPage) {
  const [state, setState] = useState(() => stateAtPlace(page));
  useEffect(() => followTeacher(page.session.id, setState), [page.session.id]);
  return (
    <main
      className={`flex h-dvh cursor-none flex-col bg-sheet text-ink ${state?.dark ? "dark-room" : ""}`}
      data-view={state?.item}
    >
      <h1 className="sr-only">The word</h1>
      {state && (
        <>
          <DisplayArea display={state.display} />
          {state.sign && <p className="pb-[3vh] text-center text-[4vh] text-quiet">{SIGN_NAME[state.sign]}</p>}
        </>
      )}
    </main>
  );
}
