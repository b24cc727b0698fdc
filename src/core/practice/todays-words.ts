import { isNearPair } from "../chains/flags.ts";
import { candidateTest, FAMILIAR } from "../chains/planner/candidates.ts";
import { planChain } from "../chains/planner/plan-chain.ts";
import { type ChainRequest, MIN_CHAIN_LENGTH } from "../chains/request.ts";
import { inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { soundsOf } from "../spelling/said.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import type { LessonRequest } from "./lesson-request.ts";

/** The words a lesson is made of. */
export interface TodaysWords {
  /** In an order in which one grapheme changes at a time; empty when no chain can be made. */
  readonly chain: readonly string[];
  /** The same words, or, without a chain, the commonest that the group can read. */
  readonly words: readonly string[];
  /** Words with today's sound that appear nowhere before the end. */
  readonly heldBack: readonly string[];
}

const LONGEST_CHAIN = 10;
const MOST_HELD_BACK = 3;
const DEFAULT_HELD_BACK = 2;
/** Others carry over nothing that a child knows. */
const LEAST_FAMILIAR_HELD_BACK = 3;

/** A chain as long as the lesson allows, and words with the focus that are not in it. */
export function todaysWords(request: LessonRequest, lexicon: Lexicon): TodaysWords {
  const chainRequest = (length: number): ChainRequest => ({
    taught: request.taught,
    length,
    focus: request.focus,
    contrasts: request.contrasts,
    mode: "building",
    seed: request.seed,
    ...(request.recent && { recent: request.recent }),
    ...(request.never && { never: request.never }),
    ...(request.allowLists && { allowLists: request.allowLists }),
  });
  const wanted = Math.min(LONGEST_CHAIN, Math.round(request.minutes * 0.25) + 3);
  let chain: readonly string[] = [];
  for (let length = wanted; length >= MIN_CHAIN_LENGTH && chain.length === 0; length -= 2) {
    const plans = planChain(chainRequest(length), lexicon, { relax: false });
    if (Array.isArray(plans)) chain = plans[0]?.words ?? [];
  }
  const rules = { ...chainRequest(wanted), leastFamiliar: LEAST_FAMILIAR_HELD_BACK } as const;
  const usable = lexicon.words.filter(candidateTest(rules, lexicon));
  const never = new Set(request.never);
  const fresh = usable.filter(({ word }) => !never.has(word));
  const familiar = fresh.filter(({ familiarity }) => familiarity <= FAMILIAR);
  const words = chain.length > 0 ? chain : familiar.slice(0, wanted).map(({ word }) => word);
  return { chain, words, heldBack: heldBackFrom(fresh, words, request, lexicon) };
}

function heldBackFrom(
  usable: Lexicon["words"],
  words: readonly string[],
  request: LessonRequest,
  lexicon: Lexicon,
): string[] {
  const count = Math.max(0, Math.min(MOST_HELD_BACK, Math.floor(request.heldBack ?? DEFAULT_HELD_BACK)));
  if (count === 0) return [];
  const keys = new Set(request.focus.map((id) => keyOfGpc(id, lexicon.accent)));
  // A word that sounds like one of today's is no new word to the ear.
  const heard = new Set(
    words.map((word) => {
      const entry = lexicon.get(word);
      return entry ? soundsOf(entry.readings[0], lexicon.accent) : word;
    }),
  );
  const random = seededRandom(request.seed);
  return usable
    .filter(
      // First what most words fail by, and what is quickly told.
      ({ word, familiarity, readings: [lead] }) =>
        familiarity <= LEAST_FAMILIAR_HELD_BACK &&
        lead.units.some((unit) => keys.has(unitKey(unit, lexicon.accent))) &&
        !words.includes(word) &&
        !request.recent?.includes(word) &&
        // A word of today's with an ending on, or without, carries nothing over.
        !inflectionOf(word, lexicon) &&
        !words.some((other) => isNearPair(word, other, lexicon)) &&
        !heard.has(soundsOf(lead, lexicon.accent)),
    )
    .map(({ word, familiarity }) => ({ word, rank: familiarity + random() * 2 }))
    .sort((a, b) => a.rank - b.rank)
    .slice(0, count)
    .map(({ word }) => word);
}
