import { useState } from "react";
import type { NewSessionInput } from "../../schemas/sessions.ts";
import { call } from "../shared/client.ts";

/** Begins a lesson that was taught from paper, and opens its grid. */
export function BeginPaper({ what }: { readonly what: NewSessionInput }) {
  const [busy, setBusy] = useState(false);
  const [failure, setFailure] = useState("");
  const begin = async () => {
    setBusy(true);
    try {
      const { id } = await call("POST /api/sessions", { body: what });
      location.assign(`/teach/${id}/paper?begun`);
    } catch (error) {
      setFailure((error as Error).message);
      setBusy(false);
    }
  };
  return (
    <>
      <button type="button" className="button" disabled={busy} onClick={() => void begin()}>
        Mark from paper
      </button>
      {failure && (
        <p role="alert" className="text-again">
          {failure}
        </p>
      )}
    </>
  );
}
