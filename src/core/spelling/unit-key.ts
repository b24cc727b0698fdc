import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { partsOfGpcId } from "./gpc-id.ts";
import { saidAs } from "./said.ts";
import type { Unit } from "./segmentation.ts";

/** What makes two units the same: grapheme and sound class, in the accent the school hears. */
export function correspondenceKey(
  grapheme: string,
  phonemes: readonly string[],
  accent: AccentSettings = GENERAL_AMERICAN,
): string {
  return `${grapheme}=${soundClassOf(saidAs(grapheme, phonemes, accent), accent)}`;
}

/** The key of a unit of a word. */
export function unitKey(unit: Unit, accent: AccentSettings = GENERAL_AMERICAN): string {
  return correspondenceKey(unit.grapheme, unit.phonemes, accent);
}

/** The key of a GPC id, so that in General American `a=ɔː` and `a=ɒ` count as the same. */
export function keyOfGpc(id: string, accent: AccentSettings = GENERAL_AMERICAN): string {
  const { grapheme, phonemes } = partsOfGpcId(id);
  return correspondenceKey(grapheme, phonemes, accent);
}

/** The grapheme in a correspondence key. */
export const graphemeOfKey = (key: string): string => key.split("=", 1)[0] as string;

/** The sound class in a correspondence key: its sounds, parted by spaces. */
export const soundOfKey = (key: string): string => key.slice(key.indexOf("=") + 1);
