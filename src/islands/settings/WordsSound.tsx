import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { ACCENT_NAME } from "../../components/words/accent-words.ts";
import { soundName } from "../../components/words/sounds.ts";
import { ACCENTS, type Merger, SOUND_STYLES, type SoundStyle, writtenSounds } from "../../core/light.ts";
import type { SettingsPage } from "../../server/school/settings-page.ts";
import { Check, Section } from "./parts.tsx";
import type { SchoolChoices } from "./use-school.ts";

const SOUND_STYLE_NAME: Readonly<Record<SoundStyle, string>> = {
  letters: "Plain letters",
  marks: "Long and short marks",
  ipa: "IPA",
};

/** What is shown of a way to write sounds: a short vowel, a long one, two consonants. */
const SOUNDS_SHOWN = ["e", "iː", "oʊ", "ð", "ʃ"];

const MERGER_NAME: Readonly<Record<Merger, string>> = {
  "wh-w": "wh as w (which)",
  "pin-pen": "pin and pen",
  "cot-caught": "cot and caught",
  "th-as-f-and-v": "th as f or v (thin, fin)",
  "h-dropped": "h not heard (hat, at)",
  "northern-u": "u as in put (cut, put)",
  "bath-short": "bath with a short a",
};

interface Props extends SchoolChoices {
  readonly samples: SettingsPage["samples"];
}

/** How words sound at this school, and how their sounds are written. */
export function WordsSound({ school, change, samples }: Props) {
  const { accent, mergers } = school.accent;
  const toggle = (merger: Merger, on: boolean) =>
    change({
      accent: { ...school.accent, mergers: on ? [...mergers, merger] : mergers.filter((one) => one !== merger) },
    });
  const example = samples[accent].map(({ word, phonemes }) => (
    <span key={word} className="grid justify-items-center">
      <span className="font-learner text-[26px] leading-tight">{word}</span>
      <span className="text-[14px] text-quiet">{writtenSounds(phonemes, { style: school.soundStyle, accent })}</span>
    </span>
  ));
  return (
    <Section title="How words sound here" example={example}>
      <span className="label mb-1.5">Accent</span>
      <SegmentedChoice
        label="Accent"
        value={accent}
        choices={ACCENTS}
        names={ACCENT_NAME}
        onChange={(next) => change({ accent: { ...school.accent, accent: next } })}
      />
      <p className="mt-3 text-[14px] text-quiet">
        Said alike here. A difference of accent is never scored as an error.
      </p>
      <div className="mt-1 grid grid-cols-2 gap-x-3">
        {(Object.keys(MERGER_NAME) as Merger[]).map((merger) => (
          <Check
            key={merger}
            name={MERGER_NAME[merger]}
            on={mergers.includes(merger)}
            onChange={(on) => toggle(merger, on)}
          />
        ))}
      </div>
      <span className="label mt-4 mb-1.5">Sounds are written in</span>
      <SegmentedChoice
        label="Sounds are written in"
        value={school.soundStyle}
        choices={SOUND_STYLES}
        names={SOUND_STYLE_NAME}
        onChange={(soundStyle) => change({ soundStyle })}
      />
      <p className="mt-2 text-[14px] text-quiet">{SOUNDS_SHOWN.map((id) => soundName([id])).join(" · ")}</p>
    </Section>
  );
}
