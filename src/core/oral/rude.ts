import { SEVERE } from "../../data/lexicon/severe.ts";
import { type AllowedLists, isFit, KEPT_OUT_LIST_IDS, type KeptOutList } from "../lexicon/kept-out-lists.ts";
import type { Lexicon, UnsuitableEntry } from "../lexicon/lexicon.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { heardAs } from "../sounds/sound-class.ts";
import { decodings } from "../spelling/decode/decode.ts";
import { saidPhonemes } from "../spelling/said.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { heardKey, heardWords } from "./heard.ts";

/** What a class must not be made to say, by sound: `grape` without its g, `grass` in two parts. */
export interface RudeSounds {
  /** May a word, or what is left of one, be said aloud? */
  maySay(heard: readonly string[]): boolean;
  /** May these sounds be said on their own as a part of a word? */
  mayBePart(heard: readonly string[]): boolean;
  /** Would looking for a rhyme lead to a rude word? */
  leadsToRude(rime: readonly string[]): boolean;
}

/** Words so common that nobody hears the other one in them (come). */
const EVERYDAY_BAND = 2;
const KNOWN_BAND = 3;
/** Rules alone do not know which reading of `damn` is the one: the first few are all kept from. */
const READINGS = 5;

/**
 * @param rules.allowLists lists whose words may be said
 * @param rules.never the school's own words to keep out
 */
export function rudeSounds(
  lexicon: Lexicon,
  rules: AllowedLists & { readonly never?: readonly string[] } = {},
): RudeSounds {
  const { never, lists, severeRimes } = known(lexicon);
  const own = new Set((rules.never ?? []).flatMap((word) => readingsOf(word, lexicon).map((r) => keyOf(r, lexicon))));
  const said = commonest(lexicon);
  return {
    maySay(heard) {
      const key = heardKey(heard);
      const band = said.get(key) ?? Number.POSITIVE_INFINITY;
      if (own.has(key)) return false;
      if (never.has(key)) return band <= EVERYDAY_BAND;
      return isFit(lists.get(key) ?? "suitable", rules) || band <= KNOWN_BAND;
    },
    mayBePart: (heard) => !never.has(heardKey(heard)) && !own.has(heardKey(heard)),
    leadsToRude: (rime) => severeRimes.has(heardKey(rime)),
  };
}

interface Known {
  readonly never: ReadonlySet<string>;
  /** The list that keeps a word of this sound out. */
  readonly lists: ReadonlyMap<string, KeptOutList>;
  readonly severeRimes: ReadonlySet<string>;
}

const KNOWN = new WeakMap<Lexicon, Known>();

function known(lexicon: Lexicon): Known {
  let found = KNOWN.get(lexicon);
  if (!found) {
    const keys = (level: UnsuitableEntry["level"]) =>
      lexicon.unsuitableWords
        .filter((word) => lexicon.unsuitable(word)?.level === level)
        .flatMap((word) => readingsOf(word, lexicon).map((reading) => keyOf(reading, lexicon)));
    const lists = KEPT_OUT_LIST_IDS.flatMap((id) => keys(id).map((key): [string, KeptOutList] => [key, id]));
    const severe = SEVERE.flatMap((word) => readingsOf(word, lexicon, 1));
    const rimes = severe.flatMap((reading) => {
      const heard = heardOf(reading, lexicon);
      const vowels = heard.filter(isVowelClass);
      return vowels.length === 1 ? [heardKey(heard.slice(heard.findIndex(isVowelClass)))] : [];
    });
    found = { never: new Set(keys("never")), lists: new Map(lists), severeRimes: new Set(rimes) };
    KNOWN.set(lexicon, found);
  }
  return found;
}

const isVowelClass = (sound: string): boolean => isVowel(sound);

/** How a word is said: by the list, or, for words kept off it, by rule. */
function readingsOf(word: string, lexicon: Lexicon, most = READINGS): readonly Segmentation[] {
  return lexicon.get(word)?.readings ?? decodings(word, { most });
}

function heardOf(reading: Segmentation, { accent }: Lexicon): string[] {
  const sounds = saidPhonemes(reading, accent);
  return sounds.map((id, k) => heardAs(id, accent, sounds[k + 1])).filter((sound) => sound !== "");
}

const keyOf = (reading: Segmentation, lexicon: Lexicon): string => heardKey(heardOf(reading, lexicon));

const COMMONEST = new WeakMap<Lexicon, ReadonlyMap<string, number>>();

/** The commonest band of a suitable word with these sounds. */
function commonest(lexicon: Lexicon): ReadonlyMap<string, number> {
  let bands = COMMONEST.get(lexicon);
  if (!bands) {
    const found = new Map<string, number>();
    for (const { entry, heard } of heardWords(lexicon).values()) {
      const key = heardKey(heard);
      if (entry.suitability === "suitable" && !found.has(key)) found.set(key, entry.band);
    }
    bands = found;
    COMMONEST.set(lexicon, bands);
  }
  return bands;
}
