import type { Lexicon } from "../lexicon/lexicon.ts";
import { missingFor } from "../scope/decodable.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { type Decoding, decode, decodings } from "../spelling/decode/decode.ts";
import type { Gpc } from "../spelling/gpc.ts";
import { graphemesOf, phonemesOf } from "../spelling/segmentation.ts";
import { isNearRude } from "./near-rude.ts";
import { screensOf, soundKey } from "./screens.ts";
import { MISLEADING, NEVER_TOGETHER } from "./shapes.ts";

/** A second reading this much dearer than the first does not make a word ambiguous. */
const CLEAR_MARGIN = 0.35;

/**
 * The reading of a made-up word when it passes every screen: no word and not like one in sound, nothing
 * unsuitable in it, decodable, and read as it was made and no other way, by who knows this much and by who
 * knows all.
 *
 * @param lexicon in the taught set's accent
 */
export function readAsMade(
  word: string,
  gpcs: readonly Pick<Gpc, "grapheme" | "phonemes">[],
  taught: TaughtSet,
  lexicon: Lexicon,
): Decoding | undefined {
  const { accent } = taught;
  const screens = screensOf(lexicon);
  if (screens.refuses(word) || NEVER_TOGETHER.test(word) || MISLEADING.some((pattern) => pattern.test(word)))
    return undefined;
  // Thin and this: who knows both cannot tell which th a made-up word begins with.
  if (word.startsWith("th") && taught.gpcs.has("th=θ") && taught.gpcs.has("th=ð")) return undefined;
  const [reading, second] = decodings(word, { taught });
  if (!reading || graphemesOf(reading).join(" ") !== gpcs.map((g) => g.grapheme).join(" ")) return undefined;
  if (phonemesOf(reading).join(" ") !== gpcs.flatMap((g) => g.phonemes).join(" ")) return undefined;
  const isSameSound = (other: Decoding) => soundKey(other, accent) === soundKey(reading, accent);
  if (second && second.cost - reading.cost < CLEAR_MARGIN && !isSameSound(second)) return undefined;
  // What a reader who knows more would say first must be the same: "watch" and "wash" pull "wath" their way.
  const atLarge = decode(word);
  if (!atLarge || !isSameSound(atLarge) || graphemesOf(atLarge).join(" ") !== graphemesOf(reading).join(" "))
    return undefined;
  if (!screens.endsClearly(reading) || isNearRude(reading) || screens.soundsReal(reading)) return undefined;
  return missingFor(reading, taught).length === 0 ? reading : undefined;
}
