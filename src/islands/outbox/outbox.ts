import type { SentResponse } from "../../schemas/responses.ts";
import type { LeftMarks } from "./left-marks.ts";
import { type KeptMark, type MarkStore, memoryStore, type WaitingMark } from "./mark-store.ts";

/** What becomes of a mark that is sent. */
export type Delivery =
  /** `late`: its lesson was over when it came. */
  | { readonly kind: "stored"; readonly late?: boolean }
  /** The server cannot be reached, or has trouble of its own: it is sent again later. */
  | { readonly kind: "later" }
  | { readonly kind: "refused"; readonly reason: string };

/** What waits, as a screen tells it. */
export interface OutboxState {
  /** Marks on their way. */
  readonly waiting: number;
  /** Of those, marks that are gone when this page is closed: the browser would not keep them. */
  readonly onlyHere: number;
  /** Marks of another data folder: kept until that one is open again. */
  readonly elsewhere: number;
  /** Why marks were refused; they are kept until somebody has seen it. */
  readonly refused: readonly string[];
  /** Marks that this page has sent after their lesson was over; said until somebody has seen it. */
  readonly late: number;
}

export const NOTHING_WAITS: OutboxState = { waiting: 0, onlyHere: 0, elsewhere: 0, refused: [], late: 0 };

export interface OutboxEvents {
  readonly onState: (state: OutboxState) => void;
  readonly onStored: (id: string) => void;
  readonly onRefused: (id: string, reason: string) => void;
}

/** What an outbox needs of the world; a test has its own. */
export interface OutboxServices {
  /** The records that are open now. */
  readonly workspaceId: string;
  /** @throws when the browser has no database to keep marks in */
  readonly openStore: () => Promise<MarkStore>;
  readonly left: LeftMarks;
  readonly deliver: (response: SentResponse) => Promise<Delivery>;
  /** Runs something while no other page of this browser does the same; several pages share one store. */
  readonly alone: (run: () => Promise<void>) => Promise<void>;
  /** Calls back after some milliseconds. @returns takes it back */
  readonly later: (run: () => void, ms: number) => () => void;
}

const RETRY_MS = 3000;

/**
 * Marks on their way to the server. A mark is written to the browser's own store first, sent in order,
 * and forgotten only when the server has it: a lost network or a closed page loses nothing. Where the browser will not
 * keep it, it is held by the page, and said. The server's answer, not the outbox, is what a screen shows as stored.
 */
export class Outbox {
  readonly #services: OutboxServices;
  readonly #events: OutboxEvents;
  readonly #memory = memoryStore();
  /** Marks that are being kept. */
  readonly #arriving = new Set<WaitingMark>();
  #opening: Promise<MarkStore> | undefined;
  #sending: Promise<void> | undefined;
  #takeBack: (() => void) | undefined;
  /**
   * Marks this page is waiting for, by id, with the store that keeps each. Another page of the browser may be the one that
   * sends them: one that is kept no more has been stored.
   */
  readonly #awaited = new Map<string, { readonly store: MarkStore; readonly mark: WaitingMark }>();
  #late = 0;

  constructor(services: OutboxServices, events: OutboxEvents) {
    this.#services = services;
    this.#events = events;
  }

