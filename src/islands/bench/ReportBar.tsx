import { aimsWords } from "../../components/words/chain-words.ts";
import { POSITION_NAME } from "../../components/words/position-name.ts";
import { gpcLetters } from "../../components/words/sounds.ts";
import {
  CHANGE_POSITIONS,
  type ChainReport,
  type ContrastReport,
  countWord,
  powerWithRecord,
  type Segmentation,
  type TapSettings,
  tileCount,
} from "../../core/light.ts";
import type { GroupProposal } from "../../server/evidence/proposals.ts";
import { separatelyHydrated } from "../shared/separately-hydrated.tsx";

interface Props {
  readonly report: ChainReport;
  readonly focus: readonly string[];
  readonly taps: TapSettings;
  /** How often a pair is thought to be mixed up, in words. */
  readonly mixedUp: string;
  /** What the records show of the learner that the chain is made for, where they show something. */
  readonly record?: LearnerRecord | undefined;
}

/** A substitution of one learner so far. */
type LearnerRecord = GroupProposal["learners"][number] & Pick<GroupProposal, "gpc" | "said">;

/** How surely this chain and what stands in the records would name it; nothing where it is named already. */
function withRecord(contrast: ContrastReport, record: LearnerRecord | undefined): string | undefined {
  const power = record && !record.isNamed ? powerWithRecord(contrast, record) : undefined;
  if (!record || power === undefined) return undefined;
  return `with ${record.nickname}'s ${record.times} of ${record.chances} so far: ${Math.round(power * 100)}`;
}

/** The foot of the bench: where changes fall, what chances the chain gives, what it takes to build. */
export const ReportBar = separatelyHydrated(function ReportBar({ report, focus, taps, mixedUp, record }: Props) {
  const readings = report.readings.filter((r): r is Segmentation => r !== undefined);
  const counts = readings.map((reading) => countWord(reading, taps));
  const sum = (pick: (count: (typeof counts)[number]) => number) =>
    counts.reduce((total, count) => total + pick(count), 0);
  const tiles = tileCount(readings, taps);
  const tileTotal = tiles.reduce((total, { count }) => total + count, 0);
  return (
    <dl className="flex flex-wrap items-start gap-x-8 gap-y-3 px-5 py-3">
      <Balance report={report} />
      {focus.length > 0 && (
        <Figure
          value={`${report.focusChances} ${report.focusChances === 1 ? "word" : "words"}`}
          label={aimsWords(focus, report.unmet)}
        />
      )}
      {report.contrasts.map((contrast) => (
        <Power
          key={`${contrast.a} ${contrast.b}`}
          pair={`${gpcLetters(contrast.a)} / ${gpcLetters(contrast.b)}`}
          chances={contrast.chances}
          power={contrast.power}
          oneWay={contrast.oneWayPower}
          more={contrast.moreChances}
          mixedUp={mixedUp}
          ofLearner={withRecord(contrast, record)}
        />
      ))}
      <Figure
        value={`${sum((c) => c.letters)} letters · ${sum((c) => c.phonemes)} sounds · ${sum((c) => c.taps)} taps`}
        label={`${sum((c) => c.graphemes)} graphemes in ${counts.length} words`}
      />
      <Figure
        value={`${tileTotal} tiles`}
        label={tiles.map(({ grapheme, count }) => (count > 1 ? `${grapheme} ×${count}` : grapheme)).join("  ")}
        learner
      />
      {report.closing?.single && <Figure value="closes" label="the last word is one step from the first" />}
    </dl>
  );
});

/** How changes are spread over the word: a bar a place, with its count. */
function Balance({ report }: { report: ChainReport }) {
  const most = Math.max(1, ...CHANGE_POSITIONS.map((position) => report.positions[position]));
  return (
    <>
      {CHANGE_POSITIONS.map((position) => (
        <div key={position} className="-mr-5 flex w-[66px] shrink-0 flex-col-reverse">
          <dt className="text-[13px] text-quiet">{POSITION_NAME[position]}</dt>
          <dd className="text-[17px] font-bold tabular-nums">
            {report.positions[position]}
            <span aria-hidden className="mt-0.5 block h-1.5 rounded-full bg-hairline">
              <span
                className="block h-full rounded-full bg-tape"
                style={{ width: `${(100 * report.positions[position]) / most}%` }}
              />
            </span>
          </dd>
        </div>
      ))}
    </>
  );
}

interface PowerProps {
  readonly pair: string;
  readonly chances: number;
  /** 0 to 1, of a pair mixed up both ways, and of one taken for the other only. */
  readonly power: number;
  readonly oneWay: number;
  /** More chances that would make it 80 in 100. */
  readonly more: number | undefined;
  readonly mixedUp: string;
  /** The same with a learner's own record, in words. */
  readonly ofLearner: string | undefined;
}

/** How surely a mix-up would be called a pattern, as words and a bar. */
function Power({ pair, chances, power, oneWay, more, mixedUp, ofLearner }: PowerProps) {
  const inHundred = Math.round(power * 100);
  return (
    <div className="flex shrink-0 flex-col-reverse">
      <dt className="text-[13px] text-quiet">
        <span className="font-learner">{pair}</span> mixed up {mixedUp}: named a pattern; one way only{" "}
        {Math.round(oneWay * 100)}
        {ofLearner && `; ${ofLearner}`}
      </dt>
      <dd className="whitespace-nowrap text-[17px] font-bold tabular-nums">
        {inHundred} in 100{" "}
        <span className="text-[13px] font-normal text-quiet">
          in {chances} chances{more ? `; ${more} more make it 80` : ""}
        </span>
        <span aria-hidden className="mt-0.5 block h-1.5 rounded-full bg-hairline">
          <span className="block h-full rounded-full bg-good" style={{ width: `${inHundred}%` }} />
        </span>
      </dd>
    </div>
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
