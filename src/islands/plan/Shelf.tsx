import { zodResolver } from "@hookform/resolvers/zod";
import { Plus } from "lucide-react";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { Dialog, DialogClose } from "../../components/ui/Dialog.tsx";
import { Field } from "../../components/ui/Field.tsx";
import { Menu, MenuGroup, MenuItem } from "../../components/ui/Menu.tsx";
import { ACTIVITY_WORDS, SHELVES } from "../../components/words/activity-words.ts";
import type { ActivityKind } from "../../core/light.ts";
import { addKindInput } from "../../schemas/plans.ts";

interface Props {
  readonly busy: boolean;
  readonly onAdd: (kind: ActivityKind, text?: string) => Promise<boolean>;
}

const typedOf = (kind: ActivityKind) => ACTIVITY_WORDS[kind].typed;

/** The shelf of activity kinds: one press puts one in, filled with the lesson's words. */
export function Shelf({ busy, onAdd }: Props) {
  const [typing, setTyping] = useState<ActivityKind>();
  return (
    <>
      <Menu
        isDisabled={busy}
        button={
          <>
            <Plus size={16} aria-hidden /> An activity
          </>
        }
      >
        {SHELVES.map(([name, kinds]) => (
          <MenuGroup key={name} name={name}>
            {kinds.map((kind) => (
              <MenuItem key={kind} onSelect={() => (typedOf(kind) ? setTyping(kind) : void onAdd(kind))}>
                {typedOf(kind) ? `${typedOf(kind)?.name}…` : ACTIVITY_WORDS[kind].name}
              </MenuItem>
            ))}
          </MenuGroup>
        ))}
      </Menu>
      <Dialog
        title={(typing && typedOf(typing)?.name) ?? ""}
        width="wide"
        open={typing !== undefined}
        onOpenChange={(open) => !open && setTyping(undefined)}
      >
        {typing && (
          <TextForm
            kind={typing}
            busy={busy}
            onText={async (text) => {
              if (await onAdd(typing, text)) setTyping(undefined);
            }}
          />
        )}
      </Dialog>
    </>
  );
}

const textSchema = addKindInput.pick({ text: true }).required();

function TextForm(props: {
  readonly kind: ActivityKind;
  readonly busy: boolean;
  readonly onText: (text: string) => Promise<void>;
}) {
  const { label = "", help = "" } = typedOf(props.kind) ?? {};
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
