import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { CircleHelp, GripVertical, Trash2 } from "lucide-react";
import { useMemo } from "react";
import { stepWords } from "../../components/words/reasons.ts";
import { changeOfStep } from "../../components/zip/change-of-step.ts";
import { sharedColumns, type ZipColumns } from "../../components/zip/layout.ts";
import { ZipStrip } from "../../components/zip/ZipStrip.tsx";
import type { ChainReport, Segmentation, StepCheck } from "../../core/light.ts";
import { openWordCard } from "../word-card/open.ts";

interface Props {
  readonly report: ChainReport;
  readonly selected: number;
  readonly aims: (step: StepCheck) => string[];
  readonly onSelect: (index: number) => void;
  readonly onRemove: (index: number) => void;
  readonly onReorder: (words: string[]) => void;
}

/** The chain: one strip a word, the changed tooth held in its clasp, drag or keys to reorder. */
export function ChainList({ report, selected, aims, onSelect, onRemove, onReorder }: Props) {
  const columns = useMemo(
    () => sharedColumns(report.readings.filter((r): r is Segmentation => r !== undefined)),
    [report],
  );
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const words = report.words;
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    onReorder(arrayMove([...words], words.indexOf(String(active.id)), words.indexOf(String(over.id))));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={[...words]} strategy={verticalListSortingStrategy}>
        <ol aria-label="Chain">
          {words.map((word, index) => (
            <Strip
              key={word}
              word={word}
              index={index}
              reading={report.readings[index]}
              step={report.steps[index - 1]}
              columns={columns}
              selected={index === selected}
              aims={aims}
              onSelect={() => onSelect(index)}
              onRemove={() => onRemove(index)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

interface StripProps {
  readonly word: string;
  readonly index: number;
  readonly reading: Segmentation | undefined;
  readonly step: StepCheck | undefined;
  readonly columns: ZipColumns;
  readonly selected: boolean;
  readonly aims: (step: StepCheck) => string[];
  readonly onSelect: () => void;
  readonly onRemove: () => void;
}

function Strip({ word, index, reading, step, columns, selected, aims, onSelect, onRemove }: StripProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: word,
  });
  return (
    <li
      ref={setNodeRef}
      data-word={word}
      data-current-word={selected ? "" : undefined}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`group relative flex h-[74px] items-center border-b border-hairline pr-2 ${selected ? "bg-change-soft" : ""} ${isDragging ? "z-10 bg-sheet shadow-lg" : ""}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        data-no-hold
        aria-label={`Move ${word}`}
        className="grid h-full w-8 shrink-0 cursor-grab touch-none place-items-center text-tape"
      >
        <GripVertical size={18} aria-hidden />
      </button>
      <button
        type="button"
        aria-pressed={selected}
        className="flex h-full min-w-0 flex-1 items-center gap-5 text-left"
        onClick={onSelect}
      >
        <span className="w-5 shrink-0 text-right tabular-nums text-quiet">{index + 1}</span>
        <span className="w-[300px] shrink-0 overflow-hidden ">
          {reading ? (
            <ZipStrip word={reading} columns={columns} size={30} change={changeOfStep(step)} />
          ) : (
            <span className="font-learner text-3xl">{word}</span>
          )}
        </span>
        <span className="min-w-0 flex-1 leading-snug">
          {step ? <StepText step={step} /> : <span className="text-quiet">first word</span>}
          {step && aims(step).map((aim) => <AimBadge key={aim} text={aim} />)}
        </span>
      </button>
      <button
        type="button"
        aria-label={`About ${word}`}
        title="About this word (?)"
        className="grid size-10 shrink-0 place-items-center rounded text-quiet hover:text-ink"
        onClick={() => openWordCard(word)}
      >
        <CircleHelp size={17} aria-hidden />
      </button>
      <button
        type="button"
        aria-label={`Take ${word} out`}
        title="Take out"
        className="grid size-10 shrink-0 place-items-center rounded text-quiet hover:text-ink"
        onClick={onRemove}
      >
        <Trash2 size={17} aria-hidden />
      </button>
    </li>
  );
}

function StepText({ step }: { step: StepCheck }) {
  const { before, oldGrapheme, between, newGrapheme, after } = stepWords(step);
  const letters = (text: string | undefined) => text && <b className="font-learner text-[18px] text-change">{text}</b>;
  return (
    <span className={step.single ? "text-quiet" : "font-semibold text-again"}>
      {before}
      {letters(oldGrapheme)}
      {between}
      {letters(newGrapheme)}
      {after}
    </span>
  );
}

function AimBadge({ text }: { text: string }) {
  return <span className="ml-2 inline-block rounded-full border border-rule bg-sheet px-2 text-[12.5px]">{text}</span>;
}
