import { FAMILIAR } from "../chains/planner/candidates.ts";
import { getOrMake } from "../get-or-make.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { phonemesOf } from "../spelling/segmentation.ts";
import { type TextRules, wordJudge } from "./check-text.ts";
import { mayMeet } from "./may-meet.ts";
import {
  classesOf,
  type Filler,
  FRAMES,
  type Frame,
  fillersOf,
  isNounClass,
  partOfClass,
  type Slot,
  type SlotPart,
} from "./sentence-slots.ts";
import { matchTarget, type TextTarget } from "./targets.ts";

/** For whom sentences are, and what they are to practise. */
export interface SentenceRules extends TextRules {
  readonly taught: TaughtSet;
  /** What they should have in them: today's sounds, what was read as what lately. */
  readonly targets?: readonly TextTarget[];
}

/** What sentences are wanted. */
export interface WantedSentences {
  /** How many, from 1. */
  readonly count: number;
  readonly seed: number;
  /** Words that were used a moment ago: they come last. */
  readonly avoid?: readonly string[];
  /** A little word that every sentence is to have: one that holds frames together (was, she). */
  readonly around?: string;
}

export type SentenceRequest = SentenceRules & WantedSentences;

export interface Sentence {
  readonly text: string;
  /** Its words as they are looked up. */
  readonly words: readonly string[];
  /** How many units of it are targets. */
  readonly hits: number;
  /** Which of the targets it has, by index. */
  readonly targets: readonly number[];
  /** The words that were put into its frame, names left aside, each with the part of speech that it is there. */
  readonly slots: readonly { readonly word: string; readonly part: SlotPart }[];
}

/** So many tries a frame for each sentence wanted; more of them find no better ones. */
const TRIES_A_FRAME = 8;
const MOST_TRIES_A_FRAME = 60;

/** What a sentence is worth, and what it loses for saying again what another has said. */
const WORTH = {
  hit: 3,
  mostHits: 4,
  unfamiliar: 0.5,
  chance: 1.5,
  wordAgain: 1.2,
  frameAgain: 1.6,
  avoided: 3,
} as const;

/**
 * Short sentences of words that this group can read: decodable, or taught as irregular words. Number and agreement are the
 * frame's; -s, -ed and the others only where they are taught; what may not meet does not.
 *
 * @returns as many as there are, the best first, no two alike; fewer than wanted at the first steps of an order
 *
 * @example makeSentences({ taught: taughtAt(sequenceById("phased"), 40), count: 3, seed: 1 }).length // 3
 */
export function makeSentences(request: SentenceRequest, list: Lexicon = shippedLexicon()): Sentence[] {
  return sentenceMaker(request, list)(request);
}

/** `makeSentences` for who asks several times by the same rules: which words fit is found out once. */
export function sentenceMaker(
  rules: SentenceRules,
  list: Lexicon = shippedLexicon(),
): (wanted: WantedSentences) => Sentence[] {
  const { taught, targets = [] } = rules;
  const words = fittingFillers(rules, lexiconIn(list, taught.accent));
  const usable = FRAMES.filter(
    (frame) =>
      (!frame.hasPossessive || taught.patterns.has("possessive")) &&
      frame.words.every((word) => words.fits(word)) &&
      frame.slots.every((slot) => words.fill(slot).length > 0),
  );
  return ({ count, seed, avoid, around }) => {
    const random = seededRandom(seed);
    const frames = usable.filter(
      (frame) => around === undefined || frame.words.some((word) => word.toLowerCase() === around),
    );
    const tries = Math.min(
      MOST_TRIES_A_FRAME,
      Math.max(TRIES_A_FRAME, Math.ceil((count * 6) / Math.max(1, frames.length))),
    );
    const made = new Map<string, Made>();
    const avoided = new Set(avoid);
    for (const frame of frames)
      for (let k = 0; k < tries; k++) {
        const filled = fillFrame(frame, words, random, targets.length > 0 && k % 2 === 0);
        if (!filled || made.has(filled.text)) continue;
        const spellings = targets.length > 0 || avoided.size > 0 ? spellingsIn(filled.text) : [];
        const worth =
          WORTH.hit * Math.min(hitsOf(spellings, words), WORTH.mostHits) +
          WORTH.chance * random() -
          WORTH.unfamiliar * filled.chosen.reduce((sum, { filler }) => sum + filler.unfamiliar, 0) -
          WORTH.avoided * spellings.filter((spelling) => avoided.has(normaliseSpelling(spelling))).length;
        made.set(filled.text, { ...filled, worth });
      }
    return choose([...made.values()], count).map((one) => asSentence(one, words));
  };
}

