/** A list whose items are worked out as far as somebody looks, each once. Its items are never undefined. */
export class LazyList<T> {
  readonly #known: T[] = [];
  #rest: Iterator<T> | undefined;

  constructor(items: Iterator<T>) {
    this.#rest = items;
  }

  /** The first item that passes; what comes after it is not worked out. */
  find(passes: (item: T) => boolean): T | undefined {
    for (let k = 0; ; k++) {
      const item = this.#at(k);
      if (item === undefined || passes(item)) return item;
    }
  }

  /** Do all items pass? What comes after the first that does not is not worked out. */
  every(passes: (item: T) => boolean): boolean {
    for (let k = 0; ; k++) {
      const item = this.#at(k);
      if (item === undefined) return true;
      if (!passes(item)) return false;
    }
  }

  /** All of them, worked out. */
  all(): readonly T[] {
    this.every(() => true);
    return this.#known;
  }

  /** @param index of an item that is known, or of the next one */
  #at(index: number): T | undefined {
    if (index < this.#known.length || !this.#rest) return this.#known[index];
    const next = this.#rest.next();
    if (next.done) {
      this.#rest = undefined;
      return undefined;
    }
    this.#known.push(next.value);
    return next.value;
  }
}
