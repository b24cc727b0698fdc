import { seededRandom } from "../random/seeded-random.ts";

/** A learner as the order of turns sees them. */
export interface TurnTaker {
  readonly id: string;
  /** How much the records say that this learner needs a correspondence, by unit key (spelling/unit-key.ts); 0 to 1. */
  readonly needs: Readonly<Record<string, number>>;
  /** Turns had so far. */
  readonly turns: number;
}

/** Up to so many learners, every way of dealing a round out is looked at. */
const MOST_TRIED = 6;

/**
 * Who reads which word. Turns are dealt in rounds: everybody has one before anybody has another, and nobody ever has
 * two more than somebody else. Within a round, words go where they are needed most: of all ways of dealing it out the
 * one with the greatest sum of needs (up to 6 learners; with more, the greatest need first). Equal ways are told apart
 * by the seed. Nobody closes a round and opens the next where that can be helped.
 *
 * @param words unit keys of each word to come
 * @param seed the same seed deals the same turns
 * @returns a learner's id for each word; empty without learners
 */
export function turnOrder(
  words: readonly (readonly string[])[],
  learners: readonly TurnTaker[],
  seed: number,
): string[] {
  if (learners.length === 0) return [];
  const random = seededRandom(seed);
  const luck = new Map(learners.map(({ id }) => [id, random()]));
  const had = new Map(learners.map(({ id, turns }) => [id, turns]));
  const order: string[] = [];
  while (order.length < words.length) {
    const fewest = Math.min(...had.values());
    // The ones who are behind catch up first: they are the round.
    const round = learners
      .filter(({ id }) => had.get(id) === fewest)
      .sort((a, b) => (luck.get(a.id) as number) - (luck.get(b.id) as number));
    const next = words.slice(order.length, order.length + round.length);
    const dealt = deal(next, round, order.at(-1));
    for (const id of dealt) {
      order.push(id);
      had.set(id, (had.get(id) ?? 0) + 1);
    }
  }
  return order;
}

/** The part of a word's need that a learner must have for it to matter beside who comes after whom. */
const TWICE_IN_A_ROW = 0.05;

function deal(words: readonly (readonly string[])[], round: readonly TurnTaker[], last: string | undefined): string[] {
  const worth = (taker: TurnTaker, k: number) =>
    (words[k] ?? []).reduce((sum, key) => sum + (taker.needs[key] ?? 0), 0) -
    (k === 0 && taker.id === last && round.length > 1 ? TWICE_IN_A_ROW : 0);
  return round.length <= MOST_TRIED ? bestDeal(words.length, round, worth) : greedyDeal(words.length, round, worth);
}

type Worth = (taker: TurnTaker, word: number) => number;

function bestDeal(count: number, round: readonly TurnTaker[], worth: Worth): string[] {
  let best: { readonly ids: readonly string[]; readonly sum: number } | undefined;
  const tryFrom = (ids: readonly string[], sum: number) => {
    if (ids.length === count) {
      if (!best || sum > best.sum + 1e-9) best = { ids, sum };
      return;
    }
    for (const taker of round) if (!ids.includes(taker.id)) tryFrom([...ids, taker.id], sum + worth(taker, ids.length));
  };
  tryFrom([], 0);
  return [...(best?.ids ?? [])];
}

function greedyDeal(count: number, round: readonly TurnTaker[], worth: Worth): string[] {
  const pairs = round
    .flatMap((taker) => Array.from({ length: count }, (_, word) => ({ taker, word, worth: worth(taker, word) })))
    .sort((a, b) => b.worth - a.worth);
  const ids: (string | undefined)[] = Array.from({ length: count }, () => undefined);
  const dealt = new Set<string>();
  for (const { taker, word } of pairs) {
    if (ids[word] !== undefined || dealt.has(taker.id)) continue;
    ids[word] = taker.id;
    dealt.add(taker.id);
  }
  return ids as string[];
}
