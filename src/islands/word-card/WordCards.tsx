import { lazy, Suspense, useEffect, useState } from "react";
import type { ShortcutScreen } from "../shared/shortcuts.ts";
import { onShortcutHelpAsked, openShortcutHelp } from "../shortcut-help/open.ts";
import { onWordCardAsked, openWordCard, type WordCardRequest } from "./open.ts";
import { watchWords } from "./watch-words.ts";

/** The card and the list of keys are fetched when the first one is opened. */
const WordCardDialog = lazy(() => import("./WordCardDialog.tsx"));
const ShortcutHelp = lazy(() => import("../shortcut-help/ShortcutHelp.tsx"));

interface Props {
  readonly groupId?: string | undefined;
  /** Whose keys `?` lists. */
  readonly screen?: ShortcutScreen | undefined;
}

/** Once a page: opens the card of any word marked `data-word`, by press and hold, or by `?`; elsewhere the keys. */
export default function WordCards({ groupId, screen }: Props) {
  const [asked, setAsked] = useState<WordCardRequest>();
  const [isHelpOpen, setHelpOpen] = useState(false);
  useEffect(() => watchWords(openWordCard, openShortcutHelp), []);
  useEffect(() => onWordCardAsked(setAsked), []);
  useEffect(() => onShortcutHelpAsked(() => setHelpOpen(true)), []);
  const group = asked?.groupId ?? groupId;
  return (
    <Suspense>
      {asked && group && <WordCardDialog word={asked.word} groupId={group} onClose={() => setAsked(undefined)} />}
      {isHelpOpen && <ShortcutHelp screen={screen} onClose={() => setHelpOpen(false)} />}
    </Suspense>
  );
}
