import { closestCenter, DndContext, type DragEndEvent } from "@dnd-kit/core";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import Ban from "lucide-react/icons/ban";
import CircleQuestionMark from "lucide-react/icons/circle-question-mark";
import GripVertical from "lucide-react/icons/grip-vertical";
import Lock from "lucide-react/icons/lock";
import LockOpen from "lucide-react/icons/lock-open";
import Trash from "lucide-react/icons/trash";
import { Fragment, memo, type ReactNode, useMemo } from "react";
import { flagWords } from "../../components/words/chain-words.ts";
import { refusalWords, stepWords } from "../../components/words/reasons.ts";
import { changeOfStep } from "../../components/zip/change-of-step.ts";
import { measureZip, sharedColumns, type ZipColumns } from "../../components/zip/layout.ts";
import { ZipStrip } from "../../components/zip/ZipStrip.tsx";
import type { ChainReport, Segmentation, StepCheck, WordFlag, WordVerdict } from "../../core/light.ts";
import { separatelyHydrated } from "../shared/separately-hydrated.tsx";
import { type ElementSize, useMeasured } from "../shared/use-element-size.ts";
import { useListSensors } from "../shared/use-list-sensors.ts";
import { openWordCard } from "../word-card/open.ts";

/**
 * What can be done with a word of the chain. Until a new chain has been looked at, the rows of the one before stand a
 * moment longer: a word is named, for its place may be another one's by then.
 */
export interface WordActions {
  readonly onSelect: (word: string) => void;
  readonly onRemove: (word: string) => void;
  readonly onLock: (word: string) => void;
  readonly onBan: (word: string) => void;
  /** Mends the step from one word to the next. */
  readonly onMend: (from: string, to: string) => void;
  /** Moves a word to where another one stands. */
  readonly onMove: (word: string, to: string) => void;
}

interface Props {
  readonly report: ChainReport;
  /** What the group may be shown, word by word; undefined while it is being looked at. */
  readonly verdicts: readonly WordVerdict[] | undefined;
  readonly locked: readonly string[];
  readonly selected: number;
  readonly aims: (step: StepCheck) => string[];
  readonly actions: WordActions;
  /** What stands under the row in hand, where there is no room for it beside the chain. */
  readonly underSelected?: ReactNode;
}

/** Letters of a strip, in pixels: as large as the longest word of a chain lets them be. */
const [LARGEST_LETTERS, SMALLEST_LETTERS] = [30, 16];
/** The widths from which a row has its actions and its reason beside the letters (28 and 42 rem of 15 pixels). */
const [HAS_ACTIONS_BESIDE, HAS_REASON_BESIDE] = [420, 630];

/** Pixels there are for the letters of a row: the rest is the handle, the number and what stands beside them. */
function roomForLetters({ width }: Pick<ElementSize, "width">): number {
  // Of 250, what the mark of a sound that is gone may need beside a strip.
  if (width >= HAS_REASON_BESIDE) return 244;
  return width >= HAS_ACTIONS_BESIDE ? width - 270 : width - 88;
}
/** Until the list has been measured it is taken to be wide, as it is on most screens. */
const ROOM_AT_FIRST = roomForLetters({ width: HAS_REASON_BESIDE });

/** @param room pixels there are for the letters of a row */
function lettersFor({ readings }: ChainReport, columns: ZipColumns, room: number): number {
  const widths = readings.map((reading) =>
    reading ? measureZip(reading, { columns, size: LARGEST_LETTERS, open: false }).width : 0,
  );
  const share = room / Math.max(...widths, 1);
  return Math.max(SMALLEST_LETTERS, Math.min(LARGEST_LETTERS, Math.floor(LARGEST_LETTERS * share)));
}

