import { memo, type Ref, useImperativeHandle } from "react";
import { FaceView } from "./FaceView.tsx";
import type { Plate } from "./shown.ts";
import { UnitButtons } from "./UnitButtons.tsx";
import { type Room, useRoom } from "./use-room.ts";

/** What a stage can be told directly, quicker than by drawing it again. */
export interface StageHandle {
  /** Shows this plate alone; false when it has not been drawn. */
  uncover(key: string): boolean;
}

interface Props {
  readonly ref?: Ref<StageHandle>;
  readonly shown: Plate;
  /** Drawn beforehand, unseen: what the next press may bring. */
  readonly near?: readonly Plate[];
  readonly pressed?: number | undefined;
  /** Absent where there is nothing to press. */
  readonly onPressUnit?: ((unit: number) => void) | undefined;
}

/**
 * Where a lesson shows its faces, each on a plate of its own. Those that the next press may bring are laid out and
 * painted before it: the press has only to uncover one. Which one is seen is the handle's alone to say.
 */
export function Stage({ ref, shown, near = [], pressed, onPressUnit }: Props) {
  const [element, room] = useRoom();
  useImperativeHandle(ref, () => ({
    uncover(key) {
      const plates = [...(element.current?.querySelectorAll<HTMLElement>("[data-plate]") ?? [])];
      if (!plates.some((plate) => plate.dataset["plate"] === key)) return false;
      for (const plate of plates) plate.ariaHidden = String(plate.dataset["plate"] !== key);
      return true;
    },
  }));
  // In one order, whichever is shown: a plate that is moved would be laid out again.
  const plates = [...near.filter(({ key }) => key !== shown.key), shown].sort((a, b) => (a.key < b.key ? -1 : 1));
  const { face } = shown;
  const word = face.kind === "word" ? face.reading.word : undefined;
  return (
    <div
      ref={element}
      data-word={word}
      data-current-word={word === undefined ? undefined : ""}
      className="relative min-h-0 w-full flex-1"
    >
      {plates.map((plate) => (
        <PlateView key={plate.key} plate={plate} room={room} />
      ))}
      {face.kind === "word" && onPressUnit && !face.stage.blended && (
        <UnitButtons face={face} room={room} pressed={pressed} onPressUnit={onPressUnit} />
      )}
    </div>
  );
}

interface PlateProps {
  readonly plate: Plate;
  readonly room: Room | undefined;
}

const PlateView = memo(
  function PlateView({ plate, room }: PlateProps) {
    return (
      <div className="plate" data-plate={plate.key}>
        <FaceView face={plate.face} room={room} />
      </div>
    );
  },
  (old, now) => old.plate.face === now.plate.face && old.room === now.room,
);
