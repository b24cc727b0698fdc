import { useState } from "react";
import { Select } from "../../components/ui/Select.tsx";
import { BLENDING_NAME, CORRECTION_NAME, SUPPORT_NAME, TURNS_NAME } from "../../components/words/prompt-words.ts";
import {
  type ActivityContent,
  BLENDING_WAYS,
  CORRECTIONS,
  type EditableField,
  editableFieldsOf,
  LONGEST_THINKING,
  type PracticeSettings,
  SUPPORTS,
  TURN_PATTERNS,
} from "../../core/light.ts";
import type { PlanActivity } from "../../server/plans/lesson-types.ts";
import type { ActivityEdit } from "./use-plan.ts";

interface Props {
  readonly activity: PlanActivity;
  readonly canEdit: boolean;
  readonly onChange: (change: Partial<Pick<PlanActivity, "ifTime" | "settings">>) => void;
  readonly onEdit: (edit: ActivityEdit) => Promise<boolean>;
}

const words = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter(Boolean);

/** How an activity is done, and what it is done with: words are looked at again before they are kept. */
export function ActivityDetails({ activity, canEdit, onChange, onEdit }: Props) {
  const { settings, content } = activity;
  const set = (change: Partial<PracticeSettings>) => onChange({ settings: { ...settings, ...change } });
  return (
    <div className="grid grid-cols-1 gap-3 bg-paper/60 px-5 pt-1 pb-4 sm:grid-cols-2 md:px-14 lg:grid-cols-3">
      <Select
        label="Turns"
        value={settings.turns}
        choices={TURN_PATTERNS}
        nameOf={(id) => TURNS_NAME[id]}
        onChange={(turns) => set({ turns })}
      />
      <Select
        label="Help"
        value={settings.support}
        choices={SUPPORTS}
        nameOf={(id) => SUPPORT_NAME[id]}
        onChange={(support) => set({ support })}
      />
      <Select
        label="Blending"
        value={settings.blending}
        choices={BLENDING_WAYS}
        nameOf={(id) => BLENDING_NAME[id]}
        onChange={(blending) => set({ blending })}
      />
      <Select
        label="After a wrong answer"
        value={settings.correction}
        choices={CORRECTIONS}
        nameOf={(id) => CORRECTION_NAME[id]}
        onChange={(correction) => set({ correction })}
      />
      <label>
        <span className="label mb-1">Seconds to think before help</span>
        <input
          type="number"
          className="field"
          min={0}
          max={LONGEST_THINKING}
          value={settings.thinking}
          onChange={(event) => {
            const thinking = Math.round(Number(event.target.value));
            if (thinking >= 0 && thinking <= LONGEST_THINKING) set({ thinking });
          }}
        />
      </label>
      <label className="flex min-h-11 items-center gap-2 self-end">
        <input
          type="checkbox"
          className="size-5"
          checked={activity.ifTime}
          onChange={(event) => onChange({ ifTime: event.target.checked })}
        />
        only if there is time
      </label>
      {canEdit && content && (
        <EditContent key={JSON.stringify(content)} activityId={activity.id} content={content} onEdit={onEdit} />
      )}
    </div>
  );
}

interface FieldWords {
  readonly label: string;
  /** Letters that can be typed. */
  readonly longest: number;
  /** As it stands in the field. */
  readonly shown: (content: ActivityContent) => string;
  /** As it is sent. */
  readonly read: (typed: string) => Omit<ActivityEdit, "id">;
  readonly isMultiline?: boolean;
}

const lines = (text: string): string[] =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);

/** What can be changed in an activity, each with its field. */
const FIELDS: Readonly<Record<EditableField, FieldWords>> = {
  words: {
    label: "Words",
    longest: 400,
    shown: (content) => ("words" in content ? content.words.join(" ") : ""),
    read: (typed) => ({ words: words(typed) }),
  },
  contexts: {
    label: "Said with words that sound like others, one sentence a line",
    longest: 1000,
    shown: (content) => ("contexts" in content ? (content.contexts ?? []).join("\n") : ""),
    read: (typed) => ({ contexts: lines(typed) }),
    isMultiline: true,
  },
  sentences: {
    label: "Sentences, one a line",
    longest: 1000,
    shown: (content) => ("sentences" in content ? content.sentences.join("\n") : ""),
    read: (typed) => ({ sentences: lines(typed) }),
    isMultiline: true,
  },
  keyWord: {
    label: "Your own key word",
    longest: 30,
    shown: (content) => ("keyWord" in content ? content.keyWord : ""),
    read: (typed) => ({ keyWord: typed }),
  },
  text: {
    label: "Text",
    longest: 1000,
    shown: (content) => ("text" in content ? content.text : ""),
    read: (typed) => ({ text: typed }),
    isMultiline: true,
  },
};

function EditContent({
  activityId,
  content,
  onEdit,
}: {
  readonly activityId: string;
  readonly content: ActivityContent;
  readonly onEdit: Props["onEdit"];
}) {
  const fields = editableFieldsOf(content);
  const [typed, setTyped] = useState<Partial<Record<EditableField, string>>>({});
  const shownIn = (field: EditableField) => typed[field] ?? FIELDS[field].shown(content);
  const hasChanged = fields.some((field) => shownIn(field).trim() !== FIELDS[field].shown(content));
  return (
    <form
      className="col-span-full flex flex-wrap items-end gap-2 sm:flex-nowrap"
      onSubmit={(event) => {
        event.preventDefault();
        const edits = fields.map((field) => FIELDS[field].read(shownIn(field)));
        void onEdit(Object.assign({ id: activityId }, ...edits));
      }}
    >
      {fields.map((field) => {
        const { label, longest, isMultiline } = FIELDS[field];
        const shared = {
          id: `${activityId} ${field}`,
          className: "field font-learner text-[17px]",
          value: shownIn(field),
          maxLength: longest,
          onChange: (event: React.ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) =>
            setTyped({ ...typed, [field]: event.target.value }),
        };
        return (
          <div key={field} className="flex-1 max-sm:basis-full">
            <label className="label mb-1" htmlFor={`${activityId} ${field}`}>
              {label}
            </label>
            {isMultiline ? <textarea rows={1} {...shared} /> : <input {...shared} />}
          </div>
        );
      })}
      <button type="submit" className="button" disabled={!hasChanged}>
        Keep
      </button>
    </form>
  );
}
