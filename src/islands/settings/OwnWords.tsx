import X from "lucide-react/icons/x";
import { useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import { MarkedWord } from "../../components/MarkedWord.tsx";
import { IconButton } from "../../components/ui/IconButton.tsx";
import { gpcName } from "../../components/words/gpc-name.ts";
import { soundsText } from "../../components/words/sounds.ts";
import {
  choicesAt,
  decode,
  type OwnWord,
  phonemesOf,
  pickAt,
  picksOf,
  readCompactReading,
  readingOfPicks,
  type SoundPick,
} from "../../core/light.ts";
import { Check, Section } from "./parts.tsx";
import type { SchoolChoices } from "./use-school.ts";

const LONGEST = 20;
const NOT_A_LETTER = /[^a-z]/g;

/** How a word is read by rule, to begin with; a word that no rule reads begins with its single letters. */
function firstPicks(word: string): SoundPick[] {
  const read = decode(word);
  if (read) return picksOf(read);
  return Array.from(word, (_, at) => choicesAt(word, at).find(({ grapheme }) => grapheme.length === 1)).flatMap(
    (gpc, at) => (gpc ? [{ at, gpc: gpc.id }] : []),
  );
}

function readingOf(word: string, reading: string) {
  try {
    return readCompactReading(word, reading);
  } catch {
    return undefined;
  }
}

const shown = ({ word, isCapital }: Pick<OwnWord, "word" | "isCapital">) =>
  isCapital ? word.charAt(0).toUpperCase() + word.slice(1) : word;

/** Words that the list does not have, or says otherwise: each with a sound picked for its letters. */
export function OwnWords({ school, change, failure }: SchoolChoices) {
  const { taps, marks, accent } = school;
  const own = accent.ownWords ?? [];
  const [typed, setTyped] = useState("");
  const [picks, setPicks] = useState<readonly SoundPick[]>([]);
  const [isCapital, setCapital] = useState(false);

  /** What was put in last: a word that is refused is there again, to be put right. */
  const lastPut = useRef<{ readonly word: OwnWord; readonly picks: readonly SoundPick[] } | undefined>(undefined);
  useEffect(() => {
    const refused = lastPut.current;
    if (!failure || !refused) return;
    lastPut.current = undefined;
    setTyped(refused.word.word);
    setPicks(refused.picks);
    setCapital(refused.word.isCapital);
  }, [failure]);

  const type = (text: string) => {
    const word = text.toLowerCase().replace(NOT_A_LETTER, "").slice(0, LONGEST);
    setTyped(word);
    setPicks(firstPicks(word));
    setCapital(/^[A-Z]/.test(text.trim()));
  };
  const reading = typed === "" ? undefined : readingOf(typed, readingOfPicks(picks));
  const keep = (ownWords: readonly OwnWord[]) => change({ accent: { ...accent, ownWords } });
  const put = () => {
    const word: OwnWord = { word: typed, reading: readingOfPicks(picks), isCapital };
    lastPut.current = { word, picks };
    keep([...own.filter((one) => one.word !== typed), word]);
    type("");
  };

  return (
    <Section title="Words of your own">
      <p className="text-[14px] text-quiet">
        A name, a place, a word that is said otherwise here. It is then read, tapped and judged everywhere as you say
        it.
      </p>
      {own.length > 0 && (
        <ul className="mt-3 flex flex-wrap gap-2" aria-label="Words of your own">
          {own.map((one) => {
            const said = readingOf(one.word, one.reading);
            return (
              <li key={one.word} className="flex items-center gap-1 rounded-lg border border-rule py-0.5 pl-3">
                <span className="font-learner text-[19px]">{shown(one)}</span>
                <span className="text-[14px] text-quiet">{said && soundsText(phonemesOf(said))}</span>
                <IconButton
                  name={`Take ${shown(one)} out`}
                  onPress={() => {
                    keep(own.filter(({ word }) => word !== one.word));
                    toast(`${shown(one)} was taken out.`, { action: { label: "Undo", onClick: () => keep(own) } });
                  }}
                >
                  <X aria-hidden size={18} />
                </IconButton>
              </li>
            );
          })}
        </ul>
      )}
      <form
        className="mt-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (reading) put();
        }}
      >
        <label className="block">
          <span className="label mb-1">A word</span>
          <input
            className="field min-h-11 font-learner text-[19px]"
            value={isCapital ? shown({ word: typed, isCapital }) : typed}
            maxLength={LONGEST}
            spellCheck={false}
            autoComplete="off"
            onChange={({ target }) => type(target.value)}
          />
        </label>
        {typed !== "" && (
          <>
            <div className="mt-3 flex min-h-16 items-center justify-center rounded-lg bg-paper py-2" aria-live="polite">
              {reading ? (
                <span className="grid justify-items-center">
                  <MarkedWord word={reading} taps={taps} shown={marks} size={32} />
                  <span className="text-[14px] text-quiet">{soundsText(phonemesOf(reading))}</span>
                </span>
              ) : (
                <span className="px-3 text-quiet">No sound can be picked for one of its letters.</span>
              )}
            </div>
            <div className="mt-3 grid grid-cols-2 gap-2 sm:grid-cols-3">
              {picks.map((pick) => (
                <label key={pick.at} className="min-w-0">
                  <span className="sr-only">Sound of letter {pick.at + 1}</span>
                  <select
                    className="field min-h-11"
                    value={pick.gpc}
                    onChange={({ target }) => setPicks(pickAt(typed, picks, { at: pick.at, gpc: target.value }))}
                  >
                    {choicesAt(typed, pick.at).map(({ id }) => (
                      <option key={id} value={id}>
                        {gpcName(id)}
                      </option>
                    ))}
                  </select>
                </label>
              ))}
            </div>
            <div className="mt-2 flex flex-wrap items-center justify-between gap-3">
              <Check name="a name, with a capital" on={isCapital} onChange={setCapital} />
              <button type="submit" className="button button-main min-h-11" disabled={!reading}>
                Put it in
              </button>
            </div>
          </>
        )}
      </form>
      {failure && typed !== "" && <p className="mt-2 text-again">{failure}</p>}
    </Section>
  );
}
