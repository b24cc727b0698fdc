import { AppError } from "../http/errors.ts";
import { checkBackup } from "./backup-file.ts";

/** What a look through a backup says. */
export type LookedThrough = { readonly ok: true } | { readonly ok: false; readonly message: string };

/**
 * Looks a backup through on a thread of its own, and takes the database that it needs for it along when it ends.
 *
 * @param path of the file
 * @throws what is no fault of the file's
 */
export default async function lookThrough(path: string): Promise<LookedThrough> {
  try {
    await checkBackup(path);
    return { ok: true };
  } catch (error) {
    if (error instanceof AppError && error.code === "backup-damaged") return { ok: false, message: error.message };
    throw error;
  }
}
