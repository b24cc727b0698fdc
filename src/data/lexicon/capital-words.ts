/**
 * Words that are written with a capital and that every reader meets: days, months, feasts, languages. From memory.
 * March and May are left out: they are words without it too.
 */
export const CAPITAL_WORDS = `monday tuesday wednesday thursday friday saturday sunday january february april june july
  august september october november december christmas easter halloween english french spanish england america britain
  london mondays tuesdays wednesdays thursdays fridays saturdays sundays`
  .split(/\s+/)
  .filter(Boolean);
