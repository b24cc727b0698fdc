/** How many items an ears-only set has, and how many parts a routine. */
export const LEAST_ITEMS = 1;
export const MOST_ITEMS = 20;
export const DEFAULT_ITEMS = 5;
export const MOST_PARTS = 12;
