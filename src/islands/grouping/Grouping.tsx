import { DndContext, type DragEndEvent, useDraggable, useDroppable } from "@dnd-kit/core";
import { useMemo, useState } from "react";
import { ConfirmDialog } from "../../components/ui/ConfirmDialog.tsx";
import { counted } from "../../components/words/counted.ts";
import { questionWords } from "../../components/words/evidence-words.ts";
import { type GroupFigures, groupFigures } from "../../core/light.ts";
import type { GroupingPage } from "../../server/groups/grouping.ts";
import { call } from "../shared/client.ts";
import { useDragSensors } from "../shared/drag-sensor.ts";
import { asTheyAre, countMoved, moved, type Part, partsOf } from "./arrangement.ts";

/** Groups by what learners need and where they stand: proposed, changed by hand with the figures following, then made. */
export default function Grouping(page: GroupingPage) {
  const [parts, setParts] = useState(() => (isAnythingKnown(page) ? partsOf(page) : asTheyAre(page)));
  const [failure, setFailure] = useState("");
  const sensors = useDragSensors();
  const people = useMemo(() => new Map(page.learners.map((one) => [one.id, one])), [page.learners]);
  const move = (learnerId: string, to: string) => setParts((now) => moved(now, learnerId, to));
  const movedCount = countMoved(parts, page);
  const make = async () => {
    const groups = parts
      .filter(({ learnerIds }) => learnerIds.length > 0)
      .map(({ groupId, name, sequenceId, step, learnerIds }) =>
        groupId === undefined ? { name, sequenceId, step, learnerIds } : { groupId, learnerIds },
      );
    try {
      await call("POST /api/groupings", { body: { groups } });
      location.assign("/people");
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  if (page.learners.length < 2)
    return (
      <p className="rounded-xl border border-rule bg-sheet p-8 text-center text-quiet">
        Two learners at least are needed. Add some on the Groups page.
      </p>
    );
  return (
    <>
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <button type="button" className="button" onClick={() => setParts(partsOf(page))}>
          As proposed
        </button>
        <button type="button" className="button" onClick={() => setParts(asTheyAre(page))}>
          As they are now
        </button>
        <button type="button" className="button" onClick={() => setParts((now) => [...now, newPart(now, page)])}>
          One more group
        </button>
        <ConfirmDialog
          title="Make these groups?"
          description={`${counted(movedCount, "learner")} will move, with all their records. A group that loses everybody stays, with its lessons. Moving back is the same again.`}
          confirm="Make the groups"
          cancel="Not yet"
          onConfirm={() => void make()}
          trigger={
            <button type="button" className="button button-main" disabled={movedCount === 0}>
              Make these groups
            </button>
          }
        />
        <span role="status" className="text-quiet">
          {failure || (movedCount === 0 ? "Nobody moves." : `${counted(movedCount, "learner")} would move.`)}
        </span>
      </div>
      {!isAnythingKnown(page) && (
        <p className="mb-4 max-w-prose">
          The records show nothing yet to group by. Teach and mark a few lessons, or probe a learner; until then groups
          are as they are. “As proposed” goes by how much was taught and by size alone.
        </p>
      )}
      <DndContext
        sensors={sensors}
        onDragEnd={({ active, over }: DragEndEvent) => over && move(String(active.id), String(over.id))}
      >
        <div className="grid grid-cols-[minmax(0,1fr)] gap-4 sm:grid-cols-2 lg:grid-cols-3">
          {parts.map((part) => (
            <PartCard
              key={part.key}
              part={part}
              parts={parts}
              people={people}
              figures={groupFigures(part.learnerIds, page.learners)}
              onMove={move}
              onName={(name) => setParts((now) => now.map((one) => (one.key === part.key ? { ...one, name } : one)))}
            />
          ))}
        </div>
      </DndContext>
    </>
  );
}

/** Without a record of anything taken for something else, there is no reason to move anybody. */
const isAnythingKnown = ({ learners }: GroupingPage): boolean => learners.some(({ needs }) => needs.length > 0);

/** Another group, empty, like the first. */
function newPart(parts: readonly Part[], { groups: [group] }: GroupingPage): Part {
  const number = parts.length + 1;
  const { sequenceId = "", step = 1 } = group ?? {};
  return { key: `more ${number}`, groupId: undefined, name: `New group ${number}`, sequenceId, step, learnerIds: [] };
}

interface CardProps {
  readonly part: Part;
  readonly parts: readonly Part[];
  readonly people: ReadonlyMap<string, GroupingPage["learners"][number]>;
  readonly figures: GroupFigures;
  readonly onMove: (learnerId: string, to: string) => void;
  readonly onName: (name: string) => void;
}

function PartCard({ part, parts, people, figures, onMove, onName }: CardProps) {
  const { setNodeRef, isOver } = useDroppable({ id: part.key });
  const { shared, places, learners } = figures;
  return (
    <section
      ref={setNodeRef}
      aria-label={part.name}
      className={`min-w-0 rounded-xl border bg-sheet px-4 py-3 ${isOver ? "border-ink" : "border-rule"}`}
    >
      {part.groupId === undefined ? (
        <label>
          <span className="label">Name of the new group</span>
          <input
            className="field min-h-11"
            value={part.name}
            maxLength={60}
            onChange={(event) => onName(event.target.value)}
          />
        </label>
      ) : (
        <h2 className="truncate text-lg font-bold" title={part.name}>
          {part.name}
        </h2>
      )}
      <p className="text-[14px] text-quiet">
        {learners.length === 0 ? "Nobody" : counted(learners.length, "learner")}
        {learners.length > 0 &&
          `, ${places.least === places.most ? places.least : `${places.least} to ${places.most}`} sounds and spellings taught`}
      </p>
      <ul className="mt-1 text-[15px]" aria-label="Why together">
        {shared.map((need) => (
          <li key={`${need.gpc} ${need.said.join()}`}>
            <b>{need.learnerIds.length}</b> of them: {questionWords(need)}
          </li>
        ))}
        {shared.length === 0 && learners.length > 1 && <li>Together by where they stand: no need in common.</li>}
      </ul>
      <ul className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-2" aria-label="Learners">
        {learners.map((one) => (
          <LearnerRow
            key={one.learnerId}
            figures={one}
            learner={people.get(one.learnerId)}
            part={part}
            parts={parts}
            onMove={onMove}
          />
        ))}
      </ul>
    </section>
  );
}

interface RowProps extends Pick<CardProps, "part" | "parts" | "onMove"> {
  readonly figures: GroupFigures["learners"][number];
  readonly learner: GroupingPage["learners"][number] | undefined;
}

function LearnerRow({ figures, learner, part, parts, onMove }: RowProps) {
  const { learnerId, gains, loses, ahead } = figures;
  const { nickname = "", needs = [] } = learner ?? {};
  const { setNodeRef, listeners, transform } = useDraggable({ id: learnerId });
  const told = [
    ...(needs.length > 0 ? [needs.map(questionWords).join(", ")] : []),
    ...gains.map((need) => `gains others with ${questionWords(need)}`),
    ...loses.map((need) => `loses others with ${questionWords(need)}`),
    ...(ahead > 0 ? [`has been taught ${ahead} more than the group's lowest`] : []),
  ];
  return (
    <li
      ref={setNodeRef}
      style={
        transform
          ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 10, position: "relative" }
          : {}
      }
      className="rounded-lg border border-rule bg-paper px-3 py-1"
    >
      <div className="flex min-h-11 items-center gap-2">
        <span
          {...listeners}
          className="min-w-0 flex-1 cursor-grab touch-none truncate py-2 font-semibold"
          title={nickname}
        >
          {nickname}
        </span>
        <select
          className="field min-h-11 w-36"
          aria-label={`${nickname}: group`}
          value={part.key}
          onChange={(event) => onMove(learnerId, event.target.value)}
        >
          {parts.map(({ key, name }) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </select>
      </div>
      {told.length > 0 && <p className="pb-1 text-[13px] text-quiet">{told.join("; ")}</p>}
    </li>
  );
}
