import { AFFIXES } from "../lexicon/affixes.ts";
import { ENDING_IDS } from "../lexicon/endings.ts";
import type { EvidenceWay } from "../responses/response-modes.ts";
import { GPCS } from "../spelling/gpc.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { isNamed } from "../statistics/naming-rule.ts";
import { wilsonInterval } from "../statistics/wilson.ts";
import type { ChanceCount } from "./substitution-table.ts";
import type { JudgedResponse } from "./unit-counts.ts";

/** What more than one sound has in common: where a unit stands, or how long its word is. */
export const WIDER_KINDS = ["cluster", "ending", "long-word"] as const;
export type WiderKind = (typeof WIDER_KINDS)[number];

/** Letters that are one another's mirror picture, upright or upside down, and are looked at where they are built or written. */
const MIRRORED = [
  ["b", "d"],
  ["p", "q"],
  ["u", "n"],
] as const;

/** Something that the records show beyond single sounds. */
export type WiderFinding =
  | {
      readonly kind: WiderKind;
      /** Units of this kind, and all others to set them against. */
      readonly here: ChanceCount;
      readonly elsewhere: ChanceCount;
    }
  | {
      readonly kind: "reversal";
      readonly letters: readonly [string, string];
      readonly times: number;
      readonly chances: number;
    };

/** A word with so many units or more is long, one with so many or fewer is not. */
const LONG_FROM = 5;
const SHORT_UP_TO = 3;

interface Sides {
  here: { chances: number; wrong: number };
  elsewhere: { chances: number; wrong: number };
}
const noSides = (): Sides => ({ here: { chances: 0, wrong: 0 }, elsewhere: { chances: 0, wrong: 0 } });

/**
 * What the records show beyond single sounds: consonants side by side against those that stand alone, endings against
 * what they are put on, long words against short ones, and letters taken for their mirror pictures. A difference is told
 * only where the 95 % intervals of the two shares do not meet; a reversal by the rule that names every pattern.
 *
 * @param responses of one learner, in one way of working
 */
export function widerFindings(responses: readonly JudgedResponse[], way: EvidenceWay): WiderFinding[] {
  const sides = { cluster: noSides(), ending: noSides(), "long-word": noSides() } satisfies Record<WiderKind, Sides>;
  const mirrored = MIRRORED.map(() => ({ times: 0, chances: 0 }));
  for (const { target, verdict } of responses) {
    const places = placesIn(target);
    target.units.forEach(({ grapheme }, k) => {
      const judged = verdict.units[k];
      if (!judged || judged.result === "not-known" || judged.result === "transposition") return;
      const wrong = judged.result === "right" || judged.result === "other-spelling" ? 0 : 1;
      for (const kind of WIDER_KINDS) {
        const side = places[k]?.[kind];
        if (!side) continue;
        sides[kind][side].chances++;
        sides[kind][side].wrong += wrong;
      }
      for (const [n, [a, b]] of MIRRORED.entries()) {
        const other = isLetter(grapheme, a) ? b : isLetter(grapheme, b) ? a : undefined;
        const tally = mirrored[n];
        if (other === undefined || !tally) continue;
        tally.chances++;
        if (wrong && isSoundOf(judged.said, other)) tally.times++;
      }
    });
  }
  const differing = WIDER_KINDS.flatMap((kind): WiderFinding[] => {
    const { here, elsewhere } = sides[kind];
    if (here.chances === 0 || elsewhere.chances === 0) return [];
    const isHarder =
      wilsonInterval(here.wrong, here.chances).low > wilsonInterval(elsewhere.wrong, elsewhere.chances).high;
    return isHarder ? [{ kind, here, elsewhere }] : [];
  });
  const reversed = MIRRORED.flatMap((letters, n): WiderFinding[] => {
    const tally = mirrored[n];
    return way === "built" && tally && isNamed(tally) ? [{ kind: "reversal", letters, ...tally }] : [];
  });
  return [...differing, ...reversed];
}

/** A letter, or the grapheme in which it always stands: q is written qu. */
const isLetter = (grapheme: string, letter: string): boolean =>
  grapheme === letter || (letter === "q" && grapheme === "qu");

/** Is it what a letter stands for? A tile that was laid is known by its sounds. */
const isSoundOf = (said: readonly string[], letter: string): boolean =>
  GPCS.some(({ grapheme, phonemes }) => isLetter(grapheme, letter) && phonemes.join() === said.join());

/** What an ending or a suffix is written as. */
const WORD_ENDINGS = new Set<string>([
  ...ENDING_IDS,
  ...Object.values(AFFIXES).flatMap(({ letters, at }) => (at === "end" ? [letters] : [])),
]);

type Place = Readonly<Partial<Record<WiderKind, "here" | "elsewhere">>>;

/** Where each unit of a word counts; nowhere for what tells nothing of a kind: a vowel is in no cluster. */
function placesIn({ word, units, joints = [] }: Segmentation): Place[] {
  // A prefix meets its base as well (un·tie): what comes after it is no ending.
  const last = joints.find((joint) => WORD_ENDINGS.has(word.slice(joint)));
  return units.map(({ slot, letters }, k): Place => {
    const isBeside = units[k - 1]?.slot === slot || units[k + 1]?.slot === slot;
    const isInEnding = last !== undefined && (letters[0] ?? 0) >= last;
    return {
      ...(slot !== "nucleus" && !isInEnding && { cluster: isBeside ? "here" : "elsewhere" }),
      ...(last !== undefined && { ending: isInEnding ? "here" : "elsewhere" }),
      ...(units.length >= LONG_FROM && { "long-word": "here" }),
      ...(units.length <= SHORT_UP_TO && { "long-word": "elsewhere" }),
    };
  });
}
