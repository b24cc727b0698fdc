import { hasOwnWords } from "../../components/words/activity-words.ts";
import { lessonFaultLines, wordsAtFault } from "../../components/words/lesson-faults.ts";
import type { ActivityContent, LessonFault } from "../../core/light.ts";
import type { PlanActivity } from "../../server/lesson-types.ts";
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
          className="min-h-9 underline underline-offset-2"
          onClick={() => void onEdit({ id, words: left })}
        >
          Take out: {out.join(", ")}
        </button>
      )}
    </span>
  );
}

/** The words that are left without some; undefined where taking them out leaves nothing, or a chain in pieces. */
function wordsWithout(content: ActivityContent, out: readonly string[]): string[] | undefined {
  if (!hasOwnWords(content) || out.length === 0 || !out.every((word) => content.words.includes(word))) return undefined;
  const left = content.words.filter((word) => !out.includes(word));
  if (left.length === 0) return undefined;
  const isChain = content.kind === "read-chain" || content.kind === "build-chain";
  return isChain && !` ${content.words.join(" ")} `.includes(` ${left.join(" ")} `) ? undefined : left;
}
