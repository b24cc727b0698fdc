/** The four edits of a unit sequence; swap is off unless a request allows it. */
export const MOVES = ["change", "add", "take-away", "swap"] as const;
export type Move = (typeof MOVES)[number];

/** Where in the word a change stands: before the vowel, the vowel, after the vowel. */
export const CHANGE_POSITIONS = ["initial", "medial", "final"] as const;
export type ChangePosition = (typeof CHANGE_POSITIONS)[number];

export const DEFAULT_MOVES: readonly Move[] = ["change", "add", "take-away"];
