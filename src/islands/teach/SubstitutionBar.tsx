import { useState } from "react";
import { MODE_VERB } from "../../components/words/response-words.ts";
import { keyWordOf, soundAlone, soundName } from "../../components/words/sounds.ts";
import { PHONEMES, type ResponseMode } from "../../core/light.ts";
import type { TeachOral, TeachWord } from "../../server/sessions/teach-page.ts";

interface Props {
  readonly word: Pick<TeachWord, "reading" | "likely"> | TeachOral;
  readonly unit: number;
  readonly learner: string;
  readonly mode: ResponseMode;
  readonly onSaid: (said: readonly string[]) => void;
  readonly onClose: () => void;
}

/** What was said for the pressed unit: the likeliest sounds first, the rest behind one press. */
export function SubstitutionBar({ word, unit, learner, mode, onSaid, onClose }: Props) {
  const [all, setAll] = useState(false);
  const target = word.reading.units[unit];
  if (!target) return null;
  const likely = word.likely[unit] ?? [];
  const rest = PHONEMES.map((p) => p.id).filter((id) => !likely.includes(id) && !target.phonemes.includes(id));
  return (
    <section
      aria-label="What was said instead"
      className="flex flex-wrap items-center gap-2 border-t border-rule bg-again-soft px-5 py-3"
    >
      <p className="mr-2 text-again">
        {learner} {MODE_VERB[mode]}{" "}
        <b className={target.grapheme ? "font-learner text-[20px]" : ""}>
          {target.grapheme || soundAlone(target.phonemes)}
        </b>{" "}
        as
      </p>
      {likely.map((id) => (
        <SoundButton key={id} id={id} onPress={() => onSaid([id])} />
      ))}
      {all && rest.map((id) => <SoundButton key={id} id={id} onPress={() => onSaid([id])} />)}
      <button type="button" className="button min-h-12" onClick={() => onSaid([])}>
        left out
      </button>
      {!all && (
        <button type="button" className="button min-h-12" onClick={() => setAll(true)}>
          another sound…
        </button>
      )}
      <button type="button" className="button ml-auto min-h-12" onClick={onClose}>
        Never mind
      </button>
    </section>
  );
}

function SoundButton({ id, onPress }: { id: string; onPress: () => void }) {
  return (
    <button type="button" className="button min-h-12 px-3 leading-tight" aria-label={soundName([id])} onClick={onPress}>
      <span className="block text-[17px]">{soundAlone([id])}</span>
      <span className="block text-[12px] font-normal text-quiet">{keyWordOf(id)}</span>
    </button>
  );
}
