import { entryOf } from "../chains/entry-of.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { hasPicture } from "../lexicon/pictures.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { cardsOfContent, needsMaterial, wordsOfContent } from "../practice/activity-content.ts";
import type { ActivityContent } from "../practice/activity-kinds.ts";
import type { MaterialNeed } from "../practice/kind-definition.ts";
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

/** Gathers the materials of all activities; nothing is counted twice. */
export function lessonMaterials(
  contents: readonly ActivityContent[],
  accent: AccentSettings,
  taps: TapSettings,
  list: Lexicon = shippedLexicon(),
): LessonMaterials {
  const lexicon = lexiconIn(list, accent);
  const wordsThatNeed = (need: MaterialNeed) => [
    ...new Set(contents.filter((content) => needsMaterial(content, need)).flatMap(wordsOfContent)),
  ];
  const readings = wordsThatNeed("tiles").flatMap((word) => {
    const entry = entryOf(word, lexicon);
    return entry ? [entry.readings[0]] : [];
  });
  return {
    tiles: tileCount(readings, taps),
    graphemeCards: [...new Set(contents.flatMap(cardsOfContent).map((id) => gpcById(id)?.grapheme ?? id))],
    wordCards: wordsThatNeed("word-cards"),
    pictures: wordsThatNeed("pictures").filter((word) => hasPicture(word, accent.accent)),
  };
}
