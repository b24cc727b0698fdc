import { FUNCTION_WORDS } from "../../data/lexicon/function-words.ts";
import { refusalOf } from "../chains/allowed-words.ts";
import { getOrMake } from "../get-or-make.ts";
import type { KeptOutList } from "../lexicon/kept-out-lists.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { hasPicture } from "../lexicon/pictures.ts";
import { seededRandom } from "../random/seeded-random.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { type HeardWord, heardKey, heardWords } from "./heard.ts";
import type { Spoken } from "./item.ts";
import { type RudeSounds, rudeSounds } from "./rude.ts";
import type { OralSource } from "./skills.ts";

export interface OralRules {
  /** The accent the school hears. */
  readonly accent: AccentSettings;
  /** Today's words: the chain or the set they will read later. */
  readonly words: readonly string[];
  readonly source?: OralSource;
  readonly never?: readonly string[];
  readonly allowLists?: readonly KeptOutList[];
  /** Same seed, same items. */
  readonly seed: number;
}

/** The words items are made of, in the order in which they are to be used. */
export interface OralPool {
  readonly lexicon: Lexicon;
  readonly rude: RudeSounds;
  readonly words: readonly HeardWord[];
  readonly isToday: (word: HeardWord) => boolean;
  /** Other words of the pool that rhyme with it. */
  rhyming(word: HeardWord): readonly HeardWord[];
  /** Words that rhyme with it among all that children hear often, whatever the items are made of. */
  rhymesHeard(word: HeardWord): readonly HeardWord[];
  /** Words with its vowel and as many sounds, and another ending. */
  nearMisses(word: HeardWord): readonly HeardWord[];
  /** The commonest word of the pool with these sounds. */
  bySound(heard: readonly string[]): HeardWord | undefined;
  /** Words of the pool that differ from this one in the sound at an index alone. */
  changedAt(word: HeardWord, at: number): readonly HeardWord[];
  /** Words of the pool that are this one with a sound put in at an index. */
  withOneMore(word: HeardWord, where: "beginning" | "end"): readonly HeardWord[];
}

/** Others are not known by children of that age. */
const LEAST_FAMILIAR = 3;
/** A word with a picture comes before others: by ear a child has to know what is meant. */
const PICTURED = -1;
/** How far chance moves a word: a familiarity of 2 may come before a 1, or every day brings the same few words. */
const SPREAD = 3;
const ODD = 4;
const LITTLE_WORD = 6;
const ODD_WORD = 3;
const NO_TAUGHT: TaughtSet["words"] = new Set();

/** @param lexicon in the rules' accent */
export function oralPool(rules: OralRules, lexicon: Lexicon): OralPool {
  const random = seededRandom(rules.seed);
  const known = heardWords(lexicon);
  const { rude, mayUse, heardOften } = usableWords(rules, lexicon);
  const named = new Set(rules.source === "heard-often" ? [] : rules.words);
  const today = [...named].flatMap((word) => {
    const heard = known.get(word);
    return heard && mayUse(heard) ? [heard] : [];
  });
  const often = heardOften.filter(({ word }) => !named.has(word));
  // Within a band chance decides, so that another day brings other words.
  const shuffled = (words: readonly HeardWord[]) =>
    words
      .map((word) => ({ word, rank: rankOf(word, rules.accent) + random() * SPREAD }))
      .sort((a, b) => a.rank - b.rank)
      .map(({ word }) => word);
  const everyday = shuffled(often);
  const words = [...shuffled(today), ...(rules.source === "today-only" ? [] : everyday)];

  // No sheet asks for all of these: each is put together when it is asked for.
  const byRime = indexed(words, (word) => [rimeKey(word)]);
  const rhymesAtLarge = indexed([...today, ...everyday], (word) => [rimeKey(word)]);
  const byVowel = indexed(words, (word) => [vowelKey(word)]);
  const bySound = indexed(words, ({ heard }) => [heardKey(heard)]);
  const byHole = indexed(words, ({ plain, heard }) => (plain ? heard.map((_, at) => holeKey(heard, at)) : []));
  const byRest = indexed(words, ({ plain, heard }) =>
    plain ? [`beginning ${heardKey(heard.slice(1))}`, `end ${heardKey(heard.slice(0, -1))}`] : [],
  );
  return {
    lexicon,
    rude,
    words,
    isToday: ({ word }) => named.has(word),
    rhyming: (word) => byRime(rimeKey(word)).filter((other) => !soundsSame(word, other)),
    rhymesHeard: (word) => rhymesAtLarge(rimeKey(word)).filter((other) => !soundsSame(word, other)),
    nearMisses: (word) =>
      byVowel(vowelKey(word)).filter(
        (other) => rimeKey(other) !== rimeKey(word) && other.sounds.length === word.sounds.length,
      ),
    bySound: (heard) => bySound(heardKey(heard))[0],
    changedAt: (word, at) => byHole(holeKey(word.heard, at)).filter((other) => other.heard[at] !== word.heard[at]),
    withOneMore: (word, where) => byRest(`${where} ${heardKey(word.heard)}`),
  };
}

