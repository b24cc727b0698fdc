import { zodResolver } from "@hookform/resolvers/zod";
import { type ReactNode, useState } from "react";
import { useForm } from "react-hook-form";
import { Field } from "../../components/ui/Field.tsx";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { ACCENT_NAME } from "../../components/words/accent-words.ts";
import { counted } from "../../components/words/counted.ts";
import { ACCENTS, type Accent, type SchoolSettings, writtenSounds } from "../../core/light.ts";
import type { SequenceChoice } from "../../server/groups/today-page.ts";
import type { AccentSample } from "../../server/school/where-it-stands.ts";
import { DemoChoice } from "../settings/DemoChoice.tsx";
import { call } from "../shared/client.ts";
import { nicknamesIn, typedGroup } from "./typed-group.ts";
import { WhereItStands } from "./WhereItStands.tsx";

interface Props {
  readonly sequences: readonly SequenceChoice[];
  readonly school: SchoolSettings;
  readonly samples: Readonly<Record<Accent, readonly AccentSample[]>>;
  /** The demo is there already. */
  readonly isDemoOpen: boolean;
}

/** Steps of an order that its picture shows. */
const STEPS_SHOWN = 9;
const NAMES_SHOWN = 8;

/** A new installation: four choices, each with a picture of what it changes, then the first chain. */
export default function FirstMinute({ sequences, school, samples, isDemoOpen }: Props) {
  const [accent, setAccent] = useState(school.accent.accent);
  const { register, handleSubmit, watch, setValue, setError, formState } = useForm({
    resolver: zodResolver(typedGroup),
    defaultValues: { name: "", sequenceId: sequences[0]?.id ?? "", step: "1", learners: "" },
  });
  const { errors, isSubmitting, isSubmitSuccessful } = formState;
  const typed = watch();
  const sequence = sequences.find(({ id }) => id === typed.sequenceId);
  const nicknames = nicknamesIn(typed.learners);
  const inLearners = [errors.learners].flat().find(Boolean);

  const begin = handleSubmit(async (group) => {
    try {
      if (accent !== school.accent.accent)
        await call("PUT /api/school", { body: { ...school, accent: { ...school.accent, accent }, base: school } });
      const { id } = await call("POST /api/groups", { body: group });
      location.assign(`/bench?group=${id}`);
    } catch (error) {
      setError("root", { message: (error as Error).message });
    }
  });

  return (
    <form onSubmit={begin} aria-label="The first minute">
      {!isDemoOpen && (
        <section aria-label="The demo" className="mb-5 rounded-xl border border-rule bg-sheet px-5 py-4">
          <DemoChoice
            isOpen={false}
            about="Only looking? A made-up reading room shows weeks of lessons and what came of them. It goes with one press."
          />
        </section>
      )}
      <p className="text-lg">Four choices, and the first chain stands. Each can be changed later.</p>
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-5 lg:grid-cols-2">
        <Choice number={1} title="How words sound here">
          <SegmentedChoice label="Accent" value={accent} choices={ACCENTS} names={ACCENT_NAME} onChange={setAccent} />
          <p className="mt-3 text-[14px] text-quiet">
            It decides which words sound alike, and how their sounds are written.
          </p>
          <ul className="mt-3 grid grid-cols-3 gap-2" aria-label="Words in this accent">
            {samples[accent].map(({ word, phonemes }) => (
              <li key={word} className="rounded-lg border border-hairline px-2 py-3 text-center">
                <b className="block font-learner text-[24px] font-normal">{word}</b>
                <span className="text-[14px] text-quiet">
                  {writtenSounds(phonemes, { style: school.soundStyle, accent })}
                </span>
              </li>
            ))}
          </ul>
        </Choice>
        <Choice number={2} title="The order in which you teach">
          <div role="radiogroup" aria-label="Order of teaching" className="grid gap-2">
            {sequences.map(({ id, name, steps }) => (
              <label
                key={id}
                className="flex min-h-11 cursor-pointer items-start gap-3 rounded-lg border border-rule px-3 py-2 has-checked:border-ink has-checked:bg-good-soft"
              >
                <input
                  type="radio"
                  value={id}
                  {...register("sequenceId", { onChange: () => setValue("step", "1") })}
                  className="mt-1.5 size-4 shrink-0"
                />
                <span className="min-w-0">
                  <b>{name}</b> <span className="text-quiet">· {steps.length} steps</span>
                  <span className="flex flex-wrap gap-x-3 font-learner text-[17px] leading-snug">
                    {steps.slice(0, STEPS_SHOWN).map((step) => (
                      <span key={step} className="whitespace-nowrap">
                        {step}
                      </span>
                    ))}
                    …
                  </span>
                </span>
              </label>
            ))}
          </div>
        </Choice>
        <Choice number={3} title="A group">
          <div className="grid gap-3">
            <Field label="Name of the group" error={errors.name?.message}>
              {(ids) => <input {...ids} {...register("name")} className="field" autoComplete="off" />}
            </Field>
            <Field label="Learners' nicknames, one a line" error={inLearners?.message}>
              {(ids) => <textarea {...ids} {...register("learners")} rows={3} className="field" />}
            </Field>
          </div>
          <p className="mt-2 text-[14px] text-quiet">
            Nicknames only: no full names, birth dates or photos. Follow your school's own data rules.
          </p>
          <ul className="mt-3 flex min-h-11 flex-wrap gap-2" aria-label="As they are called on in a lesson">
            {nicknames.slice(0, NAMES_SHOWN).map((name, k) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: two learners may be called the same while it is typed
              <li key={k} className="flex min-h-11 items-center rounded-full border border-rule px-4 font-semibold">
                <span className="max-w-60 truncate" title={name}>
                  {name}
                </span>
              </li>
            ))}
            {nicknames.length > NAMES_SHOWN && (
              <li className="flex min-h-11 items-center text-quiet">
                and {counted(nicknames.length - NAMES_SHOWN, "other")}
              </li>
            )}
          </ul>
        </Choice>
        <Choice number={4} title="Where it stands">
          {sequence && (
            <WhereItStands
              key={sequence.id}
              sequence={sequence}
              step={Number(typed.step)}
              onStep={(step) => setValue("step", String(step))}
            />
          )}
        </Choice>
      </div>
      {errors.root && (
        <p role="alert" className="mt-4 text-again">
          {errors.root.message}
        </p>
      )}
      <div className="mt-5 flex flex-wrap items-center gap-x-5 gap-y-2">
        <button type="submit" className="button button-main" disabled={isSubmitting || isSubmitSuccessful}>
          Make the first chain
        </button>
        {sequence && (
          <p className="min-w-0 text-quiet">
            {typed.name.trim() || "The group"} · {sequence.name}, up to {typed.step}:{" "}
            {sequence.steps[Number(typed.step) - 1]}
          </p>
        )}
      </div>
    </form>
  );
}

interface ChoiceProps {
  readonly number: number;
  readonly title: string;
  readonly children: ReactNode;
}

function Choice({ number, title, children }: ChoiceProps) {
  return (
    <section aria-label={title} className="rounded-xl border border-rule bg-sheet p-5">
      <h2 className="mb-3 flex items-center gap-3 text-lg font-bold">
        <span className="grid size-8 shrink-0 place-items-center rounded-full border-2 border-ink text-[15px]">
          {number}
        </span>
        {title}
      </h2>
      {children}
    </section>
  );
}
