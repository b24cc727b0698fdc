import { expect, it } from "vitest";
import { makeSentences, sequenceById, taughtAt } from "../../core/index.ts";
import type { TextTarget } from "../../core/light.ts";
import { madeForText } from "./text-words.ts";

const SH: TextTarget = { by: "gpc", gpc: "sh=ʃ" };
/** The ch of school: no sentence has a word with it. */
const SCHOOL: TextTarget = { by: "gpc", gpc: "ch=k" };
const sequence = sequenceById("phased");

it.each([
  [[], /^Of words that this group can read/],
  [[SH], /^Made for sh as in [a-z]+\.$/],
  [[SCHOOL], /^None of these has ch as in school: they are of words/],
  [[SH, SCHOOL], /^Made for sh as in [a-z]+\. None of these has ch as in school\.$/],
  [[SCHOOL, SH], /^Made for sh as in [a-z]+\. None of these has ch as in school\.$/],
])("%j: sentences are said to be for what they have, and for nothing else", (targets, says) => {
  if (!sequence) throw new Error("The phased order does not ship.");
  const taught = taughtAt(sequence, sequence.steps.length);
  expect(madeForText(targets, makeSentences({ taught, targets, count: 20, seed: 1 }))).toMatch(says);
});

it("until they are made, only what they will be for is said", () => {
  expect(madeForText([SCHOOL], undefined)).toBe("For ch as in school.");
  expect(madeForText([SCHOOL], [])).toBe("For ch as in school.");
});
