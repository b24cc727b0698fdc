import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { CHANGE_POSITIONS, type ChangePosition } from "./moves.ts";
import { diagnosticPower } from "./power.ts";
import type { Contrast } from "./request.ts";
import { checkStep } from "./step-check.ts";
import type { StepCheck } from "./step-compare.ts";

export interface ContrastReport extends Contrast {
  /** Words that hold one of the two: each is a chance to take one for the other. */
  readonly chances: number;
  /** Steps that change one of the pair into the other. */
  readonly minimalSteps: number;
  /** Probability (0-1) of at least two errors if the learner confuses the pair half of the time. */
  readonly power: number;
}

/** Everything a screen shows of a chain: recomputed from its words, never stored. */
export interface ChainReport {
  readonly words: readonly string[];
  /** One a word; undefined where a word is not in the list. */
  readonly readings: readonly (Segmentation | undefined)[];
  /** `steps[k]` is the step from word k to word k+1. */
  readonly steps: readonly StepCheck[];
  readonly positions: Readonly<Record<ChangePosition, number>>;
  readonly focusChances: number;
  readonly contrasts: readonly ContrastReport[];
}

/** Looks a chain over: the steps, where they fall, and what chances it gives. */
export function describeChain(
  words: readonly string[],
  aim: {
    readonly focus: readonly string[];
    readonly contrasts: readonly Contrast[];
    /** The word list's own when not given. */
    readonly accent?: AccentSettings;
  },
  list: Lexicon = shippedLexicon(),
): ChainReport {
  const accent = aim.accent ?? list.accent;
  const lexicon = lexiconIn(list, accent);
  const keyOf = (id: string) => keyOfGpc(id, accent);
  const steps = words.slice(1).map((word, k) => checkStep(words[k] as string, word, {}, lexicon));
  // The reading shown is the one the steps are about, so that letters and clasp agree.
  const readings = words.map((word, k) => {
    const [before, after] = [steps[k - 1], steps[k]];
    if (before?.single) return before.to;
    if (after?.single) return after.from;
    return lexicon.get(word)?.readings[0];
  });
  const positions: Record<ChangePosition, number> = { initial: 0, medial: 0, final: 0 };
  for (const step of steps) if (step.single) positions[step.position]++;
  const holding = (keys: ReadonlySet<string>) =>
    readings.filter((reading) => reading?.units.some((unit) => keys.has(unitKey(unit, accent)))).length;
  return {
    words,
    readings,
    steps,
    positions,
    focusChances: holding(new Set(aim.focus.map(keyOf))),
    contrasts: aim.contrasts.map((contrast) => {
      const [a, b] = [keyOf(contrast.a), keyOf(contrast.b)];
      const chances = holding(new Set([a, b]));
      const minimalSteps = steps.filter((step) => {
        if (!step.single || !step.oldUnit || !step.newUnit) return false;
        const [x, y] = [unitKey(step.oldUnit, accent), unitKey(step.newUnit, accent)];
        return (x === a && y === b) || (x === b && y === a);
      }).length;
      return { ...contrast, chances, minimalSteps, power: diagnosticPower(chances) };
    }),
  };
}

/** Where changes fall, as a plain list: for a balance strip. */
export function positionCounts(report: ChainReport): number[] {
  return CHANGE_POSITIONS.map((position) => report.positions[position]);
}
