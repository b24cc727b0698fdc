import type { GroupScope } from "../core/light.ts";
import type { SavedChain } from "./chains.ts";
import { getChain, listChains } from "./chains.ts";
import type { Queryable } from "./db/database.ts";
import { AppError } from "./errors.ts";
import { type Group, listGroups } from "./groups.ts";
import { groupScope } from "./scope.ts";
import { recentWords } from "./sessions.ts";

/** Everything the chain bench starts from. */
export interface BenchPage {
  readonly groups: readonly Group[];
  readonly group: Group | undefined;
  readonly scope: GroupScope | undefined;
  readonly chains: readonly Pick<SavedChain, "id" | "title">[];
  readonly chain: SavedChain | undefined;
  /** A chain of another group's, to start from. */
  readonly copyOf: SavedChain | undefined;
  readonly recent: readonly string[];
}

const isUuid = (text: string) => /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);

/**
 * Gathers the bench. Without a group in the address the first one is taken.
 * @throws AppError "not-found" when the address names a group or chain that does not exist
 */
export async function benchPage(
  db: Queryable,
  groupId: string | null,
  chainId: string | null,
  copyId: string | null = null,
): Promise<BenchPage> {
  const groups = await listGroups(db);
  const chain = chainId && isUuid(chainId) ? await getChain(db, chainId) : undefined;
  const wanted = chain?.groupId ?? groupId;
  const group = wanted ? groups.find(({ id }) => id === wanted) : groups[0];
  if (wanted && !group) throw new AppError("not-found", "There is no such group.");
  if (!group)
    return { groups, group: undefined, scope: undefined, chains: [], chain: undefined, copyOf: undefined, recent: [] };
  const copyOf = copyId && isUuid(copyId) ? await getChain(db, copyId) : undefined;
  const chains = (await listChains(db, group.id)).slice(0, 40).map(({ id, title }) => ({ id, title }));
  return {
    groups,
    group,
    scope: await groupScope(db, group),
    chains,
    chain,
    copyOf,
    recent: await recentWords(db, group.id),
  };
}
