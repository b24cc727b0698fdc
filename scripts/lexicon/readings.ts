/** From a dictionary's listings to the readings of a word. */

import { writeReading } from "../../src/core/lexicon/asset.ts";
import { align, cmuPhones } from "../../src/core/spelling/align.ts";
import { gpcById } from "../../src/core/spelling/gpc.ts";
import type { Segmentation, Unit } from "../../src/core/spelling/segmentation.ts";
import { LEADING_READINGS, SHORT_O_BEFORE_R } from "../../src/data/lexicon/leading-readings.ts";
import { WRONG_LISTINGS } from "../../src/data/lexicon/wrong-listings.ts";
import { basesOf } from "./forms.ts";

const syllablesIn = (listing: string) => listing.match(/\d/g)?.length ?? 0;

/**
 * The listings that count as one syllable: the first listing's own syllable count decides, save for
 * -ire and -our words, which the dictionary lists both ways and teachers treat as one.
 */
export function oneSyllableListings(word: string, listings: readonly string[]): string[] {
  const isGlide = /^[^aeiou]*(?:[iy]re|our|oir)[sd]?$/.test(word);
  if (syllablesIn(listings[0] ?? "") !== 1 && !isGlide) return [];
  // Tire and fired are listed only with two: the weak vowel is the glide before the r.
  const said = isGlide ? listings.map((listing) => listing.replace(/(AY|AW)1 ER0/, "$11 R")) : listings;
  return [...new Set(said)].filter((listing) => syllablesIn(listing) === 1);
}

/** The listings of two syllables, for words whose first listing has two. */
export function twoSyllableListings(listings: readonly string[]): string[] {
  return syllablesIn(listings[0] ?? "") === 2 ? listings.filter((listing) => syllablesIn(listing) === 2) : [];
}

/** Settling and the like are listed with the weak vowel of settle and without: without it comes first. */
export function withoutWeakL(word: string, listings: readonly string[], isWord: (word: string) => boolean): string[] {
  const isLe = /[^aeiou]ling$/.test(word) && isWord(`${word.slice(0, -"ing".length)}e`);
  return isLe ? [...listings].sort((a, b) => syllablesIn(a) - syllablesIn(b)) : [...listings];
}

/** The listings of a word of three or more syllables; empty when its first listing has fewer. */
export function longListings(listings: readonly string[]): string[] {
  return syllablesIn(listings[0] ?? "") >= 3 ? listings.filter((listing) => syllablesIn(listing) >= 3) : [];
}

/** Where a listing says HH W for wh, it is read as W: wh/w is an accent's matter, not a spelling's. */
export const plainWh = (listing: string) => listing.replace(/^HH W /, "W ");

/** What a listing costs more for being the unstressed form of a little word (`to` said "tuh"). */
const WEAK_FORM_COST = 20;
const isWeakForm = (listing: string) => !/[12]/.test(listing);

/** What a word may have on, and the spellings that its base may have without it. */
const SUFFIX = /(?:ings?|ers?|est|ed|able|ish|y)$/;

/** The word that this is with an ending on, and how many letters of it are the base's, its doubled last one among them. */
export interface SuffixedBase {
  readonly base: string;
  readonly letters: number;
}

/** @param saysBase does the word begin with the sounds of this base, by any of its listings? */
export function suffixedBase(
  word: string,
  isWord: (word: string) => boolean,
  saysBase: (base: string) => boolean,
): SuffixedBase | undefined {
  const suffix = SUFFIX.exec(word);
  if (!suffix || NOT_SUFFIXED.has(word)) return undefined;
  const stem = word.slice(0, suffix.index);
  const undoubled = /([a-z])\1$/.test(stem) ? [stem.slice(0, -1)] : [];
  // Story is not store with -y: only some endings take the place of an e.
  const withE = suffix[0] === "y" ? [] : [`${stem}e`];
  const base = [stem, ...undoubled, ...withE].find((one) => one.length > 1 && isWord(one) && saysBase(one));
  return base ? { base, letters: stem.length } : undefined;
}

/** Words that only look as if a base that ends in r had something on. */
const NOT_SUFFIXED: ReadonlySet<string> = new Set(["curry", "during", "error", "every", "livery", "sherry"]);

const isPast = (word: string, isWord: (word: string) => boolean): boolean =>
  word.endsWith("ed") && hasBase(word, isWord);

/** Is this some word with -ed or -es on: of box, hope, hop, cry? */
function hasBase(word: string, isWord: (word: string) => boolean): boolean {
  const bare = word.slice(0, -2);
  const undoubled = /([a-z])\1$/.test(bare) ? bare.slice(0, -1) : bare;
  return [bare, `${bare}e`, undoubled, bare.replace(/i$/, "y")].some((base) => base.length > 1 && isWord(base));
}

/** Is this a word ending in e with -d on (hoped), and not the word without it with -ed on (grilled, of grill)? */
const baseEndsInE = (word: string, isWord: (word: string) => boolean, saysBase: (base: string) => boolean) =>
  word.endsWith("ed") && isWord(word.slice(0, -1)) && !(isWord(word.slice(0, -2)) && saysBase(word.slice(0, -2)));

/** How far behind h·o·p·ed the equally good h·o-e·p·d stands. */
const AFTER_ED_COST = 0.1;

