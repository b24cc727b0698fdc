import { useEffect, useState } from "react";
import { ViewSender, type ViewState } from "./learners-view.ts";

/** Keeps the learners' window at what is on this one. */
export function useViewWindow(sessionId: string, state: ViewState) {
  const [sender, setSender] = useState<ViewSender>();
  useEffect(() => {
    const made = new ViewSender(sessionId);
    setSender(made);
    return () => made.close();
  }, [sessionId]);
  const { face, sign, dark, item } = state;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what the state is made of, not the object it comes in
  useEffect(() => {
    // After this window's own frame: a press is seen at once, on the wall a moment later.
    const timer = setTimeout(() => sender?.show(state));
    return () => clearTimeout(timer);
  }, [sender, face, sign, dark, item]);
  return () => {
    window.open(`/teach/${sessionId}/view`, `view ${sessionId}`, "popup,width=1024,height=640");
  };
}
