import { getOrMake } from "../../get-or-make.ts";
import { isFit } from "../../lexicon/kept-out-lists.ts";
import type { Familiarity, Lexicon, LexiconWord } from "../../lexicon/lexicon.ts";
import { hasSoundAlike } from "../../lexicon/sound-alikes.ts";
import { makeNonsense } from "../../nonsense/make-nonsense.ts";
import { hasTwoReadings, isDecodable } from "../../scope/decodable.ts";
import type { TaughtSet } from "../../scope/taught-set.ts";
import { ONE_TAP_A_SOUND } from "../../spelling/taps.ts";
import { tileNeeds } from "../../spelling/tile-count.ts";
import { graphemeOfKey } from "../../spelling/unit-key.ts";
import { nonsenseEntry } from "../entry-of.ts";
import type { ChainRequest } from "../request.ts";

/** Words that children know by seven come first. */
export const FAMILIAR: Familiarity = 2;
/** Nonsense words made for one plan. */
const NONSENSE_SUPPLY = 300;

/** Is the chain heard only, so that letters do not count? */
export const isEarsOnly = ({ mode }: Pick<ChainRequest, "mode">): boolean => mode === "ears-only";

/** Can a word be built from the box? Undefined box: yes. */
export function fitsTheBox(entry: LexiconWord, { tiles, taps }: Pick<ChainRequest, "tiles" | "taps">): boolean {
  if (!tiles) return true;
  return [...tileNeeds(entry.readings[0], taps ?? ONE_TAP_A_SOUND)].every(
    ([grapheme, count]) => (tiles[grapheme] ?? 0) >= count,
  );
}

/**
 * May the planner use this word of the list of its own accord? Decodable, suitable, said in one way, more than a letter;
 * by ear not to be taken for another word; common enough; in the box. A word the teacher names need only be
 * showable (`refusalOf`).
 */
export function isCandidate(entry: LexiconWord, request: ChainRequest, lexicon: Lexicon): boolean {
  const { leastFamiliar = FAMILIAR, taught } = request;
  return (
    entry.familiarity <= leastFamiliar &&
    isClear(entry) &&
    (isEarsOnly(request) || isDecodable(entry, taught, lexicon)) &&
    isAsRequested(entry, request, lexicon)
  );
}

/** `isCandidate` for most words of the list: which are clear and can be decoded is worked out once for a taught set. */
export function candidateTest(request: ChainRequest, lexicon: Lexicon): (entry: LexiconWord) => boolean {
  const { leastFamiliar = FAMILIAR } = request;
  const clear: ReadonlySet<LexiconWord>[] = [];
  return (entry) => {
    const level = entry.familiarity;
    if (level > leastFamiliar) return false;
    clear[level] ??= clearWords(request, lexicon, level);
    return clear[level].has(entry) && isAsRequested(entry, request, lexicon);
  };
}

/** What only this request asks of a word. */
const isAsRequested = (entry: LexiconWord, request: ChainRequest, lexicon: Lexicon): boolean =>
  isFit(entry.suitability, request) &&
  (request.mode !== "building" || !hasSoundAlike(entry.word, lexicon)) &&
  fitsTheBox(entry, request);

type ByLevel = Map<Familiarity, ReadonlySet<LexiconWord>>;
const CLEAR = new WeakMap<Lexicon, ByLevel>();
const CLEAR_AND_TAUGHT = new WeakMap<TaughtSet, WeakMap<Lexicon, ByLevel>>();
const DECODABLE = new WeakMap<TaughtSet, WeakMap<Lexicon, ByLevel>>();

/**
 * The words of one level of familiarity of which a plan asks nothing but what its own request says; those of a taught
 * set unless it is by ear. Worked out once, a level when it is first asked for: most plans need only two of four.
 */
