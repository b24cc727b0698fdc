import { dictionary } from "cmu-pronouncing-dictionary";
import { ADDED_LISTINGS } from "../../src/data/lexicon/added-listings.ts";

/**
 * The CMU Pronouncing Dictionary (npm cmu-pronouncing-dictionary) read as it stands, for checks that must not
 * lean on our own segmenter: nothing of ours in here but the few listings that it has wrong.
 */

const DICTIONARY = dictionary as Record<string, string>;

/** Listings of a word as phones without stress, wh as plain w. */
export function listings(word: string): string[][] {
  const all: string[][] = [];
  for (const key of [word, `${word}(+)`, ...Array.from({ length: 5 }, (_, k) => `${word}(${k + 1})`)]) {
    const value = key.endsWith("(+)") ? ADDED_LISTINGS[word] : DICTIONARY[key];
    if (value)
      all.push(
        (value.split("#")[0] as string)
          .trim()
          .replace(/^HH W /, "W ")
          .replace(/\d/g, "")
          .split(" "),
      );
  }
  return all;
}

/** x and qu are two phones, u-e may be two, vowel + r is two: one grapheme may change two phones, never more. */
export function joinedUnits(phones: readonly string[], glide: "joined" | "apart" = "joined"): string[] {
  const joined = phones
    .join(" ")
    .replace(/\b(AA|AO|EH|IH|IY|UH|UW) R\b/g, "$1R")
    // The dictionary scatters between the two before r; teachers do not.
    .replace(/\bIYR\b/g, "IHR")
    .replace(/\bUWR\b/g, "UHR")
    .replace(/\bK S\b/g, "KS")
    .replace(/\bK W\b/g, "KW")
    .replace(/\b(AO|AA)\b/g, "O");
  return (glide === "joined" ? joined.replace(/\bY (UW|UH)/g, "$1") : joined).split(" ");
}

/**
 * Phones as units, with K S, K W and Y UW taken for x, qu and u-e, and taken apart (makes, you): raw phones do not
 * tell which.
 */
export function unitVariants(phones: readonly string[]): string[][] {
  const joined = joinedUnits(phones);
  const apart = joinedUnits(phones, "apart").flatMap((unit) =>
    unit === "KS" ? ["K", "S"] : unit === "KW" ? ["K", "W"] : [unit],
  );
  return joined.length === apart.length ? [joined] : [joined, apart];
}

export const isVowelPhone = (phone: string): boolean => /^(A|E|I|O|U)/.test(phone);

/** Edit distance over strings of symbols (Levenshtein). */
export function distance(a: readonly string[], b: readonly string[]): number {
  let row = b.map((_, k) => k + 1);
  a.forEach((x, i) => {
    let [diagonal, left] = [i, i + 1];
    row = row.map((up, j) => {
      left = Math.min(up + 1, left + 1, diagonal + (x === b[j] ? 0 : 1));
      diagonal = up;
      return left;
    });
  });
  return row.at(-1) ?? a.length;
}

export interface RawStep {
  readonly kind: "change" | "add" | "take-away";
  readonly position: "initial" | "medial" | "final";
}

/** Every way in which two words are one sound apart, by any of their listings. */
export function rawSteps(from: string, to: string): RawStep[] {
  const steps: RawStep[] = [];
  for (const x of listings(from).flatMap(unitVariants))
    for (const y of listings(to).flatMap(unitVariants)) {
      if (distance(x, y) !== 1) continue;
      const kind = x.length === y.length ? "change" : x.length < y.length ? "add" : "take-away";
      const long = x.length > y.length ? x : y;
      const other = long === y ? x : y;
      for (let k = 0; k < long.length; k++) {
        const without = [...long.slice(0, k), ...long.slice(k + 1)];
        const fits =
          kind === "change"
            ? without.join(" ") === [...other.slice(0, k), ...other.slice(k + 1)].join(" ")
            : without.join(" ") === other.join(" ");
        if (!fits) continue;
        const vowel = long.findIndex(isVowelPhone);
        steps.push({ kind, position: isVowelPhone(long[k] as string) ? "medial" : k < vowel ? "initial" : "final" });
      }
    }
  return steps;
}
