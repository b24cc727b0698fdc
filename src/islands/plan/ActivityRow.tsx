import { useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import ChevronDown from "lucide-react/icons/chevron-down";
import GripVertical from "lucide-react/icons/grip-vertical";
import X from "lucide-react/icons/x";
import { useState } from "react";
import { activityLine, PLANNED_NAME } from "../../components/words/activity-words.ts";
import { settingsText } from "../../components/words/prompt-words.ts";
import { SET_WORDS } from "../../components/words/set-words.ts";
import {
  editableFieldsOf,
  isWordList,
  type LessonFault,
  type PracticeSettings,
  type SetKind,
  stopsLesson,
} from "../../core/light.ts";
import type { PlanActivity } from "../../server/plans/lesson-types.ts";
import { paperHref } from "../shared/paper-href.ts";
import { ActivityDetails } from "./ActivityDetails.tsx";
import { ActivityFaults } from "./ActivityFaults.tsx";
import type { ActivityEdit } from "./use-plan.ts";

interface Props {
  readonly activity: PlanActivity;
  /** How most of the lesson is done: only what differs is said. */
  readonly usual: PracticeSettings | undefined;
  /** What stands against it now. */
  readonly faults: readonly LessonFault[];
  readonly groupId: string;
  readonly onChange: (change: Partial<Pick<PlanActivity, "minutes" | "ifTime" | "settings">>) => void;
  readonly onEdit: (edit: ActivityEdit) => Promise<boolean>;
  readonly onTeach: () => void;
  readonly onRemove: () => void;
}

/** One activity: what it is, what it is done with, how long it takes; opened, how it is done. */
export function ActivityRow({ activity, usual, faults, groupId, onChange, onEdit, onTeach, onRemove }: Props) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: activity.id,
  });
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState<string>();
  const { content } = activity;
  const name = activity.title || PLANNED_NAME[activity.kind];
  const isOwnWay = JSON.stringify(usual) !== JSON.stringify(activity.settings);
  const paper = paperOf(activity, groupId);
  const line = content && activityLine(content);
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      data-kind={activity.kind}
      className="border-b border-hairline last:border-b-0"
    >
      <div className="flex min-h-14 flex-wrap items-center gap-x-1 gap-y-2 px-3 py-1.5 md:flex-nowrap md:gap-x-2">
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Move ${name}`}
          className="grid size-11 shrink-0 touch-none place-items-center text-quiet"
        >
          <GripVertical size={18} aria-hidden />
        </button>
        {/* On a tablet standing what it is stands over its words, on a phone what is done with it under both. */}
        <span className="flex min-w-0 flex-1 flex-wrap items-center gap-x-2 gap-y-0.5 max-md:basis-[calc(100%-56px)] lg:flex-nowrap">
          <span className="w-full shrink-0 font-semibold lg:w-36">
            {PLANNED_NAME[activity.kind]}
            {activity.heldBack && <span className="block text-[13px] font-normal text-quiet">kept back till now</span>}
          </span>
          <span className="min-w-0 leading-snug max-lg:w-full lg:flex-1">
            {activity.ref ? (
              <a className="font-semibold underline-offset-2 hover:underline" href={screenOf(activity, groupId)}>
                {activity.title}
              </a>
            ) : (
              <>
                {line && line.words.length > 0 && (
                  <span className="font-learner text-[17px]">{line.words.join("  ")}</span>
                )}
                {line?.note && (
                  <span className={`text-[14px] text-quiet ${line.words.length > 0 ? "ml-2" : ""}`}>{line.note}</span>
                )}
              </>
            )}
            {faults.length > 0 && <ActivityFaults activity={activity} faults={faults} onEdit={onEdit} />}
            {!open && isOwnWay && (
              <span className="block truncate text-[13px] text-quiet">{settingsText(activity.settings)}</span>
            )}
          </span>
        </span>
        <button type="button" className="button font-normal" disabled={faults.some(stopsLesson)} onClick={onTeach}>
          Teach
        </button>
        {paper && (
          <a href={paper} className="button font-normal">
            Print
          </a>
        )}
        <label className="flex shrink-0 items-center gap-1 md:gap-1.5">
          <input
            type="number"
            aria-label={`Minutes: ${name}`}
            className="h-11 w-14 rounded-lg border border-rule bg-sheet px-2 text-right tabular-nums md:w-16"
            min={0.5}
            max={90}
            step={0.5}
            value={typed ?? String(activity.minutes)}
            onChange={(event) => {
              setTyped(event.target.value);
              const minutes = Number(event.target.value);
              if (minutes >= 0.5 && minutes <= 90) onChange({ minutes });
            }}
            onBlur={() => setTyped(undefined)}
          />
          <span className="text-quiet">min</span>
        </label>
        <button
          type="button"
          aria-label={`${name}: how it is done`}
          aria-expanded={open}
          className="grid size-11 shrink-0 place-items-center text-quiet hover:text-ink"
          onClick={() => setOpen(!open)}
        >
          <ChevronDown size={18} aria-hidden className={open ? "rotate-180" : ""} />
        </button>
        <button
          type="button"
          aria-label={`Take ${name} out`}
          className="grid size-11 shrink-0 place-items-center text-quiet hover:text-ink"
          onClick={onRemove}
        >
          <X size={17} aria-hidden />
        </button>
      </div>
      {open && (
        <ActivityDetails
          activity={activity}
          canEdit={content !== undefined && editableFieldsOf(content).length > 0}
          onChange={onChange}
          onEdit={onEdit}
        />
      )}
    </li>
  );
}

/** Where an activity is printed: a set on its own sheet, words one after another on sheets of words. */
function paperOf({ kind, ref, content, title }: PlanActivity, groupId: string): string | undefined {
  const back = `/plan?group=${groupId}`;
  if (ref && kind !== "chain") return `/print/${ref}`;
  if (ref) return paperHref({ groupId, from: { chainId: ref }, back });
  if (!content || !isWordList(content)) return undefined;
  return paperHref({ groupId, from: { words: content.words }, title: title || PLANNED_NAME[kind], back });
}

function screenOf({ kind, ref }: PlanActivity, groupId: string): string {
  return kind === "chain"
    ? `/bench?group=${groupId}&chain=${ref}`
    : `/${SET_WORDS[kind as SetKind].screen}?group=${groupId}&set=${ref}`;
}
