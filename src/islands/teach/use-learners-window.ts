import { useEffect } from "react";
import { ViewSender, type ViewState } from "./learners-view.ts";
import * as select from "./lesson/selectors.ts";
import type { TeachState } from "./lesson/teach-state.ts";
import type { TeachStore } from "./teach-store.ts";

const NOTHING = { kind: "text", text: "", spans: [] } as const;

const viewOf = (state: TeachState): ViewState => ({
  display: select.display(state) ?? NOTHING,
  sign: select.activity(state)?.settings.turns === "your-turn" ? undefined : select.turnSign(state),
  dark: state.dark,
  item: state.lesson.item,
});

const isSame = (a: ViewState, b: ViewState): boolean =>
  a.display === b.display && a.sign === b.sign && a.dark === b.dark && a.item === b.item;

/** Sends the learners' window what this one shows, whenever it changes. @returns opens that window */
export function useLearnersWindow(store: TeachStore, sessionId: string): () => void {
  useEffect(() => {
    const sender = new ViewSender(sessionId);
    let last = viewOf(store.getState());
    let timer: ReturnType<typeof setTimeout> | undefined;
    // After this window's own frame: a press is seen here at once, on the wall a moment later.
    const show = () => {
      timer = setTimeout(() => sender.show(last));
    };
    show();
    const stop = store.subscribe((state) => {
      const next = viewOf(state);
      if (isSame(next, last)) return;
      last = next;
      clearTimeout(timer);
      show();
    });
    return () => {
      stop();
      clearTimeout(timer);
      sender.close();
    };
  }, [store, sessionId]);
  return () => openLearnersWindow(sessionId);
}

/** Opens the window that learners look at, or brings it to the front. */
export function openLearnersWindow(sessionId: string): void {
  window.open(`/teach/${sessionId}/view`, `view ${sessionId}`, "popup,width=1024,height=640");
}
