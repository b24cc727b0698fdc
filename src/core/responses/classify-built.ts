import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { outcomeOfBuilding } from "./built-right.ts";
import { CLASSIFIER_VERSION, type ResponseVerdict } from "./classify.ts";
import { classifyResponse } from "./classify-response.ts";

/**
 * What a learner built for each unit of the target. The first attempt tells what was heard; later ones are trying out.
 *
 * @param attempts graphemes in order, the first attempt first
 *
 * @example classifyBuilt(segment("ship"), [["sh", "e", "p"]]).outcome // "wrong"
 */
export function classifyBuilt(
  target: Segmentation,
  attempts: readonly (readonly string[])[],
  accent: AccentSettings = GENERAL_AMERICAN,
  list: Lexicon = shippedLexicon(),
): ResponseVerdict {
  const [first = []] = attempts;
  const { units } = classifyResponse(target, first, { mode: "built", accent }, list);
  return { classifier: CLASSIFIER_VERSION, outcome: outcomeOfBuilding(target, attempts), units };
}
