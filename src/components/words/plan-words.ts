import type { PacedKind } from "../../core/light.ts";

export const ACTIVITY_NAME: Readonly<Record<PacedKind, string>> = {
  chain: "Word chain",
  family: "Word family",
  sort: "Sort",
  pairs: "Minimal pairs",
  "ears-only": "Ears only",
};

/** `"7½ minutes"`. */
export function minutesText(minutes: number): string {
  const whole = Math.floor(minutes);
  const half = minutes - whole >= 0.25 ? "½" : "";
  const number = whole === 0 && half ? half : `${whole}${half}`;
  return `${number} ${minutes === 1 ? "minute" : "minutes"}`;
}
