import {
  DEFAULT_PRACTICE,
  GENERAL_AMERICAN,
  readReading,
  type Segmentation,
  type Tile,
  tilesOf,
} from "../../../core/index.ts";
import { wordsToRead } from "../../../core/texts/phrases.ts";
import type { GroupId, LearnerId, SessionId } from "../../../schemas/ids.ts";
import type { TeachActivity, TeachItem, TeachPage, TeachWord } from "../../../server/sessions/teach-page.ts";

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
/** A text that is read aloud, with its words as items and nothing before or after them. */
export const textActivity = (id: string, text: string): TeachActivity => ({
  ...activity(id, [], { kind: "text", contentKind: "text", text }),
  items: wordsToRead(text, () => true).map(({ spelling, ...place }, k) =>
    itemOf(wordOf(spelling, `${[...spelling].join(".")} ${[...spelling].map(() => "æ").join(".")}`), k, {
      code: "read-in-text",
      word: spelling,
      place,
    }),
  ),
});
export const PLACE = { activity: 0, item: 0, stage: 0, learnerId: null, orders: {}, seconds: {}, skipped: [] };

/** Learners of a made-up group, by their nicknames. */
export const learnersOf = (...nicknames: readonly string[]): TeachPage["group"]["learners"] =>
  nicknames.map((nickname) => ({ id: nickname.toLowerCase() as LearnerId, nickname }));

/** A lesson's page, for tests. */
export const pageOf = (activities: readonly TeachActivity[], more: Partial<TeachPage> = {}): TeachPage => ({
  session: { id: "s" as SessionId, title: "Lesson", minutes: null, endedAt: null, place: PLACE },
  group: groupOf(learnersOf("gull", "tern", "knot")),
  activities,
  responses: [],
  accent: GENERAL_AMERICAN,
  checklist: [],
  needs: {},
  ...more,
});

/** A group at the first step, for tests. */
export const groupOf = (learners: TeachPage["group"]["learners"]): TeachPage["group"] => ({
  id: "g" as GroupId,
  name: "Plovers",
  sequenceId: "phased",
  step: 1,
  ticks: { add: { gpcs: [], patterns: [], words: [] }, remove: { gpcs: [], patterns: [], words: [] } },
  isDemo: false,
  isRehearsal: false,
  learners,
});
