import { gpcById } from "../../core/light.ts";
import { patternName } from "./pattern-names.ts";
import { gpcLetters } from "./sounds.ts";

/** `"ow as in snow"`: a correspondence by an example word. */
export function gpcName(id: string): string {
  const pattern = patternName(id);
  if (pattern) return pattern;
  const gpc = gpcById(id);
  return gpc ? `${gpc.grapheme} as in ${gpc.examples[0]}` : id;
}

/**
 * `"sh, ch"`: correspondences by their letters. One that shares its letters with another of those that it stands among is
 * named by an example word: `"ea as in sea"`.
 */
export function gpcNames(ids: readonly string[], among: readonly string[] = []): string {
  const all = [...ids, ...among];
  const isShared = (id: string) => all.some((other) => other !== id && gpcLetters(other) === gpcLetters(id));
  return ids.map((id) => (isShared(id) ? gpcName(id) : gpcLetters(id))).join(", ");
}