/** The chain: one strip a word, the changed tooth held in its clasp, drag or keys to reorder. */
export const ChainList = separatelyHydrated(function ChainList(props: Props) {
  const { report, verdicts, locked, selected, aims, actions, underSelected } = props;
  const columns = useMemo(
    () => sharedColumns(report.readings.filter((r): r is Segmentation => r !== undefined)),
    [report],
  );
  const [list, room] = useMeasured<HTMLOListElement>(roomForLetters, ROOM_AT_FIRST);
  const size = lettersFor(report, columns, room);
  const sensors = useListSensors();
  const words = report.words;
  const items = useMemo(() => [...words], [words]);
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over) actions.onMove(String(active.id), String(over.id));
  };
  return (
    <DndContext id="chain" sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={items} strategy={verticalListSortingStrategy}>
        <ol ref={list} aria-label="Chain" className="@container min-w-0">
          {words.map((word, index) => (
            <Fragment key={word}>
              <Strip
                word={word}
                before={words[index - 1] ?? ""}
                index={index}
                reading={report.readings[index]}
                step={report.steps[index - 1]}
                flags={report.flags[index] ?? []}
                verdict={verdicts?.[index]}
                locked={locked.includes(word)}
                columns={columns}
                size={size}
                selected={index === selected}
                aims={aims}
                actions={actions}
              />
              {underSelected && index === selected && <li>{underSelected}</li>}
            </Fragment>
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
});

interface StripProps {
  readonly word: string;
  /** The word before it; "" at the first. */
  readonly before: string;
  readonly index: number;
  readonly reading: Segmentation | undefined;
  readonly step: StepCheck | undefined;
  readonly flags: readonly WordFlag[];
  readonly verdict: WordVerdict | undefined;
  readonly locked: boolean;
  readonly columns: ZipColumns;
  /** Height of its letters in pixels. */
  readonly size: number;
  readonly selected: boolean;
  readonly aims: (step: StepCheck) => string[];
  readonly actions: WordActions;
}

/** Where the buttons of a row stand: beside its word, or below it, Mend under the letters. On a phone always below. */
const BUTTONS_BESIDE = {
  row: "@2xl:flex-nowrap",
  word: "@max-md:basis-[calc(100%-48px)]",
  mend: "@max-md:mb-1.5 @max-md:ml-[76px]",
};
const BUTTONS_BELOW = { row: "", word: "basis-[calc(100%-48px)]", mend: "mb-1.5 ml-[76px]" };
const BUTTONS_BELOW_WITH_MOUSE = {
  row: "max-xl:@2xl:flex-nowrap",
  word: `${BUTTONS_BESIDE.word} xl:basis-[calc(100%-48px)]`,
  mend: `${BUTTONS_BESIDE.mend} xl:mb-1.5 xl:ml-[76px]`,
};

/** What is done with a word stands on the row in hand; with keys and mouse on the one that is pointed to. */
const SHOWN_WITH_MOUSE = "max-xl:hidden xl:opacity-0 xl:group-focus-within:opacity-100 xl:group-hover:opacity-100";

/** Another word in hand draws two strips anew, not all. */
const Strip = memo(function Strip(props: StripProps) {
  const { word, before, index, reading, step, flags, verdict, locked, columns, size, selected, aims, actions } = props;
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: word,
  });
  const isBroken = step !== undefined && !step.single;
  const isInHand = selected || locked;
  // With a button more there is no room for a long word and its reason beside them; with a mouse they keep their place on
  // every row, seen or not.
  const place = !isBroken ? BUTTONS_BESIDE : isInHand ? BUTTONS_BELOW : BUTTONS_BELOW_WITH_MOUSE;
  const refusal = verdict && "refusal" in verdict ? verdict.refusal : undefined;
  return (
    <li
      ref={setNodeRef}
      data-word={word}
      data-current-word={selected ? "" : undefined}
      data-locked={locked}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`group relative flex min-h-[74px] flex-wrap items-center border-b border-hairline pr-1 ${place.row} ${selected ? "bg-change-soft" : ""} ${isDragging ? "z-10 bg-sheet shadow-lg" : ""}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        data-no-hold
        aria-label={`Move ${word}`}
        className="grid h-[74px] w-11 shrink-0 cursor-grab touch-none place-items-center text-tape"
      >
        <GripVertical size={18} aria-hidden />
      </button>
      <button
        type="button"
        aria-pressed={selected}
        className={`flex min-h-[74px] min-w-0 flex-1 flex-wrap items-center gap-x-3 py-1 text-left @2xl:flex-nowrap @2xl:py-0 ${place.word}`}
        onClick={() => actions.onSelect(word)}
      >
        <span className="w-5 shrink-0 text-right tabular-nums text-quiet">{index + 1}</span>
        {/* The mark of a sound that is gone from a word's end stands half beside the strip. */}
        <span className="max-w-full shrink-0 overflow-hidden pr-1.5 @2xl:w-[250px]">
          {reading ? (
            <ZipStrip word={reading} columns={columns} size={size} change={changeOfStep(step)} />
          ) : (
            <span className="font-learner text-3xl">{word}</span>
          )}
        </span>
        <span className="leading-snug @max-2xl:w-full @max-2xl:pl-8 @2xl:min-w-0 @2xl:flex-1 @2xl:py-1.5">
          {step ? <StepText step={step} /> : <span className="text-quiet">first word</span>}
          {step && aims(step).map((aim) => <AimBadge key={aim} text={aim} />)}
          {flags.length > 0 && (
            <span className="block text-[12.5px] text-quiet">{flags.map(flagWords).join(" · ")}</span>
          )}
          {refusal && <span className="block text-[13px] font-semibold text-again">{refusalWords(refusal)}</span>}
        </span>
      </button>
      {isBroken && (
        <button
          type="button"
          className={`button mr-1 shrink-0 px-2.5 ${place.mend}`}
          onClick={() => actions.onMend(before, word)}
        >
          Mend
        </button>
      )}
      <span className={`ml-auto flex shrink-0 ${isInHand ? "" : SHOWN_WITH_MOUSE}`}>
        <StripButton
          name={locked ? `Unlock ${word}` : `Lock ${word}`}
          hint={locked ? "Locked: it stays when the chain is made again" : "Keep it when the chain is made again"}
          onPress={() => actions.onLock(word)}
        >
          {locked ? <Lock size={17} className="text-ink" aria-hidden /> : <LockOpen size={17} aria-hidden />}
        </StripButton>
        <StripButton name={`About ${word}`} hint="About this word (?)" onPress={() => openWordCard(word)}>
          <CircleQuestionMark size={17} aria-hidden />
        </StripButton>
        <StripButton
          name={`Never ${word}`}
          hint="Never in this chain: another takes its place"
          onPress={() => actions.onBan(word)}
        >
          <Ban size={17} aria-hidden />
        </StripButton>
        <StripButton name={`Take ${word} out`} hint="Take out" onPress={() => actions.onRemove(word)}>
          <Trash size={17} aria-hidden />
        </StripButton>
      </span>
    </li>
  );
});

function StripButton(props: { name: string; hint: string; onPress: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      aria-label={props.name}
      title={props.hint}
      className="grid size-11 shrink-0 place-items-center rounded text-quiet hover:text-ink"
      onClick={props.onPress}
    >
      {props.children}
    </button>
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
