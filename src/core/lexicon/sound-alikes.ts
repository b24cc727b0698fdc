import { soundsOf } from "../spelling/said.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import type { Lexicon } from "./lexicon.ts";

const BY_SOUND = new WeakMap<Lexicon, Map<string, string[]>>();

/** Words by the sound of their leading reading, commonest first. */
function bySound(lexicon: Lexicon): Map<string, string[]> {
  let map = BY_SOUND.get(lexicon);
  if (!map) {
    map = new Map();
    for (const { word, readings } of lexicon.words) {
      const key = soundsOf(readings[0], lexicon.accent);
      const list = map.get(key);
      if (list) list.push(word);
      else map.set(key, [word]);
    }
    BY_SOUND.set(lexicon, map);
  }
  return map;
}

/** Words of the list that sound like a reading, commonest first. */
export function wordsSounding(reading: Segmentation, lexicon: Lexicon): readonly string[] {
  return bySound(lexicon).get(soundsOf(reading, lexicon.accent)) ?? [];
}

const WITH_ALIKES = new WeakMap<Lexicon, ReadonlySet<string>>();

/** True for a word that another one of the list sounds like. */
export function hasSoundAlike(word: string, lexicon: Lexicon): boolean {
  let words = WITH_ALIKES.get(lexicon);
  if (!words) {
    words = new Set([...bySound(lexicon).values()].filter((alike) => alike.length > 1).flat());
    WITH_ALIKES.set(lexicon, words);
  }
  return words.has(word);
}

/**
 * Other words of the list that sound the same (sail, sale), commonest first.
 *
 * @example soundAlikes("sail", shippedLexicon()) // ["sale"]
 */
export function soundAlikes(word: string, lexicon: Lexicon): string[] {
  const entry = lexicon.get(word);
  // Most words sound like no other: for them nothing need be put together.
  if (!entry || !hasSoundAlike(word, lexicon)) return [];
  const same = bySound(lexicon).get(soundsOf(entry.readings[0], lexicon.accent)) ?? [];
  return same.filter((other) => other !== word);
}
