import { EDGE_KINDS } from "../chains/graph/edge-collector.ts";
import type { WordGraph } from "../chains/graph/word-graph.ts";
import { DEFAULT_MOVES } from "../chains/moves.ts";
import { candidateTest, FAMILIAR } from "../chains/planner/candidates.ts";
import { graphOf } from "../chains/planner/graphs.ts";
import type { ChainRequest } from "../chains/request.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { type Beta, betaAbove, betaMean, expectedInformation } from "../statistics/beta.ts";
import { isNamed, PATTERN_RULE } from "../statistics/naming-rule.ts";
import type { EasilyTaken } from "./easily-taken.ts";
import type { UnitCount } from "./unit-counts.ts";

/** A probe as far as it has come: what is asked, and what was answered. */
export interface ProbeRequest extends Pick<ChainRequest, "taught" | "never" | "allowLists"> {
  /** What is to be found out, for each: is this said for that? */
  readonly questions: readonly EasilyTaken[];
  /** Words asked so far; the last is on the screen. */
  readonly asked: readonly string[];
  /** What their answers said of each unit. */
  readonly answers: readonly UnitCount[];
  /** What earlier lessons said of the same learner: where to look first, and no more than that. */
  readonly record?: readonly UnitCount[];
}

/** What is thought of one question now. */
export interface ProbeBelief extends EasilyTaken {
  /** In this probe. */
  readonly times: number;
  readonly chances: number;
  /** Probability that it is made more often than by chance, 0 to 1. */
  readonly likely: number;
  /** A pattern by the one rule; as good as ruled out; or still to be asked. */
  readonly state: "named" | "ruled-out" | "open";
}

/** Before anything was answered: seldom made. Ours; common practice, no source. */
const BEFORE_ANY: Beta = { alpha: 0.5, beta: 4.5 };
/** A share above it is more than chance. */
const LINE = 0.2;
/** Less likely than this, it is asked no more. */
const RULED_OUT = 0.05;
/** Earlier lessons count for as much as so many answers at most. */
const RECORD_COUNTS = 6;
/** What the words one step further on could tell counts for so much of what this one does. */
const FURTHER_ON = 0.5;
const STEPS_AHEAD = 4;
/** With so many words still to be reached there is room enough. */
const ROOM = 40;
/** Units of a word that is as short as any. */
const SHORT = 3;

interface Held extends ProbeBelief {
  readonly key: string;
  readonly held: Beta;
}

/** What a probe has found of each of its questions, and of what else was said in it. */
export function probeBeliefs(request: ProbeRequest): ProbeBelief[] {
  return beliefsOf(request).map(({ key: _, held: __, ...belief }) => belief);
}

function beliefsOf({ questions, answers, record = [], taught }: ProbeRequest): Held[] {
  const keyOf = (gpc: string) => keyOfGpc(gpc, taught.accent);
  const nameOf = ({ gpc, said }: EasilyTaken) => `${keyOf(gpc)}>${said.join("+")}`;
  // What nobody had thought of is asked about once it was said.
  const seen = answers.flatMap(({ gpc, said }) => (said && said.length > 0 ? [{ gpc, said }] : []));
  const all = new Map([...seen, ...questions].map((one) => [nameOf(one), one]));
  return [...all.values()].map((question): Held => {
    const key = keyOf(question.gpc);
    const tallyIn = (counts: readonly UnitCount[]) => {
      const own = counts.filter(({ gpc }) => keyOf(gpc) === key);
      const made = own.filter(({ said }) => said?.join("+") === question.said.join("+"));
      const sum = (some: readonly UnitCount[]) => some.reduce((all, { count }) => all + count, 0);
      return { times: sum(made), chances: sum(own) };
    };
    const tally = tallyIn(answers);
    const before = tallyIn(record);
    const weight = before.chances === 0 ? 0 : Math.min(1, RECORD_COUNTS / before.chances);
    const held = {
      alpha: BEFORE_ANY.alpha + tally.times + weight * before.times,
      beta: BEFORE_ANY.beta + tally.chances - tally.times + weight * (before.chances - before.times),
    };
    const likely = betaAbove(held, LINE);
    const state = isNamed(tally) ? "named" : likely < RULED_OUT ? "ruled-out" : "open";
    return { ...question, ...tally, likely, state, key, held };
  });
}

/** What one more answer is worth: what it is expected to tell, and, of what is believed already, that the rule can name it. */
function worthOf({ state, held, likely, times }: Held): number {
  if (state !== "open") return 0;
  const toName = Math.max(1, PATTERN_RULE.times - times);
  return expectedInformation(held, LINE) + (likely > 0.5 ? (likely * betaMean(held)) / toName : 0);
}

/** The next word of a probe, and what it tells something of. */
export interface ProbeWord {
  readonly word: string;
  readonly asks: readonly EasilyTaken[];
}

