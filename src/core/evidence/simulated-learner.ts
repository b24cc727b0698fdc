import type { RawAnswer, Substitution } from "../responses/raw-answer.ts";
import { MODES, outcomesFor, type ResponseMode } from "../responses/response-modes.ts";
import { isVowel, PHONEMES } from "../sounds/phonemes.ts";
import { GPCS } from "../spelling/gpc.ts";
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
  /** Share of units read as any other sound of their kind by chance, 0 to 1; none unless given. */
  readonly misreading?: number;
  /** What is learnt: the share of a planted substitution that is lost with every answer before, 0 to 1; none unless given. */
  readonly learning?: number;
}

/** Any other sound of a unit's kind. */
function anotherSound(unit: Unit, random: () => number): string {
  const others = PHONEMES.filter(({ id }) => isVowel(id) === (unit.slot === "nucleus") && !unit.phonemes.includes(id));
  return (others[Math.floor(random() * others.length)] as (typeof others)[0]).id;
}

/**
 * What a made-up learner answers to a word.
 *
 * @param random seeded, 0 up to 1
 * @param before how many answers the learner has given before this one
 */
export function simulateReading(
  learner: SimulatedLearner,
  target: Segmentation,
  random: () => number,
  before = 0,
): RawAnswer {
  const left = (1 - (learner.learning ?? 0)) ** before;
  const substitutions: Substitution[] = [];
  target.units.forEach((unit, k) => {
    const planted = learner.substitutions.find((c) => keyOfGpc(c.gpc) === unitKey(unit));
    if (planted && random() < planted.share * left) substitutions.push({ unit: k, said: planted.said });
    else if (learner.misreading && random() < learner.misreading)
      substitutions.push({ unit: k, said: [anotherSound(unit, random)] });
  });
  const luck = random();
  if (substitutions.length > 0)
    return luck < learner.selfCorrecting
      ? { outcome: "self-corrected", substitutions: [] }
      : { outcome: "wrong", substitutions };
  if (luck < learner.notTrying) return { outcome: "no-attempt", substitutions: [] };
  return { outcome: luck < learner.notTrying + learner.tapping ? "after-tapping" : "right", substitutions: [] };
}

/**
 * What a made-up learner answers in any way of working: what cannot be had in it is right. Built, it is the tiles that
 * were laid: with another grapheme for what is heard otherwise, then as it should be.
 *
 * @param before how many answers the learner has given before this one
 */
export function simulateAnswer(
  learner: SimulatedLearner,
  { target, mode }: { readonly target: Segmentation; readonly mode: ResponseMode },
  random: () => number,
  before = 0,
): RawAnswer {
  const read = simulateReading(learner, target, random, before);
  if (!outcomesFor(mode).includes(read.outcome)) return { outcome: "right", substitutions: [] };
  if (!MODES[mode].hasAttempts) return read;
  const right = target.units.map(({ grapheme }) => grapheme);
  const laid = right.map((grapheme, k) => {
    const said = read.substitutions.find(({ unit }) => unit === k)?.said;
    return said === undefined ? grapheme : (graphemeFor(said) ?? grapheme);
  });
  if (laid.join() === right.join()) return { outcome: "right", substitutions: [], built: [right] };
  return { outcome: "self-corrected", substitutions: [], built: [laid, right] };
}

/** The first spelling that comes to mind for a sound. */
const graphemeFor = (said: readonly string[]): string | undefined =>
  GPCS.find(({ phonemes, commonness }) => commonness === 1 && phonemes.join() === said.join())?.grapheme;
