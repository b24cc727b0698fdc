import { describe, expect, it } from "vitest";
import { aimOf, DEFAULT_SHAPE, describeChain, shippedLexicon } from "../../src/core/index.ts";
import { type BenchAddress, type BenchPage, benchPage } from "../../src/server/chains/bench-page.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

freshDatabase("bench-page");
const { database } = await import("../../src/server/db/application-database.ts");

/** A page waits less than a second for its chain: until the thread with the word list is ready it comes without. */
async function wholePage(address: BenchAddress): Promise<BenchPage> {
  for (;;) {
    const page = await benchPage(await database(), address);
    if (page.report) return page;
  }
}

describe("the bench", () => {
  it("comes with a first chain, and with what each of its words and steps is", async () => {
    const group = { name: "Avocets", sequenceId: "short-vowels-first", step: 13, learners: ["Gull"] };
    const { id } = (await send("POST /api/groups", { body: group })).body;
    const { opening, report, scope, recent } = await wholePage({ groupId: id });
    const { words = [], focus = [], contrasts = [] } = opening ?? {};
    expect(words.length).toBe(DEFAULT_SHAPE.length);
    const accent = scope?.school.accent ?? shippedLexicon().accent;
    expect(report).toEqual(describeChain(words, aimOf(DEFAULT_SHAPE, { focus, contrasts, recent, accent })));
    expect(report?.steps.every(({ single }) => single)).toBe(true);
  });

  it("comes with a saved chain, looked at for its own aim and shape", async () => {
    const [group] = (await send("GET /api/groups")).body;
    const aim = { focus: ["sh=ʃ"], contrasts: [] };
    const shape = { length: 3, locked: ["ship"], mode: "building" as const };
    const body = { groupId: group?.id ?? "", words: ["ship", "shop", "chop"], aim, shape };
    const chain = (await send("POST /api/chains", { body })).body;
    const { report, recent, scope } = await wholePage({ groupId: null, chainId: chain.id });
    const accent = scope?.school.accent ?? shippedLexicon().accent;
    expect(report).toEqual(describeChain(body.words, aimOf(shape, { ...aim, recent, accent })));
  });

  it("comes without either where it is to start empty", async () => {
    const { opening, report } = await benchPage(await database(), { groupId: null, isEmpty: true });
    expect([opening, report]).toEqual([undefined, undefined]);
  });
});
