import { editDistance } from "../edit-distance.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { soundsOf, unitSounds } from "../spelling/said.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { type ChangePosition, DEFAULT_MOVES, type Move } from "./moves.ts";

/** Exactly one unit differs. */
export interface SingleStep {
  readonly single: true;
  readonly kind: Move;
  readonly position: ChangePosition;
  /** Index of the unit in the longer of the two words (for a swap: of the first unit swapped). */
  readonly index: number;
  /** Which consonant of its cluster it is, counted from 0 from the start of the cluster. */
  readonly slotInCluster: number;
  /** The unit that went, if one did. */
  readonly oldUnit?: Unit;
  /** The unit that came, if one did. */
  readonly newUnit?: Unit;
  /** Under a school's settings: what is kept together around the change, before and after (`an`, `am`). */
  readonly keptTogether?: { readonly old: string; readonly new: string };
  readonly from: Segmentation;
  readonly to: Segmentation;
}

/** Why two words are not one step apart. */
export type StepReason =
  | { readonly code: "unknown-word"; readonly word: string }
  /** one, of: letters and sounds cannot be matched, so that nothing can be said of a single grapheme. */
  | { readonly code: "unsplittable"; readonly word: string }
  | { readonly code: "same-word" }
  /** sail/sale: letters differ, sounds do not. */
  | { readonly code: "same-sound-other-spelling" }
  /** The same letters are said another way (hood/food: oo). */
  | {
      readonly code: "same-letters-other-sound";
      readonly grapheme: string;
      readonly oldSound: readonly string[];
      readonly newSound: readonly string[];
    }
  /** cot/kit: one sound changes, but a neighbour has to be spelt anew. */
  | { readonly code: "neighbour-respelled"; readonly oldGrapheme: string; readonly newGrapheme: string }
  /** rag/rage: one unit changes, but a neighbour's sound shifts with it. */
  | {
      readonly code: "neighbour-sound-shifts";
      readonly grapheme: string;
      readonly oldSound: readonly string[];
      readonly newSound: readonly string[];
    }
  /** Two units change places; a step only where swaps are allowed. */
  | { readonly code: "swap-not-allowed"; readonly units: readonly [string, string] }
  /** robes/rose: one unit goes, but the letters beside it do not stay where they are. */
  | { readonly code: "letters-move" }
  | { readonly code: "move-not-allowed"; readonly move: Move }
  | { readonly code: "several-units"; readonly count: number };

export interface NotSingle {
  readonly single: false;
  readonly reason: StepReason;
}

export type StepCheck = SingleStep | NotSingle;

/** What counts as one step: the moves allowed, and the accent in which sounds are compared. */
export interface StepRule {
  readonly moves: readonly Move[];
  readonly accent: AccentSettings;
}

const sameSound = (a: Unit, b: Unit, { accent }: StepRule) => unitSounds(a, accent) === unitSounds(b, accent);
const sameKey = (a: Unit, b: Unit, rule: StepRule) => a.grapheme === b.grapheme && sameSound(a, b, rule);

/**
 * Does a change here fall on a vowel? A last unit that is a syllable of its own (-ed, -es, le) is an ending.
 *
 * @param k index of the unit, from 0
 */
export function isVowelPlace({ units }: Segmentation, k: number): boolean {
  const unit = units[k];
  if (unit?.slot !== "nucleus") return false;
  const isEnding = k > 0 && k === units.length - 1 && unit.phonemes.length > 1 && isVowel(unit.phonemes[0] as string);
  return !isEnding;
}

/** Position of unit k, seen from the word's first vowel. @param k index of the unit, from 0 */
export function positionOf(word: Segmentation, k: number): ChangePosition {
  const vowel = word.units.findIndex((unit) => unit.slot === "nucleus");
  if (isVowelPlace(word, k)) return "medial";
  return k < vowel ? "initial" : "final";
}

function slotInCluster(word: Segmentation, k: number): number {
  if (word.units[k]?.slot === "nucleus") return 0;
  let slot = 0;
  while (slot < k && word.units[k - slot - 1]?.slot !== "nucleus") slot++;
  return slot;
}

export const DEFAULT_RULE: StepRule = { moves: DEFAULT_MOVES, accent: GENERAL_AMERICAN };

/** Compares two segmentations: is exactly one unit changed, added, taken away or (if allowed) swapped? */
export function checkReadings(from: Segmentation, to: Segmentation, rule: StepRule = DEFAULT_RULE): StepCheck {
  if (from.word === to.word) return notSingle({ code: "same-word" });
  const a = from.units;
  const b = to.units;
  if (soundsOf(from, rule.accent) === soundsOf(to, rule.accent))
    return notSingle({ code: "same-sound-other-spelling" });
  if (a.length === b.length) return sameLength(from, to, rule);
  if (Math.abs(a.length - b.length) === 1) return oneLonger(from, to, rule);
  return notSingle({ code: "several-units", count: unitDistance(a, b, rule) });
}

/** A step that is not single, with its reason. */
export const notSingle = (reason: StepReason): NotSingle => ({ single: false, reason });

