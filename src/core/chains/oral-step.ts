import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { heardAs } from "../sounds/sound-class.ts";
import { heardPhonemes } from "../spelling/said.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { DEFAULT_MOVES } from "./moves.ts";
import type { StepOptions } from "./step-check.ts";
import { checkReadings, type StepCheck } from "./step-compare.ts";
import { stepSides } from "./step-sides.ts";

/**
 * Are two words exactly one sound apart, whatever their letters? cot → kit is one step by ear. The same rule
 * as `checkStep`, run on phonemes.
 *
 * @example checkPhonemeStep("cot", "kit").single // true
 */
export function checkPhonemeStep(
  from: string | Segmentation,
  to: string | Segmentation,
  options: StepOptions = {},
  list: Lexicon = shippedLexicon(),
): StepCheck {
  const accent = options.accent ?? list.accent;
  const lexicon = lexiconIn(list, accent);
  const sides = stepSides(from, to, lexicon);
  if ("single" in sides) return sides;
  const [a, b] = [sides.from[0], sides.to[0]];
  const check = checkReadings(bySound(a, accent), bySound(b, accent), {
    moves: options.moves ?? DEFAULT_MOVES,
    accent,
  });
  return check.single ? { ...check, from: a, to: b } : check;
}

/** A reading as one unit a sound: the sound stands for its own letters, so that only sounds are compared. */
function bySound(reading: Segmentation, accent: Parameters<typeof heardPhonemes>[1]): Segmentation {
  const sounds = heardPhonemes(reading, accent);
  const firstVowel = sounds.findIndex(isVowel);
  const units = sounds.map((id, k): Unit => {
    const heard = heardAs(id, accent, sounds[k + 1]);
    return {
      grapheme: heard,
      letters: [k],
      // What is one with another sound only here (the e of pen as the i of pin) is that sound.
      phonemes: [heard === heardAs(id, accent) ? id : heard],
      slot: isVowel(id) ? "nucleus" : k < firstVowel || isVowel(sounds[k + 1] ?? "") ? "onset" : "coda",
      commonness: 1,
    };
  });
  return { word: reading.word, units, cost: reading.cost };
}
