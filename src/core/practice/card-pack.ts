import {
  DEFAULT_MASTERY,
  dueOn,
  type MasteryAnswer,
  type MasteryRule,
  type MasteryState,
  masteryAfter,
  NOT_BEGUN,
} from "../evidence/mastery.ts";

/** One answer to a card. */
export interface CardAnswer {
  readonly card: string;
  readonly right: boolean;
  /** ISO date, or date and time. */
  readonly at: string;
  /** ISO date where the school is; the date in `at` unless given. */
  readonly day?: string;
}

/** A learner's cards: every card of the order is in exactly one of these. */
export interface CardPack {
  /** To go through now, those that came back first. */
  readonly pack: readonly string[];
  /** Known, and due to be looked at again. */
  readonly due: readonly string[];
  /** Known; looked at again on that day. */
  readonly resting: readonly { readonly card: string; readonly on: string }[];
  /** Come in as others leave. */
  readonly waiting: readonly string[];
}

export const DEFAULT_PACK_SIZE = 10;
/**
 * Deals a learner's pack from the answers so far. A card that meets the rule leaves, the next of the order comes in.
 * It is looked at again after 7, 14, 30, then every 60 days; wrong then, or at any time, it comes back to be learnt anew.
 *
 * @param order all cards, in the order in which they come in
 * @param on the day the pack is for, ISO date
 * @param size how many cards a pack holds, from 1
 */
export function cardPack(
  order: readonly string[],
  answers: readonly CardAnswer[],
  on: string,
  rule: MasteryRule = DEFAULT_MASTERY,
  size: number = DEFAULT_PACK_SIZE,
): CardPack {
  const byCard = new Map<string, CardAnswer[]>();
  for (const answer of [...answers].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0)))
    byCard.set(answer.card, [...(byCard.get(answer.card) ?? []), answer]);
  const states = new Map(
    order.map((card) => [
      card,
      (byCard.get(card) ?? []).reduce((state, one) => masteryAfter(state, answerOf(one), rule), NOT_BEGUN),
    ]),
  );
  const stateOf = (card: string) => states.get(card) as MasteryState;
  const learning = order.filter((card) => stateOf(card).checks === undefined);
  const inOrder = [
    ...learning.filter((card) => stateOf(card).cameBack),
    // What has been begun stays until it is known, whatever is taught meanwhile.
    ...learning.filter((card) => !stateOf(card).cameBack && stateOf(card).window.length > 0),
    ...learning.filter((card) => stateOf(card).window.length === 0),
  ];
  const known = order
    .filter((card) => stateOf(card).checks !== undefined)
    .map((card) => ({ card, on: dueOn(stateOf(card)) }));
  return {
    pack: inOrder.slice(0, size),
    waiting: inOrder.slice(size),
    due: known.filter((one) => one.on <= on).map(({ card }) => card),
    resting: known.filter((one) => one.on > on),
  };
}

const answerOf = ({ right, at, day }: CardAnswer): MasteryAnswer => ({ right, day: day ?? at.slice(0, 10) });
