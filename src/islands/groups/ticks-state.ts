import { type Pattern, type SequenceStep, type TickTokens, taughtGpcToken } from "../../core/light.ts";

/** One thing that can be taught: how it is stored, and of which kind. */
export interface Item {
  readonly kind: "gpcs" | "patterns" | "words";
  readonly token: string;
}

export type ItemState = "taught" | "not-yet" | "added" | "taken-away";

/** Everything a step teaches, in the order it is written. */
export function itemsOf({ gpcs, patterns, irregularWords }: SequenceStep): Item[] {
  return [
    ...gpcs.map((gpc): Item => ({ kind: "gpcs", token: taughtGpcToken(gpc) })),
    ...patterns.map((token): Item => ({ kind: "patterns", token })),
    ...irregularWords.map((token): Item => ({ kind: "words", token })),
  ];
}

const has = (list: readonly string[], token: string) => list.includes(token);

/** How an item stands, with the ticks on top of what the steps say. */
export function stateOf({ kind, token }: Item, byStep: boolean, { add, remove }: TickTokens): ItemState {
  if (has(remove[kind], token)) return "taken-away";
  if (byStep) return "taught";
  return has(add[kind], token) ? "added" : "not-yet";
}

/** The ticks after an item was pressed. */
export function toggle({ kind, token }: Item, byStep: boolean, ticks: TickTokens): TickTokens {
  const side = byStep ? "remove" : "add";
  const list: readonly string[] = ticks[side][kind];
  const next = has(list, token) ? list.filter((other) => other !== token) : [...list, token];
  return { ...ticks, [side]: { ...ticks[side], [kind]: next as readonly Pattern[] } };
}

/** How many things are ticked by hand. @returns a whole number, from 0 */
export function countTicks({ add, remove }: TickTokens): number {
  return [add, remove].reduce((sum, side) => sum + side.gpcs.length + side.patterns.length + side.words.length, 0);
}
