import { soundClassOf } from "../sounds/sound-class.ts";
import { gpcById } from "./gpc.ts";
import type { Unit } from "./segmentation.ts";

/** What makes two units the same: grapheme and sound class. */
export function unitKey(unit: Unit): string {
  return `${unit.grapheme}=${soundClassOf(unit.phonemes)}`;
}

/** The unit key of a GPC id, so that `a=ɔː` and `a=ɒ` count as the same. */
export function keyOfGpc(id: string): string {
  const gpc = gpcById(id);
  if (gpc) return `${gpc.grapheme}=${soundClassOf(gpc.phonemes)}`;
  const [grapheme = "", sounds = ""] = id.split("=");
  return `${grapheme}=${soundClassOf(sounds.split("+"))}`;
}
