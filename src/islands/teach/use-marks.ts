import { useCallback, useEffect, useRef, useState } from "react";
import type { RawAnswer, ResponseMode } from "../../core/light.ts";
import type { NewResponse, StoredResponse } from "../../server/responses.ts";
import { type Mark, type Marks, markKey, marksFrom, responseOf } from "./marks.ts";
import { Outbox } from "./outbox.ts";

interface UndoStep {
  readonly key: string;
  readonly mark: Mark;
  readonly before: Mark | undefined;
}

interface MarksInHand {
  readonly marks: Marks;
  /** Marks not yet in the database. */
  readonly waiting: number;
  readonly refused: string | undefined;
  readonly canUndo: boolean;
  mark(learnerId: string, wordIndex: number, answer: RawAnswer, mode: ResponseMode): void;
  /** Takes the last mark back; what it replaced stands again. Returns where that was. */
  undo(): { learnerId: string; wordIndex: number } | undefined;
}

/** The marks of one session: shown at once as waiting, as stored only when the server says so. */
export function useMarks(sessionId: string, stored: readonly StoredResponse[]): MarksInHand {
  const [marks, setMarks] = useState<Marks>(() => marksFrom(stored));
  const [pending, setPending] = useState<ReadonlySet<string>>(new Set());
  const [refused, setRefused] = useState<string>();
  const [undoSteps, setUndoSteps] = useState<readonly UndoStep[]>([]);
  const current = useRef(marks);
  current.current = marks;
  const outbox = useRef<Outbox>(undefined);

  const settle = useCallback((id: string) => {
    setPending((old) => new Set([...old].filter((p) => p !== id)));
    setMarks(
      (old) =>
        new Map([...old].map(([key, mark]) => [key, mark.id === id ? { ...mark, state: "stored" as const } : mark])),
    );
  }, []);

  useEffect(() => {
    const box = new Outbox(settle, (id, reason) => {
      setRefused(reason);
      setPending((old) => new Set([...old].filter((p) => p !== id)));
      setMarks((old) => new Map([...old].filter(([, mark]) => mark.id !== id)));
    });
    outbox.current = box;
    // Marks that a closed page left behind are shown again, as waiting, and sent.
    box.waiting(sessionId).then((left) => {
      setPending((old) => new Set([...old, ...left.map((response) => response.id)]));
      setMarks((old) => left.reduce(withWaiting, old));
      return box.flush();
    });
    const onOnline = () => box.flush();
    addEventListener("online", onOnline);
    return () => {
      removeEventListener("online", onOnline);
      box.stop();
    };
  }, [sessionId, settle]);

  const send = useCallback((response: NewResponse) => {
    setPending((old) => new Set([...old, response.id]));
    outbox.current?.put(response);
  }, []);

  const mark = useCallback(
    (learnerId: string, wordIndex: number, answer: RawAnswer, mode: ResponseMode) => {
      const key = markKey(learnerId, wordIndex);
      const before = current.current.get(key);
      const next: Mark = { id: crypto.randomUUID(), learnerId, wordIndex, mode, answer, state: "waiting" };
      setMarks((old) => new Map(old).set(key, next));
      setUndoSteps((old) => [...old, { key, mark: next, before }]);
      send(responseOf(next, { sessionId, supersedes: before?.id ?? null, at: new Date() }));
    },
    [send, sessionId],
  );

  const undo = useCallback(() => {
    const step = undoSteps.at(-1);
    if (!step) return undefined;
    setUndoSteps((old) => old.slice(0, -1));
    const { key, before } = step;
    const { learnerId, wordIndex } = step.mark;
    // The record only grows: what stood before is written again, or the mark is withdrawn.
    const id = crypto.randomUUID();
    const again: Mark = { ...(before ?? step.mark), id, state: "waiting" };
    setMarks((old) => {
      const next = new Map(old);
      if (before) next.set(key, again);
      else next.delete(key);
      return next;
    });
    setUndoSteps((old) => old.map((s) => (before && s.mark.id === before.id ? { ...s, mark: again } : s)));
    send(responseOf(again, { sessionId, supersedes: step.mark.id, withdrawn: !before, at: new Date() }));
    return { learnerId, wordIndex };
  }, [undoSteps, send, sessionId]);

  return { marks, waiting: pending.size, refused, canUndo: undoSteps.length > 0, mark, undo };
}

function withWaiting(marks: Marks, response: NewResponse): Marks {
  const next = new Map(marks);
  const key = markKey(response.learnerId, response.wordIndex);
  if (response.withdrawn) next.delete(key);
  else next.set(key, { ...response, state: "waiting" });
  return next;
}
