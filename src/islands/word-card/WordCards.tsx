import { lazy, Suspense, useEffect, useState } from "react";
import { onWordCardAsked, openWordCard, type WordCardRequest } from "./open.ts";
import { watchWords } from "./watch-words.ts";

/** The card itself is fetched when the first one is opened. */
const WordCardDialog = lazy(() => import("./WordCardDialog.tsx"));

/** Once a page: opens the card of any word marked `data-word`, by press and hold, or by `?`. */
export default function WordCards({ groupId }: { readonly groupId?: string | undefined }) {
  const [asked, setAsked] = useState<WordCardRequest>();
  useEffect(() => watchWords(openWordCard), []);
  useEffect(() => onWordCardAsked(setAsked), []);
  const group = asked?.groupId ?? groupId;
  if (!asked || !group) return null;
  return (
    <Suspense>
      <WordCardDialog word={asked.word} groupId={group} onClose={() => setAsked(undefined)} />
    </Suspense>
  );
}
