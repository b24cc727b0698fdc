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
  readonly onTake: (other: OtherChain) => void;
}

/** Other chains for the same aim, as small zips beside the one at hand: to be compared with it, and taken. */
export function Others({ others, onTake }: Props) {
  return (
    <section
      aria-label="Other chains"
      className="mt-4 flex gap-3 overflow-x-auto md:mt-0 md:w-52 md:flex-col md:overflow-visible md:border-l md:border-rule md:pl-3"
    >
      <h2 className="sr-only">Others for the same aim</h2>
      {others.map((other) => (
        <Other key={other.plan.words.join(" ")} other={other} onTake={() => onTake(other)} />
      ))}
    </section>
  );
}

function Other({ other, onTake }: { readonly other: OtherChain; readonly onTake: () => void }) {
  const { name, plan } = other;
  const columns = sharedColumns(plan.readings.filter((reading): reading is Segmentation => reading !== undefined));
  return (
    <article aria-label={name} className="w-52 shrink-0 rounded-lg border border-rule bg-sheet p-3 md:w-auto">
      <div className="flex items-center justify-between gap-2">
        <h3 className="font-semibold leading-tight first-letter:uppercase">{name}</h3>
        <button type="button" className="button px-3" aria-label={`Take ${name}`} onClick={onTake}>
          Take
        </button>
      </div>
      <p className="mb-1 text-[13px] leading-snug text-quiet">{figures(plan)}</p>
      <ol>
        {plan.words.map((word, k) => {
          const reading = plan.readings[k];
          return (
            <li key={word} data-word={word} className="overflow-hidden">
              {reading ? (
                <ZipStrip word={reading} columns={columns} size={15} change={changeOfStep(plan.steps[k - 1])} />
              ) : (
                <span className="font-learner text-[15px]">{word}</span>
              )}
            </li>
          );
        })}
      </ol>
    </article>
  );
}

/** `"3 beginning · 2 middle · 2 end, 5 words with the aim, mix-ups shown 80 in 100"`. */
function figures(report: ChainReport): string {
  const [beginning, middle, end] = CHANGE_POSITIONS.map((position) => report.positions[position]);
  const aim = report.focusChances > 0 ? `, ${report.focusChances} with the aim` : "";
  const power = report.contrasts.length > 0 ? `, a mix-up shown ${Math.round(report.power * 100)} in 100` : "";
  return `${beginning} beginning · ${middle} middle · ${end} end${aim}${power}`;
}
