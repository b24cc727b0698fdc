import type { AccentSettings } from "../sounds/accents.ts";

/** Where in its word a unit stands. */
export const UNIT_PLACES = ["start", "inside", "end"] as const;
export type UnitPlace = (typeof UNIT_PLACES)[number];

/** The correspondences that have been taught. */
export interface TaughtGpcs {
  /** Row of the table (`teachingKey`) → the places it is taught for; `"any"` wherever English puts it. */
  readonly gpcs: ReadonlyMap<string, ReadonlySet<UnitPlace> | "any">;
  /** Rows taken away by hand: no pattern reads them either. */
  readonly takenAway?: ReadonlySet<string>;
  /** The accent the school hears: which sounds count as one. */
  readonly accent: AccentSettings;
}
