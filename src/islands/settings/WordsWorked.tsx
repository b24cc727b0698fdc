import { Select } from "../../components/ui/Select.tsx";
import {
  BLENDING_NAME,
  CORRECTION_NAME,
  FADING_NAME,
  SUPPORT_NAME,
  settingsText,
  TURNS_NAME,
} from "../../components/words/prompt-words.ts";
import {
  BLENDING_WAYS,
  CORRECTIONS,
  FADINGS,
  LONGEST_THINKING,
  type PracticeSettings,
  type Segmentation,
  SUPPORTS,
  stagesOf,
  TURN_PATTERNS,
  type WordStage,
} from "../../core/light.ts";
import type { SettingsPage } from "../../server/school/settings-page.ts";
import { Count, Section } from "./parts.tsx";
import type { SchoolChoices } from "./use-school.ts";

interface Props extends SchoolChoices {
  readonly words: SettingsPage["words"];
}

/** How words are worked, unless a lesson says otherwise. */
export function WordsWorked({ school, change, words }: Props) {
  const { practice } = school;
  const set = (part: Partial<PracticeSettings>) => change({ practice: { ...practice, ...part } });
  const [word] = words[school.accent.accent];
  const example = word && (
    <>
      <ol
        className="flex flex-wrap items-end justify-center gap-x-5 gap-y-2"
        aria-label={`${word.word}, press by press`}
      >
        {stagesOf(word, practice).map((stage, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two moments of a word may look the same
          <li key={k}>
            <StageOfWord word={word} stage={stage} />
          </li>
        ))}
      </ol>
      <p className="w-full text-center text-[14px] text-quiet">
        {settingsText(practice)} · when wrong: {CORRECTION_NAME[practice.correction]}
      </p>
    </>
  );
  return (
    <Section title="How words are worked, unless a lesson says otherwise" example={example}>
      <div className="grid gap-2">
        <Select
          label="Help"
          value={practice.support}
          choices={SUPPORTS}
          nameOf={(id) => SUPPORT_NAME[id]}
          onChange={(support) => set({ support })}
        />
        <Select
          label="Blending"
          value={practice.blending}
          choices={BLENDING_WAYS}
          nameOf={(id) => BLENDING_NAME[id]}
          onChange={(blending) => set({ blending })}
        />
        <Select
          label="Turns"
          value={practice.turns}
          choices={TURN_PATTERNS}
          nameOf={(id) => TURNS_NAME[id]}
          onChange={(turns) => set({ turns })}
        />
        <Select
          label="After a wrong answer"
          value={practice.correction}
          choices={CORRECTIONS}
          nameOf={(id) => CORRECTION_NAME[id]}
          onChange={(correction) => set({ correction })}
        />
        <div className="grid grid-cols-2 gap-2">
          <Count
            name="Seconds to think"
            value={practice.thinking}
            least={0}
            most={LONGEST_THINKING}
            onChange={(thinking) => set({ thinking })}
          />
          <Select
            label="From lesson to lesson"
            value={practice.fading}
            choices={FADINGS}
            nameOf={(id) => FADING_NAME[id]}
            onChange={(fading) => set({ fading })}
          />
        </div>
      </div>
    </Section>
  );
}

/** A word at one press: closed units stand on a stroke, what is blended stands close. */
function StageOfWord({ word, stage }: { readonly word: Segmentation; readonly stage: WordStage }) {
  const { from, to, closed, blended, flowing } = stage;
  return (
    <span className={`inline-flex font-learner text-[24px] leading-tight ${blended || flowing ? "" : "gap-1.5"}`}>
      {word.units.slice(from, to).map((unit, k) => (
        <span
          key={unit.letters.join()}
          className={`border-b-[3px] ${from + k < closed ? "border-ink" : "border-transparent text-quiet"}`}
        >
          {unit.grapheme}
        </span>
      ))}
    </span>
  );
}
