import { resolve } from "node:path";

/** The folder this server keeps its records in. */
export function dataFolder(): string {
  return resolve(process.env["ZIP_STEP_DATA"] ?? "data/zip-step");
}
