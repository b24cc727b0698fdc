import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { soundsOf } from "../spelling/said.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { entryOf } from "./entry-of.ts";
import { isNearPair } from "./flags.ts";
import { type NotSingle, notSingle } from "./step-compare.ts";

/** The readings of the two words of a step, the leading one first. */
export interface StepSides {
  readonly from: readonly [Segmentation, ...Segmentation[]];
  readonly to: readonly [Segmentation, ...Segmentation[]];
}

/**
 * Looks both words of a step up: a listed word has its readings, another spelling the one it has by rule, a
 * segmentation is itself. Or the reason why there is no telling.
 */
export function stepSides(
  from: string | Segmentation,
  to: string | Segmentation,
  lexicon: Lexicon,
): StepSides | NotSingle {
  const areTwins = typeof from === "string" && typeof to === "string" && isNearPair(from, to, lexicon);
  const [a, b] = [readingsOf(from, areTwins, lexicon), readingsOf(to, areTwins, lexicon)];
  if (!a) return unreadable(from, lexicon);
  if (!b) return unreadable(to, lexicon);
  if (soundsOf(a[0], lexicon.accent) === soundsOf(b[0], lexicon.accent) && a[0].word !== b[0].word)
    return notSingle({ code: "same-sound-other-spelling" });
  return { from: a, to: b };
}

/**
 * A word is used in one segmentation: the leading one of each way in which it is said. Only between a word and its own
 * past tense does the other good one count (hope, h·o-e·p·d).
 */
function readingsOf(
  side: string | Segmentation,
  areTwins: boolean,
  lexicon: Lexicon,
): readonly [Segmentation, ...Segmentation[]] | undefined {
  if (typeof side !== "string") return [side];
  const entry = entryOf(side, lexicon);
  if (!entry || areTwins) return entry?.readings;
  const [lead, ...others] = entry.readings;
  const kept = [lead];
  for (const reading of others)
    if (!kept.some((other) => soundsOf(other, lexicon.accent) === soundsOf(reading, lexicon.accent)))
      kept.push(reading);
  return kept as [Segmentation, ...Segmentation[]];
}

function unreadable(side: string | Segmentation, lexicon: Lexicon): NotSingle {
  const word = typeof side === "string" ? normaliseSpelling(side) : side.word;
  return notSingle({ code: lexicon.unsplittable(word) ? "unsplittable" : "unknown-word", word });
}
