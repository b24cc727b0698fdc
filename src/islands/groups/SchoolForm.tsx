import { useMemo, useRef, useState } from "react";
import { toast } from "sonner";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { Select } from "../../components/ui/Select.tsx";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { ACCENT_NAME } from "../../components/words/accent-words.ts";
import { KEPT_OUT_LIST_WORDS } from "../../components/words/kept-out-lists.ts";
import {
  BLENDING_NAME,
  CORRECTION_NAME,
  FADING_NAME,
  SUPPORT_NAME,
  TURNS_NAME,
} from "../../components/words/prompt-words.ts";
import { showSoundWriting, soundName } from "../../components/words/sounds.ts";
import {
  ACCENTS,
  BLENDING_WAYS,
  CORRECTIONS,
  FADINGS,
  KEPT_OUT_LIST_IDS,
  LONGEST_THINKING,
  type Merger,
  type SchoolSettings,
  SOUND_STYLES,
  type SoundStyle,
  SUPPORTS,
  TURN_PATTERNS,
} from "../../core/light.ts";
import { call } from "../shared/client.ts";
import { useAnnouncedAutosave } from "../shared/use-announced-autosave.ts";

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

/** Where the school is: its days begin and end there. */
function TimeZone({ first }: { readonly first: string }) {
  const [zone, setZone] = useState(first);
  const zones = useMemo(() => [...new Set([...Intl.supportedValuesOf("timeZone"), first])].sort(), [first]);
  const choose = async (timeZone: string) => {
    setZone(timeZone);
    try {
      await call("PUT /api/school/time-zone", { body: { timeZone, onlyIfUnset: false } });
      toast.success("Kept", { id: "school", duration: 1200 });
    } catch (error) {
      setZone(zone);
      toast.error((error as Error).message);
    }
  };
  return (
    <div className="mt-4">
      <Select
        label="Time where the school is"
        value={zone}
        choices={zones}
        nameOf={(id) => id.replaceAll("_", " ")}
        onChange={choose}
      />
    </div>
  );
}

const typedWords = (text: string) =>
  text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter(Boolean);

interface Props {
  readonly school: SchoolSettings;
  /** Where the school is, as it is stored or thought. */
  readonly timeZone: string;
}

