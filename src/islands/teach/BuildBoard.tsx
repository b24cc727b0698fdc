import { DndContext, type DragEndEvent, useDraggable, useDroppable } from "@dnd-kit/core";
import Eraser from "lucide-react/icons/eraser";
import Square from "lucide-react/icons/square";
import type { TeachWord } from "../../server/sessions/teach-page.ts";
import { useDragSensors } from "../shared/drag-sensor.ts";
import { ShutZip } from "./BigWord.tsx";
import { type Board, type BoardAction, firstWrong } from "./lesson/board.ts";

export interface BuildBoardProps {
  readonly board: Board;
  readonly word: TeachWord;
  readonly boxes: boolean;
  readonly picture: boolean;
  readonly onAct: (action: BoardAction) => void;
  readonly onCheck: () => void;
  readonly onBoxes: () => void;
  readonly onPicture: () => void;
}

/** After so many attempts the first tile that is not right is pointed out. */
const SHOWN_AFTER = 2;

/**
 * A learner's board: tiles are dragged, pressed or typed onto the line; what lies on it is looked at when asked. A press
 * on a tile of the line takes it off; a press between two tiles says where the next one goes.
 */
export default function BuildBoard({
  board,
  word,
  boxes,
  picture,
  onAct,
  onCheck,
  onBoxes,
  onPicture,
}: BuildBoardProps) {
  const sensors = useDragSensors();
  const { placed, tray, attempts, right, caret } = board;
  const wrong = !right && attempts.length >= SHOWN_AFTER ? firstWrong(board, word) : undefined;
  const empty = boxes ? Math.max(0, word.reading.units.length - placed.length) : 0;
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const tile = Number(active.id);
    if (over?.id === "tray") {
      const at = placed.indexOf(tile);
      if (at !== -1) onAct({ type: "take", at });
    } else if (over) onAct({ type: "put", tile, at: Number(String(over.id).slice("gap ".length)) });
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    // A tile that has the focus is pressed by Space: the lesson does not go on.
    if (event.key === " " && isOnButton(event)) event.stopPropagation();
    const act = actionOf(event, board);
    if (act === undefined) return;
    event.preventDefault();
    // The keys of the board are not those of the lesson.
    event.stopPropagation();
    if (act === "check") onCheck();
    else onAct(act);
  };
  return (
    <DndContext sensors={sensors} onDragEnd={onDragEnd}>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: typed letters go to the board while the focus is on it */}
      <div
        data-board={placed.map((k) => tray[k]?.label).join(" ")}
        data-right={right}
        data-attempts={attempts.length}
        className="flex min-h-0 w-full flex-1 flex-col items-center justify-evenly px-6"
        onKeyDown={onKeyDown}
        onClick={(event) => event.stopPropagation()}
        onMouseDown={(event) => event.stopPropagation()}
      >
        {picture && word.picture && <img src={word.picture} alt="" className="size-28" />}
        <div>
          <div
            role="group"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: the line takes typed letters
            tabIndex={0}
            aria-label={`The line: ${placed.map((k) => tray[k]?.label).join(" ") || "empty"}. Type letters, Enter to check.`}
            className="flex min-h-32 items-center rounded-2xl p-2"
          >
            {placed.map((tile, k) => (
              <span key={tile} className="flex items-center">
                <Gap at={k} here={caret === k && !right} onPress={() => onAct({ type: "caret", at: k })} />
                <TileButton
                  id={tile}
                  label={tray[tile]?.label ?? ""}
                  name={`Take ${tray[tile]?.label} off`}
                  pointedOut={wrong === k}
                  onPress={() => onAct({ type: "take", at: k })}
                />
              </span>
            ))}
            <Gap
              at={placed.length}
              here={caret === placed.length && !right}
              onPress={() => onAct({ type: "caret", at: placed.length })}
            />
            {Array.from({ length: empty }, (_, k) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: boxes are all alike
              <span key={k} className="mx-1 size-24 rounded-xl border-4 border-rule border-dashed" aria-hidden />
            ))}
          </div>
          <div className="h-9">{right && <ShutZip />}</div>
        </div>
        <p role="status" className="min-h-8 text-center text-lg text-quiet">
          {right ? (
            <b className="text-good">{word.word}</b>
          ) : attempts.length > 0 ? (
            "Not yet. Say it again, listen, look."
          ) : (
            ""
          )}
        </p>
        <Tray>
          {tray.map((tile, k) =>
            placed.includes(k) ? (
              // biome-ignore lint/suspicious/noArrayIndexKey: the place of a tile of the tray stays empty
              <span key={k} className="size-20" aria-hidden />
            ) : (
              <TileButton
                // biome-ignore lint/suspicious/noArrayIndexKey: two tiles may be alike
                key={k}
                id={k}
                label={tile.label}
                name={`Put ${tile.label} on the line`}
                onPress={() => onAct({ type: "put", tile: k })}
              />
            ),
          )}
        </Tray>
        <div className="flex gap-2">
          <button type="button" className="button button-main min-h-14 min-w-36 text-lg" onClick={onCheck}>
            Check
          </button>
          <button type="button" className="button min-h-14" onClick={() => onAct({ type: "clear" })}>
            <Eraser size={18} aria-hidden /> Clear
          </button>
          <button type="button" className="button min-h-14 font-normal" aria-pressed={boxes} onClick={onBoxes}>
            <Square size={16} aria-hidden /> {boxes ? "Without boxes" : "A box for each sound"}
          </button>
          {word.picture && (
            <button type="button" className="button min-h-14 font-normal" aria-pressed={picture} onClick={onPicture}>
              {picture ? "Hide the picture" : "Show the picture"}
            </button>
          )}
        </div>
      </div>
    </DndContext>
  );
}

