import { closestCenter, DndContext, type DragEndEvent } from "@dnd-kit/core";
import { arrayMove, SortableContext, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import { EmptyState } from "../../components/ui/EmptyState.tsx";
import { Menu, MenuItem } from "../../components/ui/Menu.tsx";
import { Select } from "../../components/ui/Select.tsx";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { UndoRedo } from "../../components/ui/UndoRedo.tsx";
import { RowsToCome, Working } from "../../components/ui/Working.tsx";
import { PLANNED_NAME } from "../../components/words/activity-words.ts";
import { minutesText } from "../../components/words/minutes-text.ts";
import { settingsText } from "../../components/words/prompt-words.ts";
import { SHEET_NAME } from "../../components/words/sheet-words.ts";
import { stopsLesson, whatToDrop } from "../../core/light.ts";
import type { Aim, PlanActivity } from "../../server/plans/lesson-types.ts";
import type { PlanPage } from "../../server/plans/plan-page.ts";
import { call } from "../shared/client.ts";
import { canRedo, canUndo } from "../shared/history.ts";
import { useListSensors } from "../shared/use-list-sensors.ts";
import { useShortcuts } from "../shared/use-shortcuts.ts";
import { ActivityRow } from "./ActivityRow.tsx";
import { CalledFor } from "./CalledFor.tsx";
import { DraftBar } from "./DraftBar.tsx";
import { Shelf } from "./Shelf.tsx";
import { TemplateChoice, type TemplateEntry } from "./TemplateChoice.tsx";
import { usePlan } from "./use-plan.ts";

const SLOTS = [10, 15, 20, 25, 30, 45];

/** What a lesson is printed as, and taken out as. */
const LESSON_FILES: readonly { readonly name: string; readonly hrefFor: (groupId: string) => string }[] = [
  { name: `Sheet ${SHEET_NAME.helper.toLowerCase()}`, hrefFor: (id) => `/plan-sheet?group=${id}` },
  { name: `Sheet ${SHEET_NAME.worksheet.toLowerCase()}`, hrefFor: (id) => `/print/worksheet?group=${id}` },
  { name: "File: text", hrefFor: (id) => `/api/plans/${id}/lesson.txt` },
  { name: "File: CSV, a prompt a row", hrefFor: (id) => `/api/plans/${id}/lesson.csv` },
  { name: "File: JSON, with everything in it", hrefFor: (id) => `/api/plans/${id}/lesson.json` },
];

interface Props extends Omit<PlanPage, "groups"> {
  /** Id of the template that the address names. */
  readonly template: string | null;
}

/** The next lesson of a group: drafted or put together, activities in order against the time there is. */
export default function Plan({ group, plan: stored, choices, proposal, templates: first, template: named }: Props) {
  const [starting, setStarting] = useState(false);
  const { plan, busy, stop, history, change, undo, redo, draft, add, edit, settled } = usePlan(group.id, stored);
  useShortcuts("plan", { undo, redo });
  const newest: Aim = { focus: choices.slice(0, 1), contrasts: [] };
  const called: Aim | undefined = proposal && {
    focus: [proposal.gpc],
    contrasts: proposal.contrast ? [proposal.contrast] : [],
  };
  const [aim, setAim] = useState<Aim>(called ?? newest);
  const { focus } = aim;
  // What was to be told apart goes with the sound that it was for.
  const setFocus = (to: readonly string[]) =>
    setAim({ focus: to, contrasts: aim.contrasts.filter(({ a }) => to.includes(a)) });
  const [templates, setTemplates] = useState<readonly TemplateEntry[]>(first);
  const [template, setTemplate] = useState(
    (first.find(({ id }) => id === named) ?? first.find(({ shipped }) => shipped))?.id ?? "",
  );
  // A group that has never had a plan opens with one; a plan that was emptied stays so.
  const [opening, setOpening] = useState<"drafting" | "drafted" | "left">(
    stored.version === 0 && stored.activities.length === 0 && aim.focus.length > 0 ? "drafting" : "left",
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, as the screen opens
  useEffect(() => {
    if (opening === "drafting")
      void draft(aim, template, false).then((isThere) => setOpening(isThere ? "drafted" : "left"));
  }, []);
  const sensors = useListSensors();
  const main = plan.activities.filter(({ ifTime }) => !ifTime);
  const spare = plan.activities.filter(({ ifTime }) => ifTime);
  const total = main.reduce((sum, { minutes }) => sum + minutes, 0);
  const toDrop = whatToDrop(plan.activities, plan.minutes).flatMap((id) => main.filter((one) => one.id === id));

  const usual = plan.activities[0]?.settings;
  const isThere = new Set(plan.activities.map(({ id }) => id));
  const unfit = new Set(
    plan.faults.filter((fault) => stopsLesson(fault) && isThere.has(fault.activity)).map(({ activity }) => activity),
  );

  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    change((now) => {
      const at = (id: typeof active.id) => now.activities.findIndex((activity) => activity.id === id);
      return { ...now, activities: arrayMove([...now.activities], at(active.id), at(over.id)) };
    });
  };
  const without = (gone: readonly PlanActivity[]) => {
    const ids = gone.map(({ id }) => id);
    change((now) => ({ ...now, activities: now.activities.filter(({ id }) => !ids.includes(id)) }));
  };
  const remove = (activity: PlanActivity) => {
    const place = plan.activities.indexOf(activity);
    without([activity]);
    // Put back where it was, whatever has been changed since.
    const putBack = () => change((now) => ({ ...now, activities: now.activities.toSpliced(place, 0, activity) }));
    const name = activity.title || PLANNED_NAME[activity.kind];
    toast(`Out of the plan: ${name}`, { action: { label: "Undo", onClick: putBack } });
  };
  /** Opened in Teach, worked as the plan says: one activity, or all of them in order. */
  const teach = (what: { activityId: string } | { lesson: true }) =>
    open(() => call("POST /api/sessions", { body: { groupId: group.id, ...what } }));
  /** The lesson with made-up learners, apart from all real records. */
  const rehearse = () => open(() => call("POST /api/groups/:groupId/rehearsals", { params: { groupId: group.id } }));
  const open = async (begin: () => Promise<{ readonly id: string }>) => {
    setStarting(true);
    if (!(await settled())) return setStarting(false);
    try {
      const session = await begin();
      location.assign(`/teach/${session.id}`);
    } catch (error) {
      setStarting(false);
      toast.error((error as Error).message);
    }
  };
  const list = (name: string, activities: readonly PlanActivity[]) => (
    <SortableContext items={activities.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
      <ol aria-label={name} className="rounded-xl border border-rule bg-sheet">
        {activities.map((activity) => (
          <ActivityRow
            key={activity.id}
            activity={activity}
            usual={usual}
            faults={plan.faults.filter((fault) => fault.activity === activity.id)}
            groupId={group.id}
            onChange={(changes) =>
              change((now) => ({
                ...now,
                activities: now.activities.map((one) => (one.id === activity.id ? { ...one, ...changes } : one)),
              }))
            }
            onEdit={edit}
            onTeach={() => void teach({ activityId: activity.id })}
            onRemove={() => remove(activity)}
          />
        ))}
      </ol>
    </SortableContext>
  );

  return (
    <main className="mx-auto max-w-6xl px-5 py-6">
      <div className="flex flex-wrap items-end gap-x-2 gap-y-3">
        <h1 className="text-2xl font-bold">{group.name}: the next lesson</h1>
        <span className="ml-auto">
          <Select
            label="Time there is"
            value={String(plan.minutes)}
            choices={[...new Set([...SLOTS, plan.minutes])].sort((a, b) => a - b).map(String)}
            nameOf={(minutes) => minutesText(Number(minutes))}
            onChange={(minutes) => change((now) => ({ ...now, minutes: Number(minutes) }))}
          />
        </span>
        <UndoRedo canUndo={canUndo(history)} canRedo={canRedo(history)} onUndo={undo} onRedo={redo} />
        <a className="button font-normal" href={`/week?group=${group.id}`}>
          A week
        </a>
        <a className="button font-normal" href={`/packs?group=${group.id}`}>
          Packs
        </a>
        {plan.activities.length > 0 && (
          <>
            <Menu button="Print, files ▾">
              {LESSON_FILES.map(({ name, hrefFor }) => (
                <MenuItem key={name} onSelect={() => location.assign(hrefFor(group.id))}>
                  {name}
                </MenuItem>
              ))}
            </Menu>
            <button
              type="button"
              className="button font-normal"
              title="The whole lesson with made-up learners: nothing of it is counted"
              disabled={starting || busy || unfit.size > 0}
              onClick={() => void rehearse()}
            >
              Rehearse
            </button>
            <button
              type="button"
              className="button button-main"
              disabled={starting || busy || unfit.size > 0}
              onClick={() => void teach({ lesson: true })}
            >
              {starting ? "Opening…" : "Teach the lesson"}
            </button>
          </>
        )}
      </div>
      <DraftBar
        choices={choices}
        focus={focus}
        minutes={plan.minutes}
        hasDraft={plan.activities.some(({ content }) => content !== undefined)}
        busy={busy}
        onFocus={setFocus}
        onDraft={() => void draft(aim, template)}
      >
        <TemplateChoice
          groupId={group.id}
          templates={templates}
          chosen={template}
          canKeep={plan.activities.some(({ content }) => content !== undefined)}
          settled={settled}
          onChoose={setTemplate}
          onTemplates={setTemplates}
        />
      </DraftBar>
      {proposal && called && (
        <CalledFor
          proposal={proposal}
          isMet={focus.includes(proposal.gpc)}
          onNewest={() => setAim(newest)}
          onCalled={() => setAim(called)}
        />
      )}
      {opening === "drafted" && plan.activities.length > 0 && (
        <p className="mt-2 flex flex-wrap items-center gap-x-2 text-[14px] text-quiet">
          Drafted as the screen opened, {called ? "for what the records call for" : "for the newest sound"}.
          <button type="button" className="button font-normal" onClick={() => without(plan.activities)}>
            Start empty
          </button>
        </p>
      )}
      {unfit.size > 0 && (
        <p role="status" className="mt-3 font-semibold text-again">
          {unfit.size === 1 ? "One activity does" : `${unfit.size} activities do`} not fit what the group has been
          taught. Mend what is marked, take it out, or draft the lesson anew.
        </p>
      )}
      {busy && (
        <div className="mt-3">
          <Working says="Choosing words for the lesson…" onStop={stop} />
        </div>
      )}
      {usual && <p className="mt-3 text-[14px] text-quiet">Done as: {settingsText(usual)}</p>}
      {plan.activities.length === 0 && (busy || opening === "drafting") ? (
        <div className="mt-3">
          <RowsToCome rows={6} height={68} />
        </div>
      ) : plan.activities.length === 0 ? (
        <EmptyState title="Nothing in it yet.">
          <p>
            Draft the lesson, or press “To the plan” on a set of{" "}
            <a className="underline" href={`/families?group=${group.id}`}>
              Families
            </a>{" "}
            or{" "}
            <a className="underline" href={`/ears-only?group=${group.id}`}>
              Ears only
            </a>
            , or begin with
          </p>
          <p className="mt-3">
            <Shelf busy={busy} onAdd={(kind, text) => add(kind, aim, text)} />
          </p>
        </EmptyState>
      ) : (
        <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
          <div className="mt-3">{list("Activities", main)}</div>
          <div className="mt-3 flex items-center justify-between">
            <Shelf busy={busy} onAdd={(kind, text) => add(kind, aim, text)} />
            <p role="status" className={`text-right text-lg ${total > plan.minutes ? "font-bold text-again" : ""}`}>
              {minutesText(total)} of {minutesText(plan.minutes)}
              {total > plan.minutes && `: ${minutesText(total - plan.minutes)} too long.`}
            </p>
          </div>
          {toDrop.length > 0 && (
            <p className="mt-1 flex justify-end">
              <button type="button" className="button" onClick={() => without(toDrop)}>
                Take out {toDrop.map((one) => one.title || PLANNED_NAME[one.kind]).join(", ")}
              </button>
            </p>
          )}
          {spare.length > 0 && (
            <>
              <h2 className="mt-4 mb-2 font-bold">If there is time</h2>
              {list("If there is time", spare)}
            </>
          )}
        </DndContext>
      )}
      <Toasts />
    </main>
  );
}