/** A frame with its slots filled. */
interface Filled {
  readonly frame: Frame;
  readonly chosen: readonly Chosen[];
  readonly text: string;
}

interface Made extends Filled {
  readonly worth: number;
}

/** The best, each weighed by what has been said already. */
function choose(made: readonly Made[], count: number): Filled[] {
  const said = new Map<string, number>();
  const framed = new Map<Frame, number>();
  const worthNow = ({ chosen, frame, worth }: Made): number =>
    worth -
    WORTH.wordAgain * chosen.reduce((sum, { filler }) => sum + (said.get(filler.base) ?? 0), 0) -
    WORTH.frameAgain * (framed.get(frame) ?? 0);
  // The worst first, by what each was worth when it was last looked at. Nothing grows in worth: what is still worth more
  // than the next one was is the best of all.
  const waiting = made.map((one) => ({ one, worth: one.worth })).sort((a, b) => a.worth - b.worth);
  const best: Filled[] = [];
  while (best.length < count) {
    const last = waiting.pop();
    if (!last) break;
    const { one } = last;
    const worth = worthNow(one);
    if (worth < (waiting.at(-1)?.worth ?? Number.NEGATIVE_INFINITY)) {
      waiting.splice(placeFor(worth, waiting), 0, { one, worth });
      continue;
    }
    for (const { filler } of one.chosen) said.set(filler.base, (said.get(filler.base) ?? 0) + 1);
    framed.set(one.frame, (framed.get(one.frame) ?? 0) + 1);
    best.push(one);
  }
  return best;
}

