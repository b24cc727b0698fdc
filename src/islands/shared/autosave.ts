import { dequal } from "dequal";
import { RequestError } from "./client.ts";

/** Where a page writes down what is not saved yet: `sessionStorage`, or what stands for it in a test. */
export type AutosaveStorage = Pick<Storage, "getItem" | "setItem" | "removeItem">;

interface UnsavedNote<T> {
  readonly newest: T;
  /** Values sent that the server may hold, oldest first. */
  readonly sent: readonly T[];
}

interface AutosaveOptions<T, A> {
  /** Key in the storage: another thing, another name. */
  readonly name: string;
  /** As the server has it. */
  readonly stored: T;
  /**
   * Sends the newest, with what it was made on: what the server has. That is undefined while an earlier one was sent
   * and no answer came: the server may have either, and the newest alone is what was meant.
   *
   * @throws RequestError
   */
  readonly send: (whole: T, base: T | undefined) => Promise<A>;
  readonly storage: AutosaveStorage;
  /** The server has the newest. */
  readonly onSaved?: (answer: A) => void;
  readonly onRefused?: (error: Error) => void;
  /** It could not be reached; it is tried again by itself. */
  readonly onWaiting?: () => void;
}

const RETRY_MS = 3000;
/** Of so many the server may hold one without our having been told. */
const MOST_SENT = 20;

/**
 * Saves on the server something that is changed on a screen, whole, as it is changed: one request at a time, always the
 * newest. What has not been answered when the page is closed is sent then, and written down in the tab: a page that is
 * loaded again, perhaps with what was stored before, restores it.
 */
export class Autosave<T, A = unknown> {
  readonly #options: AutosaveOptions<T, A>;
  #stored: T;
  #newest: { readonly whole: T } | undefined;
  #inFlight: { readonly whole: T } | undefined;
  #sent: readonly T[] = [];
  #sending: Promise<boolean> | undefined;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(options: AutosaveOptions<T, A>) {
    this.#options = options;
    this.#stored = options.stored;
  }

  /** As the server has it, so far as it has said. */
  get stored(): T {
    return this.#stored;
  }

  /** It has been changed on the server by other means. */
  acceptStored(stored: T): void {
    this.#stored = stored;
  }

  /** Saves this from now on. */
  save(whole: T): void {
    this.#newest = { whole };
    this.#note();
    this.#sending ??= this.#send();
  }

  /**
   * What an earlier page had not been told was saved when it was closed, to be saved again; undefined where there is
   * nothing, or somebody else has changed it since.
   */
  unsaved(): T | undefined {
    const text = this.#options.storage.getItem(this.#options.name);
    if (text === null) return undefined;
    const { newest, sent } = JSON.parse(text) as UnsavedNote<T>;
    // As it would have been noted.
    const stored: unknown = JSON.parse(JSON.stringify(this.#stored));
    // The newest too: what is seen may be an earlier change like it, and one from between may come in yet.
    if ([newest, ...sent].some((one) => dequal(one, stored))) {
      this.#sent = sent;
      return newest;
    }
    this.#options.storage.removeItem(this.#options.name);
    return undefined;
  }

  /** The page is being closed: what waits for an answer to an earlier request is sent now. */
  flush(): void {
    const newest = this.#newest;
    if (newest && newest !== this.#inFlight) this.#options.send(newest.whole, this.#base()).catch(() => undefined);
  }

  /** Resolves once there is an answer: whether the server has everything. */
  async settled(): Promise<boolean> {
    return this.#sending ?? this.#newest === undefined;
  }

  #base(): T | undefined {
    return this.#sent.length === 0 ? this.#stored : undefined;
  }

  async #send(): Promise<boolean> {
    clearTimeout(this.#timer);
    let answer: A | undefined;
    try {
      for (let next = this.#newest; next && next !== this.#inFlight; next = this.#newest) {
        this.#inFlight = next;
        const base = this.#base();
        this.#sent = [...this.#sent, next.whole].slice(-MOST_SENT);
        this.#note();
        answer = await this.#options.send(next.whole, base);
        this.#stored = next.whole;
        this.#sent = [];
      }
    } catch (error) {
      this.#rest();
      this.#failed(error as Error);
      return false;
    }
    this.#rest();
    this.#forget();
    this.#options.onSaved?.(answer as A);
    return true;
  }

  #failed(error: Error): void {
    if (error instanceof RequestError && !error.passing) {
      this.#forget();
      this.#options.onRefused?.(error);
      return;
    }
    this.#timer = setTimeout(() => {
      this.#sending ??= this.#send();
    }, RETRY_MS);
    this.#options.onWaiting?.();
  }

  #rest(): void {
    this.#inFlight = undefined;
    this.#sending = undefined;
  }

  #note(): void {
    if (!this.#newest) return;
    const note: UnsavedNote<T> = { newest: this.#newest.whole, sent: [this.#stored, ...this.#sent] };
    this.#options.storage.setItem(this.#options.name, JSON.stringify(note));
  }

  #forget(): void {
    this.#newest = undefined;
    this.#sent = [];
    this.#options.storage.removeItem(this.#options.name);
  }
}