/** The school's choices: how it hears words, how it touches them, what it keeps out. Stored as they are made. */
export default function SchoolForm({ school: first, timeZone }: Props) {
  const [school, setSchool] = useState(first);
  const [never, setNever] = useState(first.never.join(", "));
  const [failure, setFailure] = useState("");
  /** For what is pressed later than it is drawn. */
  const latest = useRef(first);
  const autosave = useAnnouncedAutosave({
    name: "zip-step school",
    stored: first,
    send: (whole, base) => call("PUT /api/school", { body: { ...whole, ...(base && { base }) }, outlive: true }),
    onRestored: (unsaved) => {
      latest.current = unsaved;
      showSoundWriting(unsaved.soundStyle, unsaved.accent.accent);
      setSchool(unsaved);
      setNever(unsaved.never.join(", "));
    },
    onSaved: () => {
      setFailure("");
      toast.success("Kept", { id: "school", duration: 1200 });
    },
    // What was typed stays where it was typed, to be put right.
    onRefused: (error) => {
      latest.current = autosave.stored;
      showSoundWriting(autosave.stored.soundStyle, autosave.stored.accent.accent);
      setSchool(autosave.stored);
      setFailure(error.message);
    },
  });

  const save = (next: SchoolSettings) => {
    latest.current = next;
    showSoundWriting(next.soundStyle, next.accent.accent);
    setSchool(next);
    setFailure("");
    autosave.save(next);
  };
  const putBack = (never: readonly string[]) => {
    setNever(never.join(", "));
    save({ ...latest.current, never });
  };
  const toggleMerger = (merger: Merger, on: boolean) => {
    const mergers = on ? [...school.accent.mergers, merger] : school.accent.mergers.filter((m) => m !== merger);
    save({ ...school, accent: { ...school.accent, mergers } });
  };

  return (
    <section aria-label="The school's choices" className="rounded-xl border border-rule bg-sheet p-5">
      <h2 className="text-lg font-bold">The school's choices</h2>
      <TimeZone first={timeZone} />
      <fieldset className="mt-4">
        <legend className="label mb-1.5">Accent</legend>
        <SegmentedChoice
          label="Accent"
          value={school.accent.accent}
          choices={ACCENTS}
          names={ACCENT_NAME}
          onChange={(accent) => save({ ...school, accent: { ...school.accent, accent } })}
        />
        <p className="mt-3 text-[13.5px] text-quiet">
          Said alike here. A difference of accent is never scored as an error.
        </p>
        <div className="mt-1 grid grid-cols-2 gap-x-3">
          {(Object.keys(MERGER_NAME) as Merger[]).map((merger) => (
            <Check
              key={merger}
              name={MERGER_NAME[merger]}
              on={school.accent.mergers.includes(merger)}
              onChange={(on) => toggleMerger(merger, on)}
            />
          ))}
        </div>
      </fieldset>
      <fieldset className="mt-4">
        <legend className="label mb-1.5">Sounds are written in</legend>
        <SegmentedChoice
          label="Sounds are written in"
          value={school.soundStyle}
          choices={SOUND_STYLES}
          names={SOUND_STYLE_NAME}
          onChange={(soundStyle) => save({ ...school, soundStyle })}
        />
        <p className="mt-2 text-[14px] text-quiet">{SOUNDS_SHOWN.map((id) => soundName([id])).join(" · ")}</p>
      </fieldset>
      <fieldset className="mt-4">
        <legend className="label mb-1">One tap for</legend>
        <Check
          name="two or three consonants together (st, nd)"
          on={school.taps.clustersTogether}
          onChange={(clustersTogether) => save({ ...school, taps: { ...school.taps, clustersTogether } })}
        />
        <Check
          name="a vowel with n, m, ng or nk, and -all (an, ing, all)"
          on={school.taps.vowelNasalTogether}
          onChange={(vowelNasalTogether) => save({ ...school, taps: { ...school.taps, vowelNasalTogether } })}
        />
      </fieldset>
      <fieldset className="mt-4">
        <legend className="label mb-1">How words are worked, unless a lesson says otherwise</legend>
        <div className="grid gap-2">
          <Select
            label="Help"
            value={school.practice.support}
            choices={SUPPORTS}
            nameOf={(id) => SUPPORT_NAME[id]}
            onChange={(support) => save({ ...school, practice: { ...school.practice, support } })}
          />
          <Select
            label="Blending"
            value={school.practice.blending}
            choices={BLENDING_WAYS}
            nameOf={(id) => BLENDING_NAME[id]}
            onChange={(blending) => save({ ...school, practice: { ...school.practice, blending } })}
          />
          <Select
            label="Turns"
            value={school.practice.turns}
            choices={TURN_PATTERNS}
            nameOf={(id) => TURNS_NAME[id]}
            onChange={(turns) => save({ ...school, practice: { ...school.practice, turns } })}
          />
          <Select
            label="After a wrong answer"
            value={school.practice.correction}
            choices={CORRECTIONS}
            nameOf={(id) => CORRECTION_NAME[id]}
            onChange={(correction) => save({ ...school, practice: { ...school.practice, correction } })}
          />
          <div className="grid grid-cols-2 gap-2">
            <Count
              name="Seconds to think"
              value={school.practice.thinking}
              least={0}
              most={LONGEST_THINKING}
              onChange={(thinking) => save({ ...school, practice: { ...school.practice, thinking } })}
            />
            <Select
              label="From lesson to lesson"
              value={school.practice.fading}
              choices={FADINGS}
              nameOf={(id) => FADING_NAME[id]}
              onChange={(fading) => save({ ...school, practice: { ...school.practice, fading } })}
            />
          </div>
        </div>
      </fieldset>
      <fieldset className="mt-4">
        <legend className="label mb-1">A card is known when it was right</legend>
        <div className="grid grid-cols-3 gap-2">
          <Count
            name="times"
            value={school.mastery.right}
            least={1}
            most={school.mastery.of}
            onChange={(right) => save({ ...school, mastery: { ...school.mastery, right } })}
          />
          <Count
            name="of the last"
            value={school.mastery.of}
            least={school.mastery.right}
            most={20}
            onChange={(of) => save({ ...school, mastery: { ...school.mastery, of } })}
          />
          <Count
            name="on so many days"
            value={school.mastery.days}
            least={1}
            most={5}
            onChange={(days) => save({ ...school, mastery: { ...school.mastery, days } })}
          />
        </div>
      </fieldset>
      <fieldset className="mt-4">
        <legend className="label mb-1">Words kept out</legend>
        {KEPT_OUT_LIST_IDS.map((id) => (
          <Check
            key={id}
            name={KEPT_OUT_LIST_WORDS[id]}
            on={school.allowLists.includes(id)}
            onChange={(on) =>
              save({
                ...school,
                allowLists: KEPT_OUT_LIST_IDS.filter((one) => (one === id ? on : school.allowLists.includes(one))),
              })
            }
          />
        ))}
        <label className="mt-2 block">
          <span className="text-[13.5px] text-quiet">Your own list. It wins over everything.</span>
          <textarea
            className="field mt-1 font-learner text-[16px]"
            rows={3}
            spellCheck={false}
            value={never}
            onChange={(event) => setNever(event.target.value)}
            onBlur={() => {
              const words = typedWords(never);
              if (words.join(" ") === school.never.join(" ")) return;
              const before = school.never;
              save({ ...school, never: words });
              toast("The list of words kept out was changed.", {
                action: { label: "Undo", onClick: () => putBack(before) },
              });
            }}
          />
        </label>
      </fieldset>
      {failure && (
        <p role="alert" className="mt-3 text-again">
          {failure}
        </p>
      )}
      <Toasts />
    </section>
  );
}

/** A whole number within bounds; what is typed outside them is not kept. */
function Count(props: { name: string; value: number; least: number; most: number; onChange: (value: number) => void }) {
  return (
    <label className="min-w-0">
      <span className="label mb-1">{props.name}</span>
      <input
        type="number"
        className="field"
        min={props.least}
        max={props.most}
        value={props.value}
        onChange={(event) => {
          const value = Math.round(event.target.valueAsNumber);
          if (value >= props.least && value <= props.most) props.onChange(value);
        }}
      />
    </label>
  );
}

function Check(props: { name: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <label className="flex min-h-11 items-center gap-2.5 leading-tight">
      <input
        type="checkbox"
        className="size-[18px] shrink-0 accent-ink"
        checked={props.on}
        onChange={(event) => props.onChange(event.target.checked)}
      />
      {props.name}
    </label>
  );
}
