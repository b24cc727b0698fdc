import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { isVowel } from "../sounds/phonemes.ts";
import type { OralItem, SoundPlace, Spoken } from "./item.ts";
import { LEAST_ITEMS, MOST_ITEMS } from "./limits.ts";
import { MAKERS, type OralCandidate } from "./make-items.ts";
import { type OralPool, type OralRules, oralPool } from "./pool.ts";
import { ORAL_SKILLS, type OralSkill } from "./skills.ts";
import { isTrue } from "./verify.ts";

export interface OralSetRequest extends OralRules {
  readonly skill: OralSkill;
  /** 1 to 20. */
  readonly count: number;
  /** Keys of items that are not to come again (last week's). */
  readonly used?: readonly string[];
}

export interface OralSet {
  readonly ok: true;
  readonly skill: OralSkill;
  readonly items: readonly OralItem[];
  /** How many of them are made of today's words alone. */
  readonly fromToday: number;
}

export type NoOralSet =
  | { readonly code: "count-out-of-range"; readonly least: number; readonly most: number }
  | { readonly code: "no-words-given" }
  /** Today's words give too few items of this skill; skills that they do serve stand beside it. */
  | {
      readonly code: "words-do-not-serve";
      readonly skill: OralSkill;
      readonly possible: number;
      readonly asked: number;
      readonly instead: readonly OralSkill[];
    };

/** Candidates looked at for every item asked for: enough to choose different sounds from. */
const CHOICE = 8;
const SKILLS_OFFERED = 4;

/**
 * Ears-only items of one skill, each checked: today's words first where they serve, then words that children hear
 * often. Spelling does not come into it; the rule of one change runs on sounds.
 */
export function oralSet(
  request: OralSetRequest,
  list: Lexicon = shippedLexicon(),
): OralSet | { readonly ok: false; readonly reason: NoOralSet } {
  const { skill, count } = request;
  if (!Number.isInteger(count) || count < LEAST_ITEMS || count > MOST_ITEMS)
    return { ok: false, reason: { code: "count-out-of-range", least: LEAST_ITEMS, most: MOST_ITEMS } };
  if (request.source === "today-only" && request.words.length === 0)
    return { ok: false, reason: { code: "no-words-given" } };
  const pool = oralPool(request, lexiconIn(list, request.accent));
  const chosen = choose(skill, request, pool);
  if (chosen.length < count) {
    const instead = ORAL_SKILLS.filter((other) => other !== skill && choose(other, request, pool).length >= count);
    const possible = chosen.length;
    return {
      ok: false,
      reason: { code: "words-do-not-serve", skill, possible, asked: count, instead: instead.slice(0, SKILLS_OFFERED) },
    };
  }
  return {
    ok: true,
    skill,
    items: chosen.map(({ item }) => item),
    fromToday: chosen.filter(({ words }) => words.every(pool.isToday)).length,
  };
}

/**
 * Another item in the place of one: none of the set's, none of those used.
 *
 * @param index place of the item in the set, from 0
 *
 * @returns undefined when there is no other
 */
export function swapOralItem(
  request: OralSetRequest,
  items: readonly OralItem[],
  index: number,
  list: Lexicon = shippedLexicon(),
): OralItem | undefined {
  const old = items[index];
  if (!old) return undefined;
  const pool = oralPool(request, lexiconIn(list, request.accent));
  const used = [...(request.used ?? []), ...items.map(({ key }) => key)];
  const many = choose(request.skill, { ...request, used, count: CHOICE }, pool).map(({ item }) => item);
  const alike = many.filter((item) => item.kind !== "rhyme-or-not" || item.answer === answerOf(old));
  return alike[0] ?? many[0];
}

const answerOf = (item: OralItem): unknown => (item.kind === "rhyme-or-not" ? item.answer : undefined);

function choose(skill: OralSkill, request: OralSetRequest, pool: OralPool): OralCandidate[] {
  const { count } = request;
  const used = new Set(request.used);
  const todayWords = pool.words.filter(pool.isToday).length;
  const found: OralCandidate[] = [];
  const keys = new Set<string>();
  for (const [n, word] of pool.words.entries()) {
    // All of today's words are looked at; beyond them only as many as give a choice.
    if (n >= todayWords && found.length >= count * CHOICE) break;
    for (const candidate of MAKERS[skill](word, pool)) {
      const { key } = candidate.item;
      if (keys.has(key) || used.has(key) || !isTrue(candidate.item, request.accent)) continue;
      keys.add(key);
      found.push(candidate);
    }
  }
  const ranked = found
    .map((candidate, k) => ({ candidate, k, rank: rankOf(candidate, pool) }))
    .sort((a, b) => a.rank - b.rank || a.k - b.k)
    .map(({ candidate }) => candidate);
  if (skill !== "rhyme-or-not") return varied(ranked, count, pool);
  const yes = varied(
    ranked.filter(({ item }) => answerOf(item) === true),
    Math.ceil(count / 2),
    pool,
  );
  const no = varied(
    ranked.filter(({ item }) => answerOf(item) === false),
    count - yes.length,
    pool,
    yes,
  );
  return mixed([...yes, ...no], request.seed);
}

/** Today's words before others; what leaves a word before what leaves only sounds. */
function rankOf({ item, words }: OralCandidate, { isToday }: OralPool): number {
  const strangers = words.filter((word) => !isToday(word)).length / words.length;
  const nonWord = item.kind === "take" && !item.answer.isWord ? 1.5 : 0;
  return strangers + nonWord + (item.kind === "which-sound" && isInCluster(item) ? 0.5 : 0);
}

/** The first sound of stop, the last of hand: harder to hear, so that it comes after those that stand alone. */
function isInCluster({ first, place }: { first: Spoken; place: SoundPlace }): boolean {
  const vowel = first.sounds.findIndex(isVowel);
  return place === "beginning" ? vowel > 1 : place === "end" && vowel < first.sounds.length - 2;
}

/**
 * Takes from the front, but nothing with a word that the set already has, nor with a sound of it, while there is
 * other choice. Items of today's words alone come before any other, though they repeat a sound.
 */
function varied(
  ranked: readonly OralCandidate[],
  count: number,
  pool: OralPool,
  also: readonly OralCandidate[] = [],
): OralCandidate[] {
  const taken: OralCandidate[] = [];
  const all = () => [...also, ...taken];
  const isNew = ({ facet }: OralCandidate) => !all().some((other) => other.facet === facet);
  const isFresh = ({ words }: OralCandidate) =>
    !all().some((other) => other.words.some((word) => words.includes(word)));
  const isOfToday = ({ words }: OralCandidate) => words.every(pool.isToday);
  const passes: ((candidate: OralCandidate) => boolean)[] = [
    (candidate) => isOfToday(candidate) && isNew(candidate) && isFresh(candidate),
    (candidate) => isOfToday(candidate) && isFresh(candidate),
    (candidate) => isNew(candidate) && isFresh(candidate),
    isFresh,
    () => true,
  ];
  for (const fits of passes)
    for (const candidate of ranked) {
      if (taken.length >= count) return taken;
      if (!taken.includes(candidate) && fits(candidate)) taken.push(candidate);
    }
  return taken;
}

/** Yes and no in an order that gives nothing away. */
function mixed(candidates: readonly OralCandidate[], seed: number): OralCandidate[] {
  const random = seededRandom(seed);
  return candidates
    .map((candidate) => ({ candidate, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ candidate }) => candidate);
}
