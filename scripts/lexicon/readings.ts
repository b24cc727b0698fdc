/** From a dictionary's listings to the readings of a word. */

import { writeReading } from "../../src/core/lexicon/asset.ts";
import { align, cmuPhones } from "../../src/core/spelling/align.ts";
import { gpcById } from "../../src/core/spelling/gpc.ts";
import type { Segmentation, Unit } from "../../src/core/spelling/segmentation.ts";
import { WRONG_LISTINGS } from "../../src/data/lexicon/wrong-listings.ts";

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

/** Where a listing says HH W for wh, it is read as W: wh/w is an accent's matter, not a spelling's. */
export const plainWh = (listing: string) => listing.replace(/^HH W /, "W ");

/** What a listing costs more for being the unstressed form of a little word (`to` said "tuh"). */
const WEAK_FORM_COST = 20;
const isWeakForm = (listing: string) => !/[12]/.test(listing);

/** The word of which this is the -s or -ed form, if it is one. */
export function baseOf(word: string, isBase: (word: string) => boolean): string | undefined {
  const bases = /[^s]s$/.test(word) ? [word.slice(0, -1), word.replace(/ies$/, "y")] : [];
  if (word.endsWith("ed"))
    bases.push(word.slice(0, -2), word.slice(0, -1), word.slice(0, -3), word.replace(/ied$/, "y"));
  return bases.find((base) => base !== word && base.length > 2 && isBase(base));
}

/** Is this some word with -ed or -es on: of box, hope, hop, cry? */
function hasBase(word: string, isWord: (word: string) => boolean): boolean {
  const bare = word.slice(0, -2);
  const undoubled = /([a-z])\1$/.test(bare) ? bare.slice(0, -1) : bare;
  return [bare, `${bare}e`, undoubled, bare.replace(/i$/, "y")].some((base) => base.length > 1 && isWord(base));
}

const baseEndsInE = (word: string, isWord: (word: string) => boolean) =>
  word.endsWith("ed") && isWord(word.slice(0, -1));

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

/**
 * All readings of a word, most regular first. An -ed word whose base ends in e keeps its other good
 * segmentation (h·o·p·ed and h·o-e·p·d); weak forms come after strong ones.
 */
export function readingsOf(
  word: string,
  listings: readonly string[],
  isWord: (word: string) => boolean,
): Segmentation[] {
  const heard = new Map<string, string>();
  for (const listing of listings) {
    const phones = cmuPhones(plainWh(listing)).join(" ");
    const plain = phones.replace(/0/g, "");
    if (!heard.has(phones) && !WRONG_LISTINGS.get(word)?.includes(plain)) heard.set(phones, listing);
  }
  const readings = [...heard].flatMap(([phones, listing]) => {
    const extra = isWeakForm(listing) ? WEAK_FORM_COST : 0;
    const all = align(word, phones.split(" ")).map((s) => ({ ...s, cost: s.cost + extra }));
    // -ed and -es are graphemes only on a base word: hundred is h·u·n·d·r·e·d.
    const best = all.find((s) => !/^e[ds]$/.test(s.units.at(-1)?.grapheme ?? "") || hasBase(word, isWord)) ?? all[0];
    if (!best) return [];
    const other = baseEndsInE(word, isWord) ? baseAndD(word, phones.split(" "), best.cost) : undefined;
    return other && writeReading(other) !== writeReading(best) ? [best, other] : [best];
  });
  const unique = new Map(readings.map((r) => [writeReading(r), r]));
  // Stable: where two readings cost the same the dictionary's order decides.
  return [...unique.values()].sort((a, b) => a.cost - b.cost);
}
