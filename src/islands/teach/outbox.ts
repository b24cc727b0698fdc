import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { SentResponse } from "../../schemas/responses.ts";
import { call, RequestError } from "../shared/client.ts";

interface OutboxSchema extends DBSchema {
  responses: { key: number; value: SentResponse; indexes: Record<string, never> };
}

const RETRY_MS = 3000;

/**
 * Marks on their way to the server. A mark is written to the browser's own store first, sent in order,
 * and forgotten only when the server has it: a lost network or a closed page loses nothing. The server's
 * answer, not the outbox, is what a screen shows as stored.
 */
export class Outbox {
  readonly #onStored: (id: string) => void;
  readonly #onRefused: (id: string, reason: string) => void;
  #opening: Promise<IDBPDatabase<OutboxSchema>> | undefined;
  #sending = false;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(onStored: (id: string) => void, onRefused: (id: string, reason: string) => void) {
    this.#onStored = onStored;
    this.#onRefused = onRefused;
  }

  #store(): Promise<IDBPDatabase<OutboxSchema>> {
    this.#opening ??= openDB<OutboxSchema>("zip-step-outbox", 1, {
      upgrade: (db) => {
        db.createObjectStore("responses", { autoIncrement: true });
      },
    });
    return this.#opening;
  }

  /** Takes a mark in and sends it as soon as it can. */
  async put(response: SentResponse): Promise<void> {
    await (await this.#store()).add("responses", response);
    await this.flush();
  }

  /** Sends what waits, oldest first; stops at the first that cannot be delivered now and tries later. */
  async flush(): Promise<void> {
    if (this.#sending) return;
    this.#sending = true;
    clearTimeout(this.#timer);
    try {
      const store = await this.#store();
      for (;;) {
        const cursor = await store.transaction("responses").store.openCursor();
        if (!cursor) return;
        const { key, value } = cursor;
        try {
          await call("POST /api/responses", { body: value });
          this.#onStored(value.id);
        } catch (error) {
          if (!(error instanceof RequestError) || error.passing) {
            this.#timer = setTimeout(() => this.flush(), RETRY_MS);
            return;
          }
          this.#onRefused(value.id, error.message);
        }
        await store.delete("responses", key);
      }
    } finally {
      this.#sending = false;
    }
  }

  /** Marks of a session that still wait, for a page that was reloaded. */
  async waiting(sessionId: string): Promise<SentResponse[]> {
    const all = await (await this.#store()).getAll("responses");
    return all.filter((response) => response.sessionId === sessionId);
  }

  stop(): void {
    clearTimeout(this.#timer);
  }
}
