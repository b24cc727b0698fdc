import { type WalkWay, walkParts } from "../families/walk-parts.ts";
import { type OnsetRime, onsetRimeOf } from "../spelling/onset-rime.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import type { PracticeSettings } from "./settings.ts";

/** How a word is shown at one moment: which of its units, how many of them closed, run together or not. */
export interface WordStage {
  /** First unit that is shown, and the one after the last. */
  readonly from: number;
  readonly to: number;
  /** Teeth closed from the left of the word, up to this unit. */
  readonly closed: number;
  /** Run together: the zip is shut and the letters stand close. Only what is shown. */
  readonly blended: boolean;
  /** The voice is kept going: what is closed hangs together. */
  readonly flowing: boolean;
  /** Graphemes of several letters are pointed out. */
  readonly groups: boolean;
}

const stage = (from: number, to: number, closed: number, more: Partial<WordStage> = {}): WordStage => ({
  from,
  to,
  closed,
  blended: false,
  flowing: false,
  groups: false,
  ...more,
});

const range = (from: number, to: number): number[] =>
  Array.from({ length: Math.max(0, to - from + 1) }, (_, k) => from + k);

/**
 * The moments of a word, in order; the last is always the whole word run together.
 *
 * Tapped silently every tooth closes at one press; at sight the word stands whole from the start. Words of several
 * parts (syllables, endings) are worked part by part: each on its own, then all together.
 *
 * @param parts unit indices of each part in order, as `syllablesOf` gives them; one part for a short word
 */
export function stagesOf(
  reading: Segmentation,
  settings: Pick<PracticeSettings, "support" | "blending">,
  parts: readonly (readonly number[])[] = [],
): WordStage[] {
  const all = reading.units.length;
  const whole = stage(0, all, all, { blended: true });
  if (settings.support === "at-sight") return [whole];
  if (parts.length > 1) {
    const worked = parts.flatMap((part) => {
      const [from, to] = [part[0] ?? 0, (part.at(-1) ?? 0) + 1];
      return [...soundBySound(from, to, settings), stage(from, to, to, { blended: true })];
    });
    return [...worked, stage(0, all, all), whole];
  }
  const cut = onsetRimeOf(reading);
  switch (settings.support === "tap-silently" ? "sound-by-sound" : settings.blending) {
    case "build-up":
      return [...range(1, all).map((to) => stage(0, to, to, { blended: to > 1 && to < all })), whole];
    case "voice-kept-going":
      return [...range(0, all).map((closed) => stage(0, all, closed, { flowing: true })), whole];
    case "beginning-and-rime":
      return [...inTwo(all, cut, (parts) => parts.onset.length), whole];
    case "body-and-ending":
      return [...inTwo(all, cut, (parts) => parts.onset.length + 1), whole];
    case "letter-groups-first":
      return [
        stage(0, all, 0),
        stage(0, all, 0, { groups: true }),
        ...range(1, all).map((closed) => stage(0, all, closed, { groups: true })),
        whole,
      ];
    default:
      return [...soundBySound(0, all, settings), whole];
  }
}

function soundBySound(from: number, to: number, { support }: Pick<PracticeSettings, "support">): WordStage[] {
  if (support === "tap-silently") return [stage(from, to, from), stage(from, to, to)];
  return range(from, to).map((closed) => stage(from, to, closed));
}

/** Two presses for two parts; a word that has only one of them is closed at once. */
function inTwo(all: number, parts: OnsetRime | undefined, at: (parts: OnsetRime) => number): WordStage[] {
  const cut = parts ? at(parts) : all;
  const steps = cut > 0 && cut < all ? [0, cut, all] : [0, all];
  return steps.map((closed) => stage(0, all, closed));
}

/**
 * The moments of a word in a family walk: the part that the family shares on its own, run together; then the whole
 * word open, and run together. A word that has only that part is closed at once.
 */
export function walkStages(reading: Segmentation, way: WalkWay): WordStage[] {
  const all = reading.units.length;
  const whole = [stage(0, all, all), stage(0, all, all, { blended: true })];
  const parts = walkParts(reading, way);
  const [first, last] = [parts?.first[0], parts?.first.at(-1)];
  if (!parts || parts.second.length === 0 || first === undefined || last === undefined) return whole;
  return [stage(first, last + 1, last + 1, { blended: true }), ...whole];
}
