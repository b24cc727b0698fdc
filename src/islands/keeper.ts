import { dequal } from "dequal";
import { RequestError } from "./client.ts";

/** Where a page leaves a note for itself: `sessionStorage`, or what stands for it. */
export type Notes = Pick<Storage, "getItem" | "setItem" | "removeItem">;

interface Note<T> {
  readonly newest: T;
  /** What the server may hold of ours, oldest first. */
  readonly ours: readonly T[];
}

interface On<T, A> {
  /** Under which the note lies; another thing, another name. */
  readonly name: string;
  /** As the server has it. */
  readonly stored: T;
  /** @throws RequestError */
  readonly send: (whole: T) => Promise<A>;
  readonly notes: Notes;
  /** The server has the newest. */
  readonly onKept?: (answer: A) => void;
  readonly onRefused?: (error: Error) => void;
  /** It could not be reached; it is tried again by itself. */
  readonly onWaiting?: () => void;
}

const RETRY_MS = 3000;
/** Of so many the server may hold one without our having been told. */
const MOST_OURS = 20;

/**
 * Keeps on the server something that is changed on a screen, whole, as it is changed: one request at a time, always the
 * newest. What has not been answered when the page is left is sent then, and is noted: a page that is loaded again,
 * perhaps with what was stored before, takes it up.
 */
export class Keeper<T, A = unknown> {
  readonly #on: On<T, A>;
  #stored: T;
  #newest: { readonly whole: T } | undefined;
  #inFlight: { readonly whole: T } | undefined;
  #ours: readonly T[] = [];
  #sending: Promise<boolean> | undefined;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(on: On<T, A>) {
    this.#on = on;
    this.#stored = on.stored;
  }

  /** As the server has it, so far as it has said. */
  get stored(): T {
    return this.#stored;
  }

  /** It has been changed on the server by other means. */
  has(stored: T): void {
    this.#stored = stored;
  }

  /** Keeps this from now on. */
  keep(whole: T): void {
    this.#newest = { whole };
    this.#note();
    this.#sending ??= this.#send();
  }

  /**
   * What this page had not been told was kept when it was left, to be kept again; undefined where there is nothing, or
   * somebody else has changed it since.
   */
  left(): T | undefined {
    const text = this.#on.notes.getItem(this.#on.name);
    if (text === null) return undefined;
    const { newest, ours } = JSON.parse(text) as Note<T>;
    // As it would have been noted.
    const stored: unknown = JSON.parse(JSON.stringify(this.#stored));
    // The newest too: what is seen may be an earlier change like it, and one from between may come in yet.
    if ([newest, ...ours].some((one) => dequal(one, stored))) {
      this.#ours = ours;
      return newest;
    }
    this.#on.notes.removeItem(this.#on.name);
    return undefined;
  }

  /** The page is left: what waits for an answer to what was sent before it is sent now. */
  leave(): void {
    const newest = this.#newest;
    if (newest && newest !== this.#inFlight) this.#on.send(newest.whole).catch(() => undefined);
  }

  /** Resolves once there is an answer: whether the server has everything. */
  async settled(): Promise<boolean> {
    return this.#sending ?? this.#newest === undefined;
  }

  async #send(): Promise<boolean> {
    clearTimeout(this.#timer);
    let answer: A | undefined;
    try {
      for (let next = this.#newest; next && next !== this.#inFlight; next = this.#newest) {
        this.#inFlight = next;
        this.#ours = [...this.#ours, next.whole].slice(-MOST_OURS);
        this.#note();
        answer = await this.#on.send(next.whole);
        this.#stored = next.whole;
        this.#ours = [];
      }
    } catch (error) {
      this.#rest();
      this.#failed(error as Error);
      return false;
    }
    this.#rest();
    this.#forget();
    this.#on.onKept?.(answer as A);
    return true;
  }

  #failed(error: Error): void {
    if (error instanceof RequestError && !error.passing) {
      this.#forget();
      this.#on.onRefused?.(error);
      return;
    }
    this.#timer = setTimeout(() => {
      this.#sending ??= this.#send();
    }, RETRY_MS);
    this.#on.onWaiting?.();
  }

  #rest(): void {
    this.#inFlight = undefined;
    this.#sending = undefined;
  }

  #note(): void {
    if (!this.#newest) return;
    const note: Note<T> = { newest: this.#newest.whole, ours: [this.#stored, ...this.#ours] };
    this.#on.notes.setItem(this.#on.name, JSON.stringify(note));
  }

  #forget(): void {
    this.#newest = undefined;
    this.#ours = [];
    this.#on.notes.removeItem(this.#on.name);
  }
}
