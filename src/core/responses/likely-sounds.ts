import { closestSounds } from "../sounds/closeness.ts";
import { isWeakVowel, phoneme } from "../sounds/phonemes.ts";
import { soundClass } from "../sounds/sound-class.ts";
import { GPCS } from "../spelling/gpc.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { reversalOf } from "./reversals.ts";

/**
 * The sounds a learner most likely said for a unit, most likely first: what the letters say elsewhere
 * (the short sound of a split digraph's vowel, hard c for soft), what a mirrored letter says, then the
 * sounds closest in the mouth.
 *
 * @param unitIndex place of the unit in the word, from 0
 *
 * @returns `count` phoneme ids, none in the unit's own sound class
 */
export function likelySounds(target: Segmentation, unitIndex: number, count = 8): string[] {
  const unit = target.units[unitIndex];
  if (!unit) return [];
  const own = unit.phonemes.at(-1) ?? "";
  const letter = unit.grapheme.charAt(0);
  const wordBefore = target.units[unitIndex - 1];
  const otherSounds = (grapheme: string) =>
    GPCS.filter((g) => g.grapheme === grapheme && g.commonness <= 2 && g.phonemes.length === 1).map(
      (g) => g.phonemes[0] as string,
    );
  const candidates = [
    ...otherSounds(unit.grapheme),
    ...(unit.grapheme.length > 1 ? otherSounds(letter) : []),
    ...otherSounds(reversalOf(letter) ?? ""),
    ...closestSounds(own),
  ];
  const kind = phoneme(own)?.kind;
  const kept: string[] = [];
  for (const id of candidates) {
    if (kept.length === count) break;
    const fits = phoneme(id)?.kind === kind && phoneme(id)?.kind !== undefined;
    const isOwn = unit.phonemes.some((p) => soundClass(p) === soundClass(id));
    // /ŋ/ cannot begin a word: nobody says it there.
    const impossible = id === "ŋ" && !wordBefore;
    if (fits && !isWeakVowel(id) && !isOwn && !impossible && !kept.includes(id)) kept.push(id);
  }
  return kept;
}
