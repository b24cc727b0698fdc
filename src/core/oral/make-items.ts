import { inflectionOf } from "../lexicon/inflection.ts";
import { isVowel } from "../sounds/phonemes.ts";
import type { HeardWord } from "./heard.ts";
import type { OralItem, SoundPlace, Spoken } from "./item.ts";
import { type OralPool, rimeKey, spokenPart, spokenWord } from "./pool.ts";
import { isSayable } from "./sayable.ts";
import type { OralSkill } from "./skills.ts";

/** An item before it is chosen. */
export interface OralCandidate {
  readonly item: OralItem;
  /** Words of the pool in it. */
  readonly words: readonly HeardWord[];
  /** What a set should not have twice if it can help it: the sound asked for, the rime. */
  readonly facet: string;
}

type Maker = (word: HeardWord, pool: OralPool) => OralCandidate[];

const PARTNERS = 3;
const ANSWERS = 4;
/** A learner must be able to find a rhyme. */
const LEAST_RHYMES = 3;

/** How items of each skill are made out of one word of the pool. */
export const MAKERS: Readonly<Record<OralSkill, Maker>> = {
  "rhyme-or-not": rhymeOrNot,
  "say-a-rhyme": sayARhyme,
  "first-sound": (word) => whichSound("first-sound", word, 0, "beginning"),
  "last-sound": (word) =>
    word.vowel < word.sounds.length - 1 ? whichSound("last-sound", word, word.sounds.length - 1, "end") : [],
  "middle-sound": (word) =>
    word.sounds.length === 3 && word.vowel === 1 ? whichSound("middle-sound", word, 1, "middle") : [],
  "blend-onset-rime": (word, pool) => inParts("blend-onset-rime", word, word.vowel, pool),
  "blend-body-last": (word, pool) => inParts("blend-body-last", word, word.sounds.length - 1, pool),
  "blend-sounds": (word) => inSounds("blend-sounds", word),
  "split-onset-rime": (word, pool) => inParts("split-onset-rime", word, word.vowel, pool),
  "split-sounds": (word) => inSounds("split-sounds", word),
  "add-beginning": (word, pool) => added("add-beginning", word, "beginning", pool),
  "add-end": (word, pool) => added("add-end", word, "end", pool),
  "take-beginning": (word, pool) => (word.vowel === 1 ? taken("take-beginning", word, 0, "beginning", pool) : []),
  "take-end": (word, pool) =>
    word.vowel === word.sounds.length - 2 ? taken("take-end", word, word.sounds.length - 1, "end", pool) : [],
  "take-from-cluster": (word, pool) =>
    clusterPlaces(word).flatMap((at) => taken("take-from-cluster", word, at, "in-a-cluster", pool)),
  "change-beginning": (word, pool) => (word.vowel === 1 ? changed("change-beginning", word, 0, "beginning", pool) : []),
  "change-middle": (word, pool) =>
    word.vowel > 0 && word.vowel < word.sounds.length - 1
      ? changed("change-middle", word, word.vowel, "middle", pool)
      : [],
  "change-end": (word, pool) =>
    word.vowel === word.sounds.length - 2 ? changed("change-end", word, word.sounds.length - 1, "end", pool) : [],
};

function rhymeOrNot(word: HeardWord, pool: OralPool): OralCandidate[] {
  const asked = (second: HeardWord | undefined, answer: boolean): OralCandidate[] =>
    second
      ? [
          {
            item: {
              skill: "rhyme-or-not",
              kind: "rhyme-or-not",
              key: `rhyme-or-not ${[word.word, second.word].sort().join(" ")}`,
              first: spokenWord(word),
              second: spokenWord(second),
              answer,
            },
            words: [word, second],
            facet: `${answer} ${rimeKey(word)}`,
          },
        ]
      : [];
  // A near miss: the same vowel and another ending, so that the ending has to be heard.
  return [...asked(pool.rhyming(word)[0], true), ...asked(pool.nearMisses(word)[0], false)];
}

function sayARhyme(word: HeardWord, pool: OralPool): OralCandidate[] {
  if (pool.rude.leadsToRude(word.heard.slice(word.vowel))) return [];
  const rhymes = pool.rhymesHeard(word);
  if (rhymes.length < LEAST_RHYMES) return [];
  const answers = [...rhymes]
    .sort((a, b) => a.entry.familiarity - b.entry.familiarity || b.entry.zipf - a.entry.zipf)
    .slice(0, ANSWERS);
  return [
    {
      item: {
        skill: "say-a-rhyme",
        kind: "say-a-rhyme",
        key: `say-a-rhyme ${word.word}`,
        first: spokenWord(word),
        answers: answers.map(spokenWord),
      },
      words: [word],
      facet: rimeKey(word),
    },
  ];
}

function whichSound(skill: OralSkill, word: HeardWord, at: number, place: SoundPlace): OralCandidate[] {
  if (!word.plain || word.sounds.length < 2) return [];
  const answer = word.sounds[at] as string;
  const item: OralItem = {
    skill,
    kind: "which-sound",
    key: `${skill} ${word.word}`,
    first: spokenWord(word),
    place,
    answer,
  };
  return [{ item, words: [word], facet: word.heard[at] as string }];
}

