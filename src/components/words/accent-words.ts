import type { Accent } from "../../core/light.ts";

/** What an accent is called on screen. */
export const ACCENT_NAME: Readonly<Record<Accent, string>> = {
  "general-american": "General American",
  "southern-british": "Southern British",
};
