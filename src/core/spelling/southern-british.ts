import { SHORT_A_BEFORE_R, SOUTHERN_BRITISH_WORDS } from "../../data/sounds/southern-british.ts";
import type { Unit } from "./segmentation.ts";

/** Spellings of /uː/ that have a glide before them after t, d and n: new, tune, duke. */
const GLIDING = /^(?:u|ue|ew|eu|u-e)$/;
/** Sounds after which the glide is said. */
const BEFORE_GLIDE = new Set(["t", "d", "n"]);
const GLIDE_AND_U: readonly string[] = ["j", "uː"];
const AIR: readonly string[] = ["er"];
const SHORT_A: readonly string[] = ["æ"];
const WEAK: readonly string[] = ["ə"];
/** The r of fire, where no r is said after a vowel: what is left of it is a weak vowel. */
const LEFT_OF_R: readonly string[] = ["ər"];

/**
 * The sounds of one unit of a word in Southern British, where they are not those of the dictionary. The bath words are
 * a list of their own (sounds/bath-words.ts).
 *
 * @param k index of the unit
 * @returns undefined where nothing is other
 */
export function southernBritishSounds(word: string, units: readonly Unit[], k: number): readonly string[] | undefined {
  const unit = units[k] as Unit;
  const own = SOUTHERN_BRITISH_WORDS.get(word)?.get(unit.grapheme);
  if (own) return own;
  const [before, next, after] = [units[k - 1], units[k + 1], units[k + 2]];
  const sound = unit.phonemes.join("+");
  if (sound === "uː" && GLIDING.test(unit.grapheme) && BEFORE_GLIDE.has(before?.phonemes.at(-1) ?? ""))
    return GLIDE_AND_U;
  if (unit.grapheme === "a" && sound === "e" && next?.phonemes[0] === "r" && after?.slot === "nucleus") {
    if (next.grapheme === "rr" || SHORT_A_BEFORE_R.has(word)) return SHORT_A;
    const isLater = units.slice(0, k).filter(({ slot }) => slot === "nucleus").length > 0;
    return isLater && /ar(?:y|ies|ily)$/.test(word) && word !== "canary" ? WEAK : AIR;
  }
  const endsSyllable = next === undefined || next.slot !== "nucleus";
  if (unit.grapheme === "r" && sound === "r" && unit.slot === "coda" && before?.slot === "nucleus" && endsSyllable)
    return LEFT_OF_R;
  return undefined;
}
