import { useCallback, useEffect, useRef } from "react";
import type { RawAnswer, ResponseMode } from "../../core/light.ts";
import type { NewResponse, StoredResponse } from "../../server/responses.ts";
import { type Later, useFollowed } from "../use-later.ts";
import { found, type MarkBook, marked, newBook, refused, stored, takenBack } from "./mark-book.ts";
import { type Mark, markKey, marksFrom, responseOf } from "./marks.ts";
import { Outbox } from "./outbox.ts";

interface MarksInHand {
  /** As it is drawn. */
  readonly book: MarkBook;
  /** As it is. */
  readonly now: () => MarkBook;
  mark(learnerId: string, wordIndex: number, answer: RawAnswer, mode: ResponseMode): void;
  /** Takes the last mark back; what it replaced stands again. Returns where that was. */
  undo(): { learnerId: string; wordIndex: number } | undefined;
}

/** The marks of one session: shown at once as waiting, as stored only when the server says so. */
export function useMarks(sessionId: string, kept: readonly StoredResponse[], later: Later): MarksInHand {
  const { drawn, now, set } = useFollowed(() => newBook(marksFrom(kept)), later);
  const outbox = useRef<Outbox>(undefined);

  useEffect(() => {
    const box = new Outbox(
      (id) => set(stored(now(), id)),
      (id, reason) => set(refused(now(), id, reason)),
    );
    outbox.current = box;
    box.waiting(sessionId).then((left) => {
      if (left.length > 0) set(found(now(), left));
      return box.flush();
    });
    const onOnline = () => box.flush();
    addEventListener("online", onOnline);
    return () => {
      removeEventListener("online", onOnline);
      box.stop();
    };
  }, [sessionId, now, set]);

  const send = useCallback((response: NewResponse) => outbox.current?.put(response), []);

  const mark = useCallback(
    (learnerId: string, wordIndex: number, answer: RawAnswer, mode: ResponseMode) => {
      const before = now().marks.get(markKey(learnerId, wordIndex));
      const next: Mark = { id: crypto.randomUUID(), learnerId, wordIndex, mode, answer, state: "waiting" };
      set(marked(now(), next));
      send(responseOf(next, { sessionId, supersedes: before?.id ?? null, at: new Date() }));
    },
    [send, sessionId, now, set],
  );

  const undo = useCallback(() => {
    const taken = takenBack(now(), crypto.randomUUID());
    if (!taken) return undefined;
    const { book, step, again } = taken;
    set(book);
    send(responseOf(again, { sessionId, supersedes: step.mark.id, withdrawn: !step.before, at: new Date() }));
    return { learnerId: step.mark.learnerId, wordIndex: step.mark.wordIndex };
  }, [send, sessionId, now, set]);

  return { book: drawn, now, mark, undo };
}
