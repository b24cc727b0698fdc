import { getOrMake } from "../get-or-make.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { taughtKey } from "../scope/taught-set.ts";
import { isVowel, phoneme } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { gpcById } from "../spelling/gpc.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { type FamilyMember, familyIndex } from "./members.ts";
import type { PositionFact, SpellingFact } from "./position-facts.ts";
import { isUsable } from "./rich-families.ts";
import { endingOf, type FamilyRules } from "./rules.ts";

export interface SpellingChoice {
  /** GPC id: `"ck=k"`. */
  readonly gpc: string;
  readonly grapheme: string;
  readonly taught: boolean;
  readonly facts: readonly SpellingFact[];
  /** Places in the words of the list. */
  readonly at: { readonly start: number; readonly inside: number; readonly end: number };
  /** Words of this group with it, commonest first. */
  readonly words: readonly string[];
}

export type NoChoices =
  | { readonly code: "no-such-sound"; readonly sound: string }
  /** None of its spellings is taught; those there are stand beside it. */
  | { readonly code: "none-taught"; readonly sound: readonly string[]; readonly spellings: readonly string[] };

/** Shares of a spelling's words from which a fact holds always, and mostly. */
const ALWAYS = 0.97;
const MOSTLY = 0.85;
/** Rare words are passed over: many are names in all but spelling, or forms of words that are not in the list. */
const RAREST_COUNTED = 4;
/** Below this many words nothing is said of a spelling. */
const LEAST_SEEN = 4;
/** Spellings that the next letter chooses between. */
const CARES_FOR_EIY = /^(c|g|k|gu)$/;

interface SpellingTally {
  grapheme: string;
  phonemes: readonly string[];
  start: number;
  inside: number;
  end: number;
  afterOneLetter: number;
  beforeEiy: number;
  /** Occurrences before a vowel letter at all. */
  beforeVowel: number;
  words: string[];
}

/**
 * All spellings of one sound that the word list has, the taught ones first: where each stands, and words of the
 * group with it. Facts are counted, not recited: they hold for this list.
 *
 * @param sound phonemes: `["k"]`, `["k", "s"]` for x
 */
export function spellingChoices(
  sound: readonly string[],
  rules: FamilyRules,
  list: Lexicon = shippedLexicon(),
):
  | { readonly ok: true; readonly choices: readonly SpellingChoice[] }
  | { readonly ok: false; readonly reason: NoChoices } {
  if (sound.length === 0 || sound.some((id) => !phoneme(id)))
    return { ok: false, reason: { code: "no-such-sound", sound: sound.join("+") } };
  const lexicon = lexiconIn(list, rules.taught.accent);
  const wanted = soundClassOf(sound, lexicon.accent);
  const tallies = new Map<string, SpellingTally>();
  for (const { member, k, key } of placesOf(lexicon).get(wanted) ?? []) {
    const { grapheme, phonemes } = member.reading.units[k] as Unit;
    const tally = getOrMake(tallies, key, (): SpellingTally => {
      const counts = { start: 0, inside: 0, end: 0, afterOneLetter: 0, beforeEiy: 0, beforeVowel: 0 };
      return { grapheme, phonemes, ...counts, words: [] };
    });
    const { word, band } = member.entry;
    if (band <= RAREST_COUNTED) count(tally, member.reading, k);
    if (tally.words.at(-1) !== word && isUsable(member, rules, lexicon)) tally.words.push(word);
  }
  const choices = [...tallies.values()]
    .map((tally): SpellingChoice => {
      const { grapheme, phonemes, start, inside, end, words } = tally;
      const taught = rules.taught.gpcs.has(taughtKey(grapheme, phonemes, lexicon.accent));
      return { gpc: idOf(tally), grapheme, taught, facts: factsOf(tally), at: { start, inside, end }, words };
    })
    .filter(({ taught, at }) => taught || at.start + at.inside + at.end >= LEAST_SEEN)
    .sort((x, y) => Number(y.taught) - Number(x.taught) || y.words.length - x.words.length || seen(y) - seen(x));
  if (!choices.some(({ taught }) => taught))
    return { ok: false, reason: { code: "none-taught", sound, spellings: choices.map(({ gpc }) => gpc) } };
  return { ok: true, choices: choices.map((choice) => ({ ...choice, facts: decisiveFacts(choice, choices) })) };
}

