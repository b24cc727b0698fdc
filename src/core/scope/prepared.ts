import { CONTRACTIONS } from "../../data/lexicon/contractions.ts";
import { getOrMake } from "../get-or-make.ts";
import { LazyList } from "../lazy-list.ts";
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

/**
 * What one way of reading a word needs of a taught set: looked up thousands of times, worked out once, and only as far as
 * the first thing that is not taught. Of a list of 20,000 words most fail at the first or the second.
 */
export interface Needs {
  readonly reading: Segmentation;
  /** All of it as indices into `NEEDS`: the pattern of what the word has on, correspondences in the order of the word, other patterns. */
  readonly indices: LazyList<number>;
}

const needs = (reading: Segmentation, indices: Iterator<number>): Needs => ({
  reading,
  indices: new LazyList(indices),
});

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
export const unitsNeeded = ({ indices }: Needs): NeededUnit[] => indices.all().map(needAt).filter(isNeededUnit);

/** The patterns that a way of reading needs: of each of these one has to be taught. */
export const patternsNeeded = ({ indices }: Needs): AnyOf[] => indices.all().map(needAt).filter(isAnyOf);

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
  return needs(reading, indicesAsSpelled(reading, accent, inflection && endingOf(inflection)));
}

function endingOf({ ending }: Inflection): PutOn {
  const { pattern, units } = ENDINGS[ending];
  return { pattern, atStart: 0, atEnd: units };
}

function* indicesAsSpelled(
  reading: Segmentation,
  accent: AccentSettings,
  on?: PutOn,
  isPossessive = false,
): Generator<number> {
  if (on) yield indexOf([on.pattern]);
  const { seam, units } = reading;
  const apostrophe = reading.word.includes("'");
  const plain = apostrophe ? units.filter(({ grapheme }) => !grapheme.includes("'")) : units;
  const base = on ? plain.slice(on.atStart, plain.length - on.atEnd) : plain;
  for (let n = 0; n < base.length; n++) {
    const unit = base[n] as Unit;
    const k = apostrophe ? units.indexOf(unit) : n + (on?.atStart ?? 0);
    const endsWord = n === base.length - 1 || (seam !== undefined && units[k + 1]?.letters[0] === seam);
    const place = endsWord ? "end" : n === 0 || unit.letters[0] === seam ? "start" : "inside";
    yield indexOfUnit(reading, accent, k, place);
  }
  for (const group of patternsOfBase(reading, base)) yield indexOf(group);
  if (apostrophe) yield indexOf([isPossessive ? "possessive" : "contraction"]);
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
function* indicesByBase(base: LexiconWord, pattern: Pattern, change: Pattern, accent: AccentSettings) {
  yield indexOf([pattern]);
  yield indexOf([change]);
  for (const index of indicesAsSpelled(base.readings[0], accent)) {
    const need = needAt(index);
    yield isAnyOf(need) ? index : indexOf({ ...need, unit: -1 });
  }
}

const PREPARED = new WeakMap<LexiconWord, LazyList<Needs>>();

/** The ways to read a word: as it is spelled, and by its base. */
const waysTo = (entry: LexiconWord, lexicon: Lexicon): LazyList<Needs> =>
  getOrMake(PREPARED, entry, () => new LazyList(eachWay(entry, lexicon)));

function* eachWay(entry: LexiconWord, lexicon: Lexicon): Generator<Needs> {
  const inflection = inflectionOf(entry.word, lexicon);
  yield* asSpelled(entry, inflection, lexicon);
  if (inflection) yield* byInflectedBase(entry, inflection, lexicon);
  else yield* byDerivedBase(entry, lexicon);
}

/** The needs of every way to read a word's leading sound: one of them met is enough. */
export const preparedNeeds = (entry: LexiconWord, lexicon: Lexicon): readonly Needs[] => waysTo(entry, lexicon).all();

/** The first way of reading a word that a taught set allows. */
export function wayMet(entry: LexiconWord, taught: TaughtSet, lexicon: Lexicon): Needs | undefined {
  const isMet = metBy(taught);
  return waysTo(entry, lexicon).find(({ indices }) => indices.every(isMet));
}

function* asSpelled(entry: LexiconWord, inflection: Inflection | undefined, { accent }: Lexicon): Generator<Needs> {
  const { word } = entry;
  const possessive = word.endsWith("'s") && !CONTRACTIONS.includes(word);
  for (const reading of sameSoundReadings(entry))
    yield possessive
      ? needs(reading, indicesAsSpelled(reading, accent, undefined, true))
      : needsOf(reading, inflection, accent);
}

function* byInflectedBase(entry: LexiconWord, { base, ending }: Inflection, lexicon: Lexicon): Generator<Needs> {
  const { word, readings } = entry;
  const baseEntry = lexicon.get(base);
  if (!baseEntry) return;
  const letters = ending === "s" && word.endsWith("ies") ? "es" : ending;
  const change = changeOf(word, base, letters);
  const { pattern } = ENDINGS[letters];
  if (change) yield needs(readings[0], indicesByBase(baseEntry, pattern, change, lexicon.accent));
}

function* byDerivedBase(entry: LexiconWord, lexicon: Lexicon): Generator<Needs> {
  const { word, readings } = entry;
  const { accent } = lexicon;
  const derivation = derivationOf(word, lexicon);
  const base = derivation && lexicon.get(derivation.base);
  if (!base) return;
  const { letters, at, units, pattern } = AFFIXES[derivation.affix];
  const on: PutOn = { pattern, atStart: at === "start" ? units : 0, atEnd: at === "end" ? units : 0 };
  for (const reading of sameSoundReadings(entry)) yield needs(reading, indicesAsSpelled(reading, accent, on));
  const change = at === "end" ? changeOf(word, base.word, letters) : undefined;
  if (change) yield needs(readings[0], indicesByBase(base, pattern, change, accent));
}

type IsMet = (index: number) => boolean;
const MET = new WeakMap<TaughtSet, IsMet>();
let last: { readonly taught: TaughtSet; readonly isMet: IsMet } | undefined;

/** Asks whether something of `NEEDS` is taught: each thing is looked up once for a taught set. */
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
  return (index) => met[index] ?? look(index);
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
    const found = new Set(
      preparedNeeds(entry, lexicon).flatMap((way) => [
        ...patternsNeeded(way).flat(),
        ...unitsNeeded(way).flatMap((unit) => unit.coveredBy),
      ]),
    );
    // A base of one syllable with something on is no word of two syllables to teach them by.
    if ([...found].some((pattern) => /^(?:suffix|prefix)-/.test(pattern)) && entry.syllables === 2)
      found.add("suffixed-two-syllables");
    shown = found;
    SHOWN.set(entry, shown);
  }
  return shown;
}
