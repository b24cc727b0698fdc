import { Plus, X } from "lucide-react";
import { useState } from "react";
import { GpcChip } from "../../components/GpcChip.tsx";
import { GpcPicker } from "../../components/GpcPicker.tsx";
import { gpcLetters } from "../../components/words/sounds.ts";
import { type Contrast, MAX_CHAIN_LENGTH, MIN_CHAIN_LENGTH } from "../../core/light.ts";

interface Props {
  readonly sequenceName: string;
  readonly step: number;
  readonly stepName: string;
  readonly choices: readonly string[];
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  readonly length: number;
  readonly start: string;
  readonly planning: boolean;
  readonly onAim: (aim: { focus?: readonly string[]; contrasts?: readonly Contrast[] }) => void;
  readonly onShape: (shape: { length?: number; start?: string }) => void;
  readonly onPlan: () => void;
  readonly onStop: () => void;
}

/** The left side of the bench: what the chain is for and what shape it has. */
export function AimPanel(props: Props) {
  const { focus, contrasts, choices, onAim, onShape } = props;
  const [half, setHalf] = useState<string>();
  return (
    <form
      className="flex flex-col gap-5 p-4"
      onSubmit={(event) => {
        event.preventDefault();
        props.onPlan();
      }}
    >
      <section>
        <span className="label mb-1.5">Taught so far</span>
        <a href="/" className="field flex items-baseline justify-between gap-2" title="Change the step on Today">
          <span>{props.sequenceName}</span>
          <strong className="shrink-0">step {props.step}</strong>
        </a>
        <p className="mt-1 truncate text-[13px] text-quiet" title={props.stepName}>
          newest: {props.stepName}
        </p>
      </section>

      <section>
        <span className="label mb-1.5">Aim</span>
        <ul className="flex flex-col gap-1.5">
          {focus.map((id) => (
            <li key={id} className="field flex items-center justify-between">
              <span>
                meet <GpcChip id={id} />
              </span>
              <RemoveButton
                name={`Take ${gpcLetters(id)} out of the aim`}
                onPress={() => onAim({ focus: focus.filter((f) => f !== id) })}
              />
            </li>
          ))}
          {contrasts.map(({ a, b }) => (
            <li key={`${a} ${b}`} className="field flex items-center justify-between">
              <span>
                tell apart{" "}
                <span className="font-learner text-[17px]">
                  {gpcLetters(a)} / {gpcLetters(b)}
                </span>
              </span>
              <RemoveButton
                name={`Take ${gpcLetters(a)} and ${gpcLetters(b)} out of the aim`}
                onPress={() => onAim({ contrasts: contrasts.filter((c) => c.a !== a || c.b !== b) })}
              />
            </li>
          ))}
          {half && (
            <li className="field flex items-center justify-between border-dashed">
              <span>
                tell apart <span className="font-learner text-[17px]">{gpcLetters(half)} / …</span>
              </span>
              <RemoveButton name="Give up this pair" onPress={() => setHalf(undefined)} />
            </li>
          )}
        </ul>
        <div className="mt-2 flex gap-2">
          <GpcPicker
            choices={choices.filter((id) => !focus.includes(id))}
            onPick={(id) => onAim({ focus: [...focus, id] })}
          >
            <button type="button" className="button flex flex-1 items-center justify-center gap-1 px-2">
              <Plus size={16} aria-hidden /> Meet
            </button>
          </GpcPicker>
          <GpcPicker
            choices={choices.filter((id) => id !== half)}
            onPick={(id) => {
              if (!half) return setHalf(id);
              onAim({ contrasts: [...contrasts, { a: half, b: id }] });
              setHalf(undefined);
            }}
          >
            <button type="button" className="button flex flex-1 items-center justify-center gap-1 px-2">
              <Plus size={16} aria-hidden /> {half ? "Second" : "Tell apart"}
            </button>
          </GpcPicker>
        </div>
      </section>

      <section className="flex flex-col gap-2">
        <span className="label">Shape</span>
        <label className="field flex items-center justify-between gap-2 py-0">
          Words
          <input
            type="number"
            className="w-16 bg-transparent py-2 text-right font-bold"
            min={MIN_CHAIN_LENGTH}
            max={MAX_CHAIN_LENGTH}
            value={props.length}
            onChange={(event) => onShape({ length: event.target.valueAsNumber || 0 })}
          />
        </label>
        <label className="field flex items-center justify-between gap-2 py-0">
          First word
          <input
            className="w-28 bg-transparent py-2 text-right font-learner text-[17px]"
            placeholder="any"
            autoCapitalize="none"
            autoComplete="off"
            spellCheck={false}
            value={props.start}
            onChange={(event) => onShape({ start: event.target.value })}
          />
        </label>
      </section>

      {props.planning ? (
        <button type="button" className="button" onClick={props.onStop}>
          Looking… stop
        </button>
      ) : (
        <button type="submit" className="button button-main">
          Make a chain
        </button>
      )}
    </form>
  );
}

function RemoveButton({ name, onPress }: { name: string; onPress: () => void }) {
  return (
    <button
      type="button"
      aria-label={name}
      title={name}
      className="grid size-8 place-items-center rounded text-quiet hover:text-ink"
      onClick={onPress}
    >
      <X size={16} aria-hidden />
    </button>
  );
}
