import { refusalOf } from "../chains/allowed-words.ts";
import { type Inflection, inflectionOf } from "../lexicon/inflection.ts";
import type { KeptOutList } from "../lexicon/kept-out-lists.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { isDecodable } from "../scope/decodable.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import type { FamilyMember } from "./members.ts";

/** What may stand before this group: the same for every question about families. */
export interface FamilyRules {
  readonly taught: TaughtSet;
  /** Words with an ending on (plays in -ays): left out, which is the default, or let in and marked. */
  readonly endings?: "out" | "marked";
  /** The school's own words to keep out. */
  readonly never?: readonly string[];
  readonly allowLists?: readonly KeptOutList[];
}

/** May the word be shown at all, whether or not it can be read yet? */
export function isShowable({ entry }: Pick<FamilyMember, "entry">, rules: FamilyRules, lexicon: Lexicon): boolean {
  return refusalOf(entry.word, rules, lexicon, "ears-only") === undefined && !isLeftOut(entry.word, rules, lexicon);
}

/** Can the group read it? Words learnt whole are not read by their rime. */
export const isReadable = ({ entry }: Pick<FamilyMember, "entry">, rules: FamilyRules, lexicon: Lexicon): boolean =>
  isDecodable(entry, rules.taught, lexicon);

function isLeftOut(word: string, rules: FamilyRules, lexicon: Lexicon): boolean {
  return rules.endings !== "marked" && endingOf(word, lexicon) !== undefined;
}

/** The ending a word has on, if it has one. */
export const endingOf = (word: string, lexicon: Lexicon): Inflection | undefined => inflectionOf(word, lexicon);
