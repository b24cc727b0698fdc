import { isVowel } from "../sounds/phonemes.ts";
import type { Segmentation, Slot, Unit } from "../spelling/segmentation.ts";
import type { OralItem, Spoken } from "./item.ts";
import { ORAL_SKILLS, type OralSkill } from "./skills.ts";

/** What a learner answers to by ear: sounds without letters. */
export interface OralTarget {
  readonly skill: OralSkill;
  /** The sounds that the answer is held against, one unit a sound, each with an empty grapheme. */
  readonly reading: Segmentation;
  /** Indices of the units that are asked for: the first one for a first sound; none where any rhyme is right. */
  readonly asked: readonly number[];
}

/** Which sounds of the word a skill asks for. */
const ASKED: Readonly<Partial<Record<OralSkill, (sounds: readonly string[]) => number[]>>> = {
  "rhyme-or-not": () => [],
  "say-a-rhyme": () => [],
  "first-sound": () => [0],
  "last-sound": (sounds) => [sounds.length - 1],
  "middle-sound": (sounds) => [sounds.findIndex(isVowel)],
};

/** What holds the sounds of the answer: the word that is to be said, or the one that is listened to. */
const spokenOf = (item: OralItem): Spoken => (item.kind === "blend" || isMade(item) ? item.answer : item.first);

/** A sound is put in, left out or changed: another word is said. */
const isMade = (item: OralItem): item is Extract<OralItem, { readonly kind: "add" | "take" | "change" }> =>
  item.kind === "add" || item.kind === "take" || item.kind === "change";

/** What stands for an item in a list of marks: the word that was said to the learners. */
const labelOf = (item: OralItem): string => {
  if (item.kind === "blend") return item.answer.text;
  return item.kind === "rhyme-or-not" ? `${item.first.text}, ${item.second.text}` : item.first.text;
};

/** What is answered to in an ears-only item. */
export function oralTargetOf(item: OralItem): OralTarget {
  return targetFrom(item.skill, labelOf(item), spokenOf(item).sounds);
}

function targetFrom(skill: OralSkill, label: string, sounds: readonly string[]): OralTarget {
  const vowel = sounds.findIndex(isVowel);
  const slotAt = (k: number): Slot => (k === vowel ? "nucleus" : k < vowel ? "onset" : "coda");
  const units = sounds.map(
    (id, k): Unit => ({ grapheme: "", letters: [], phonemes: [id], slot: slotAt(k), commonness: 1 }),
  );
  return { skill, reading: { word: label, units, cost: 0 }, asked: ASKED[skill]?.(sounds) ?? units.map((_, k) => k) };
}

/** What stands between the skill and the word in the name of an item. */
const COLON = ":";

/** The name of what is answered to, as a lesson keeps it: `"take-end:stamp"`. No word and no card has a colon. */
export const oralName = (item: OralItem): string => `${item.skill}${COLON}${labelOf(item)}`;

/** Is a target an ears-only item? */
export const isOralName = (target: string): boolean => /^[a-z-]+:/.test(target);

/** `"stamp"`: the word in the name of an ears-only item. */
export const wordOfOralName = (target: string): string => target.slice(target.indexOf(COLON) + 1);

/** What was asked for, as records keep it: `"take-end s.t.æ.m"`. */
export const writeOralTarget = ({ skill, reading }: OralTarget): string =>
  `${skill} ${reading.units.map(({ phonemes }) => phonemes[0]).join(".")}`;

/** The opposite of `writeOralTarget`. @param label the word that stands for it @throws Error for a skill that does not exist */
export function readOralTarget(label: string, line: string): OralTarget {
  const [name, sounds = ""] = line.split(" ");
  const skill = ORAL_SKILLS.find((one) => one === name);
  if (!skill) throw new Error(`There is no ears-only skill "${name}"`);
  return targetFrom(skill, label, sounds.split("."));
}
