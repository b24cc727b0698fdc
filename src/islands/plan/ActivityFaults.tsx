import { lessonFaultLines, wordsAtFault, wordsWithout } from "../../components/words/lesson-faults.ts";
import type { LessonFault } from "../../core/light.ts";
import type { PlanActivity } from "../../server/plans/lesson-types.ts";
import type { ActivityEdit } from "./use-plan.ts";

interface Props {
  readonly activity: PlanActivity;
  readonly faults: readonly LessonFault[];
  readonly onEdit: (edit: ActivityEdit) => Promise<boolean>;
}

/** What stands against an activity now, and the one press that mends it where words can be taken out one by one. */
export function ActivityFaults({ activity: { id, content }, faults, onEdit }: Props) {
  const out = wordsAtFault(faults);
  const left = content && wordsWithout(content, out);
  return (
    <span className="mt-0.5 block text-[15px] font-semibold text-again">
      {lessonFaultLines(faults).map((said) => (
        <span key={said} className="block">
          {said}
        </span>
      ))}
      {left && (
        <button
          type="button"
          className="min-h-11 min-w-11 underline underline-offset-2"
          onClick={() => void onEdit({ id, words: left })}
        >
          Take out: {out.join(", ")}
        </button>
      )}
    </span>
  );
}
