import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable, hasTwoReadings, type Missing } from "../scope/decodable.ts";
import { decode } from "../spelling/decode/decode.ts";
import { onsetRimeOf, rimeSounds } from "../spelling/onset-rime.ts";
import { type Family, type FamilyKind, type NamedFamily, readFamilyLetters } from "./family.ts";
import { type FamilyMember, familyIndex, groupBy } from "./members.ts";
import { nearestFamilies } from "./nearest.ts";
import { isUsable, LEAST_MEMBERS } from "./rich-families.ts";
import { type FamilyRules, isReadable, isShowable } from "./rules.ts";

/** Why a family cannot be worked with, and which can. */
export type NoFamily =
  | { readonly code: "no-letters"; readonly nearest: readonly Family[] }
  /** No word of one syllable is written so. */
  | {
      readonly code: "no-such-family";
      readonly kind: FamilyKind;
      readonly letters: string;
      readonly nearest: readonly Family[];
    }
  /** Words are written so, but none says it the way that was asked, or the way the group would read it. */
  | {
      readonly code: "only-false-friends";
      readonly kind: FamilyKind;
      readonly letters: string;
      readonly sounds: string;
      readonly words: readonly string[];
      readonly nearest: readonly Family[];
    }
  /** Words of it there are, but the group has not been taught what they need. */
  | {
      readonly code: "not-taught";
      readonly family: Family;
      readonly words: readonly string[];
      /** What the commonest of them lacks. */
      readonly missing: readonly Missing[];
      readonly nearest: readonly Family[];
    }
  /** A family of one is none (a body with one ending). */
  | {
      readonly code: "one-member";
      readonly family: Family;
      readonly word: string;
      /** Words of it that are not within reach yet. */
      readonly notYet: readonly string[];
      readonly nearest: readonly Family[];
    };

export type FoundFamily =
  | {
      readonly ok: true;
      readonly family: Family;
      /** Other ways in which words with the same letters are said, most words first. */
      readonly others: readonly Family[];
    }
  | { readonly ok: false; readonly reason: NoFamily };

const WORDS_NAMED = 5;

/**
 * Finds the family a teacher means by letters alone, or by letters and sounds. Of several sounds the one with
 * most words that this group can read is meant, then the one with most words at all.
 *
 * @example findFamily("rime", { letters: "ack" }, { taught: taughtAt(sequenceById("phased"), 5) }).ok // true
 */
export function findFamily(
  kind: FamilyKind,
  named: NamedFamily,
  rules: FamilyRules,
  list: Lexicon = shippedLexicon(),
): FoundFamily {
  const lexicon = lexiconIn(list, rules.taught.accent);
  const letters = readFamilyLetters(named.letters);
  const no = (reason: NoFamily): FoundFamily => ({ ok: false, reason });
  const nearest = () => nearestFamilies(kind, letters, rules, lexicon);
  if (letters === "") return no({ code: "no-letters", nearest: nearest() });
  const written = (familyIndex(lexicon).byLetters[kind].get(letters) ?? []).filter(
    (member) => member.leading && !hasTwoReadings(member.entry) && isShowable(member, rules, lexicon),
  );
  if (written.length === 0) return no({ code: "no-such-family", kind, letters, nearest: nearest() });

  const bySounds = groupBy(written, (member) => member[kind].sounds);
  const readable = (members: readonly FamilyMember[]) => members.filter((member) => isUsable(member, rules, lexicon));
  const ways = [...bySounds]
    .map(([sounds, members]) => ({ sounds, members, readable: readable(members) }))
    .sort((a, b) => b.readable.length - a.readable.length || b.members.length - a.members.length);
  const asked = named.sounds ?? readAs(kind, letters, rules, ways[0]?.readable.length === 0);
  const meant = asked === undefined ? ways[0] : ways.find(({ sounds }) => sounds === asked);
  const words = (members: readonly FamilyMember[]) => members.slice(0, WORDS_NAMED).map(({ entry }) => entry.word);
  if (!meant) {
    const sounds = asked as string;
    return no({ code: "only-false-friends", kind, letters, sounds, words: words(written), nearest: nearest() });
  }
  const family = { kind, letters, sounds: meant.sounds };
  if (meant.readable.length === 0)
    return no({
      code: "not-taught",
      family,
      words: words(meant.members),
      missing: leastMissing(meant.members, rules, lexicon),
      nearest: nearest(),
    });
  if (meant.readable.length < LEAST_MEMBERS) {
    const word = meant.readable[0]?.entry.word ?? "";
    const notYet = words(meant.members.filter((member) => !isReadable(member, rules, lexicon)));
    return no({ code: "one-member", family, word, notYet, nearest: nearest() });
  }
  return {
    ok: true,
    family,
    others: ways.flatMap(({ sounds }) => (sounds === meant.sounds ? [] : [{ ...family, sounds }])),
  };
}

/** What keeps the word that is nearest to being read. */
function leastMissing(members: readonly FamilyMember[], { taught }: FamilyRules, lexicon: Lexicon): readonly Missing[] {
  return members
    .map(({ entry }) => checkDecodable(entry.word, { ...taught, words: new Set() }, lexicon).missing)
    .reduce((least, missing) => (missing.length < least.length ? missing : least));
}

/**
 * What the group would make of a rime by what it has been taught, when none of its words is within reach: the o
 * of -old short, as in doll. Undefined when that is not asked, or when it could not read the letters at all.
 */
function readAs(kind: FamilyKind, letters: string, rules: FamilyRules, isAsked: boolean): string | undefined {
  if (!isAsked || kind !== "rime") return undefined;
  const reading = decode(letters, { taught: rules.taught });
  const parts = reading && onsetRimeOf(reading);
  return parts && rimeSounds(parts, rules.taught.accent);
}
