import { PointerSensor, type PointerSensorProps, useSensor, useSensors } from "@dnd-kit/core";
import { type Coordinates, getEventCoordinates } from "@dnd-kit/utilities";
import { flushSync } from "react-dom";

/**
 * A drag that has only begun takes three drawings to know what it is over: the package measures in the first, compares in
 * the second and tells in the third.
 */
const MOST_DRAWINGS = 4;

/**
 * Drags by mouse or finger; what is let go lands where it was let go. The package takes the place that was drawn last,
 * which a quick finger, or a busy tablet, is ahead of: so the last move is drawn before the end is told.
 */
class DragSensor extends PointerSensor {
  constructor(props: PointerSensorProps) {
    let hasStarted = false;
    let released: Coordinates | null = null;
    const onPointerUp = (event: Event) => {
      released = getEventCoordinates(event);
    };
    const { ownerDocument } = props.event.target as Element;
    ownerDocument.addEventListener("pointerup", onPointerUp, { capture: true });
    const ended = () => ownerDocument.removeEventListener("pointerup", onPointerUp, { capture: true });
    super({
      ...props,
      onStart(coordinates) {
        hasStarted = true;
        props.onStart(coordinates);
      },
      onCancel() {
        ended();
        props.onCancel();
      },
      onEnd() {
        ended();
        if (hasStarted && released) drawAt(released, props);
        props.onEnd();
      },
    });
  }
}

/** Draws a drag at a place until what it is over is known there. */
function drawAt(place: Coordinates, { onMove, context }: PointerSensorProps): void {
  for (let drawn = 0; drawn < MOST_DRAWINGS; drawn++) {
    flushSync(() => onMove(place));
    const { droppableRects, collisions, over } = context.current;
    if (droppableRects.size > 0 && collisions && collisions[0]?.id === over?.id) return;
  }
}

/** Dragging by mouse or finger; a press that hardly moves is a press and no drag. */
export const useDragSensor = () => useSensor(DragSensor, { activationConstraint: { distance: 6 } });

/** Where things are dragged by mouse or finger alone, and chosen in another way by keys. */
export const useDragSensors = () => useSensors(useDragSensor());
