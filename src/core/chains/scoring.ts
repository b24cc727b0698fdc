/**
 * Weights of the parts of a chain's score, in one place. Each aim's first few chances are worth most, so that
 * a chain with several aims meets all of them before it meets one again. Ours; tuned by looking at chains.
 */
export const WEIGHT = {
  /** A step from one sound of a contrast to the other: the first, second, third, and each further one. */
  contrastStep: [7, 4, 3, 1.5],
  /** A word that holds a sound of a contrast; more when a power is to be reached. */
  contrastWord: 0.5,
  contrastWordForPower: 2,
  /** A word with a focus correspondence: the first, second, third, and each further one. */
  focusWord: [5, 3, 2, 0.8],
  /** A step that brings or takes a focus correspondence. */
  focusStep: 0.8,
  /** The commonest word against the rarest. */
  commonness: 0.9,
  /** A nonsense word, where the teacher wants some. */
  nonsense: 1,
  /** A change in the same place as the one before, and each further one. */
  samePlace: -0.5,
  /** A word next to itself with an ending on (grin, grins). */
  nearPair: -2.5,
  recent: -3,
  /** A word of five units against one of two, for the easier and the harder twin. */
  level: 1.5,
  /** Luck, so that another seed gives another chain. */
  luck: 0.35,
} as const;

/**
 * What a chance is worth when so many of the same aim have come before it.
 *
 * @param weight how much the aim counts, 1 as a rule
 * @param before chances that have come before, from 0
 * @returns points of the score
 */
export function chanceWorth(scale: readonly number[], weight: number, before: number): number {
  return weight * (scale[Math.min(before, scale.length - 1)] as number);
}

/** Chances are counted up to this many: from then on each is worth the same. */
export const COUNTED_CHANCES = 3;

/** The named parts of a score; together they are the score. */
export interface ScoreParts {
  /** Focus and contrasts met. */
  readonly aims: number;
  readonly commonness: number;
  /** Changes that move about, against runs in one place. */
  readonly positions: number;
  /** Words next to themselves with an ending on. */
  readonly nearPairs: number;
  /** Words used lately. */
  readonly freshness: number;
  /** Easier or harder, when a twin was asked for. */
  readonly level: number;
  readonly luck: number;
}

export const SCORE_PARTS: readonly (keyof ScoreParts)[] = [
  "aims",
  "commonness",
  "positions",
  "nearPairs",
  "freshness",
  "level",
  "luck",
];

/** Sum of the parts of a score. @returns points, without a bound either way */
export const totalOf = (parts: ScoreParts): number => SCORE_PARTS.reduce((sum, part) => sum + parts[part], 0);
