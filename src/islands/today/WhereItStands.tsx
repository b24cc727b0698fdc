import { useEffect, useState } from "react";
import { type StepRange, standsBetween, type TellingWord } from "../../core/light.ts";
import type { SequenceChoice } from "../../server/groups/today-page.ts";
import { call } from "../shared/client.ts";
import { StepSelect } from "./StepSelect.tsx";

interface Props {
  readonly sequence: SequenceChoice;
  /** From 1. */
  readonly step: number;
  readonly onStep: (step: number) => void;
}

/** Finds out where a group stands by words: "can most of them read these?" A second six look closer. */
export function WhereItStands({ sequence, step, onStep }: Props) {
  const [range, setRange] = useState<StepRange>({ above: 0, upTo: sequence.steps.length });
  const [words, setWords] = useState<readonly TellingWord[]>([]);
  const [read, setRead] = useState<readonly string[]>([]);
  const [failure, setFailure] = useState("");
  useEffect(() => {
    let isCurrent = true;
    const query = { above: range.above, upTo: range.upTo };
    call("GET /api/sequences/:sequenceId/telling-words", { params: { sequenceId: sequence.id }, query }).then(
      (found) => {
        if (!isCurrent) return;
        setWords(found);
        setFailure("");
      },
      (error: Error) => isCurrent && setFailure(error.message),
    );
    return () => {
      isCurrent = false;
    };
  }, [sequence.id, range]);

  /** The words of the look before go at once: a press is for a word that belongs to this one. */
  const look = (to: StepRange) => {
    setWords([]);
    setRead([]);
    setRange(to);
  };
  const found = standsBetween(words, read, range);
  const toggle = (word: string) => {
    const now = read.includes(word) ? read.filter((one) => one !== word) : [...read, word];
    setRead(now);
    onStep(Math.max(1, standsBetween(words, now, range).above));
  };
  const canLookCloser =
    words.length > 0 && found.upTo > found.above && found.upTo - found.above < range.upTo - range.above;
  const isFirstLook = range.above === 0 && range.upTo === sequence.steps.length;
  return (
    <>
      <p>Can most of them read these? Press those that they can.</p>
      <ul className="mt-3 grid min-h-32 grid-cols-2 content-start gap-2 sm:grid-cols-3" aria-label="Words that tell">
        {words.map(({ word }) => (
          <li key={word}>
            <button
              type="button"
              aria-pressed={read.includes(word)}
              className="relative grid min-h-14 w-full place-items-center rounded-lg border border-rule font-learner text-[26px] aria-pressed:border-ink aria-pressed:bg-good-soft"
              onClick={() => toggle(word)}
            >
              {word}
              <span aria-hidden="true" className="absolute top-1 right-2 font-sans text-[15px]">
                {read.includes(word) ? "✓" : ""}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {failure !== "" && (
        <p role="alert" className="text-again">
          {failure} Choose the step from the list below.
        </p>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        {canLookCloser && (
          <button type="button" className="button" onClick={() => look(found)}>
            Six more, to look closer
          </button>
        )}
        {!isFirstLook && (
          <button
            type="button"
            className="button"
            onClick={() => {
              look({ above: 0, upTo: sequence.steps.length });
              onStep(1);
            }}
          >
            The first six again
          </button>
        )}
      </div>
      <div className="mt-4 grid">
        <StepSelect steps={sequence.steps} step={step} onStep={onStep} />
      </div>
    </>
  );
}
