import { useEffect, useRef } from "react";
import type { SentResponse } from "../../schemas/responses.ts";
import { Outbox } from "./outbox.ts";
import type { TeachStore } from "./teach-store.ts";

/** Marks of this session on their way to the server; the store is told what becomes of each. @returns sends one */
export function useOutbox(store: TeachStore, sessionId: string): (response: SentResponse) => void {
  const outbox = useRef<Outbox>(undefined);
  useEffect(() => {
    const { dispatch } = store;
    const box = new Outbox(
      (id) => dispatch({ type: "mark-stored", id }),
      (id, reason) => dispatch({ type: "mark-refused", id, reason }),
    );
    outbox.current = box;
    box.waiting(sessionId).then((responses) => {
      if (responses.length > 0) dispatch({ type: "marks-found", responses });
      return box.flush();
    });
    const onOnline = () => box.flush();
    addEventListener("online", onOnline);
    return () => {
      removeEventListener("online", onOnline);
      box.stop();
    };
  }, [store, sessionId]);
  const send = useRef((response: SentResponse) => void outbox.current?.put(response));
  return send.current;
}
