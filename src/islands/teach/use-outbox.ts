import { useCallback, useEffect } from "react";
import type { SentResponse } from "../../schemas/responses.ts";
import { listenToOutbox, pageOutbox } from "../outbox/page-outbox.ts";
import type { TeachStore } from "./teach-store.ts";

/** Marks of this session on their way to the server; the store is told what becomes of each. @returns sends one */
export function useOutbox(store: TeachStore, sessionId: string): (response: SentResponse) => void {
  useEffect(() => {
    const { dispatch } = store;
    const stop = listenToOutbox({
      onStored: (id) => dispatch({ type: "mark-stored", id }),
      onRefused: (id, reason) => dispatch({ type: "mark-refused", id, reason }),
    });
    const box = pageOutbox();
    box.waiting(sessionId).then((responses) => {
      if (responses.length > 0) dispatch({ type: "marks-found", responses });
      return box.flush();
    });
    return stop;
  }, [store, sessionId]);
  return useCallback((response: SentResponse) => void pageOutbox().put(response), []);
}
