import { stepsFrom } from "../chains/graph/steps-from.ts";
import { tokenisedWords } from "../chains/planner/graphs.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { shuffled } from "../random/shuffled.ts";
import { graphemeOfKey } from "../spelling/unit-key.ts";
import type { Family } from "./family.ts";
import { LEAST_BINS, LEAST_IN_A_BIN, MOST_BINS, MOST_FOILS, MOST_IN_A_BIN } from "./limits.ts";
import { type FamilyMember, familyIndex } from "./members.ts";
import { inNearPairs } from "./near-pairs.ts";
import { isUsable, readableMembers } from "./rich-families.ts";
import { type FamilyRules, isReadable, isShowable } from "./rules.ts";
import { type Bin, binId, binOf, isPlain } from "./sort-bins.ts";

export interface SortRequest extends FamilyRules {
  /** Two or three: families, spellings of a sound, or types of syllable. */
  readonly bins: readonly Bin[];
  /** Words a bin, 2 to 10. */
  readonly perBin: number;
  /** Words that belong in no bin, 0 to 6. */
  readonly foils: number;
  /** Lets words in with a bin's letters and another sound (swan beside can). */
  readonly falseFriends?: boolean;
  readonly recent?: readonly string[];
  /** Same seed, same order on the table. */
  readonly seed: number;
}

/** Why a word belongs in no bin. */
export type Foil = { readonly word: string } & (
  | {
      readonly why: "one-unit-away";
      /** The member it could be taken for, and what differs: grapheme of the member, grapheme of the foil. */
      readonly from: string;
      readonly bin: number;
      readonly graphemes: readonly [string | undefined, string | undefined];
    }
  | { readonly why: "false-friend"; readonly bin: number }
);

export interface WordSort {
  readonly ok: true;
  readonly bins: readonly { readonly bin: Bin; readonly words: readonly string[] }[];
  readonly foils: readonly Foil[];
  /** All words, foils included, as they are laid out: the order gives nothing away. */
  readonly table: readonly string[];
}

export type NoSort =
  | { readonly code: "bins-out-of-range"; readonly least: number; readonly most: number }
  | { readonly code: "per-bin-out-of-range"; readonly least: number; readonly most: number }
  | { readonly code: "foils-out-of-range"; readonly most: number }
  | { readonly code: "same-bin-twice"; readonly bin: number }
  /** Too few words for a bin; how many there are. */
  | { readonly code: "bin-too-small"; readonly bin: number; readonly words: readonly string[] };

/**
 * A sort: words that belong in one bin each, words that belong in none, and the answer key. A word that would fit
 * two bins is in neither. Foils are the most telling there are: one unit away from a member, each bin tempted in
 * turn.
 */
export function makeSort(
  request: SortRequest,
  list: Lexicon = shippedLexicon(),
): WordSort | { readonly ok: false; readonly reason: NoSort } {
  const lexicon = lexiconIn(list, request.taught.accent);
  const reason = faultOf(request);
  if (reason) return { ok: false, reason };
  const { bins, perBin } = request;
  const late = ({ entry }: FamilyMember) => (request.recent?.includes(entry.word) ? 1 : 0);
  const usable = readableMembers(request, lexicon).sort((a, b) => late(a) - late(b));
  const fitting = bins.map((): FamilyMember[] => []);
  for (const member of usable) {
    const fits = bins.flatMap((bin, k) => (binOf(bin, member, lexicon) ? [k] : []));
    if (fits.length === 1) fitting[fits[0] as number]?.push(member);
  }
  const small = fitting.findIndex((members) => members.length < LEAST_IN_A_BIN);
  if (small !== -1) {
    const words = (fitting[small] as FamilyMember[]).map(({ entry }) => entry.word);
    return { ok: false, reason: { code: "bin-too-small", bin: small, words } };
  }
  const chosen = bins.every(({ by }) => by === "syllable-type")
    ? inNearPairs(fitting, perBin, lexicon)
    : fitting.map((members) => members.slice(0, perBin).map(({ entry }) => entry.word));
  const foils = foilsFor(chosen, request, lexicon);
  const table = shuffled([...chosen.flat(), ...foils.map(({ word }) => word)], seededRandom(request.seed));
  return { ok: true, bins: bins.map((bin, k) => ({ bin, words: chosen[k] as string[] })), foils, table };
}

