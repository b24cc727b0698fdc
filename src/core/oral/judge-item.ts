import { refusalOf } from "../chains/allowed-words.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { KeptOutList } from "../lexicon/kept-out-lists.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { heardAs } from "../sounds/sound-class.ts";
import { saidPhonemes } from "../spelling/said.ts";
import { heardKey } from "./heard.ts";
import { type OralItem, type Spoken, spokenIn } from "./item.ts";
import { rudeSounds } from "./rude.ts";
import { isTrue } from "./verify.ts";

/** Why an ears-only item is not to be said to a class. */
export type OralItemFault =
  /** By its sounds it is not what it says. */
  | { readonly code: "not-true"; readonly key: string }
  /** A word is kept out of this school. */
  | { readonly code: "unsuitable"; readonly word: string }
  /** Said aloud, it is a word that is kept out. */
  | { readonly code: "sounds-unsuitable"; readonly text: string }
  /** It is put forward as a word, and the list has no word that is written and said so. */
  | { readonly code: "not-that-word"; readonly text: string };

export interface OralItemRules {
  readonly accent: AccentSettings;
  readonly never?: readonly string[];
  readonly allowLists?: readonly KeptOutList[];
}

/**
 * Looks over an ears-only item, whoever has made it: is it true by its sounds, are its words words that are said so, and
 * may all of it be said in a class?
 *
 * @returns the first fault, or undefined
 */
export function judgeOralItem(
  item: OralItem,
  { accent, never = [], allowLists = [] }: OralItemRules,
  list: Lexicon = shippedLexicon(),
): OralItemFault | undefined {
  const lexicon = lexiconIn(list, accent);
  if (!isTrue(item, accent)) return { code: "not-true", key: item.key };
  const rude = rudeSounds(lexicon, { never, allowLists });
  const keyOf = (sounds: readonly string[]) =>
    sounds.map((id, k) => heardAs(id, accent, sounds[k + 1])).filter((sound) => sound !== "");
  const isSaidSo = ({ text, sounds }: Spoken) =>
    lexicon
      .get(text)
      ?.readings.some((reading) => heardKey(keyOf(saidPhonemes(reading, accent))) === heardKey(keyOf(sounds)));
  const { whole, parts } = spokenIn(item);
  for (const spoken of whole) {
    if (spoken.isWord) {
      const taught = { gpcs: new Map(), patterns: new Set<never>(), words: new Set<string>(), accent };
      const refusal = refusalOf(spoken.text, { taught, never, allowLists }, lexicon, "ears-only");
      if (refusal?.code === "unsuitable" || refusal?.code === "never-list")
        return { code: "unsuitable", word: spoken.text };
      if (!isSaidSo(spoken)) return { code: "not-that-word", text: spoken.text };
    }
    if (!rude.maySay(keyOf(spoken.sounds))) return { code: "sounds-unsuitable", text: spoken.text };
  }
  for (const part of parts)
    if (part.sounds.length > 1 && !rude.mayBePart(keyOf(part.sounds)))
      return { code: "sounds-unsuitable", text: part.text };
  return undefined;
}
