import {
  aimOf,
  type ChainReport,
  type ChainShape,
  type ChainTarget,
  type Contrast,
  DEFAULT_SHAPE,
  type GroupScope,
  MAX_CHAIN_LENGTH,
  taughtGpcs,
  taughtOf,
} from "../../core/light.ts";
import { chainIdField } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { type GroupProposal, proposalsFor } from "../evidence/proposals.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, listGroups } from "../groups/groups.ts";
import { AppError } from "../http/errors.ts";
import { idInAddress } from "../http/page.ts";
import { recentWords } from "../sessions/sessions.ts";
import { askWordsOnce } from "../words/known-answers.ts";
import type { SavedChain } from "./chains.ts";
import { getChain, listChains } from "./chains.ts";

/** Everything the chain bench starts from. */
export interface BenchPage {
  readonly groups: readonly Group[];
  readonly group: Group | undefined;
  readonly scope: GroupScope | undefined;
  readonly chains: readonly Pick<SavedChain, "id" | "title">[];
  readonly chain: SavedChain | undefined;
  /** Words to start from, where a set was sent to the bench. */
  readonly given: readonly string[];
  /** A chain of another group's, to start from. */
  readonly copyOf: SavedChain | undefined;
  readonly recent: readonly string[];
  /** What it opens with where the address names nothing: a chain made for what the records call for, or the newest. */
  readonly opening: Opening | undefined;
  /** What the chain that it opens with is, so that it is drawn with the page; undefined where there was no time for it. */
  readonly report: ChainReport | undefined;
}

/** A chain made before the page was drawn, and what it is for. */
export interface Opening {
  /** Empty where none could be made in time. */
  readonly words: readonly string[];
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  /** What a chain may be made for, the most wanted first; nothing in particular comes last. */
  readonly targets: readonly ChainTarget[];
  /** What the first target is for; undefined where that is what is newest. */
  readonly proposal: GroupProposal | undefined;
  /** The address asked for it: it comes before a chain in the making. */
  readonly isAsked: boolean;
}

/** What the address of the bench may say. */
export interface BenchAddress {
  readonly groupId: string | null;
  readonly chainId?: string | null;
  readonly copyId?: string | null;
  /** Words to start from: `cat.hat.flat`. */
  readonly given?: string | null;
  /** A proposal that a chain is wanted for. */
  readonly focusId?: string | null;
  /** Nothing is to be made beforehand. */
  readonly isEmpty?: boolean;
}

/**
 * Gathers the bench. Without a group in the address the first one is taken; without words in it, a chain is made.
 * @throws AppError "not-found" when the address names a group or chain that does not exist
 */
export async function benchPage(
  db: Queryable,
  { groupId, chainId = null, copyId = null, given = null, focusId = null, isEmpty = false }: BenchAddress,
): Promise<BenchPage> {
  const groups = await listGroups(db);
  const namedChain = idInAddress(chainIdField, chainId);
  const chain = namedChain ? await getChain(db, namedChain) : undefined;
  const wanted = chain?.groupId ?? groupId;
  const group = wanted ? groups.find(({ id }) => id === wanted) : groups[0];
  if (wanted && !group) throw new AppError("not-found", "There is no such group.");
  if (!group)
    return {
      groups,
      group: undefined,
      scope: undefined,
      chains: [],
      chain: undefined,
      given: [],
      copyOf: undefined,
      recent: [],
      opening: undefined,
      report: undefined,
    };
  const copied = idInAddress(chainIdField, copyId);
  const copyOf = copied ? await getChain(db, copied) : undefined;
  const chains = (await listChains(db, group.id)).slice(0, 40).map(({ id, title }) => ({ id, title }));
  const scope = await groupScope(db, group);
  const recent = await recentWords(db, group.id);
  const words = wordsIn(given);
  const waitsUntil = Date.now() + WAIT_MS;
  const opensFull = !chain && !copyOf && words.length === 0 && !isEmpty;
  const opening = opensFull ? await openingFor(db, group, { scope, recent, focusId, waitsUntil }) : undefined;
  const shown = chain ? { words: chain.words, ...chain.aim, shape: chain.shape } : opening;
  const report = shown && (await reportOf(shown, { scope, recent, waitsUntil }));
  return { groups, group, scope, chains, chain, given: words, copyOf, recent, opening, report };
}

/** What a chain is made and looked at with. */
interface Made {
  readonly scope: GroupScope;
  readonly recent: readonly string[];
  /** Milliseconds since 1970 until which the page waits. */
  readonly waitsUntil: number;
}

interface Shown extends ChainTarget {
  readonly words: readonly string[];
  readonly shape?: ChainShape | null;
}

/** What a chain is, for the aims and the shape that the bench opens with. */
async function reportOf(
  { words, focus, contrasts, shape }: Shown,
  { scope: { school }, recent, waitsUntil }: Made,
): Promise<ChainReport | undefined> {
  if (words.length === 0) return undefined;
  const aim = aimOf(shape ?? DEFAULT_SHAPE, { focus, contrasts, recent, accent: school.accent });
  return inTime(askWordsOnce("describeChain", words, aim), waitsUntil);
}

/** A page does not wait longer for its chain; without one it opens as far as it is. */
const WAIT_MS = 800;
/** So many of the newest correspondences are tried: the newest of all may stand in words that no chain can hold. */
const NEWEST_TRIED = 4;

/** A chain for what the records call for, the strongest that can be aimed at; for the newest correspondence where they call for nothing. */
async function openingFor(
  db: Queryable,
  group: Group,
  { scope, recent, focusId, waitsUntil }: Made & { readonly focusId: string | null },
): Promise<Opening | undefined> {
  const proposals = await proposalsFor(db, group, scope);
  const asked = proposals.find(({ id }) => id === focusId);
  const called = asked ?? proposals.find(({ isNamed, contrast }) => isNamed && contrast !== undefined);
  const aimed = called && {
    focus: called.contrast ? [] : [called.gpc],
    contrasts: called.contrast ? [called.contrast] : [],
  };
  const newest = taughtGpcs(scope).slice(0, NEWEST_TRIED);
  const targets: ChainTarget[] = [
    ...(aimed ? [aimed] : []),
    ...newest.map((id) => ({ focus: [id], contrasts: [] })),
    { focus: [], contrasts: [] },
  ];
  const { never, allowLists } = scope.school;
  const request = { taught: taughtOf(scope), length: DEFAULT_SHAPE.length, recent, never, allowLists, seed: 1 };
  const answer = await inTime(askWordsOnce("planFirst", request, targets), waitsUntil);
  const { words, ...target } = answer ?? { words: [], ...(targets[0] as ChainTarget) };
  return { words, ...target, targets, proposal: called, isAsked: asked !== undefined };
}

/** An answer, or undefined where it takes longer than a page waits. */
const inTime = <T>(answer: Promise<T>, waitsUntil: number): Promise<T | undefined> =>
  Promise.race([
    answer,
    new Promise<undefined>((resolve) => setTimeout(resolve, Math.max(0, waitsUntil - Date.now()))),
  ]);

/** Words of an address (`cat.hat.flat`); what is no spelling is passed over. */
function wordsIn(text: string | null): string[] {
  const words = (text ?? "").split(".").filter((word) => /^[a-z]{1,30}$/.test(word));
  return [...new Set(words)].slice(0, MAX_CHAIN_LENGTH);
}
