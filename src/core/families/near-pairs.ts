import { stepsFrom } from "../chains/graph/steps-from.ts";
import type { Edge } from "../chains/graph/word-graph.ts";
import { tokenisedWords } from "../chains/planner/graphs.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { graphemeOfKey } from "../spelling/unit-key.ts";
import type { FamilyMember } from "./members.ts";

/** Twins are not fetched from among the rarest words. */
const RAREST = 5;

/**
 * Words for the bins of a sort by type of syllable, so that as many as can be have their near twin in another bin:
 * the vowel letter of the one is in the vowel of the other (hop, hope; man, main). What is wanting is filled up
 * with the commonest.
 *
 * @param perBin words wanted in each bin, from 1
 */
export function inNearPairs(
  fitting: readonly (readonly FamilyMember[])[],
  perBin: number,
  lexicon: Lexicon,
): string[][] {
  const list = tokenisedWords(lexicon);
  const binOfWord = new Map(fitting.flatMap((members, k) => members.map(({ entry }) => [entry.word, k] as const)));
  const chosen = fitting.map((): string[] => []);
  const isFull = (bin: number) => (chosen[bin] as string[]).length >= perBin;
  const take = (word: string, bin: number) => {
    if (!isFull(bin) && !chosen[bin]?.includes(word)) chosen[bin]?.push(word);
  };
  for (const { entry } of fitting[0] ?? []) {
    if (isFull(0)) break;
    const partner = stepsFrom(list, entry.word, ["change"])
      .filter((edge) => isTwin(edge) && (list.words[edge.to]?.band ?? RAREST) < RAREST)
      .map(({ to }) => list.words[to]?.word ?? "")
      .find((word) => {
        const bin = binOfWord.get(word);
        return bin !== undefined && bin !== 0 && !isFull(bin) && !chosen[bin]?.includes(word);
      });
    if (!partner) continue;
    take(entry.word, 0);
    take(partner, binOfWord.get(partner) as number);
  }
  fitting.forEach((members, bin) => {
    for (const { entry } of members) take(entry.word, bin);
  });
  return chosen;
}

/** The vowel changes, and its letter stays: o and o-e, a and ai. */
function isTwin({ position, oldKey = "", newKey = "" }: Edge): boolean {
  return position === "medial" && graphemeOfKey(newKey).includes(graphemeOfKey(oldKey));
}
