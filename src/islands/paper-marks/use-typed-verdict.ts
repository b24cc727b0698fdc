import { useEffect, useState } from "react";
import { typedVerdictWords } from "../../components/words/finding-words.ts";
import { readPaperCell } from "../../core/light.ts";
import type { SessionId } from "../../schemas/ids.ts";
import type { PaperItem } from "../../server/sessions/paper-marks-page.ts";
import { call } from "../shared/client.ts";

/** What an answer that is being typed shows, in words; empty where it is a sign, or nothing yet. */
export function useTypedVerdict(sessionId: SessionId, item: PaperItem | undefined, text: string): string {
  const [told, setTold] = useState({ text: "", words: "" });
  useEffect(() => {
    const cell = item && readPaperCell(text, { target: item.shown, mode: item.mode });
    const typed = cell?.kind === "answer" ? cell.answer.typed : undefined;
    if (!item || typed === undefined) return;
    let isStale = false;
    const body = { wordIndex: item.index, mode: item.mode, typed };
    call("POST /api/sessions/:sessionId/verdicts", { params: { sessionId }, body }).then(
      (verdict) => {
        if (!isStale) setTold({ text, words: typedVerdictWords(verdict, item.mode) });
      },
      // It is judged when it is stored.
      () => undefined,
    );
    return () => {
      isStale = true;
    };
  }, [sessionId, item, text]);
  return item && told.text === text ? told.words : "";
}
