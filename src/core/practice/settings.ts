/** How much help a word is read with. */
export const SUPPORTS = ["tap-aloud", "tap-silently", "at-sight"] as const;
export type Support = (typeof SUPPORTS)[number];

/** How the sounds of a word come together. */
export const BLENDING_WAYS = [
  "sound-by-sound",
  "build-up",
  "voice-kept-going",
  "beginning-and-rime",
  "body-and-ending",
  "letter-groups-first",
] as const;
export type BlendingWay = (typeof BLENDING_WAYS)[number];

export const TURN_PATTERNS = ["my-together-your", "your-turn"] as const;
export type TurnPattern = (typeof TURN_PATTERNS)[number];

/** What happens after a wrong answer. */
export const CORRECTIONS = ["show-together-alone", "write-it-underneath"] as const;
export type Correction = (typeof CORRECTIONS)[number];

/** What becomes of the seconds to think from one lesson with the same sounds to the next. */
export const FADINGS = ["shorter", "longer", "stays"] as const;
export type Fading = (typeof FADINGS)[number];

/** How an activity is done: the school's choices, changeable for each. */
export interface PracticeSettings {
  readonly support: Support;
  readonly blending: BlendingWay;
  readonly turns: TurnPattern;
  readonly correction: Correction;
  /** Seconds to think before help is given; 0 to 20. */
  readonly thinking: number;
  readonly fading: Fading;
}

export const LONGEST_THINKING = 20;

export const DEFAULT_PRACTICE: PracticeSettings = {
  support: "tap-aloud",
  blending: "sound-by-sound",
  turns: "my-together-your",
  correction: "show-together-alone",
  thinking: 5,
  fading: "shorter",
};

/** Help that comes at once, or a wait that never grows short of this, is no time to think. */
const SHORTEST_FADED = 2;

/**
 * Seconds to think in this lesson: one less (or one more) for every earlier lesson with the same sounds. As sounds grow
 * familiar a word should need less time; a school that fades its help instead lets the time grow.
 *
 * @param lessons earlier lessons with today's sounds
 * @returns whole seconds, from 0
 */
export function thinkingAfter(
  { thinking, fading }: Pick<PracticeSettings, "thinking" | "fading">,
  lessons: number,
): number {
  if (thinking === 0 || fading === "stays") return thinking;
  if (fading === "longer") return Math.min(LONGEST_THINKING, thinking + lessons);
  return Math.max(Math.min(SHORTEST_FADED, thinking), thinking - lessons);
}
