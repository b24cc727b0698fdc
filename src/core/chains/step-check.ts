import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { type TapSettings, tapsOf } from "../spelling/taps.ts";
import { DEFAULT_MOVES, type Move } from "./moves.ts";
import { checkReadings, type SingleStep, type StepCheck } from "./step-compare.ts";
import { stepSides } from "./step-sides.ts";

export interface StepOptions {
  /** Moves that count as one step; swap is not among them unless asked for. */
  readonly moves?: readonly Move[];
  /** The accent in which sounds are compared; the word list's own when not given. */
  readonly accent?: AccentSettings;
  /** What the school keeps together: the step then says which tile changes (pan → pam: an becomes am). */
  readonly taps?: TapSettings;
}

/**
 * Are two words exactly one grapheme apart, letters and sounds both?
 *
 * Leading readings are compared first; when they are not one step apart, other readings of the same two
 * spellings are tried, so `read` after `bread` is one step as the past tense. The reason given is always
 * the leading readings'.
 *
 * @param from a known word, a spelling that is read by rule (pam), or a segmentation
 *
 * @example checkStep("ship", "chip").position // "initial"
 */
export function checkStep(
  from: string | Segmentation,
  to: string | Segmentation,
  options: StepOptions = {},
  list: Lexicon = shippedLexicon(),
): StepCheck {
  const accent = options.accent ?? list.accent;
  const lexicon = lexiconIn(list, accent);
  const moves = options.moves ?? DEFAULT_MOVES;
  const sides = stepSides(from, to, lexicon);
  if ("single" in sides) return sides;
  let first: StepCheck | undefined;
  for (const x of sides.from)
    for (const y of sides.to) {
      const check = checkReadings(x, y, { moves, accent });
      if (check.single) return options.taps ? withTiles(check, options.taps) : check;
      first ??= check;
    }
  return first as StepCheck;
}

/** Names the tile that changes where a school keeps units together; one grapheme changes all the same. */
function withTiles(step: SingleStep, taps: TapSettings): SingleStep {
  const tileAt = (word: Segmentation) => {
    const tap = tapsOf(word, taps).find((units) => units.includes(Math.min(step.index, word.units.length - 1)));
    return tap ? { size: tap.length, text: tap.map((k) => word.units[k]?.grapheme ?? "").join("") } : undefined;
  };
  const [before, after] = [tileAt(step.from), tileAt(step.to)];
  if (!before || !after || (before.size === 1 && after.size === 1)) return step;
  return { ...step, keptTogether: { old: before.text, new: after.text } };
}
