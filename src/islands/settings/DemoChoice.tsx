import { useState } from "react";
import { ConfirmDialog } from "../../components/ui/ConfirmDialog.tsx";
import { call } from "../shared/client.ts";

interface Props {
  readonly isOpen: boolean;
  /** What is said of it, where that is not what the demo is. */
  readonly about?: string;
}

const ABOUT =
  "A made-up reading room in a harbour town: three groups under nicknames, weeks of lessons and what was read in them. It stands apart from your own groups, and goes with one press.";

/** Opens the made-up reading room, or throws it away; then the screen is drawn anew. */
export function DemoChoice({ isOpen, about = ABOUT }: Props) {
  const [isBusy, setBusy] = useState(false);
  const [failure, setFailure] = useState("");
  const during = async (work: () => Promise<unknown>, next: () => void) => {
    setBusy(true);
    setFailure("");
    try {
      await work();
      next();
    } catch (error) {
      setFailure((error as Error).message);
      setBusy(false);
    }
  };
  const open = () =>
    during(
      () => call("POST /api/demo"),
      () => location.assign("/"),
    );
  const throwAway = () =>
    during(
      () => call("DELETE /api/demo"),
      () => location.reload(),
    );
  return (
    <div>
      <p className="text-quiet">{about}</p>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        {isOpen ? (
          <ConfirmDialog
            title="Throw the demo away?"
            description="Its groups go, and whatever you tried in them. Your own groups stay as they are. For ten minutes “Open the demo” brings it back as it was."
            trigger={
              <button type="button" className="button" disabled={isBusy}>
                Throw the demo away
              </button>
            }
            confirm="Throw it away"
            cancel="Keep it"
            onConfirm={() => void throwAway()}
          />
        ) : (
          <button type="button" className="button" disabled={isBusy} onClick={() => void open()}>
            Open the demo
          </button>
        )}
        <span role="status" className="text-quiet">
          {isBusy && !isOpen && "Its lessons are being made: a few seconds."}
        </span>
      </div>
      {failure && (
        <p role="alert" className="mt-2 text-again">
          {failure}
        </p>
      )}
    </div>
  );
}
