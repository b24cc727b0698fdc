import { MOVES } from "../chains/moves.ts";
import { checkPhonemeStep } from "../chains/oral-step.ts";
import type { SingleStep } from "../chains/step-compare.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { heardPhonemes } from "../spelling/said.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import type { OralItem, SoundPlace, Spoken } from "./item.ts";
import type { OralSkill } from "./skills.ts";

/** Items of one skill, in a row. */
export interface OralChainPart {
  readonly skill: OralSkill;
  readonly items: readonly OralItem[];
}

/**
 * A chain for the ears, step by step: the word said, the sound to add, take away or change, the word that comes of it.
 * Every item says its own first word, so that where there is no such step (two sounds change places, or more than one
 * differs) the chain goes on from the next word.
 */
export function oralChain(words: readonly string[], lexicon: Lexicon = shippedLexicon()): OralChainPart[] {
  const parts: { skill: OralSkill; items: OralItem[] }[] = [];
  words.slice(1).forEach((word, k) => {
    const step = checkPhonemeStep(words[k] as string, word, { moves: MOVES }, lexicon);
    const item = step.single ? itemOf(step, lexicon) : undefined;
    if (!item) return;
    const last = parts.at(-1);
    if (last?.skill === item.skill) last.items.push(item);
    else parts.push({ skill: item.skill, items: [item] });
  });
  return parts;
}

function itemOf(step: SingleStep, lexicon: Lexicon): OralItem | undefined {
  const [first, answer] = [spoken(step.from, lexicon), spoken(step.to, lexicon)];
  const longer = step.kind === "take-away" ? first : answer;
  const at = step.index;
  const [old, sound] = [first.sounds[at] as string, longer.sounds[at] as string];
  const place = placeOf(step, at, longer.sounds.length);
  const isBefore = place === "beginning" || step.position === "initial";
  const own = (skill: OralSkill) => ({ skill, key: `${skill} ${first.text} ${answer.text}`, first, answer, place, at });
  switch (step.kind) {
    case "change":
      return { kind: "change", ...own(CHANGE[step.position]), old, sound };
    case "add":
      return { kind: "add", ...own(isBefore ? "add-beginning" : "add-end"), sound };
    case "take-away":
      return { kind: "take", ...own(place === "in-a-cluster" ? "take-from-cluster" : TAKE[place]), sound };
    case "swap":
      return undefined;
  }
}

const CHANGE = { initial: "change-beginning", medial: "change-middle", final: "change-end" } as const;
const TAKE = { beginning: "take-beginning", middle: "take-from-cluster", end: "take-end" } as const;

function placeOf({ position }: SingleStep, at: number, length: number): SoundPlace {
  if (at === 0) return "beginning";
  if (at === length - 1) return "end";
  return position === "medial" ? "middle" : "in-a-cluster";
}

const spoken = (reading: Segmentation, lexicon: Lexicon): Spoken => ({
  sounds: heardPhonemes(reading, lexicon.accent),
  text: reading.word,
  isWord: lexicon.get(reading.word) !== undefined,
});
