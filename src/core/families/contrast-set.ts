import { edgesFrom } from "../chains/graph/word-graph.ts";
import type { ChangePosition } from "../chains/moves.ts";
import { graphOf } from "../chains/planner/graphs.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { hasTwoReadings, isDecodable } from "../scope/decodable.ts";
import { phoneme } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { graphemeOfKey, soundOfKey } from "../spelling/unit-key.ts";
import { LEAST_PAIRS, MOST_PAIRS } from "./limits.ts";
import { type FamilyRules, isShowable } from "./rules.ts";

export interface ContrastSetRequest extends FamilyRules {
  /** Phonemes of the two sounds that are taken for one another: `["ɪ"]` and `["e"]`. */
  readonly a: readonly string[];
  readonly b: readonly string[];
  /** 1 to 20 pairs. */
  readonly count: number;
  /** Only pairs that differ there. */
  readonly position?: ChangePosition;
  /** Words used lately come last. */
  readonly recent?: readonly string[];
}

/** Two words that differ by one unit, which says the one sound and then the other. */
export interface MinimalPair {
  readonly a: string;
  readonly b: string;
  readonly position: ChangePosition;
  /** Graphemes that spell the two sounds here. */
  readonly graphemes: readonly [string, string];
}

export type NoPairs =
  | { readonly code: "count-out-of-range"; readonly least: number; readonly most: number }
  | { readonly code: "same-sound" }
  /** The pair differs nowhere, or not where it was asked for; the nearest that works is beside it. */
  | {
      readonly code: "no-pairs";
      /** Pairs there would be at other positions. */
      readonly elsewhere: readonly ChangePosition[];
      /** Pairs there are by words this group cannot read yet: for the ears. */
      readonly byEar: readonly MinimalPair[];
    };

const PAIRS_BY_EAR = 5;

/**
 * Minimal pairs for two sounds: every word once, the commoner pairs first, positions in turn. What one word has
 * on the one side another has on the other, letters and sounds of the rest untouched.
 */
export function contrastSet(
  request: ContrastSetRequest,
  list: Lexicon = shippedLexicon(),
): { readonly ok: true; readonly pairs: readonly MinimalPair[] } | { readonly ok: false; readonly reason: NoPairs } {
  const lexicon = lexiconIn(list, request.taught.accent);
  const { count } = request;
  if (!Number.isInteger(count) || count < LEAST_PAIRS || count > MOST_PAIRS)
    return { ok: false, reason: { code: "count-out-of-range", least: LEAST_PAIRS, most: MOST_PAIRS } };
  if (soundClassOf(request.a, lexicon.accent) === soundClassOf(request.b, lexicon.accent))
    return { ok: false, reason: { code: "same-sound" } };
  const readable = pairsAmong(request, lexicon, (entry) => isDecodable(entry, request.taught, lexicon));
  const here = readable.filter(({ position }) => !request.position || position === request.position);
  const alike = here.filter(({ graphemes, a: word }) => isLikeWithLike(graphemes, word, lexicon));
  if (here.length > 0) return { ok: true, pairs: spread(alike.length > 0 ? alike : here, count) };
  const byEar = spread(
    pairsAmong(request, lexicon, ({ familiarity }) => familiarity <= 2),
    PAIRS_BY_EAR,
  );
  const elsewhere = [...new Set(readable.map(({ position }) => position))];
  return { ok: false, reason: { code: "no-pairs", elsewhere, byEar } };
}

/** Of what kind a spelling is: over a consonant (a-e), of several letters (ai), or of one. */
const kindOf = (grapheme: string) => (grapheme.includes("-") ? "split" : grapheme.length > 1 ? "team" : "letter");

/**
 * Do two spellings of one kind stand against each other: a-e and i-e, ai and igh, the short i and the short e? A single
 * letter that says a long vowel (find, table) is like no other.
 */
function isLikeWithLike(graphemes: readonly [string, string], word: string, lexicon: Lexicon): boolean {
  const [first, second] = graphemes;
  if (kindOf(first) !== kindOf(second)) return false;
  if (kindOf(first) !== "letter") return true;
  const sounds = lexicon.get(word)?.readings[0].units.find(({ grapheme }) => grapheme === first)?.phonemes ?? [];
  const sound = phoneme(sounds[0] ?? "");
  return sound?.kind !== "vowel" || sound.length === "short";
}

interface RankedPair extends MinimalPair {
  readonly worth: number;
}

function pairsAmong(
  request: ContrastSetRequest,
  lexicon: Lexicon,
  isIn: (entry: Lexicon["words"][number]) => boolean,
): RankedPair[] {
  const graph = graphOf(lexicon);
  const { accent } = lexicon;
  const [a, b] = [soundClassOf(request.a, accent), soundClassOf(request.b, accent)];
  const soundOf = (key: string | undefined) => key && soundOfKey(key);
  const usable = graph.words.map(
    (entry) => isIn(entry) && !hasTwoReadings(entry) && isShowable({ entry }, request, lexicon),
  );
  const late = (word: string) => (request.recent?.includes(word) ? 3 : 0);
  return graph.words.flatMap((entry, node): RankedPair[] => {
    if (!usable[node]) return [];
    return edgesFrom(graph, node, ["change"])
      .filter(({ to, oldKey, newKey }) => usable[to] && soundOf(oldKey) === a && soundOf(newKey) === b)
      .map(({ to, position, oldKey = "", newKey = "" }) => {
        const other = graph.words[to] as typeof entry;
        return {
          a: entry.word,
          b: other.word,
          position,
          graphemes: [graphemeOfKey(oldKey), graphemeOfKey(newKey)],
          // A pair is as common as its rarer word.
          worth:
            -2 * Math.max(entry.familiarity, other.familiarity) +
            Math.min(entry.zipf, other.zipf) -
            late(entry.word) -
            late(other.word),
        };
      });
  });
}

/** Positions in turn, the commonest pair of each first; no word twice. */
function spread(pairs: readonly RankedPair[], count: number): MinimalPair[] {
  const waiting = [...pairs].sort((x, y) => y.worth - x.worth);
  const taken: MinimalPair[] = [];
  const words = new Set<string>();
  const met = { initial: 0, medial: 0, final: 0 };
  while (taken.length < count) {
    const free = waiting.filter(({ a, b }) => !words.has(a) && !words.has(b));
    if (free.length === 0) break;
    const least = Math.min(...free.map(({ position }) => met[position]));
    const next = free.find(({ position }) => met[position] === least) as RankedPair;
    const { worth: _, ...pair } = next;
    taken.push(pair);
    met[pair.position]++;
    words.add(pair.a).add(pair.b);
  }
  return taken;
}