function clearWords(request: ChainRequest, lexicon: Lexicon, level: Familiarity): ReadonlySet<LexiconWord> {
  const byLevel = isEarsOnly(request)
    ? getOrMake(CLEAR, lexicon, newLevels)
    : getOrMake(getOrMake(CLEAR_AND_TAUGHT, request.taught, newLists), lexicon, newLevels);
  return getOrMake(byLevel, level, () => {
    const words = isEarsOnly(request) ? lexicon.words : decodableOfLevel(request.taught, lexicon, level);
    return new Set([...words].filter((entry) => entry.familiarity === level && isClear(entry)));
  });
}

function decodableOfLevel(taught: TaughtSet, lexicon: Lexicon, level: Familiarity): ReadonlySet<LexiconWord> {
  const byLevel = getOrMake(getOrMake(DECODABLE, taught, newLists), lexicon, newLevels);
  return getOrMake(
    byLevel,
    level,
    () => new Set(lexicon.words.filter((entry) => entry.familiarity === level && isDecodable(entry, taught, lexicon))),
  );
}

const newLevels = (): ByLevel => new Map();
const newLists = () => new WeakMap<Lexicon, ByLevel>();

/** Said in one way, cut in one way, no name and no single letter. */
const isClear = (entry: LexiconWord): boolean =>
  entry.word.length > 1 && !entry.isCapital && !hasTwoReadings(entry) && !hasPartedR(entry);

const BLURRED_BY_R = new Set(["ʌ", "ə", "iː", "uː"]);

/** Is a vowel parted from an r that many hear as one with it (hurry, around, hero)? Nobody agrees where such a word is cut. */
function hasPartedR({ readings }: LexiconWord): boolean {
  const { units } = readings[0];
  return units.some(
    ({ phonemes }, k) =>
      phonemes[0] === "r" && units[k + 1]?.slot === "nucleus" && BLURRED_BY_R.has(units[k - 1]?.phonemes[0] ?? ""),
  );
}

const ALL_DECODABLE = new WeakMap<TaughtSet, WeakMap<Lexicon, ReadonlySet<LexiconWord>>>();

/** The words a group can decode, in the order of the list, worked out once for a taught set. */
export function decodableIn(taught: TaughtSet, lexicon: Lexicon): ReadonlySet<LexiconWord> {
  const byLexicon = getOrMake(ALL_DECODABLE, taught, () => new WeakMap<Lexicon, ReadonlySet<LexiconWord>>());
  return getOrMake(
    byLexicon,
    lexicon,
    () => new Set(lexicon.words.filter((entry) => decodableOfLevel(taught, lexicon, entry.familiarity).has(entry))),
  );
}

const NONSENSE = new WeakMap<TaughtSet, Map<string, readonly LexiconWord[]>>();

/** Nonsense words for a plan, in the form of list entries. The same seed gives the same ones. */
export function nonsenseFor({ taught, seed, tiles }: ChainRequest, lexicon: Lexicon): readonly LexiconWord[] {
  const known = getOrMake(NONSENSE, taught, () => new Map<string, readonly LexiconWord[]>());
  const inBox = tiles && Object.keys(tiles).filter((tile) => (tiles[tile] ?? 0) > 0);
  const key = `${lexicon.version} ${seed} ${inBox ?? ""}`;
  const shapes = ["CVC", "CVC", "CCVC", "CVCC"] as const;
  return getOrMake(known, key, () =>
    makeNonsense(
      { taught: inBox ? ofTiles(taught, inBox) : taught, count: NONSENSE_SUPPLY, seed, shapes },
      lexicon,
    ).map(({ word, reading }) => nonsenseEntry(word, reading)),
  );
}

/** A taught set without what no tile of the box spells: all words made of it then fit the box. */
function ofTiles(taught: TaughtSet, tiles: readonly string[]): TaughtSet {
  return { ...taught, gpcs: new Map([...taught.gpcs].filter(([key]) => tiles.includes(graphemeOfKey(key)))) };
}
