import { type Inflection, inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";
import { hasTwoReadings } from "../scope/decodable.ts";

/** Something a teacher should know of a word before it is put before children. */
export type WordFlag =
  /** Same sound, other spelling: say a sentence with it when it is built or written. */
  | { readonly code: "sounds-like"; readonly words: readonly string[] }
  /** The letters are said in two ways (wind, read). */
  | { readonly code: "two-readings" }
  /** Next to itself with an ending on, or without (grin, grins). */
  | { readonly code: "near-pair"; readonly other: string }
  /** A spelling to point out. */
  | { readonly code: "odd-part"; readonly grapheme: string }
  | { readonly code: "used-lately" }
  | { readonly code: "rare" }
  | { readonly code: "nonsense" };

/** From this commonness on, a spelling is one to point out. */
const ODD = 4;
const SELDOM_KNOWN = 4;

/** The flags of one word between its neighbours. */
export function flagsOf(
  entry: LexiconWord,
  around: readonly (string | undefined)[],
  context: { readonly recent: ReadonlySet<string>; readonly isNonsense: boolean },
  lexicon: Lexicon,
): WordFlag[] {
  const { word } = entry;
  if (context.isNonsense) return [{ code: "nonsense" }];
  const flags: WordFlag[] = [];
  const alike = soundAlikes(word, lexicon);
  if (alike.length > 0) flags.push({ code: "sounds-like", words: alike });
  if (hasTwoReadings(entry)) flags.push({ code: "two-readings" });
  const other = around.find((near) => near !== undefined && isNearPair(word, near, lexicon));
  if (other !== undefined) flags.push({ code: "near-pair", other });
  const odd = entry.readings[0].units.find((unit) => unit.commonness >= ODD);
  if (odd) flags.push({ code: "odd-part", grapheme: odd.grapheme });
  if (context.recent.has(word)) flags.push({ code: "used-lately" });
  if (entry.familiarity >= SELDOM_KNOWN) flags.push({ code: "rare" });
  return flags;
}

/** A word and the same word with an ending on. */
export function isNearPair(a: string, b: string, lexicon: Lexicon): boolean {
  const base = (word: string): Inflection["base"] | undefined => inflectionOf(word, lexicon)?.base;
  return base(a) === b || base(b) === a;
}
