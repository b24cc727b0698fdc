import { closestCenter, DndContext, type DragEndEvent } from "@dnd-kit/core";
import { arrayMove, SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { GripVertical, X } from "lucide-react";
import { useRef, useState } from "react";
import { Toaster, toast } from "sonner";
import { ACTIVITY_NAME, minutesText } from "../../components/words/plan-words.ts";
import type { Group } from "../../server/groups.ts";
import type { PlanActivity, Plan as StoredPlan } from "../../server/plans.ts";
import { call } from "../client.ts";
import { useListSensors } from "../use-list-sensors.ts";

interface Props {
  readonly group: Group;
  readonly plan: StoredPlan;
}

const SLOTS = [10, 15, 20, 25, 30, 45];

/** The next lesson of a group: activities in order, each with its minutes, against the time there is. */
export default function Plan({ group, plan: stored }: Props) {
  const [plan, setPlan] = useState(stored);
  const sensors = useListSensors();
  const sending = useRef(Promise.resolve());
  const total = plan.activities.reduce((sum, { minutes }) => sum + minutes, 0);
  const over = total - plan.minutes;

  /** Shown at once; sent in order, so that the last change is the one that stays. */
  const change = (next: StoredPlan) => {
    const before = plan;
    setPlan(next);
    const body = { minutes: next.minutes, activities: next.activities.map(({ id, minutes }) => ({ id, minutes })) };
    sending.current = sending.current
      .then(() => call<StoredPlan>("PUT", `/api/plans/${group.id}`, body))
      .then(() => undefined)
      .catch((error: Error) => {
        toast.error(error.message);
        setPlan(before);
      });
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const at = (id: typeof active.id) => plan.activities.findIndex((activity) => activity.id === id);
    change({ ...plan, activities: arrayMove([...plan.activities], at(active.id), at(over.id)) });
  };
  const remove = (activity: PlanActivity) => {
    const before = plan;
    change({ ...plan, activities: plan.activities.filter(({ id }) => id !== activity.id) });
    toast(`Out of the plan: ${activity.title}`, {
      action: {
        label: "Undo",
        onClick: async () => {
          const kind = activity.kind === "chain" ? "chain" : "set";
          await sending.current;
          await call("POST", "/api/plans/activities", { groupId: group.id, kind, ref: activity.ref }).then(
            (now) => setPlan(now as StoredPlan),
            () => setPlan(before),
          );
        },
      },
    });
  };

  return (
    <main className="mx-auto max-w-4xl px-5 py-6">
      <div className="flex flex-wrap items-end gap-4">
        <h1 className="text-2xl font-bold">{group.name}: the next lesson</h1>
        <label className="ml-auto flex items-center gap-2">
          <span className="label">Time there is</span>
          <select
            className="field w-36"
            value={plan.minutes}
            onChange={(event) => change({ ...plan, minutes: Number(event.target.value) })}
          >
            {[...new Set([...SLOTS, plan.minutes])]
              .sort((a, b) => a - b)
              .map((minutes) => (
                <option key={minutes} value={minutes}>
                  {minutesText(minutes)}
                </option>
              ))}
          </select>
        </label>
      </div>
      {plan.activities.length === 0 ? (
        <div className="mx-auto mt-16 max-w-md text-center">
          <p className="text-xl font-bold">Nothing in it yet.</p>
          <p className="mt-2 text-quiet">
            Press “To the plan” on a set of{" "}
            <a className="underline" href={`/families?group=${group.id}`}>
              Families
            </a>{" "}
            or{" "}
            <a className="underline" href={`/ears?group=${group.id}`}>
              Ears only
            </a>
            .
          </p>
        </div>
      ) : (
        <>
          <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
            <SortableContext items={plan.activities.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
              <ol aria-label="Activities" className="mt-5 rounded-xl border border-rule bg-sheet">
                {plan.activities.map((activity) => (
                  <Row
                    key={activity.id}
                    activity={activity}
                    groupId={group.id}
                    onMinutes={(minutes) =>
                      change({
                        ...plan,
                        activities: plan.activities.map((one) => (one.id === activity.id ? { ...one, minutes } : one)),
                      })
                    }
                    onRemove={() => remove(activity)}
                  />
                ))}
              </ol>
            </SortableContext>
          </DndContext>
          <p role="status" className={`mt-4 text-right text-lg ${over > 0 ? "font-bold text-again" : ""}`}>
            {minutesText(total)} of {minutesText(plan.minutes)}
            {over > 0 && `: ${minutesText(over)} too long. Take one out, or shorten one.`}
          </p>
        </>
      )}
      <Toaster position="top-center" />
    </main>
  );
}

function Row(props: {
  activity: PlanActivity;
  groupId: string;
  onMinutes: (minutes: number) => void;
  onRemove: () => void;
}) {
  const { activity, groupId } = props;
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: activity.id,
  });
  const [typed, setTyped] = useState(String(activity.minutes));
  const screen = activity.kind === "chain" ? "bench" : activity.kind === "ears-only" ? "ears" : "families";
  const key = activity.kind === "chain" ? "chain" : "set";
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="flex min-h-14 items-center gap-3 border-b border-hairline px-3 last:border-b-0"
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${activity.title}`}
        className="grid size-9 touch-none place-items-center text-quiet"
      >
        <GripVertical size={18} aria-hidden />
      </button>
      <span className="w-32 text-quiet">{ACTIVITY_NAME[activity.kind]}</span>
      <a href={`/${screen}?group=${groupId}&${key}=${activity.ref}`} className="min-w-0 flex-1 truncate font-semibold">
        {activity.title}
      </a>
      {activity.kind !== "chain" && (
        <a href={`/print/${activity.ref}`} className="button font-normal">
          Print
        </a>
      )}
      <label className="flex items-center gap-1.5">
        <input
          type="number"
          aria-label={`Minutes: ${activity.title}`}
          className="h-10 w-16 rounded-lg border border-rule bg-sheet px-2 text-right tabular-nums"
          min={0.5}
          max={90}
          step={0.5}
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            const minutes = Number(event.target.value);
            if (minutes >= 0.5 && minutes <= 90) props.onMinutes(minutes);
          }}
        />
        <span className="text-quiet">min</span>
      </label>
      <button
        type="button"
        aria-label={`Take ${activity.title} out`}
        className="grid size-9 place-items-center text-quiet hover:text-ink"
        onClick={props.onRemove}
      >
        <X size={17} aria-hidden />
      </button>
    </li>
  );
}
