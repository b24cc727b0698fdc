import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  type Header,
  type SortingState,
  useReactTable,
} from "@tanstack/react-table";
import ArrowDown from "lucide-react/icons/arrow-down";
import ArrowUp from "lucide-react/icons/arrow-up";
import { useMemo, useState } from "react";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { counted, fewOf, moreOf } from "../../components/words/counted.ts";
import { findingWords } from "../../components/words/evidence-words.ts";
import { POSITION_NAME } from "../../components/words/position-name.ts";
import { WAY_WORDS } from "../../components/words/response-words.ts";
import { soundName } from "../../components/words/sounds.ts";
import { CHANGE_POSITIONS, type ChanceCount, type EvidenceWay } from "../../core/light.ts";
import type { EvidenceFilter } from "../../schemas/evidence.ts";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { EvidenceReport } from "../../server/evidence/evidence.ts";
import { Matrix } from "./Matrix.tsx";
import { type EvidenceFigure, OpenedResponses } from "./OpenedResponses.tsx";

interface Props {
  readonly report: EvidenceReport;
  /** Ids of proposals: what a chain can be asked for. */
  readonly proposed: readonly string[];
  /** Whose evidence: the group's name or a nickname. */
  readonly whose: string;
  readonly groupId: GroupId;
  /** The one learner whose evidence it is; undefined: the whole group's. */
  readonly learnerId: LearnerId | undefined;
  readonly way: EvidenceWay;
  /** Days and place that are looked at. */
  readonly filter: EvidenceFilter;
}

/** What is opened: the answers behind a figure. */
export interface Opened {
  readonly title: string;
  /** How many there are. */
  readonly count: number;
  readonly figure: EvidenceFigure;
}

/** Sentences that are read without a press. */
const FINDINGS_SHOWN = 4;

const VIEWS = ["table", "matrix"] as const;
const VIEW_NAME = { table: "table", matrix: "matrix" } as const;

/** Where the same figures are had as a file. */
function csvHref({ groupId, learnerId, way, filter }: Pick<Props, "groupId" | "learnerId" | "way" | "filter">): string {
  const query = new URLSearchParams({ groupId, way, ...(learnerId && { learnerId }), ...filter });
  return `/api/evidence/csv?${query}`;
}

type Row = EvidenceReport["rows"][number];

const saidName = (said: readonly string[]) => (said.length === 0 ? "left out" : soundName(said));
const inHundred = (part: number) => Math.round(part * 100);

const column = createColumnHelper<Row>();
const share = ({ wrong, chances }: ChanceCount) => (chances === 0 ? -1 : wrong / chances);

/** Unsorted, what most needs a look comes first; a press on a column's name sorts by it. */
const AS_HEAD: Readonly<Record<EvidenceWay, string>> = { read: "Read as", built: "Built as", heard: "Said as" };
const columnsOf = (way: EvidenceWay) => [
  column.accessor("grapheme", { header: way === "heard" ? "Sound" : "In the word", sortingFn: "alphanumeric" }),
  column.accessor("substitutions", {
    header: AS_HEAD[way],
    sortingFn: (a, b) => a.original.wrong - b.original.wrong,
    sortDescFirst: true,
  }),
  column.accessor(share, { id: "share", header: "How often, and how sure", sortDescFirst: true }),
  ...CHANGE_POSITIONS.map((position) =>
    column.accessor((row) => share(row.byPosition[position]), {
      id: position,
      header: POSITION_NAME[position],
      sortDescFirst: true,
    }),
  ),
];
const COLUMNS: Readonly<Record<EvidenceWay, ReturnType<typeof columnsOf>>> = {
  read: columnsOf("read"),
  built: columnsOf("built"),
  heard: columnsOf("heard"),
};
const SORTED = { asc: "ascending", desc: "descending" } as const;

