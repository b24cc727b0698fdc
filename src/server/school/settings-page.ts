import {
  ACCENTS,
  type Accent,
  lexiconIn,
  type SchoolSettings,
  type Segmentation,
  shippedLexicon,
} from "../../core/index.ts";
import type { Queryable } from "../db/database.ts";
import { isDemoOpen } from "../demo/demo.ts";
import { getTimeZone } from "./installation.ts";
import { getSchool } from "./school.ts";
import { type AccentSample, accentSamples } from "./where-it-stands.ts";

/** Words that show what a way to tap and mark them does: two clusters, a vowel with ng, a split digraph, a silent letter. */
const MARKED = ["stamp", "sing", "cake", "knit"];

export interface SettingsPage {
  readonly school: SchoolSettings;
  readonly timeZone: string;
  /** Words in which the accents differ, as each says them. */
  readonly samples: Readonly<Record<Accent, readonly AccentSample[]>>;
  /** Words to be drawn with the school's marks, in each accent. */
  readonly words: Readonly<Record<Accent, readonly Segmentation[]>>;
  readonly isDemoOpen: boolean;
}

const markedIn = (accent: Accent): Segmentation[] => {
  const lexicon = lexiconIn(shippedLexicon(), { accent, mergers: ["wh-w"] });
  return MARKED.flatMap((word) => lexicon.get(word)?.readings[0] ?? []);
};

/** Gathers the Settings screen. */
export async function settingsPage(db: Queryable): Promise<SettingsPage> {
  return {
    school: await getSchool(db),
    timeZone: await getTimeZone(db),
    samples: accentSamples(),
    words: Object.fromEntries(ACCENTS.map((accent) => [accent, markedIn(accent)])) as Record<Accent, Segmentation[]>,
    isDemoOpen: await isDemoOpen(db),
  };
}
