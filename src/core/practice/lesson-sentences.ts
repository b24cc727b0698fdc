import { getOrMake } from "../get-or-make.ts";
import { type Sentence, type SentenceRules, sentenceMaker } from "../texts/make-sentences.ts";
import type { Making } from "./making.ts";

/**
 * Sentences that the group can read, with what each is made of; nothing that is held back stands in one.
 *
 * @param count how many, from 1
 * @param apart added to the seed
 * @param around a little word that each is to have
 */
export function lessonSentences(making: Making, count: number, apart: number, around?: string): Sentence[] {
  const make = getOrMake(MAKERS, making, () => sentenceMaker(rulesOf(making)));
  return make({ count, seed: making.request.seed + apart, ...(around !== undefined && { around }) });
}

/** A lesson asks for sentences several times, by the same rules. */
const MAKERS = new WeakMap<Making, ReturnType<typeof sentenceMaker>>();

function rulesOf({ request, today }: Making): SentenceRules {
  const { taught, never = [], allowLists, focus, contrasts } = request;
  const gpcs = [...new Set([...focus, ...contrasts.flatMap(({ a, b }) => [a, b])])];
  return {
    taught,
    targets: gpcs.map((gpc) => ({ by: "gpc", gpc })),
    never: [...never, ...today.heldBack],
    ...(allowLists && { allowLists }),
  };
}
