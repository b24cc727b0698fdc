/**
 * The bath words: short a in the north of England and in America, long in the south. Words of one and two
 * syllables; common practice, no source, written from memory. Words that southern speakers say both ways
 * (graph, lather, stance) are left short.
 */
const IN_FIRST_VOWEL = new Set(
  `bath path lath ask task mask cask flask bask basket casket gasket rascal fast last past cast mast vast blast
  caste master plaster pastor pasture nasty ghastly castle fasten class glass grass pass brass after raft rafter
  craft shaft draft graft daft draught laugh laughter staff calf half halve calves chance dance glance lance prance
  trance branch ranch plant grant slant chant can't shan't aunt answer sample rather grasp gasp clasp rasp hasp
  slander chandler afters grassland bathroom bathtub classroom classmate pathway pastime craftsman halfway
  grassroots glassware lastly`.split(/\s+/),
);
const IN_LAST_VOWEL = new Set(
  `advance command demand remand behalf contrast surpass bypass giraffe aghast broadcast forecast footpath
  outlast outcast typecast webcast overpass aircraft handcraft witchcraft eyeglass hourglass`.split(/\s+/),
);

/** Endings that leave the vowel as it is (asks, passing, branches). */
const ENDINGS = ["s", "es", "ed", "d", "ing", "er", "ers", "est", "en", "y", "ful", "less"];
/** What only looks like a bath word with an ending on: a pasty has a short a. */
const ONLY_LOOKS = new Set(["pasty", "passer"]);

/** Which vowel of a word is long a in Southern British; undefined for every other word. */
export function bathVowel(word: string): "first" | "last" | undefined {
  for (const form of [word, ...stemsOf(word)]) {
    if (IN_FIRST_VOWEL.has(form)) return "first";
    // With a syllable added, what was the last vowel is no longer the last.
    if (IN_LAST_VOWEL.has(form) && (form === word || /(?:[^aeiou]s|[^dt]ed|d)$/.test(word))) return "last";
  }
  return undefined;
}

function stemsOf(word: string): string[] {
  if (ONLY_LOOKS.has(word)) return [];
  const stems: string[] = [];
  for (const ending of ENDINGS)
    if (word.endsWith(ending)) {
      const stem = word.slice(0, -ending.length);
      stems.push(stem, `${stem}e`);
    }
  return stems;
}
