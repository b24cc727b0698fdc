import { describe, expect, it } from "vitest";
import { LazyList } from "./lazy-list.ts";

/** A list of numbers that tells which of them have been worked out. */
function counted(...numbers: number[]) {
  const made: number[] = [];
  function* each() {
    for (const number of numbers) {
      made.push(number);
      yield number;
    }
  }
  return { list: new LazyList(each()), made };
}

describe("a list that is worked out as far as somebody looks", () => {
  it("is looked at up to the first item that decides", () => {
    const { list, made } = counted(0, 1, 2, 3);
    expect(made).toEqual([]);
    expect(list.every((item) => item < 1)).toBe(false);
    expect(made).toEqual([0, 1]);
    expect(list.find((item) => item > 1)).toBe(2);
    expect(made).toEqual([0, 1, 2]);
  });

  it("works each item out once, however often it is looked at", () => {
    const { list, made } = counted(0, 1, 2);
    expect(list.find((item) => item > 5)).toBeUndefined();
    expect(list.every((item) => item >= 0)).toBe(true);
    expect(list.all()).toEqual([0, 1, 2]);
    expect(list.all()).toEqual([0, 1, 2]);
    expect(made).toEqual([0, 1, 2]);
  });

  it("may be empty", () => {
    const { list } = counted();
    expect([list.find(() => true), list.every(() => false), list.all()]).toEqual([undefined, true, []]);
  });
});
