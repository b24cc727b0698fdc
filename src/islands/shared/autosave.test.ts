import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Autosave, type AutosaveStorage } from "./autosave.ts";
import { RequestError } from "./client.ts";

interface Setting {
  readonly help: string;
  readonly seconds?: number | undefined;
}
const START: Setting = { help: "aloud" };
const AT_SIGHT: Setting = { help: "at sight" };
const THREE: Setting = { help: "at sight", seconds: 3 };

/** What is sent waits until the test answers it. */
class Desk {
  readonly notes = new Map<string, string>();
  readonly asked: {
    readonly whole: Setting;
    readonly base: Setting | undefined;
    kept(): Promise<void>;
    fails(error: RequestError): Promise<void>;
  }[] = [];
  readonly told: string[] = [];

  page(stored: Setting): Autosave<Setting, string> {
    const notes: AutosaveStorage = {
      getItem: (key) => this.notes.get(key) ?? null,
      setItem: (key, value) => void this.notes.set(key, value),
      removeItem: (key) => void this.notes.delete(key),
    };
    return new Autosave<Setting, string>({
      name: "choice",
      stored,
      storage: notes,
      send: (whole, base) =>
        new Promise((resolve, reject) => {
          const then = async (what: () => void) => {
            what();
            await vi.advanceTimersByTimeAsync(0);
          };
          this.asked.push({
            whole,
            base,
            kept: () => then(() => resolve(`kept ${whole.help} ${whole.seconds ?? ""}`.trim())),
            fails: (error) => then(() => reject(error)),
          });
        }),
      onSaved: (answer) => this.told.push(answer),
      onRefused: (error) => this.told.push(`refused: ${error.message}`),
      onWaiting: () => this.told.push("waiting"),
    });
  }

  last() {
    const last = this.asked.at(-1);
    if (!last) throw new Error("nothing was sent");
    return last;
  }
}

const away = () => new RequestError(undefined);
const refusal = () => new RequestError({ code: "invalid", message: "No.", hint: "Do this." });

let desk: Desk;
beforeEach(() => {
  vi.useFakeTimers();
  desk = new Desk();
});
afterEach(() => vi.useRealTimers());

describe("what is kept as it is changed", () => {
  it("says what it was made on, and nothing while an answer is missing: the server may have either", async () => {
    const page = desk.page(START);
    page.save(AT_SIGHT);
    expect(desk.last().base).toEqual(START);
    await desk.last().fails(away());
    page.save(THREE);
    await vi.advanceTimersByTimeAsync(4000);
    expect([desk.last().whole, desk.last().base]).toEqual([THREE, undefined]);
    await desk.last().kept();
    page.save(START);
    expect(desk.last().base).toEqual(THREE);
  });

  it("is sent at once; what comes meanwhile is sent after it, the newest alone", async () => {
    const page = desk.page(START);
    page.save(AT_SIGHT);
    page.save({ help: "silently" });
    page.save(THREE);
    expect(desk.asked.map(({ whole }) => whole)).toEqual([AT_SIGHT]);
    await desk.last().kept();
    expect(desk.asked.map(({ whole }) => whole)).toEqual([AT_SIGHT, THREE]);
    expect(desk.told).toEqual([]);
    const settled = page.settled();
    await desk.last().kept();
    expect(await settled).toBe(true);
    expect(desk.told).toEqual(["kept at sight 3"]);
    expect(page.stored).toEqual(THREE);
    expect(desk.notes.size).toBe(0);
  });

  it("what is kept from within the answer is sent as well", async () => {
    const page = desk.page(START);
    const told = vi.spyOn(desk.told, "push").mockImplementationOnce(() => {
      page.save(THREE);
      return 0;
    });
    page.save(AT_SIGHT);
    await desk.last().kept();
    expect(told).toHaveBeenCalledTimes(1);
    expect(desk.last().whole).toEqual(THREE);
  });

  it("a server that is away is asked again, with the newest, until it answers", async () => {
    const page = desk.page(START);
    page.save(AT_SIGHT);
    const settled = page.settled();
    await desk.last().fails(away());
    expect(await settled).toBe(false);
    expect(await page.settled()).toBe(false);
    expect(desk.told).toEqual(["waiting"]);
    page.save(THREE);
    await desk.last().fails(away());
    await vi.advanceTimersByTimeAsync(3000);
    expect(desk.asked).toHaveLength(3);
    await desk.last().kept();
    expect(desk.told).toEqual(["waiting", "waiting", "kept at sight 3"]);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(desk.asked).toHaveLength(3);
    expect(await page.settled()).toBe(true);
  });

  it("what is refused is not sent again, nor noted; the screen is told what the server has", async () => {
    const page = desk.page(START);
    page.save(AT_SIGHT);
    page.save(THREE);
    await desk.last().kept();
    const settled = page.settled();
    await desk.last().fails(refusal());
    expect(await settled).toBe(false);
    expect(desk.told).toEqual(["refused: No. Do this."]);
    expect(page.stored).toEqual(AT_SIGHT);
    expect(desk.page(START).unsaved()).toBeUndefined();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(desk.asked).toHaveLength(2);
  });
});

