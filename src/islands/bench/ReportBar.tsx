import { gpcLetters } from "../../components/words/sounds.ts";
import { CHANGE_POSITIONS, type ChainReport, countWord, type Segmentation, tileCount } from "../../core/light.ts";

/** The foot of the bench: where changes fall, what chances the chain gives, what it takes to build. */
export function ReportBar({ report, focus }: { readonly report: ChainReport; readonly focus: readonly string[] }) {
  const readings = report.readings.filter((r): r is Segmentation => r !== undefined);
  const counts = readings.map((reading) => countWord(reading));
  const sum = (pick: (count: (typeof counts)[number]) => number) =>
    counts.reduce((total, count) => total + pick(count), 0);
  const tiles = tileCount(readings);
  const tileTotal = tiles.reduce((total, { count }) => total + count, 0);
  return (
    <dl className="flex items-start gap-8 overflow-x-auto border-t border-rule bg-sheet px-5 py-3">
      <Figure value={CHANGE_POSITIONS.map((p) => report.positions[p]).join(" · ")} label="beginning · middle · end" />
      {focus.length > 0 && (
        <Figure value={`${report.focusChances} words`} label={`with ${focus.map(gpcLetters).join(", ")}`} />
      )}
      {report.contrasts.map((contrast) => (
        <Figure
          key={`${contrast.a} ${contrast.b}`}
          value={`${contrast.chances} chances, ${Math.round(contrast.power * 100)} in 100`}
          label={`to see ${gpcLetters(contrast.a)} / ${gpcLetters(contrast.b)} mixed up twice, if half confused`}
        />
      ))}
      <Figure
        value={`${sum((c) => c.letters)} letters · ${sum((c) => c.graphemes)} graphemes · ${sum((c) => c.phonemes)} sounds`}
        label={`in ${counts.length} words`}
      />
      <Figure
        value={`${tileTotal} tiles`}
        label={tiles.map(({ grapheme, count }) => (count > 1 ? `${grapheme} ×${count}` : grapheme)).join("  ")}
        learner
      />
    </dl>
  );
}

function Figure({ value, label, learner }: { value: string; label: string; learner?: boolean }) {
  return (
    <div className="flex shrink-0 flex-col-reverse">
      <dt className={`max-w-[340px] truncate text-[13px] text-quiet ${learner ? "font-learner" : ""}`} title={label}>
        {label}
      </dt>
      <dd className="whitespace-nowrap text-[17px] font-bold">{value}</dd>
    </div>
  );
}
