import type { AccentSettings } from "../sounds/accents.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { heardAs } from "../sounds/sound-class.ts";
import { heardKey } from "./heard.ts";
import type { OralItem, Spoken } from "./item.ts";

/**
 * Is an item what it says, by its sounds alone? Exactly one sound is added, taken away or changed, and at its
 * place; parts make the word; what rhymes rhymes. Every item is held against this before it is given.
 */
export function isTrue(item: OralItem, accent: AccentSettings): boolean {
  const hear = ({ sounds }: Pick<Spoken, "sounds">) => sounds.map((id, k) => heardAs(id, accent, sounds[k + 1]));
  const same = (a: readonly string[], b: readonly string[]) => heardKey(a) === heardKey(b);
  const without = (list: readonly string[], at: number) => list.filter((_, k) => k !== at);
  const rime = (spoken: Spoken) => {
    const heard = hear(spoken);
    return heard.slice(spoken.sounds.findIndex(isVowel));
  };
  switch (item.kind) {
    case "rhyme-or-not":
      return !same(hear(item.first), hear(item.second)) && same(rime(item.first), rime(item.second)) === item.answer;
    case "say-a-rhyme":
      return (
        item.answers.length > 0 &&
        item.answers.every((answer) => same(rime(answer), rime(item.first)) && !same(hear(answer), hear(item.first)))
      );
    case "which-sound": {
      const { sounds } = item.first;
      const at = { beginning: 0, end: sounds.length - 1, middle: 1, "in-a-cluster": -1 }[item.place];
      return sounds[at] === item.answer && (item.place !== "middle" || (sounds.length === 3 && isVowel(item.answer)));
    }
    case "blend":
      return joins(item.parts, item.answer);
    case "split":
      return joins(item.answers, item.first);
    case "add":
      return item.answer.sounds[item.at] === item.sound && same(without(hear(item.answer), item.at), hear(item.first));
    case "take":
      return item.first.sounds[item.at] === item.sound && same(without(hear(item.first), item.at), hear(item.answer));
    case "change": {
      const [from, to] = [hear(item.first), hear(item.answer)];
      const differing = from.flatMap((sound, k) => (sound === to[k] ? [] : [k]));
      return (
        from.length === to.length &&
        differing.length === 1 &&
        differing[0] === item.at &&
        item.first.sounds[item.at] === item.old &&
        item.answer.sounds[item.at] === item.sound
      );
    }
  }
}

const joins = (parts: readonly Spoken[], whole: Spoken): boolean =>
  parts.length >= 2 &&
  parts.every(({ sounds }) => sounds.length > 0) &&
  parts.flatMap(({ sounds }) => sounds).join(" ") === whole.sounds.join(" ");
