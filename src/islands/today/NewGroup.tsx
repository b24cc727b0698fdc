import { Dialog } from "radix-ui";
import { useState } from "react";
import type { SequenceChoice } from "../../server/groups/today-page.ts";
import { call } from "../shared/client.ts";

/** Adds a group: a name, where it stands, nicknames one a line. */
export default function NewGroup({ sequences }: { readonly sequences: readonly SequenceChoice[] }) {
  const [sequenceId, setSequenceId] = useState(sequences[0]?.id ?? "");
  const [failure, setFailure] = useState("");
  const submit = async (form: HTMLFormElement) => {
    const data = new FormData(form);
    const nicknames = String(data.get("learners"))
      .split("\n")
      .map((line) => line.trim())
      .filter(Boolean);
    try {
      await call("POST", "/api/groups", {
        name: data.get("name"),
        sequenceId,
        step: Number(data.get("step")),
        learners: nicknames,
      });
      location.reload();
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  return (
    <Dialog.Root>
      <Dialog.Trigger className="button">New group</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-ink/40" />
        <Dialog.Content className="fixed left-1/2 top-1/2 w-[min(440px,92vw)] -translate-x-1/2 -translate-y-1/2 rounded-xl bg-sheet p-6">
          <Dialog.Title className="text-xl font-bold">New group</Dialog.Title>
          <Dialog.Description className="mt-1 text-quiet">
            Nicknames only: no full names, birth dates or photos. Follow your school's own data rules.
          </Dialog.Description>
          <form
            className="mt-4 space-y-3"
            onSubmit={(event) => {
              event.preventDefault();
              submit(event.currentTarget);
            }}
          >
            <label className="block">
              <span className="label mb-1">Name</span>
              <input name="name" required maxLength={60} className="field" />
            </label>
            <label className="block">
              <span className="label mb-1">Order of teaching</span>
              <select className="field" value={sequenceId} onChange={(event) => setSequenceId(event.target.value)}>
                {sequences.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            <label className="block">
              <span className="label mb-1">Taught up to</span>
              <select name="step" className="field">
                {sequences
                  .find(({ id }) => id === sequenceId)
                  ?.steps.map((name, k) => (
                    <option key={name} value={k + 1}>
                      {k + 1} · {name}
                    </option>
                  ))}
              </select>
            </label>
            <label className="block">
              <span className="label mb-1">Learners' nicknames, one a line</span>
              <textarea name="learners" rows={4} className="field" />
            </label>
            {failure && (
              <p role="alert" className="text-again">
                {failure}
              </p>
            )}
            <div className="flex justify-end gap-2">
              <Dialog.Close className="button">Cancel</Dialog.Close>
              <button type="submit" className="button button-main">
                Add group
              </button>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
