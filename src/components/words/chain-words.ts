import type {
  ChainMode,
  Familiarity,
  Move,
  NamedAs,
  NoChainReason,
  PositionPlan,
  RelaxationKind,
  WordFlag,
} from "../../core/light.ts";
import { gpcName, gpcNames } from "./gpc-name.ts";
import { patternName } from "./pattern-names.ts";
import { refusalWords } from "./reasons.ts";

/** The words for what a chain is asked for, why there is none, and what to know of its words. */

export const MODE_NAME: Readonly<Record<ChainMode, string>> = {
  reading: "reading",
  building: "building by ear",
  "ears-only": "ears only",
};

export const POSITION_PLAN_NAME: Readonly<Record<PositionPlan, string>> = {
  any: "anywhere",
  "beginnings-endings-middles": "beginnings, endings, middles",
  alternate: "never twice in one place",
  "hold-the-vowel": "hold the vowel",
  "only-the-vowel": "only the vowel",
};

export const MOVE_NAME: Readonly<Record<Move, string>> = {
  change: "change",
  add: "add",
  "take-away": "take away",
  swap: "swap",
};

/** How familiar words must be; 0: the most familiar first. */
export const FAMILIARITY_NAME: Readonly<Record<0 | Familiarity, string>> = {
  0: "the most familiar first",
  1: "said by five-year-olds",
  2: "known by seven",
  3: "met in reading by nine",
  4: "any word",
};

/** How well children know one word; nothing is said of those that most do. */
export const KNOWN_WORDS: Readonly<Record<Familiarity, string>> = {
  1: "said by five-year-olds",
  2: "",
  3: "met in reading",
  4: "seldom known",
};

const NAMED_AS: Readonly<Record<NamedAs, string>> = {
  start: "start with",
  end: "end with",
  "must-include": "include",
  fixed: "keep",
};

/** Why there is no chain, as a sentence for the teacher. @param focus what the chain aims at */
export function noChainWords(reason: NoChainReason, focus: readonly string[] = []): string {
  switch (reason.code) {
    case "length-out-of-range":
      return `A chain has ${reason.min} to ${reason.max} words. Choose a number in between.`;
    case "word-refused":
      return `The chain cannot ${NAMED_AS[reason.as]} ${reason.refusal.word}. ${refusalWords(reason.refusal)}`;
    case "word-alone":
      return `No word that may be used is one change away from ${reason.word}. Choose another word instead of it.`;
    case "too-many-named":
      return `${reason.named} words are named, and there is room for ${reason.most}. Make the chain longer, or name fewer.`;
    case "named-twice":
      return `${reason.word} is named for two places. A chain has every word once.`;
    case "aim-not-taught":
      return `Not taught at this step: ${gpcNames(reason.gpcs, focus)}. Take it out of the aim or move the group on.`;
    case "aim-out-of-reach":
      return `No chain can hold ${gpcNames(reason.aims, focus)}: the words with it are no step from others. Choose another aim, or a set of words instead.`;
    case "no-moves":
      return "No move is allowed. Let graphemes change, be added or be taken away.";
    case "no-tiles":
      return "The box is empty. Write what tiles it has, or leave the count out.";
    case "too-few-words":
      return `Only ${reason.words} words fit what is asked. Make the chain shorter, ask for less, or move the group on.`;
    case "locked-too-far":
      return `${reason.from} and ${reason.to} stand ${reason.steps} ${reason.steps === 1 ? "step" : "steps"} apart in the chain, and no way is that short.`;
    case "power-out-of-reach":
      return `No chain of up to ${reason.words} words shows the substitution that surely. The best reaches ${Math.round(reason.best * 100)} in 100.`;
    case "no-chain-of-length":
      return reason.longest < 2
        ? "No chain can be made as it is asked for."
        : `The longest chain found has ${reason.longest} words.`;
  }
}

/** What a relaxation is, as a button says it: `"8 → 6 words"`. @param focus what the chain aims at */
export function relaxationWords(relaxation: RelaxationKind, focus: readonly string[] = []): string {
  switch (relaxation.code) {
    case "shorter":
      return `${relaxation.length} words instead`;
    case "allow-move":
      return `Let a grapheme ${relaxation.move === "change" ? "change" : relaxation.move === "add" ? "be added" : "be taken away"}`;
    case "drop-start":
      return `Start with another word than ${relaxation.word}`;
    case "drop-end":
      return `End with another word than ${relaxation.word}`;
    case "drop-must-include":
      return `Leave ${relaxation.word} out`;
    case "unlock":
      return `Unlock ${relaxation.word}`;
    case "drop-aim":
      return `Take ${gpcNames([relaxation.gpc], focus)} out of the aim`;
    case "positions-anyhow":
      return "Let changes fall anywhere";
    case "longer-runs":
      return `Let ${relaxation.run} changes in a row fall in one place`;
    case "rarer-words":
      return "Use rarer words too";
    case "teach-gpc":
      return `Teach ${gpcName(relaxation.gpc)} first`;
    case "teach-pattern":
      return `Teach ${patternName(relaxation.pattern)} first`;
    case "one-nonsense-word":
      return "Allow one nonsense word";
    case "no-tile-count":
      return "Do not count the tiles";
    case "more-of-a-tile":
      return `Add a tile: ${relaxation.tile}`;
    case "read-instead":
      return "Let in words that sound like another";
    case "leave-open":
      return "Let the ends differ";
    case "lower-power":
      return `Settle for ${Math.round(relaxation.atLeast * 100)} in 100`;
  }
}

/** What a word of a chain is flagged for, in a few words. */
export function flagWords(flag: WordFlag): string {
  switch (flag.code) {
    case "sounds-like":
      return `sounds like ${flag.words.slice(0, 3).join(", ")}`;
    case "two-readings":
      return "said in two ways";
    case "near-pair":
      return `next to ${flag.other}`;
    case "odd-part":
      return `point out ${flag.grapheme}`;
    case "used-lately":
      return "used lately";
    case "rare":
      return "rare";
    case "nonsense":
      return "nonsense word";
  }
}

/** What words of a chain are counted for, and what none of them has; of a count of 0 that need not be said. */
export function aimsWords(focus: readonly string[], unmet: readonly string[]): string {
  const isPartlyMet = unmet.length > 0 && unmet.length < focus.length;
  return `with ${gpcNames(focus)}${isPartlyMet ? `; none with ${gpcNames(unmet, focus)}` : ""}`;
}
