import { type Accent, gpcById, ipa, keyWordFor, partsOfGpcId } from "../../core/light.ts";

/** `"/ɪ/ as in pin"`: a sound for teachers, with and without IPA. */
export function soundName(phonemes: readonly string[], accent?: Accent): string {
  if (phonemes.length === 0) return "nothing";
  const words = phonemes.length === 1 ? ` as in ${keyWordFor(phonemes[0] as string)}` : "";
  return `${ipa(phonemes, accent)}${words}`;
}

/** `"ow as in snow"`: a correspondence by an example word. */
export function gpcName(id: string): string {
  const gpc = gpcById(id);
  return gpc ? `${gpc.grapheme} as in ${gpc.examples[0]}` : id;
}

/** `"ow"`: the letters alone, for places where they stand in Andika. */
export function gpcLetters(id: string): string {
  return partsOfGpcId(id).grapheme;
}
