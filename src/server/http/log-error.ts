import { ZodError } from "zod";
import { AppError } from "./errors.ts";

/**
 * Writes down that something went wrong inside, for whoever looks after the program: what, and where in our code. Names,
 * words and parameters of questions to the database may stand in messages, and go into no log.
 */
export function logError(error: unknown): void {
  if (error instanceof AppError && error.code !== "internal") return;
  if (!(error instanceof Error)) {
    console.error("unknown error");
    return;
  }
  const cause = error.cause instanceof Error ? error.cause : undefined;
  const code = (cause as { code?: string } | undefined)?.code;
  const isOfQuery = cause !== undefined || error.name.startsWith("Drizzle");
  const what = isOfQuery
    ? `a question to the database failed${code ? ` (${code})` : ""}`
    : error instanceof ZodError
      ? "a value does not fit its schema"
      : error.message.split("\n")[0];
  const where = (cause ?? error).stack?.split("\n").find((line) => line.trim().startsWith("at "));
  console.error(`${error.name}: ${what}${where ? ` ${where.trim()}` : ""}`);
}
