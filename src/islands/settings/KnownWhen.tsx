import { ruleWords } from "../../components/words/mastery-words.ts";
import { Count, Section } from "./parts.tsx";
import type { SchoolChoices } from "./use-school.ts";

/** When something counts as known. */
export function KnownWhen({ school, change }: SchoolChoices) {
  const { mastery } = school;
  return (
    <Section title="A sound, a card or a word counts as known">
      <div className="grid grid-cols-3 items-end gap-2">
        <Count
          name="when right so many times"
          value={mastery.right}
          least={1}
          most={mastery.of}
          onChange={(right) => change({ mastery: { ...mastery, right } })}
        />
        <Count
          name="of the last"
          value={mastery.of}
          least={mastery.right}
          most={20}
          onChange={(of) => change({ mastery: { ...mastery, of } })}
        />
        <Count
          name="on so many days"
          value={mastery.days}
          least={1}
          most={5}
          onChange={(days) => change({ mastery: { ...mastery, days } })}
        />
      </div>
      <p className="mt-3 text-[14px] text-quiet">{ruleWords(mastery)}</p>
    </Section>
  );
}
