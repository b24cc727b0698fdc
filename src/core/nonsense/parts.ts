import { type TaughtSet, taughtKey } from "../scope/taught-set.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { GPCS, type Gpc, gpcById } from "../spelling/gpc.ts";
import {
  AFTER_LONG_VOWEL,
  AFTER_SHORT_VOWEL,
  CODA_CLUSTERS,
  NEVER_AT_END,
  ONLY_AT_END,
  ONSET_CLUSTERS,
  ONSET_CLUSTERS_OF_THREE,
  SINGLE_ONSETS,
  UNDER_SPLIT_DIGRAPH,
} from "./shapes.ts";

/** What a taught set gives to make nonsense words of, as English puts it together. */
export interface Parts {
  readonly onsets: readonly Gpc[];
  readonly onsetClusters: readonly (readonly Gpc[])[];
  readonly vowels: readonly Gpc[];
  readonly codaClusters: readonly (readonly Gpc[])[];
  codas(vowel: Gpc): readonly Gpc[];
}

const SHORT = /^[aeiou]=[æeɪɒʌ]$/;

/** A short vowel of one letter: clusters and doubled letters follow it. */
export const isShortVowel = ({ id }: Gpc): boolean => SHORT.test(id);

/** The parts of a taught set. */
export function partsFor(taught: TaughtSet): Parts {
  const isTaught = (gpc: Gpc) => taught.gpcs.has(taughtKey(gpc.grapheme, gpc.phonemes, taught.accent));
  const known = GPCS.filter((gpc) => gpc.commonness <= 2 && isTaught(gpc));
  const consonants = known.filter((gpc) => !gpc.phonemes.some(isVowel));
  const clusters = (lines: readonly string[]) =>
    lines
      .map((line) => line.split(" ").map((id) => gpcById(id)))
      .filter((units): units is Gpc[] => units.every((unit) => unit !== undefined && isTaught(unit)));
  const among = (graphemes: readonly string[]) => consonants.filter((gpc) => graphemes.includes(gpc.grapheme));
  const [short, long, split] = [AFTER_SHORT_VOWEL, AFTER_LONG_VOWEL, UNDER_SPLIT_DIGRAPH].map(among);
  return {
    onsets: among(SINGLE_ONSETS),
    onsetClusters: [
      ...(taught.patterns.has("initial-cluster") ? clusters(ONSET_CLUSTERS) : []),
      ...(taught.patterns.has("initial-cluster-3") ? clusters(ONSET_CLUSTERS_OF_THREE) : []),
    ],
    vowels: known.filter((gpc) => gpc.phonemes.some(isVowel) && gpc.place !== "suffix" && gpc.grapheme !== "le"),
    codaClusters: taught.patterns.has("final-cluster") ? clusters(CODA_CLUSTERS) : [],
    codas: (vowel) => (vowel.tail ? split : isShortVowel(vowel) ? short : long) ?? [],
  };
}

/** May this vowel end a word, or stand before an ending? */
export function fitsBefore(vowel: Gpc, ending: "nothing" | "consonant" | "cluster"): boolean {
  if (ending === "nothing") return !isShortVowel(vowel) && vowel.tail === "" && !NEVER_AT_END.includes(vowel.grapheme);
  if (ONLY_AT_END.includes(vowel.grapheme)) return false;
  // Clusters follow one short vowel letter: `bempt` is English, `beampt` is not.
  return ending === "consonant" || isShortVowel(vowel);
}
