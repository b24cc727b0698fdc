/** How every word of one syllable in the dictionary is said, names among them: what a nonsense word may not sound like. */
import { readPronunciations } from "./sources.ts";

const COLOURED = /^(?:AA|AO|EH|IH|UH)$/;

/**
 * The distinct pronunciations of one syllable, as phones joined by "-", a vowel and the r after it as one ("K-AAR"),
 * in the order of the alphabet.
 */
export function oneSyllableSounds(): string[] {
  const sounds = new Set<string>();
  for (const [word, listings] of readPronunciations()) {
    if (word.includes("'")) continue;
    for (const listing of listings) {
      if (listing.match(/\d/g)?.length !== 1) continue;
      const phones = listing
        .replace(/\d/g, "")
        .replace(/^HH W /, "W ")
        .split(" ");
      const joined: string[] = [];
      for (const phone of phones) {
        const last = joined.at(-1) ?? "";
        if (phone === "R" && COLOURED.test(last)) joined[joined.length - 1] = `${last}R`;
        else joined.push(phone);
      }
      sounds.add(joined.join("-"));
    }
  }
  return [...sounds].sort();
}
