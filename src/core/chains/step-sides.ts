import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { entryOf } from "./entry-of.ts";
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
  const [a, b] = [readingsOf(from, lexicon), readingsOf(to, lexicon)];
  if (!a) return unreadable(from, lexicon);
  if (!b) return unreadable(to, lexicon);
  return { from: a, to: b };
}

const readingsOf = (side: string | Segmentation, lexicon: Lexicon): StepSides["from"] | undefined =>
  typeof side === "string" ? entryOf(side, lexicon)?.readings : [side];

function unreadable(side: string | Segmentation, lexicon: Lexicon): NotSingle {
  const word = typeof side === "string" ? normaliseSpelling(side) : side.word;
  return notSingle({ code: lexicon.unsplittable(word) ? "unsplittable" : "unknown-word", word });
}
