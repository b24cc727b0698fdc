import { entryOf } from "../chains/entry-of.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { hasPicture } from "../lexicon/pictures.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { type ActivityContent, wordsOfContent } from "../practice/activity.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { gpcById } from "../spelling/gpc.ts";
import type { TapSettings } from "../spelling/taps.ts";
import { type TileNeed, tileCount } from "../spelling/tile-count.ts";

/** What has to be on the table for a lesson. */
export interface LessonMaterials {
  /** Of each tile as many as the word that needs most. */
  readonly tiles: readonly TileNeed[];
  /** Graphemes on cards. */
  readonly graphemeCards: readonly string[];
  /** Words on cards, to be read, found or judged. */
  readonly wordCards: readonly string[];
  readonly pictures: readonly string[];
}

const ON_CARDS = new Set<ActivityContent["kind"]>([
  "word-list",
  "find-it",
  "right-or-not",
  "real-or-nonsense",
  "irregular-words",
  "family-walk",
]);

/** Gathers the materials of all activities; nothing is counted twice. */
export function lessonMaterials(
  contents: readonly ActivityContent[],
  accent: AccentSettings,
  taps: TapSettings,
  list: Lexicon = shippedLexicon(),
): LessonMaterials {
  const lexicon = lexiconIn(list, accent);
  const built = contents.filter(({ kind }) => kind === "build-chain" || kind === "fill-the-gap");
  const readings = [...new Set(built.flatMap(wordsOfContent))].flatMap((word) => {
    const entry = entryOf(word, lexicon);
    return entry ? [entry.readings[0]] : [];
  });
  const cards = contents.flatMap((content) =>
    content.kind === "sound-cards" ? content.gpcs : content.kind === "new-sound" ? [content.gpc] : [],
  );
  const heard = contents.filter(({ kind }) => kind === "build-chain" || kind === "ears-only").flatMap(wordsOfContent);
  return {
    tiles: tileCount(readings, taps),
    graphemeCards: [...new Set(cards.map((id) => gpcById(id)?.grapheme ?? id))],
    wordCards: [...new Set(contents.filter(({ kind }) => ON_CARDS.has(kind)).flatMap(wordsOfContent))],
    pictures: [...new Set(heard)].filter(hasPicture),
  };
}
