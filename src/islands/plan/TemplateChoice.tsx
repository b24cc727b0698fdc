import { Dialog } from "radix-ui";
import { useState } from "react";
import { toast } from "sonner";
import type { LessonTemplate } from "../../core/light.ts";
import { call } from "../shared/client.ts";

export type TemplateEntry = Pick<LessonTemplate, "id" | "name"> & { readonly shipped: boolean };

interface Props {
  readonly groupId: string;
  readonly templates: readonly TemplateEntry[];
  readonly chosen: string;
  readonly canKeep: boolean;
  /** Whether the plan is kept as it is shown. */
  readonly settled: () => Promise<boolean>;
  readonly onChoose: (id: string) => void;
  readonly onTemplates: (templates: readonly TemplateEntry[]) => void;
}

/** Which line of activities the lesson is drafted by; the present one can be kept for other lessons. */
export function TemplateChoice({ groupId, templates, chosen, canKeep, settled, onChoose, onTemplates }: Props) {
  const [naming, setNaming] = useState(false);
  const canRemove = templates.find(({ id }) => id === chosen)?.shipped === false;
  const keep = async (name: string) => {
    if (!(await settled())) return;
    try {
      const made = await call<LessonTemplate>("POST", "/api/templates", { name, groupId });
      onTemplates([{ id: made.id, name: made.name, shipped: false }, ...templates]);
      onChoose(made.id);
      setNaming(false);
      toast.success(`Kept as a template: ${made.name}`);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  const remove = async () => {
    try {
      await call("DELETE", `/api/templates/${chosen}`);
      const rest = templates.filter(({ id }) => id !== chosen);
      onTemplates(rest);
      onChoose(rest.find((one) => one.shipped)?.id ?? "");
      toast("The template is gone. Lessons made from it stay.");
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  return (
    <>
      <label className="flex items-center gap-2">
        <span className="label">By</span>
        <select className="field w-56" value={chosen} onChange={(event) => onChoose(event.target.value)}>
          {templates.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {canKeep && (
        <button type="button" className="button font-normal" onClick={() => setNaming(true)}>
          Keep as a template…
        </button>
      )}
      {canRemove && (
        <button type="button" className="button font-normal" onClick={() => void remove()}>
          Take this template out
        </button>
      )}
      <Dialog.Root open={naming} onOpenChange={setNaming}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
          <Dialog.Content
            aria-describedby={undefined}
            className="fixed top-1/3 left-1/2 z-20 w-[min(440px,94vw)] -translate-x-1/2 rounded-xl bg-sheet p-6 shadow-2xl"
          >
            <Dialog.Title className="text-xl font-bold">Keep as a template</Dialog.Title>
            <p className="mt-1 text-quiet">
              The line of activities, without its words: every draft by it is filled anew.
            </p>
            <form
              className="mt-3 flex gap-2"
              onSubmit={(event) => {
                event.preventDefault();
                void keep(String(new FormData(event.currentTarget).get("name") ?? ""));
              }}
            >
              <input name="name" required maxLength={60} aria-label="Name of the template" className="field flex-1" />
              <button type="submit" className="button button-main">
                Keep
              </button>
            </form>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
