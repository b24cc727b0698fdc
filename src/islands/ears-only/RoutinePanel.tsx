import { zodResolver } from "@hookform/resolvers/zod";
import { useForm } from "react-hook-form";
import { ConfirmDialog } from "../../components/ui/ConfirmDialog.tsx";
import { Select } from "../../components/ui/Select.tsx";
import { saidDay } from "../../components/words/dates.ts";
import { newRoutineInput } from "../../schemas/routines.ts";
import type { RoutineHandle } from "./use-routine.ts";

/** The daily routine: opened, saved, or taken away. */
export function RoutinePanel({ routine, hasParts }: { routine: RoutineHandle; hasParts: boolean }) {
  const { routines, open } = routine;
  return (
    <section className="border-t border-hairline pt-4">
      <h2 className="label mb-1.5">Daily routine</h2>
      {routines.length > 0 && (
        <Select
          label="Daily routine"
          labelPlace="hidden"
          value={open?.id ?? ""}
          choices={routines.map(({ id }) => id)}
          nameOf={(id) => routines.find((one) => one.id === id)?.title ?? id}
          placeholder="none open"
          canClear
          onChange={(id) => void routine.choose(id)}
        />
      )}
      {open ? (
        <>
          <p className="mt-2 text-[14px] text-quiet">
            Filled for {saidDay(routine.day, "long")}. No item of the last seven days comes again.
          </p>
          {routine.changed && (
            <button type="button" className="button mt-2 w-full" onClick={() => void routine.update()}>
              Keep these skills in the routine
            </button>
          )}
          <ConfirmDialog
            title={`Delete “${open.title}”?`}
            description="Its days go with it. Saved sets stay."
            trigger={
              <button type="button" className="button mt-2">
                Delete this routine
              </button>
            }
            confirm="Delete"
            cancel="Keep it"
            onConfirm={() => void routine.remove()}
          />
        </>
      ) : (
        <NameForm hasParts={hasParts} onName={(title) => routine.saveAs(title)} />
      )}
    </section>
  );
}

const nameSchema = newRoutineInput.pick({ title: true });

function NameForm(props: { readonly hasParts: boolean; readonly onName: (title: string) => Promise<unknown> }) {
  const { register, handleSubmit, reset, watch } = useForm({
    resolver: zodResolver(nameSchema),
    defaultValues: { title: "" },
  });
  return (
    <form
      className="mt-2 flex gap-2"
      onSubmit={handleSubmit(async ({ title }) => {
        await props.onName(title);
        reset();
      })}
    >
      <input
        {...register("title")}
        aria-label="Name of the routine"
        className="field"
        placeholder="Name"
        maxLength={60}
        autoComplete="off"
      />
      <button type="submit" className="button" disabled={!props.hasParts || watch("title").trim() === ""}>
        Keep as routine
      </button>
    </form>
  );
}
