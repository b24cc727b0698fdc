import { ALWAYS_APART, COUNTING_CHOICES, COUNTING_WORDS } from "../../components/words/counting-words.ts";
import { Check, Section } from "./parts.tsx";
import type { SchoolChoices } from "./use-school.ts";

/** What of the answers counts as evidence. */
export function WhatCounts({ school, change }: SchoolChoices) {
  const { counting } = school;
  return (
    <Section title="What counts as evidence">
      {COUNTING_CHOICES.map((choice) => (
        <Check
          key={choice}
          name={COUNTING_WORDS[choice].name}
          on={counting[choice]}
          onChange={(on) => change({ counting: { ...counting, [choice]: on } })}
        />
      ))}
      <p className="mt-2 text-[14px] text-quiet">
        {ALWAYS_APART} Marks stay as they were made; after a change all figures are made anew, in a few seconds.
      </p>
    </Section>
  );
}
