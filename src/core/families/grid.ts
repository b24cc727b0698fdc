import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Inflection } from "../lexicon/inflection.ts";
import type { FrequencyBand, Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";
import { checkDecodable, hasTwoReadings, type Missing } from "../scope/decodable.ts";
import type { Unit } from "../spelling/segmentation.ts";
import { difficultyOf } from "./difficulty.ts";
import type { Family, FamilyKind } from "./family.ts";
import { type FamilyMember, familyIndex, groupBy, partKey } from "./members.ts";
import { type MadeCell, makeCells } from "./nonsense-cells.ts";
import { endingOf, type FamilyRules, isReadable, isShowable } from "./rules.ts";

/** What stands where a beginning and a family meet. */
export type GridCell =
  /** Nothing that English has, or nothing to be shown. */
  | { readonly state: "empty" }
  | {
      readonly state: "real";
      readonly word: string;
      readonly band: FrequencyBand;
      /** The ending it has on, where such words are let in. */
      readonly ending?: Inflection;
      /** Other words that sound the same. */
      readonly soundsLike: readonly string[];
    }
  | { readonly state: "not-yet"; readonly word: string; readonly missing: readonly Missing[] }
  /** Said so, and also otherwise (bow): a set does not take it of its own accord. */
  | { readonly state: "two-ways"; readonly word: string; readonly readable: boolean }
  /** The same letters, said otherwise (snow beside cow). */
  | { readonly state: "false-friend"; readonly word: string; readonly sounds: string; readonly readable: boolean }
  | MadeCell;

/** A beginning (of a rime's words) or an ending (of a body's). */
export interface GridRow {
  readonly key: string;
  /** Letters, `""` for nothing. */
  readonly letters: string;
  readonly units: readonly Pick<Unit, "grapheme" | "phonemes">[];
  readonly difficulty: number;
  /** One cell a family, in the order asked for. */
  readonly cells: readonly GridCell[];
}

export interface GridColumn {
  readonly family: Family;
  /** Words that the group can read; words it cannot read yet. */
  readonly readable: number;
  readonly notYet: number;
  readonly falseFriends: readonly { readonly word: string; readonly sounds: string; readonly readable: boolean }[];
  /** Words with the same sounds in other letters (steak beside make), by those letters. */
  readonly spelledOtherwise: readonly {
    readonly letters: string;
    readonly words: readonly { readonly word: string; readonly readable: boolean }[];
  }[];
}

export interface FamilyGrid {
  readonly kind: FamilyKind;
  readonly columns: readonly GridColumn[];
  /** Easiest first. */
  readonly rows: readonly GridRow[];
}

export interface GridRequest extends FamilyRules {
  readonly kind: FamilyKind;
  readonly families: readonly Family[];
  /** Works out nonsense words for the cells without a word; takes a few milliseconds a family. */
  readonly nonsense?: boolean;
}

const EMPTY: GridCell = { state: "empty" };

/** Every family of a kind that a word list has, whoever can read it. */
export function allFamilies(kind: FamilyKind, list: Lexicon = shippedLexicon()): Family[] {
  const members = familyIndex(list).members.filter(({ leading }) => leading);
  const groups = groupBy(members, (member) => `${member[kind].letters} ${member[kind].sounds}`);
  return [...groups.values()].map(([first]) => {
    const { letters, sounds } = (first as FamilyMember)[kind];
    return { kind, letters, sounds };
  });
}

/**
 * Beginnings × rimes, or endings × bodies: what word each pair makes, and whether the group can read it. Words
 * that may not be shown leave their cell empty, and no nonsense word takes their place.
 */
export function familyGrid(request: GridRequest, list: Lexicon = shippedLexicon()): FamilyGrid {
  const { kind, families } = request;
  const lexicon = lexiconIn(list, request.taught.accent);
  const index = familyIndex(lexicon);
  const rows = new Map<string, { units: GridRow["units"]; cells: GridCell[] }>();
  const rowOf = (key: string, units: GridRow["units"]) => {
    let row = rows.get(key);
    if (!row) {
      row = { units, cells: new Array<GridCell>(families.length).fill(EMPTY) };
      rows.set(key, row);
    }
    return row;
  };
  const columns = families.map((family, column): GridColumn => {
    const written = index.byLetters[kind].get(family.letters) ?? [];
    for (const [key, members] of groupBy(written, (member) => member[kind].other)) {
      const cell = cellOf(members, family, request, lexicon);
      if (cell.state !== "empty") rowOf(key, otherPart(members[0] as FamilyMember, kind)).cells[column] = cell;
    }
    if (request.nonsense) {
      const model = written.find((member) => member.leading && member[kind].sounds === family.sounds);
      const taken = new Set(written.map((member) => member[kind].other));
      for (const { units, cell } of model ? makeCells(model, kind, request.taught, taken, lexicon) : [])
        rowOf(partKey(units), units).cells[column] = cell;
    }
    return columnOf(family, written, request, lexicon);
  });
  return {
    kind,
    columns,
    rows: [...rows]
      .map(([key, { units, cells }]) => ({
        key,
        units,
        letters: units.map(({ grapheme }) => grapheme).join(""),
        difficulty: difficultyOf(units),
        cells,
      }))
      .sort((a, b) => a.difficulty - b.difficulty || (a.letters < b.letters ? -1 : a.letters > b.letters ? 1 : 0)),
  };
}

const otherPart = ({ parts }: FamilyMember, kind: FamilyKind): readonly Unit[] =>
  kind === "rime" ? parts.onset : parts.coda;

/** The members of one cell are one spelling, said in one way or in more. */
function cellOf(members: readonly FamilyMember[], family: Family, rules: FamilyRules, lexicon: Lexicon): GridCell {
  const lead = members.find(({ leading }) => leading) ?? (members[0] as FamilyMember);
  const { entry } = lead;
  const { word } = entry;
  if (!isShowable(lead, rules, lexicon)) return EMPTY;
  const readable = isReadable(lead, rules, lexicon);
  const isSo = members.some((member) => member[family.kind].sounds === family.sounds);
  if (!isSo) return { state: "false-friend", word, sounds: lead[family.kind].sounds, readable };
  if (hasTwoReadings(entry)) return { state: "two-ways", word, readable };
  if (!readable) return { state: "not-yet", word, missing: missingFor(word, rules, lexicon) };
  const ending = endingOf(word, lexicon);
  return { state: "real", word, band: entry.band, ...(ending && { ending }), soundsLike: soundAlikes(word, lexicon) };
}

/** What keeps a word from being read by its letters, though it may be learnt whole. */
const missingFor = (word: string, { taught }: FamilyRules, lexicon: Lexicon): readonly Missing[] =>
  checkDecodable(word, { ...taught, words: new Set() }, lexicon).missing;

function columnOf(family: Family, written: readonly FamilyMember[], rules: FamilyRules, lexicon: Lexicon): GridColumn {
  const { kind } = family;
  const shown = written.filter((member) => member.leading && isShowable(member, rules, lexicon));
  const alsoSo = new Set(written.filter((m) => !m.leading && m[kind].sounds === family.sounds).map((m) => m.entry));
  const members = shown.filter((member) => member[kind].sounds === family.sounds);
  const readable = members.filter((member) => isReadable(member, rules, lexicon)).length;
  const alike = (familyIndex(lexicon).bySounds[kind].get(family.sounds) ?? []).filter(
    (member) => member.leading && member[kind].letters !== family.letters && isShowable(member, rules, lexicon),
  );
  const named = (member: FamilyMember) => ({
    word: member.entry.word,
    readable: isReadable(member, rules, lexicon),
  });
  return {
    family,
    readable,
    notYet: members.length - readable,
    falseFriends: shown
      .filter((member) => member[kind].sounds !== family.sounds && !alsoSo.has(member.entry))
      .map((member) => ({ ...named(member), sounds: member[kind].sounds })),
    spelledOtherwise: [...groupBy(alike, (member) => member[kind].letters)].map(([letters, group]) => ({
      letters,
      words: group.map(named),
    })),
  };
}
