import { IRREGULAR_SENTENCES } from "../../data/texts/irregular-sentences.ts";
import { irregularFamilies } from "../families/irregular-families.ts";
import { oddUnitsOf } from "../scope/word-card.ts";
import { checkText } from "../texts/check-text.ts";
import type { ContentOfKind } from "./activity-kinds.ts";
import { lessonSentences } from "./lesson-sentences.ts";
import type { Making } from "./making.ts";

/** So many sentences are looked through for a word that stands in no frame, a noun or a verb. */
const LOOKED_THROUGH = 80;
/** Of those made around a word the first is read; another where it has been read with the word before. */
const AROUND_A_WORD = 3;
/** Another seed, so that no sentence is met that was written or read. */
const APART = 307;

/**
 * Irregular words the group learns whole: those the learners are at, then the newest; together where they follow a pattern
 * of their own (he, me, be), each with the part to point out and a sentence to read.
 *
 * @param count how many words, from 1
 */
export function irregularWords(making: Making, count: number): ContentOfKind<"irregular-words"> | undefined {
  const { request, today, lexicon } = making;
  const asked = (request.wholeWords ?? []).filter((word) => request.taught.words.has(word));
  const all = [...new Set([...asked, ...[...request.taught.words].reverse()])].filter(
    (word) => !request.never?.includes(word) && !today.heldBack.includes(word),
  );
  const words = irregularFamilies(all.slice(0, count), lexicon).flat();
  if (words.length === 0) return undefined;
  const odd: [string, string[]][] = words.flatMap((word): [string, string[]][] => {
    const lead = lexicon.get(word)?.readings[0];
    const graphemes = lead ? oddUnitsOf(word, lead, request.taught, lexicon).map((k) => lead.units[k]?.grapheme) : [];
    const known = graphemes.filter((grapheme) => grapheme !== undefined);
    return known.length > 0 ? [[word, known]] : [];
  });
  const sentences = lessonSentences(making, LOOKED_THROUGH, APART);
  const rules = { never: [...(request.never ?? []), ...today.heldBack], allowLists: request.allowLists };
  const canBeRead = (text: string) => checkText(text, request.taught, [], lexicon, rules).decodable === 1;
  const used = new Set<string>();
  const read = words.flatMap((word): [string, string][] => {
    const around = lessonSentences(making, AROUND_A_WORD, APART, word);
    const made = [...around, ...sentences].find(({ text, words: has }) => !used.has(text) && has.includes(word));
    const found = made?.text ?? IRREGULAR_SENTENCES.get(word)?.find((text) => !used.has(text) && canBeRead(text));
    if (found === undefined) return [];
    used.add(found);
    return [[word, found]];
  });
  return {
    kind: "irregular-words",
    words,
    ...(odd.length > 0 && { odd: Object.fromEntries(odd) }),
    ...(read.length > 0 && { shownIn: Object.fromEntries(read) }),
  };
}
