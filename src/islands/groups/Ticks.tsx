import Check from "lucide-react/icons/check";
import Minus from "lucide-react/icons/minus";
import Plus from "lucide-react/icons/plus";
import { useState } from "react";
import { toast } from "sonner";
import { GpcPicker } from "../../components/GpcPicker.tsx";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { gpcName } from "../../components/words/gpc-name.ts";
import { patternName } from "../../components/words/pattern-names.ts";
import { gpcLetters } from "../../components/words/sounds.ts";
import { GPCS, NO_TICKS, type Sequence, type TickTokens } from "../../core/light.ts";
import type { Group } from "../../server/groups/groups.ts";
import { call } from "../shared/client.ts";
import { useAnnouncedAutosave } from "../shared/use-announced-autosave.ts";
import { countTicks, type Item, type ItemState, itemsOf, stateOf, toggle } from "./ticks-state.ts";

interface Props {
  readonly group: Group;
  readonly sequence: Sequence;
}

const STATE_WORDS: Readonly<Record<ItemState, string>> = {
  taught: "taught",
  "not-yet": "not yet",
  added: "ticked by hand: taught early",
  "taken-away": "ticked by hand: not held yet",
};

const STATE_LOOK: Readonly<Record<ItemState, string>> = {
  taught: "border-ink bg-ink text-sheet",
  "not-yet": "border-rule bg-sheet text-quiet",
  added: "border-2 border-good bg-good-soft text-ink",
  "taken-away": "border-2 border-dashed border-again bg-again-soft text-ink line-through",
};

const ALL_GPCS = [...new Set(GPCS.map(({ id }) => id))];

/** Every step with what it teaches; a press ticks a thing by hand, for this group only. */
export default function Ticks({ group, sequence }: Props) {
  const [ticks, setTicks] = useState<TickTokens>(group.ticks);
  const autosave = useAnnouncedAutosave({
    name: `zip-step ticks ${group.id}`,
    stored: group.ticks,
    send: (whole, base) =>
      call("PUT /api/groups/:groupId/ticks", {
        params: { groupId: group.id },
        body: { ...whole, ...(base && { base }) },
        outlive: true,
      }),
    onRestored: setTicks,
    onRefused: (error) => {
      setTicks(autosave.stored);
      toast.error(error.message);
    },
  });
  const save = (next: TickTokens) => {
    setTicks(next);
    autosave.save(next);
  };
  const inSequence = new Set(sequence.steps.flatMap((step) => itemsOf(step).map(({ token }) => token)));
  const beyond = [
    ...ticks.add.gpcs.map((token): Item => ({ kind: "gpcs", token })),
    ...ticks.add.words.map((token): Item => ({ kind: "words", token })),
  ].filter(({ token }) => !inSequence.has(token));
  const count = countTicks(ticks);
  return (
    <>
      <div className="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2">
        {(Object.keys(STATE_LOOK) as ItemState[]).map((state) => (
          <span key={state} className="flex items-center gap-2 text-[13.5px]">
            <span aria-hidden className={`inline-block size-5 rounded border ${STATE_LOOK[state]}`} />
            {STATE_WORDS[state]}
          </span>
        ))}
        <button type="button" className="button ml-auto" disabled={count === 0} onClick={() => save(NO_TICKS)}>
          Back to the step alone
        </button>
      </div>
      <ol className="mt-4 rounded-xl border border-rule bg-sheet">
        {sequence.steps.map((step) => (
          <li
            key={step.number}
            aria-current={step.number === group.step ? "step" : undefined}
            className={`flex items-start gap-4 border-b border-hairline px-4 py-2 last:border-0 ${step.number === group.step ? "bg-change-soft" : ""}`}
          >
            <span className="w-6 shrink-0 pt-2 text-right tabular-nums text-quiet">{step.number}</span>
            <span className={`w-36 shrink-0 pt-2 ${step.number === group.step ? "font-bold" : ""}`}>{step.name}</span>
            <span className="flex flex-wrap gap-1.5">
              {itemsOf(step).map((item) => (
                <Chip
                  key={`${item.kind} ${item.token}`}
                  item={item}
                  state={stateOf(item, step.number <= group.step, ticks)}
                  onPress={() => save(toggle(item, step.number <= group.step, ticks))}
                />
              ))}
            </span>
          </li>
        ))}
      </ol>
      <section className="mt-5">
        <h2 className="font-bold">Taught besides</h2>
        <p className="text-quiet">Spellings that stand in no step of this order, or the same one in every place.</p>
        <div className="mt-2 flex flex-wrap gap-1.5">
          {beyond.map((item) => (
            <Chip key={item.token} item={item} state="added" onPress={() => save(toggle(item, false, ticks))} />
          ))}
          <GpcPicker
            choices={ALL_GPCS.filter((id) => !ticks.add.gpcs.includes(id))}
            onPick={(token) => save(toggle({ kind: "gpcs", token }, false, ticks))}
          >
            <button type="button" className="button flex items-center gap-1">
              <Plus size={16} aria-hidden /> Another spelling
            </button>
          </GpcPicker>
        </div>
      </section>
      <Toasts />
    </>
  );
}

function Chip({ item, state, onPress }: { item: Item; state: ItemState; onPress: () => void }) {
  const [id = "", place] = item.token.split("@");
  const name = item.kind === "gpcs" ? gpcName(id) : item.kind === "patterns" ? patternName(id) : id;
  return (
    <button
      type="button"
      aria-pressed={state === "taught" || state === "added"}
      title={`${name}${place ? `, at the ${place} only` : ""}`}
      data-token={item.token}
      data-state={state}
      className={`flex min-h-11 min-w-11 items-center gap-1.5 rounded-lg border px-2.5 ${STATE_LOOK[state]}`}
      onClick={onPress}
    >
      {state === "taught" && <Check size={14} aria-hidden />}
      {state === "added" && <Plus size={14} aria-hidden />}
      {state === "taken-away" && <Minus size={14} aria-hidden />}
      {item.kind === "patterns" ? (
        <span className="text-[13.5px]">{name}</span>
      ) : (
        <>
          <span className="font-learner text-[17px]">
            {item.kind === "gpcs" ? gpcLetters(id) : id === "i" ? "I" : id}
          </span>
          {item.kind === "gpcs" && (
            <span className="text-[12.5px]">
              <span className="sr-only">as in </span>
              {gpcName(id).split(" as in ")[1]}
            </span>
          )}
          {place && <span className="text-[12.5px]">({place})</span>}
        </>
      )}
      <span className="sr-only">: {STATE_WORDS[state]}</span>
    </button>
  );
}
