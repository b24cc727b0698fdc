import asset from "../../data/lexicon/lexicon.json";
import { type LexiconAsset, parseLexicon } from "./asset.ts";
import type { Lexicon } from "./lexicon.ts";

let opened: Lexicon | undefined;

/**
 * The word list that ships with Zip Step, opened at the first call.
 *
 * Functions that take a lexicon as their last argument fall back to this one. Only workers and the
 * server may import a path that leads here: the list has no place in a page's first load.
 *
 * @example shippedLexicon().get("cat")?.word // "cat"
 */
export function shippedLexicon(): Lexicon {
  opened ??= parseLexicon(asset as LexiconAsset);
  return opened;
}
