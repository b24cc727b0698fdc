import type { z } from "zod";
import { AppError } from "./errors.ts";

/**
 * For pages: the value, or undefined when what the address names does not exist or cannot be read. Other errors go on.
 *
 * @throws every error that is not of something missing
 */
export async function orNotFound<T>(loading: Promise<T>): Promise<T | undefined> {
  try {
    return await loading;
  } catch (error) {
    if (error instanceof AppError && (error.code === "not-found" || error.code === "unreadable")) return undefined;
    throw error;
  }
}

/** The id that an address gives, or undefined: what cannot be one is passed over, not looked up. */
export const idInAddress = <Field extends z.ZodType<string>>(
  field: Field,
  text: string | null | undefined,
): z.infer<Field> | undefined => field.safeParse(text).data;
