import {
  type AccentSettings,
  GENERAL_AMERICAN,
  NO_TICKS,
  type Sequence,
  type TaughtSet,
  taughtOf,
} from "../src/core/index.ts";

/**
 * The taught set of a step, counted from 1: the same object for the same step while it is among those asked for last, as
 * the server has it, so that what is worked out from one is worked out once for all tests of a process.
 */
export const taughtAtStep = (sequence: Sequence, step: number, accent: AccentSettings = GENERAL_AMERICAN): TaughtSet =>
  taughtOf({ sequence, step, ticks: NO_TICKS, school: { accent } });
