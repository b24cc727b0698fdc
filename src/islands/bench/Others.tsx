import { Columns2, X } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { changeOfStep } from "../../components/zip/change-of-step.ts";
import { sharedColumns } from "../../components/zip/layout.ts";
import { ZipStrip } from "../../components/zip/ZipStrip.tsx";
import { CHANGE_POSITIONS, type ChainPlan, type ChainReport, type Segmentation } from "../../core/light.ts";

/** A chain to choose from, under a name. */
export interface OtherChain {
  readonly name: string;
  readonly plan: ChainPlan;
}

interface Props {
  readonly others: readonly OtherChain[];
  readonly current: ChainReport | undefined;
  readonly onTake: (other: OtherChain) => void;
}

/** Other chains for the same aim: looked at beside the one at hand, or taken. */
export function Others({ others, current, onTake }: Props) {
  const [compared, setCompared] = useState<OtherChain>();
  const beside = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (compared) beside.current?.scrollIntoView({ block: "nearest", behavior: "smooth" });
  }, [compared]);
  const shown = compared && others.includes(compared) ? compared : undefined;
  return (
    <section className="mt-4 px-2" aria-label="Other chains">
      <h2 className="label mb-1">Others for the same aim</h2>
      {others.map((other) => (
        <div key={other.plan.words.join(" ")} className="mb-1.5 flex gap-1.5">
          <button
            type="button"
            className="min-w-0 flex-1 rounded-lg border border-rule bg-sheet px-3 py-2 text-left hover:border-tape"
            title="Take this one"
            onClick={() => onTake(other)}
          >
            <span className="block truncate font-learner text-[17px]">{other.plan.words.join("  ")}</span>
            <span className="text-[12.5px] text-quiet">
              {other.name} · {figures(other.plan)}
            </span>
          </button>
          <button
            type="button"
            aria-pressed={shown === other}
            className="button flex shrink-0 items-center gap-1.5"
            onClick={() => setCompared(shown === other ? undefined : other)}
          >
            <Columns2 size={16} aria-hidden /> Compare
          </button>
        </div>
      ))}
      {shown && current && (
        <div
          ref={beside}
          role="group"
          aria-label="Two chains side by side"
          className="mt-2 rounded-lg border border-rule bg-sheet p-3"
        >
          <div className="flex justify-end">
            <button
              type="button"
              aria-label="Close the comparison"
              className="grid size-11 place-items-center"
              onClick={() => setCompared(undefined)}
            >
              <X size={16} aria-hidden />
            </button>
          </div>
          <div className="grid gap-4 sm:grid-cols-2">
            <Side name="At hand" report={current} />
            <Side name={shown.name} report={shown.plan} />
          </div>
          <button type="button" className="button mt-3" onClick={() => onTake(shown)}>
            Take the right one
          </button>
        </div>
      )}
    </section>
  );
}

/** `"3 · 2 · 2 · 5 words with sh · shows i / e 8 in 10"`. */
function figures(report: ChainReport): string {
  const places = CHANGE_POSITIONS.map((position) => report.positions[position]).join(" · ");
  const power = report.contrasts.length > 0 ? `, mix-ups shown ${Math.round(report.power * 100)} in 100` : "";
  return `beginning · middle · end ${places}, ${report.focusChances} ${report.focusChances === 1 ? "word" : "words"} with the aim${power}`;
}

function Side({ name, report }: { name: string; report: ChainReport }) {
  const readings = report.readings.filter((reading): reading is Segmentation => reading !== undefined);
  const columns = sharedColumns(readings);
  return (
    <div className="min-w-0">
      <h3 className="font-bold">{name}</h3>
      <p className="mb-1 text-[12.5px] text-quiet">{figures(report)}</p>
      <ol>
        {report.words.map((word, k) => {
          const reading = report.readings[k];
          return (
            <li key={word} data-word={word} className="h-[50px] overflow-hidden border-b border-hairline">
              {reading ? (
                <ZipStrip word={reading} columns={columns} size={19} change={changeOfStep(report.steps[k - 1])} />
              ) : (
                <span className="font-learner text-xl">{word}</span>
              )}
            </li>
          );
        })}
      </ol>
    </div>
  );
}
