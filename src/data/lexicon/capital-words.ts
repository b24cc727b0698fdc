/** Words that are written with a capital and that every reader meets: days, months, feasts, languages. From memory. */
export const CAPITAL_WORDS =
  `monday tuesday wednesday thursday friday saturday sunday january february march april may june july
  august september october november december christmas easter halloween english french spanish england america britain
  london mondays tuesdays wednesdays thursdays fridays saturdays sundays`
    .split(/\s+/)
    .filter(Boolean);
