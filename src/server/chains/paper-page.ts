import {
  lexiconIn,
  type Prompt,
  promptsOf,
  readChain,
  readWordList,
  refusalOf,
  type Segmentation,
  shippedLexicon,
  type TapSettings,
  type TileNeed,
  taughtOf,
  tileCount,
} from "../../core/index.ts";
import { chainIdField, type GroupId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, getGroup } from "../groups/groups.ts";
import { AppError } from "../http/errors.ts";
import { idInAddress } from "../http/page.ts";
import { unfitWords } from "../sets/word-sets.ts";
import { chainTitle, getChain } from "./chains.ts";

/** A word as it is printed. */
export interface PaperWord {
  readonly word: string;
  /** In the segmentation that its steps are about. */
  readonly reading: Segmentation;
}

/** Words one after another, ready for every sheet that is made from words. */
export interface PaperPage {
  readonly group: Group;
  readonly title: string;
  readonly words: readonly PaperWord[];
  /** What is said: the first word, then what changes. */
  readonly prompts: readonly Prompt[];
  /** For one learner who builds one word at a time. */
  readonly tiles: readonly TileNeed[];
  readonly taps: TapSettings;
  /** Words that this school keeps out: they are not printed. */
  readonly keptOut: readonly string[];
  /** What cannot be printed: neither listed nor to be read by rule. */
  readonly unread: readonly string[];
  /** Words that the group cannot read by what it has been taught: said to the teacher, not on the sheet. */
  readonly notYet: readonly string[];
}

/** What an address says is to be printed. */
export interface PaperAddress {
  /** Words with anything between them: `"ship chip chop"`. */
  readonly words: string | null;
  /** A saved chain, whose words and title are taken. */
  readonly chain: string | null;
  readonly title: string | null;
}

const MAX_TITLE = 80;

/**
 * Words given in an address, or those of a chain, as a chain is read.
 *
 * @throws AppError "not-found" where there is no such group or chain, or no word
 */
export async function paperPage(db: Queryable, groupId: GroupId, address: PaperAddress): Promise<PaperPage> {
  const group = await getGroup(db, groupId);
  const chainId = idInAddress(chainIdField, address.chain);
  const chain = chainId && (await getChain(db, chainId));
  const list = readWordList(chain ? chain.words.join(" ") : (address.words ?? ""));
  if (!list.ok) throw new AppError("not-found", "There are no words to print.");
  const scope = await groupScope(db, group);
  const { accent, taps, never, allowLists } = scope.school;
  const lexicon = lexiconIn(shippedLexicon(), accent);
  const keptOut = unfitWords(list.words, scope.school);
  const unread = list.words.filter(
    (word) => !keptOut.includes(word) && readChain([word], lexicon).readings[0] === undefined,
  );
  const out = new Set([...keptOut, ...unread]);
  const names = list.words.filter((word) => !out.has(word));
  const { readings } = readChain(names, lexicon);
  const words = names.map((word, k): PaperWord => ({ word, reading: readings[k] as Segmentation }));
  const rules = { taught: taughtOf(scope), never, allowLists };
  return {
    group,
    title: address.title?.slice(0, MAX_TITLE) || (chain ? chain.title : chainTitle(names)),
    words,
    prompts: promptsOf({ kind: "build-chain", words: names }, accent),
    tiles: tileCount(
      words.map(({ reading }) => reading),
      taps,
    ),
    taps,
    keptOut,
    unread,
    notYet: names.filter((word) => refusalOf(word, rules, lexicon)?.code === "not-decodable"),
  };
}
