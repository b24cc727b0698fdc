import type {
  Bin,
  BlendingWay,
  Correction,
  Fading,
  PracticeSettings,
  Prompt,
  Routine,
  Support,
  TurnPattern,
} from "../../core/light.ts";
import { factWords } from "./fact-words.ts";
import { binName } from "./family-names.ts";
import { oralAnswer, promptText } from "./oral-words.ts";
import { PATTERN_SHORT } from "./pattern-names.ts";
import { POSITION_NAME } from "./position-name.ts";
import { gpcLetters, soundAlone, soundName } from "./sounds.ts";

/** What a helper says, line by line, and the choices of a school in words. */

export const SUPPORT_NAME: Readonly<Record<Support, string>> = {
  "tap-aloud": "tap aloud",
  "tap-silently": "tap silently",
  "at-sight": "at sight",
};

export const BLENDING_NAME: Readonly<Record<BlendingWay, string>> = {
  "sound-by-sound": "sound by sound, then blend",
  "build-up": "build up as you go (s, sa, sat)",
  "voice-kept-going": "voice kept going between sounds",
  "beginning-and-rime": "beginning and rime (s + at)",
  "body-and-ending": "body and ending (sa + t)",
  "letter-groups-first": "spot the letter groups, then sound",
};

export const TURNS_NAME: Readonly<Record<TurnPattern, string>> = {
  "my-together-your": "my turn, together, your turn",
  "your-turn": "straight to your turn",
};

export const CORRECTION_NAME: Readonly<Record<Correction, string>> = {
  "show-together-alone": "show, together, alone, two words back and on again",
  "write-it-underneath": "write it again correctly underneath",
};

export const FADING_NAME: Readonly<Record<Fading, string>> = {
  shorter: "a second less each lesson",
  longer: "a second more each lesson",
  stays: "the same every lesson",
};

/** `"my turn, together, your turn · tap aloud · 5 seconds to think"`. */
export function settingsText({ turns, support, thinking }: PracticeSettings): string {
  return [TURNS_NAME[turns], SUPPORT_NAME[support], ...thinkingText(thinking)].join(" · ");
}

const thinkingText = (seconds: number): string[] =>
  seconds > 0 ? [`${seconds} ${seconds === 1 ? "second" : "seconds"} to think`] : [];

/**
 * The routine in full, or only where it differs from the usual one.
 *
 * @param routine what of it fits
 */
export function routineText(settings: PracticeSettings, routine: Routine, usual?: PracticeSettings): string {
  if (routine === "none") return "";
  const parts = [
    { key: "turns", says: [TURNS_NAME[settings.turns]] },
    ...(routine === "tapped" ? ([{ key: "support", says: [SUPPORT_NAME[settings.support]] }] as const) : []),
    { key: "thinking", says: thinkingText(settings.thinking) },
    { key: "correction", says: [`when wrong: ${CORRECTION_NAME[settings.correction]}`] },
  ] as const;
  return parts
    .filter(({ key }) => usual?.[key] !== settings[key])
    .flatMap(({ says }) => says)
    .join(" · ");
}

/** What is said, and after a dash what is right. */
export interface SaidLine {
  readonly say: string;
  readonly answer?: string;
}

const at = (position: keyof typeof POSITION_NAME): string =>
  `${position === "medial" ? "in" : "at"} the ${POSITION_NAME[position]}`;

