/** Letters that look alike turned round or over: common practice, no source. */
const REVERSED: Readonly<Record<string, string>> = { b: "d", d: "b", p: "q", q: "p", u: "n", n: "u" };

/** The letter that one is turned round to: d for b; undefined for most. */
export const reversalOf = (letter: string): string | undefined => REVERSED[letter];
