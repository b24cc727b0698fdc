/** The four edits of a unit sequence; swap is off unless a request allows it. */
export type Move = "change" | "add" | "take-away" | "swap";

/** Where in the word a change stands: before the vowel, the vowel, after the vowel. */
export type ChangePosition = "initial" | "medial" | "final";

export const MOVES: readonly Move[] = ["change", "add", "take-away", "swap"];
export const DEFAULT_MOVES: readonly Move[] = ["change", "add", "take-away"];
export const CHANGE_POSITIONS: readonly ChangePosition[] = ["initial", "medial", "final"];
