import type { TextToken } from "./check-text.ts";

/** A word of a text that does not fit, with how often it stands there. */
export interface Misfit {
  readonly first: TextToken;
  times: number;
}

/** The words that do not fit, each spelling once, in the order of the text. */
export function misfitsOf(tokens: readonly TextToken[]): Misfit[] {
  const bySpelling = new Map<string, Misfit>();
  for (const token of tokens) {
    if (token.fits) continue;
    const known = bySpelling.get(token.spelling);
    if (known) known.times++;
    else bySpelling.set(token.spelling, { first: token, times: 1 });
  }
  return [...bySpelling.values()];
}
