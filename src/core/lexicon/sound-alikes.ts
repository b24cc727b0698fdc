import { soundClassOf } from "../sounds/sound-class.ts";
import { phonemesOf } from "../spelling/segmentation.ts";
import type { Lexicon } from "./lexicon.ts";

const BY_SOUND = new WeakMap<Lexicon, Map<string, string[]>>();

/** Words by the sound of their leading reading, commonest first. */
function bySound(lexicon: Lexicon): Map<string, string[]> {
  let map = BY_SOUND.get(lexicon);
  if (!map) {
    map = new Map();
    for (const { word, readings } of lexicon.words) {
      const key = soundClassOf(phonemesOf(readings[0]));
      const list = map.get(key);
      if (list) list.push(word);
      else map.set(key, [word]);
    }
    BY_SOUND.set(lexicon, map);
  }
  return map;
}

/** Other words of the list that sound the same (sail, sale), commonest first. */
export function soundAlikes(word: string, lexicon: Lexicon): string[] {
  const entry = lexicon.get(word);
  if (!entry) return [];
  const same = bySound(lexicon).get(soundClassOf(phonemesOf(entry.readings[0]))) ?? [];
  return same.filter((other) => other !== word);
}
