import {
  checkText,
  decode,
  lexiconIn,
  partLetters,
  refusalOf,
  SET_KINDS,
  segment,
  shippedLexicon,
  taughtOf,
  type WalkWay,
  walkParts,
  wordsOfSet,
  wordsShownInSet,
} from "../../core/index.ts";
import type { SetId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, getGroup } from "../groups/groups.ts";
import { getSet, unfitWords, type WordSet } from "./word-sets.ts";

/** A set ready for paper. */
export interface PrintPage {
  readonly set: WordSet;
  readonly group: Group;
  /** Words that this school now keeps out: they are not printed. */
  readonly keptOut: readonly string[];
  /** Words that the group cannot read by what it has been taught: said to the teacher, not on the sheet. */
  readonly notYet: readonly string[];
  /** The words of a family set in the two parts they are blended from. */
  readonly walk: readonly WalkedWord[];
}

export interface WalkedWord {
  readonly word: string;
  readonly first: string;
  readonly second: string;
}

/** @throws AppError "not-found" */
export async function printPage(db: Queryable, id: SetId): Promise<PrintPage> {
  const set = await getSet(db, id);
  const group = await getGroup(db, set.groupId);
  const scope = await groupScope(db, group);
  const keptOut = unfitWords(wordsShownInSet(set.content), scope.school);
  const lexicon = lexiconIn(shippedLexicon(), scope.school.accent);
  const rules = { taught: taughtOf(scope), never: scope.school.never };
  const read = SET_KINDS[set.kind].isRead ? wordsOfSet(set.content) : [];
  const notYet = read.filter((word) => refusalOf(word, rules, lexicon)?.code === "not-decodable");
  const { content } = set;
  if (content.kind === "text") {
    const printed = [content.text, ...(content.statements ?? []).map(({ sentence }) => sentence)].join("\n");
    const { tokens } = checkText(printed, rules.taught, [], lexicon, scope.school);
    const beyond = tokens.filter(({ fits, kind }) => !fits && kind !== "kept-out");
    return { set, group, keptOut, notYet: [...new Set(beyond.map(({ spelling }) => spelling))], walk: [] };
  }
  const way = content.kind === "family" ? content.way : undefined;
  const walk = way ? wordsOfSet(content).flatMap((word) => inTwoParts(word, way)) : [];
  return { set, group, keptOut, notYet, walk: walk.filter(({ word }) => !keptOut.includes(word)) };
}

function inTwoParts(word: string, way: WalkWay): WalkedWord[] {
  const reading = segment(word) ?? decode(word);
  const parts = reading && walkParts(reading, way);
  return reading && parts
    ? [{ word, first: partLetters(reading, parts.first), second: partLetters(reading, parts.second) }]
    : [];
}
