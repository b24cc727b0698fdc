import { zodResolver } from "@hookform/resolvers/zod";
import { useForm } from "react-hook-form";
import { DialogClose } from "../../components/ui/Dialog.tsx";
import { Field } from "../../components/ui/Field.tsx";
import { ACTIVITY_WORDS } from "../../components/words/activity-words.ts";
import type { ActivityKind } from "../../core/light.ts";
import { addKindInput } from "../../schemas/plans.ts";

const textSchema = addKindInput.pick({ text: true }).required();

/** Asks for what a teacher has to type for an activity: a text, something of their own. */
export function OwnText(props: {
  readonly kind: ActivityKind;
  readonly busy: boolean;
  readonly onText: (text: string) => Promise<void>;
}) {
  const { label = "", help = "" } = ACTIVITY_WORDS[props.kind].typed ?? {};
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(textSchema),
    defaultValues: { text: "" },
  });
  return (
    <form className="mt-3" onSubmit={handleSubmit(({ text }) => props.onText(text))}>
      <Field label={label} error={formState.errors.text?.message} help={help}>
        {(ids) => (
          <textarea
            {...ids}
            {...register("text", { required: true })}
            rows={4}
            className={`field ${props.kind === "text" ? "font-learner text-[19px]" : ""}`}
          />
        )}
      </Field>
      <div className="mt-3 flex justify-end gap-2">
        <DialogClose>Cancel</DialogClose>
        <button type="submit" className="button button-main" disabled={props.busy}>
          Put it in
        </button>
      </div>
    </form>
  );
}
