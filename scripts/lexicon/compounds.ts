/** Finds compounds by sound: hide + out, said exactly as hide and then out. */
import { PHONEMES } from "../../src/core/sounds/phonemes.ts";
import { cmuPhones } from "../../src/core/spelling/align.ts";
import { joinSegmentations } from "../../src/core/spelling/join.ts";
import type { Segmentation } from "../../src/core/spelling/segmentation.ts";
import { AFTER_IN, NOT_COMPOUNDS, NOT_FIRST, NOT_SECOND } from "../../src/data/lexicon/not-compounds.ts";
import { plainWh } from "./readings.ts";

/** Phoneme ids that a CMU phone may stand for in a stressed syllable; r-coloured vowels lose their r here. */
const PHONEMES_OF_PHONE = new Map<string, string[]>();
for (const { id, cmu } of PHONEMES)
  if (cmu.length === 1)
    PHONEMES_OF_PHONE.set(cmu[0] as string, [...(PHONEMES_OF_PHONE.get(cmu[0] as string) ?? []), id]);
PHONEMES_OF_PHONE.get("AO")?.push("ɒ");
PHONEMES_OF_PHONE.get("AA")?.push("ɔː");

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
        const sounds = joined.units.flatMap((unit) => unit.phonemes).join("");
        const said = listings.some((listing) => spellsOut(cmuPhones(plainWh(listing)), sounds));
        if (said && best?.count !== count) best = { reading: joined, count };
      }
  }
  return best?.reading;
}

/** Do these phones say these phonemes? Used for whole words, where no letters are in play. */
function spellsOut(phones: readonly string[], phonemes: string): boolean {
  if (phones.length === 0) return phonemes === "";
  return (PHONEMES_OF_PHONE.get((phones[0] as string).replace(/0$/, "")) ?? []).some(
    (id) => phonemes.startsWith(id) && spellsOut(phones.slice(1), phonemes.slice(id.length)),
  );
}
