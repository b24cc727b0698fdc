/** Finds compounds by sound: hide + out, said exactly as hide and then out. */
import { PHONEMES } from "../../src/core/sounds/phonemes.ts";
import { cmuPhones } from "../../src/core/spelling/align.ts";
import { joinSegmentations } from "../../src/core/spelling/join.ts";
import type { Segmentation } from "../../src/core/spelling/segmentation.ts";
import { AFTER_IN, NOT_COMPOUNDS, NOT_FIRST, NOT_SECOND } from "../../src/data/lexicon/not-compounds.ts";
import { plainWh } from "./readings.ts";

/** The dictionary scatters between these, and lists r-coloured vowels in two ways. */
const EXTRA_RUNS: Readonly<Record<string, readonly string[][]>> = {
  ɒ: [["AO"]],
  ɔː: [["AA"]],
  ɪr: [["IY", "R"]],
  ʊr: [["UW", "R"]],
  ɜːr: [["ER"]],
};

/** CMU phones that each phoneme may stand for in a stressed syllable, as runs. */
const RUNS_OF_PHONEME = new Map<string, string[][]>(
  PHONEMES.map(({ id, cmu }) => [id, [[...cmu], ...(EXTRA_RUNS[id] ?? [])]]),
);

/** May these two words be the parts of a compound, as far as spelling tells? */
function mayBeCompound(first: string, second: string): boolean {
  if (NOT_COMPOUNDS.has(first + second)) return false;
  if (first === "in") return AFTER_IN.has(second);
  if (NOT_FIRST.has(first) || NOT_SECOND.has(second)) return false;
  return (first.length >= 3 || /^(up|by)$/.test(first)) && (second.length >= 3 || /^(up|by|in|on)$/.test(second));
}

/**
 * The two words of a compound whose sounds are exactly theirs, one after the other. Where it can be cut in
 * two places (chop + stick, chops + tick) the cut whose rarer part is commoner wins.
 */
export function compoundReading(
  word: string,
  listings: readonly string[],
  readingsIn: (word: string) => readonly Segmentation[],
  countOf: (word: string) => number,
): Segmentation | undefined {
  let best: { reading: Segmentation; count: number } | undefined;
  for (let seam = 2; seam <= word.length - 2; seam++) {
    const [first, second] = [word.slice(0, seam), word.slice(seam)];
    const count = Math.min(countOf(first), countOf(second));
    if (!mayBeCompound(first, second) || count <= (best?.count ?? 0)) continue;
    for (const a of readingsIn(first))
      for (const b of readingsIn(second)) {
        const joined = joinSegmentations(a, b);
        const sounds = joined.units.flatMap((unit) => unit.phonemes);
        const said = listings
          .flatMap((listing) => [listing, listing.replace(/(AY|AW)(\d) ER0/g, "$1$2 R")])
          .some((listing) => spellsOut(cmuPhones(plainWh(listing)), sounds));
        if (said && best?.count !== count) best = { reading: joined, count };
      }
  }
  return best?.reading;
}

/** Do these phones say these phonemes? Used for whole words, where no letters are in play. */
function spellsOut(phones: readonly string[], phonemes: readonly string[]): boolean {
  const [first, ...others] = phonemes;
  if (first === undefined) return phones.length === 0;
  return (RUNS_OF_PHONEME.get(first) ?? []).some(
    (run) =>
      run.every((phone, k) => phone === phones[k]?.replace(/0$/, "")) && spellsOut(phones.slice(run.length), others),
  );
}
