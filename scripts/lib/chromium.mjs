import { existsSync } from "node:fs";

/** Debian's chromium without its windows: it needs a fifth less of a processor. */
export const HEADLESS_SHELL = "/usr/bin/chromium-headless-shell";

/**
 * Path of the browser to drive: `CHROMIUM` when that is set, else what Debian's packages put there.
 * @returns {string | undefined} undefined when there is none
 */
export function chromiumPath() {
  const places = [process.env.CHROMIUM, HEADLESS_SHELL, "/usr/bin/chromium", "/usr/bin/chromium-browser"];
  return places.filter(Boolean).find((place) => existsSync(place));
}
