import { CHECKLIST_WORDS } from "../../components/words/dictation-words.ts";
import { CHECKLIST_POINTS, type ChecklistLine } from "../../core/light.ts";
import { Check, Section } from "./parts.tsx";
import type { SchoolChoices } from "./use-school.ts";

const LONGEST = 40;

/** What learners look a dictated sentence over for, in the school's own words. */
export function DictationChecklist({ school, change }: SchoolChoices) {
  const { checklist } = school;
  const lineOf = new Map(checklist.map((line) => [line.point, line]));
  const keep = (lines: ReadonlyMap<string, ChecklistLine>) =>
    change({ checklist: CHECKLIST_POINTS.flatMap((point) => lines.get(point) ?? []) });
  return (
    <Section title="Learners look a dictated sentence over for">
      <ul className="grid gap-1">
        {CHECKLIST_POINTS.map((point) => {
          const line = lineOf.get(point);
          return (
            <li key={point} className="flex flex-wrap items-center gap-x-3">
              <div className="min-w-40 flex-1">
                <Check
                  name={CHECKLIST_WORDS[point]}
                  on={line !== undefined}
                  onChange={(on) => {
                    const lines = new Map(lineOf);
                    if (on) lines.set(point, { point, words: "" });
                    else lines.delete(point);
                    keep(lines);
                  }}
                />
              </div>
              {line && (
                <input
                  className="field min-h-11 min-w-0 flex-1 basis-48"
                  aria-label={`Your own words for ${CHECKLIST_WORDS[point]}`}
                  placeholder="in your own words"
                  maxLength={LONGEST}
                  value={line.words}
                  onChange={({ target }) => keep(new Map(lineOf).set(point, { point, words: target.value }))}
                />
              )}
            </li>
          );
        })}
      </ul>
      <p className="mt-2 text-[14px] text-quiet">
        Shown in a dictation once the sentence has been read back, before it is shown as it should be.
      </p>
    </Section>
  );
}
