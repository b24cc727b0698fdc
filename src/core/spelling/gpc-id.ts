/**
 * The id of a correspondence, as taught sets and records store it.
 *
 * @example gpcId("qu", ["k", "w"]) // "qu=k+w"
 */
export function gpcId(grapheme: string, phonemes: readonly string[]): string {
  return `${grapheme}=${phonemes.join("+")}`;
}

/**
 * A correspondence id taken apart: the opposite of `gpcId`. The id need not be one of the table.
 *
 * @example partsOfGpcId("qu=k+w") // { grapheme: "qu", phonemes: ["k", "w"] }
 */
export function partsOfGpcId(id: string): { readonly grapheme: string; readonly phonemes: readonly string[] } {
  const [grapheme = "", sounds = ""] = id.split("=");
  return { grapheme, phonemes: sounds === "" ? [] : sounds.split("+") };
}
