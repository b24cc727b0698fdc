import { AppError } from "./errors.ts";

/** Deeper than anything of ours: more is mischief, and would exhaust whoever goes down into it. */
const DEEPEST = 16;

/** Control characters but for tab and line feed, and the marks that turn the direction of what follows. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is looked for
const CONTROLS = /[\u0001-\u0008\u000b-\u001f\u007f-\u009f\u202a-\u202e\u2066-\u2069\ufeff]/g;

function cleanText(text: string): string {
  if (text.includes("\0") || !text.isWellFormed())
    throw new AppError("invalid", "A text holds what is no character.", [
      { field: "request", message: "take out the odd sign and send it again" },
    ]);
  return text.replace(/\r\n?/g, "\n").replace(CONTROLS, "").normalize("NFC");
}

/**
 * Every text in a value from outside in one form: composed (NFC), lines ended by a line feed, without control
 * characters. Done once, where a request comes in.
 *
 * @param value as JSON gives it, or a query
 * @throws AppError "invalid" for NUL, half a surrogate, or a value nested too deep
 */
export function cleanTexts(value: unknown, depth = 0): unknown {
  if (typeof value === "string") return cleanText(value);
  if (typeof value !== "object" || value === null) return value;
  if (depth > DEEPEST) throw new AppError("invalid", "The request is nested too deep.");
  if (Array.isArray(value)) return value.map((one) => cleanTexts(one, depth + 1));
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [cleanText(key), cleanTexts(one, depth + 1)]));
}
