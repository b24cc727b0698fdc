import { DEFAULT_PRACTICE, readReading, type Segmentation, type Tile, tilesOf } from "../../../core/index.ts";
import type { TeachActivity, TeachItem, TeachWord } from "../../../server/sessions/teach-page.ts";

/** Lessons for the tests of this folder. */
export const wordOf = (word: string, line: string, extra: readonly string[] = []): TeachWord => {
  const reading: Segmentation = readReading(word, line);
  const tile = (label: string): Tile => ({ label, graphemes: [label] });
  const tray = [...tilesOf(reading), ...extra.map(tile)].sort((a, b) => (a.label < b.label ? -1 : 1));
  return { word, reading, parts: [], likely: [], tray, picture: undefined };
};
/** An item of a lesson, for tests. @param index place of the item in its activity, from 0 */
export const itemOf = (
  word: TeachWord,
  index: number,
  prompt: TeachItem["prompt"] = { code: "read", word: word.word },
): TeachItem => ({
  prompt,
  index,
  mode: "read",
  target: word.word,
  word,
});
export const LAP = wordOf("lap", "l.a.p l.æ.p");
export const CLAP = wordOf("clap", "c.l.a.p k.l.æ.p", ["g", "e"]);
/** An activity of a lesson, for tests. */
export const activity = (
  id: string,
  words: readonly TeachWord[],
  more: Partial<TeachActivity> = {},
): TeachActivity => ({
  id,
  kind: "word-list",
  contentKind: "word-list",
  title: "",
  minutes: 5,
  ifTime: false,
  heldBack: false,
  settings: DEFAULT_PRACTICE,
  walk: undefined,
  items: words.map((word, k) => itemOf(word, k)),
  ...more,
});
export const PLACE = { activity: 0, item: 0, stage: 0, learnerId: null, orders: {}, seconds: {}, skipped: [] };
