import { isFit } from "../lexicon/kept-out-lists.ts";
import type { Lexicon, UnsuitableEntry } from "../lexicon/lexicon.ts";
import { checkDecodable, type Missing } from "../scope/decodable.ts";
import type { ChainRequest } from "./request.ts";

/** Why a word may not stand in this chain. */
export type WordRefusal =
  | { readonly code: "not-in-list"; readonly word: string }
  | { readonly code: "unsplittable"; readonly word: string }
  | { readonly code: "unsuitable"; readonly word: string; readonly level: UnsuitableEntry["level"] }
  | { readonly code: "never-list"; readonly word: string }
  | { readonly code: "not-decodable"; readonly word: string; readonly missing: readonly Missing[] };

type Rules = Pick<ChainRequest, "taught" | "never" | "allowLists">;

/**
 * Says why a spelling may not be shown to this group, or undefined when it may.
 *
 * @param word lower case, as `normaliseSpelling` gives it
 * @param by "ears-only": nothing is read, so that it need not be decodable
 */
export function refusalOf(
  word: string,
  rules: Rules,
  lexicon: Lexicon,
  by: "taught" | "ears-only" = "taught",
): WordRefusal | undefined {
  if (rules.never?.includes(word)) return { code: "never-list", word };
  const unsuitable = lexicon.unsuitable(word);
  if (unsuitable && !isFit(unsuitable.level, rules)) return { code: "unsuitable", word, level: unsuitable.level };
  const entry = lexicon.get(word);
  if (!entry) return { code: lexicon.unsplittable(word) ? "unsplittable" : "not-in-list", word };
  if (by === "ears-only") return undefined;
  const judged = checkDecodable(word, rules.taught, lexicon);
  if (!judged.decodable || judged.learntWhole) {
    const missing = judged.learntWhole
      ? checkDecodable(word, { ...rules.taught, words: new Set() }, lexicon).missing
      : judged.missing;
    return { code: "not-decodable", word, missing };
  }
  return undefined;
}
