import { stepsFrom } from "../chains/graph/steps-from.ts";
import { isCandidate } from "../chains/planner/candidates.ts";
import { tokenisedWords } from "../chains/planner/graphs.ts";
import type { ChainRequest } from "../chains/request.ts";
import { familySet } from "../families/family-set.ts";
import { LEAST_IN_A_BIN, MOST_IN_A_BIN } from "../families/limits.ts";
import { recommendedFamilies } from "../families/recommended-families.ts";
import { richFamilies } from "../families/rich-families.ts";
import { makeSort } from "../families/sort.ts";
import { spellingChoices } from "../families/spelling-choices.ts";
import { familyWalk } from "../families/walk.ts";
import { segment } from "../lexicon/segment.ts";
import { makeNonsense } from "../nonsense/make-nonsense.ts";
import { oralSet } from "../oral/oral-set.ts";
import type { OralSkill } from "../oral/skills.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { shuffled } from "../random/shuffled.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { closestSounds } from "../sounds/closeness.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { gpcById } from "../spelling/gpc.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { keptOutBecause } from "../texts/check-text.ts";
import { sentenceFor } from "../texts/sound-alike-sentences.ts";
import type { ActivityContent } from "./activity-kinds.ts";
import { withoutContext } from "./dictation-context.ts";
import { WORDS_A_SENTENCE } from "./kind-definition.ts";
import type { LessonRequest } from "./lesson-request.ts";
import { lessonSentences } from "./lesson-sentences.ts";
import type { Making } from "./making.ts";

/** With fewer things to write there is no room for a sentence beside words. */
const LEAST_WITH_A_SENTENCE = WORDS_A_SENTENCE + 2;

/**
 * Words to write, then a sentence. Every other word of the chain: what stands side by side in it is hardly a new word to
 * write.
 *
 * @param count how many things, from 1; a sentence is as many as `WORDS_A_SENTENCE`
 */
export function dictation(making: Making, count: number): ActivityContent | undefined {
  const sentences = count < LEAST_WITH_A_SENTENCE ? [] : sentencesFor(making, 1);
  const wanted = count - sentences.length * WORDS_A_SENTENCE;
  const isKeptOut = keptOutFrom(making);
  const isToldApart = (word: string) => withoutContext({ words: [word], sentences }, making.lexicon).length === 0;
  const contextOf = (word: string) => {
    const sentence = sentenceFor(word);
    return sentence !== undefined && !isKeptOut(sentence) ? sentence : undefined;
  };
  // A word that only a sentence tells from another comes with one; where none has been written it is the teacher's to say.
  const words = making.today.words
    .filter((_, k) => k % 2 === 1)
    .filter((word) => isToldApart(word) || contextOf(word) !== undefined)
    .slice(0, wanted);
  const contexts = words.flatMap((word) => (isToldApart(word) ? [] : (contextOf(word) ?? [])));
  return words.length > 0
    ? { kind: "dictation", words, sentences, ...(contexts.length > 0 && { contexts }) }
    : undefined;
}

