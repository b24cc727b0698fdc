import type {
  Missing,
  SpellingFault,
  StepCheck,
  StepReason,
  UnitPlace,
  WordRefusal,
  WordVerdict,
} from "../../core/light.ts";
import { KEPT_OUT_BECAUSE } from "./kept-out-lists.ts";
import { PATTERN_NAME } from "./pattern-names.ts";
import { POSITION_NAME } from "./position-name.ts";
import { soundName } from "./sounds.ts";

/** The words for the reasons the core gives. One function a kind; nothing here decides anything. */

const PLACE_NAME: Readonly<Record<UnitPlace, string>> = {
  start: "at the start of a word",
  inside: "inside a word",
  end: "at the end of a word",
};

/** One thing that a word needs and that is not taught, in a few words. */
export function missingWords(missing: Missing): string {
  switch (missing.kind) {
    case "gpc": {
      const place = missing.taughtElsewhere ? ` ${PLACE_NAME[missing.place]}` : "";
      const sound = missing.graphemeTaught && !missing.taughtElsewhere ? ` said ${soundName(missing.phonemes)}` : "";
      return `${missing.grapheme}${sound}${place}`;
    }
    case "pattern":
      return PATTERN_NAME[missing.pattern];
    case "unsplittable":
      return `${missing.word}: its letters and sounds cannot be matched`;
    case "unknown-word":
      return `${missing.word} is not in the word list`;
  }
}

/** `"Not taught yet: ck, the ending -s"`. */
export function notTaughtWords(missing: readonly Missing[]): string {
  return `Not taught yet: ${missing.map(missingWords).join(", ")}`;
}

/** Why a word is refused, as a sentence for the teacher. */
export function refusalWords(refusal: WordRefusal): string {
  switch (refusal.code) {
    case "not-in-list":
      return "Not in the word list. Check the spelling; names and abbreviations are left out.";
    case "unsplittable":
      return "Learnt as a whole: its letters and sounds cannot be matched one by one.";
    case "unsuitable":
      return refusal.level === "never"
        ? "Not a word for a reading lesson."
        : `${KEPT_OUT_BECAUSE[refusal.level]} The school can let such words in.`;
    case "never-list":
      return "On your own list of words to keep out.";
    case "not-decodable":
      return notTaughtWords(refusal.missing);
  }
}

/** Why two words are not one step apart, as a sentence for the teacher. */
export function stepReasonWords(reason: StepReason): string {
  switch (reason.code) {
    case "unknown-word":
      return `${reason.word} is not in the word list`;
    case "unsplittable":
      return `${reason.word} is learnt as a whole: its letters and sounds cannot be matched`;
    case "same-word":
      return "the same word again";
    case "same-sound-other-spelling":
      return "sounds the same; only the spelling differs";
    case "same-letters-other-sound":
      return `${reason.grapheme} is the same letters said another way: ${soundName(reason.oldSound)}, then ${soundName(reason.newSound)}`;
    case "neighbour-respelled":
      return `a second grapheme has to change too: ${reason.oldGrapheme} becomes ${reason.newGrapheme}`;
    case "neighbour-sound-shifts":
      return `${reason.grapheme} changes its sound too: ${soundName(reason.oldSound)}, then ${soundName(reason.newSound)}`;
    case "swap-not-allowed":
      return `${reason.units[0]} and ${reason.units[1]} change places: two changes`;
    case "letters-move":
      return "the letters beside the change do not stay where they are";
    case "move-not-allowed":
      return "that kind of change is switched off";
    case "several-units":
      return `${reason.count} graphemes differ`;
  }
}

/** The step into a word, in parts so that graphemes can stand in Andika. */
export interface StepWords {
  readonly before: string;
  readonly oldGrapheme?: string;
  readonly between: string;
  readonly newGrapheme?: string;
  readonly after: string;
}

/** A step in the parts that a chain shows: what goes out, what comes in, where. */
export function stepWords(step: StepCheck): StepWords {
  if (!step.single) return { before: `Look again: ${stepReasonWords(step.reason)}`, between: "", after: "" };
  const position = ` · ${POSITION_NAME[step.position]}`;
  const [oldGrapheme, newGrapheme] = [step.oldUnit?.grapheme, step.newUnit?.grapheme];
  switch (step.kind) {
    case "change":
      return { before: "", oldGrapheme, newGrapheme, between: " becomes ", after: position } as StepWords;
    case "add":
      return { before: "", newGrapheme, between: "", after: ` added${position}` } as StepWords;
    case "take-away":
      return { before: "", oldGrapheme, between: "", after: ` taken away${position}` } as StepWords;
    case "swap":
      return { before: "", oldGrapheme, newGrapheme, between: " changes places with ", after: position } as StepWords;
  }
}

/** A step, or why it is none, in one sentence. */
export function stepSentence(step: StepCheck): string {
  const { before, oldGrapheme = "", between, newGrapheme = "", after } = stepWords(step);
  return `${before}${oldGrapheme}${between}${newGrapheme}${after}`;
}

/** What is wrong with a spelling typed by hand, as a sentence for the teacher. */
export function faultWords(fault: SpellingFault): string {
  switch (fault.code) {
    case "empty":
      return "Type a word.";
    case "too-long":
      return `Longer than any word: at most ${fault.longest} letters.`;
    case "several-words":
      return "One word at a time.";
    case "not-letters":
      return `Only the letters a to z: take out ${[...fault.characters].slice(0, 5).join(" ")}`;
  }
}

/** The first thing wrong with a typed word, or what is right about it. */
export function verdictWords(verdict: WordVerdict): string {
  if ("fault" in verdict) return faultWords(verdict.fault);
  if (verdict.refusal) {
    const alike = verdict.soundsLike.slice(0, 3).join(", ");
    return alike === "" ? refusalWords(verdict.refusal) : `Not in the word list. It sounds like ${alike}.`;
  }
  if (verdict.tilesMissing) return "The box has not the tiles for it.";
  if (verdict.repeated) return "Already in this chain.";
  if (verdict.stepBefore && !verdict.stepBefore.single)
    return `From the word before: ${stepReasonWords(verdict.stepBefore.reason)}.`;
  if (verdict.stepAfter && !verdict.stepAfter.single)
    return `To the word after: ${stepReasonWords(verdict.stepAfter.reason)}.`;
  const step = verdict.stepBefore ?? verdict.stepAfter;
  const remarks = `${verdict.twoReadings ? " · can be said in two ways" : ""}${verdict.nonsense ? " · a nonsense word" : ""}`;
  return `Fits${step ? `: ${stepSentence(step)}` : ""}${remarks}`;
}
