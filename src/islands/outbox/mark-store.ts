import { type DBSchema, openDB } from "idb";
import type { SentResponse } from "../../schemas/responses.ts";

/** A mark that the server does not have yet, as the browser keeps it. */
export interface WaitingMark {
  readonly response: SentResponse;
  /** Whose records it belongs to; undefined for marks of a Zip Step that did not say. */
  readonly workspaceId: string | undefined;
  /** Why the server would not have it. It is kept until somebody has seen that. */
  readonly refused?: string;
}

export interface KeptMark extends WaitingMark {
  readonly key: number;
}

/** Where marks wait. */
export interface MarkStore {
  /** True when they are still there after the page has gone. */
  readonly isLasting: boolean;
  add(mark: WaitingMark): Promise<void>;
  put(mark: KeptMark): Promise<void>;
  remove(key: number): Promise<void>;
  /** All of them, oldest first. */
  all(): Promise<KeptMark[]>;
}

interface OutboxSchema extends DBSchema {
  responses: { key: number; value: SentResponse | WaitingMark; indexes: Record<string, never> };
}

/** A row as an earlier Zip Step wrote it is the response alone. */
const toWaiting = (value: SentResponse | WaitingMark): WaitingMark =>
  "response" in value ? value : { response: value, workspaceId: undefined };

/** The browser's own database. @throws what the browser says when it will not have one */
export async function lastingStore(): Promise<MarkStore> {
  const db = await openDB<OutboxSchema>("zip-step-outbox", 1, {
    upgrade: (made) => {
      made.createObjectStore("responses", { autoIncrement: true });
    },
  });
  return {
    isLasting: true,
    async add(mark) {
      const writing = db.transaction("responses", "readwrite");
      const added = writing.store.add(mark);
      // Without waiting for its answer: the page may be left in this moment, and what is not committed is gone.
      writing.commit();
      await Promise.all([added, writing.done]);
    },
    put: async ({ key, ...mark }) => void (await db.put("responses", mark, key)),
    remove: (key) => db.delete("responses", key),
    async all() {
      const kept: KeptMark[] = [];
      const { store } = db.transaction("responses");
      for (let cursor = await store.openCursor(); cursor; cursor = await cursor.continue())
        kept.push({ key: cursor.key, ...toWaiting(cursor.value) });
      return kept;
    },
  };
}

/** The page's own memory: what the browser's database would not take. */
export function memoryStore(): MarkStore {
  const kept = new Map<number, WaitingMark>();
  let next = 1;
  return {
    isLasting: false,
    add: async (mark) => void kept.set(next++, mark),
    put: async ({ key, ...mark }) => void kept.set(key, mark),
    remove: async (key) => void kept.delete(key),
    all: async () => [...kept].map(([key, mark]) => ({ key, ...mark })),
  };
}
