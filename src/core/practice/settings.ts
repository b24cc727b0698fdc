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

/** How an activity is done: the school's choices, changeable for each. */
export interface PracticeSettings {
  readonly support: Support;
  readonly blending: BlendingWay;
  readonly turns: TurnPattern;
  readonly correction: Correction;
  /** Seconds to think before help is given; 0 to 20. */
  readonly thinking: number;
}

export const LONGEST_THINKING = 20;

export const DEFAULT_PRACTICE: PracticeSettings = {
  support: "tap-aloud",
  blending: "sound-by-sound",
  turns: "my-together-your",
  correction: "show-together-alone",
  thinking: 5,
};
