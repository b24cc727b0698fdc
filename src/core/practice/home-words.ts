import { FAMILIAR } from "../chains/planner/candidates.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { isFit, type KeptOutList } from "../lexicon/kept-out-lists.ts";
import type { LexiconWord } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { shuffled } from "../random/shuffled.ts";
import { isDecodable } from "../scope/decodable.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";

/** What words to practise are wanted for. */
export interface HomeWordsRequest {
  readonly taught: TaughtSet;
  /** GPC ids to meet, the most wanted first. */
  readonly gpcs: readonly string[];
  readonly never?: readonly string[];
  readonly allowLists?: readonly KeptOutList[];
  /** How many words, from 1. */
  readonly count: number;
  readonly seed: number;
}

/**
 * Words to practise without a teacher beside: decodable, well known, one correspondence after another in turn.
 *
 * @returns as many as there are; where nothing is wanted in particular, any such words
 */
export function homeWords(request: HomeWordsRequest): string[] {
  const { taught, gpcs, never = [], allowLists, count, seed } = request;
  const lexicon = lexiconIn(shippedLexicon(), taught.accent);
  const rule = allowLists ? { allowLists } : {};
  const random = seededRandom(seed);
  const fit = lexicon.words.filter(
    (entry) =>
      entry.syllables === 1 &&
      entry.word.length > 1 &&
      entry.familiarity <= FAMILIAR &&
      isFit(entry.suitability, rule) &&
      !never.includes(entry.word) &&
      isDecodable(entry, taught, lexicon),
  );
  const holds = ({ readings }: LexiconWord, key: string) =>
    readings[0].units.some((unit) => unitKey(unit, taught.accent) === key);
  const inTurn = (words: readonly LexiconWord[]) =>
    shuffled(words, random).sort((a, b) => a.familiarity - b.familiarity);
  const lists = gpcs.map((gpc) => inTurn(fit.filter((entry) => holds(entry, keyOfGpc(gpc, taught.accent)))));
  const chosen = new Set<string>();
  for (let round = 0; chosen.size < count && lists.some((list) => list.length > round); round++)
    for (const list of lists) {
      const word = list[round]?.word;
      if (word !== undefined && chosen.size < count) chosen.add(word);
    }
  for (const { word } of inTurn(fit)) if (chosen.size < count) chosen.add(word);
  return [...chosen];
}
