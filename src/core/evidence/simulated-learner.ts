import type { RawAnswer, Substitution } from "../responses/raw-answer.ts";
import { isVowel, PHONEMES } from "../sounds/phonemes.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";

/** A substitution planted in a made-up learner: reads `gpc` as `said` in that share of chances. */
export interface PlantedSubstitution {
  readonly gpc: string;
  readonly said: readonly string[];
  /** 0 to 1. */
  readonly share: number;
}

export interface SimulatedLearner {
  readonly substitutions: readonly PlantedSubstitution[];
  /** Share of words read only after tapping, 0 to 1. */
  readonly tapping: number;
  /** Share of words put right unasked, 0 to 1. */
  readonly selfCorrecting: number;
  /** Share of words not tried, 0 to 1. */
  readonly notTrying: number;
  /** Share of units that slip, each to any other sound of its kind, 0 to 1; none unless given. */
  readonly slips?: number;
}

/** Any other sound of a unit's kind. */
function slipOf(unit: Unit, random: () => number): string {
  const others = PHONEMES.filter(({ id }) => isVowel(id) === (unit.slot === "nucleus") && !unit.phonemes.includes(id));
  return (others[Math.floor(random() * others.length)] as (typeof others)[0]).id;
}

/** What a made-up learner answers to a word. @param random seeded, 0 up to 1 */
export function simulateReading(learner: SimulatedLearner, target: Segmentation, random: () => number): RawAnswer {
  const substitutions: Substitution[] = [];
  target.units.forEach((unit, k) => {
    const planted = learner.substitutions.find((c) => keyOfGpc(c.gpc) === unitKey(unit));
    if (planted && random() < planted.share) substitutions.push({ unit: k, said: planted.said });
    else if (learner.slips && random() < learner.slips) substitutions.push({ unit: k, said: [slipOf(unit, random)] });
  });
  const luck = random();
  if (substitutions.length > 0)
    return luck < learner.selfCorrecting
      ? { outcome: "self-corrected", substitutions: [] }
      : { outcome: "wrong", substitutions };
  if (luck < learner.notTrying) return { outcome: "no-attempt", substitutions: [] };
  return { outcome: luck < learner.notTrying + learner.tapping ? "after-tapping" : "right", substitutions: [] };
}
