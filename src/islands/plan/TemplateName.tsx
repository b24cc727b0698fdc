import { zodResolver } from "@hookform/resolvers/zod";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { Field } from "../../components/ui/Field.tsx";
import { titleField } from "../../schemas/saved.ts";

const nameSchema = z.object({ name: titleField });

/** Asks for the name of a template. */
export function TemplateName({ onName }: { readonly onName: (name: string) => Promise<void> }) {
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(nameSchema),
    defaultValues: { name: "" },
  });
  const { errors, isSubmitting } = formState;
  return (
    <form className="mt-3 flex items-end gap-2" onSubmit={handleSubmit(({ name }) => onName(name))}>
      <Field label="Name of the template" error={errors.name?.message} className="flex-1">
        {(ids) => <input {...ids} {...register("name")} className="field" autoComplete="off" />}
      </Field>
      <button type="submit" className="button button-main" disabled={isSubmitting}>
        Keep
      </button>
    </form>
  );
}
