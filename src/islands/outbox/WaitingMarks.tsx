import { useEffect } from "react";
import { waitingText } from "../../components/words/outbox-words.ts";
import { tellTimeZone } from "../shared/tell-time-zone.ts";
import { pageOutbox, useOutboxState } from "./page-outbox.ts";

/** Says on every screen how many marks are not stored yet; nothing when all are. Sends them, whatever screen it is. */
export default function WaitingMarks() {
  const state = useOutboxState();
  useEffect(() => {
    void pageOutbox().flush();
    void tellTimeZone();
  }, []);
  const lines = waitingText(state);
  // Announced, but no `status`: that is the screen's own.
  return (
    <div
      aria-live="polite"
      className={
        lines.length === 0
          ? ""
          : "fixed bottom-3 left-3 z-40 max-w-96 rounded-xl border border-rule bg-sheet px-4 py-3 shadow-md print:hidden"
      }
    >
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
      {(state.refused.length > 0 || state.late > 0) && (
        <button type="button" className="button mt-2" onClick={() => void pageOutbox().forgetSeen()}>
          I have seen it
        </button>
      )}
    </div>
  );
}
