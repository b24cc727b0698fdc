import { beforeAll, describe, expect, it } from "vitest";
import type { Sequence } from "../../src/core/index.ts";
import type { StandingFinding } from "../../src/server/evidence/got-over.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

freshDatabase("demo");
const { openedDatabase } = await import("../../src/server/db/application-database.ts");
const { isDemoOpen } = await import("../../src/server/demo/demo.ts");
const { READING_ROOM } = await import("../../src/server/demo/reading-room.ts");
const { judgeChain, sequenceById, taughtAt } = await import("../../src/core/index.ts");
const { eraseDue } = await import("../../src/server/groups/erasure.ts");

const ELEVEN_MINUTES = 11 * 60_000;
interface DemoGroup {
  id: string;
  name: string;
  isDemo: boolean;
  learners: { id: string; nickname: string }[];
}
let own: { id: string; learners: { id: string }[] };
const groups = async () => (await send("GET /api/groups")).body as DemoGroup[];
const demoGroup = async () => (await groups()).find(({ isDemo }) => isDemo)?.id as string;

beforeAll(async () => {
  const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 14, learners: ["Gull"] };
  own = (await send("POST /api/groups", { body })).body;
});

describe("the demo", () => {
  it("opens beside a group of one's own, with its records counted", async () => {
    expect((await send("POST /api/demo")).status).toBe(201);
    expect((await groups()).map(({ name, isDemo }) => [name, isDemo])).toEqual([
      ["Dunes", false],
      ["Plovers", true],
      ["Redshanks", true],
      ["Turnstones", true],
    ]);
    const { body } = await send("GET /api/evidence", { query: `groupId=${await demoGroup()}` });
    expect(body.responseCount).toBeGreaterThan(400);
    expect(body.rows.length).toBeGreaterThan(0);
  });

  it("shows only chains that a teacher could teach: one change a step, decodable, fit, and holding what is practised", () => {
    let looked = 0;
    for (const { sequenceId, weeks } of READING_ROOM)
      for (const { step, focus, contrasts, chains } of weeks) {
        const taught = taughtAt(sequenceById(sequenceId) as Sequence, step);
        for (const line of chains) {
          const words = line.split(" ");
          const verdicts = judgeChain(words, { taught, focus, contrasts });
          expect(
            words.filter((_, k) => !verdicts[k]?.ok),
            line,
          ).toEqual([]);
          looked++;
        }
      }
    expect(looked).toBe(60);
  });

  it("tells a whole story: a confusion found, worked on and gone, one still open", async () => {
    const plovers = (await groups()).find(({ name }) => name === "Plovers");
    const findingsOf = async (nickname: string) => {
      const id = plovers?.learners.find((one) => one.nickname === nickname)?.id;
      const query = `groupId=${plovers?.id}&learnerId=${id}`;
      return (await send("GET /api/evidence", { query })).body.findings as StandingFinding[];
    };
    const ofHeron = await findingsOf("Heron");
    expect(ofHeron.find(({ gpc }) => gpc === "b=b")).toMatchObject({
      said: ["d"],
      isNamed: true,
      gotOver: { right: 9 },
    });
    expect(ofHeron.find(({ gpc }) => gpc === "sh=ʃ")).toMatchObject({ isNamed: true });
    expect(ofHeron.at(-1)?.gpc).toBe("b=b");
    const [open] = await findingsOf("Sandpiper");
    expect(open).toMatchObject({ gpc: "e=e", said: ["ɪ"], isNamed: true });
    expect(open?.gotOver).toBeUndefined();
    const { body: proposals } = await send("GET /api/groups/:groupId/proposals", { id: plovers?.id as string });
    expect((proposals as { id: string }[]).map(({ id }) => id)).not.toContain("b=b>d");
  });

  it("opened a second time it is the same one", async () => {
    const before = await groups();
    expect((await send("POST /api/demo")).status).toBe(201);
    expect(await groups()).toEqual(before);
  });

  it("keeps made-up and real learners apart", async () => {
    const id = own.learners[0]?.id as string;
    const moved = await send("PATCH /api/learners/:learnerId", { id, body: { groupId: await demoGroup() } });
    expect([moved.status, moved.body.error.code]).toEqual([400, "invalid"]);
  });

  it("thrown away it is out of sight, comes back as it was, and is gone after ten minutes", async () => {
    const { db, write } = await openedDatabase();
    expect((await send("DELETE /api/demo")).status).toBe(200);
    expect((await groups()).map(({ name }) => name)).toEqual(["Dunes"]);
    expect((await send("DELETE /api/demo")).status).toBe(404);
    await send("POST /api/demo");
    expect(await groups()).toHaveLength(4);
    await send("DELETE /api/demo");
    await write((tx) => eraseDue(tx, new Date(Date.now() + ELEVEN_MINUTES)));
    expect(await isDemoOpen(db)).toBe(false);
    expect((await send("GET /api/groups/:groupId", { id: own.id })).body.learners).toHaveLength(1);
    const { body } = await send("GET /api/learners");
    expect(body.map(({ nickname }: { nickname: string }) => nickname)).toEqual(["Gull"]);
    expect((await send("POST /api/demo")).status).toBe(201);
    expect(await groups()).toHaveLength(4);
  });
});
