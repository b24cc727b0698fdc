import { format, parseISO } from "date-fns";
import { AlertDialog } from "radix-ui";
import { useState } from "react";
import type { RoutineHandle } from "./use-routine.ts";

/** The daily routine: opened, saved, or taken away. */
export function RoutinePanel({ routine, hasParts }: { routine: RoutineHandle; hasParts: boolean }) {
  const [title, setTitle] = useState("");
  const { routines, open } = routine;
  return (
    <section className="border-t border-hairline pt-4">
      <h2 className="label mb-1.5">Daily routine</h2>
      {routines.length > 0 && (
        <select
          aria-label="Daily routine"
          className="field"
          value={open?.id ?? ""}
          onChange={(event) => void routine.choose(event.target.value)}
        >
          <option value="">none open</option>
          {routines.map(({ id, title }) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </select>
      )}
      {open ? (
        <>
          <p className="mt-2 text-[14px] text-quiet">
            Filled for {format(parseISO(routine.day), "EEEE d MMMM")}. No item of the last seven days comes again.
          </p>
          {routine.changed && (
            <button type="button" className="button mt-2 w-full" onClick={() => void routine.update()}>
              Keep these skills in the routine
            </button>
          )}
          <RemoveRoutine title={open.title} onRemove={() => void routine.remove()} />
        </>
      ) : (
        <form
          className="mt-2 flex gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void routine.saveAs(title);
            setTitle("");
          }}
        >
          <input
            aria-label="Name of the routine"
            className="field"
            placeholder="Name"
            maxLength={60}
            value={title}
            onChange={(event) => setTitle(event.target.value)}
          />
          <button type="submit" className="button" disabled={!hasParts || title.trim() === ""}>
            Keep as routine
          </button>
        </form>
      )}
    </section>
  );
}

function RemoveRoutine({ title, onRemove }: { title: string; onRemove: () => void }) {
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger asChild>
        <button type="button" className="button mt-2">
          Delete this routine
        </button>
      </AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <AlertDialog.Content className="fixed top-1/3 left-1/2 z-40 w-96 -translate-x-1/2 rounded-xl border border-rule bg-sheet p-5 shadow-lg">
          <AlertDialog.Title className="text-lg font-bold">Delete “{title}”?</AlertDialog.Title>
          <AlertDialog.Description className="mt-1 text-quiet">
            Its days go with it. Saved sets stay.
          </AlertDialog.Description>
          <div className="mt-4 flex justify-end gap-2">
            <AlertDialog.Cancel asChild>
              <button type="button" className="button">
                Keep it
              </button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <button type="button" className="button button-main" onClick={onRemove}>
                Delete
              </button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
