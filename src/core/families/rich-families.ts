import { getOrMake } from "../get-or-make.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { hasTwoReadings, isDecodable } from "../scope/decodable.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { type Family, type FamilyKind, familyId } from "./family.ts";
import { type FamilyMember, familyIndex, groupBy } from "./members.ts";
import { type FamilyRules, isShowable } from "./rules.ts";

/** A family and how many words of it a group can read today. */
export interface RichFamily {
  readonly family: Family;
  /** Readable words that are said in one way, commonest first. */
  readonly words: readonly string[];
  /** Readable words with the same letters, said otherwise. */
  readonly falseFriends: readonly string[];
}

/** The fewest words that make a family worth offering. */
export const LEAST_MEMBERS = 2;

/** Every family of a kind that has at least two readable words, the richest first, then the commoner. */
export function richFamilies(
  kind: FamilyKind,
  rules: FamilyRules,
  list: Lexicon = shippedLexicon(),
): readonly RichFamily[] {
  const lexicon = lexiconIn(list, rules.taught.accent);
  const found = new Map<string, { family: Family; members: FamilyMember[] }>();
  for (const member of readableMembers(rules, lexicon)) {
    const { letters, sounds } = member[kind];
    const family = { kind, letters, sounds };
    const id = familyId(family);
    const group = found.get(id);
    if (group) group.members.push(member);
    else found.set(id, { family, members: [member] });
  }
  const groups = [...found.values()];
  const byLetters = groupBy(groups, ({ family }) => family.letters);
  return groups
    .filter(({ members }) => members.length >= LEAST_MEMBERS)
    .map(({ family, members }) => ({
      family,
      words: members.map(({ entry }) => entry.word),
      falseFriends: (byLetters.get(family.letters) ?? [])
        .filter((other) => other.family.sounds !== family.sounds)
        .flatMap((other) => other.members.map(({ entry }) => entry.word)),
      commonness: members.reduce((sum, { entry }) => sum + entry.zipf, 0),
    }))
    .sort((a, b) => b.words.length - a.words.length || b.commonness - a.commonness)
    .map(({ family, words, falseFriends }) => ({ family, words, falseFriends }));
}

/** Members that a set may take of its own accord: showable, readable, said in one way. */
export function readableMembers(rules: FamilyRules, lexicon: Lexicon): FamilyMember[] {
  return [...readInOneWay(rules.taught, lexicon)].filter((member) => isShowable(member, rules, lexicon));
}

/** May the member stand in a set under these rules? */
export function isUsable(member: FamilyMember, rules: FamilyRules, lexicon: Lexicon): boolean {
  return readInOneWay(rules.taught, lexicon).has(member) && isShowable(member, rules, lexicon);
}

const READ_IN_ONE_WAY = new WeakMap<TaughtSet, WeakMap<Lexicon, ReadonlySet<FamilyMember>>>();

/** Members that a group can read, said in one way, in list order: looked for once for a taught set. */
function readInOneWay(taught: TaughtSet, lexicon: Lexicon): ReadonlySet<FamilyMember> {
  const byLexicon = getOrMake(READ_IN_ONE_WAY, taught, () => new WeakMap<Lexicon, ReadonlySet<FamilyMember>>());
  const isIn = ({ entry, leading }: FamilyMember) =>
    leading && entry.word.length > 1 && !hasTwoReadings(entry) && isDecodable(entry, taught, lexicon);
  return getOrMake(byLexicon, lexicon, () => new Set(familyIndex(lexicon).members.filter(isIn)));
}
