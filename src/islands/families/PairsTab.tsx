import { useCallback, useMemo, useState } from "react";
import { GpcChip } from "../../components/GpcChip.tsx";
import { GpcPicker } from "../../components/GpcPicker.tsx";
import { Select } from "../../components/ui/Select.tsx";
import { noPairsWords } from "../../components/words/family-words.ts";
import { POSITION_NAME } from "../../components/words/position-name.ts";
import { soundName } from "../../components/words/sounds.ts";
import type { SetContent } from "../../core/light.ts";
import {
  CHANGE_POSITIONS,
  type ChangePosition,
  type FamilyRules,
  gpcById,
  type MinimalPair,
  MOST_PAIRS,
  taughtGpcs,
} from "../../core/light.ts";
import type { FamiliesPage } from "../../server/sets/families-page.ts";
import type { SetsWorkerClient } from "../shared/sets-worker-client.ts";
import { useAnswer } from "../shared/use-answer.ts";

interface Props {
  readonly worker: SetsWorkerClient;
  readonly page: FamiliesPage;
  readonly rules: FamilyRules;
  readonly onSave: (content: SetContent) => void;
  readonly onPlan: (content: SetContent) => void;
  readonly onPrint: (content: SetContent) => void;
}

type Sound = readonly string[];

/** Minimal pairs for two sounds that are taken for one another. */
export function PairsTab(props: Props) {
  const { worker, page, rules } = props;
  const choices = useMemo(() => taughtGpcs(page.scope), [page.scope]);
  const stored = page.set?.content.kind === "pairs" ? page.set.content : undefined;
  const [a, setA] = useState<Sound | undefined>(stored?.a);
  const [b, setB] = useState<Sound | undefined>(stored?.b);
  const [count, setCount] = useState(stored?.pairs.length ?? 8);
  const [position, setPosition] = useState<ChangePosition>();
  const ask = useCallback(
    async () =>
      a && b
        ? worker.ask((api) => api.pairs({ ...rules, a, b, count, recent: page.recent, ...(position && { position }) }))
        : undefined,
    [worker, rules, a, b, count, position, page.recent],
  );
  const found = useAnswer(ask);
  const soundOf = (gpc: string) => gpcById(gpc)?.phonemes ?? [];
  const content = (pairs: readonly MinimalPair[]): SetContent => ({
    kind: "pairs",
    a: [...(a ?? [])],
    b: [...(b ?? [])],
    pairs: pairs.map(({ a, b, position }) => ({ a, b, position })),
  });

  return (
    <div className="flex min-h-0 flex-1 flex-col overflow-auto px-5 py-4">
      {page.substitutions.length > 0 && (
        <div className="mb-4 flex flex-wrap items-center gap-2">
          <span className="label">From the records</span>
          {page.substitutions.map(({ learner, gpc, said, times, chances }) => (
            <button
              key={`${learner} ${gpc}`}
              type="button"
              className="button font-normal"
              onClick={() => {
                setA(soundOf(gpc));
                setB(said);
              }}
            >
              {learner}: <GpcChip id={gpc} /> said {soundName(said)}
              <span className="text-quiet">
                {" "}
                {times} of {chances}
              </span>
            </button>
          ))}
        </div>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <SoundButton name="One sound" sound={a} choices={choices} onPick={(gpc) => setA(soundOf(gpc))} />
        <SoundButton name="The other" sound={b} choices={choices} onPick={(gpc) => setB(soundOf(gpc))} />
        <label>
          <span className="label mb-1">Pairs</span>
          <input
            type="number"
            className="field w-24"
            min={1}
            max={MOST_PAIRS}
            value={count}
            onChange={(event) => setCount(Number(event.target.value))}
          />
        </label>
        <Select
          label="Where they differ"
          value={position ?? ""}
          choices={CHANGE_POSITIONS}
          nameOf={(id) => POSITION_NAME[id]}
          placeholder="anywhere"
          canClear
          onChange={(id: ChangePosition | "") => setPosition(id === "" ? undefined : id)}
        />
      </div>

      {!(a && b) && (
        <p className="mt-12 max-w-md self-center text-center text-quiet">
          <b className="block text-xl text-ink">Two words that differ by one sound.</b>
          Choose the two sounds, or take a pair from the records.
        </p>
      )}
      {found && !found.ok && (
        <div role="alert" className="mt-4 rounded-lg bg-again-soft p-3">
          <p>{noPairsWords(found.reason)}</p>
          {found.reason.code === "no-pairs" && found.reason.byEar.length > 0 && (
            <p className="mt-1">
              For the ears only: {found.reason.byEar.map((pair) => `${pair.a} / ${pair.b}`).join(", ")}.
            </p>
          )}
        </div>
      )}
      {found?.ok && (
        <>
          <table className="mt-5 w-full max-w-xl">
            <thead>
              <tr className="text-left text-[13px] text-quiet">
                <th className="border-b border-rule pb-1 font-semibold">{a && soundName(a)}</th>
                <th className="border-b border-rule pb-1 font-semibold">{b && soundName(b)}</th>
                <th className="border-b border-rule pb-1 font-semibold">differ at the</th>
              </tr>
            </thead>
            <tbody>
              {found.pairs.map((pair) => (
                <tr key={`${pair.a} ${pair.b}`} data-pair={`${pair.a} ${pair.b}`}>
                  <td className="border-b border-hairline py-1 font-learner text-[22px]">{pair.a}</td>
                  <td className="border-b border-hairline py-1 font-learner text-[22px]">{pair.b}</td>
                  <td className="border-b border-hairline py-1 text-quiet">
                    {POSITION_NAME[pair.position]} · {pair.graphemes.join(" / ")}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="mt-5 flex gap-2">
            <button type="button" className="button button-main" onClick={() => props.onSave(content(found.pairs))}>
              Save the pairs
            </button>
            <button type="button" className="button" onClick={() => props.onPlan(content(found.pairs))}>
              To the plan
            </button>
            <button type="button" className="button" onClick={() => props.onPrint(content(found.pairs))}>
              Print
            </button>
          </div>
        </>
      )}
    </div>
  );
}

/** Opens the choice of a sound and shows the one chosen. */
export function SoundButton(props: {
  name: string;
  sound: Sound | undefined;
  choices: readonly string[];
  onPick: (gpc: string) => void;
}) {
  return (
    <div>
      <span className="label mb-1">{props.name}</span>
      <GpcPicker choices={props.choices} onPick={props.onPick}>
        <button type="button" className="button min-w-36 font-normal" aria-label={`${props.name}: choose`}>
          {props.sound ? soundName(props.sound) : "choose…"}
        </button>
      </GpcPicker>
    </div>
  );
}
