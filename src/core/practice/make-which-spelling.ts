import { seededRandom } from "../random/seeded-random.ts";
import { shuffled } from "../random/shuffled.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import { soundAlikeSets } from "../texts/sound-alike-sentences.ts";
import type { ContentOfKind } from "./activity-kinds.ts";
import { keptOutFrom } from "./make-content.ts";
import type { Making } from "./making.ts";

/**
 * Words that sound the same, one after another: a sentence is said, and the spelling that it wants is found among the
 * others. Sets with today's sounds come first.
 *
 * @param count how many words, from 2
 * @returns undefined where the group can read no two words that sound the same
 */
export function whichSpelling(making: Making, count: number): ContentOfKind<"which-spelling"> | undefined {
  const { lexicon, request, today } = making;
  const { taught, focus, seed } = request;
  const isKeptOut = keptOutFrom(making);
  const readable = (word: string) =>
    checkDecodable(word, taught, lexicon).decodable && !isKeptOut(word) && !today.heldBack.includes(word);
  const sets = soundAlikeSets(lexicon, readable)
    .map((set) => set.filter(({ sentence }) => !isKeptOut(sentence)))
    .filter((set) => set.length > 1);
  const isToday = (set: (typeof sets)[number]) =>
    set.some(({ word }) => {
      const reading = lexicon.get(word)?.readings[0];
      return reading?.units.some(({ grapheme, phonemes }) => focus.includes(gpcId(grapheme, phonemes)));
    });
  const random = seededRandom(seed);
  const mixed = shuffled(sets, random);
  const items: ContentOfKind<"which-spelling">["items"][number][] = [];
  for (const set of [...mixed.filter(isToday), ...mixed.filter((one) => !isToday(one))]) {
    // A set is gone through whole: with one of its words alone the other would be known.
    if (items.length > 0 && items.length + set.length > Math.max(count, 2)) continue;
    const words = set.map(({ word }) => word);
    items.push(
      ...shuffled(set, random).map(({ word, sentence }) => ({
        word,
        sentence,
        foils: words.filter((other) => other !== word),
      })),
    );
  }
  return items.length > 0 ? { kind: "which-spelling", items } : undefined;
}
