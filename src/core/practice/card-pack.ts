import { addDays } from "./week-plan.ts";

/** When a card counts as known: so many right of the last so many, on at least so many days. */
export interface MasteryRule {
  readonly right: number;
  readonly of: number;
  readonly days: number;
}

/** Nine of the last ten, on at least two days. Common practice, no source. */
export const DEFAULT_MASTERY: MasteryRule = { right: 9, of: 10, days: 2 };

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
/** Days after which a known card is looked at again: longer each time. Common practice, no source. */
const CHECK_AFTER = [7, 14, 30, 60] as const;

interface CardState {
  readonly window: readonly CardAnswer[];
  /** How often it has been right when looked at again; undefined while it is being learnt. */
  readonly checks: number | undefined;
  /** Day of the answer that let it rest. */
  readonly since: string;
  readonly cameBack: boolean;
}

const NEW_CARD: CardState = { window: [], checks: undefined, since: "", cameBack: false };

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
    order.map((card) => [card, (byCard.get(card) ?? []).reduce((state, one) => after(state, one, rule), NEW_CARD)]),
  );
  const stateOf = (card: string) => states.get(card) as CardState;
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

const dayOf = ({ at, day }: CardAnswer): string => day ?? at.slice(0, 10);

function after(state: CardState, answer: CardAnswer, rule: MasteryRule): CardState {
  if (state.checks !== undefined) {
    if (!answer.right) return { window: [answer], checks: undefined, since: "", cameBack: true };
    // A right answer before the card is due moves nothing: it says little so soon.
    return dueOn(state) <= dayOf(answer) ? { ...state, checks: state.checks + 1, since: dayOf(answer) } : state;
  }
  const window = [...state.window, answer].slice(-rule.of);
  const rights = window.filter(({ right }) => right);
  const days = new Set(rights.map(dayOf));
  return rights.length >= rule.right && days.size >= rule.days
    ? { window, checks: 0, since: dayOf(answer), cameBack: false }
    : { ...state, window };
}

function dueOn({ checks, since }: CardState): string {
  const days = CHECK_AFTER[Math.min(checks ?? 0, CHECK_AFTER.length - 1)] as number;
  return addDays(since, days);
}
