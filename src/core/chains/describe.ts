import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { patternOfAim } from "../scope/patterns.ts";
import { patternsIn } from "../scope/prepared.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { moreChancesFor, namingPower, type PairChances, pairPower } from "../statistics/naming-power.ts";
import { entryOf } from "./entry-of.ts";
import { flagsOf, type WordFlag } from "./flags.ts";
import type { ChangePosition, Move } from "./moves.ts";
import { type ReadChain, readChain } from "./read-chain.ts";
import type { ChainMode, Contrast } from "./request.ts";
import { stepBy } from "./step-by.ts";
import type { StepCheck } from "./step-compare.ts";

/** The power at which a chain is thought to settle a contrast. Common practice, no source. */
const SURE_ENOUGH = 0.8;

export interface ContrastReport extends Contrast {
  /** Words that hold one of the two: each is a chance to take one for the other. */
  readonly chances: number;
  /** Units of each: how often the one may be taken for the other. */
  readonly chancesOf: PairChances;
  /** Steps that change one of the pair into the other. */
  readonly minimalSteps: number;
  /** Probability (0-1) that a learner who mixes the pair up both ways, as often as the aim says, is seen to: `naming-rule.ts`. */
  readonly power: number;
  /** The same of a learner who takes only one for the other, whichever it is: the lower of the two ways. */
  readonly oneWayPower: number;
  /** More chances that would bring the power to 80 in 100; 0 where it is there, undefined where none would. */
  readonly moreChances: number | undefined;
}

/** Everything a screen shows of a chain: recomputed from its words, never stored. */
export interface ChainReport extends ReadChain {
  readonly words: readonly string[];
  /** The step from the last word back to the first, for chains of three words and more. */
  readonly closing: StepCheck | undefined;
  readonly flags: readonly (readonly WordFlag[])[];
  readonly positions: Readonly<Record<ChangePosition, number>>;
  /** Words that meet an aim. */
  readonly focusChances: number;
  /** Aims, of those it was looked at for, that none of its words meets. */
  readonly unmet: readonly string[];
  readonly contrasts: readonly ContrastReport[];
  /** The lowest power of its contrasts: every substitution would show with at least this probability. 0 without contrasts. */
  readonly power: number;
}

/** What a chain is looked at for. */
export interface ChainAim {
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  /** The word list's own when not given. */
  readonly accent?: AccentSettings;
  readonly mode?: ChainMode;
  readonly moves?: readonly Move[];
  readonly recent?: readonly string[];
  /** How often a learner who mixes a pair up takes one for the other, 0 to 1; half by default. */
  readonly powerShare?: number;
}

/** Looks a chain over: the steps, where they fall, and what chances it gives. */
export function describeChain(words: readonly string[], aim: ChainAim, list: Lexicon = shippedLexicon()): ChainReport {
  const lexicon = lexiconIn(list, aim.accent ?? list.accent);
  return describe(
    words,
    words.map((word) => entryOf(word, lexicon)),
    aim,
    lexicon,
  );
}

/** The same for words whose entries are at hand, nonsense words among them. */
export function describeEntries(entries: readonly LexiconWord[], aim: ChainAim, lexicon: Lexicon): ChainReport {
  return describe(
    entries.map(({ word }) => word),
    entries,
    aim,
    lexicon,
  );
}

function describe(
  words: readonly string[],
  entries: readonly (LexiconWord | undefined)[],
  aim: ChainAim,
  lexicon: Lexicon,
): ChainReport {
  const { accent } = lexicon;
  const { readings, steps } = readChain(words, lexicon, aim, entries);
  const positions: Record<ChangePosition, number> = { initial: 0, medial: 0, final: 0 };
  for (const step of steps) if (step.single) positions[step.position]++;
  const keyOf = (id: string) => keyOfGpc(id, accent);
  const holding = (keys: ReadonlySet<string>) =>
    readings.filter((reading) => reading?.units.some((unit) => keys.has(unitKey(unit, accent)))).length;
  const unitsOf = (key: string) =>
    readings.reduce(
      (sum, reading) => sum + (reading?.units.filter((unit) => unitKey(unit, accent) === key).length ?? 0),
      0,
    );
  const contrasts = aim.contrasts.map((contrast): ContrastReport => {
    const [a, b] = [keyOf(contrast.a), keyOf(contrast.b)];
    const chances = holding(new Set([a, b]));
    const minimalSteps = steps.filter((step) => {
      if (!step.single || !step.oldUnit || !step.newUnit) return false;
      const [x, y] = [unitKey(step.oldUnit, accent), unitKey(step.newUnit, accent)];
      return (x === a && y === b) || (x === b && y === a);
    }).length;
    const chancesOf = { a: unitsOf(a), b: unitsOf(b) };
    const share = aim.powerShare;
    return {
      ...contrast,
      chances,
      chancesOf,
      minimalSteps,
      power: pairPower(chancesOf, share),
      moreChances: moreChancesFor(SURE_ENOUGH, chancesOf, share),
      oneWayPower: Math.min(namingPower(chancesOf.a, share), namingPower(chancesOf.b, share)),
    };
  });
  const recent = new Set(aim.recent);
  const meets = (k: number, id: string): boolean => {
    const pattern = patternOfAim(id);
    const entry = entries[k];
    if (pattern) return entry !== undefined && patternsIn(entry, lexicon).has(pattern);
    return readings[k]?.units.some((unit) => unitKey(unit, accent) === keyOf(id)) ?? false;
  };
  return {
    words,
    readings,
    steps,
    closing:
      words.length >= 3
        ? stepBy(aim.mode, words.at(-1) as string, words[0] as string, aim.moves ? { moves: aim.moves } : {}, lexicon)
        : undefined,
    flags: entries.map((entry, k) =>
      entry
        ? flagsOf(
            entry,
            [words[k - 1], words[k + 1]],
            { recent, isNonsense: lexicon.get(entry.word) === undefined },
            lexicon,
          )
        : [],
    ),
    positions,
    focusChances: words.filter((_, k) => aim.focus.some((id) => meets(k, id))).length,
    unmet: aim.focus.filter((id) => !words.some((_, k) => meets(k, id))),
    contrasts,
    power: contrasts.length === 0 ? 0 : Math.min(...contrasts.map(({ power }) => power)),
  };
}