function faultOf({ bins, perBin, foils }: SortRequest): NoSort | undefined {
  const isWhole = (value: number, least: number, most: number) =>
    Number.isInteger(value) && value >= least && value <= most;
  if (!isWhole(bins.length, LEAST_BINS, MOST_BINS))
    return { code: "bins-out-of-range", least: LEAST_BINS, most: MOST_BINS };
  if (!isWhole(perBin, LEAST_IN_A_BIN, MOST_IN_A_BIN))
    return { code: "per-bin-out-of-range", least: LEAST_IN_A_BIN, most: MOST_IN_A_BIN };
  if (!isWhole(foils, 0, MOST_FOILS)) return { code: "foils-out-of-range", most: MOST_FOILS };
  const twice = bins.findIndex((bin, k) => bins.slice(0, k).some((other) => binId(other) === binId(bin)));
  return twice === -1 ? undefined : { code: "same-bin-twice", bin: twice };
}

function foilsFor(chosen: readonly (readonly string[])[], request: SortRequest, lexicon: Lexicon): Foil[] {
  const { bins, foils } = request;
  if (foils === 0) return [];
  const taken = new Set<string>(chosen.flat());
  const found: Foil[] = [];
  const add = (foil: Foil | undefined) => {
    if (!foil || found.length >= foils || taken.has(foil.word)) return;
    found.push(foil);
    taken.add(foil.word);
  };
  if (request.falseFriends) for (const [k, bin] of bins.entries()) add(falseFriendOf(bin, k, request, lexicon));
  const near = bins.map((_, k) => nearFoils(chosen[k] as readonly string[], k, request, lexicon));
  const longest = Math.max(...near.map((list) => list.length));
  for (let n = 0; n < longest; n++) for (const list of near) add(list[n]);
  return found;
}

/** Readable words one unit from a member that fit no bin, the commonest first, each member tempting in turn. */
function nearFoils(members: readonly string[], bin: number, request: SortRequest, lexicon: Lexicon): Foil[] {
  const list = tokenisedWords(lexicon);
  const index = new Map(
    familyIndex(lexicon)
      .members.filter(({ leading }) => leading)
      .map((m) => [m.entry, m]),
  );
  const fitsNone = (entry: LexiconWord) => {
    const member = index.get(entry);
    return (
      member !== undefined &&
      isUsable(member, request, lexicon) &&
      (isPlain(member) || !request.bins.some(({ by }) => by === "syllable-type")) &&
      !request.bins.some((other) => binOf(other, member, lexicon))
    );
  };
  const perMember = members.map((from) =>
    stepsFrom(list, from, ["change", "add", "take-away"])
      .map((edge) => ({ edge, entry: list.words[edge.to] as LexiconWord }))
      .filter(({ entry }) => fitsNone(entry))
      .sort((a, b) => a.entry.familiarity - b.entry.familiarity || b.entry.zipf - a.entry.zipf)
      .map(({ edge, entry }): Foil => {
        const letters = (key: string | undefined) => key && graphemeOfKey(key);
        const graphemes = [letters(edge.oldKey), letters(edge.newKey)] as const;
        return { word: entry.word, why: "one-unit-away", from, bin, graphemes };
      }),
  );
  const longest = Math.max(0, ...perMember.map((list) => list.length));
  return Array.from({ length: longest }, (_, n) => perMember.flatMap((list) => list[n] ?? [])).flat();
}

/** The commonest readable word with a bin's letters and another sound, where the bin is a family. */
function falseFriendOf(bin: Bin, k: number, request: SortRequest, lexicon: Lexicon): Foil | undefined {
  if (bin.by !== "family") return undefined;
  const { kind, letters, sounds }: Family = bin.family;
  const friend = (familyIndex(lexicon).byLetters[kind].get(letters) ?? []).find(
    (member) =>
      member.leading &&
      member[kind].sounds !== sounds &&
      isReadable(member, request, lexicon) &&
      isShowable(member, request, lexicon) &&
      isUsable(member, request, lexicon) &&
      !request.bins.some((other) => binOf(other, member, lexicon)),
  );
  return friend && { word: friend.entry.word, why: "false-friend", bin: k };
}

/** Fisher and Yates's shuffle, by seed. */
