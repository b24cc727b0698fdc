import type { ChangeSavedInput } from "../../schemas/saved.ts";
import type { SavedItem } from "../../server/saved/saved-page.ts";
import { call } from "../shared/client.ts";

/** Longest title there may be. */
const MOST_LETTERS = 80;

/** What can be done with something saved; each raises RequestError when it cannot be done. */
interface SavedActions {
  /** Renames it, puts it away or takes it up again. */
  readonly change: (id: string, body: ChangeSavedInput) => Promise<unknown>;
  /** Saves it once more under another title. */
  readonly copy: (id: string, title: string) => Promise<{ readonly id: string; readonly updatedAt?: string }>;
  /** Takes it away for good, also while the page is being left. */
  readonly remove: (id: string) => Promise<unknown>;
}

const SET_ACTIONS: SavedActions = {
  change: (setId, body) => call("PATCH /api/sets/:setId", { params: { setId }, body }),
  copy: async (setId, title) => {
    const { groupId, content } = await call("GET /api/sets/:setId", { params: { setId } });
    return call("POST /api/sets", { body: { groupId, title, content } });
  },
  remove: (setId) => call("DELETE /api/sets/:setId", { params: { setId }, outlive: true }),
};

/** What is saved and is no set, by kind; a lesson that was taught stays as it is. */
const ACTIONS: Partial<Record<SavedItem["kind"], SavedActions>> = {
  chain: {
    change: (chainId, body) => call("PATCH /api/chains/:chainId", { params: { chainId }, body }),
    copy: async (chainId, title) => {
      const { groupId, words, aim, shape } = await call("GET /api/chains/:chainId", { params: { chainId } });
      return call("POST /api/chains", { body: { groupId, title, words, aim, ...(shape && { shape }) } });
    },
    remove: (chainId) => call("DELETE /api/chains/:chainId", { params: { chainId }, outlive: true }),
  },
  routine: {
    change: (routineId, body) => call("PATCH /api/routines/:routineId", { params: { routineId }, body }),
    copy: async (routineId, title) => {
      const { groupId, parts } = await call("GET /api/routines/:routineId", { params: { routineId } });
      return call("POST /api/routines", { body: { groupId, title, parts } });
    },
    remove: (routineId) => call("DELETE /api/routines/:routineId", { params: { routineId }, outlive: true }),
  },
  template: {
    change: (templateId, body) => call("PATCH /api/templates/:templateId", { params: { templateId }, body }),
    copy: (templateId, name) => call("POST /api/templates", { body: { name, copyOf: templateId } }),
    remove: (templateId) => call("DELETE /api/templates/:templateId", { params: { templateId }, outlive: true }),
  },
};

const actionsOf = ({ kind }: SavedItem): SavedActions => ACTIONS[kind] ?? SET_ACTIONS;

/** Renames something saved, puts it away or takes it up again. @throws RequestError */
export async function changeSaved(item: SavedItem, body: ChangeSavedInput): Promise<void> {
  await actionsOf(item).change(item.id, body);
}

/** Saves it once more under a title that says so. @returns the copy, as the list shows it @throws RequestError */
export async function copySaved(item: SavedItem): Promise<SavedItem> {
  const title = `${item.title.slice(0, MOST_LETTERS - 5)} copy`;
  const { id, updatedAt } = await actionsOf(item).copy(item.id, title);
  return { ...item, id, title, isPutAway: false, at: updatedAt ?? new Date().toISOString() };
}

/** Takes it away for good, also while the page is being left. @throws RequestError */
export async function removeSaved(item: SavedItem): Promise<void> {
  await actionsOf(item).remove(item.id);
}