/** Where a worth belongs in a list that rises. @returns index of the first that is worth more, from 0 to the length */
function placeFor(worth: number, rising: readonly { readonly worth: number }[]): number {
  let [low, high] = [0, rising.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((rising[middle] as { worth: number }).worth > worth) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** A filler with what it is worth. */
interface FitFiller extends Filler {
  readonly hits: number;
  readonly startsWithVowel: boolean;
  /** 1 where a child of seven may not know it, else 0. */
  readonly unfamiliar: number;
  /** What it goes by in the list of what may not meet: itself, itself in its slot, and every class it is of. */
  readonly names: readonly string[];
}

interface FittingWords {
  readonly fits: (word: string) => boolean;
  readonly fill: (slot: Slot) => readonly FitFiller[];
  /** Those of them that have a target in them. */
  readonly fillWithHit: (slot: Slot) => readonly FitFiller[];
  /** Units of a word that are targets, a count for each target. */
  readonly hitsIn: (word: string) => readonly number[];
}

function fittingFillers({ taught, targets = [], ...rules }: SentenceRules, lexicon: Lexicon): FittingWords {
  const judge = wordJudge(taught, lexicon, rules);
  const judged = (word: string) => judge({ spelling: normaliseSpelling(word), hasCapital: /^[A-Z]/.test(word) });
  // The first word of a frame has a capital for its place: it is no name.
  const fits = (word: string) => judge({ spelling: word.toLowerCase(), hasCapital: false }).fits;
  const hits = new Map<string, readonly number[]>();
  const hitsIn = (word: string): readonly number[] =>
    getOrMake(hits, word, () => {
      const reading = targets.length > 0 ? judged(word).judged.reading : undefined;
      return targets.map((target) => (reading ? matchTarget(reading, target, lexicon).hits.length : 0));
    });
  const known = new Map<string, readonly FitFiller[]>();
  const knownWithHit = new Map<string, readonly FitFiller[]>();
  const fill = ({ slot, class: name, form }: Slot): readonly FitFiller[] => {
    let found = known.get(slot);
    if (!found) {
      found = fillersOf(name, form)
        // With a word that is kept out its forms are: no pigs where there is to be no pig.
        .filter(({ text, base }) => judged(text).fits && !rules.never?.includes(base))
        .map((filler): FitFiller => {
          const entry = lexicon.get(normaliseSpelling(filler.text));
          const reading = judged(filler.text).judged.reading ?? entry?.readings[0];
          const [first = ""] = reading ? phonemesOf(reading) : [];
          return {
            ...filler,
            hits: totalOf(hitsIn(filler.text)),
            startsWithVowel: reading ? isVowel(first) : /^[aeiou]/i.test(filler.text),
            unfamiliar: (entry?.familiarity ?? 1) > FAMILIAR ? 1 : 0,
            names: [filler.base, name, `${name}/${filler.base}`, ...classesOf(filler.base)],
          };
        });
      known.set(slot, found);
    }
    return found;
  };
  const fillWithHit = (slot: Slot): readonly FitFiller[] => {
    let found = knownWithHit.get(slot.slot);
    if (!found) {
      found = fill(slot).filter(({ hits }) => hits > 0);
      knownWithHit.set(slot.slot, found);
    }
    return found;
  };
  return { fits, hitsIn, fill, fillWithHit };
}

const totalOf = (counts: readonly number[]): number => counts.reduce((sum, count) => sum + count, 0);

/** May a word stand beside the others? */
const mayJoin = ({ filler }: Chosen, others: readonly Chosen[]): boolean =>
  others.every((other) => other.filler.base !== filler.base && mayMeet(filler.names, other.filler.names));

interface Chosen {
  readonly class: string;
  readonly filler: FitFiller;
}

/** A word that does not go with the others is drawn again so many times. */
const DRAWS = 5;

function fillFrame(frame: Frame, words: FittingWords, random: () => number, wantsHit: boolean): Filled | undefined {
  const withHits = wantsHit ? frame.slots.filter((slot) => words.fillWithHit(slot).length > 0) : [];
  const hitSlot = withHits[Math.floor(random() * withHits.length)];
  const chosen: Chosen[] = [];
  for (const slot of frame.slots) {
    const from = slot === hitSlot ? words.fillWithHit(slot) : words.fill(slot);
    let found: Chosen | undefined;
    for (let draw = 0; draw < DRAWS && !found; draw++) {
      const filler = from[Math.floor(random() * from.length)];
      const one = filler && { class: slot.class, filler };
      if (one && mayJoin(one, chosen)) found = one;
    }
    if (!found) return undefined;
    chosen.push(found);
  }
  const text = written(frame, chosen, words);
  return text === undefined ? undefined : { frame, chosen, text };
}

/** The sentence with its article, capital and stop; undefined where "a" or "an" may not stand or is not taught. */
function written(frame: Frame, chosen: readonly Chosen[], words: FittingWords): string | undefined {
  let text = "";
  let at = 0;
  for (const piece of frame.pieces) {
    if ("literal" in piece) {
      text += piece.literal;
      continue;
    }
    const { class: name, filler } = chosen[at++] as Chosen;
    if (piece.isAfterArticle) {
      const noun = isNounClass(name) ? filler : chosen.slice(at).find((next) => isNounClass(next.class))?.filler;
      if (noun && !noun.takesArticle) return undefined;
      const needed = filler.startsWithVowel ? "an" : "a";
      if (!words.fits(needed)) return undefined;
      if (needed === "an") text = `${text.slice(0, -1)}n `;
    }
    text += filler.text;
  }
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** The words of a sentence as they are written in it. */
const spellingsIn = (text: string): readonly string[] => text.match(/[A-Za-z][A-Za-z']*/g) ?? [];

/** Units in words that are targets. */
const hitsOf = (spellings: readonly string[], words: FittingWords): number =>
  spellings.reduce((sum, word) => sum + totalOf(words.hitsIn(word)), 0);

/** What is known of a sentence; of most that are made nobody asks. */
function asSentence({ text, chosen }: Filled, words: FittingWords): Sentence {
  const spellings = spellingsIn(text);
  const hits = spellings.map((word) => words.hitsIn(word));
  return {
    text,
    words: spellings.map(normaliseSpelling),
    hits: hitsOf(spellings, words),
    targets: (hits[0] ?? []).flatMap((_, target) => (hits.some((counts) => counts[target]) ? [target] : [])),
    slots: chosen.flatMap(({ class: name, filler }) =>
      /^[A-Z]/.test(filler.text) ? [] : [{ word: normaliseSpelling(filler.text), part: partOfClass(name) }],
    ),
  };
}
