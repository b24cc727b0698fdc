import type { LexiconWord } from "../lexicon/lexicon.ts";
import { sameSoundReadings } from "../lexicon/readings.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { unitKey } from "../spelling/unit-key.ts";
import type { ChangePosition, Move } from "./moves.ts";
import { checkReadings, type SingleStep } from "./step-compare.ts";

/** A legal step out of a word. */
export interface Edge {
  /** Index of the word it leads to. */
  readonly to: number;
  readonly kind: Move;
  readonly position: ChangePosition;
  readonly step: SingleStep;
  /** Keys of the unit that went and the unit that came (`unitKey`), where there is one. */
  readonly oldKey: string | undefined;
  readonly newKey: string | undefined;
}

/** Words as nodes, one-grapheme steps as edges. Swaps are never edges. */
export interface WordGraph {
  readonly words: readonly LexiconWord[];
  readonly indexOf: ReadonlyMap<string, number>;
  /** Edges out of each word, ordered by the word they lead to. */
  readonly edges: readonly (readonly Edge[])[];
}

/**
 * Builds the graph by wildcard buckets: two words are one change apart exactly when masking one unit of
 * each makes them equal, and one addition apart when leaving one unit out does. Cost is linear in the
 * units of all words plus the edges found.
 */
export function buildGraph(words: readonly LexiconWord[]): WordGraph {
  const masked = new Map<string, number[]>();
  const whole = new Map<string, number[]>();
  const nodes: { word: number; reading: Segmentation; keys: string[] }[] = [];
  words.forEach((entry, word) => {
    for (const reading of sameSoundReadings(entry)) {
      const keys = reading.units.map(unitKey);
      const node = nodes.push({ word, reading, keys }) - 1;
      push(whole, keys.join(" "), node);
      for (let k = 0; k < keys.length; k++) push(masked, keys.map((key, n) => (n === k ? "*" : key)).join(" "), node);
    }
  });
  const found: Map<number, Edge>[] = words.map(() => new Map());
  const connect = (x: number, y: number) => {
    const [a, b] = [nodes[x], nodes[y]];
    if (!a || !b || a.word === b.word) return;
    link(a, b);
    link(b, a);
  };
  const link = (a: (typeof nodes)[number], b: (typeof nodes)[number]) => {
    const out = found[a.word];
    if (!out || out.has(b.word)) return;
    const step = checkReadings(a.reading, b.reading);
    if (!step.single) return;
    out.set(b.word, {
      to: b.word,
      kind: step.kind,
      position: step.position,
      step,
      oldKey: step.oldUnit && unitKey(step.oldUnit),
      newKey: step.newUnit && unitKey(step.newUnit),
    });
  };
  for (const bucket of masked.values())
    for (let x = 0; x < bucket.length; x++)
      for (let y = x + 1; y < bucket.length; y++) connect(bucket[x] as number, bucket[y] as number);
  nodes.forEach(({ keys }, node) => {
    keys.forEach((_, k) => {
      for (const other of whole.get(keys.filter((_, n) => n !== k).join(" ")) ?? []) connect(node, other);
    });
  });
  return {
    words,
    indexOf: new Map(words.map((entry, index) => [entry.word, index])),
    edges: found.map((out) => [...out.values()].sort((a, b) => a.to - b.to)),
  };
}

function push(map: Map<string, number[]>, key: string, value: number): void {
  const list = map.get(key);
  if (list) list.push(value);
  else map.set(key, [value]);
}