/** A word in two parts, to be blended or told: beginning and rime, or body and last sound. */
function inParts(
  skill: "blend-onset-rime" | "blend-body-last" | "split-onset-rime",
  word: HeardWord,
  at: number,
  pool: OralPool,
): OralCandidate[] {
  if (!word.plain || at <= 0 || at >= word.sounds.length || isVowel(word.sounds.at(-1) as string)) return [];
  const cuts = [
    [0, at],
    [at, word.sounds.length],
  ] as const;
  if (!cuts.every(([from, to]) => pool.rude.mayBePart(word.heard.slice(from, to)))) return [];
  const parts = cuts.map(([from, to]) => spokenPart(word, from, to));
  const key = `${skill} ${word.word}`;
  const item: OralItem =
    skill === "split-onset-rime"
      ? { skill, kind: "split", key, first: spokenWord(word), answers: parts }
      : { skill, kind: "blend", key, parts, answer: spokenWord(word) };
  return [{ item, words: [word], facet: word.heard[0] as string }];
}

function inSounds(skill: "blend-sounds" | "split-sounds", word: HeardWord): OralCandidate[] {
  if (!word.plain || word.sounds.length < 2) return [];
  const parts = word.sounds.map((_, k) => spokenPart(word, k, k + 1));
  const key = `${skill} ${word.word}`;
  const item: OralItem =
    skill === "blend-sounds"
      ? { skill, kind: "blend", key, parts, answer: spokenWord(word) }
      : { skill, kind: "split", key, first: spokenWord(word), answers: parts };
  return [{ item, words: [word], facet: `${word.sounds.length} ${word.heard[0]}` }];
}

function added(
  skill: "add-beginning" | "add-end",
  word: HeardWord,
  place: "beginning" | "end",
  pool: OralPool,
): OralCandidate[] {
  if (!word.plain) return [];
  return pool
    .withOneMore(word, place)
    .filter((longer) => !inflectionOf(longer.word, pool.lexicon))
    .slice(0, PARTNERS)
    .map((longer): OralCandidate => {
      const at = place === "beginning" ? 0 : longer.sounds.length - 1;
      const sound = longer.sounds[at] as string;
      return {
        item: {
          skill,
          kind: "add",
          key: `${skill} ${word.word} ${longer.word}`,
          first: spokenWord(word),
          place,
          at,
          sound,
          answer: spokenWord(longer),
        },
        words: [word, longer],
        facet: longer.heard[at] as string,
      };
    });
}

/** Places inside a cluster before or after the vowel. */
function clusterPlaces({ vowel, sounds }: HeardWord): number[] {
  const before = vowel >= 2 ? Array.from({ length: vowel }, (_, k) => k) : [];
  const after =
    sounds.length - vowel > 2 ? Array.from({ length: sounds.length - vowel - 1 }, (_, k) => vowel + 1 + k) : [];
  return [...before, ...after];
}

function taken(
  skill: "take-beginning" | "take-end" | "take-from-cluster",
  word: HeardWord,
  at: number,
  place: SoundPlace,
  pool: OralPool,
): OralCandidate[] {
  if (!word.plain) return [];
  const without = <T>(list: readonly T[]) => list.filter((_, k) => k !== at);
  const [sounds, heard] = [without(word.sounds), without(word.heard)];
  const found = pool.bySound(heard);
  const left = found?.plain ? found : undefined;
  // Taking an ending off (days, day) is grammar, not a sound.
  if (inflectionOf(word.word, pool.lexicon)) return [];
  if (!pool.rude.maySay(heard) || !isSayable(sounds, heard, pool.lexicon)) return [];
  const text = without(word.reading.units)
    .map(({ grapheme }) => grapheme)
    .join("");
  const answer: Spoken = left ? spokenWord(left) : { sounds, text, isWord: false };
  return [
    {
      item: {
        skill,
        kind: "take",
        key: `${skill} ${word.word} ${at}`,
        first: spokenWord(word),
        place,
        at,
        sound: word.sounds[at] as string,
        answer,
      },
      words: left ? [word, left] : [word],
      facet: word.heard[at] as string,
    },
  ];
}

function changed(
  skill: "change-beginning" | "change-middle" | "change-end",
  word: HeardWord,
  at: number,
  place: SoundPlace,
  pool: OralPool,
): OralCandidate[] {
  if (!word.plain) return [];
  return pool
    .changedAt(word, at)
    .filter((other) => other.vowel === word.vowel)
    .slice(0, PARTNERS)
    .map((other): OralCandidate => {
      const [old, sound] = [word.sounds[at] as string, other.sounds[at] as string];
      return {
        item: {
          skill,
          kind: "change",
          key: `${skill} ${word.word} ${other.word}`,
          first: spokenWord(word),
          place,
          at,
          old,
          sound,
          answer: spokenWord(other),
        },
        words: [word, other],
        facet: `${word.heard[at]} ${other.heard[at]}`,
      };
    });
}
