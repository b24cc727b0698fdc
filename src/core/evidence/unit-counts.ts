import type { ChangePosition } from "../chains/moves.ts";
import { positionOf } from "../chains/step-compare.ts";
import { readReading } from "../lexicon/asset.ts";
import type { ResponseVerdict } from "../responses/classify.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import type { Segmentation } from "../spelling/segmentation.ts";

/** How often one correspondence, in one place of words, came out in one way. */
export interface UnitCount {
  readonly gpc: string;
  readonly position: ChangePosition;
  /** Phonemes said in its place, empty when it was left out; undefined when it was right. */
  readonly said: readonly string[] | undefined;
  readonly count: number;
}

/** A response as it is counted. */
export interface JudgedResponse {
  readonly target: Segmentation;
  readonly verdict: Pick<ResponseVerdict, "units" | "sentence">;
}

/**
 * What a response says of the units of its word: one chance for each unit that is known to have been right or wrong. A
 * word that holds a unit twice (`noon`) gives two chances. A response of which nothing is known unit by unit (a guess, no
 * attempt) gives none.
 */
export function unitCounts({ target, verdict }: JudgedResponse): readonly UnitCount[] {
  // Of a sentence each word counts by itself.
  if (verdict.sentence)
    return verdict.sentence.words.flatMap(({ word, target: written, units }) =>
      written === undefined ? [] : unitCounts({ target: readReading(word, written), verdict: { units } }),
    );
  return target.units.flatMap((unit, k): UnitCount[] => {
    const judged = verdict.units[k];
    // Two that changed places were both there: it tells nothing of either.
    if (!judged || judged.result === "not-known" || judged.result === "transposition") return [];
    // Another spelling of the sound is no other sound.
    const isRight = judged.result === "right" || judged.result === "other-spelling";
    return [
      {
        gpc: gpcId(unit.grapheme, unit.phonemes),
        position: positionOf(target, k),
        said: isRight ? undefined : judged.said,
        count: 1,
      },
    ];
  });
}
