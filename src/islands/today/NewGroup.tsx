import { zodResolver } from "@hookform/resolvers/zod";
import { useForm } from "react-hook-form";
import { Dialog, DialogClose } from "../../components/ui/Dialog.tsx";
import { Field } from "../../components/ui/Field.tsx";
import type { SequenceChoice } from "../../server/groups/today-page.ts";
import { call } from "../shared/client.ts";
import { typedGroup } from "./typed-group.ts";

/** Adds a group: a name, where it stands, nicknames one a line. */
export default function NewGroup({ sequences }: { readonly sequences: readonly SequenceChoice[] }) {
  return (
    <Dialog
      title="New group"
      description="Nicknames only: no full names, birth dates or photos. Follow your school's own data rules."
      trigger={
        <button type="button" className="button">
          New group
        </button>
      }
    >
      <GroupForm sequences={sequences} />
    </Dialog>
  );
}

function GroupForm({ sequences }: { readonly sequences: readonly SequenceChoice[] }) {
  const { register, handleSubmit, watch, setError, formState } = useForm({
    resolver: zodResolver(typedGroup),
    defaultValues: { name: "", sequenceId: sequences[0]?.id ?? "", step: "1", learners: "" },
  });
  const { errors, isSubmitting } = formState;
  const steps = sequences.find(({ id }) => id === watch("sequenceId"))?.steps ?? [];
  const add = handleSubmit(async (group) => {
    try {
      await call("POST /api/groups", { body: group });
      location.reload();
    } catch (error) {
      setError("root", { message: (error as Error).message });
    }
  });
  // A fault of one nickname is a fault of the list.
  const inLearners = [errors.learners].flat().find(Boolean);
  return (
    <form className="mt-4 space-y-3" onSubmit={add}>
      <Field label="Name" error={errors.name?.message}>
        {(ids) => <input {...ids} {...register("name")} className="field" autoComplete="off" />}
      </Field>
      <Field label="Order of teaching" error={errors.sequenceId?.message}>
        {(ids) => (
          <select {...ids} {...register("sequenceId")} className="field">
            {sequences.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Taught up to" error={errors.step?.message}>
        {(ids) => (
          <select {...ids} {...register("step")} className="field">
            {steps.map((name, k) => (
              <option key={name} value={k + 1}>
                {k + 1} · {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Learners' nicknames, one a line" error={inLearners?.message}>
        {(ids) => <textarea {...ids} {...register("learners")} rows={4} className="field" />}
      </Field>
      {errors.root && (
        <p role="alert" className="text-again">
          {errors.root.message}
        </p>
      )}
      <div className="flex justify-end gap-2">
        <DialogClose>Cancel</DialogClose>
        <button type="submit" className="button button-main" disabled={isSubmitting}>
          Add group
        </button>
      </div>
    </form>
  );
}
