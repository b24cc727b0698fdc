import { useEffect, useState } from "react";
import { toast } from "sonner";
import { KEPT_OUT_LIST_WORDS } from "../../components/words/kept-out-lists.ts";
import { KEPT_OUT_LIST_IDS } from "../../core/light.ts";
import { Check, Section } from "./parts.tsx";
import type { SchoolChoices } from "./use-school.ts";

const typedWords = (text: string) =>
  text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter(Boolean);

/** Which words never come up. */
export function WordsKeptOut({ school, change, failure }: SchoolChoices) {
  const { allowLists, never } = school;
  const stored = never.join(", ");
  const [typed, setTyped] = useState(stored);
  // What was refused stays where it was typed, to be put right, also when another choice is taken meanwhile.
  // biome-ignore lint/correctness/useExhaustiveDependencies: a refusal that is over is no reason to put the stored list there
  useEffect(() => {
    if (!failure) setTyped(stored);
  }, [stored]);
  return (
    <Section title="Words kept out">
      {KEPT_OUT_LIST_IDS.map((id) => (
        <Check
          key={id}
          name={KEPT_OUT_LIST_WORDS[id]}
          on={allowLists.includes(id)}
          onChange={(on) =>
            change({ allowLists: KEPT_OUT_LIST_IDS.filter((one) => (one === id ? on : allowLists.includes(one))) })
          }
        />
      ))}
      <label className="mt-2 block">
        <span className="text-[14px] text-quiet">Your own list. It wins over everything.</span>
        <textarea
          className="field mt-1 font-learner text-[16px]"
          rows={3}
          spellCheck={false}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => {
            const words = typedWords(typed);
            if (words.join(" ") === never.join(" ")) return;
            change({ never: words });
            toast("The list of words kept out was changed.", {
              action: { label: "Undo", onClick: () => change({ never }) },
            });
          }}
        />
      </label>
    </Section>
  );
}