interface Usable {
  readonly key: string;
  readonly rude: RudeSounds;
  readonly mayUse: (word: HeardWord) => boolean;
  /** Words children hear often, commonest first. */
  readonly heardOften: readonly HeardWord[];
}

const LAST_USABLE = new WeakMap<Lexicon, Usable>();

/** What a school lets be said; the same for every sheet until it changes its mind, so that the last answer is kept. */
function usableWords(rules: OralRules, lexicon: Lexicon): Usable {
  const allowLists = rules.allowLists ?? [];
  const key = JSON.stringify([allowLists, rules.never ?? []]);
  const last = LAST_USABLE.get(lexicon);
  if (last?.key === key) return last;
  const rude = rudeSounds(lexicon, rules);
  const never = new Set(rules.never);
  const taught: TaughtSet = { gpcs: new Map(), patterns: new Set(), words: NO_TAUGHT, accent: rules.accent };
  const mayUse = ({ word, heard }: HeardWord) =>
    !never.has(word) &&
    refusalOf(word, { taught, allowLists }, lexicon, "ears-only") === undefined &&
    rude.maySay(heard);
  const heardOften = [...heardWords(lexicon).values()].filter(
    (word) => word.entry.familiarity <= LEAST_FAMILIAR && !word.entry.isCapital && mayUse(word),
  );
  const usable = { key, rude, mayUse, heardOften };
  LAST_USABLE.set(lexicon, usable);
  return usable;
}

/** Looks words up by keys, in their order; the index is made at the first look. */
function indexed(words: readonly HeardWord[], keysOf: (word: HeardWord) => readonly string[]) {
  let index: Map<string, HeardWord[]> | undefined;
  return (key: string): readonly HeardWord[] => {
    if (!index) {
      index = new Map();
      for (const word of words)
        for (const its of keysOf(word)) {
          const list = index.get(its);
          if (list) list.push(word);
          else index.set(its, [word]);
        }
    }
    return index.get(key) ?? [];
  };
}

const RANKS = new WeakMap<HeardWord, number>();

/** Which words come first, but for chance: the least first. */
function rankOf(word: HeardWord, { accent }: AccentSettings): number {
  return getOrMake(
    RANKS,
    word,
    () => 2 * word.entry.familiarity + (hasPicture(word.word, accent) ? PICTURED : 0) + burdenOf(word),
  );
}

/** Little words, and words whose letters are odd to look at in parts, come after the others. */
function burdenOf({ word, reading }: HeardWord): number {
  const odd = reading.units.some(({ commonness }) => commonness >= ODD);
  return (FUNCTION_WORDS.has(word) ? LITTLE_WORD : 0) + (odd ? ODD_WORD : 0);
}

/** Key of the sounds from the vowel on; words that rhyme have the same. */
export const rimeKey = ({ heard, vowel }: HeardWord): string => heardKey(heard.slice(vowel));
const vowelKey = ({ heard, vowel }: HeardWord): string => heard[vowel] as string;
const soundsSame = (a: HeardWord, b: HeardWord): boolean => heardKey(a.heard) === heardKey(b.heard);

const holeKey = (heard: readonly string[], at: number): string =>
  `${at} ${heardKey(heard.map((sound, k) => (k === at ? "_" : sound)))}`;

/** A heard word as something the teacher can say. */
export const spokenWord = ({ word, sounds }: HeardWord): Spoken => ({ sounds, text: word, isWord: true });

/**
 * Sounds `from` up to `to` of a plain word, as a part with the letters it has there.
 *
 * @param from index of the first sound, from 0
 * @param to index after the last sound
 */
export function spokenPart({ sounds, reading }: HeardWord, from: number, to: number): Spoken {
  const units = reading.units.slice(from, to);
  return { sounds: sounds.slice(from, to), text: units.map(({ grapheme }) => grapheme).join(""), isWord: false };
}
