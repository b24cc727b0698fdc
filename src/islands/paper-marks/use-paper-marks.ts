import { useCallback, useEffect, useRef, useState } from "react";
import type { RawAnswer } from "../../core/light.ts";
import type { LearnerId } from "../../schemas/ids.ts";
import type { PaperItem, PaperMarksPage } from "../../server/sessions/paper-marks-page.ts";
import { listenToOutbox, pageOutbox } from "../outbox/page-outbox.ts";
import { call } from "../shared/client.ts";
import { type CellMarks, cellKey, marksOf } from "./paper-grid.ts";

/** The marks of the grid, each on its way to the server as it is made. */
export interface PaperMarksState {
  readonly marks: CellMarks;
  /** Why the server has not taken one; empty when it has taken all. */
  readonly refusal: string;
  /** Stores what a cell holds now; undefined takes its mark back. The same answer again is no mark. */
  readonly store: (learnerId: LearnerId, item: PaperItem, answer: RawAnswer | undefined) => void;
}

/** The marks of a lesson that is marked from paper, and what stores one. */
export function usePaperMarks({ session, responses }: Pick<PaperMarksPage, "session" | "responses">): PaperMarksState {
  const [marks, setMarks] = useState<CellMarks>(() => marksOf(responses));
  const [refusal, setRefusal] = useState("");
  // Several cells can be stored at one press: each is held against what the one before left.
  const latest = useRef(marks);
  useEffect(() => {
    void pageOutbox().flush();
    return listenToOutbox({ onStored: () => undefined, onRefused: (_, reason) => setRefusal(reason) });
  }, []);
  const put = useCallback(
    (learnerId: LearnerId, item: PaperItem, answer: RawAnswer | undefined) => {
      const key = cellKey(learnerId, item);
      const known = latest.current.get(key);
      if (isSame(known?.answer, answer)) return;
      const id = crypto.randomUUID();
      const next = new Map(latest.current);
      if (answer) next.set(key, { id, answer });
      else next.delete(key);
      latest.current = next;
      setMarks(next);
      const told = answer ?? (known?.answer as RawAnswer);
      void pageOutbox().put({
        id,
        sessionId: session.id,
        learnerId,
        wordIndex: item.index,
        word: item.target,
        mode: item.mode,
        answer: { outcome: told.outcome, substitutions: [], ...(told.typed !== undefined && { typed: told.typed }) },
        supersedes: known?.id ?? null,
        withdrawn: answer === undefined,
        onPaper: true,
        at: session.endedAt ?? new Date().toISOString(),
      });
    },
    [session],
  );
  const store = useCallback(
    (learnerId: LearnerId, item: PaperItem, answer: RawAnswer | undefined) => {
      put(learnerId, item, answer);
      const typed = answer?.typed;
      if (typed === undefined || answer?.outcome !== "wrong") return;
      // What sounds the same is right; the mark is kept before that is known.
      const body = { wordIndex: item.index, mode: item.mode, typed };
      call("POST /api/sessions/:sessionId/verdicts", { params: { sessionId: session.id }, body }).then(
        ({ verdict }) => {
          const stands = latest.current.get(cellKey(learnerId, item))?.answer.typed === typed;
          if (verdict === "right" && stands) put(learnerId, item, { outcome: "right", substitutions: [], typed });
        },
        () => undefined,
      );
    },
    [put, session],
  );
  return { marks, refusal, store };
}

const isSame = (a: RawAnswer | undefined, b: RawAnswer | undefined): boolean =>
  a?.outcome === b?.outcome && a?.typed === b?.typed;
