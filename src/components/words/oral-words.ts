import type {
  CountersTask,
  CountersVerdict,
  NoOralSet,
  OralItem,
  OralSkill,
  OralSource,
  SoundPlace,
  Spoken,
} from "../../core/light.ts";
import { soundName, soundsText } from "./sounds.ts";

/** The words for ears-only work: what to ask, and what is right. */

export const SKILL_NAME: Readonly<Record<OralSkill, string>> = {
  "rhyme-or-not": "Rhyme: yes or no",
  "say-a-rhyme": "Rhyme: say one",
  "first-sound": "First sound",
  "last-sound": "Last sound",
  "middle-sound": "Middle sound",
  "blend-onset-rime": "Blend beginning and rime",
  "blend-body-last": "Blend body and last sound",
  "blend-sounds": "Blend all sounds",
  "split-onset-rime": "Split into two parts",
  "split-sounds": "Split into sounds",
  "add-beginning": "Add a sound at the beginning",
  "add-end": "Add a sound at the end",
  "take-beginning": "Take the first sound away",
  "take-end": "Take the last sound away",
  "take-from-cluster": "Take one of two consonants away",
  "change-beginning": "Change the first sound",
  "change-middle": "Change the middle sound",
  "change-end": "Change the last sound",
};

export const SOURCE_NAME: Readonly<Record<OralSource, string>> = {
  "today-first": "today's words first",
  "today-only": "today's words only",
  "heard-often": "words heard often",
};

const PLACE: Readonly<Record<SoundPlace, string>> = {
  beginning: "first",
  middle: "middle",
  end: "last",
  "in-a-cluster": "one",
};

/** A word in letters; a part in letters and sounds, since letters alone may mislead. */
export const spokenText = ({ text, sounds, isWord }: Spoken): string =>
  isWord ? text : `${text} ${soundsText(sounds)}`;

/** A piece of what the teacher says; words said for the learners to work on stand out. */
export interface PromptPiece {
  readonly text: string;
  readonly isWord: boolean;
}

const say = (text: string): PromptPiece => ({ text, isWord: false });
const word = ({ text }: Spoken): PromptPiece => ({ text, isWord: true });

/** What the teacher says, in pieces. */
export function oralPrompt(item: OralItem): PromptPiece[] {
  switch (item.kind) {
    case "rhyme-or-not":
      return [say("Do "), word(item.first), say(" and "), word(item.second), say(" rhyme?")];
    case "say-a-rhyme":
      return [say("Say a word that rhymes with "), word(item.first), say(".")];
    case "which-sound":
      return [say(`Which is the ${PLACE[item.place]} sound of `), word(item.first), say("?")];
    case "blend":
      return [say(`${item.parts.map(({ sounds }) => soundsText(sounds)).join(" … ")} Which word is it?`)];
    case "split":
      return item.skill === "split-onset-rime"
        ? [say("Say "), word(item.first), say(" in two parts.")]
        : [say("Say the sounds of "), word(item.first), say(" one by one.")];
    case "add":
      return [
        say("Say "),
        word(item.first),
        say(`. Put ${soundName([item.sound], item.answer.text)} ${addedWhere(item)}.`),
      ];
    case "take":
      return [say("Say "), word(item.first), say(`. Leave out ${soundName([item.sound], item.answer.text)}.`)];
    case "change":
      return [
        say("Say "),
        word(item.first),
        say(
          `. In place of ${soundName([item.old], item.answer.text)} say ${soundName([item.sound], item.answer.text)}.`,
        ),
      ];
  }
}

function addedWhere({
  place,
  at,
  answer,
}: Pick<OralItem & { kind: "add" | "take" }, "place" | "at" | "answer">): string {
  if (place === "beginning") return "before it";
  return place === "end" ? "after it" : `in, after ${soundName(answer.sounds.slice(at - 1, at), answer.text)}`;
}

/** The same as one text. */
export const promptText = (item: OralItem): string =>
  oralPrompt(item)
    .map(({ text }) => text)
    .join("");

/** What is right. */
export function oralAnswer(item: OralItem): string {
  switch (item.kind) {
    case "rhyme-or-not":
      return item.answer ? "yes" : "no";
    case "say-a-rhyme":
      return `any rhyme: ${item.answers.map(({ text }) => text).join(", ")}`;
    case "which-sound":
      return soundName([item.answer]);
    case "split":
      return item.answers.map(({ sounds }) => soundsText(sounds)).join(" · ");
    case "blend":
    case "add":
    case "take":
    case "change":
      return spokenText(item.answer);
  }
}

/** Why there are no ears-only items, as a sentence for the teacher. */
export function noOralSetWords(reason: NoOralSet): string {
  switch (reason.code) {
    case "count-out-of-range":
      return `Choose ${reason.least} to ${reason.most} items.`;
    case "no-words-given":
      return "Choose a chain or a set, or type today's words.";
    case "words-do-not-serve":
      return `Today's words give ${reason.possible === 0 ? "no item" : `only ${reason.possible}`} for this. Let words heard often in, or choose another skill.`;
  }
}

/** What a learner does with counters, as the teacher says it. */
export const countersAsk = ({ does }: CountersTask): string =>
  ({
    split: "One counter for each sound.",
    change: "Lift the counter of the sound that changes.",
    take: "Lift the sound that goes, and take it away.",
    add: "Put one in where the new sound comes: lift the counter that it comes before, or none for the end.",
  })[does];

/** What a look at the counters says. */
export const countersVerdictWords = ({ code }: CountersVerdict): string =>
  ({
    right: "Right",
    "too-few": "There are more sounds. Say it again, slowly.",
    "too-many": "There are fewer sounds. Say it again, slowly.",
    "other-sound": "It is another sound. Say both words again.",
    "none-lifted": "Which one changes? Lift it.",
  })[code];
