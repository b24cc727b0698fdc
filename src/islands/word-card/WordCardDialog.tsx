import { useEffect, useState } from "react";
import { MarkedWord } from "../../components/MarkedWord.tsx";
import { Dialog } from "../../components/ui/Dialog.tsx";
import { notTaughtWords } from "../../components/words/reasons.ts";
import { soundName, soundsText } from "../../components/words/sounds.ts";
import { ZipStrip } from "../../components/zip/ZipStrip.tsx";
import { saidPhonemes } from "../../core/light.ts";
import type { AskedWord, GroupWordCard } from "../../server/school/words.ts";
import { call } from "../shared/client.ts";

interface Props {
  /** The word whose card is open; undefined when none is. */
  readonly word: string | undefined;
  readonly groupId: string;
  readonly onClose: () => void;
}

const TYPE_NAME: Readonly<Record<string, string>> = {
  closed: "closed",
  open: "open",
  "vowel-consonant-e": "vowel-consonant-e",
  "vowel-team": "vowel team",
  "r-controlled": "r-controlled",
  "consonant-le": "consonant-le",
};

/** The card of a word: what it is made of, when it comes within reach, what it may be taken for. */
export default function WordCardDialog({ word, groupId, onClose }: Props) {
  const [card, setCard] = useState<AskedWord>();
  const [failure, setFailure] = useState("");
  useEffect(() => {
    if (word === undefined) return;
    let current = true;
    setCard(undefined);
    setFailure("");
    call("GET /api/words/:word", { params: { word }, query: { groupId } }).then(
      (answer) => current && setCard(answer),
      (error: Error) => current && setFailure(error.message),
    );
    return () => {
      current = false;
    };
  }, [word, groupId]);
  return (
    <Dialog
      title={word ?? ""}
      isWord
      hasClose
      width="wide"
      open={word !== undefined}
      onOpenChange={(open) => !open && onClose()}
    >
      {failure && (
        <p role="alert" className="mt-3 text-again">
          {failure}
        </p>
      )}
      {card?.listed === true && <CardBody card={card.card} />}
      {card?.listed === false && <UnlistedBody {...card} />}
    </Dialog>
  );
}

function UnlistedBody({ unlisted, school }: Extract<AskedWord, { listed: false }>) {
  switch (unlisted.status) {
    case "unsplittable":
      return (
        <p className="mt-3">
          Its letters and sounds cannot be matched one by one: it is learnt as a whole.{" "}
          <b className={unlisted.learntWhole ? "text-good" : "text-again"}>
            {unlisted.learntWhole ? "This group has been taught it." : "This group has not been taught it yet."}
          </b>
        </p>
      );
    case "kept-out":
      return <p className="mt-3">Not a word for a reading lesson: Zip Step shows it to no learner.</p>;
    case "unreadable":
      return <p className="mt-3">Not in the word list, and no rule of English reads it. Check the spelling.</p>;
    case "by-rule":
      return (
        <>
          <p className="mt-3 text-quiet">Not in the word list. By rule it would be read:</p>
          <ol className="mt-2 space-y-3">
            {unlisted.readings.map((reading) => (
              <li key={reading.units.map((unit) => unit.grapheme + unit.phonemes.join("+")).join(" ")}>
                <b>{soundsText(saidPhonemes(reading, school.accent))}</b>
                <span className="block text-[13.5px] text-quiet">
                  {reading.units.map((unit, k) => `${unit.grapheme}: ${reading.rules[k]}`).join(" · ")}
                </span>
              </li>
            ))}
          </ol>
        </>
      );
  }
}

function CardBody({ card }: { card: GroupWordCard }) {
  const [lead, ...others] = card.readings;
  if (!lead) return null;
  const { accent, taps: tapSettings } = card.school;
  const { letters, graphemes, phonemes, taps } = card.counts;
  return (
    <>
      <div className="my-3 overflow-x-auto">
        <ZipStrip word={lead} size={40} />
      </div>
      <dl className="space-y-2.5">
        <Line name="Counts">{`${letters} letters · ${graphemes} graphemes · ${phonemes} sounds · ${taps} taps`}</Line>
        <Line name="Marks">
          <MarkedWord word={lead} taps={tapSettings} shown={card.school.marks} />
        </Line>
        <Line name="Sounds">
          {soundsText(saidPhonemes(lead, accent))}
          <ul className="mt-1 flex flex-wrap gap-x-4 text-quiet">
            {lead.units.map((unit) => (
              <li key={unit.letters.join()}>
                <span className="font-learner text-[17px] text-ink">{unit.grapheme}</span> {soundName(unit.phonemes)}
              </li>
            ))}
          </ul>
        </Line>
        {card.oddUnits.length > 0 && (
          <Line name="Point out">
            <span className="font-learner text-[17px]">
              {card.oddUnits.map((k) => lead.units[k]?.grapheme).join(", ")}
            </span>
          </Line>
        )}
        {card.syllables.length > 1 && (
          <Line name="Syllables">
            {card.syllables.map(({ text, type }) => `${text} (${TYPE_NAME[type]})`).join(" · ")}
          </Line>
        )}
        <Line name="Today">
          {card.today.decodable ? (
            <span className="font-semibold text-good">
              {card.today.learntWhole ? "Learnt as a whole" : "Within what is taught"}
            </span>
          ) : (
            <span className="font-semibold text-again">{notTaughtWords(card.today.missing)}</span>
          )}
          <span className="text-quiet">
            {card.firstStep === undefined
              ? " · not reached in this order"
              : ` · from step ${card.firstStep}, ${card.firstStepName}`}
          </span>
        </Line>
        {others.length > 0 && (
          <Line name="Also said">{others.map((reading) => soundsText(saidPhonemes(reading, accent))).join(", ")}</Line>
        )}
        {card.soundAlikes.length > 0 && <Line name="Sounds like">{card.soundAlikes.join(", ")}</Line>}
        {(card.inflection || card.forms.length > 0) && (
          <Line name="Relatives">
            {[card.inflection && `${card.inflection.base} + -${card.inflection.ending}`, ...card.forms]
              .filter(Boolean)
              .join(", ")}
          </Line>
        )}
        {card.unsuitable && <Line name="Kept out">{`${card.unsuitable.reason} (not every school)`}</Line>}
      </dl>
    </>
  );
}

function Line({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className="grid grid-cols-[90px_1fr] gap-3">
      <dt className="label pt-1">{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}
