import Plus from "lucide-react/icons/plus";
import X from "lucide-react/icons/x";
import { useCallback, useMemo, useState } from "react";
import { GpcPicker } from "../../components/GpcPicker.tsx";
import { Select } from "../../components/ui/Select.tsx";
import { binName } from "../../components/words/family-names.ts";
import { foilWords, noSortWords } from "../../components/words/family-words.ts";
import { gpcName } from "../../components/words/gpc-name.ts";
import type { SetContent } from "../../core/light.ts";
import {
  type Bin,
  binId,
  type Family,
  type FamilyRules,
  familyId,
  MOST_BINS,
  MOST_FOILS,
  MOST_IN_A_BIN,
  taughtGpcs,
} from "../../core/light.ts";
import type { FamiliesPage } from "../../server/sets/families-page.ts";
import type { SetsWorkerClient } from "../shared/sets-worker-client.ts";
import { useAnswer } from "../shared/use-answer.ts";

interface Props {
  readonly worker: SetsWorkerClient;
  readonly page: FamiliesPage;
  readonly rules: FamilyRules;
  readonly families: readonly Family[];
  /** Bins set up elsewhere: the spellings of a sound. */
  readonly bins: readonly Bin[];
  readonly onBins: (bins: readonly Bin[]) => void;
  readonly onSave: (content: SetContent) => void;
  readonly onPlan: (content: SetContent) => void;
  readonly onPrint: (content: SetContent) => void;
}

const TYPES = ["closed", "not-closed", "open", "vowel-consonant-e", "vowel-team", "r-controlled"] as const;

