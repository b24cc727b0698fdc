import type { LexiconWord } from "../lexicon/lexicon.ts";
import { sameSoundReadings } from "../lexicon/readings.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { soundsOf } from "../spelling/said.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { unitKey } from "../spelling/unit-key.ts";
import type { ChangePosition, Move } from "./moves.ts";
import { positionOf } from "./step-compare.ts";

/** A legal step out of a word: exactly what `checkReadings` says of the two readings. */
export interface Edge {
  /** Index of the word it leads to. */
  readonly to: number;
  readonly kind: Move;
  readonly position: ChangePosition;
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

interface Node {
  readonly word: number;
  readonly reading: Segmentation;
  /** Interned unit keys. */
  readonly units: readonly number[];
}

/**
 * Builds the graph by wildcard buckets: two words are one change apart exactly when masking one unit of
 * each makes them equal, and one addition apart when leaving one unit out does. Cost is linear in the
 * units of all words plus the edges found.
 */
export function buildGraph(words: readonly LexiconWord[], accent: AccentSettings = GENERAL_AMERICAN): WordGraph {
  const keys: string[] = [];
  const numbers = new Map<string, number>();
  const intern = (key: string) => {
    let number = numbers.get(key);
    if (number === undefined) {
      number = keys.push(key) - 1;
      numbers.set(key, number);
    }
    return number;
  };
  const nodes = words.flatMap((entry, word) =>
    sameSoundReadings(entry).map(
      (reading): Node => ({ word, reading, units: reading.units.map((u) => intern(unitKey(u, accent))) }),
    ),
  );
  const found: Map<number, Edge>[] = words.map(() => new Map());
  // Mergers that drop a sound or hang on a neighbour (hat/at, pin/pen) can leave a whole word sounding as before.
  const wholeWords = accent.mergers.includes("pin-pen") || accent.mergers.includes("h-dropped");
  const alike = (a: Node, b: Node) => wholeWords && soundsOf(a.reading, accent) === soundsOf(b.reading, accent);
  const link = (from: Node, to: Node, edge: Omit<Edge, "to">) => {
    const out = found[from.word];
    if (alike(from, to)) return;
    if (out && from.word !== to.word && !out.has(to.word)) out.set(to.word, { to: to.word, ...edge });
  };
  const graphemeOf = keys.map((key) => key.slice(0, key.indexOf("=")));
  const soundOf = keys.map((key) => key.slice(key.indexOf("=") + 1));

  const masked = new Map<string, number[]>();
  const whole = new Map<string, number[]>();
  const textOf = (units: readonly number[], k: number, middle: string) =>
    `${units.slice(0, k).join(" ")}${middle}${units.slice(k + 1).join(" ")}`;
  nodes.forEach(({ units }, n) => {
    push(whole, units.join(" "), n);
    for (let k = 0; k < units.length; k++) push(masked, `${k} ${textOf(units, k, "*")}`, n);
  });

  for (const [pattern, bucket] of masked) {
    if (bucket.length < 2) continue;
    const k = Number.parseInt(pattern, 10);
    for (const x of bucket)
      for (const y of bucket) {
        const [a, b] = [nodes[x] as Node, nodes[y] as Node];
        const [oldUnit, newUnit] = [a.units[k] as number, b.units[k] as number];
        if (graphemeOf[oldUnit] === graphemeOf[newUnit] || soundOf[oldUnit] === soundOf[newUnit]) continue;
        link(a, b, {
          kind: "change",
          position: positionOf(b.reading, k),
          oldKey: keys[oldUnit],
          newKey: keys[newUnit],
        });
      }
  }
  for (const long of nodes)
    for (let k = long.units.length - 1; k >= 0; k--) {
      const rest = long.units.filter((_, n) => n !== k).join(" ");
      for (const n of whole.get(rest) ?? []) {
        const short = nodes[n] as Node;
        const position = positionOf(long.reading, k);
        const key = keys[long.units[k] as number];
        link(short, long, { kind: "add", position, oldKey: undefined, newKey: key });
        link(long, short, { kind: "take-away", position, oldKey: key, newKey: undefined });
      }
    }
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
