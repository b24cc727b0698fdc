import type { PlannedKind } from "../../core/light.ts";

export const ACTIVITY_NAME: Readonly<Record<PlannedKind, string>> = {
  chain: "Word chain",
  family: "Word family",
  sort: "Sort",
  pairs: "Minimal pairs",
  "ears-only": "Ears only",
  "sound-cards": "Sound cards",
  "hear-and-spell": "Hear and spell",
  "new-sound": "New sound",
  blending: "Blending",
  "read-chain": "Read a chain",
  "build-chain": "Build a chain",
  "family-walk": "Family walk",
  "word-list": "Word list",
  "find-it": "Find it",
  "fill-the-gap": "Fill the gap",
  "right-or-not": "Right or not?",
  "real-or-nonsense": "Real or nonsense?",
  dictation: "Dictation",
  "irregular-words": "Irregular words",
  text: "Text",
  free: "Free",
};

/** `"7½ minutes"`. */
export function minutesText(minutes: number): string {
  const whole = Math.floor(minutes);
  const half = minutes - whole >= 0.25 ? "½" : "";
  const number = whole === 0 && half ? half : `${whole}${half}`;
  return `${number} ${minutes <= 1 ? "minute" : "minutes"}`;
}
