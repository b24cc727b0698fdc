import { editDistance } from "../edit-distance.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import type { Family, FamilyKind } from "./family.ts";
import { type RichFamily, richFamilies } from "./rich-families.ts";
import type { FamilyRules } from "./rules.ts";

const OFFERED = 4;
/** A family offered in place of another has at least this many words, or it would be refused in its turn. */
const LEAST_OFFERED = 4;

/** The families most like the letters asked for that this group can work with; of two as near, the richer first. */
export function nearestFamilies(kind: FamilyKind, letters: string, rules: FamilyRules, lexicon: Lexicon): Family[] {
  const far = ({ family }: RichFamily) => editDistance(letters, family.letters, (x, y) => x === y);
  return richFamilies(kind, rules, lexicon)
    .filter(({ family, words }) => words.length >= LEAST_OFFERED && family.letters !== letters)
    .map((rich) => ({ rich, far: far(rich) }))
    .sort((a, b) => a.far - b.far || b.rich.words.length - a.rich.words.length)
    .slice(0, OFFERED)
    .map(({ rich }) => rich.family);
}
