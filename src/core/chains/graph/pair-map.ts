/**
 * A map from pairs of whole numbers (0 or more) to whole numbers: open addressing in typed arrays, several
 * times quicker than a Map keyed by a combined number, which is what the graph spends its time on.
 */
export class PairMap {
  #size = 0;
  #mask: number;
  #first: Int32Array;
  #second: Int32Array;
  #value: Int32Array;

  /** @param expected about how many pairs it will hold; it grows when there are more */
  constructor(expected: number) {
    let capacity = 16;
    while (capacity < expected * 2) capacity *= 2;
    this.#mask = capacity - 1;
    this.#first = new Int32Array(capacity).fill(-1);
    this.#second = new Int32Array(capacity);
    this.#value = new Int32Array(capacity);
  }

  get size(): number {
    return this.#size;
  }

  /** @returns -1 when there is no such pair */
  get(first: number, second: number): number {
    const at = this.#find(first, second);
    return this.#first[at] === -1 ? -1 : (this.#value[at] as number);
  }

  set(first: number, second: number, value: number): void {
    if (this.#size * 2 > this.#mask) this.#grow();
    const at = this.#find(first, second);
    if (this.#first[at] === -1) {
      this.#first[at] = first;
      this.#second[at] = second;
      this.#size++;
    }
    this.#value[at] = value;
  }

  #find(first: number, second: number): number {
    let at = (Math.imul(first, 0x9e3779b1) ^ Math.imul(second, 0x85ebca77)) >>> 0;
    at = (at ^ (at >>> 15)) & this.#mask;
    while (this.#first[at] !== -1 && (this.#first[at] !== first || this.#second[at] !== second))
      at = (at + 1) & this.#mask;
    return at;
  }

  #grow(): void {
    const [first, second, value] = [this.#first, this.#second, this.#value];
    const bigger = new PairMap(first.length);
    first.forEach((a, k) => {
      if (a !== -1) bigger.set(a, second[k] as number, value[k] as number);
    });
    this.#mask = bigger.#mask;
    this.#first = bigger.#first;
    this.#second = bigger.#second;
    this.#value = bigger.#value;
  }
}