function sameLength(from: Segmentation, to: Segmentation, rule: StepRule): StepCheck {
  const a = from.units;
  const b = to.units;
  const differing = a.flatMap((unit, k) => (sameKey(unit, b[k] as Unit, rule) ? [] : [k]));
  if (differing.length === 1) {
    const k = differing[0] as number;
    const [oldUnit, newUnit] = [a[k] as Unit, b[k] as Unit];
    if (oldUnit.grapheme === newUnit.grapheme)
      return notSingle({
        code: "same-letters-other-sound",
        grapheme: oldUnit.grapheme,
        oldSound: oldUnit.phonemes,
        newSound: newUnit.phonemes,
      });
    return single("change", from, to, to, k, rule, oldUnit, newUnit);
  }
  if (differing.length === 2) {
    const [k, m] = differing as [number, number];
    if (m === k + 1 && sameKey(a[k] as Unit, b[m] as Unit, rule) && sameKey(a[m] as Unit, b[k] as Unit, rule)) {
      if (!rule.moves.includes("swap"))
        return notSingle({ code: "swap-not-allowed", units: [(a[k] as Unit).grapheme, (a[m] as Unit).grapheme] });
      return swapped(from, to, k);
    }
  }
  return notSingle(
    neighbourReason(a, b, differing, rule) ?? { code: "several-units", count: unitDistance(a, b, rule) },
  );
}

function swapped(from: Segmentation, to: Segmentation, k: number): StepCheck {
  const step = { index: k, position: positionOf(to, k), slotInCluster: slotInCluster(to, k) };
  return {
    single: true,
    kind: "swap",
    ...step,
    oldUnit: from.units[k] as Unit,
    newUnit: to.units[k] as Unit,
    from,
    to,
  };
}

/** When one unit really changes and every other difference is forced on a neighbour, says which. */
function neighbourReason(
  a: readonly Unit[],
  b: readonly Unit[],
  differing: readonly number[],
  rule: StepRule,
): StepReason | undefined {
  const pairs = differing.map((k) => [a[k] as Unit, b[k] as Unit] as const);
  const respelled = pairs.find(([x, y]) => sameSound(x, y, rule));
  const shifted = pairs.find(([x, y]) => x.grapheme === y.grapheme);
  const real = pairs.filter(([x, y]) => !sameSound(x, y, rule) && x.grapheme !== y.grapheme);
  if (real.length > 1) return undefined;
  if (respelled && !shifted)
    return { code: "neighbour-respelled", oldGrapheme: respelled[0].grapheme, newGrapheme: respelled[1].grapheme };
  if (shifted && !respelled)
    return {
      code: "neighbour-sound-shifts",
      grapheme: shifted[0].grapheme,
      oldSound: shifted[0].phonemes,
      newSound: shifted[1].phonemes,
    };
  return undefined;
}

function oneLonger(from: Segmentation, to: Segmentation, rule: StepRule): StepCheck {
  const adding = to.units.length > from.units.length;
  const long = adding ? to : from;
  const short = adding ? from : to;
  let forced: StepReason | undefined;
  for (let k = long.units.length - 1; k >= 0; k--) {
    const without = long.units.filter((_, n) => n !== k);
    const differing = without.flatMap((unit, n) => (sameKey(unit, short.units[n] as Unit, rule) ? [] : [n]));
    const unit = long.units[k] as Unit;
    if (differing.length === 0)
      return adding
        ? single("add", from, to, long, k, rule, undefined, unit)
        : single("take-away", from, to, long, k, rule, unit, undefined);
    const allForced = differing.every((n) => {
      const [x, y] = [without[n] as Unit, short.units[n] as Unit];
      return sameSound(x, y, rule) || x.grapheme === y.grapheme;
    });
    if (allForced && !forced) {
      const [x, y] = adding ? [short.units, without] : [without, short.units];
      forced = neighbourReason(x, y, differing, rule);
    }
  }
  return notSingle(forced ?? { code: "several-units", count: unitDistance(from.units, to.units, rule) });
}

function single(
  kind: Move,
  from: Segmentation,
  to: Segmentation,
  long: Segmentation,
  index: number,
  rule: StepRule,
  oldUnit: Unit | undefined,
  newUnit: Unit | undefined,
): StepCheck {
  if (!lettersAgree(from, oldUnit, to, newUnit)) return notSingle({ code: "letters-move" });
  if (!rule.moves.includes(kind)) return notSingle({ code: "move-not-allowed", move: kind });
  return {
    single: true,
    kind,
    position: positionOf(long, index),
    index,
    slotInCluster: slotInCluster(long, index),
    ...(oldUnit && { oldUnit }),
    ...(newUnit && { newUnit }),
    from,
    to,
  };
}

const hasSplit = ({ units }: Segmentation) => units.some(({ grapheme }) => grapheme.includes("-"));

/** The letters of a word that are not a unit's, in order. */
const lettersBeside = ({ word }: Segmentation, unit: Unit | undefined): string =>
  unit ? [...word].filter((_, k) => !unit.letters.includes(k)).join("") : word;

/**
 * Are the letters left the same when the unit that went and the one that came are taken out? Not always where a split
 * digraph reaches over the place: robes without its b is roes, not rose.
 */
export const lettersAgree = (
  from: Segmentation,
  oldUnit: Unit | undefined,
  to: Segmentation,
  newUnit: Unit | undefined,
): boolean => (!hasSplit(from) && !hasSplit(to)) || lettersBeside(from, oldUnit) === lettersBeside(to, newUnit);

/** Edit distance in units: every change, addition and removal costs 1. @returns a whole number of units, from 0 */
export function unitDistance(a: readonly Unit[], b: readonly Unit[], rule: StepRule = DEFAULT_RULE): number {
  return editDistance(a, b, (x, y) => sameKey(x, y, rule));
}
