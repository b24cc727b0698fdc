import { useState } from "react";
import { Select } from "../../components/ui/Select.tsx";
import { saidMoment } from "../../components/words/dates.ts";
import { soundName } from "../../components/words/sounds.ts";
import type { Group } from "../../server/groups/groups.ts";
import type { SequenceChoice, TodayCard } from "../../server/groups/today-page.ts";
import { call } from "../shared/client.ts";
import { useAutosave, WAITING } from "../shared/use-autosave.ts";

/** Where a group stands in an order of teaching. */
type GroupStep = Pick<Group, "sequenceId" | "step">;

interface Props {
  readonly card: TodayCard;
  readonly sequences: readonly SequenceChoice[];
}

/** A group: where it stands (and moving it on), last time, what was mixed up, and the way to today's chain. */
export default function GroupCard({ card, sequences }: Props) {
  const [group, setGroup] = useState<Group>(card.group);
  const [failure, setFailure] = useState("");
  const steps = sequences.find(({ id }) => id === group.sequenceId)?.steps ?? [];

  const show = (to: GroupStep) => setGroup((now) => ({ ...now, ...to }));
  const autosave = useAutosave<GroupStep, Group>({
    name: `zip-step step ${group.id}`,
    stored: { sequenceId: group.sequenceId, step: group.step },
    send: (to) => call("PATCH /api/groups/:groupId", { params: { groupId: group.id }, body: to, outlive: true }),
    onRestored: show,
    onSaved: () => setFailure(""),
    onRefused: (error) => {
      show(autosave.stored);
      setFailure(error.message);
    },
    onWaiting: () => setFailure(WAITING),
  });
  const move = (to: GroupStep) => {
    show(to);
    autosave.save(to);
  };

  return (
    <article aria-label={group.name} className="flex min-w-0 flex-col rounded-xl border border-rule bg-sheet p-5">
      <header className="flex flex-wrap items-baseline justify-between gap-x-3">
        <h2 className="text-xl font-bold">{group.name}</h2>
        <span className="text-quiet">{group.learners.map((l) => l.nickname).join(", ") || "no learners yet"}</span>
      </header>

      <div className="mt-4 grid gap-2 sm:grid-cols-2">
        <Select
          label="Order of teaching"
          value={group.sequenceId}
          choices={sequences.map(({ id }) => id)}
          nameOf={(id) => sequences.find((one) => one.id === id)?.name ?? id}
          onChange={(sequenceId) => move({ sequenceId, step: 1 })}
        />
        <Select
          label="Taught up to"
          value={String(group.step)}
          choices={steps.map((_, k) => String(k + 1))}
          nameOf={(step) => `${step} · ${steps[Number(step) - 1]}`}
          onChange={(step) => move({ sequenceId: group.sequenceId, step: Number(step) })}
        />
      </div>
      {failure && (
        <p role="alert" className="mt-2 text-again">
          {failure}
        </p>
      )}

      <dl className="mt-4 flex-1 space-y-3">
        <div>
          <dt className="label">Last time</dt>
          <dd>
            {card.last ? (
              <>
                <span className="font-learner text-[17px]">{card.last.title}</span>
                <span className="text-quiet"> · {saidMoment(card.last.startedAt, "long")}</span>
                {!card.last.endedAt && (
                  <a className="ml-2 font-semibold underline" href={`/teach/${card.last.id}`}>
                    go on with it
                  </a>
                )}
              </>
            ) : (
              <span className="text-quiet">Nothing taught yet.</span>
            )}
          </dd>
        </div>
        <div>
          <dt className="label">What was mixed up</dt>
          <dd>
            {card.substitutions.length === 0 && <span className="text-quiet">No pattern in the records so far.</span>}
            <ul>
              {card.substitutions.map((substitution) => (
                <li key={`${substitution.learner} ${substitution.grapheme}`}>
                  <a className="hover:underline" href={`/evidence?group=${group.id}&learner=${substitution.learnerId}`}>
                    {substitution.learner}: <b className="font-learner text-[17px]">{substitution.grapheme}</b> read as{" "}
                    {soundName(substitution.said)}
                    <span className="text-quiet">
                      {" "}
                      · {substitution.times} of {substitution.chances} chances
                    </span>
                  </a>
                </li>
              ))}
            </ul>
          </dd>
        </div>
      </dl>

      <div className="mt-5 flex flex-wrap gap-2">
        <a className="button button-main flex items-center" href={`/bench?group=${group.id}`}>
          Make a chain
        </a>
        <a className="button flex items-center" href={`/plan?group=${group.id}`}>
          Plan the lesson
        </a>
        <a className="button flex items-center" href={`/evidence?group=${group.id}`}>
          Evidence
        </a>
      </div>
    </article>
  );
}
