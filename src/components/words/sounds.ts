import { type Accent, gpcById, ipa, keyWordFor, partsOfGpcId, patternOfAim } from "../../core/light.ts";
import { PATTERN_SHORT, patternName } from "./pattern-names.ts";

/** `"/ɪ/ as in pin"`: a sound for teachers, with and without IPA. */
export function soundName(phonemes: readonly string[], accent?: Accent): string {
  if (phonemes.length === 0) return "nothing";
  const words = phonemes.length === 1 ? ` as in ${keyWordFor(phonemes[0] as string)}` : "";
  return `${ipa(phonemes, accent)}${words}`;
}

/** `"ow as in snow"`: a correspondence by an example word. */
export function gpcName(id: string): string {
  const pattern = patternName(id);
  if (pattern) return pattern;
  const gpc = gpcById(id);
  return gpc ? `${gpc.grapheme} as in ${gpc.examples[0]}` : id;
}

/** `"ow"`: the letters alone, for places where they stand in Andika; of an aim that is a pattern what it is called. */
export function gpcLetters(id: string): string {
  const pattern = patternOfAim(id);
  if (pattern) return PATTERN_SHORT[pattern];
  return partsOfGpcId(id).grapheme;
}
