import { MAY_NOT_MEET } from "../../data/texts/may-not-meet.ts";

const FORBIDDEN = new Set(MAY_NOT_MEET.flatMap(([a, b]) => [`${a} ${b}`, `${b} ${a}`]));

/**
 * May two words stand in one sentence?
 *
 * @param names what each goes by in the list of what may not meet: itself, its classes, itself in a class
 */
export const mayMeet = (names: readonly string[], others: readonly string[]): boolean =>
  !names.some((name) => others.some((other) => FORBIDDEN.has(`${name} ${other}`)));
