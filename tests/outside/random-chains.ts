import { expect } from "vitest";
import {
  type ChainRequest,
  planChain,
  SEQUENCES,
  type Sequence,
  seededRandom,
  shippedLexicon,
  taughtAt,
} from "../../src/core/index.ts";
import { inFull } from "../in-full.ts";
import { listings, rawSteps } from "./raw-dictionary.ts";

/**
 * Seven hundred random requests: whatever is asked, every chain obeys it. Looked at from outside: sounds from
 * the raw dictionary, letters as letters; neither our segmentations nor our step check are asked. In two files, so that
 * two processors share them.
 */
export const REQUESTS = inFull(100, 600);
const lexicon = shippedLexicon();
const sets = new Map<string, ChainRequest["taught"]>();

function taughtFor(sequence: Sequence, step: number): ChainRequest["taught"] {
  const key = `${sequence.id} ${step}`;
  const taught = sets.get(key) ?? taughtAt(sequence, step);
  sets.set(key, taught);
  return taught;
}

interface Asked {
  readonly request: ChainRequest;
  readonly name: string;
}

function randomRequest(n: number, random: () => number): Asked {
  const sequence = SEQUENCES[n % SEQUENCES.length] as Sequence;
  const step = 2 + Math.floor(random() ** 3 * 20);
  const taught = taughtFor(sequence, step);
  const chance = (share: number) => random() < share;
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const common = lexicon.words.slice(0, 3000).map(({ word }) => word);
  const gpcs = [...taught.gpcs.keys()];
  const vowels = gpcs.filter((key) => /^[aeiou]=/.test(key));
  const request: ChainRequest = {
    taught,
    length: 3 + Math.floor(random() * 8),
    // Aims as a teacher picks them: something taught, lately or long ago, and two vowel letters mixed up.
    focus: chance(0.4) ? [pick(chance(0.5) ? gpcs.slice(-6) : gpcs)] : [],
    contrasts: chance(0.3) ? contrastOf(pick(vowels), pick(vowels)) : [],
    seed: n,
    count: 1 + (n % 2),
    ...(chance(0.15) && { start: pick(common) }),
    ...(chance(0.1) && { end: pick(common) }),
    ...(chance(0.15) && { mustInclude: [pick(common)] }),
    ...(chance(0.3) && { never: common.filter(() => chance(0.3)) }),
    ...(chance(0.2) && { moves: pick([["change"], ["change", "add"], ["add", "take-away"]] as const) }),
    ...(chance(0.4) && {
      positions: pick(["alternate", "hold-the-vowel", "only-the-vowel", "beginnings-endings-middles"] as const),
    }),
    ...(chance(0.15) && { longestRun: 1 + Math.floor(random() * 3) }),
    ...(chance(0.2) && { leastFamiliar: pick([2, 3, 4] as const) }),
    ...(chance(0.15) && { mode: pick(["building", "ears-only"] as const) }),
    ...(chance(0.08) && { closed: true }),
    ...(chance(0.1) && { tiles: Object.fromEntries([..."aabdeeghiilmnnoprsstttu"].map((t) => [t, 1 + (n % 2)])) }),
  };
  return { request, name: `request ${n}, ${sequence.id} step ${step}` };
}

/** Two vowel letters told apart, where two were drawn. */
function contrastOf(a: string | undefined, b: string | undefined): ChainRequest["contrasts"] {
  return a && b && lettersOf(a) !== lettersOf(b) ? [{ a, b }] : [];
}

/** The letters of a GPC id, without our own reading of it: all before the equals sign. */
const lettersOf = (gpcId: string) => gpcId.slice(0, gpcId.indexOf("="));

/** A chain holds letters when a word of it does; those of a split digraph have one letter between them. */
const holds = (words: readonly string[], letters: string) =>
  words.some((word) => new RegExp(letters.replace("-", "[a-z]")).test(word));

/** Is there an assignment of one raw step a pair that obeys the position rule? Each pair may have several. */
function positionsObey(
  steps: readonly (readonly string[])[],
  obeys: (positions: readonly string[]) => boolean,
): boolean {
  const walk = (k: number, chosen: readonly string[]): boolean =>
    k === steps.length ? obeys(chosen) : (steps[k] as readonly string[]).some((p) => walk(k + 1, [...chosen, p]));
  return walk(0, []);
}

const runs = (positions: readonly string[]) =>
  Math.max(
    0,
    ...(
      positions
        .map((p) => p[0])
        .join("")
        .match(/(.)\1*/g) ?? []
    ).map((run) => run.length),
  );

