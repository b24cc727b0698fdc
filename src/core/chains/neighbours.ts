import { lexiconIn } from "../lexicon/in-accent.ts";
import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable, type Missing } from "../scope/decodable.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { keyOfGpc } from "../spelling/unit-key.ts";
import { plannable } from "./allowed-words.ts";
import type { Edge, WordGraph } from "./graph.ts";
import type { ChangePosition, Move } from "./moves.ts";
import { graphOf } from "./planner.ts";
import type { ChainRequest } from "./request.ts";

/** A word that could stand in a gap. */
export interface Neighbour {
  readonly word: string;
  readonly kind: Move;
  /** Where it differs from the word before the gap (or, at the front, from the word after). */
  readonly position: ChangePosition;
  /** Ids of the contrasts this step tells apart, and of focus correspondences it brings. */
  readonly aims: readonly string[];
  readonly band: number;
  /** Empty for a word that fits today; what is missing for one that will soon. */
  readonly missing: readonly Missing[];
}

export interface GapRequest
  extends Pick<ChainRequest, "taught" | "focus" | "contrasts" | "recent" | "never" | "allowNotEverySchool"> {
  /** The word before the gap, if there is one. */
  readonly before?: string;
  /** The word after the gap, if there is one. */
  readonly after?: string;
  /** Words already in the chain: not offered again. */
  readonly taken?: readonly string[];
}

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
  const graph = graphOf(lexicon);
  const before = indexOf(request.before, graph);
  const after = indexOf(request.after, graph);
  const from = before ?? after;
  if (from === undefined) return [];
  const taken = new Set([...(request.taken ?? []), request.before, request.after]);
  const reachable =
    before !== undefined && after !== undefined
      ? new Set((graph.edges[after] as readonly Edge[]).map((edge) => edge.to))
      : undefined;
  const fits: { neighbour: Neighbour; worth: number }[] = [];
  const soon: { neighbour: Neighbour; worth: number }[] = [];
  for (const edge of graph.edges[from] as readonly Edge[]) {
    const entry = graph.words[edge.to];
    if (!entry || taken.has(entry.word) || (reachable && !reachable.has(edge.to))) continue;
    const aims = aimsOf(edge, request, lexicon.accent);
    const worth = entry.zipf + 3 * aims.length - (request.recent?.includes(entry.word) ? 3 : 0);
    const neighbour = { word: entry.word, kind: edge.kind, position: edge.position, aims, band: entry.band };
    if (plannable(entry, request, lexicon)) {
      fits.push({ neighbour: { ...neighbour, missing: [] }, worth });
      continue;
    }
    const { missing } = checkDecodable(entry.word, request.taught, lexicon);
    const showable = entry.suitability === "suitable" && !request.never?.includes(entry.word);
    if (missing.length === 1 && showable) soon.push({ neighbour: { ...neighbour, missing }, worth });
  }
  const byWorth = (x: { worth: number }, y: { worth: number }) => y.worth - x.worth;
  return [...fits.sort(byWorth), ...soon.sort(byWorth).slice(0, NOT_YET_SHOWN)].map(({ neighbour }) => neighbour);
}

/** Every legal next word after this one, by position, best first. */
export function neighbours(
  word: string,
  request: Omit<GapRequest, "before" | "after">,
  lexicon: Lexicon = shippedLexicon(),
): Neighbour[] {
  return wordsForGap({ ...request, before: word }, lexicon).filter(({ missing }) => missing.length === 0);
}

function indexOf(word: string | undefined, graph: WordGraph): number | undefined {
  return word === undefined ? undefined : graph.indexOf.get(normaliseSpelling(word));
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
