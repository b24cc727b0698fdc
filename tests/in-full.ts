/**
 * `npm test` has ten minutes on two processors: where many cases are gone through, it takes some of them.
 * `npm run stress` goes through all (ZIP_STEP_IN_FULL=1).
 */
const IN_FULL = process.env["ZIP_STEP_IN_FULL"] === "1";

/** `short` in `npm test`, `full` in `npm run stress`: a number of cases, or every how many steps. */
export const inFull = (short: number, full: number): number => (IN_FULL ? full : short);

/** Every so many of a list, from the first; all of it in full. @param every from 1 */
export const some = <T>(list: readonly T[], every: number): T[] => list.filter((_, k) => IN_FULL || k % every === 0);
