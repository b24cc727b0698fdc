import { Toasts } from "../../components/ui/Toasts.tsx";
import type { SettingsPage } from "../../server/school/settings-page.ts";
import { DemoChoice } from "./DemoChoice.tsx";
import { DictationChecklist } from "./DictationChecklist.tsx";
import { HelpChoice } from "./HelpChoice.tsx";
import { KnownWhen } from "./KnownWhen.tsx";
import { OwnWords } from "./OwnWords.tsx";
import { Section } from "./parts.tsx";
import { SentencesWritten } from "./SentencesWritten.tsx";
import { TimeZone } from "./TimeZone.tsx";
import { useSchool } from "./use-school.ts";
import { WhatCounts } from "./WhatCounts.tsx";
import { WordsKeptOut } from "./WordsKeptOut.tsx";
import { WordsLook } from "./WordsLook.tsx";
import { WordsSound } from "./WordsSound.tsx";
import { WordsWorked } from "./WordsWorked.tsx";

/** The school's choices, each under what it makes of words. Stored as they are made. */
export default function Settings({ school: first, timeZone, samples, words, isDemoOpen }: SettingsPage) {
  const choices = useSchool(first);
  return (
    <>
      {choices.failure && (
        <p role="alert" className="mt-3 text-again">
          {choices.failure}
        </p>
      )}
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] items-start gap-5 lg:grid-cols-2">
        <div className="grid gap-5">
          <WordsSound {...choices} samples={samples} />
          <OwnWords {...choices} />
          <WordsKeptOut {...choices} />
          <SentencesWritten {...choices} />
          <DictationChecklist {...choices} />
          <TimeZone first={timeZone} />
          <Section title="Short help">
            <HelpChoice />
          </Section>
        </div>
        <div className="grid gap-5">
          <WordsLook {...choices} words={words} />
          <WordsWorked {...choices} words={words} />
          <KnownWhen {...choices} />
          <WhatCounts {...choices} />
          <Section title="The demo">
            <DemoChoice isOpen={isDemoOpen} />
          </Section>
        </div>
      </div>
      <Toasts />
    </>
  );
}