function obeysPlan(plan: string | undefined, positions: readonly string[]): boolean {
  const text = positions.map((p) => p[0]).join("");
  switch (plan) {
    case "alternate":
      return runs(positions) <= 1;
    case "hold-the-vowel":
      return !text.includes("m");
    case "only-the-vowel":
      return /^m+$/.test(text);
    case "beginnings-endings-middles":
      return positions.length < 3 ? /^i+f*$/.test(text) : /^i+f+m+$/.test(text);
    default:
      return true;
  }
}

/** By the first listing of each: further ones are other accents' (when as win). */
const sameSound = (a: string, b: string) => listings(a)[0]?.join(" ") === listings(b)[0]?.join(" ");

/** Plans REQUESTS random requests and looks every chain over. @param seed other seed, other requests */
export function lookOverRandomChains(seed: number): void {
  const random = seededRandom(seed);
  const common = lexicon.words.filter(({ band }) => band <= 3).map(({ word }) => word);
  let chains = 0;
  let refused = 0;
  let steps = 0;
  let [aims, met] = [0, 0];
  for (let n = 0; n < REQUESTS; n++) {
    const { request, name } = randomRequest(n, random);
    const answer = planChain(request, lexicon, { relax: false });
    if (!Array.isArray(answer)) {
      refused++;
      continue;
    }
    const letters = new Set([...request.taught.gpcs.keys()].flatMap((key) => [...key.slice(0, key.indexOf("="))]));
    answer.forEach(({ words }, which) => {
      chains++;
      const where = `${name}: ${words.join(" ")}`;
      expect(words, where).toHaveLength(request.length);
      expect(new Set(words).size, where).toBe(words.length);
      if (request.start) expect(words[0], where).toBe(request.start);
      if (request.end) expect(words.at(-1), where).toBe(request.end);
      for (const word of request.mustInclude ?? []) expect(words, where).toContain(word);
      const named = new Set([request.start, request.end, ...(request.mustInclude ?? [])]);
      for (const word of words) {
        expect(request.never?.includes(word) ?? false, where).toBe(false);
        expect(lexicon.unsuitable(word), where).toBeUndefined();
        if (request.mode !== "ears-only")
          expect(
            [...word].every((letter) => letters.has(letter)),
            where,
          ).toBe(true);
        if (request.leastFamiliar && !named.has(word))
          expect(lexicon.get(word)?.familiarity, where).toBeLessThanOrEqual(request.leastFamiliar);
        if (request.tiles && !named.has(word))
          for (const letter of new Set(word))
            expect([...word].filter((other) => other === letter).length, where).toBeLessThanOrEqual(
              request.tiles[letter] ?? 0,
            );
        if (request.mode === "building" && !named.has(word) && n % 5 === 0)
          expect(
            common.filter((other) => other !== word && sameSound(word, other)),
            where,
          ).toEqual([]);
      }
      if (request.mode !== "ears-only")
        for (const aim of [...request.focus, ...request.contrasts.flatMap(({ a, b }) => [a, b])]) {
          aims++;
          if (holds(words, lettersOf(aim))) met++;
        }
      const pairs = words.slice(1).map((word, k) => [words[k] as string, word] as const);
      if (request.closed) expect(rawSteps(words.at(-1) as string, words[0] as string).length, where).toBeGreaterThan(0);
      const raw = pairs.map(([a, b]) => {
        const all = rawSteps(a, b).filter(({ kind }) => request.moves?.includes(kind) ?? true);
        expect(all.length, `${where}: ${a} → ${b}`).toBeGreaterThan(0);
        steps++;
        return all.map(({ position }) => position);
      });
      expect(
        positionsObey(
          raw,
          (positions) =>
            obeysPlan(request.positions, positions) &&
            (request.longestRun === undefined ||
              request.positions === "alternate" ||
              runs(positions) <= request.longestRun),
        ),
        where,
      ).toBe(true);
      for (const { words: others } of answer.slice(0, which))
        expect(words.filter((word) => others.includes(word)).length, where).toBeLessThanOrEqual(words.length / 2);
    });
  }
  process.stdout.write(
    `${REQUESTS} requests: ${chains} chains, ${steps} steps, ${refused} refused, ${met} of ${aims} aims met\n`,
  );
  expect(aims).toBeGreaterThan(REQUESTS * 0.4);
  // Start words, held vowels and boxes of tiles may leave no room for an aim; more than now and then they do not.
  expect(met / aims).toBeGreaterThan(0.85);
  expect(chains).toBeGreaterThan(REQUESTS * 0.75);
  expect(steps).toBeGreaterThan(REQUESTS * 4);
}
