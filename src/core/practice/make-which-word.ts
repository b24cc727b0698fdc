import { IRREGULAR_PARTICIPLES } from "../../data/lexicon/irregular-forms.ts";
import { inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sentence } from "../texts/make-sentences.ts";
import { withoutPhraseMarks } from "../texts/phrases.ts";
import { sentencesOf, wordsOfText } from "../texts/read-words.ts";
import type { SlotPart } from "../texts/sentence-slots.ts";
import { standsAsNoun } from "../texts/true-or-not.ts";
import { wordKind } from "../texts/word-kind.ts";
import type { ContentOfKind } from "./activity-kinds.ts";
import { lessonSentences } from "./lesson-sentences.ts";
import { neighboursOf } from "./make-content.ts";
import type { Making } from "./making.ts";

const FOILS = 2;
/** So many sentences are looked through for each that is wanted: in most no word has two foils. */
const LOOKED_THROUGH = 12;
/** Another seed, so that no sentence is met that was written or read. */
const APART = 211;

type WithSlots = Pick<Sentence, "text" | "words" | "slots">;

type Item = ContentOfKind<"which-word">["items"][number];

/** Where a word stands in a sentence: what it is there, and the word before it. */
interface Place {
  readonly part: SlotPart;
  readonly before: string | undefined;
}

/**
 * Would a word be wrong where another stands? One that can be the same part of speech may be silly there, and right. So
 * may an adjective after "the" (the sad can nap), and before a noun another noun or a past (the fed hen).
 *
 * @param foil a word of the list
 */
export function isOutOfPlace(foil: string, { part, before }: Place, lexicon: Lexicon): boolean {
  const kind = wordKind(foil, lexicon);
  // Little words and words with an ending on can stand nearly anywhere.
  if (!kind || inflectionOf(foil, lexicon) || IRREGULAR_PARTICIPLES.has(foil)) return false;
  const can = new Set([...(lexicon.get(foil)?.partsOfSpeech ?? ""), kind.part]);
  if (can.has(part)) return false;
  if (part === "n") return !can.has("a") || before !== "the";
  return part === "v" || (!can.has("n") && kind.form === "base");
}

/**
 * Sentences of today with a word left out, which one of three fits: the others sound the same, where the group can read
 * such, or are one step away, and would be wrong there.
 *
 * @param count how many sentences, from 1
 */
export function whichWord(making: Making, count: number): ContentOfKind<"which-word"> | undefined {
  const todays = new Set(making.today.words);
  const items: Item[] = [];
  const { sentencesFrom } = making.request;
  const sentences =
    sentencesFrom === undefined
      ? lessonSentences(making, count * LOOKED_THROUGH, APART)
      : sentencesIn(sentencesFrom, making.lexicon);
  for (const sentence of sentences) {
    const used = new Set(items.map(({ word }) => word));
    const slots = sentence.slots
      .filter(({ word }) => !used.has(word) && sentence.words.indexOf(word) === sentence.words.lastIndexOf(word))
      .sort((a, b) => Number(todays.has(b.word)) - Number(todays.has(a.word)));
    const item = slots.map((slot) => itemOf(sentence, slot, making)).find((one) => one !== undefined);
    if (item) items.push(item);
    if (items.length === count) break;
  }
  return items.length > 0 ? { kind: "which-word", items } : undefined;
}

/**
 * The sentences of a text, with the words that could be left out: nouns after their article, and pasts, which are what they
 * look like. A name, the first word and a word that stands twice are left in.
 */
function sentencesIn(text: string, lexicon: Lexicon): WithSlots[] {
  return sentencesOf(withoutPhraseMarks(text)).map((sentence) => {
    const words = wordsOfText(sentence, (spelling) => lexicon.get(spelling) !== undefined);
    const slots = words.flatMap(({ spelling, hasCapital }, at): WithSlots["slots"][number][] => {
      const kind = wordKind(spelling, lexicon);
      if (!kind || hasCapital) return [];
      if (kind.part === "n" && standsAsNoun({ words, at, sentence }, lexicon)) return [{ word: spelling, part: "n" }];
      return kind.part === "v" && kind.form === "past" ? [{ word: spelling, part: "v" }] : [];
    });
    return { text: sentence, words: words.map(({ spelling }) => spelling), slots };
  });
}

function itemOf(sentence: WithSlots, { word, part }: WithSlots["slots"][number], making: Making): Item | undefined {
  const { lexicon, request, today } = making;
  const at = sentence.words.indexOf(word);
  // The first word has a capital, which would tell.
  if (at <= 0) return undefined;
  const place = { part, before: sentence.words[at - 1] };
  const alike = soundAlikes(word, lexicon).filter((other) => {
    const isKept = request.never?.includes(other) || today.heldBack.includes(other);
    const entry = lexicon.get(other);
    return !isKept && entry?.suitability === "suitable" && checkDecodable(other, request.taught, lexicon).decodable;
  });
  const foils = [...new Set([...alike, ...neighboursOf(word, making)])].filter(
    (other) => isOutOfPlace(other, place, lexicon) && !sentence.words.includes(other),
  );
  return foils.length >= FOILS ? { sentence: sentence.text, word, foils: foils.slice(0, FOILS) } : undefined;
}
