import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { type GapRequest, wordsForGap } from "./neighbours.ts";

/** Which words would give one more chance, and where they would be put. */
export interface TellingRequest extends Pick<GapRequest, "taught" | "recent" | "never" | "allowLists" | "taken"> {
  /** Id of the correspondence that more chances are wanted for. */
  readonly gpc: string;
  /** The word that is on the screen. */
  readonly before: string;
  /** The word that comes next, where there is one. */
  readonly after?: string;
}

/**
 * Words that hold a correspondence and stand one step from the word on the screen: they can come next. Those that are
 * also one step from the word after it lead.
 *
 * @param count how many at most
 */
export function wordsThatTell(
  { gpc, before, after, ...request }: TellingRequest,
  count: number,
  lexicon: Lexicon = shippedLexicon(),
): string[] {
  const { accent } = request.taught;
  const key = keyOfGpc(gpc, accent);
  const gap = { ...request, focus: [gpc], contrasts: [] };
  const found = (where: Pick<GapRequest, "before" | "after">) =>
    wordsForGap({ ...gap, ...where }, lexicon)
      .filter(({ word, missing }) => missing.length === 0 && holds(word))
      .map(({ word }) => word);
  const holds = (word: string) =>
    lexicon.get(word)?.readings[0].units.some((unit) => unitKey(unit, accent) === key) ?? false;
  const between = after === undefined ? [] : found({ before, after });
  return [...new Set([...between, ...found({ before })])].filter((word) => word !== after).slice(0, count);
}
