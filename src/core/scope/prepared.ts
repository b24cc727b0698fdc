import { CONTRACTIONS } from "../../data/lexicon/contractions.ts";
import { getOrMake } from "../get-or-make.ts";
import { AFFIXES, derivationOf } from "../lexicon/affixes.ts";
import { ENDINGS } from "../lexicon/endings.ts";
import { type Inflection, inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { sameSoundReadings } from "../lexicon/readings.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import type { UnitPlace } from "../spelling/taught-gpcs.ts";
import { hasOneU, teachingKey } from "../spelling/teaching-key.ts";
import { coversOf } from "./pattern-covers.ts";
import type { Pattern } from "./patterns.ts";
import { type AnyOf, patternsOfBase } from "./patterns-needed.ts";
import type { TaughtSet } from "./taught-set.ts";

/** One correspondence that a way of reading a word needs. */
export interface NeededUnit {
  /** Its index in the word's segmentation; -1 where it is the base's (the a-e of making). */
  readonly unit: number;
  readonly grapheme: string;
  readonly phonemes: readonly string[];
  /** `teachingKey`. */
  readonly key: string;
  readonly place: UnitPlace;
  /** Patterns that read it as well. */
  readonly coveredBy: readonly Pattern[];
}

/** What one way of reading a word needs of a taught set: looked up thousands of times, worked out once. */
export interface Needs {
  readonly reading: Segmentation;
  /** All of it as indices into `NEEDS`: correspondences in the order of the word, then patterns. */
  readonly indices: readonly number[];
}

/** Everything that some word needs, each once: a few thousand things, where the words that need them are tens of thousands. */
const NEEDS: (NeededUnit | AnyOf)[] = [];
const INDEX_OF = new Map<string, number>();

function indexOf(need: NeededUnit | AnyOf): number {
  // Two that are taught as one are still two: what is missing is told as the word has it.
  const name = isAnyOf(need) ? need.join(" ") : Object.values(need).join(" ");
  return getOrMake(INDEX_OF, name, () => NEEDS.push(need) - 1);
}

const isAnyOf = (need: NeededUnit | AnyOf): need is AnyOf => Array.isArray(need);
const isNeededUnit = (need: NeededUnit | AnyOf): need is NeededUnit => !isAnyOf(need);
const needAt = (index: number) => NEEDS[index] as NeededUnit | AnyOf;

/** The correspondences that a way of reading needs, in the order of the word. */
export const unitsNeeded = ({ indices }: Needs): NeededUnit[] => indices.map(needAt).filter(isNeededUnit);

/** The patterns that a way of reading needs: of each of these one has to be taught. */
export const patternsNeeded = ({ indices }: Needs): AnyOf[] => indices.map(needAt).filter(isAnyOf);

/** What a word has on, and how many of its units that is. */
interface PutOn {
  readonly pattern: Pattern;
  readonly atStart: number;
  readonly atEnd: number;
}

/**
 * The needs of one segmentation, as it is spelled. The units of what it has on are read by its pattern, and letters
 * with an apostrophe by theirs. Either side of a compound's seam a unit ends or starts a word.
 *
 * @param inflection the ending it has on, where it is a form of another word
 */
export function needsOf(
  reading: Segmentation,
  inflection: Inflection | undefined,
  accent: AccentSettings = GENERAL_AMERICAN,
): Needs {
  const ending = inflection && ENDINGS[inflection.ending];
  return needsAsSpelled(reading, accent, ending && { pattern: ending.pattern, atStart: 0, atEnd: ending.units });
}

function needsAsSpelled(reading: Segmentation, accent: AccentSettings, on?: PutOn, isPossessive = false): Needs {
  const { seam, units } = reading;
  const apostrophe = reading.word.includes("'");
  const plain = apostrophe ? units.filter(({ grapheme }) => !grapheme.includes("'")) : units;
  const base = on ? plain.slice(on.atStart, plain.length - on.atEnd) : plain;
  const indices = base.map((unit, n) => {
    const k = apostrophe ? units.indexOf(unit) : n + (on?.atStart ?? 0);
    const endsWord = n === base.length - 1 || (seam !== undefined && units[k + 1]?.letters[0] === seam);
    return indexOfUnit(reading, accent, k, endsWord ? "end" : n === 0 || unit.letters[0] === seam ? "start" : "inside");
  });
  if (on) indices.push(indexOf([on.pattern]));
  for (const group of patternsOfBase(reading, base)) indices.push(indexOf(group));
  if (apostrophe) indices.push(indexOf([isPossessive ? "possessive" : "contraction"]));
  return { reading, indices };
}

/** Of a unit that no pattern reads, its index in `NEEDS`, by where it stands: words share their units. */
type ByPlace = Map<number, number>;
const INDEX_OF_UNIT = new WeakMap<Unit, ByPlace>();
const INDEX_OF_UNIT_WITH_ONE_U = new WeakMap<Unit, ByPlace>();
const PLACES: readonly UnitPlace[] = ["start", "inside", "end"];

function indexOfUnit(reading: Segmentation, accent: AccentSettings, k: number, place: UnitPlace): number {
  const unit = reading.units[k] as Unit;
  const coveredBy = coversOf(reading, k);
  const { grapheme, phonemes } = unit;
  const make = () =>
    indexOf({ unit: k, grapheme, phonemes, key: teachingKey(grapheme, phonemes, accent), place, coveredBy });
  if (coveredBy.length > 0) return make();
  const known = hasOneU(accent) ? INDEX_OF_UNIT_WITH_ONE_U : INDEX_OF_UNIT;
  return getOrMake(
    getOrMake(known, unit, () => new Map()),
    k * PLACES.length + PLACES.indexOf(place),
    make,
  );
}

/** How a base was changed when something was put on (drop e, double the consonant, y to i); undefined when it was not. */
function changeOf(word: string, base: string, letters: string): Pattern | undefined {
  const bare = word.slice(0, -letters.length);
  if (bare === base) return undefined;
  if (`${bare}e` === base) return "drop-e";
  if (bare === `${base}${base.at(-1)}`) return "double-consonant";
  if (base.endsWith("y")) return "y-to-i";
  return undefined;
}

/** A word read as its base, what was put on, and how the base was changed for it: making is make, drop e, -ing. */
function needsByBase(
  word: string,
  base: LexiconWord,
  letters: string,
  pattern: Pattern,
  reading: Segmentation,
  accent: AccentSettings,
): Needs | undefined {
  const change = changeOf(word, base.word, letters);
  if (!change) return undefined;
  const ofBase = needsAsSpelled(base.readings[0], accent);
  const units = unitsNeeded(ofBase).map((unit) => ({ ...unit, unit: -1 }));
  return { reading, indices: [...units, [pattern], [change], ...patternsNeeded(ofBase)].map(indexOf) };
}

/** The ways to read a word: as it is spelled, and by its base; the second is worked out when the first does not do. */
interface Ways {
  readonly asSpelled: readonly Needs[];
  byBase?: readonly Needs[];
}

const PREPARED = new WeakMap<LexiconWord, Ways>();

function waysTo(entry: LexiconWord, lexicon: Lexicon): Ways {
  let ways = PREPARED.get(entry);
  if (!ways) {
    ways = { asSpelled: asSpelled(entry, lexicon) };
    PREPARED.set(entry, ways);
  }
  return ways;
}

function byBaseOf(entry: LexiconWord, ways: Ways, lexicon: Lexicon): readonly Needs[] {
  ways.byBase ??= byBase(entry, lexicon);
  return ways.byBase;
}

/** The needs of every way to read a word's leading sound: one of them met is enough. */
export function preparedNeeds(entry: LexiconWord, lexicon: Lexicon): readonly Needs[] {
  const ways = waysTo(entry, lexicon);
  return [...ways.asSpelled, ...byBaseOf(entry, ways, lexicon)];
}

/** The first way of reading a word that a taught set allows. */
export function wayMet(entry: LexiconWord, taught: TaughtSet, lexicon: Lexicon): Needs | undefined {
  return firstMet(entry, waysTo(entry, lexicon), metBy(taught), lexicon);
}

function firstMet(entry: LexiconWord, ways: Ways, isMet: IsMet, lexicon: Lexicon): Needs | undefined {
  for (const needs of ways.asSpelled) if (isMet(needs)) return needs;
  for (const needs of byBaseOf(entry, ways, lexicon)) if (isMet(needs)) return needs;
  return undefined;
}

function asSpelled(entry: LexiconWord, lexicon: Lexicon): Needs[] {
  const { word } = entry;
  const { accent } = lexicon;
  const possessive = word.endsWith("'s") && !CONTRACTIONS.includes(word);
  const inflection = inflectionOf(word, lexicon);
  return sameSoundReadings(entry).map((reading) =>
    possessive ? needsAsSpelled(reading, accent, undefined, true) : needsOf(reading, inflection, accent),
  );
}

function byBase(entry: LexiconWord, lexicon: Lexicon): Needs[] {
  const { word } = entry;
  const { accent } = lexicon;
  const readings = sameSoundReadings(entry);
  const inflection = inflectionOf(word, lexicon);
  const derivation = inflection ? undefined : derivationOf(word, lexicon);
  const ways: Needs[] = [];
  const [lead] = readings as readonly [Segmentation, ...Segmentation[]];
  const base = lexicon.get(inflection?.base ?? derivation?.base ?? "");
  if (inflection && base) {
    const letters = inflection.ending === "s" && word.endsWith("ies") ? "es" : inflection.ending;
    const pattern = ENDINGS[letters === "es" ? "es" : inflection.ending].pattern;
    const byBase = needsByBase(word, base, letters, pattern, lead, accent);
    if (byBase) ways.push(byBase);
  }
  if (derivation && base) {
    const { letters, at, units, pattern } = AFFIXES[derivation.affix];
    const on: PutOn = { pattern, atStart: at === "start" ? units : 0, atEnd: at === "end" ? units : 0 };
    for (const reading of readings) ways.push(needsAsSpelled(reading, accent, on));
    const byBase = at === "end" ? needsByBase(word, base, letters, pattern, lead, accent) : undefined;
    if (byBase) ways.push(byBase);
  }
  return ways;
}

type IsMet = (needs: Needs) => boolean;
const MET = new WeakMap<TaughtSet, IsMet>();
let last: { readonly taught: TaughtSet; readonly isMet: IsMet } | undefined;

/** Asks whether everything that a way of reading needs is taught: each thing is looked up once for a taught set. */
function metBy(taught: TaughtSet): IsMet {
  if (last?.taught === taught) return last.isMet;
  const isMet = MET.get(taught) ?? makeIsMet(taught);
  MET.set(taught, isMet);
  last = { taught, isMet };
  return isMet;
}

function makeIsMet(taught: TaughtSet): IsMet {
  const met: (boolean | undefined)[] = [];
  const look = (index: number): boolean => {
    const need = needAt(index);
    const isThere = isAnyOf(need) ? need.some((pattern) => taught.patterns.has(pattern)) : isTaught(need, taught);
    met[index] = isThere;
    return isThere;
  };
  return ({ indices }) => {
    for (const index of indices) if (!(met[index] ?? look(index))) return false;
    return true;
  };
}

/** Is a unit taught for its place, or read by a pattern that is? */
export function isTaught({ key, place, coveredBy }: NeededUnit, taught: TaughtSet): boolean {
  const places = taught.gpcs.get(key);
  if (places === "any" || places?.has(place)) return true;
  return !taught.takenAway?.has(key) && coveredBy.some((pattern) => taught.patterns.has(pattern));
}

const SHOWN = new WeakMap<LexiconWord, ReadonlySet<Pattern>>();

/** Every pattern that a word shows, whether it needs it taught or not: what a chain for a pattern is made of. */
export function patternsIn(entry: LexiconWord, lexicon: Lexicon): ReadonlySet<Pattern> {
  let shown = SHOWN.get(entry);
  if (!shown) {
    const needs = preparedNeeds(entry, lexicon);
    const found = new Set(
      needs.flatMap((way) => [...patternsNeeded(way).flat(), ...unitsNeeded(way).flatMap((unit) => unit.coveredBy)]),
    );
    // A base of one syllable with something on is no word of two syllables to teach them by.
    if ([...found].some((pattern) => /^(?:suffix|prefix)-/.test(pattern)) && entry.syllables === 2)
      found.add("suffixed-two-syllables");
    shown = found;
    SHOWN.set(entry, shown);
  }
  return shown;
}