/** A unit of a word: where a sound stands, and how it is spelled there. */
interface Place {
  readonly member: FamilyMember;
  /** Index of the unit. */
  readonly k: number;
  /** Key of its correspondence. */
  readonly key: string;
}

const PLACES = new WeakMap<Lexicon, ReadonlyMap<string, readonly Place[]>>();

/**
 * The places of every sound class in the words of a list, in its order; gathered once. An ending moves what ends the word
 * inside it (plays): only words without one tell where a spelling stands.
 */
function placesOf(lexicon: Lexicon): ReadonlyMap<string, readonly Place[]> {
  return getOrMake(PLACES, lexicon, () => {
    const places = new Map<string, Place[]>();
    for (const member of familyIndex(lexicon).members)
      if (member.leading && !endingOf(member.entry.word, lexicon))
        for (const [k, unit] of member.reading.units.entries())
          getOrMake(places, soundClassOf(unit.phonemes, lexicon.accent), () => []).push({
            member,
            k,
            key: unitKey(unit, lexicon.accent),
          });
    return places;
  });
}

/** Where a spelling stands is said only where it tells it from another taught spelling of the sound. */
function decisiveFacts(choice: SpellingChoice, choices: readonly SpellingChoice[]): SpellingChoice["facts"] {
  const others = choices.filter((other) => other !== choice && (other.taught || choice.taught));
  return choice.facts.filter(({ fact }) => others.some(({ facts }) => !facts.some((one) => one.fact === fact)));
}

const seen = ({ at }: SpellingChoice): number => at.start + at.inside + at.end;

/** The correspondence's id in the table; of several of one class (a=ɒ, a=ɔː) the one first met. */
function idOf({ grapheme, phonemes }: SpellingTally): string {
  const id = gpcId(grapheme, phonemes);
  return gpcById(id) ? id : keyOfGpc(id);
}

function count(tally: SpellingTally, { word, units }: Segmentation, k: number): void {
  const place = k === 0 ? "start" : k === units.length - 1 ? "end" : "inside";
  tally[place]++;
  const before = units[k - 1];
  if (before?.slot === "nucleus" && before.grapheme.length === 1) tally.afterOneLetter++;
  const next = word[(units[k]?.letters.at(-1) ?? 0) + 1];
  if (next !== undefined && /[aeiouy]/.test(next)) {
    tally.beforeVowel++;
    if (/[eiy]/.test(next)) tally.beforeEiy++;
  }
}

function factsOf(tally: SpellingTally): SpellingFact[] {
  const { start, inside, end, afterOneLetter, beforeEiy, beforeVowel, grapheme, phonemes } = tally;
  const all = start + inside + end;
  if (all < LEAST_SEEN) return [];
  const facts: SpellingFact[] = [];
  const say = (fact: PositionFact, part: number, of = all): boolean => {
    if (of < LEAST_SEEN || part / of < MOSTLY) return false;
    facts.push({ fact, holds: part / of >= ALWAYS ? "always" : "mostly" });
    return true;
  };
  const isVowelSpelling = phonemes.some(isVowel);
  if (grapheme.includes("-")) say("over-a-consonant", all);
  else if (!say("only-at-the-end", end) && !say("only-at-the-start", start)) {
    say("never-at-the-end", all - end);
    if (!isVowelSpelling) say("never-at-the-start", all - start);
  }
  if (isVowelSpelling) return facts;
  say("after-one-vowel-letter", afterOneLetter);
  if (CARES_FOR_EIY.test(grapheme) && !say("before-e-i-y", beforeEiy, beforeVowel))
    say("not-before-e-i-y", beforeVowel - beforeEiy, beforeVowel);
  return facts;
}