/** A sort in two or three bins, with words that belong in none, and its answer key. */
export function SortTab(props: Props) {
  const { worker, page, rules, families, bins, onBins } = props;
  const { set } = page;
  const stored = set?.content.kind === "sort" ? set.content.request : undefined;
  const [perBin, setPerBin] = useState(stored?.perBin ?? 4);
  const [foils, setFoils] = useState(stored?.foils ?? 2);
  const [falseFriends, setFalseFriends] = useState(stored?.falseFriends ?? false);
  const [seed, setSeed] = useState(stored?.seed ?? 1);
  const [keyShown, setKeyShown] = useState(true);
  const choices = useMemo(() => taughtGpcs(page.scope), [page.scope]);
  const ask = useCallback(
    async () =>
      bins.length === 0
        ? undefined
        : worker.ask((api) => api.sort({ ...rules, bins, perBin, foils, falseFriends, recent: page.recent, seed })),
    [worker, rules, bins, perBin, foils, falseFriends, page.recent, seed],
  );
  const sort = useAnswer(ask);
  const add = (bin: Bin) => {
    const sameKind = bins.filter(({ by }) => by === bin.by);
    if (!sameKind.some((other) => binId(other) === binId(bin)) && sameKind.length < MOST_BINS)
      onBins([...sameKind, bin]);
  };
  const content = (): SetContent | undefined =>
    sort?.ok
      ? {
          kind: "sort",
          bins: sort.bins.map(({ bin, words }) => ({ bin, words: [...words] })),
          foils: sort.foils.map(({ word, why, bin }) => ({ word, why, bin })),
          table: [...sort.table],
          request: { perBin, foils, falseFriends, seed },
        }
      : undefined;
  const send = (to: (content: SetContent) => void) => {
    const made = content();
    if (made) to(made);
  };

  return (
    <div className="flex min-h-0 flex-1 flex-col overflow-auto px-5 py-4">
      <div className="flex flex-wrap items-center gap-2">
        <span className="label">Bins</span>
        {bins.map((bin) => (
          <span
            key={binId(bin)}
            className="flex items-center rounded-lg border border-ink bg-sheet pl-3 font-learner text-[17px]"
            title={bin.by === "spelling" ? gpcName(bin.gpc) : undefined}
          >
            {binName(bin)}
            <button
              type="button"
              aria-label={`Take the bin ${binName(bin)} out`}
              className="grid size-11 place-items-center text-quiet hover:text-ink"
              onClick={() => onBins(bins.filter((other) => other !== bin))}
            >
              <X size={15} aria-hidden />
            </button>
          </span>
        ))}
        {bins.length < MOST_BINS && (
          <>
            {families
              .filter((family) => !bins.some((bin) => bin.by === "family" && familyId(bin.family) === familyId(family)))
              .map((family) => (
                <button
                  key={`${family.kind} ${family.letters} ${family.sounds}`}
                  type="button"
                  className="button flex items-center gap-1 px-2.5 font-normal"
                  onClick={() => add({ by: "family", family })}
                >
                  <Plus size={15} aria-hidden />{" "}
                  <span className="font-learner">{binName({ by: "family", family })}</span>
                </button>
              ))}
            <GpcPicker choices={choices} onPick={(gpc) => add({ by: "spelling", gpc })}>
              <button type="button" className="button flex items-center gap-1 px-2.5">
                <Plus size={15} aria-hidden /> A spelling
              </button>
            </GpcPicker>
            <Select
              label="Add a type of syllable"
              labelPlace="hidden"
              className="button font-semibold"
              value=""
              choices={TYPES}
              nameOf={(type) => binName({ by: "syllable-type", type })}
              placeholder="+ A type of syllable"
              onChange={(type) => add({ by: "syllable-type", type })}
            />
          </>
        )}
      </div>

      <div className="mt-3 flex flex-wrap items-end gap-3">
        <Count name="Words a bin" value={perBin} least={2} most={MOST_IN_A_BIN} onChange={setPerBin} />
        <Count name="That belong nowhere" value={foils} least={0} most={MOST_FOILS} onChange={setFoils} />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={falseFriends}
            onChange={(event) => setFalseFriends(event.target.checked)}
          />
          with false friends
        </label>
        <button type="button" className="button" disabled={!sort?.ok} onClick={() => setSeed(seed + 1)}>
          Lay out anew
        </button>
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" className="size-5" checked={keyShown} onChange={() => setKeyShown(!keyShown)} />
          answer key
        </label>
      </div>

      {bins.length === 0 && (
        <p className="mt-12 max-w-md self-center text-center text-quiet">
          <b className="block text-xl text-ink">Two or three bins, and words to put in them.</b>
          Choose families on the left, spellings, or types of syllable.
        </p>
      )}
      {sort && !sort.ok && (
        <p role="alert" className="mt-4 rounded-lg bg-again-soft p-3">
          {noSortWords(sort.reason, bins)}
        </p>
      )}
      {sort?.ok && (
        <>
          <h2 className="label mt-5 mb-2">On the table</h2>
          <ul aria-label="On the table" className="flex flex-wrap gap-2">
            {sort.table.map((word) => (
              <li key={word} className="rounded-lg border border-rule bg-sheet px-4 py-1 font-learner text-[24px]">
                {word}
              </li>
            ))}
          </ul>
          {keyShown && (
            <div
              className="mt-5 grid gap-4"
              style={{ gridTemplateColumns: `repeat(${bins.length + 1}, minmax(0, 1fr))` }}
            >
              {sort.bins.map(({ bin, words }) => (
                <section
                  key={binId(bin)}
                  aria-label={`Bin ${binName(bin)}`}
                  className="rounded-lg border border-rule bg-sheet p-3"
                >
                  <h3 className="mb-2 border-b border-hairline pb-1 font-learner text-[21px]">{binName(bin)}</h3>
                  <ul className="font-learner text-[19px] leading-8">
                    {words.map((word) => (
                      <li key={word}>{word}</li>
                    ))}
                  </ul>
                </section>
              ))}
              <section aria-label="Belong nowhere" className="rounded-lg border border-dashed border-tape p-3">
                <h3 className="mb-2 border-b border-hairline pb-1 text-[17px] font-bold">Belong nowhere</h3>
                {sort.foils.length === 0 && <p className="text-quiet">none</p>}
                <ul className="text-[15px] leading-7">
                  {sort.foils.map((foil) => (
                    <li key={foil.word}>
                      <span className="font-learner text-[19px]">{foil.word}</span>
                      <span className="text-quiet">{foilWords(foil, bins).slice(foil.word.length)}</span>
                    </li>
                  ))}
                </ul>
              </section>
            </div>
          )}
          <div className="mt-5 flex gap-2">
            <button type="button" className="button button-main" onClick={() => send(props.onSave)}>
              Save the sort
            </button>
            <button type="button" className="button" onClick={() => send(props.onPlan)}>
              To the plan
            </button>
            <button type="button" className="button" onClick={() => send(props.onPrint)}>
              Print
            </button>
          </div>
        </>
      )}
    </div>
  );
}

function Count(props: { name: string; value: number; least: number; most: number; onChange: (value: number) => void }) {
  return (
    <label>
      <span className="label mb-1">{props.name}</span>
      <input
        type="number"
        className="field w-28"
        value={props.value}
        min={props.least}
        max={props.most}
        onChange={(event) => props.onChange(Number(event.target.value))}
      />
    </label>
  );
}
