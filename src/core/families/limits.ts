/** How large a set, a sort or a list of pairs may be. */
export const LEAST_IN_A_SET = 4;
export const MOST_IN_A_SET = 24;
export const MOST_FAMILIES = 8;
export const LEAST_BINS = 2;
export const MOST_BINS = 3;
export const LEAST_IN_A_BIN = 2;
export const MOST_IN_A_BIN = 10;
export const MOST_FOILS = 6;
export const LEAST_PAIRS = 1;
export const MOST_PAIRS = 20;
