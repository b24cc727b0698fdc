import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { hasPicture } from "../lexicon/pictures.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { decode } from "../spelling/decode/decode.ts";
import { onsetRimeOf } from "../spelling/onset-rime.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import type { Family, FamilyKind, NamedFamily } from "./family.ts";
import { familyId } from "./family.ts";
import { findFamily, type NoFamily } from "./find-family.ts";
import { type FamilyGrid, familyGrid } from "./grid.ts";
import { LEAST_IN_A_SET, MOST_FAMILIES, MOST_IN_A_SET } from "./limits.ts";
import { type FamilyMember, familyIndex } from "./members.ts";
import { isUsable } from "./rich-families.ts";
import type { FamilyRules } from "./rules.ts";
import { memberDifficulty, type SetOrder } from "./set-order.ts";

export interface FamilySetRequest extends FamilyRules {
  readonly kind: FamilyKind;
  /** 1 to 8 families by their letters; with sounds where a spelling has several. */
  readonly families: readonly NamedFamily[];
  /** Number of words, 4 to 24. */
  readonly count: number;
  /** Largest share of nonsense words, 0 to 1. */
  readonly nonsenseShare?: number;
  /** Commonest first by default. */
  readonly order?: SetOrder;
  /** Words with a picture first, or those alone. */
  readonly pictures?: "any" | "first" | "only";
  /** Words used lately come last. */
  readonly recent?: readonly string[];
}

export interface SetWord {
  readonly word: string;
  readonly reading: Segmentation;
  readonly family: Family;
  readonly nonsense: boolean;
  readonly picture: boolean;
}

export interface FamilySet {
  readonly ok: true;
  readonly families: readonly Family[];
  readonly words: readonly SetWord[];
  /** Fewer words than asked for is all there is. */
  readonly asked: number;
  /** The whole grid behind the set: what is not yet taught, false friends, other spellings. */
  readonly grid: FamilyGrid;
}

export type NoSet =
  | { readonly code: "count-out-of-range"; readonly least: number; readonly most: number }
  | { readonly code: "families-out-of-range"; readonly most: number }
  | { readonly code: "same-family-twice"; readonly family: Family }
  | { readonly code: "no-pictures"; readonly families: readonly Family[] }
  | NoFamily;

/**
 * A set of words out of one family or several, dealt out evenly between them. Only words that the group can read
 * and that are said in one way; nonsense words up to the share asked for.
 */
export function familySet(
  request: FamilySetRequest,
  list: Lexicon = shippedLexicon(),
): FamilySet | { readonly ok: false; readonly reason: NoSet } {
  const lexicon = lexiconIn(list, request.taught.accent);
  const { kind, count } = request;
  if (!Number.isInteger(count) || count < LEAST_IN_A_SET || count > MOST_IN_A_SET)
    return { ok: false, reason: { code: "count-out-of-range", least: LEAST_IN_A_SET, most: MOST_IN_A_SET } };
  if (request.families.length < 1 || request.families.length > MOST_FAMILIES)
    return { ok: false, reason: { code: "families-out-of-range", most: MOST_FAMILIES } };
  const families: Family[] = [];
  for (const named of request.families) {
    const found = findFamily(kind, named, request, lexicon);
    if (!found.ok) return found;
    if (families.some((other) => familyId(other) === familyId(found.family)))
      return { ok: false, reason: { code: "same-family-twice", family: found.family } };
    families.push(found.family);
  }
  const share = Math.min(1, Math.max(0, request.nonsenseShare ?? 0));
  const grid = familyGrid({ ...request, families, nonsense: share > 0 }, lexicon);
  const nonsense = dealOut(
    families.map((family, column) => nonsenseOf(grid, column, family)),
    Math.floor(count * share),
  );
  const real = dealOut(
    families.map((family) => realOf(family, request, lexicon)),
    count - nonsense.length,
  );
  if (real.length + nonsense.length === 0) return { ok: false, reason: { code: "no-pictures", families } };
  return { ok: true, families, words: inOrder([...real, ...nonsense], kind, request.order), asked: count, grid };
}

/** The usable words of a family, those to be taken first in front. */
function realOf(family: Family, request: FamilySetRequest, lexicon: Lexicon): SetWord[] {
  const members = (familyIndex(lexicon).byLetters[family.kind].get(family.letters) ?? []).filter(
    (member) => member[family.kind].sounds === family.sounds && isUsable(member, request, lexicon),
  );
  const pictured = ({ entry }: FamilyMember) => hasPicture(entry.word, lexicon.accent.accent);
  const wanted = request.pictures === "only" ? members.filter(pictured) : members;
  const late = ({ entry }: FamilyMember) => (request.recent?.includes(entry.word) ? 1 : 0);
  const unpictured = (member: FamilyMember) => (request.pictures === "first" && !pictured(member) ? 1 : 0);
  const hard = (member: FamilyMember) => (request.order === "easiest" ? memberDifficulty(member, family.kind) : 0);
  const known = ({ entry }: FamilyMember) => (entry.familiarity <= 2 ? 0 : entry.familiarity);
  return [...wanted]
    .sort(
      (a, b) =>
        late(a) - late(b) ||
        known(a) - known(b) ||
        unpictured(a) - unpictured(b) ||
        hard(a) - hard(b) ||
        b.entry.zipf - a.entry.zipf,
    )
    .map(({ entry, reading }) => ({
      word: entry.word,
      reading,
      family,
      nonsense: false,
      picture: hasPicture(entry.word, lexicon.accent.accent),
    }));
}

/** Nonsense words of a column of the grid, the easiest first. */
function nonsenseOf({ rows }: FamilyGrid, column: number, family: Family): SetWord[] {
  return rows.flatMap(({ cells }): SetWord[] => {
    const cell = cells[column];
    const reading = cell?.state === "nonsense" ? decode(cell.word) : undefined;
    return cell?.state === "nonsense" && reading
      ? [{ word: cell.word, reading, family, nonsense: true, picture: false }]
      : [];
  });
}

/** Takes from each list in turn, from the front, until there are enough; no spelling twice. */
function dealOut(lists: readonly (readonly SetWord[])[], count: number): SetWord[] {
  const dealt = new Map<string, SetWord>();
  const longest = Math.max(0, ...lists.map((list) => list.length));
  for (let k = 0; k < longest; k++)
    for (const list of lists) {
      const word = list[k];
      if (word && dealt.size < count && !dealt.has(word.word)) dealt.set(word.word, word);
    }
  return [...dealt.values()];
}

/** Real words keep the order they were taken in; nonsense words stand where their beginning puts them, or last. */
function inOrder(words: readonly SetWord[], kind: FamilyKind, order: SetOrder = "commonest"): SetWord[] {
  if (order === "commonest") return [...words];
  const hard = ({ reading }: SetWord) => {
    const parts = onsetRimeOf(reading);
    return parts ? memberDifficulty({ parts }, kind) : 0;
  };
  return words
    .map((word) => ({ word, hard: hard(word) }))
    .sort((a, b) => a.hard - b.hard)
    .map(({ word }) => word);
}
