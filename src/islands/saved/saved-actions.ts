import type { ChangeSavedInput } from "../../schemas/saved.ts";
import type { SavedItem } from "../../server/saved/saved-page.ts";
import { call } from "../shared/client.ts";

/** Longest title there may be. */
const MOST_LETTERS = 80;

/** Renames something saved, puts it away or takes it up again. @throws RequestError */
export async function changeSaved({ kind, id }: SavedItem, body: ChangeSavedInput): Promise<void> {
  if (kind === "chain") await call("PATCH /api/chains/:chainId", { params: { chainId: id }, body });
  else await call("PATCH /api/sets/:setId", { params: { setId: id }, body });
}

/** Saves it once more under a title that says so. @returns the copy, as the list shows it @throws RequestError */
export async function copySaved(item: SavedItem): Promise<SavedItem> {
  const title = `${item.title.slice(0, MOST_LETTERS - 5)} copy`;
  if (item.kind === "chain") {
    const { groupId, words, aim, shape } = await call("GET /api/chains/:chainId", { params: { chainId: item.id } });
    const made = await call("POST /api/chains", { body: { groupId, title, words, aim, ...(shape && { shape }) } });
    return { ...item, id: made.id, title, isPutAway: false, at: made.updatedAt };
  }
  const { groupId, content } = await call("GET /api/sets/:setId", { params: { setId: item.id } });
  const made = await call("POST /api/sets", { body: { groupId, title, content } });
  return { ...item, id: made.id, title, isPutAway: false, at: made.updatedAt };
}

/** Takes it away for good, also while the page is being left. @throws RequestError */
export async function removeSaved({ kind, id }: SavedItem): Promise<void> {
  if (kind === "chain") await call("DELETE /api/chains/:chainId", { params: { chainId: id }, outlive: true });
  else await call("DELETE /api/sets/:setId", { params: { setId: id }, outlive: true });
}
