import { type GroupScope, MAX_CHAIN_LENGTH } from "../../core/light.ts";
import { chainIdField } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, listGroups } from "../groups/groups.ts";
import { AppError } from "../http/errors.ts";
import { idInAddress } from "../http/page.ts";
import { recentWords } from "../sessions/sessions.ts";
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
}

/**
 * Gathers the bench. Without a group in the address the first one is taken.
 * @throws AppError "not-found" when the address names a group or chain that does not exist
 */
export async function benchPage(
  db: Queryable,
  groupId: string | null,
  chainId: string | null,
  copyId: string | null = null,
  given: string | null = null,
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
    };
  const copied = idInAddress(chainIdField, copyId);
  const copyOf = copied ? await getChain(db, copied) : undefined;
  const chains = (await listChains(db, group.id)).slice(0, 40).map(({ id, title }) => ({ id, title }));
  return {
    groups,
    group,
    scope: await groupScope(db, group),
    chains,
    chain,
    given: wordsIn(given),
    copyOf,
    recent: await recentWords(db, group.id),
  };
}

/** Words of an address (`cat.hat.flat`); what is no spelling is passed over. */
function wordsIn(text: string | null): string[] {
  const words = (text ?? "").split(".").filter((word) => /^[a-z]{1,30}$/.test(word));
  return [...new Set(words)].slice(0, MAX_CHAIN_LENGTH);
}
