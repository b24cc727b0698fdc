import { useEffect, useState } from "react";
import { stagesOf } from "../../core/light.ts";
import type { TeachPage } from "../../server/teach.ts";
import { BigWord } from "./BigWord.tsx";
import { followTeacher, type ViewState } from "./learners-view.ts";

const nothing = () => undefined;

/** The word alone, for a projector: no controls; it follows the teacher's window, and stays at its place without it. */
export default function LearnersView({ session, words, practice }: TeachPage) {
  const [state, setState] = useState<ViewState | undefined>(() => {
    const word = words[Math.min(session.place.wordIndex, words.length - 1)];
    const [stage] = word ? stagesOf(word.reading, practice, word.parts) : [];
    return stage && { wordIndex: session.place.wordIndex, stage, showChange: true };
  });
  useEffect(() => followTeacher(session.id, setState), [session.id]);
  const word = state && words[state.wordIndex];
  return (
    <main className="flex h-dvh flex-col bg-sheet" data-view={state?.wordIndex} data-closed={state?.stage.closed}>
      <h1 className="sr-only">The word</h1>
      {word && (
        <BigWord
          word={word}
          before={words[state.wordIndex - 1]}
          stage={state.stage}
          showChange={state.showChange}
          pressed={undefined}
          onTap={nothing}
        />
      )}
    </main>
  );
}
