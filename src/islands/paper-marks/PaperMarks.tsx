import { createColumnHelper, flexRender, getCoreRowModel, useReactTable } from "@tanstack/react-table";
import Papa from "papaparse";
import { useCallback, useId, useMemo, useRef, useState } from "react";
import { PLANNED_NAME } from "../../components/words/activity-words.ts";
import { counted } from "../../components/words/counted.ts";
import { PAPER_FAULT, PAPER_KEYS, PASTE_FAULT } from "../../components/words/paper-words.ts";
import { MODE_VERB } from "../../components/words/response-words.ts";
import { OUTCOME_DEFINITIONS, readPaperCell } from "../../core/light.ts";
import type { Learner } from "../../server/groups/groups.ts";
import type { PaperItem, PaperMarksPage } from "../../server/sessions/paper-marks-page.ts";
import { pageOutbox } from "../outbox/page-outbox.ts";
import { call } from "../shared/client.ts";
import { type CellKey, PaperCellInput } from "./PaperCellInput.tsx";
import { type CellPlace, cellKey, type PasteFault, pasteBlock, textOf } from "./paper-grid.ts";
import { usePaperMarks } from "./use-paper-marks.ts";
import { useTypedVerdict } from "./use-typed-verdict.ts";

const RIGHT = { outcome: "right", substitutions: [] } as const;
const helper = createColumnHelper<Learner>();

interface Props extends PaperMarksPage {
  /** It was begun to be marked from paper: it is over when that is done. */
  readonly isBegunHere: boolean;
}

/**
 * What was marked on paper, learners down and items across: arrows and Enter go from cell to cell, Space is right, what
 * was said or written is typed. Every cell is a mark of its own and goes to the server by the outbox.
 */
