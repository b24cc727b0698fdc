import Plus from "lucide-react/icons/plus";
import X from "lucide-react/icons/x";
import { useState } from "react";
import { toast } from "sonner";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { fewOf } from "../../components/words/counted.ts";
import { hasPhraseMarks, type Statement } from "../../core/light.ts";
import { LONGEST_ABOUT_TEXT, MOST_QUESTIONS, MOST_STATEMENTS } from "../../schemas/set-content.ts";
import type { TextWorkerClient } from "./text-worker-client.ts";
import { useTextView, type WordRules } from "./use-text.ts";

/** What is asked about a text once it has been read. */
export interface AboutText {
  readonly questions: readonly string[];
  readonly statements: readonly Statement[];
}

interface Props {
  readonly worker: TextWorkerClient;
  readonly rules: WordRules;
  readonly text: string;
  readonly about: AboutText;
  readonly onAbout: (about: AboutText) => void;
  /** Puts another text in the place of the whole. */
  readonly onText: (text: string) => void;
  /** Saves the text, and puts an activity of its sentences into the next lesson. */
  readonly onWhichWord: () => void;
}

/** So many sentences are made at a press: half of them true. */
const MADE = 4;
const UNFIT_SHOWN = 4;

/** How a text is read, phrase by phrase, and what is asked about it afterwards. */
export function ReadingPanel({ worker, rules, text, about, onAbout, onText, onWhichWord }: Props) {
  const [seed, setSeed] = useState(1);
  const { questions, statements } = about;
  const isEmpty = text.trim() === "";
  const judged = useTextView(worker, statements.map(({ sentence }) => sentence).join("\n"), rules, []);
  const unfit = judged ? judged.words.filter(({ fits }) => !fits).map(({ spelling }) => spelling) : [];

  const markPhrases = async () => {
    const marked = await worker.ask((api) => api.phrases(text, rules.taught.accent));
    if (marked === text) toast("No phrase was found to mark: put a stroke ( / ) where you want one.");
    else onText(marked);
  };
  const makeStatements = async () => {
    const { taught, never, allowLists } = rules;
    const made = await worker.ask((api) => api.statements(text, { taught, never, allowLists, count: MADE, seed }));
    setSeed(seed + 1);
    const isNew = ({ sentence }: Statement) => !statements.some((other) => other.sentence === sentence);
    const next = [...statements, ...made.filter(isNew)].slice(0, MOST_STATEMENTS);
    if (next.length === statements.length)
      toast("No other was found. One is made of a sentence that says what is so, such as: Sam sat on the mat.");
    onAbout({ ...about, statements: next });
  };
  const setQuestion = (k: number, question: string) =>
    onAbout({ ...about, questions: questions.map((one, at) => (at === k ? question : one)) });
  const setStatement = (k: number, statement: Statement) =>
    onAbout({ ...about, statements: statements.map((one, at) => (at === k ? statement : one)) });

  return (
    <div className="flex flex-col gap-5 p-4">
      <section aria-labelledby="phrases" className="flex flex-col gap-2">
        <h2 id="phrases" className="font-bold">
          Phrases
        </h2>
        <p className="text-[14px] text-quiet">
          A stroke between blanks ( / ) ends a phrase. Type it where you want it, or begin with what is usual: before
          in, on, and, when.
        </p>
        <p className="flex flex-wrap gap-2">
          <button type="button" className="button" disabled={isEmpty} onClick={() => void markPhrases()}>
            Mark the phrases
          </button>
          {hasPhraseMarks(text) && (
            <button
              type="button"
              className="button font-normal"
              onClick={() => worker.ask((api) => api.plain(text)).then(onText)}
            >
              Take the marks out
            </button>
          )}
        </p>
      </section>
      <section aria-labelledby="questions" className="flex flex-col gap-2">
        <h2 id="questions" className="font-bold">
          Questions of your own
        </h2>
        {questions.map((question, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a question has no other name than its place
          <p key={k} className="flex items-center gap-2">
            <input
              aria-label={`Question ${k + 1}`}
              className="field min-w-0 flex-1"
              placeholder="Where did the cat sit?"
              maxLength={LONGEST_ABOUT_TEXT}
              value={question}
              onChange={(event) => setQuestion(k, event.target.value)}
            />
            <Remove
              name={`Question ${k + 1}`}
              onPress={() => onAbout({ ...about, questions: questions.filter((_, at) => at !== k) })}
            />
          </p>
        ))}
        <p>
          <button
            type="button"
            className="button flex items-center gap-1.5"
            disabled={questions.length >= MOST_QUESTIONS}
            onClick={() => onAbout({ ...about, questions: [...questions, ""] })}
          >
            <Plus size={16} aria-hidden />A question
          </button>
        </p>
      </section>
      <section aria-labelledby="true-or-not" className="flex flex-col gap-2">
        <h2 id="true-or-not" className="font-bold">
          True or not
        </h2>
        <p className="text-[14px] text-quiet">
          Sentences to read and to look for in the text: some of its own, and some with one word changed.
        </p>
        <ul aria-label="Sentences that are true or not" className="flex flex-col gap-3">
          {statements.map((statement, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a sentence that is typed has no other name than its place
            <li key={k} className="flex flex-wrap items-center gap-2">
              <input
                aria-label={`Sentence ${k + 1}`}
                className="field min-w-0 basis-full font-learner"
                maxLength={LONGEST_ABOUT_TEXT}
                value={statement.sentence}
                onChange={(event) => setStatement(k, { ...statement, sentence: event.target.value })}
              />
              <SegmentedChoice
                label={`Sentence ${k + 1} is`}
                className="whitespace-nowrap"
                value={statement.isTrue ? "true" : "not"}
                choices={["true", "not"] as const}
                names={{ true: "true", not: "not true" }}
                onChange={(is) => setStatement(k, { ...statement, isTrue: is === "true" })}
              />
              <Remove
                name={`Sentence ${k + 1}`}
                onPress={() => onAbout({ ...about, statements: statements.filter((_, at) => at !== k) })}
              />
            </li>
          ))}
        </ul>
        {unfit.length > 0 && (
          <p role="status" className="text-[14px] text-again">
            The group cannot read yet: {fewOf([...new Set(unfit)], UNFIT_SHOWN)}
          </p>
        )}
        <p>
          <button
            type="button"
            className="button"
            disabled={isEmpty || statements.length >= MOST_STATEMENTS}
            onClick={() => void makeStatements()}
          >
            Make some
          </button>
        </p>
      </section>
      <section aria-labelledby="which-word" className="flex flex-col gap-2">
        <h2 id="which-word" className="font-bold">
          Which word fits?
        </h2>
        <p className="text-[14px] text-quiet">
          Its sentences with a word left out, and two others one step away that would be wrong there.
        </p>
        <p>
          <button type="button" className="button" disabled={isEmpty} onClick={onWhichWord}>
            Make it, and put it into the plan
          </button>
        </p>
      </section>
    </div>
  );
}

function Remove({ name, onPress }: { readonly name: string; readonly onPress: () => void }) {
  return (
    <button
      type="button"
      aria-label={`Take out: ${name}`}
      className="grid size-11 shrink-0 place-items-center text-quiet"
      onClick={onPress}
    >
      <X size={16} aria-hidden />
    </button>
  );
}
