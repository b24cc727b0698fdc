import { gpcById } from "../../core/light.ts";
import { patternName } from "./pattern-names.ts";

/** `"ow as in snow"`: a correspondence by an example word. */
export function gpcName(id: string): string {
  const pattern = patternName(id);
  if (pattern) return pattern;
  const gpc = gpcById(id);
  return gpc ? `${gpc.grapheme} as in ${gpc.examples[0]}` : id;
}
