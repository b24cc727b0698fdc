import { zodResolver } from "@hookform/resolvers/zod";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { Dialog } from "../../components/ui/Dialog.tsx";
import { Field } from "../../components/ui/Field.tsx";

/** A name that is asked for: a group's, a learner's, a title. */
export interface Naming {
  readonly title: string;
  readonly label: string;
  readonly first: string;
  readonly confirm: string;
  /** As the endpoint takes it. */
  readonly field: z.ZodType<string, string>;
  /** @throws RequestError what is wrong is shown under the field */
  readonly send: (name: string) => Promise<void>;
}

interface Props {
  readonly naming: Naming;
  readonly onClose: () => void;
}

/** Asks for one name. */
export function NameDialog({ naming, onClose }: Props) {
  const { register, handleSubmit, setError, formState } = useForm({
    resolver: zodResolver(z.object({ name: naming.field })),
    defaultValues: { name: naming.first },
  });
  const submit = handleSubmit(async ({ name }) => {
    try {
      await naming.send(name);
      onClose();
    } catch (error) {
      setError("name", { message: (error as Error).message });
    }
  });
  return (
    <Dialog title={naming.title} open onOpenChange={(open) => !open && onClose()}>
      <form onSubmit={submit} className="mt-3">
        <Field label={naming.label} error={formState.errors.name?.message}>
          {(ids) => <input {...ids} {...register("name")} className="field" autoComplete="off" />}
        </Field>
        <div className="mt-4 flex justify-end gap-2">
          <button type="button" className="button min-h-11" onClick={onClose}>
            Cancel
          </button>
          <button type="submit" className="button button-main min-h-11" disabled={formState.isSubmitting}>
            {naming.confirm}
          </button>
        </div>
      </form>
    </Dialog>
  );
}
