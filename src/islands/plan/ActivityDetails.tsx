import { useState } from "react";
import { Choice } from "../../components/Choice.tsx";
import { BLENDING_NAME, CORRECTION_NAME, SUPPORT_NAME, TURNS_NAME } from "../../components/words/prompt-words.ts";
import {
  BLENDING_WAYS,
  CORRECTIONS,
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
    <div className="grid grid-cols-3 gap-3 bg-paper/60 px-14 pt-1 pb-4">
      <Choice
        name="Turns"
        value={settings.turns}
        choices={TURN_PATTERNS}
        names={TURNS_NAME}
        onChange={(turns) => set({ turns })}
      />
      <Choice
        name="Help"
        value={settings.support}
        choices={SUPPORTS}
        names={SUPPORT_NAME}
        onChange={(support) => set({ support })}
      />
      <Choice
        name="Blending"
        value={settings.blending}
        choices={BLENDING_WAYS}
        names={BLENDING_NAME}
        onChange={(blending) => set({ blending })}
      />
      <Choice
        name="After a wrong answer"
        value={settings.correction}
        choices={CORRECTIONS}
        names={CORRECTION_NAME}
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
      <label className="flex items-center gap-2 self-end pb-2">
        <input
          type="checkbox"
          className="size-5"
          checked={activity.ifTime}
          onChange={(event) => onChange({ ifTime: event.target.checked })}
        />
        only if there is time
      </label>
      {canEdit && content && <EditWords key={activity.id} activity={activity} onEdit={onEdit} />}
    </div>
  );
}

function EditWords({ activity, onEdit }: Pick<Props, "activity" | "onEdit">) {
  const { content, id } = activity;
  const isText = content?.kind === "text" || content?.kind === "free";
  const first = isText
    ? content.text
    : content?.kind === "new-sound"
      ? content.keyWord
      : content && "words" in content
        ? content.words.join(" ")
        : "";
  const [typed, setTyped] = useState(first);
  const [sentences, setSentences] = useState(content?.kind === "dictation" ? content.sentences.join("\n") : "");
  const isKeyWord = content?.kind === "new-sound";
  const changed =
    typed.trim() !== first || (content?.kind === "dictation" && sentences.trim() !== content.sentences.join("\n"));
  return (
    <form
      className="col-span-3 flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void onEdit({
          id,
          ...(isText ? { text: typed } : isKeyWord ? { keyWord: typed } : { words: words(typed) }),
          ...(content?.kind === "dictation" && {
            sentences: sentences
              .split("\n")
              .map((s) => s.trim())
              .filter(Boolean),
          }),
        });
      }}
    >
      <label className="flex-1">
        <span className="label mb-1">{isText ? "Text" : isKeyWord ? "Your own key word" : "Words"}</span>
        <input
          className="field font-learner text-[17px]"
          value={typed}
          maxLength={isText ? 1000 : isKeyWord ? 30 : 400}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      {content?.kind === "dictation" && (
        <label className="flex-1">
          <span className="label mb-1">Sentences, one a line</span>
          <textarea
            className="field font-learner text-[17px]"
            rows={1}
            value={sentences}
            maxLength={1000}
            onChange={(event) => setSentences(event.target.value)}
          />
        </label>
      )}
      <button type="submit" className="button" disabled={!changed}>
        Keep
      </button>
    </form>
  );
}