const isOnButton = ({ target }: React.KeyboardEvent): boolean =>
  target instanceof Element && target.closest("button") !== null;

function actionOf(event: React.KeyboardEvent, { placed, caret }: Board): BoardAction | "check" | undefined {
  switch (event.key) {
    case "Enter":
      return isOnButton(event) ? undefined : "check";
    case "Backspace":
      return caret > 0 ? { type: "take", at: caret - 1 } : undefined;
    case "ArrowLeft":
      return { type: "caret", at: caret - 1 };
    case "ArrowRight":
      return { type: "caret", at: Math.min(placed.length, caret + 1) };
    default:
      return /^[a-z]$/i.test(event.key) ? { type: "letter", letter: event.key.toLowerCase() } : undefined;
  }
}

function TileButton(props: { id: number; label: string; name: string; pointedOut?: boolean; onPress: () => void }) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: props.id });
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      aria-label={props.name}
      data-tile={props.label}
      className={`grid h-24 min-w-20 touch-none place-items-center rounded-xl border-2 bg-paper px-4 font-learner text-[52px] leading-none ${props.pointedOut ? "border-4 border-again border-dashed" : "border-ink"} ${isDragging ? "relative z-10 shadow-lg" : ""}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      onClick={props.onPress}
    >
      {props.label.replace("-", "–")}
    </button>
  );
}

/** Between two tiles: where the next one goes, and where a dragged one may be let go. */
function Gap({ at, here, onPress }: { at: number; here: boolean; onPress: () => void }) {
  const { setNodeRef, isOver } = useDroppable({ id: `gap ${at}` });
  return (
    <button
      type="button"
      ref={setNodeRef}
      tabIndex={-1}
      aria-label={`The next tile goes to place ${at + 1}`}
      aria-current={here}
      className="grid h-24 w-7 shrink-0 place-items-center"
      onClick={onPress}
    >
      <span className={`h-16 w-1 rounded ${isOver ? "bg-change" : here ? "bg-ink" : "bg-transparent"}`} />
    </button>
  );
}

function Tray({ children }: { children: React.ReactNode }) {
  const { setNodeRef } = useDroppable({ id: "tray" });
  return (
    <div
      ref={setNodeRef}
      role="group"
      aria-label="Tray"
      className="flex min-h-28 max-w-full flex-wrap items-center justify-center gap-3 rounded-2xl bg-hairline/60 px-5 py-3"
    >
      {children}
    </div>
  );
}
