import X from "lucide-react/icons/x";
import { type Dispatch, useState } from "react";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { Select } from "../../components/ui/Select.tsx";
import { UndoRedo } from "../../components/ui/UndoRedo.tsx";
import { noSetWords, ORDER_NAME } from "../../components/words/family-words.ts";
import { soundWriting } from "../../components/words/sounds.ts";
import { type FamilyWalk, LEAST_IN_A_SET, MOST_IN_A_SET, pictureOf, SET_ORDERS } from "../../core/light.ts";
import { canRedo, canUndo } from "../shared/history.ts";
import type { FamiliesAction, FamiliesState, SetOptions } from "./set-state.ts";
import type { FamilyAnswers } from "./use-families.ts";
import { WalkList } from "./WalkList.tsx";

interface Props {
  readonly state: FamiliesState;
  readonly dispatch: Dispatch<FamiliesAction>;
  readonly answers: FamilyAnswers;
  readonly busy: boolean;
  readonly askWalk: () => Promise<FamilyWalk>;
  readonly onSave: () => void;
  readonly onBench: () => void;
  readonly onPlan: () => void;
  readonly onPrint: () => void;
}

const PICTURES: Readonly<Record<SetOptions["pictures"], string>> = {
  any: "as they come",
  first: "first",
  only: "only",
};
const SHARES = [0, 0.25, 0.5, 1];

/** The words of the set: what was asked for, the words, and where they go from here. */
export function SetPanel({ state, dispatch, answers, busy, askWalk, onSave, onBench, onPlan, onPrint }: Props) {
  const { options, words } = state;
  const [walking, setWalking] = useState(false);
  const set = (options: Partial<SetOptions>) => dispatch({ type: "options", options });
  return (
    <div className="flex h-full flex-col">
      <div className="grid grid-cols-2 gap-2 border-b border-hairline p-4">
        <label>
          <span className="label mb-1">Words</span>
          <input
            type="number"
            className="field"
            value={options.count}
            min={LEAST_IN_A_SET}
            max={MOST_IN_A_SET}
            onChange={(event) => set({ count: Number(event.target.value) })}
          />
        </label>
        <Select
          label="First come the"
          value={options.order}
          choices={SET_ORDERS}
          nameOf={(id) => ORDER_NAME[id]}
          onChange={(order) => set({ order })}
        />
        <Select
          label="Nonsense words"
          value={String(options.nonsenseShare)}
          choices={SHARES.map(String)}
          nameOf={(share) => (share === "0" ? "none" : share === "1" ? "only" : `up to ${Number(share) * 100} %`)}
          onChange={(share) => set({ nonsenseShare: Number(share) })}
        />
        <Select
          label="Words with a picture"
          value={options.pictures}
          choices={["any", "first", "only"]}
          nameOf={(id) => PICTURES[id]}
          onChange={(pictures) => set({ pictures })}
        />
        <label className="col-span-2 flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={options.endings === "marked"}
            onChange={(event) => set({ endings: event.target.checked ? "marked" : "out" })}
          />
          with endings on (plays), marked +
        </label>
      </div>

      <div className="flex items-center justify-between px-4 pt-3">
        <SegmentedChoice
          label="Shown as"
          value={walking ? "walk" : "words"}
          choices={["words", "walk"]}
          names={{ words: `${words.length} ${words.length === 1 ? "word" : "words"}`, walk: "Walk" }}
          disabled={words.length < 2 ? ["walk"] : []}
          onChange={(shown) => setWalking(shown === "walk")}
        />
        <div className="flex gap-1">
          {state.byHand && state.families.length > 0 && (
            <button type="button" className="button px-2.5" onClick={() => dispatch({ type: "make-anew" })}>
              Make anew
            </button>
          )}
          <UndoRedo
            canUndo={canUndo(state.history)}
            canRedo={canRedo(state.history)}
            onUndo={() => dispatch({ type: "undo" })}
            onRedo={() => dispatch({ type: "redo" })}
          />
        </div>
      </div>
      {answers.refusal && (
        <p role="alert" className="mx-4 mt-2 rounded-lg bg-again-soft p-3 text-[14px]">
          {noSetWords(answers.refusal)}
        </p>
      )}
      {answers.short !== undefined && !state.byHand && (
        <p className="mx-4 mt-2 text-[14px] text-quiet">
          {answers.short} is all there is. Choose another family as well, or let nonsense words in.
        </p>
      )}
      {walking && words.length >= 2 ? (
        <WalkList askWalk={askWalk} way={state.way} onWay={(way) => dispatch({ type: "way", way })} />
      ) : (
        <ul aria-label="Words of the set" className="min-h-0 flex-1 overflow-y-auto px-4 py-2">
          {words.map(({ word, nonsense }) => {
            const picture = nonsense ? undefined : pictureOf(word, soundWriting().accent);
            return (
              <li key={word} className="flex min-h-11 items-center border-b border-hairline">
                <span className="font-learner text-[21px]">{word}</span>
                {nonsense && <span className="ml-2 text-[13px] text-quiet">nonsense</span>}
                {picture && <img src={picture} alt="" className="ml-2 size-7" />}
                <button
                  type="button"
                  aria-label={`Take ${word} out`}
                  className="ml-auto grid size-11 place-items-center text-quiet hover:text-ink"
                  onClick={() => dispatch({ type: "toggle", word: { word, nonsense } })}
                >
                  <X size={16} aria-hidden />
                </button>
              </li>
            );
          })}
        </ul>
      )}

      <div className="grid grid-cols-2 gap-2 border-t border-rule p-4">
        <input
          aria-label="Title of the set"
          className="field col-span-2"
          placeholder="Title"
          maxLength={80}
          value={state.title}
          onChange={(event) => dispatch({ type: "title", title: event.target.value })}
        />
        <button type="button" className="button button-main" disabled={busy || words.length === 0} onClick={onSave}>
          Save
        </button>
        <button type="button" className="button" disabled={busy || words.length === 0} onClick={onPlan}>
          To the plan
        </button>
        <button
          type="button"
          className="button"
          disabled={busy || words.length < 2}
          title="Laid out so that every neighbour is one step away"
          onClick={onBench}
        >
          As a chain
        </button>
        <button type="button" className="button" disabled={busy || words.length === 0} onClick={onPrint}>
          Print
        </button>
      </div>
    </div>
  );
}
