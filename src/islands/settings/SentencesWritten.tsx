import { SENTENCE_RULE_WORDS } from "../../components/words/sentence-words.ts";
import { SENTENCE_RULES } from "../../core/light.ts";
import { Check, Section } from "./parts.tsx";
import type { SchoolChoices } from "./use-school.ts";

/** What a dictated sentence is looked at for besides its words. */
export function SentencesWritten({ school, change }: SchoolChoices) {
  const rules = school.sentenceRules;
  return (
    <Section title="A dictated sentence is looked at for">
      {SENTENCE_RULES.map((rule) => (
        <Check
          key={rule}
          name={SENTENCE_RULE_WORDS[rule].name}
          on={rules.includes(rule)}
          onChange={(on) =>
            change({ sentenceRules: SENTENCE_RULES.filter((one) => (one === rule ? on : rules.includes(one))) })
          }
        />
      ))}
    </Section>
  );
}
