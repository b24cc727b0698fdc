import Plus from "lucide-react/icons/plus";
import X from "lucide-react/icons/x";
import { useState } from "react";
import { GpcChip } from "../../components/GpcChip.tsx";
import { GpcPicker } from "../../components/GpcPicker.tsx";
import { gpcNames } from "../../components/words/gpc-name.ts";
import { gpcLetters } from "../../components/words/sounds.ts";
import type { Contrast } from "../../core/light.ts";

interface Props {
  readonly sequenceName: string;
  readonly step: number;
  readonly stepName: string;
  readonly taughtHref: string;
  readonly choices: readonly string[];
  /** Patterns that can be met as well, those taught last first. */
  readonly patterns: readonly string[];
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  readonly weights: Readonly<Record<string, number>>;
  readonly onAim: (aim: { focus?: readonly string[]; contrasts?: readonly Contrast[] }) => void;
  readonly onWeight: (aim: string, weight: number) => void;
}

/** How much an aim counts: pressed through 1, 2, 3. */
const HEAVIEST = 3;

/** What the chain is for: correspondences to meet, pairs to tell apart, and how much each counts. */
export function AimPanel(props: Props) {
  const { focus, contrasts, choices, patterns, weights, onAim } = props;
  const [half, setHalf] = useState<string>();
  const weightOf = (aim: string) => weights[aim] ?? 1;
  return (
    <>
      <section>
        <span className="label mb-1.5">Taught so far</span>
        <a
          href={props.taughtHref}
          className="field flex items-baseline justify-between gap-2"
          title="See and change what is taught"
        >
          <span className="truncate">{props.sequenceName}</span>
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
            <li key={id} className="field flex items-center justify-between pr-1">
              {/* Whole: its example may be all that tells it from another of the same letters. */}
              <span className="min-w-0 py-1 leading-tight">
                meet <GpcChip id={id} />
              </span>
              <span className="flex shrink-0 items-center">
                <WeightButton
                  name={gpcNames([id], focus)}
                  weight={weightOf(id)}
                  onWeight={(w) => props.onWeight(id, w)}
                />
                <RemoveButton
                  name={`Take ${gpcNames([id], focus)} out of the aim`}
                  onPress={() => onAim({ focus: focus.filter((f) => f !== id) })}
                />
              </span>
            </li>
          ))}
          {contrasts.map(({ a, b }) => (
            <li key={`${a} ${b}`} className="field flex items-center justify-between pr-1">
              <span>
                tell apart{" "}
                <span className="font-learner text-[17px]">
                  {gpcLetters(a)} / {gpcLetters(b)}
                </span>
              </span>
              <span className="flex shrink-0 items-center">
                <WeightButton
                  name={`${gpcLetters(a)} and ${gpcLetters(b)}`}
                  weight={weightOf(`${a}/${b}`)}
                  onWeight={(w) => props.onWeight(`${a}/${b}`, w)}
                />
                <RemoveButton
                  name={`Take ${gpcLetters(a)} and ${gpcLetters(b)} out of the aim`}
                  onPress={() => onAim({ contrasts: contrasts.filter((c) => c.a !== a || c.b !== b) })}
                />
              </span>
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
            choices={[...choices, ...patterns].filter((id) => !focus.includes(id))}
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
    </>
  );
}

function WeightButton(props: { name: string; weight: number; onWeight: (weight: number) => void }) {
  return (
    <button
      type="button"
      aria-label={`${props.name} counts ×${props.weight}: press for another weight`}
      title="How much it counts"
      className="grid h-11 min-w-11 place-items-center rounded px-1 tabular-nums text-quiet hover:text-ink"
      onClick={() => props.onWeight((props.weight % HEAVIEST) + 1)}
    >
      ×{props.weight}
    </button>
  );
}

function RemoveButton({ name, onPress }: { name: string; onPress: () => void }) {
  return (
    <button
      type="button"
      aria-label={name}
      title={name}
      className="grid size-11 place-items-center rounded text-quiet hover:text-ink"
      onClick={onPress}
    >
      <X size={16} aria-hidden />
    </button>
  );
}
