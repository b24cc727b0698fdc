import type { KeptOutList } from "../../core/light.ts";

/** The lists of words kept out, as a school is asked about them. */
export const KEPT_OUT_LIST_WORDS = {
  "not-every-school": "Let in words that not every school uses (fat, crazy, devil)",
  "weapons-and-fighting": "Let in weapons and fighting (gun, sword, fight)",
  "death-and-alcohol": "Let in death and alcohol (die, grave, beer)",
} as const satisfies Record<KeptOutList, string>;

/** Why a word on a list is not used. */
export const KEPT_OUT_BECAUSE = {
  "not-every-school": "Not every school uses this word, so it is kept out.",
  "weapons-and-fighting": "Kept out as a word of weapons and fighting.",
  "death-and-alcohol": "Kept out as a word of death or alcohol.",
} as const satisfies Record<KeptOutList, string>;