/**
 * The word that is expected to tell most: decodable, one step from the word on the screen. What the words further on
 * could tell is thought of too, so that a probe does not walk into a corner.
 *
 * @returns undefined when everything is settled, or when no word is left that tells anything
 */
export function nextProbe(request: ProbeRequest, list: Lexicon = shippedLexicon()): ProbeWord | undefined {
  const lexicon = lexiconIn(list, request.taught.accent);
  const { accent } = lexicon;
  const open = beliefsOf(request).filter(({ state }) => state === "open");
  const worth = new Map<string, number>();
  // An answer to one unit can only be one thing: of several questions about it the best counts.
  for (const one of open) worth.set(one.key, Math.max(worth.get(one.key) ?? 0, worthOf(one)));
  const { graph, mayBeAsked } = wordsToAsk(request, lexicon);
  const asked = new Set(request.asked);
  const told = new Map<number, number>();
  for (const node of mayBeAsked) {
    const { word, readings } = graph.words[node] as LexiconWord;
    if (asked.has(word)) continue;
    const { units } = readings[0];
    const sum = units.reduce((all, unit) => all + (worth.get(unitKey(unit, accent)) ?? 0), 0);
    // A long word takes long, and what goes wrong in it may be its length.
    told.set(node, (sum * SHORT) / Math.max(SHORT, units.length));
  }
  const before = request.asked.at(-1);
  const at = before === undefined ? undefined : graph.indexOf.get(before);
  const possible = at === undefined ? [...told.keys()] : nextTo(graph, at).filter((node) => told.has(node));
  const value = lookAhead(graph, told);
  const rooms = roomsOf(graph, told);
  const most = Math.max(0, ...possible.map((node) => Math.min(ROOM, rooms.get(node) ?? 0)));
  const best = possible
    // No way into a corner where nothing is left to be asked.
    .filter((node) => Math.min(ROOM, rooms.get(node) ?? 0) === most)
    .map((node) => ({ entry: graph.words[node] as LexiconWord, value: value.get(node) ?? 0 }))
    .sort(byValue)[0];
  if (!best || best.value === 0) return undefined;
  const keys = new Set(best.entry.readings[0].units.map((unit) => unitKey(unit, accent)));
  return {
    word: best.entry.word,
    asks: open.filter(({ key }) => keys.has(key)).map(({ gpc, said }) => ({ gpc, said })),
  };
}

/** What each word tells together with the best of the words after it. */
function lookAhead(graph: WordGraph, told: ReadonlyMap<number, number>): ReadonlyMap<number, number> {
  const after = new Map([...told.keys()].map((node) => [node, nextTo(graph, node).filter((to) => told.has(to))]));
  let value = told;
  for (let step = 0; step < STEPS_AHEAD; step++) {
    const last = value;
    value = new Map(
      [...told].map(([node, own]) => {
        const next = Math.max(0, ...(after.get(node) ?? []).map((to) => last.get(to) ?? 0));
        return [node, own + FURTHER_ON * next];
      }),
    );
  }
  return value;
}

/** How many words can be reached from each, going on step by step: as many for all of a part that hangs together. */
function roomsOf(graph: WordGraph, told: ReadonlyMap<number, number>): ReadonlyMap<number, number> {
  const rooms = new Map<number, number>();
  for (const start of told.keys()) {
    if (rooms.has(start)) continue;
    const part = new Set([start]);
    for (const node of part) for (const to of nextTo(graph, node)) if (told.has(to)) part.add(to);
    for (const node of part) rooms.set(node, part.size);
  }
  return rooms;
}

const MOVES_ASKED = new Set(DEFAULT_MOVES.map((move) => EDGE_KINDS.indexOf(move)));

/** Words one step from a word. */
function nextTo({ offsets, targets, kinds }: WordGraph, node: number): number[] {
  const next: number[] = [];
  for (let e = offsets[node] as number; e < (offsets[node + 1] as number); e++)
    if (MOVES_ASKED.has(kinds[e] as number)) next.push(targets[e] as number);
  return next;
}

interface Valued {
  readonly entry: LexiconWord;
  readonly value: number;
}

/** Of words that tell as much, the more familiar and the commoner one. */
const byValue = (a: Valued, b: Valued): number =>
  b.value - a.value || a.entry.familiarity - b.entry.familiarity || b.entry.zipf - a.entry.zipf;

/** The words that a learner can be asked to read of their own accord, as nodes of a graph. */
function wordsToAsk({ taught, never = [], allowLists }: ProbeRequest, lexicon: Lexicon) {
  const graph = graphOf(lexicon, "graphemes", FAMILIAR);
  const plan = { taught, allowLists, length: 3, seed: 0, focus: [], contrasts: [] };
  const kept = new Set(never);
  const isFitting = candidateTest(plan, lexicon);
  const mayBeAsked = graph.words.flatMap((entry, node) => (!kept.has(entry.word) && isFitting(entry) ? [node] : []));
  return { graph, mayBeAsked };
}
