import { MAY_NOT_MEET } from "../../data/texts/may-not-meet.ts";
import { getOrMake } from "../get-or-make.ts";

const FORBIDDEN = new Map<string, Set<string>>();
for (const [a, b] of MAY_NOT_MEET) {
  forbid(a, b);
  forbid(b, a);
}

function forbid(name: string, other: string): void {
  getOrMake(FORBIDDEN, name, () => new Set<string>()).add(other);
}

/**
 * May two words stand in one sentence?
 *
 * @param names what each goes by in the list of what may not meet: itself, its classes, itself in a class
 */
export const mayMeet = (names: readonly string[], others: readonly string[]): boolean =>
  !names.some((name) => {
    const forbidden = FORBIDDEN.get(name);
    return forbidden !== undefined && others.some((other) => forbidden.has(other));
  });
