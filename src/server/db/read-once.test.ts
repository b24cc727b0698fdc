import { describe, expect, it } from "vitest";
import { drawReadingOnce, readOnce, writeBetweenReadings } from "./read-once.ts";

/** Reads what stands in a place that changes, and counts how often it is read. */
function place() {
  const state = { stands: "first", reads: 0 };
  const read = () =>
    readOnce("place", async () => {
      state.reads++;
      return state.stands;
    });
  return { state, read };
}

describe("what a page reads", () => {
  it("is read once for all its parts, at the same time or one after the other", async () => {
    const { state, read } = place();
    const seen = await drawReadingOnce(async () => {
      const together = await Promise.all([read(), read()]);
      state.stands = "changed meanwhile";
      return [...together, await read()];
    });
    expect(seen).toEqual(["first", "first", "first"]);
    expect(state.reads).toBe(1);
  });

  it("is read anew for the next page, for one drawn at the same time, and where no page is drawn", async () => {
    const { state, read } = place();
    await Promise.all([drawReadingOnce(read), drawReadingOnce(read)]);
    expect(state.reads).toBe(2);
    state.stands = "second";
    expect(await drawReadingOnce(read)).toBe("second");
    state.stands = "third";
    expect([await read(), await read()]).toEqual(["third", "third"]);
    expect(state.reads).toBe(5);
  });

  it("is told apart by its name", async () => {
    const both = () => Promise.all([readOnce("a", async () => 1), readOnce("b", async () => 2)]);
    expect(await drawReadingOnce(both)).toEqual([1, 2]);
  });

  it("is read anew by what writes, and after it, whether or not it was stored", async () => {
    const { state, read } = place();
    const seen = await drawReadingOnce(async () => {
      const before = await read();
      state.stands = "written";
      const within = await writeBetweenReadings(read);
      const after = await read();
      state.stands = "refused";
      await expect(writeBetweenReadings(() => Promise.reject(new Error("full")))).rejects.toThrow("full");
      return [before, within, after, await read()];
    });
    expect(seen).toEqual(["first", "written", "written", "refused"]);
  });

  it("is read anew by what a page has begun and goes on behind it", async () => {
    const { state, read } = place();
    let goOn = () => {};
    const drawn = new Promise<void>((resolve) => {
      goOn = resolve;
    });
    const begun = await drawReadingOnce(async () => {
      await read();
      return { later: drawn.then(read) };
    });
    state.stands = "long since changed";
    goOn();
    expect(await begun.later).toBe("long since changed");
  });
});
