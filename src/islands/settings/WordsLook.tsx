import { MarkedWord } from "../../components/MarkedWord.tsx";
import { MARK_KINDS, type MarkKind } from "../../core/light.ts";
import type { SettingsPage } from "../../server/school/settings-page.ts";
import { Check, Section } from "./parts.tsx";
import type { SchoolChoices } from "./use-school.ts";

const MARK_NAME: Readonly<Record<MarkKind, string>> = {
  taps: "a stroke under each tap",
  joined: "a line round letters that make one sound",
  lengths: "signs over long and short vowels",
  silent: "letters that say nothing, faint",
};

interface Props extends SchoolChoices {
  readonly words: SettingsPage["words"];
}

/** How words are touched, and what is drawn on them. */
export function WordsLook({ school, change, words }: Props) {
  const { taps, marks } = school;
  const example = words[school.accent.accent].map((word) => (
    <MarkedWord key={word.word} word={word} taps={taps} shown={marks} size={32} />
  ));
  return (
    <Section title="How words are tapped and marked" example={example}>
      <span className="label mb-1">One tap for</span>
      <Check
        name="two or three consonants together (st, mp)"
        on={taps.clustersTogether}
        onChange={(clustersTogether) => change({ taps: { ...taps, clustersTogether } })}
      />
      <Check
        name="a vowel with n, m, ng or nk, and -all (an, ing, all)"
        on={taps.vowelNasalTogether}
        onChange={(vowelNasalTogether) => change({ taps: { ...taps, vowelNasalTogether } })}
      />
      <span className="label mt-3 mb-1">Drawn on a word's card</span>
      {MARK_KINDS.map((kind) => (
        <Check
          key={kind}
          name={MARK_NAME[kind]}
          on={marks.includes(kind)}
          onChange={(on) => change({ marks: MARK_KINDS.filter((one) => (one === kind ? on : marks.includes(one))) })}
        />
      ))}
    </Section>
  );
}
