import type { Contrast } from "../chains/request.ts";
import { getOrMake } from "../get-or-make.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { EvidenceWay } from "../responses/response-modes.ts";
import type { Sequence } from "../scope/sequence.ts";
import { isTaughtGpc, type TaughtSet, taughtAt } from "../scope/taught-set.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { GPCS, gpcById } from "../spelling/gpc.ts";
import { gpcId, partsOfGpcId } from "../spelling/gpc-id.ts";
import { chancesToSettle, likelyShare } from "../statistics/naming-power.ts";
import { isNamed, type Tally } from "../statistics/naming-rule.ts";
import { type Interval, wilsonInterval } from "../statistics/wilson.ts";
import type { UnitCount } from "./unit-counts.ts";

/** A count with whose it is, in which way of working, and when the latest answer in it was. */
export interface EvidenceCount extends UnitCount {
  readonly learnerId: string;
  readonly way: EvidenceWay;
  /** ISO time. */
  readonly lastAt: string;
}

/** One learner's part in a proposal. */
export interface LearnerShare extends Tally {
  readonly learnerId: string;
  readonly way: EvidenceWay;
  /** 95 % Wilson interval of the share. */
  readonly interval: Interval;
  /** The rule that names a pattern names it. */
  readonly isNamed: boolean;
}

/** Something to work on next, with everything it was chosen by. */
export interface FocusProposal {
  /** `"e=e>ɪ"`: the same for as long as the same is meant. */
  readonly id: string;
  readonly gpc: string;
  /** Phonemes said in its place; empty when it is left out. */
  readonly said: readonly string[];
  /** What a chain is to tell apart; undefined where what is said has no taught spelling, or nothing is said. */
  readonly contrast: Contrast | undefined;
  /** Who makes the substitution, and in which way of working, the surest first. */
  readonly learners: readonly [LearnerShare, ...LearnerShare[]];
  /** The rule names it for one of them. */
  readonly isNamed: boolean;
  /** More chances that would settle it for the first of them, where it is not named yet. */
  readonly settledAfter: number | undefined;
  /** Share of the words that come within reach next which hold it, 0 to 1. */
  readonly need: number;
  /** ISO time of the latest such answer. */
  readonly lastAt: string;
  /** Higher first; only compares proposals of one call. */
  readonly score: number;
}

export interface ProposalOptions {
  /** Steps of the order that count as the coming ones. */
  readonly comingSteps?: number;
  /** ISO time from which "how long since" is counted; the latest answer unless given. */
  readonly now?: string;
  /** Ids of proposals that a teacher has put off. */
  readonly putOff?: readonly string[];
}

/** A substitution made fewer than so many times may be chance. */
const LEAST_TIMES = 2;
const COMING_STEPS = 3;
/** Days after which an old substitution counts half. Ours; common practice, no source. */
const HALF_LIFE_DAYS = 28;
/** Days after which a pattern that has not shown itself again comes behind those that have. Ours; common practice, no source. */
const FRESH_DAYS = 42;
const DAY_MS = 86_400_000;

/**
 * What to work on next, best first: substitutions that the records show, ranked by how sure they are, how often and by how
 * many they are made, how much the coming steps need them, and how long ago it was. A correspondence that is not taught is
 * no focus. What the rule names comes before what it does not name yet; of those, only what was made twice.
 *
 * @param evidence counts of a group's learners, or of one
 * @param taught what the group has been taught
 * @param sequence its order of teaching
 * @param step where the group stands in it, from 1
 */
export function proposeFocus(
  evidence: readonly EvidenceCount[],
  taught: TaughtSet,
  sequence: Pick<Sequence, "steps">,
  step: number,
  options: ProposalOptions = {},
  lexicon: Lexicon = shippedLexicon(),
): FocusProposal[] {
  const found = tallySubstitutions(evidence.filter(({ gpc }) => isTaughtGpc(gpc, taught)));
  if (found.length === 0) return [];
  const now = new Date(
    options.now ?? evidence.reduce((last, { lastAt }) => (lastAt > last ? lastAt : last), ""),
  ).getTime();
  const need = needOf(taught, sequence, step + (options.comingSteps ?? COMING_STEPS), lexicon);
  const putOff = new Set(options.putOff);
  return found
    .filter(({ id }) => !putOff.has(id))
    .map(({ id, gpc, said, learners, lastAt }): FocusProposal => {
      const [first] = learners;
      const sure = first.interval.low;
      const often = learners.filter((one) => one.isNamed).reduce((sum, { times, chances }) => sum + times / chances, 0);
      const daysAgo = Math.max(0, (now - new Date(lastAt).getTime()) / DAY_MS);
      const isSure = learners.some((one) => one.isNamed);
      return {
        ...{ id, gpc, said, learners, lastAt, isNamed: isSure },
        contrast: contrastOf(gpc, said, taught),
        settledAfter: isSure ? undefined : chancesToSettle(first, likelyShare(first)),
        need: need(gpc),
        score:
          (isSure && daysAgo <= FRESH_DAYS ? 1 : 0) +
          (sure + 0.3 * often + 0.3 * need(gpc)) * 0.5 ** (daysAgo / HALF_LIFE_DAYS),
      };
    })
    .sort((a, b) => b.score - a.score || (a.id < b.id ? -1 : 1));
}

interface Found {
  readonly id: string;
  readonly gpc: string;
  readonly said: readonly string[];
  readonly learners: [LearnerShare, ...LearnerShare[]];
  readonly lastAt: string;
}