export default function PaperMarks(page: Props) {
  const { session, group, activities, isBegunHere } = page;
  const { learners } = group;
  const [at, setAt] = useState(0);
  const items = useMemo<readonly PaperItem[]>(() => activities[at]?.items ?? [], [activities, at]);
  const { marks, refusal, store } = usePaperMarks(page);
  /** What stands in cells that are being typed into, or are at fault; by cell. */
  const [drafts, setDrafts] = useState<ReadonlyMap<string, string>>(new Map());
  /** The cell that was typed into last, and whether it still is. */
  const [here, setHere] = useState<CellPlace & { readonly isTyped: boolean }>({ row: 0, column: 0, isTyped: false });
  const [faults, setFaults] = useState<readonly PasteFault[]>([]);
  const [failure, setFailure] = useState("");
  const grid = useRef<HTMLTableElement>(null);
  const id = useId();

  const cellAt = useCallback(
    ({ row, column }: CellPlace) => {
      const [learner, item] = [learners[row], items[column]];
      return learner && item ? { learner, item, key: cellKey(learner.id, item) } : undefined;
    },
    [learners, items],
  );
  const forget = useCallback(
    (key: string) => setDrafts((now) => (now.has(key) ? new Map([...now].filter(([other]) => other !== key)) : now)),
    [],
  );
  const go = useCallback((row: number, column: number) => {
    grid.current?.querySelector<HTMLInputElement>(`[data-cell="${row} ${column}"]`)?.focus();
  }, []);
  const onType = useCallback(
    (place: CellPlace, text: string) => {
      const cell = cellAt(place);
      if (!cell) return;
      setHere({ ...place, isTyped: true });
      setDrafts((now) => new Map(now).set(cell.key, text));
    },
    [cellAt],
  );
  const draftsNow = useRef(drafts);
  draftsNow.current = drafts;
  const onLeave = useCallback(
    (place: CellPlace) => {
      const cell = cellAt(place);
      const text = cell && draftsNow.current.get(cell.key);
      if (!cell || text === undefined) return;
      setHere({ ...place, isTyped: false });
      const read = readPaperCell(text, { target: cell.item.shown, mode: cell.item.mode });
      // What cannot be read stays where it was typed.
      if (read.kind === "fault") return;
      store(cell.learner.id, cell.item, read.kind === "answer" ? read.answer : undefined);
      forget(cell.key);
    },
    [cellAt, store, forget],
  );
  const marksNow = useRef(marks);
  marksNow.current = marks;
  const onKey = useCallback(
    (place: CellPlace, key: CellKey) => {
      const cell = cellAt(place);
      if (!cell) return;
      const { row, column } = place;
      switch (key.type) {
        case "go":
          return go(row + key.rows, column + key.columns);
        case "restore":
          return forget(cell.key);
        case "right":
          store(cell.learner.id, cell.item, RIGHT);
          forget(cell.key);
          // At the end of a row the next learner's begins.
          return column + 1 < items.length ? go(row, column + 1) : go(row + 1, 0);
        case "row-right":
          for (const item of items.slice(column)) {
            const other = cellKey(cell.learner.id, item);
            if (!marksNow.current.has(other) && !draftsNow.current.get(other)?.trim())
              store(cell.learner.id, item, RIGHT);
          }
          return go(row + 1, 0);
      }
    },
    [cellAt, go, forget, store, items],
  );
  const onPaste = useCallback(
    (from: CellPlace, text: string) => {
      if (!/[\t\n,;]/.test(text.trim())) return false;
      // Papa finds out whether tabs, commas or semicolons stand between cells.
      const { data } = Papa.parse<string[]>(text.replace(/\r?\n$/, ""), { skipEmptyLines: false });
      const pasted = pasteBlock({ learners, items }, data, from);
      setFaults(pasted.ok ? [] : pasted.faults);
      if (pasted.ok)
        for (const { learnerId, item, cell } of pasted.cells) {
          store(learnerId, item, cell.kind === "answer" ? cell.answer : undefined);
          forget(cellKey(learnerId, item));
        }
      return true;
    },
    [learners, items, store, forget],
  );

  const columns = useMemo(
    () => [
      helper.accessor("nickname", { id: "learner", header: "Learner" }),
      ...items.map((item, k) =>
        helper.display({
          id: `${item.index}`,
          header: () => (
            <>
              <span className="block font-learner text-[19px]">{item.shown}</span>
              <span className="block text-[12px] font-normal text-quiet">{MODE_VERB[item.mode]}</span>
            </>
          ),
          meta: { column: k },
        }),
      ),
    ],
    [items],
  );
  const data = useMemo(() => [...learners], [learners]);
  const table = useReactTable({ data, columns, getRowId: ({ id }) => id, getCoreRowModel: getCoreRowModel() });

  const current = cellAt(here);
  const draft = current && drafts.get(current.key);
  const read =
    current && draft !== undefined
      ? readPaperCell(draft, { target: current.item.shown, mode: current.item.mode })
      : undefined;
  const verdict = useTypedVerdict(session.id, draft === undefined ? undefined : current?.item, draft ?? "");
  const told = read?.kind === "fault" ? `“${draft}” ${PAPER_FAULT[read.code]}` : verdict;
  const marked = learners.reduce(
    (sum, { id: whose }) => sum + items.filter((item) => marks.has(cellKey(whose, item))).length,
    0,
  );

  const finish = async () => {
    try {
      await pageOutbox().flush();
      // A lesson that is being taught on another device goes on.
      if (isBegunHere && session.endedAt === null)
        await call("PATCH /api/sessions/:sessionId", { params: { sessionId: session.id }, body: { ended: true } });
      location.assign(`/evidence?group=${group.id}`);
    } catch (error) {
      setFailure((error as Error).message);
    }
  };

  if (activities.length === 0) return <p className="mt-6">Nothing in this lesson can be marked.</p>;
  if (learners.length === 0) return <p className="mt-6">The group has no learners yet: put them in under People.</p>;
  return (
    <>
      {activities.length > 1 && (
        <label className="mt-4 flex flex-wrap items-center gap-2" htmlFor={`${id} activity`}>
          Activity
          <select
            id={`${id} activity`}
            className="field"
            value={at}
            onChange={(event) => setAt(Number(event.target.value))}
          >
            {activities.map(({ id: which, kind, title, items: own }, k) => (
              <option key={which} value={k}>
                {k + 1}. {title || PLANNED_NAME[kind]} ({own.length})
              </option>
            ))}
          </select>
        </label>
      )}
      <p className="mt-3 max-w-4xl text-[14px] text-quiet">{PAPER_KEYS}</p>
      <div className="mt-3 overflow-x-auto rounded-xl border border-rule bg-sheet">
        <table ref={grid} aria-label="Marks" className="border-collapse">
          <thead>
            {table.getHeaderGroups().map((headers) => (
              <tr key={headers.id}>
                {headers.headers.map((header, k) => (
                  <th
                    key={header.id}
                    scope="col"
                    className={`border-b border-rule px-3 py-1 ${k === 0 ? "sticky left-0 z-10 bg-sheet text-left" : "border-l"}`}
                  >
                    {flexRender(header.column.columnDef.header, header.getContext())}
                  </th>
                ))}
              </tr>
            ))}
          </thead>
          <tbody>
            {table.getRowModel().rows.map(({ id: rowId, original: learner }, row) => (
              <tr key={rowId}>
                <th
                  scope="row"
                  className="sticky left-0 z-10 max-w-40 truncate border-b border-hairline bg-sheet px-3 text-left font-semibold"
                  title={learner.nickname}
                >
                  {learner.nickname}
                </th>
                {items.map((item, column) => {
                  const key = cellKey(learner.id, item);
                  const text = drafts.get(key) ?? textOf(marks.get(key));
                  return (
                    <td key={item.index} className="border-b border-l border-hairline p-0">
                      <PaperCellInput
                        {...{ row, column, text, onType, onKey, onLeave, onPaste }}
                        name={`${learner.nickname}, ${item.shown}`}
                        look={lookOf(text, item, here.isTyped && here.row === row && here.column === column)}
                      />
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p role="status" className="mt-2 min-h-7">
        {told && current ? (
          <>
            <b>
              {current.learner.nickname}, {current.item.shown}:
            </b>{" "}
            {told}
          </>
        ) : (
          `${marked} of ${learners.length * items.length} marked`
        )}
      </p>
      {faults.length > 0 && (
        <div role="alert" className="mt-2 rounded-xl border border-again bg-again-soft px-4 py-2">
          <p>Nothing of what was pasted has been taken: {counted(faults.length, "cell")} cannot be read.</p>
          <ul>
            {faults.slice(0, MOST_FAULTS).map(({ at: place, learner, item, text, code }) => (
              <li key={place}>
                {place}
                {learner && ` (${learner}, ${item})`}: “{text.slice(0, 40)}” {PASTE_FAULT[code]}
              </li>
            ))}
          </ul>
        </div>
      )}
      {(refusal || failure) && (
        <p role="alert" className="mt-2 text-again">
          {failure || `A mark was refused: ${refusal}`}
        </p>
      )}
      <button type="button" className="button button-main mt-3" onClick={() => void finish()}>
        Done
      </button>
    </>
  );
}

/** Faults that are named; the others are counted. */
const MOST_FAULTS = 8;

function lookOf(text: string, item: PaperItem, isTyped: boolean): Parameters<typeof PaperCellInput>[0]["look"] {
  const cell = readPaperCell(text, { target: item.shown, mode: item.mode });
  if (cell.kind === "empty") return "empty";
  // While it is being typed nothing is held against it.
  if (cell.kind === "fault") return isTyped ? "other" : "fault";
  const { countsAs, isTried } = OUTCOME_DEFINITIONS[cell.answer.outcome];
  return countsAs === "right" ? "right" : countsAs === "not-right" && isTried ? "wrong" : "other";
}
