import type { Segmentation, Unit } from "./segmentation.ts";

/** Two segmentations one after the other, as in a compound: `hide` + `out`. */
export function joinSegmentations(first: Segmentation, second: Segmentation): Segmentation {
  const offset = first.word.length;
  const moved = second.units.map((unit): Unit => ({ ...unit, letters: unit.letters.map((k) => k + offset) }));
  return {
    word: first.word + second.word,
    units: [...first.units, ...moved],
    seam: offset,
    cost: first.cost + second.cost,
  };
}