/** What the teacher says and does for a prompt. */
export function promptLine(prompt: Prompt): SaidLine {
  switch (prompt.code) {
    case "first-word":
      return prompt.build
        ? { say: `Listen: ${prompt.word}. Say it, tap its sounds, build it.` }
        : { say: "Read this word.", answer: prompt.word };
    case "change":
      return prompt.build
        ? {
            say: `Now make it say ${prompt.answer}. Which sound changes?`,
            answer: `${soundName(prompt.old)} becomes ${soundName(prompt.now)} ${at(prompt.position)}`,
          }
        : {
            say: `Find ${soundName(prompt.old, prompt.answer)} ${at(prompt.position)}. Change it to ${soundName(prompt.now, prompt.answer)}. What is the word?`,
            answer: prompt.answer,
          };
    case "add":
      return prompt.build
        ? {
            say: `Now make it say ${prompt.answer}. Which sound comes in?`,
            answer: `${soundName(prompt.now)} ${at(prompt.position)}`,
          }
        : {
            say: `Put ${soundName(prompt.now, prompt.answer)} in ${at(prompt.position)}. What is the word?`,
            answer: prompt.answer,
          };
    case "take-away":
      return prompt.build
        ? {
            say: `Now make it say ${prompt.answer}. Which sound goes?`,
            answer: `${soundName(prompt.old)} ${at(prompt.position)}`,
          }
        : {
            say: `Take ${soundName(prompt.old, prompt.answer)} away ${at(prompt.position)}. What is the word?`,
            answer: prompt.answer,
          };
    case "card":
      return prompt.also.length === 0
        ? { say: `Show ${prompt.grapheme}. Which sound?`, answer: soundName(prompt.sound) }
        : {
            say: `Show ${prompt.grapheme}. Which ${prompt.also.length + 1} sounds?`,
            answer: [prompt.sound, ...prompt.also].map((sound) => soundName(sound)).join("; "),
          };
    case "spell":
      return {
        say: `Write every way you know to spell ${soundName(prompt.sound)}.`,
        answer: prompt.graphemes
          .map((grapheme, k) => {
            const facts = prompt.facts?.[k] ?? [];
            return facts.length === 0 ? grapheme : `${grapheme} (${facts.map(factWords).join("; ")})`;
          })
          .join(", "),
      };
    case "new-sound":
      return {
        say: `This is ${prompt.grapheme}. It says ${prompt.keyWord ? `${soundAlone(prompt.sound)} as in ${prompt.keyWord}` : soundName(prompt.sound)}: ${prompt.cue}.`,
        ...(prompt.facts.length > 0 && { answer: prompt.facts.map(factWords).join("; ") }),
      };
    case "read":
      return { say: "Sound it, blend it, say it.", answer: prompt.word };
    case "dictate":
      return {
        say: `Listen: ${[`${prompt.word}.`, prompt.context, "Say it, tap it, write it, read it back."].filter(Boolean).join(" ")}`,
      };
    case "dictate-sentence":
      return { say: `Listen, count the words, say it, write it: ${prompt.sentence}` };
    case "find":
      return { say: `Show: ${prompt.among.join(", ")}. Point to ${prompt.word}.` };
    case "gap":
      return { say: `Say ${prompt.word}. Show ${prompt.gapped}. Which goes in: ${prompt.choices.join(", ")}?` };
    case "judge":
      return {
        say: `Say ${prompt.word}, show ${prompt.shown}. Is it right?`,
        answer: prompt.word === prompt.shown ? "right" : "not right: mend it",
      };
    case "real":
      return { say: `Show ${prompt.word}. A real word, or nonsense?`, answer: prompt.real ? "real" : "nonsense" };
    case "whole":
      return {
        say: ["Show it. Which part is not as one would think? Read it.", prompt.sentence && `Then: ${prompt.sentence}`]
          .filter(Boolean)
          .join(" "),
        answer: [prompt.word, ...(prompt.odd.length > 0 ? [`to be pointed out: ${prompt.odd.join(", ")}`] : [])].join(
          "; ",
        ),
      };
    case "oral":
      return { say: promptText(prompt.item), answer: oralAnswer(prompt.item) };
    case "sort":
      return {
        say: `Read it. Where does it go: ${prompt.bins.map(binName).join(", ")}, or nowhere?`,
        answer: prompt.belongs === undefined ? "nowhere" : binName(prompt.bins[prompt.belongs] as Bin),
      };
    case "which-word":
      return { say: `Read it: ${prompt.gapped} Which word fits: ${prompt.choices.join(", ")}?`, answer: prompt.word };
    case "which-spelling":
      return {
        say: `Say: ${prompt.word}. ${prompt.sentence} Which one is it: ${prompt.choices.join(", ")}?`,
        answer: prompt.word,
      };
    case "word-part":
      return {
        say: `Read ${prompt.base}, then ${prompt.word}. What does ${PATTERN_SHORT[prompt.part]} tell us?`,
        answer: prompt.meaning,
      };
    case "read-text":
      return {
        say:
          prompt.targets.length > 0
            ? `Look first: how often do you see ${prompt.targets.map(gpcLetters).join(" or ")}? Then read.`
            : "Read it.",
      };
    case "read-in-text":
      return { say: "Listen. Press a word that is read wrong.", answer: prompt.word };
    case "question":
      return { say: prompt.question };
    case "true-or-not":
      return {
        say: `Read it: ${prompt.sentence} Does the text say so?`,
        answer: prompt.isTrue ? "the text says so" : "not so: find what the text says",
      };
    case "text":
      return { say: prompt.text };
  }
}
