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

/** Is this text an id that could name a row? What cannot is passed over, not looked up. */
export const isUuid = (text: string): boolean => /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
