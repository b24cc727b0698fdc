import type { ChangePosition } from "../../core/light.ts";

/** Where a word changes, or was read wrongly, as teachers say it. */
export const POSITION_NAME: Readonly<Record<ChangePosition, string>> = {
  initial: "beginning",
  medial: "middle",
  final: "end",
};
