import { lexiconIn } from "../lexicon/in-accent.ts";
import { type Familiarity, type Lexicon, type LexiconWord, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable, type Missing } from "../scope/decodable.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { entryOf } from "./entry-of.ts";
import { stepsFrom } from "./graph/steps-from.ts";
import type { TokenisedWords } from "./graph/tokens.ts";
import type { Edge } from "./graph/word-graph.ts";
import { type ChangePosition, DEFAULT_MOVES, type Move } from "./moves.ts";
import { isCandidate, isEarsOnly } from "./planner/candidates.ts";
import { wordsAround } from "./planner/graphs.ts";
import type { ChainRequest } from "./request.ts";
import { checkReadings } from "./step-compare.ts";

/** A word that could stand in a gap. */
export interface Neighbour {
  readonly word: string;
  readonly kind: Move;
  /** Where it differs from the word before the gap (or, at the front, from the word after). */
  readonly position: ChangePosition;
  /** Ids of the contrasts this step tells apart, and of focus correspondences it brings. */
  readonly aims: readonly string[];
  readonly familiarity: Familiarity;
  /** True when the change falls in another place than the one before it. */
  readonly movesOn: boolean;
  readonly usedLately: boolean;
  /** Empty for a word that fits today; what is missing for one that will soon. */
  readonly missing: readonly Missing[];
}

export interface GapRequest
  extends Pick<
    ChainRequest,
    | "taught"
    | "focus"
    | "contrasts"
    | "recent"
    | "never"
    | "allowLists"
    | "moves"
    | "mode"
    | "leastFamiliar"
    | "tiles"
    | "taps"
  > {
  /** The word before the gap, if there is one. */
  readonly before?: string;
  /** The word after the gap, if there is one. */
  readonly after?: string;
  /** Words already in the chain: not offered again. */
  readonly taken?: readonly string[];
  /** Where the change before the gap falls: one that falls elsewhere is worth a little more. */
  readonly lastPosition?: ChangePosition;
}

/** A gap is filled by a teacher who reads what is offered: words met in reading by nine are offered too. */
export const FAMILIAR_IN_GAPS: Familiarity = 3;

/** How many words that are nearly taught are offered, so that a teacher sees what comes next. */
const NOT_YET_SHOWN = 3;

/**
 * Every word that may stand in a gap: one step from the word before and from the word after, decodable,
 * suitable; best first. Then up to three that only one untaught correspondence keeps out.
 *
 * @returns empty when nothing fits, or when neither side is a known word
 */
export function wordsForGap(request: GapRequest, list: Lexicon = shippedLexicon()): Neighbour[] {
  const lexicon = lexiconIn(list, request.taught.accent);
  const leastFamiliar = request.leastFamiliar ?? FAMILIAR_IN_GAPS;
  const around = [request.before, request.after].flatMap((word) => (word ? [normaliseSpelling(word)] : []));
  const near = wordsAround(around, lexicon, isEarsOnly(request) ? "phonemes" : "graphemes", leastFamiliar);
  const moves = request.moves ?? DEFAULT_MOVES;
  const [first, second] = request.before === undefined ? [request.after, undefined] : [request.before, request.after];
  if (first === undefined) return [];
  // Seen from the word after the gap every step runs the other way.
  const out = (word: string, towards: boolean) =>
    stepsOutOf(word, near, towards ? moves : moves.map(opposite), lexicon);
  const reachable = second === undefined ? undefined : new Set(out(second, false).map(({ to }) => to));
  const taken = new Set([...(request.taken ?? []), request.before, request.after]);
  const full: ChainRequest = { length: 3, seed: 0, ...request, leastFamiliar };
  const fits: { neighbour: Neighbour; worth: number }[] = [];
  const soon: { neighbour: Neighbour; worth: number }[] = [];
  const never = new Set(request.never);
  for (const edge of out(first, request.before !== undefined)) {
    const entry = near.words[edge.to];
    if (!entry || taken.has(entry.word) || (reachable && !reachable.has(edge.to))) continue;
    const aims = aimsOf(edge, request, lexicon.accent);
    const usedLately = request.recent?.includes(entry.word) ?? false;
    const movesOn = request.lastPosition !== undefined && request.lastPosition !== edge.position;
    const worth =
      5 - entry.familiarity + entry.zipf / 10 + 3 * aims.length + (movesOn ? 0.5 : 0) - (usedLately ? 3 : 0);
    const neighbour = {
      word: entry.word,
      kind: edge.kind,
      position: edge.position,
      aims,
      familiarity: entry.familiarity,
      movesOn,
      usedLately,
    };
    const showable = !never.has(entry.word);
    if (showable && isCandidate(entry, full, lexicon)) {
      fits.push({ neighbour: { ...neighbour, missing: [] }, worth });
      continue;
    }
    if (!showable || entry.suitability !== "suitable" || isEarsOnly(request)) continue;
    const { missing } = checkDecodable(entry.word, request.taught, lexicon);
    if (missing.length === 1) soon.push({ neighbour: { ...neighbour, missing }, worth });
  }
  const byWorth = (x: { worth: number }, y: { worth: number }) => y.worth - x.worth;
  return [...fits.sort(byWorth), ...soon.sort(byWorth).slice(0, NOT_YET_SHOWN)].map(({ neighbour }) => neighbour);
}

const OPPOSITE: Readonly<Record<Move, Move>> = { change: "change", add: "take-away", "take-away": "add", swap: "swap" };
const opposite = (move: Move) => OPPOSITE[move];

/** The steps out of a word of the list, or out of a nonsense word, which is compared with every word. */
function stepsOutOf(word: string, near: TokenisedWords, moves: readonly Move[], lexicon: Lexicon): Edge[] {
  const spelling = normaliseSpelling(word);
  if (near.indexOf.has(spelling)) return stepsFrom(near, spelling, moves);
  const from = near.by === "graphemes" ? entryOf(word, lexicon)?.readings[0] : undefined;
  if (!from) return [];
  const { accent } = lexicon;
  return near.words.flatMap((entry: LexiconWord, to): Edge[] => {
    const step = checkReadings(from, entry.readings[0], { moves, accent });
    if (!step.single) return [];
    const keyOf = (unit: typeof step.oldUnit) => unit && unitKey(unit, accent);
    const { kind, position, oldUnit, newUnit } = step;
    return [{ to, kind, position, oldKey: keyOf(oldUnit), newKey: keyOf(newUnit) }];
  });
}

/**
 * Every legal next word after this one, by position, best first.
 *
 * @example neighbours("pit", { taught: taughtAt(sequenceById("phased"), 3), focus: [], contrasts: [] })[1]?.word // "sit"
 */
export function neighbours(
  word: string,
  request: Omit<GapRequest, "before" | "after">,
  lexicon: Lexicon = shippedLexicon(),
): Neighbour[] {
  return wordsForGap({ ...request, before: word }, lexicon).filter(({ missing }) => missing.length === 0);
}

function aimsOf(edge: Edge, request: Pick<GapRequest, "focus" | "contrasts">, accent: AccentSettings): string[] {
  const keyOf = (id: string) => keyOfGpc(id, accent);
  const touched = [edge.oldKey, edge.newKey];
  const focus = request.focus.filter((id) => touched.includes(keyOf(id)));
  const contrasts = request.contrasts
    .filter(({ a, b }) => touched.includes(keyOf(a)) && touched.includes(keyOf(b)))
    .map(({ a, b }) => `${a}/${b}`);
  return [...focus, ...contrasts];
}
