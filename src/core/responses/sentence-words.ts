import { editDistance } from "../edit-distance.ts";

/** The words of a sentence, each with what was written for it. */
export interface AlignedWords {
  /** `written`: empty when the word was left out. */
  readonly words: readonly { readonly word: string; readonly written: string }[];
  /** What was written and belongs to no word. */
  readonly added: readonly string[];
  /** Two words were written as one, or one as two. */
  readonly isRunTogether: boolean;
}

/** A word that was left out, or put in. */
const ALONE = 0.75;
/** Two words for one, or one for two: less likely than a word that is spelled otherwise. */
const RUN = 0.15;
/** In what was run together each of the two has to be found. */
const FOUND = 0.34;
const PARTED = 0.34;

/** How far apart two spellings are: 0 the same, 1 nothing alike. */
const distance = (a: string, b: string): number =>
  editDistance(a, b, (x, y) => x === y) / Math.max(a.length, b.length, 1);

/** What it costs that two words were written as one: neither of them may be that one by itself. */
function joinedCost(first: string, second: string, token: string): number {
  const isOne = Math.min(distance(token, first), distance(token, second)) <= distance(token, first + second);
  if (isOne) return Number.POSITIVE_INFINITY;
  const [a, b] = cut(token, first, second);
  const [x, y] = [distance(a, first), distance(b, second)];
  return Math.max(x, y) > FOUND ? Number.POSITIVE_INFINITY : (x + y) / 2 + RUN;
}

/** What it costs that a word was written as two: neither of them may be the word by itself. */
function partedCost(word: string, a: string, b: string): number {
  const apart = distance(word, a + b);
  const isOne = Math.min(distance(word, a), distance(word, b)) <= apart;
  return isOne || apart > PARTED ? Number.POSITIVE_INFINITY : apart + RUN;
}

type Step = "pair" | "missing" | "added" | "joined" | "parted";

/**
 * Sets what was written against the words that were dictated, as cheaply as can be: in order, with words left out, put in,
 * run together (`thefish`) or parted (`fi sh`).
 */
export function alignWords(wanted: readonly string[], written: readonly string[]): AlignedWords {
  const [n, m] = [wanted.length, written.length];
  const costs: number[][] = Array.from({ length: n + 1 }, () =>
    new Array<number>(m + 1).fill(Number.POSITIVE_INFINITY),
  );
  const steps: (Step | undefined)[][] = Array.from({ length: n + 1 }, () =>
    new Array<Step | undefined>(m + 1).fill(undefined),
  );
  const at = (i: number, j: number) => costs[i]?.[j] ?? Number.POSITIVE_INFINITY;
  const word = (i: number) => wanted[i - 1] ?? "";
  const token = (j: number) => written[j - 1] ?? "";
  (costs[0] as number[])[0] = 0;
  for (let i = 0; i <= n; i++)
    for (let j = 0; j <= m; j++) {
      if (i === 0 && j === 0) continue;
      const ways: [Step, number][] = [
        ["pair", i > 0 && j > 0 ? at(i - 1, j - 1) + distance(word(i), token(j)) : Number.POSITIVE_INFINITY],
        ["missing", at(i - 1, j) + ALONE],
        ["added", at(i, j - 1) + ALONE],
        [
          "joined",
          i > 1 && j > 0 ? at(i - 2, j - 1) + joinedCost(word(i - 1), word(i), token(j)) : Number.POSITIVE_INFINITY,
        ],
        [
          "parted",
          i > 0 && j > 1 ? at(i - 1, j - 2) + partedCost(word(i), token(j - 1), token(j)) : Number.POSITIVE_INFINITY,
        ],
      ];
      const [best] = ways.sort(([, a], [, b]) => a - b);
      if (!best) continue;
      (costs[i] as number[])[j] = best[1];
      (steps[i] as (Step | undefined)[])[j] = best[0];
    }
  return traced(wanted, written, steps);
}

function traced(
  wanted: readonly string[],
  written: readonly string[],
  steps: readonly (readonly (Step | undefined)[])[],
): AlignedWords {
  const words: { word: string; written: string }[] = [];
  const added: string[] = [];
  let isRunTogether = false;
  let [i, j] = [wanted.length, written.length];
  while (i > 0 || j > 0) {
    const step = steps[i]?.[j];
    const [word, token] = [wanted[i - 1] ?? "", written[j - 1] ?? ""];
    switch (step) {
      case "joined": {
        const [first, second] = cut(token, wanted[i - 2] ?? "", word);
        words.unshift({ word: wanted[i - 2] ?? "", written: first }, { word, written: second });
        isRunTogether = true;
        [i, j] = [i - 2, j - 1];
        break;
      }
      case "parted":
        words.unshift({ word, written: (written[j - 2] ?? "") + token });
        isRunTogether = true;
        [i, j] = [i - 1, j - 2];
        break;
      case "missing":
        words.unshift({ word, written: "" });
        i--;
        break;
      case "added":
        added.unshift(token);
        j--;
        break;
      default:
        words.unshift({ word, written: token });
        [i, j] = [i - 1, j - 1];
    }
  }
  return { words, added, isRunTogether };
}

/** Where two words that were run together part best. */
function cut(token: string, first: string, second: string): [string, string] {
  let best: [string, string] = [token, ""];
  let least = Number.POSITIVE_INFINITY;
  for (let k = 1; k < token.length; k++) {
    const [a, b] = [token.slice(0, k), token.slice(k)];
    const apart = distance(a, first) + distance(b, second);
    if (apart < least) [best, least] = [[a, b], apart];
  }
  return best;
}
