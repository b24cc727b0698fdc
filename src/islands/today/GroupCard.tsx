import { useState } from "react";
import { Select } from "../../components/ui/Select.tsx";
import { fewOf } from "../../components/words/counted.ts";
import { saidMoment } from "../../components/words/dates.ts";
import { proposalWords } from "../../components/words/focus-words.ts";
import type { GroupProposal } from "../../server/evidence/proposals.ts";
import type { Group } from "../../server/groups/groups.ts";
import type { SequenceChoice, TodayCard } from "../../server/groups/today-page.ts";
import { call } from "../shared/client.ts";
import { useAutosave, WAITING } from "../shared/use-autosave.ts";
import { ProposalItem } from "./ProposalItem.tsx";
import { StepSelect } from "./StepSelect.tsx";

/** Where a group stands in an order of teaching. */
type GroupStep = Pick<Group, "sequenceId" | "step">;

interface Props {
  readonly card: TodayCard;
  readonly sequences: readonly SequenceChoice[];
}

/** Learners named on the card. */
const NAMED = 6;

/** A group: where it stands (and moving it on), last time, what to work on next, and the ways on. */
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
  const [proposals, setProposals] = useState(card.proposals);
  const [wasPutOff, setWasPutOff] = useState<GroupProposal>();
  const putOff = async (proposal: GroupProposal) => {
    try {
      await call("PUT /api/groups/:groupId/put-off", {
        params: { groupId: group.id },
        query: { focusId: proposal.id },
      });
      setProposals((now) => now.filter(({ id }) => id !== proposal.id));
      setWasPutOff(proposal);
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  const takeUp = async ({ id }: GroupProposal) => {
    try {
      await call("DELETE /api/groups/:groupId/put-off", { params: { groupId: group.id }, query: { focusId: id } });
      setProposals((now) => card.proposals.filter((one) => one.id === id || now.includes(one)));
      setWasPutOff(undefined);
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  const move = (to: GroupStep) => {
    show(to);
    autosave.save(to);
  };

  return (
    <article aria-label={group.name} className="flex min-w-0 flex-col rounded-xl border border-rule bg-sheet p-5">
      <header className="flex flex-wrap items-baseline justify-between gap-x-3">
        <h2 className="text-xl font-bold">
          {group.name}
          {group.isDemo && (
            <span className="ml-2 rounded border border-rule px-1.5 py-0.5 align-middle font-normal text-[13px] text-quiet">
              made up
            </span>
          )}
        </h2>
        <span className="text-quiet">
          {fewOf(
            group.learners.map((l) => l.nickname),
            NAMED,
          ) || "no learners yet"}
        </span>
      </header>

      <div className="mt-4 grid gap-2 sm:grid-cols-2">
        <Select
          label="Order of teaching"
          value={group.sequenceId}
          choices={sequences.map(({ id }) => id)}
          nameOf={(id) => sequences.find((one) => one.id === id)?.name ?? id}
          onChange={(sequenceId) => move({ sequenceId, step: 1 })}
        />
        <StepSelect steps={steps} step={group.step} onStep={(step) => move({ sequenceId: group.sequenceId, step })} />
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
          <dt className="label">To work on next</dt>
          <dd>
            {proposals.length === 0 && (
              <span className="text-quiet">Nothing in the records calls for it: go on with what is newest.</span>
            )}
            {wasPutOff && (
              <p role="status" className="flex flex-wrap items-center gap-x-2 text-quiet">
                <span>
                  <span className="font-learner">{proposalWords(wasPutOff).letters}</span> is put off, and stays off.
                </span>
                <button type="button" className="button" onClick={() => void takeUp(wasPutOff)}>
                  Undo
                </button>
              </p>
            )}
            <ul className="divide-y divide-hairline">
              {proposals.map((proposal, k) => (
                <ProposalItem
                  key={proposal.id}
                  proposal={proposal}
                  group={group}
                  isFirst={k === 0}
                  onPutOff={(one) => void putOff(one)}
                />
              ))}
            </ul>
          </dd>
        </div>
      </dl>

      <div className="mt-5 flex flex-wrap gap-2">
        <a
          className={`button flex items-center ${proposals.length === 0 ? "button-main" : ""}`}
          href={`/bench?group=${group.id}`}
        >
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
