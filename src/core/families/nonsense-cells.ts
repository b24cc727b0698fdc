import type { Lexicon } from "../lexicon/lexicon.ts";
import { wordsSounding } from "../lexicon/sound-alikes.ts";
import { fitsBefore, isShortVowel, partsFor } from "../nonsense/parts.ts";
import { readAsMade } from "../nonsense/read-as-made.ts";
import { screensOf } from "../nonsense/screens.ts";
import { spell } from "../nonsense/spell.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { decode } from "../spelling/decode/decode.ts";
import { type Gpc, gpcById } from "../spelling/gpc.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import { graphemesOf } from "../spelling/segmentation.ts";
import type { FamilyKind } from "./family.ts";
import { type FamilyMember, partKey } from "./members.ts";

/** A cell of a grid in which no word stands. */
export type MadeCell =
  | { readonly state: "nonsense"; readonly word: string; readonly syllableOf?: string }
  /** No word, but it sounds like one (bair: bear). */
  | { readonly state: "sounds-like"; readonly word: string; readonly words: readonly string[] };

/**
 * What the taught beginnings make with a rime, or the taught endings with a body, where English has no word.
 *
 * @param model any member of the family: its shared part is the one put to use
 * @param taken parts that already stand in a word
 */
export function makeCells(
  model: FamilyMember,
  kind: FamilyKind,
  taught: TaughtSet,
  taken: ReadonlySet<string>,
  lexicon: Lexicon,
): { units: readonly Gpc[]; cell: MadeCell }[] {
  const { onset, nucleus, coda } = model.parts;
  const gpcs = (units: typeof onset) => units.map((unit) => gpcById(gpcId(unit.grapheme, unit.phonemes)));
  const [before, [vowel], after] = [gpcs(onset), gpcs([nucleus]), gpcs(coda)];
  if (!vowel || before.includes(undefined) || after.includes(undefined)) return [];
  const made: { units: readonly Gpc[]; cell: MadeCell }[] = [];
  for (const units of kind === "rime" ? beginnings(taught) : endings(vowel, taught)) {
    if (taken.has(partKey(units))) continue;
    const all = kind === "rime" ? [...units, vowel, ...(after as Gpc[])] : [...(before as Gpc[]), vowel, ...units];
    const cell = cellFor(all, taught, lexicon);
    if (cell) made.push({ units, cell });
  }
  return made;
}

function beginnings(taught: TaughtSet): readonly (readonly Gpc[])[] {
  const { onsets, onsetClusters } = partsFor(taught);
  return [...onsets.map((gpc) => [gpc]), ...onsetClusters];
}

function endings(vowel: Gpc, taught: TaughtSet): readonly (readonly Gpc[])[] {
  const { codas, codaClusters } = partsFor(taught);
  return [
    ...(fitsBefore(vowel, "consonant") ? codas(vowel).map((gpc) => [gpc]) : []),
    ...(isShortVowel(vowel) ? codaClusters : []),
  ];
}

function cellFor(gpcs: readonly Gpc[], taught: TaughtSet, lexicon: Lexicon): MadeCell | undefined {
  const word = spell(gpcs);
  const reading = readAsMade(word, gpcs, taught, lexicon);
  if (reading) {
    const syllableOf = screensOf(lexicon).syllableOf(reading);
    return { state: "nonsense", word, ...(syllableOf && { syllableOf }) };
  }
  if (screensOf(lexicon).refuses(word)) return undefined;
  const heard = decode(word, { taught });
  if (!heard || graphemesOf(heard).join(" ") !== gpcs.map(({ grapheme }) => grapheme).join(" ")) return undefined;
  const words = wordsSounding(heard, lexicon).filter((other) => !lexicon.unsuitable(other));
  return words.length > 0 ? { state: "sounds-like", word, words } : undefined;
}
