import { arrayMove } from "@dnd-kit/sortable";
import Download from "lucide-react/icons/download";
import Plus from "lucide-react/icons/plus";
import Upload from "lucide-react/icons/upload";
import { useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { UndoRedo } from "../../components/ui/UndoRedo.tsx";
import { patternName } from "../../components/words/pattern-names.ts";
import { rowProblemWords } from "../../components/words/sequence-faults.ts";
import { PATTERNS, type RowProblem } from "../../core/light.ts";
import type { SequencePage } from "../../server/groups/groups-page.ts";
import { call } from "../shared/client.ts";
import {
  canRedo,
  canUndo,
  type History,
  NO_HISTORY,
  recorded,
  redone,
  type Travelled,
  undone,
} from "../shared/history.ts";
import { useShortcuts } from "../shared/use-shortcuts.ts";
import { type EditorRow, EMPTY, withKeys, withoutKeys } from "./editor-state.ts";
import { RowList } from "./RowList.tsx";

const CHECK_AFTER_MS = 250;
const PROBLEMS_SHOWN = 6;

/** An order of teaching as a table: steps, spellings, patterns, irregular words; every row checked as it is typed. */
export default function SequenceEditor({ id, name: firstName, rows: firstRows, shipped }: SequencePage) {
  const [name, setName] = useState(firstName);
  const [rows, setRows] = useState<readonly EditorRow[]>(() => withKeys(firstRows));
  const [history, setHistory] = useState<History<readonly EditorRow[]>>(NO_HISTORY);
  const [problems, setProblems] = useState<readonly RowProblem[]>([]);
  const [lines, setLines] = useState<readonly number[]>();
  const [unsaved, setUnsaved] = useState(id === undefined && firstRows.length > 1);
  const file = useRef<HTMLInputElement>(null);

  const change = (next: readonly EditorRow[], remember = true) => {
    if (remember) setHistory(recorded(history, rows));
    setRows(next);
    setUnsaved(true);
  };

  const travel = (to: Travelled<readonly EditorRow[]> | undefined) => {
    if (!to) return;
    setRows(to.present);
    setHistory(to.history);
    setUnsaved(true);
  };
  useShortcuts("sequence", {
    undo: () => travel(undone(history, rows)),
    redo: () => travel(redone(history, rows)),
  });

  // Rows are checked a moment after the last key; an answer to an older question is dropped.
  useEffect(() => {
    let current = true;
    const timer = setTimeout(() => {
      call("POST /api/sequence-checks", { body: { rows: withoutKeys(rows) } }).then(
        (answer) => current && setProblems(answer.problems),
        () => undefined,
      );
    }, CHECK_AFTER_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [rows]);

  useEffect(() => {
    if (!unsaved) return;
    const warn = (event: BeforeUnloadEvent) => event.preventDefault();
    addEventListener("beforeunload", warn);
    return () => removeEventListener("beforeunload", warn);
  }, [unsaved]);

  const save = async () => {
    const body = { name, rows: withoutKeys(rows) };
    try {
      const stored = id
        ? await call("PUT /api/sequences/:sequenceId", { params: { sequenceId: id }, body })
        : await call("POST /api/sequences", { body });
      setUnsaved(false);
      toast.success(`Saved: ${stored.name}`);
      if (!id) setTimeout(() => location.assign(`/sequences/${stored.id}`), 0);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };

  const open = async (chosen: File) => {
    try {
      const read = await call("POST /api/sequence-imports", { body: { csv: await chosen.text() } });
      change(withKeys(read.rows));
      setLines(read.lines);
      setProblems(read.problems);
      if (name === "") setName(chosen.name.replace(/\.csv$/i, ""));
      toast.success(`${read.rows.length} steps read from ${chosen.name}. Look them over, then save.`);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };

  const remove = async () => {
    if (!id || !confirm(`Delete ${name} for good? Groups taught in it have to be put in another order first.`)) return;
    try {
      if (id) await call("DELETE /api/sequences/:sequenceId", { params: { sequenceId: id } });
      setUnsaved(false);
      setTimeout(() => location.assign("/groups"), 0);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };

  const errors = problems.filter(({ level }) => level === "error");
  const shown = errors.length > 0 ? errors : problems;
  return (
    <main className="mx-auto max-w-6xl px-5 py-6">
      <h1 className="sr-only">Order of teaching</h1>
      <div className="flex flex-wrap items-center gap-2">
        <input
          aria-label="Name of the order"
          className="min-h-11 min-w-60 flex-1 rounded bg-transparent px-1 py-1 text-2xl font-bold placeholder:text-quiet"
          placeholder="Name of this order"
          value={name}
          maxLength={60}
          readOnly={shipped}
          onChange={(event) => {
            setName(event.target.value);
            setUnsaved(true);
          }}
        />
        {!shipped && (
          <>
            <UndoRedo
              canUndo={canUndo(history)}
              canRedo={canRedo(history)}
              onUndo={() => travel(undone(history, rows))}
              onRedo={() => travel(redone(history, rows))}
            />
            <button type="button" className="button flex items-center gap-1.5" onClick={() => file.current?.click()}>
              <Upload size={17} aria-hidden /> Open CSV
            </button>
            <input
              ref={file}
              type="file"
              accept=".csv,text/csv"
              aria-label="CSV file"
              className="sr-only"
              tabIndex={-1}
              onChange={(event) => {
                const chosen = event.target.files?.[0];
                if (chosen) open(chosen);
                event.target.value = "";
              }}
            />
          </>
        )}
        {id && (
          <a className="button flex items-center gap-1.5" href={`/api/sequences/${id}/csv`} download>
            <Download size={17} aria-hidden /> CSV
          </a>
        )}
        {shipped ? (
          <a className="button button-main flex items-center" href={`/sequences/new?from=${id}`}>
            Copy, to change it
          </a>
        ) : (
          <button
            type="button"
            className="button button-main"
            disabled={!unsaved || errors.length > 0 || name.trim() === ""}
            title={
              errors.length > 0 ? "Mend what is marked first" : name.trim() === "" ? "Give it a name first" : undefined
            }
            onClick={save}
          >
            {unsaved ? "Save" : "Saved"}
          </button>
        )}
      </div>

      <details className="mt-3 text-[13.5px] text-quiet">
        <summary className="cursor-pointer">How to write a step</summary>
        <p className="mt-1 max-w-3xl">
          Spellings, with commas between: <b>sh, a-e, ow (snow), ck@end</b>. Letters alone mean their commonest sound; a
          word in brackets says which sound is meant; @start, @inside, @end teach it for that place only. Patterns:{" "}
          {PATTERNS.map((pattern) => `${pattern} (${patternName(pattern)})`).join(", ")}. Irregular words: with spaces
          between.
        </p>
      </details>

      {problems.length > 0 && (
        <div
          role="status"
          className={`mt-3 rounded-lg border px-4 py-2.5 ${errors.length > 0 ? "border-again bg-again-soft" : "border-rule bg-sheet"}`}
        >
          <p className="font-semibold">
            {errors.length > 0
              ? `${errors.length} ${errors.length === 1 ? "thing" : "things"} to mend before it can be saved`
              : "To look at; it can be saved all the same"}
          </p>
          <ul className="mt-1">
            {shown.slice(0, PROBLEMS_SHOWN).map((problem) => (
              <li key={`${problem.row} ${problem.field} ${JSON.stringify(problem.fault)}`}>
                <a className="hover:underline" href={`#step-${problem.row + 1}`}>
                  {rowProblemWords(problem, lines)}
                </a>
              </li>
            ))}
          </ul>
          {shown.length > PROBLEMS_SHOWN && (
            <p className="text-quiet">and {shown.length - PROBLEMS_SHOWN} more, marked in the table</p>
          )}
        </div>
      )}

      <RowList
        rows={rows}
        problems={problems}
        readOnly={shipped}
        onChange={(index, row) => change(rows.map((old, k) => (k === index ? { ...old, ...row } : old)))}
        onRemove={(index) => change(rows.filter((_, k) => k !== index))}
        onMove={(from, to) => change(arrayMove([...rows], from, to))}
      />
      {!shipped && (
        <div className="mt-3 flex justify-between">
          <button
            type="button"
            className="button flex items-center gap-1.5"
            onClick={() => change([...rows, ...withKeys([EMPTY])])}
          >
            <Plus size={17} aria-hidden /> Add a step
          </button>
          {id && (
            <button type="button" className="button text-again" onClick={remove}>
              Delete this order
            </button>
          )}
        </div>
      )}
      <Toasts />
    </main>
  );
}
