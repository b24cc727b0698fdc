import { AppError } from "./errors.ts";

/** For pages: the value, or undefined when what the address names does not exist. Other errors go on. */
export async function orNotFound<T>(loading: Promise<T>): Promise<T | undefined> {
  try {
    return await loading;
  } catch (error) {
    if (error instanceof AppError && error.code === "not-found") return undefined;
    throw error;
  }
}