function SortableHeader({ header }: { readonly header: Header<Row, unknown> }) {
  const sorted = header.column.getIsSorted();
  const isFigure = (CHANGE_POSITIONS as readonly string[]).includes(header.id);
  const place =
    header.id === "grapheme"
      ? "px-4"
      : header.id === "share"
        ? "w-[270px] px-3"
        : isFigure
          ? "px-3 pr-5 text-right"
          : "px-3";
  return (
    <th scope="col" aria-sort={sorted ? SORTED[sorted] : "none"} className={`${place} py-1 font-semibold`}>
      <button
        type="button"
        className="inline-flex min-h-11 min-w-11 items-center gap-1 font-semibold hover:text-ink"
        onClick={header.column.getToggleSortingHandler()}
      >
        {flexRender(header.column.columnDef.header, header.getContext())}
        {sorted === "asc" && <ArrowUp size={13} aria-hidden />}
        {sorted === "desc" && <ArrowDown size={13} aria-hidden />}
      </button>
    </th>
  );
}

/** Which sound was read as which, how often, out of how many chances, where in the word. */
export default function Evidence({ report, proposed, whose, groupId, learnerId, way, filter }: Props) {
  const [opened, setOpened] = useState<Opened>();
  const query = useMemo(
    () => opened && { ...filter, groupId, learnerId, way, ...opened.figure },
    [opened, groupId, learnerId, way, filter],
  );
  const [onlyWrong, setOnlyWrong] = useState(true);
  const [view, setView] = useState<(typeof VIEWS)[number]>("table");
  const rows = useMemo(() => report.rows.filter((row) => !onlyWrong || row.wrong > 0), [report, onlyWrong]);
  const [sorting, setSorting] = useState<SortingState>([]);
  const table = useReactTable({
    data: rows,
    columns: COLUMNS[way],
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: ({ gpc }) => gpc,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return (
    <>
      <Findings
        findings={report.findings}
        {...{ proposed, groupId }}
        showNames={learnerId === undefined}
        onOpen={setOpened}
      />
      <div className="mb-3 flex flex-wrap items-center justify-between gap-x-4">
        <p className="text-quiet">
          {counted(report.responseCount, WAY_WORDS[way].answer)} in {counted(report.lessonCount, "lesson")}. Press any
          figure to see what is behind it.
          {report.togetherCount > 0 &&
            ` ${counted(report.togetherCount, "answer")} of all together ${report.togetherCount === 1 ? "is" : "are"} counted apart.`}
          {report.unreadable > 0 &&
            ` ${counted(report.unreadable, "record")} cannot be read: kept, and left out of every count.`}
          {report.heldBack.all > 0 && (
            <button
              type="button"
              className="ml-2 min-h-11 min-w-11 rounded-lg px-1 underline underline-offset-2"
              onClick={() =>
                setOpened({
                  title: "Words kept back until the end",
                  count: report.heldBack.all,
                  figure: { heldBack: true },
                })
              }
            >
              Kept-back words: {report.heldBack.right} of {report.heldBack.all} right; practised ones:{" "}
              {report.practised.right} of {report.practised.all}
            </button>
          )}
        </p>
        <div className="flex flex-wrap items-center gap-3">
          <SegmentedChoice label="Shown as" value={view} choices={VIEWS} names={VIEW_NAME} onChange={setView} />
          <a className="button flex items-center font-normal" href={csvHref({ groupId, learnerId, way, filter })}>
            CSV
          </a>
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-4"
              checked={!onlyWrong}
              onChange={(event) => setOnlyWrong(!event.target.checked)}
            />
            also what was always right
          </label>
        </div>
      </div>
      {rows.length === 0 ? (
        <p className="rounded-xl border border-rule bg-sheet p-8 text-center text-quiet">
          {report.responseCount === 0 ? WAY_WORDS[way].none : `Nothing was ${WAY_WORDS[way].past} as something else.`}
        </p>
      ) : view === "matrix" ? (
        <Matrix rows={rows} onlyWrong={onlyWrong} way={way} onOpen={setOpened} />
      ) : (
        <div className="overflow-x-auto rounded-xl border border-rule bg-sheet">
          <table
            className="w-full min-w-[640px] border-collapse"
            aria-label={`What ${whose} ${WAY_WORDS[way].past} as what`}
          >
            <thead className="text-left">
              {table.getHeaderGroups().map(({ id, headers }) => (
                <tr key={id} className="label-row border-b border-rule text-[12.5px] text-quiet">
                  {headers.map((header) => (
                    <SortableHeader key={header.id} header={header} />
                  ))}
                </tr>
              ))}
            </thead>
            <tbody>
              {table.getRowModel().rows.map(({ original: row }) => (
                <EvidenceRow key={row.gpc} row={row} showNames={learnerId === undefined} way={way} onOpen={setOpened} />
              ))}
            </tbody>
          </table>
        </div>
      )}
      {opened && query && (
        <OpenedResponses title={opened.title} count={opened.count} query={query} onClose={() => setOpened(undefined)} />
      )}
    </>
  );
}

/** What the records say, in sentences; the first few, and the others at a press. */
function Findings(props: {
  readonly findings: EvidenceReport["findings"];
  readonly proposed: readonly string[];
  readonly groupId: GroupId;
  readonly showNames: boolean;
  readonly onOpen: (opened: Opened) => void;
}) {
  const [all, setAll] = useState(false);
  const shown = all ? props.findings : props.findings.slice(0, FINDINGS_SHOWN);
  if (shown.length === 0) return null;
  return (
    <section aria-label="What the records say" className="mb-4">
      <ul className="rounded-xl border border-rule bg-sheet">
        {shown.map((finding) => {
          const { gpc, said, times, learner, learnerId } = finding;
          const { letters, rest } = findingWords(finding);
          return (
            <li
              key={`${learnerId} ${gpc} ${said.join("+")}`}
              className="flex flex-wrap items-center border-b border-hairline pr-2 last:border-b-0"
            >
              <button
                type="button"
                className={`min-h-11 min-w-0 flex-1 basis-72 px-4 py-2 text-left hover:bg-paper ${finding.isNamed && !finding.gotOver ? "" : "text-quiet"}`}
                onClick={() =>
                  props.onOpen({
                    title: `${letters} ${rest}`,
                    count: times,
                    figure: { gpc, said: said.join("+"), wrong: true },
                  })
                }
              >
                {props.showNames && <b>{learner}: </b>}
                <b className="font-learner text-[18px]">{letters}</b> {rest}
              </button>
              {props.proposed.includes(`${gpc}>${said.join("+")}`) && (
                <a
                  className="button my-1 flex items-center font-normal max-sm:ml-4"
                  aria-label={`Chain for it: ${letters} ${rest}`}
                  href={`/bench?group=${props.groupId}&for=${encodeURIComponent(`${gpc}>${said.join("+")}`)}`}
                >
                  Chain for it
                </a>
              )}
            </li>
          );
        })}
      </ul>
      {props.findings.length > FINDINGS_SHOWN && (
        <button type="button" className="button mt-2" onClick={() => setAll(!all)}>
          {all ? "Only the first" : moreOf(props.findings.length - FINDINGS_SHOWN, "sentence")}
        </button>
      )}
    </section>
  );
}

/** Learners named beside a figure; the answers behind it name all. */
const NAMED = 4;

/** `"Sandpiper 9, Heron 2"`: whose readings these were, most first. */
const whoSaid = (by: Row["substitutions"][number]["by"]): string =>
  fewOf(
    by.map(({ learner, count }) => `${learner} ${count}`),
    NAMED,
  );

interface RowProps {
  readonly row: Row;
  readonly showNames: boolean;
  readonly way: EvidenceWay;
  readonly onOpen: (opened: Opened) => void;
}

function EvidenceRow({ row, showNames, way, onOpen }: RowProps) {
  const name = [row.grapheme, soundName(row.phonemes)].filter(Boolean).join(" ");
  return (
    <tr className="border-b border-hairline align-middle last:border-0" data-gpc={row.gpc}>
      <th scope="row" className="whitespace-nowrap px-4 py-2 text-left font-normal">
        {row.grapheme && <span className="inline-block min-w-12 font-learner text-[22px]">{row.grapheme}</span>}
        <span className={row.grapheme ? "text-quiet" : ""}>{soundName(row.phonemes)}</span>
      </th>
      <td className="min-w-44 px-3 py-2">
        <div className="flex flex-wrap gap-1.5">
          {row.substitutions.map(({ said, count, by }) => (
            <button
              key={said.join(" ")}
              type="button"
              className="min-h-11 min-w-11 rounded-lg border border-rule bg-again-soft px-2.5 py-0.5 text-left hover:border-again"
              onClick={() =>
                onOpen({
                  title: `${name} ${WAY_WORDS[way].past} as ${saidName(said)}`,
                  count,
                  figure: { gpc: row.gpc, said: said.join("+"), wrong: true },
                })
              }
            >
              {saidName(said)} <b>×{count}</b>
              {showNames && <span className="block text-[12.5px] text-quiet">{whoSaid(by)}</span>}
            </button>
          ))}
          {row.pattern && (
            <span className="self-center rounded-full border border-again px-2 text-[12.5px] font-semibold text-again">
              a pattern
            </span>
          )}
        </div>
      </td>
      <td className="px-3 py-2">
        <button
          type="button"
          className="min-h-11 w-full rounded-lg px-1 py-1 text-left hover:bg-paper"
          title={`Between ${inHundred(row.interval.low)} and ${inHundred(row.interval.high)} in 100, as far as the count can say (Wilson, 95 %)`}
          onClick={() =>
            onOpen({
              title: `Every chance to ${WAY_WORDS[way].verb} ${name}`,
              count: row.chances,
              figure: { gpc: row.gpc },
            })
          }
        >
          <span className="tabular-nums">
            <b>{row.wrong}</b> of {row.chances} chances
          </span>
          <IntervalBar row={row} />
        </button>
      </td>
      {CHANGE_POSITIONS.map((position) => {
        const { chances, wrong } = row.byPosition[position];
        return (
          <td key={position} className="px-3 py-2 text-right tabular-nums">
            {chances === 0 ? (
              <span className="px-2 text-quiet">–</span>
            ) : (
              <button
                type="button"
                className="min-h-11 min-w-11 whitespace-nowrap rounded-lg px-2 hover:bg-paper"
                aria-label={`${wrong} of ${chances} at the ${POSITION_NAME[position]}`}
                onClick={() =>
                  onOpen({
                    title: `${name} at the ${POSITION_NAME[position]}`,
                    count: wrong > 0 ? wrong : chances,
                    figure: { gpc: row.gpc, position, ...(wrong > 0 && { wrong: true }) },
                  })
                }
              >
                <b>{wrong}</b>
                <span className="text-quiet"> of {chances}</span>
              </button>
            )}
          </td>
        );
      })}
    </tr>
  );
}

/** The share read as something else as a dot, with what the count allows as a line. */
function IntervalBar({ row }: { row: Row }) {
  const part = row.wrong / row.chances;
  return (
    <span aria-hidden className="relative mt-1 block h-2 rounded-full bg-hairline">
      <span
        className="absolute inset-y-0 rounded-full bg-again/35"
        style={{ left: `${row.interval.low * 100}%`, width: `${(row.interval.high - row.interval.low) * 100}%` }}
      />
      <span
        className="absolute top-1/2 size-3 -translate-x-1/2 -translate-y-1/2 rounded-full bg-again"
        style={{ left: `${part * 100}%` }}
      />
    </span>
  );
}