function tallySubstitutions(evidence: readonly EvidenceCount[]): Found[] {
  const chances = new Map<string, number>();
  const made = new Map<
    string,
    { gpc: string; said: readonly string[]; lastAt: string; by: Map<string, EvidenceCount & Tally> }
  >();
  const whose = ({ learnerId, way, gpc }: EvidenceCount) => `${learnerId} ${way} ${gpc}`;
  for (const one of evidence) {
    chances.set(whose(one), (chances.get(whose(one)) ?? 0) + one.count);
    if (!one.said) continue;
    const id = `${one.gpc}>${one.said.join("+")}`;
    const known = made.get(id) ?? { gpc: one.gpc, said: one.said, lastAt: one.lastAt, by: new Map() };
    made.set(id, known);
    if (one.lastAt > known.lastAt) known.lastAt = one.lastAt;
    const key = whose(one);
    known.by.set(key, { ...one, times: (known.by.get(key)?.times ?? 0) + one.count, chances: 0 });
  }
  return [...made].flatMap(([id, { gpc, said, lastAt, by }]): Found[] => {
    const learners = [...by]
      .filter(([, { times }]) => times >= LEAST_TIMES)
      .map(([key, { learnerId, way, times }]): LearnerShare => {
        const tally = { times, chances: chances.get(key) ?? times };
        return { learnerId, way, ...tally, interval: wilsonInterval(times, tally.chances), isNamed: isNamed(tally) };
      })
      .sort((a, b) => b.interval.low - a.interval.low || b.chances - a.chances);
    const [first, ...others] = learners;
    return first ? [{ id, gpc, said, lastAt, learners: [first, ...others] }] : [];
  });
}

/**
 * The taught spelling of what is said instead, to be set beside what should have been said: the commonest one, of vowels
 * for a vowel and of consonants for a consonant.
 */
function contrastOf(gpc: string, said: readonly string[], taught: TaughtSet): Contrast | undefined {
  if (said.length === 0) return undefined;
  const { phonemes } = partsOfGpcId(gpc);
  if (phonemes.some(isVowel) !== said.some(isVowel)) return undefined;
  const sounds = said.join("+");
  const [partner] = GPCS.filter(
    (one) => one.phonemes.join("+") === sounds && one.id !== gpc && isTaughtGpc(one.id, taught),
  )
    // A single letter before a digraph, as the learner would write it.
    .sort((a, b) => a.commonness - b.commonness || a.grapheme.length - b.grapheme.length);
  return partner && gpcById(gpc) ? { a: gpc, b: partner.id } : undefined;
}

/** Words of which the coming steps are thought: those that children know. */
const KNOWN_BY_SEVEN = 2;

/** The correspondences of words, one word after the other, as numbers: places in the list of their ids. */
interface NumberedIds {
  readonly ids: readonly string[];
  /** Of all words, each word's once. */
  readonly numbers: Uint16Array;
  /** Where each word's begin in `numbers`; the end of the last one comes last. */
  readonly starts: Uint32Array;
}

const IDS_OF_WORDS = new WeakMap<Lexicon, NumberedIds>();

/** The correspondences of every word that children know. */
function idsOfWords(lexicon: Lexicon): NumberedIds {
  const known = IDS_OF_WORDS.get(lexicon);
  if (known) return known;
  const places = new Map<string, number>();
  const numbers: number[] = [];
  const starts = [0];
  for (const { familiarity, readings } of lexicon.words) {
    if (familiarity > KNOWN_BY_SEVEN) continue;
    const ids = new Set(readings[0].units.map(({ grapheme, phonemes }) => gpcId(grapheme, phonemes)));
    for (const id of ids) numbers.push(getOrMake(places, id, () => places.size));
    starts.push(numbers.length);
  }
  const made = { ids: [...places.keys()], numbers: Uint16Array.from(numbers), starts: Uint32Array.from(starts) };
  IDS_OF_WORDS.set(lexicon, made);
  return made;
}

/** When a correspondence is taught, as numbers: that of a word is the highest of its correspondences. */
const WHEN = { now: 0, soon: 1, later: 2 } as const;

/** How many of the words that come within reach up to a step hold a correspondence; of those within reach, where none come. */
function needOf(
  taught: TaughtSet,
  sequence: Pick<Sequence, "steps">,
  until: number,
  lexicon: Lexicon,
): (gpc: string) => number {
  const then = taughtAt(sequence, until, {}, taught.accent);
  const { ids, numbers, starts } = idsOfWords(lexicon);
  const when = Uint8Array.from(ids, (id) =>
    isTaughtGpc(id, taught) ? WHEN.now : isTaughtGpc(id, then) ? WHEN.soon : WHEN.later,
  );
  // Words of each kind that hold a correspondence, by its number, and how many words there are.
  const coming = { words: 0, holding: new Uint32Array(ids.length) };
  const within = { words: 0, holding: new Uint32Array(ids.length) };
  for (let word = 0; word + 1 < starts.length; word++) {
    const from = starts[word] as number;
    const to = starts[word + 1] as number;
    let last: number = WHEN.now;
    for (let k = from; k < to; k++) last = Math.max(last, when[numbers[k] as number] as number);
    if (last === WHEN.later) continue;
    for (const kind of last === WHEN.soon ? [coming, within] : [within]) {
      kind.words++;
      for (let k = from; k < to; k++) (kind.holding[numbers[k] as number] as number)++;
    }
  }
  const { words, holding } = coming.words > 0 ? coming : within;
  const share = new Map(ids.map((id, number) => [id, words === 0 ? 0 : (holding[number] as number) / words]));
  return (gpc) => share.get(gpc) ?? 0;
}
