import { closestCenter, DndContext, type DragEndEvent } from "@dnd-kit/core";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { type Column, createColumnHelper, getCoreRowModel, useReactTable } from "@tanstack/react-table";
import GripVertical from "lucide-react/icons/grip-vertical";
import Trash from "lucide-react/icons/trash";
import { memo } from "react";
import { rowFaultWords } from "../../components/words/sequence-faults.ts";
import type { RowField, RowProblem, SequenceRow } from "../../core/light.ts";
import { useListSensors } from "../shared/use-list-sensors.ts";
import type { EditorRow } from "./editor-state.ts";

interface Props {
  readonly rows: readonly EditorRow[];
  readonly problems: readonly RowProblem[];
  readonly readOnly: boolean;
  readonly onChange: (index: number, row: Partial<SequenceRow>) => void;
  readonly onRemove: (index: number) => void;
  readonly onMove: (from: number, to: number) => void;
}

const column = createColumnHelper<EditorRow>();

/** The fields of a step, one column each; the id is the field's name. */
const COLUMNS = [
  column.accessor("name", { header: "Step" }),
  column.accessor("spellings", { header: "Spellings" }),
  column.accessor("patterns", { header: "Patterns" }),
  column.accessor("irregularWords", { header: "Irregular words" }),
];
/** What learners read stands in the typeface they read in. */
const READ_BY_LEARNERS: ReadonlySet<string> = new Set<RowField>(["spellings", "irregularWords"]);

const GRID =
  "grid min-w-[760px] grid-cols-[44px_28px_minmax(120px,1fr)_minmax(200px,2fr)_minmax(130px,1fr)_minmax(130px,1fr)_44px] gap-x-2";

/** The steps of the editor, one a row; drag or keys to reorder. */
export function RowList({ rows, problems, readOnly, onChange, onRemove, onMove }: Props) {
  const sensors = useListSensors();
  const table = useReactTable({
    data: rows as EditorRow[],
    columns: COLUMNS,
    getRowId: ({ key }) => String(key),
    getCoreRowModel: getCoreRowModel(),
  });
  const columns = table.getVisibleLeafColumns();
  const tableRows = table.getRowModel().rows;
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const at = (key: typeof active.id) => rows.findIndex((row) => row.key === key);
    onMove(at(active.id), at(over.id));
  };
  return (
    <div className="mt-4 overflow-x-auto rounded-xl border border-rule bg-sheet">
      <div className={`${GRID} border-b border-rule px-2 py-2`}>
        <span />
        <span />
        {columns.map(({ id, columnDef }) => (
          <span key={id} className="label px-1">
            {String(columnDef.header)}
          </span>
        ))}
      </div>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        <SortableContext items={tableRows.map(({ original }) => original.key)} strategy={verticalListSortingStrategy}>
          <ol aria-label="Steps">
            {tableRows.map(({ id, original, index }) => (
              <Row
                key={id}
                row={original}
                index={index}
                columns={columns}
                readOnly={readOnly}
                problems={problems.filter((problem) => problem.row === index)}
                onChange={onChange}
                onRemove={onRemove}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </div>
  );
}

interface RowProps extends Pick<Props, "readOnly" | "onChange" | "onRemove" | "problems"> {
  readonly row: EditorRow;
  readonly index: number;
  readonly columns: readonly Column<EditorRow>[];
}

const Row = memo(function Row({ row, index, columns, readOnly, problems, onChange, onRemove }: RowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: row.key,
    disabled: readOnly,
  });
  return (
    <li
      ref={setNodeRef}
      id={`step-${index + 1}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className="scroll-mt-24 border-b border-hairline px-2 py-1 last:border-0"
    >
      <div className={GRID}>
        {readOnly ? (
          <span />
        ) : (
          <button
            type="button"
            ref={setActivatorNodeRef}
            {...attributes}
            {...listeners}
            aria-label={`Move step ${index + 1}`}
            className="grid min-h-11 min-w-11 cursor-grab touch-none place-items-center text-tape"
          >
            <GripVertical size={18} aria-hidden />
          </button>
        )}
        <span className="pt-2.5 text-right tabular-nums text-quiet">{index + 1}</span>
        {columns.map((column) => {
          const field = column.id as RowField;
          const error = problems.some((problem) => problem.field === field && problem.level === "error");
          return (
            <input
              key={field}
              aria-label={`${column.columnDef.header}, step ${index + 1}`}
              aria-invalid={error}
              className={`min-h-11 w-full rounded-md border bg-transparent px-2 hover:border-rule ${error ? "border-again" : "border-transparent"} ${READ_BY_LEARNERS.has(field) ? "font-learner text-[16px]" : ""}`}
              autoCapitalize="none"
              autoComplete="off"
              spellCheck={false}
              readOnly={readOnly}
              value={row[field]}
              onChange={(event) => onChange(index, { [field]: event.target.value })}
            />
          );
        })}
        {!readOnly && (
          <button
            type="button"
            aria-label={`Take step ${index + 1} out`}
            className="grid min-h-11 min-w-11 place-items-center text-quiet hover:text-ink"
            onClick={() => onRemove(index)}
          >
            <Trash size={17} aria-hidden />
          </button>
        )}
      </div>
      {problems.map((problem) => (
        <p
          key={`${problem.field} ${JSON.stringify(problem.fault)}`}
          className={`pb-1 pl-[78px] text-[13.5px] ${problem.level === "error" ? "font-semibold text-again" : "text-quiet"}`}
        >
          {rowFaultWords(problem.fault)}
        </p>
      ))}
    </li>
  );
});
