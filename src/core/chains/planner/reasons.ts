import type { WordRefusal } from "../allowed-words.ts";

/** Why no chain can be made. */
export type NoChainReason =
  | { readonly code: "length-out-of-range"; readonly min: number; readonly max: number }
  | { readonly code: "word-refused"; readonly as: NamedAs; readonly refusal: WordRefusal }
  | { readonly code: "word-alone"; readonly as: NamedAs; readonly word: string }
  | { readonly code: "too-many-named"; readonly most: number; readonly named: number }
  | { readonly code: "named-twice"; readonly word: string }
  | { readonly code: "aim-not-taught"; readonly gpcs: readonly string[] }
  /** None of the aims stands in a word that any chain could hold. */
  | { readonly code: "aim-out-of-reach"; readonly aims: readonly string[] }
  | { readonly code: "no-moves" }
  | { readonly code: "no-tiles" }
  | { readonly code: "too-few-words"; readonly words: number }
  | { readonly code: "locked-too-far"; readonly from: string; readonly to: string; readonly steps: number }
  | { readonly code: "power-out-of-reach"; readonly best: number; readonly words: number }
  | { readonly code: "no-chain-of-length"; readonly longest: number };

/** What a word was named as in the request. */
export type NamedAs = "start" | "end" | "must-include" | "fixed";
