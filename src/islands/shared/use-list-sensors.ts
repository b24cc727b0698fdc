import { KeyboardSensor, useSensor, useSensors } from "@dnd-kit/core";
import { sortableKeyboardCoordinates } from "@dnd-kit/sortable";
import { useDragSensor } from "./drag-sensor.ts";

/** Rows are dragged by mouse, finger or keyboard. */
export const useListSensors = () =>
  useSensors(useDragSensor(), useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }));