  #lasting(): Promise<MarkStore> {
    this.#opening ??= this.#open();
    return this.#opening;
  }

  async #open(): Promise<MarkStore> {
    const { openStore, left } = this.#services;
    const lasting = await openStore().catch(() => this.#memory);
    const marks = left.all();
    if (marks.length === 0) return lasting;
    // The database may have taken one after all.
    const inside = new Set((await lasting.all().catch(() => [])).map(({ response }) => response.id));
    for (const mark of marks) {
      const store = inside.has(mark.response.id) ? lasting : await this.#keep(mark, lasting);
      if (store.isLasting) left.forget(mark.response.id);
    }
    return lasting;
  }

  /** @returns the store that has taken it: the page's own when the other will not */
  async #keep(mark: WaitingMark, lasting: MarkStore): Promise<MarkStore> {
    try {
      await lasting.add(mark);
      return lasting;
    } catch {
      await this.#memory.add(mark);
      return this.#memory;
    }
  }

  /** Everything that is kept, with the store that keeps it; the browser's own first. */
  async #kept(): Promise<{ readonly store: MarkStore; readonly mark: KeptMark }[]> {
    const lasting = await this.#lasting();
    const inside = lasting === this.#memory ? [] : await lasting.all().catch(() => undefined);
    if (inside === undefined) this.#opening = Promise.resolve(this.#memory);
    if ((await this.#lasting()) === this.#memory) await this.#holdAll();
    const held = await this.#memory.all();
    return [
      ...(inside ?? []).map((mark) => ({ store: lasting, mark })),
      ...held.map((mark) => ({ store: this.#memory, mark })),
    ];
  }

  /**
   * The browser's database is gone from under the page: what the page waits for is held by the page. A mark that is in
   * both is sent twice, and stored once.
   */
  async #holdAll(): Promise<void> {
    for (const [id, { store, mark }] of this.#awaited) {
      if (store === this.#memory) continue;
      this.#awaited.set(id, { store: this.#memory, mark });
      await this.#memory.add(mark);
    }
  }

  /** May belong to the records that are open: those that do not say may, until the server has been asked. */
  #isHere({ workspaceId }: KeptMark): boolean {
    return workspaceId === undefined || workspaceId === this.#services.workspaceId;
  }

  /** Takes a mark in and sends it as soon as it can. */
  async put(response: SentResponse): Promise<void> {
    const mark = { response, workspaceId: this.#services.workspaceId };
    this.#arriving.add(mark);
    const store = await this.#keep(mark, await this.#lasting());
    this.#arriving.delete(mark);
    // Not before it is kept: it would be taken for stored.
    this.#awaited.set(response.id, { store, mark });
    await this.flush();
  }

  /** Sends what waits, oldest first; stops at the first that cannot be delivered now and tries later. */
  async flush(): Promise<void> {
    while (this.#sending) await this.#sending;
    this.#sending = this.#services
      .alone(() => this.#sendAll())
      .finally(() => {
        this.#sending = undefined;
      });
    await this.#sending;
    await this.tell();
  }

  async #sendAll(): Promise<void> {
    this.#takeBack?.();
    await this.tell();
    for (const { store, mark } of await this.#kept()) {
      if (mark.refused !== undefined || !this.#isHere(mark)) continue;
      const delivery = await this.#services.deliver(mark.response);
      if (delivery.kind === "later") {
        this.#takeBack = this.#services.later(() => void this.flush(), RETRY_MS);
        return;
      }
      if (delivery.kind === "stored") {
        if (delivery.late) this.#late++;
        await store.remove(mark.key).catch(() => undefined);
        this.#services.left.forget(mark.response.id);
      } else {
        // One that does not say whose it is belongs to other records, if these will not have it.
        const isForeign = mark.workspaceId === undefined;
        const kept = isForeign ? { ...mark, workspaceId: "" } : { ...mark, refused: delivery.reason };
        await store.put(kept).catch(() => undefined);
        this.#awaited.delete(mark.response.id);
        this.#events.onRefused(mark.response.id, delivery.reason);
      }
    }
  }

  /** Tells what waits. */
  async tell(): Promise<void> {
    // Those of before the reading: a mark that is made meanwhile may be kept, and not among what was read.
    const awaited = [...this.#awaited.keys()];
    const kept = await this.#kept();
    const found = new Map(kept.map(({ mark }) => [mark.response.id, mark]));
    for (const id of awaited) {
      const mark = found.get(id);
      if (mark && mark.refused === undefined) continue;
      if (!this.#awaited.delete(id)) continue;
      if (mark?.refused === undefined) this.#events.onStored(id);
      else this.#events.onRefused(id, mark.refused);
    }
    const refused = kept.flatMap(({ mark }) => mark.refused ?? []);
    const here = kept.filter(({ mark }) => mark.refused === undefined && this.#isHere(mark));
    this.#events.onState({
      waiting: here.length,
      onlyHere: here.filter(({ store }) => !store.isLasting).length,
      elsewhere: kept.length - here.length - refused.length,
      refused,
      late: this.#late,
    });
  }

  /** Marks of a session that still wait, for a page that was reloaded. */
  async waiting(sessionId: string): Promise<SentResponse[]> {
    const found = (await this.#kept()).filter(
      ({ mark }) => mark.refused === undefined && this.#isHere(mark) && mark.response.sessionId === sessionId,
    );
    for (const { store, mark } of found) this.#awaited.set(mark.response.id, { store, mark });
    return found.map(({ mark }) => mark.response);
  }

  /** Forgets the marks that were refused, and that some were late: somebody has seen it. */
  async forgetSeen(): Promise<void> {
    this.#late = 0;
    for (const { store, mark } of await this.#kept())
      if (mark.refused !== undefined) {
        await store.remove(mark.key);
        this.#services.left.forget(mark.response.id);
      }
    await this.tell();
  }

  /** The page is left: what is not kept yet is written down for the next one. It may be twice then, and is stored once. */
  leave(): void {
    this.#services.left.add([...this.#arriving]);
  }

  /** Sends nothing more. */
  stop(): void {
    this.#takeBack?.();
  }
}