/** Does a sentence, or a word, hold something that is kept out of this school? */
export function keptOutFrom({ lexicon, request }: Making): (text: string) => boolean {
  const { taught, never, allowLists } = request;
  const rules = { taught, ...(never && { never }), ...(allowLists && { allowLists }) };
  return (text) =>
    (text.toLowerCase().match(/[a-z']+/g) ?? []).some((word) => keptOutBecause(word, rules, lexicon) !== undefined);
}

/** A few lines to read, with today's sounds in them. @param count how many sentences, from 1 */
export function linesToRead(making: Making, count: number): ActivityContent | undefined {
  const lines = sentencesFor(making, count, APART);
  return lines.length > 0 ? { kind: "text", text: lines.join(" "), targets: making.request.focus } : undefined;
}

/** Another seed, so that what is read is not what was written. */
const APART = 101;

/** Sentences that the group can read; nothing that is held back stands in one. */
function sentencesFor(making: Making, count: number, apart = 0): string[] {
  return lessonSentences(making, count, apart).map(({ text }) => text);
}

const FOILS = 3;
const CHOICES = 3;

/**
 * Items for the ears only from today's words; nothing that is held back is heard.
 *
 * @param count how many items, from 1
 */
export function oralActivity(
  { request, today }: Making,
  skills: readonly OralSkill[],
  count: number,
): ActivityContent | undefined {
  const used: string[] = [];
  const parts = skills.flatMap((skill, k) => {
    const set = oralSet({
      skill,
      count,
      accent: request.taught.accent,
      words: today.words,
      seed: request.seed + k,
      used,
      never: [...(request.never ?? []), ...today.heldBack],
      ...(request.allowLists && { allowLists: request.allowLists }),
    });
    if (!set.ok) return [];
    used.push(...set.items.map(({ key }) => key));
    return [{ skill, items: set.items }];
  });
  return parts.length > 0 ? { kind: "ears-only", parts } : undefined;
}

/** How many neighbours in the mouth of each of today's sounds come among the cards. */
const NEAR_SOUNDS = 3;
/** Two letters of one consonant (bb, ss): of these a pack has few. */
const DOUBLED = /^([b-df-hj-np-tv-z])\1$/;
/** Doubled consonants in a pack at most, where nothing calls for more. */
const MOST_DOUBLED = 2;

/**
 * Cards for sounds: what was read or built wrongly, then today's, what is due, what is near today's sounds, then others. One card a
 * grapheme, however many sounds it has.
 *
 * @param count how many cards, from 1
 */
export function soundCards({ request, lexicon }: Making, count: number): ActivityContent | undefined {
  const random = seededRandom(request.seed);
  const shaky = request.substitutions.map(({ gpc }) => gpc).filter((id) => request.taughtGpcs.includes(id));
  const near = nearSounds(request, [...request.focus, ...request.contrasts.flatMap(({ a, b }) => [a, b])]);
  const others = shuffled(request.taughtGpcs, random);
  const pack = [
    ...new Set([
      ...shaky,
      ...request.focus,
      ...request.contrasts.flatMap(({ a, b }) => [a, b]),
      ...(request.cards ?? []),
      ...near,
      ...others,
    ]),
  ];
  const called = new Set([...shaky, ...request.focus, ...(request.cards ?? [])]);
  const graphemes = new Set<string>();
  let doubled = 0;
  const known = pack
    .filter((id) => {
      const gpc = gpcById(id);
      if (!gpc || graphemes.has(gpc.grapheme)) return false;
      if (DOUBLED.test(gpc.grapheme) && !called.has(id) && ++doubled > MOST_DOUBLED) return false;
      graphemes.add(gpc.grapheme);
      return true;
    })
    .slice(0, count);
  if (known.length === 0) return undefined;
  const also = Object.fromEntries(
    known.flatMap((id) => {
      const others = otherSounds(id, request.taughtGpcs, lexicon.accent);
      return others.length > 0 ? [[id, others]] : [];
    }),
  );
  return { kind: "sound-cards", gpcs: shuffled(known, random), ...(Object.keys(also).length > 0 && { also }) };
}

/** The other taught correspondences of a card's grapheme that sound different to this school. */
function otherSounds(id: string, taughtGpcs: readonly string[], accent: AccentSettings): string[] {
  const grapheme = gpcById(id)?.grapheme;
  const heard = new Set([soundClassOf(gpcById(id)?.phonemes ?? [], accent)]);
  return taughtGpcs.filter((other) => {
    const gpc = gpcById(other);
    if (gpc?.grapheme !== grapheme || !gpc) return false;
    const sound = soundClassOf(gpc.phonemes, accent);
    return !heard.has(sound) && heard.add(sound) !== undefined;
  });
}

/** Taught correspondences whose sounds are nearest to today's, nearest first; a few a sound. */
function nearSounds({ taughtGpcs }: LessonRequest, todays: readonly string[]): string[] {
  return todays.flatMap((today) => {
    const sound = gpcById(today)?.phonemes.at(-1) ?? "";
    const closest = closestSounds(sound).slice(0, NEAR_SOUNDS);
    return closest.flatMap((id) => taughtGpcs.find((gpc) => gpcById(gpc)?.phonemes.join("+") === id) ?? []);
  });
}

/** Sounds with every taught spelling of each, those with several first. @param count how many sounds, from 1 */
export function hearAndSpell({ request, lexicon }: Making, count: number): ActivityContent | undefined {
  const bySound = new Map<string, { sound: readonly string[]; gpcs: string[] }>();
  for (const id of request.taughtGpcs) {
    const gpc = gpcById(id);
    if (!gpc) continue;
    const key = soundClassOf(gpc.phonemes, lexicon.accent);
    const group = bySound.get(key) ?? { sound: gpc.phonemes, gpcs: [] };
    bySound.set(key, group);
    if (!group.gpcs.some((other) => gpcById(other)?.grapheme === gpc.grapheme)) group.gpcs.push(id);
  }
  const sounds = [...bySound.values()]
    .sort((a, b) => b.gpcs.length - a.gpcs.length)
    .slice(0, count)
    .map((group) => {
      const found = spellingChoices(group.sound, request, lexicon);
      const facts = new Map(found.ok ? found.choices.map((one) => [keyOfGpc(one.gpc, lexicon.accent), one.facts]) : []);
      const factsOf = (gpc: string) => facts.get(keyOfGpc(gpc, lexicon.accent)) ?? [];
      return { ...group, facts: Object.fromEntries(group.gpcs.map((gpc) => [gpc, factsOf(gpc)])) };
    });
  return sounds.length > 0 ? { kind: "hear-and-spell", sounds } : undefined;
}

/** Today's new correspondence: where it stands, and words with it. */
export function newSound({ request, today, lexicon }: Making): ActivityContent | undefined {
  const [gpc] = request.focus;
  const known = gpc === undefined ? undefined : gpcById(gpc);
  if (!gpc || !known) return undefined;
  const key = keyOfGpc(gpc, lexicon.accent);
  const has = (word: string) =>
    segment(word, {}, lexicon)?.units.some((unit) => unitKey(unit, lexicon.accent) === key) ?? false;
  const found = spellingChoices(known.phonemes, request, lexicon);
  const choice = found.ok ? found.choices.find((one) => keyOfGpc(one.gpc, lexicon.accent) === key) : undefined;
  return {
    kind: "new-sound",
    gpc,
    keyWord: "",
    facts: choice?.facts ?? [],
    words: today.words.filter(has).slice(0, 3),
  };
}

/** Readable words one unit away from a word, the commonest first; none that is held back. */
export function neighboursOf(word: string, { request, today, lexicon }: Making): string[] {
  const list = tokenisedWords(lexicon);
  const rules: ChainRequest = { ...request, length: 3, focus: [], contrasts: [], mode: "building" };
  return stepsFrom(list, word, ["change"])
    .map(({ to }) => list.words[to])
    .filter((entry) => entry !== undefined)
    .filter((entry) => isCandidate(entry, rules, lexicon))
    .filter(({ word: other }) => !today.heldBack.includes(other) && !request.never?.includes(other))
    .sort((a, b) => a.familiarity - b.familiarity || b.zipf - a.zipf)
    .map(({ word: other }) => other);
}

/** The word said, to be found among words that differ from it by one grapheme. @param count how many items, from 1 */
export function findIt(making: Making, count: number): ActivityContent | undefined {
  const items = making.today.words
    .map((word) => ({ word, foils: neighboursOf(word, making).slice(0, FOILS) }))
    .filter(({ foils }) => foils.length > 0)
    .slice(0, count);
  return items.length > 0 ? { kind: "find-it", items } : undefined;
}

/**
 * A grapheme of today's left out, to be chosen among taught ones of near sounds.
 *
 * @param count how many items, from 1
 */
export function fillTheGap({ request, today, lexicon }: Making, count: number): ActivityContent | undefined {
  const keys = new Set(
    [...request.focus, ...request.contrasts.flatMap(({ a, b }) => [a, b])].map((id) => keyOfGpc(id, lexicon.accent)),
  );
  const taught = request.taughtGpcs.map((id) => gpcById(id)).filter((gpc) => gpc !== undefined);
  const items = today.words.flatMap((word) => {
    const reading = segment(word, {}, lexicon);
    if (!reading) return [];
    const aimed = reading.units.findIndex((unit) => keys.has(unitKey(unit, lexicon.accent)));
    const unit = aimed !== -1 ? aimed : reading.units.findIndex(({ slot }) => slot === "nucleus");
    const target = reading.units[unit];
    if (!target) return [];
    const sound = target.phonemes[0] as string;
    const near = closestSounds(sound).flatMap((id) =>
      taught.filter(
        ({ grapheme, phonemes }) =>
          phonemes.length === 1 &&
          phonemes[0] === id &&
          grapheme.includes("-") === target.grapheme.includes("-") &&
          grapheme !== target.grapheme &&
          isVowel(id) === isVowel(sound),
      ),
    );
    // Another spelling of the same sound would be right by ear: it is no foil.
    const choices = [...new Set(near.map(({ grapheme }) => grapheme))].slice(0, CHOICES - 1);
    return choices.length > 0 ? [{ word, unit, choices: [target.grapheme, ...choices].sort() }] : [];
  });
  return items.length > 0 ? { kind: "fill-the-gap", items: items.slice(0, count) } : undefined;
}

/** A word is said; shown is that word, or one that differs by one grapheme. @param count how many items, from 1 */
export function rightOrNot(making: Making, count: number): ActivityContent | undefined {
  const random = seededRandom(making.request.seed + 1);
  const items = making.today.words.slice(0, count).flatMap((word) => {
    const [wrong] = neighboursOf(word, making);
    return wrong === undefined ? [] : [{ word, shown: random() < 0.5 ? word : wrong }];
  });
  return items.length > 1 ? { kind: "right-or-not", items } : undefined;
}

/**
 * Real and nonsense words mixed, about half of each.
 *
 * @param count how many words, from 1
 * @returns undefined when too few can be made
 */
export function realOrNonsense({ request, today, lexicon }: Making, count: number): ActivityContent | undefined {
  const half = Math.floor(count / 2);
  const made = makeNonsense({ taught: request.taught, count: half, seed: request.seed, focus: request.focus }, lexicon);
  if (made.length === 0) return undefined;
  const random = seededRandom(request.seed + 2);
  const items = [
    ...made.filter(({ word }) => !request.never?.includes(word)).map(({ word }) => ({ word, real: false })),
    ...today.words.slice(0, count - made.length).map((word) => ({ word, real: true })),
  ];
  return {
    kind: "real-or-nonsense",
    items: shuffled(items, random),
  };
}

/**
 * A family that the records or today's sound call for, laid out as a walk.
 *
 * @param count how many members at most, from 1
 */
export function familyWalkOf({ request, today, lexicon }: Making, count: number): ActivityContent | undefined {
  const rules = { ...request, never: [...(request.never ?? []), ...today.heldBack] };
  const substitutions = [
    ...request.focus.map((gpc) => ({ gpc, said: [], times: 0, chances: 0 })),
    ...request.substitutions,
  ];
  const [called] = recommendedFamilies(substitutions, rules, lexicon);
  const family = called?.family ?? richFamilies("rime", rules, lexicon)[0]?.family;
  if (!family) return undefined;
  const set = familySet(
    { ...rules, kind: family.kind, families: [family], count: Math.max(4, count), order: "easiest" },
    lexicon,
  );
  if (!set.ok) return undefined;
  const walk = familyWalk(
    set.words.map(({ word }) => word),
    [family],
    rules,
    lexicon,
  );
  return walk.words.length >= 3
    ? { kind: "family-walk", words: walk.words, way: family.kind === "rime" ? "rime-first" : "body-first" }
    : undefined;
}

/** Spellings beside today's that could be taken for it: of the nearest sounds, and of the sound itself. */
const SORTED_AGAINST = 6;

/**
 * A sort of today's spelling against another that is taught: of the same sound, or else of the nearest.
 *
 * @param count how many words, from 1
 */
export function sortOf({ request, today, lexicon }: Making, count: number): ActivityContent | undefined {
  const [gpc] = request.focus;
  const target = gpc === undefined ? undefined : gpcById(gpc);
  if (!gpc || !target || target.phonemes.length > 1) return undefined;
  const own = target.phonemes[0] as string;
  const taught = request.taughtGpcs.flatMap((id) => gpcById(id) ?? []);
  const spelling = (sound: string) =>
    taught.filter(
      ({ id, grapheme, phonemes }) =>
        phonemes.length === 1 && phonemes[0] === sound && grapheme !== target.grapheme && id !== gpc,
    );
  const others = [own, ...closestSounds(own).filter((id) => isVowel(id) === isVowel(own))].flatMap(spelling);
  const rules = { ...request, never: [...(request.never ?? []), ...today.heldBack] };
  for (const other of others.slice(0, SORTED_AGAINST)) {
    const sort = makeSort(
      {
        ...rules,
        bins: [
          { by: "spelling", gpc },
          { by: "spelling", gpc: other.id },
        ],
        perBin: Math.max(LEAST_IN_A_BIN, Math.min(MOST_IN_A_BIN, Math.floor(count / 2))),
        foils: 0,
      },
      lexicon,
    );
    if (sort.ok) return { kind: "sort", bins: sort.bins, table: sort.table };
  }
  return undefined;
}
