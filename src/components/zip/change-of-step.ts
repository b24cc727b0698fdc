import type { StepCheck } from "../../core/light.ts";
import type { ZipChange } from "./ZipStrip.tsx";

/** What a step lifts out of line in the strip of the word it leads to. */
export function changeOfStep(step: StepCheck | undefined): ZipChange | undefined {
  return step?.single ? { kind: step.kind, unit: step.index } : undefined;
}