describe("a page that is left before the answer", () => {
  it("sends what still waits", () => {
    const page = desk.page(START);
    page.flush();
    expect(desk.asked).toEqual([]);
    page.save(AT_SIGHT);
    page.flush();
    expect(desk.asked).toHaveLength(1);
    page.save(THREE);
    page.flush();
    expect(desk.last().whole).toEqual(THREE);
  });

  it("is taken up by the next, whichever of its changes the server had when that was made", () => {
    const page = desk.page(START);
    page.save(AT_SIGHT);
    page.save(THREE);
    for (const stored of [START, AT_SIGHT]) expect(desk.page(stored).unsaved()).toEqual(THREE);
    // Put together elsewhere, it is the same thing.
    expect(desk.page({ seconds: undefined, help: "aloud" }).unsaved()).toEqual(THREE);
  });

  it("is sent again even where the server seems to have it: one from between may come in yet", async () => {
    const page = desk.page(START);
    page.save(THREE);
    page.save(AT_SIGHT);
    page.flush();
    const next = desk.page(AT_SIGHT);
    next.save(next.unsaved() as Setting);
    expect(desk.asked.map(({ whole }) => whole)).toEqual([THREE, AT_SIGHT, AT_SIGHT]);
    await desk.last().kept();
    expect(desk.notes.size).toBe(0);
    expect(desk.page(AT_SIGHT).unsaved()).toBeUndefined();
  });

  it("is not taken up over what somebody else has changed since", () => {
    desk.page(START).save(AT_SIGHT);
    expect(desk.page({ help: "silently" }).unsaved()).toBeUndefined();
    expect(desk.page(START).unsaved()).toBeUndefined();
  });

  it("what the server was asked for by other means counts as what it has", async () => {
    const page = desk.page(START);
    page.acceptStored({ help: "drafted" });
    page.save(THREE);
    expect(desk.page({ help: "drafted" }).unsaved()).toEqual(THREE);
  });
});

it("whatever is kept, answered, lost and left, the last change is what the server has in the end", async () => {
  const event = fc.oneof(
    fc.record({ keep: fc.integer({ min: 0, max: 99 }) }),
    fc.record({ answer: fc.constantFrom("kept", "lost", "away") }),
    fc.constant({ wait: 3000 }),
    fc.record({ arrive: fc.nat(2), seen: fc.nat(2) }),
  );
  await fc.assert(
    fc.asyncProperty(fc.array(event, { maxLength: 40 }), async (events) => {
      desk = new Desk();
      let server = START;
      let last = START;
      let page = desk.page(server);
      const answer = async (how: string) => {
        const asked = desk.asked.shift();
        if (!asked) return;
        if (how !== "away") server = asked.whole;
        await (how === "kept" ? asked.kept() : asked.fails(away()));
      };
      for (const one of events) {
        if ("keep" in one) {
          last = { help: "at sight", seconds: one.keep };
          page.save(last);
        } else if ("answer" in one) await answer(one.answer);
        else if ("wait" in one) await vi.advanceTimersByTimeAsync(one.wait);
        else {
          // Of what is under way when the page is left some comes in, and the new page is made somewhere in between.
          page.flush();
          const states = [server, ...desk.asked.splice(0).map(({ whole }) => whole)].slice(0, one.arrive + 1);
          server = states.at(-1) as Setting;
          vi.clearAllTimers();
          page = desk.page(states[Math.min(one.seen, states.length - 1)] as Setting);
          const left = page.unsaved();
          if (left) page.save(left);
        }
      }
      for (let round = 0; round < 4; round++) {
        await vi.advanceTimersByTimeAsync(3000);
        await answer("kept");
      }
      expect(server).toEqual(last);
    }),
    {
      seed: 8,
      numRuns: 300,
      examples: [[[{ keep: 54 }, { arrive: 1, seen: 1 }, { keep: 0 }, { keep: 54 }, { arrive: 1, seen: 0 }]]],
    },
  );
});