/** `hoped` seen as hope + d: h·o-e·p·d, the equally good alternative to h·o·p·ed. */
function baseAndD(word: string, phones: readonly string[], least: number): Segmentation | undefined {
  const base = align(word.slice(0, -1), phones.slice(0, -1))[0];
  const sound = phones.at(-1) === "T" ? "t" : "d";
  const gpc = gpcById(`d=${sound}`);
  if (!base || !gpc) return undefined;
  const ending: Unit = {
    grapheme: "d",
    letters: [word.length - 1],
    phonemes: gpc.phonemes,
    slot: "coda",
    commonness: gpc.commonness,
  };
  // Hoped is h·o·p·ed first whatever the vowel's own commonness says (liked, wired).
  return { word, units: [...base.units, ending], cost: Math.max(base.cost + 1, least + AFTER_ED_COST) };
}

/** Before one r and a vowel the o of hot is the o of story, but for a list of words, and the u of put that of jury. */
function withLongVowels(reading: Segmentation, phones: string): Segmentation {
  const isLongO = !SHORT_O_BEFORE_R.has(reading.word) && phones.includes("AO R");
  const units = reading.units.map((unit, k): Unit => {
    const [next, after] = [reading.units[k + 1], reading.units[k + 2]];
    if (next?.grapheme !== "r" || after?.slot !== "nucleus") return unit;
    const id = `${unit.grapheme}=${unit.phonemes[0]}`;
    const long = id === "o=ɒ" && isLongO ? gpcById("o=ɔː") : id === "u=ʊ" ? gpcById("u=uː") : undefined;
    return long ? { ...unit, phonemes: long.phonemes, commonness: long.commonness } : unit;
  });
  return { ...reading, units };
}

/** What the readings of a word are worked out from. */
export interface ReadingSources {
  /** Is it a word of the list at large? */
  isWord(word: string): boolean;
  listingsOf(word: string): readonly string[];
  /** The leading reading of a base that was read before. */
  leadOf(word: string): Segmentation | undefined;
}

/** How much better a reading is that agrees with the base's own. */
const LIKE_BASE_GAIN = 30;
const LEADS_GAIN = 100;

/**
 * All readings of a word, the one that leads first: that of the table of leading readings, else the one its base is
 * read in, else the most regular. An -ed word whose base ends in e keeps its other good segmentation (h·o·p·ed and
 * h·o-e·p·d); weak forms come after strong ones. No ending swallows a letter of its base (r·ai·n·ed).
 */
export function readingsOf(word: string, listings: readonly string[], sources: ReadingSources): Segmentation[] {
  const { isWord } = sources;
  const heard = new Map<string, string>();
  for (const listing of listings) {
    const phones = cmuPhones(plainWh(listing)).join(" ");
    const plain = phones.replace(/0/g, "");
    if (!heard.has(phones) && !WRONG_LISTINGS.get(word)?.includes(plain)) heard.set(phones, listing);
  }
  const bases = basesOf(word);
  const leads = bases.flatMap((base) => sources.leadOf(base) ?? []);
  const led = LEADING_READINGS.get(word);
  const readings = [...heard].flatMap(([phones, listing]) => {
    const plain = phones.replace(/0/g, "");
    const saysBase = (base: string) =>
      sources.listingsOf(base).some((said) => plain.startsWith(said.replace(/\d/g, "")));
    const suffixed = suffixedBase(word, isWord, saysBase);
    const keepsR = suffixed && /re?$/.test(suffixed.base) ? suffixed.letters : undefined;
    const whole = keepsR === undefined ? [] : align(word, phones.split(" "), { baseLetters: keepsR });
    const all = whole.length > 0 ? whole : align(word, phones.split(" "));
    // -ed and -es are graphemes only on a base word (hundred is h·u·n·d·r·e·d), and there always.
    const endsIn = (ending: string) => (s: Segmentation) => s.units.at(-1)?.grapheme === ending;
    // Scare keeps its are in scared: sc·are·d.
    const keepsTrigraph = leads.some((lead) => /re$/.test(lead.units.at(-1)?.grapheme ?? ""));
    const past = isPast(word, isWord) && !keepsTrigraph ? all.filter(endsIn("ed")) : [];
    const withEs =
      word.endsWith("es") && hasBase(word, isWord) && /[AI][HX]?0? Z$/.test(phones) ? all.filter(endsIn("es")) : [];
    const allowed =
      past.length > 0
        ? past
        : withEs.length > 0
          ? withEs
          : all.filter((s) => !/^e[ds]$/.test(s.units.at(-1)?.grapheme ?? "") || hasBase(word, isWord));
    const found = (allowed.length > 0 ? allowed : all)[0];
    if (!found) return [];
    const gain =
      (plain === led ? LEADS_GAIN : 0) + (leads.some((lead) => beginsLike(found, lead)) ? LIKE_BASE_GAIN : 0);
    const cost = found.cost + (isWeakForm(listing) ? WEAK_FORM_COST : 0) - gain;
    const best = { ...withLongVowels(found, phones), cost };
    const other = baseEndsInE(word, isWord, saysBase) ? baseAndD(word, phones.split(" "), best.cost) : undefined;
    const second = other && { ...other, cost: Math.max(best.cost + AFTER_ED_COST, other.cost - gain) };
    return second && writeReading(second) !== writeReading(best) ? [best, second] : [best];
  });
  const unique = new Map<string, Segmentation>();
  for (const reading of readings) {
    const key = writeReading(reading);
    if ((unique.get(key)?.cost ?? Number.POSITIVE_INFINITY) > reading.cost) unique.set(key, reading);
  }
  // Stable: where two readings cost the same the dictionary's order decides.
  return [...unique.values()].sort((a, b) => a.cost - b.cost);
}

/** Does a form say its base's sounds first: all of them but the last vowel, which y may have changed into i? */
function beginsLike(form: Segmentation, base: Segmentation): boolean {
  const said = form.units.flatMap(({ phonemes }) => phonemes);
  const wanted = base.units.flatMap(({ phonemes }) => phonemes);
  return wanted.every((sound, k) => said[k] === sound);
}
