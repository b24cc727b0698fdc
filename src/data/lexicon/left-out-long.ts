/** As left-out.ts, for words of three and more syllables. */
export const LEFT_OUT_LONG: Readonly<Record<string, string>> = {};
