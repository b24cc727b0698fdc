import { useState } from "react";
import { toast } from "sonner";
import { Dialog } from "../../components/ui/Dialog.tsx";
import { Select } from "../../components/ui/Select.tsx";
import type { LessonTemplate } from "../../core/light.ts";
import { call } from "../shared/client.ts";
import { useLazy } from "../shared/use-lazy.ts";

/** The form with its checks is seldom wanted. */
const loadName = () => import("./TemplateName.tsx").then((module) => module.TemplateName);

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
  const { part: TemplateName, failed, request } = useLazy(loadName);
  const canRemove = templates.find(({ id }) => id === chosen)?.shipped === false;
  const keep = async (name: string) => {
    if (!(await settled())) return;
    try {
      const made = await call("POST /api/templates", { body: { name, groupId } });
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
      await call("DELETE /api/templates/:templateId", { params: { templateId: chosen } });
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
      <span className="flex items-center gap-2">
        <span className="label" aria-hidden>
          By
        </span>
        <Select
          label="By"
          labelPlace="hidden"
          className="field w-56"
          value={chosen}
          choices={templates.map(({ id }) => id)}
          nameOf={(id) => templates.find((one) => one.id === id)?.name ?? id}
          onChange={onChoose}
        />
      </span>
      {canKeep && (
        <button
          type="button"
          className="button font-normal"
          onClick={() => {
            request();
            setNaming(true);
          }}
        >
          Keep as a template…
        </button>
      )}
      {canRemove && (
        <button type="button" className="button font-normal" onClick={() => void remove()}>
          Take this template out
        </button>
      )}
      <Dialog
        title="Keep as a template"
        description="The line of activities, without its words: every draft by it is filled anew."
        open={naming}
        onOpenChange={setNaming}
      >
        {TemplateName ? (
          <TemplateName onName={keep} />
        ) : (
          failed && <p role="alert">No answer from the server: close this, and try again.</p>
        )}
      </Dialog>
    </>
  );
}
