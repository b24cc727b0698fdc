import { lexiconIn } from "../lexicon/in-accent.ts";
import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { wordsSounding } from "../lexicon/sound-alikes.ts";
import { judgeNonsense, type NonsenseVerdict } from "../nonsense/judge-nonsense.ts";
import { hasTwoReadings } from "../scope/decodable.ts";
import { decode } from "../spelling/decode/decode.ts";
import { refusalOf, type WordRefusal } from "./allowed-words.ts";
import { entryOf } from "./entry-of.ts";
import { bridge } from "./ladder.ts";
import type { GapRequest } from "./neighbours.ts";
import { fitsTheBox, isEarsOnly } from "./planner/candidates.ts";
import { faultOf, type SpellingFault } from "./spelling-fault.ts";
import { stepBy } from "./step-by.ts";
import type { StepCheck } from "./step-compare.ts";

/** A bridge of more words is no mend but another chain. */
const LONGEST_BRIDGE = 4;

export interface JudgeRequest extends GapRequest {
  /** Nonsense words may stand in the chain. */
  readonly allowNonsense?: boolean;
}

export type WordVerdict =
  | { readonly ok: false; readonly fault: SpellingFault }
  | {
      readonly ok: boolean;
      readonly word: string;
      /** Why the group may not be shown it. */
      readonly refusal?: WordRefusal;
      /** For a spelling that is no word: listed words that sound so (kat: cat). */
      readonly soundsLike: readonly string[];
      /** For a spelling that is no word: whether it would do as a nonsense word. */
      readonly nonsense?: NonsenseVerdict;
      /** Already in the chain. */
      readonly repeated: boolean;
      readonly twoReadings: boolean;
      /** The box has not the tiles for it. */
      readonly tilesMissing: boolean;
      readonly stepBefore?: StepCheck;
      readonly stepAfter?: StepCheck;
      /** Words that would mend the step, where it is not a single one and a few words do. */
      readonly bridgeBefore?: readonly string[];
      readonly bridgeAfter?: readonly string[];
    };

/**
 * Judges a word that a teacher types for a gap: is it a word, may this group be shown it, and is it one
 * step from both neighbours? Every part of the answer is given, not only the first fault.
 */
export function judgeWord(typed: string, gap: JudgeRequest, list: Lexicon = shippedLexicon()): WordVerdict {
  const lexicon = lexiconIn(list, gap.taught.accent);
  const word = normaliseSpelling(typed);
  const fault = faultOf(word);
  if (fault) return { ok: false, fault };
  const found = refusalOf(word, gap, lexicon, isEarsOnly(gap) ? "ears-only" : "taught");
  const nonsense = found?.code === "not-in-list" ? judgeNonsense(word, gap.taught, lexicon) : undefined;
  const refusal = nonsense?.ok && gap.allowNonsense ? undefined : found;
  const entry = entryOf(word, lexicon);
  const repeated = gap.taken?.includes(word) ?? false;
  const options = gap.moves ? { moves: gap.moves } : {};
  const between = (from: string, to: string) => stepBy(gap.mode, from, to, options, lexicon);
  const isWord = entry !== undefined && (found?.code !== "not-in-list" || nonsense?.ok === true);
  const stepBefore = isWord && gap.before !== undefined ? between(gap.before, word) : undefined;
  const stepAfter = isWord && gap.after !== undefined ? between(word, gap.after) : undefined;
  const tilesMissing = entry !== undefined && !fitsTheBox(entry, gap);
  const ok = !refusal && !repeated && !tilesMissing && stepBefore?.single !== false && stepAfter?.single !== false;
  const mend = (step: StepCheck | undefined, from: string | undefined, to: string | undefined) => {
    if (refusal || repeated || step?.single !== false || from === undefined || to === undefined) return undefined;
    const words = bridge(from, to, { ...gap, taken: [...(gap.taken ?? []), word] }, lexicon);
    return words && words.length > 0 && words.length <= LONGEST_BRIDGE ? words : undefined;
  };
  const bridgeBefore = mend(stepBefore, gap.before, word);
  const bridgeAfter = mend(stepAfter, word, gap.after);
  return {
    ok,
    word,
    ...(refusal && { refusal }),
    soundsLike: found?.code === "not-in-list" ? soundsLike(word, lexicon) : [],
    ...(nonsense && { nonsense }),
    repeated,
    twoReadings: entry ? hasTwoReadings(entry) : false,
    tilesMissing,
    ...(stepBefore && { stepBefore }),
    ...(stepAfter && { stepAfter }),
    ...(bridgeBefore && { bridgeBefore }),
    ...(bridgeAfter && { bridgeAfter }),
  };
}

function soundsLike(word: string, lexicon: Lexicon): readonly string[] {
  const reading = decode(word);
  return reading ? wordsSounding(reading, lexicon).filter((other) => !lexicon.unsuitable(other)) : [];
}
