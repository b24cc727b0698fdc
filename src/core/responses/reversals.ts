/** Letters that look alike turned round or over: common practice, no source. */
const REVERSED: Readonly<Record<string, string>> = { b: "d", d: "b", p: "q", q: "p", u: "n", n: "u" };

/** Was a letter built or written as its mirror? */
export const isReversal = (wanted: string, came: string | undefined): boolean => REVERSED[wanted] === came;
