import type { Lexicon } from "../lexicon/lexicon.ts";
import { type Missing, missingFor } from "../scope/decodable.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { type Decoding, decode } from "../spelling/decode/decode.ts";
import { isNearRude } from "./near-rude.ts";
import { screensOf } from "./screens.ts";
import { NEVER_TOGETHER } from "./shapes.ts";

/** May a spelling be used as a nonsense word? */
export type NonsenseVerdict =
  | { readonly ok: true; readonly reading: Decoding }
  | { readonly ok: false; readonly code: "unreadable" | "unsuitable" | "real-word" | "sounds-real" | "unclear" }
  | { readonly ok: false; readonly code: "not-decodable"; readonly missing: readonly Missing[] };

/** Holds a teacher's own nonsense word against the screens that ours go through. */
export function judgeNonsense(word: string, taught: TaughtSet, lexicon: Lexicon): NonsenseVerdict {
  const screens = screensOf(lexicon);
  const reading = decode(word);
  if (!reading || NEVER_TOGETHER.test(word)) return { ok: false, code: "unreadable" };
  if (lexicon.unsuitable(word) || isNearRude(reading)) return { ok: false, code: "unsuitable" };
  if (screens.refuses(word)) return { ok: false, code: "real-word" };
  if (screens.soundsReal(reading)) return { ok: false, code: "sounds-real" };
  const missing = missingFor(reading, taught);
  if (missing.length > 0) return { ok: false, code: "not-decodable", missing };
  return screens.endsClearly(reading) ? { ok: true, reading } : { ok: false, code: "unclear" };
}
