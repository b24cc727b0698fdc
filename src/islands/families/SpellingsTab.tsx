import { useCallback, useMemo, useState } from "react";
import { factWords } from "../../components/words/fact-words.ts";
import { noChoicesWords } from "../../components/words/family-words.ts";
import { soundName } from "../../components/words/sounds.ts";
import { type Bin, type FamilyRules, gpcById, MOST_BINS, type SpellingChoice, taughtGpcs } from "../../core/light.ts";
import type { FamiliesPage } from "../../server/sets/families-page.ts";
import type { SetsWorkerClient } from "../shared/sets-worker-client.ts";
import { useAnswer } from "../shared/use-answer.ts";
import { SoundButton } from "./PairsTab.tsx";

interface Props {
  readonly worker: SetsWorkerClient;
  readonly page: FamiliesPage;
  readonly rules: FamilyRules;
  readonly onSort: (bins: readonly Bin[]) => void;
}

const WORDS_SHOWN = 8;

/** All spellings of one sound: where each stands in words, and words of this group with it. */
export function SpellingsTab({ worker, page, rules, onSort }: Props) {
  const choices = useMemo(() => taughtGpcs(page.scope), [page.scope]);
  const [sound, setSound] = useState<readonly string[]>();
  const ask = useCallback(
    async () => (sound ? worker.ask((api) => api.spellings(sound, rules)) : undefined),
    [worker, rules, sound],
  );
  const found = useAnswer(ask);
  const forSort = found?.ok ? found.choices.filter(({ taught, words }) => taught && words.length >= 2) : [];
  return (
    <div className="flex min-h-0 flex-1 flex-col overflow-auto px-5 py-4">
      <div className="flex flex-wrap items-end gap-3">
        <SoundButton
          name="The sound of"
          sound={sound}
          choices={choices}
          onPick={(gpc) => setSound(gpcById(gpc)?.phonemes)}
        />
        <button
          type="button"
          className="button"
          disabled={forSort.length < 2}
          title={forSort.length < 2 ? "A sort needs two spellings with two words each" : undefined}
          onClick={() => onSort(forSort.slice(0, MOST_BINS).map(({ gpc }) => ({ by: "spelling", gpc })))}
        >
          Sort them
        </button>
      </div>
      {!sound && (
        <p className="mt-12 max-w-md self-center text-center text-quiet">
          <b className="block text-xl text-ink">One sound, all its spellings.</b>
          Choose a sound to see which spelling stands where, and words for each.
        </p>
      )}
      {found && !found.ok && (
        <p role="alert" className="mt-4 rounded-lg bg-again-soft p-3">
          {noChoicesWords(found.reason)}
        </p>
      )}
      {found?.ok && sound && (
        <table className="mt-5 w-full">
          <caption className="sr-only">Spellings of {soundName(sound)}</caption>
          <thead>
            <tr className="text-left text-[13px] text-quiet">
              {["spelling", "where it stands", "start · inside · end", "words"].map((name) => (
                <th key={name} className="border-b border-rule pr-4 pb-1 font-semibold whitespace-nowrap">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {found.choices.map((choice) => (
              <Row key={choice.gpc} choice={choice} />
            ))}
          </tbody>
        </table>
      )}
      <p className="mt-4 text-[13px] text-quiet">
        Places are counted in the word list's words of one syllable without an ending on: a rule stands where it holds
        for 97 in 100 of them, “mostly” where it holds for 85.
      </p>
    </div>
  );
}

function Row({ choice }: { choice: SpellingChoice }) {
  const { grapheme, gpc, taught, facts, at, words } = choice;
  const cell = "border-b border-hairline py-2 pr-4 align-baseline";
  return (
    <tr data-gpc={gpc} className={taught ? "" : "text-quiet"}>
      <th scope="row" className={`${cell} text-left font-learner text-[24px] font-normal`}>
        {grapheme}
      </th>
      <td className={cell}>{facts.length > 0 ? facts.map(factWords).join("; ") : "anywhere"}</td>
      <td className={`${cell} whitespace-nowrap tabular-nums text-quiet`}>
        {at.start} · {at.inside} · {at.end}
      </td>
      <td className={`${cell} font-learner text-[17px]`}>
        {taught ? (
          words.slice(0, WORDS_SHOWN).join(", ")
        ) : (
          <span className="font-sans text-[14px]">not taught yet</span>
        )}
        {taught && words.length > WORDS_SHOWN && (
          <span className="ml-2 font-sans text-[13px] text-quiet">+{words.length - WORDS_SHOWN}</span>
        )}
      </td>
    </tr>
  );
}
