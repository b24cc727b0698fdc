import type { Ending } from "../lexicon/endings.ts";
import { inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { partsOfGpcId } from "../spelling/gpc-id.ts";
import { onsetRimeOf, rimeLetters, rimeSounds } from "../spelling/onset-rime.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";

/** What is looked for in a text. */
export type TextTarget =
  /** A correspondence, by its id: `sh=ʃ`. */
  | { readonly by: "gpc"; readonly gpc: string }
  /** A sound, whatever its spelling. */
  | { readonly by: "sound"; readonly sound: readonly string[] }
  /** A rime by its letters, said as it usually is: `at`. */
  | { readonly by: "rime"; readonly letters: string }
  | { readonly by: "ending"; readonly ending: Ending };

/** Why a word that looks or sounds like the target does not count. */
export type LookAlike =
  /** The same letters, said otherwise. */
  | { readonly code: "other-sound"; readonly letters: string; readonly sound: readonly string[] }
  /** The letters stand side by side, and each belongs to another sound. */
  | { readonly code: "not-together"; readonly letters: string }
  /** The same sound, written otherwise. */
  | { readonly code: "other-spelling"; readonly letters: string; readonly sound: readonly string[] }
  /** The letters are there, and nothing is left that they would be put on. */
  | { readonly code: "no-ending"; readonly letters: string };

/** What a word has of a target. */
export interface TargetMatch {
  /** Indices of letters, one list a hit. */
  readonly hits: readonly (readonly number[])[];
  /** Undefined where it has the target, or nothing like it. */
  readonly lookAlike: LookAlike | undefined;
}

const NOTHING: TargetMatch = { hits: [], lookAlike: undefined };

/** Looks for a target in one word. @param word as it is read in the text */
export function matchTarget(word: Segmentation, target: TextTarget, lexicon: Lexicon): TargetMatch {
  switch (target.by) {
    case "gpc":
      return matchGpc(word, target.gpc, lexicon.accent);
    case "sound":
      return matchSound(word, target.sound, lexicon.accent);
    case "rime":
      return matchRime(word, target.letters, lexicon);
    case "ending":
      return matchEnding(word, target.ending, lexicon);
  }
}

function matchGpc(word: Segmentation, gpc: string, accent: AccentSettings): TargetMatch {
  const key = keyOfGpc(gpc, accent);
  const hits = word.units.filter((unit) => unitKey(unit, accent) === key).map(({ letters }) => letters);
  if (hits.length > 0) return { hits, lookAlike: undefined };
  const { grapheme, phonemes } = partsOfGpcId(gpc);
  const sameLetters = word.units.find((unit) => unit.grapheme === grapheme);
  if (sameLetters) return { hits, lookAlike: { code: "other-sound", letters: grapheme, sound: sameLetters.phonemes } };
  const wanted = soundClassOf(phonemes, accent);
  const sameSound = word.units.find((unit) => soundClassOf(unit.phonemes, accent) === wanted);
  if (sameSound)
    return {
      hits,
      lookAlike: { code: "other-spelling", letters: sameSound.grapheme, sound: sameSound.phonemes },
    };
  // A single letter stands in every second word as a part of something else: that misleads nobody.
  const looksSo = grapheme.length > 1 && !grapheme.includes("-") && word.word.includes(grapheme);
  return looksSo ? { hits, lookAlike: { code: "not-together", letters: grapheme } } : NOTHING;
}

function matchSound(word: Segmentation, sound: readonly string[], accent: AccentSettings): TargetMatch {
  const wanted = soundClassOf(sound, accent);
  const hits = word.units.filter(({ phonemes }) => soundClassOf(phonemes, accent) === wanted);
  return { hits: hits.map(({ letters }) => letters), lookAlike: undefined };
}

/** What a rime is said as in most words that are written with it. */
function usualRime(letters: string, lexicon: Lexicon): string | undefined {
  const known = USUAL_RIME.get(lexicon) ?? new Map<string, string | undefined>();
  USUAL_RIME.set(lexicon, known);
  if (known.has(letters)) return known.get(letters);
  const times = new Map<string, number>();
  for (const { word, syllables, readings } of lexicon.words) {
    if (syllables !== 1 || !word.endsWith(letters.slice(-1))) continue;
    const parts = onsetRimeOf(readings[0]);
    if (!parts || rimeLetters(readings[0], parts) !== letters) continue;
    const said = rimeSounds(parts, lexicon.accent);
    times.set(said, (times.get(said) ?? 0) + 1);
  }
  const usual = [...times].sort((a, b) => b[1] - a[1])[0]?.[0];
  known.set(letters, usual);
  return usual;
}
const USUAL_RIME = new WeakMap<Lexicon, Map<string, string | undefined>>();

function matchRime(word: Segmentation, letters: string, lexicon: Lexicon): TargetMatch {
  const parts = onsetRimeOf(word);
  const usual = usualRime(letters, lexicon);
  if (!parts || usual === undefined) return NOTHING;
  const [written, said] = [rimeLetters(word, parts), rimeSounds(parts, lexicon.accent)];
  const sound = [parts.nucleus, ...parts.coda].flatMap(({ phonemes }) => phonemes);
  if (written === letters) {
    const from = word.word.length - letters.length;
    if (said === usual) return { hits: [[...letters].map((_, k) => from + k)], lookAlike: undefined };
    return { hits: [], lookAlike: { code: "other-sound", letters, sound } };
  }
  return said === usual ? { hits: [], lookAlike: { code: "other-spelling", letters: written, sound } } : NOTHING;
}

function matchEnding({ word }: Segmentation, ending: Ending, lexicon: Lexicon): TargetMatch {
  if (!word.endsWith(ending) || word === ending) return NOTHING;
  const on = inflectionOf(word, lexicon)?.ending;
  const from = word.length - ending.length;
  if (on === ending) return { hits: [[...ending].map((_, k) => from + k)], lookAlike: undefined };
  // Boxes end in s too: what is on them is -es, which says enough.
  return on === undefined ? { hits: [], lookAlike: { code: "no-ending", letters: ending } } : NOTHING;
}

/** One spelling for one target, so that equal ones are the same: `"gpc sh=ʃ"`. */
export function targetKey(target: TextTarget): string {
  switch (target.by) {
    case "gpc":
      return `gpc ${target.gpc}`;
    case "sound":
      return `sound ${target.sound.join("+")}`;
    case "rime":
      return `rime ${target.letters}`;
    case "ending":
      return `ending ${target.ending}`;
  }
}

/** Targets that are correspondences, by id, as an activity keeps them. */
export const gpcTargets = (targets: readonly TextTarget[]): string[] =>
  targets.flatMap((target) => (target.by === "gpc" ? [target.gpc] : []));
