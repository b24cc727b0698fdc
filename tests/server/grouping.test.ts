import { randomUUID } from "node:crypto";
import { beforeAll, describe, expect, it } from "vitest";
import type { GroupId, LearnerId } from "../../src/schemas/ids.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** Groups are proposed by the records and made at once; learners take their records along. */
freshDatabase("grouping");
const { openedDatabase } = await import("../../src/server/db/application-database.ts");
const { evidencePage } = await import("../../src/server/evidence/evidence-page.ts");

interface TestGroup {
  id: GroupId;
  name: string;
  isDemo: boolean;
  learners: { id: LearnerId; nickname: string }[];
}
let one: TestGroup;
let two: TestGroup;
const newGroup = async (name: string, step: number, learners: string[]) =>
  (await send("POST /api/groups", { body: { name, sequenceId: "short-vowels-first", step, learners } }))
    .body as TestGroup;
const make = (groups: object[]) => send("POST /api/groupings", { body: { groups } });
const idOf = (group: TestGroup, nickname: string) => group.learners.find((one) => one.nickname === nickname)?.id ?? "";
const groupsNow = async () => (await send("GET /api/groups", {})).body as TestGroup[];

beforeAll(async () => {
  one = await newGroup("Dunes", 13, ["Gull", "Skua"]);
  two = await newGroup("Reeds", 13, ["Teal", "Coot"]);
  // Gull and Teal read e as short i, three of three.
  for (const [group, nickname] of [
    [one, "Gull"],
    [two, "Teal"],
  ] as const) {
    const words = ["pen", "ten", "men"];
    const session = (await send("POST /api/sessions", { body: { groupId: group.id, words } })).body;
    for (const wordIndex of words.keys()) {
      const answer = { outcome: "wrong", substitutions: [{ unit: 1, said: ["ɪ"] }] };
      const mark = {
        id: randomUUID(),
        sessionId: session.id,
        learnerId: idOf(group, nickname),
        wordIndex,
        mode: "read",
      };
      const stored = await send("POST /api/responses", { body: { ...mark, answer, at: new Date().toISOString() } });
      expect(stored.status).toBe(201);
    }
  }
});

describe("groups", () => {
  it("are proposed for everybody, with what each says", async () => {
    const { learners, proposed } = (await send("GET /api/groupings/proposed", {})).body;
    expect(proposed.flat().sort()).toEqual(learners.map(({ id }: { id: string }) => id).sort());
    const gull = learners.find(({ nickname }: { nickname: string }) => nickname === "Gull");
    expect(gull.needs).toEqual([{ gpc: "e=e", said: ["ɪ"], share: 1 }]);
    const ofGull = proposed.find((group: string[]) => group.includes(gull.id));
    expect(ofGull).toContain(idOf(two, "Teal"));
  });

  it("are refused as a whole: somebody twice, nobody's id, a step that is none; nobody has moved", async () => {
    const gull = idOf(one, "Gull");
    const place = { sequenceId: "short-vowels-first", step: 13 };
    const before = await groupsNow();
    expect(
      (
        await make([
          { groupId: one.id, learnerIds: [gull] },
          { groupId: two.id, learnerIds: [gull] },
        ])
      ).status,
    ).toBe(400);
    const skua = { name: "Left over", ...place, learnerIds: [idOf(one, "Skua")] };
    expect((await make([skua, { groupId: two.id, learnerIds: [randomUUID()] }])).status).toBe(404);
    expect((await make([skua, { groupId: randomUUID(), learnerIds: [] }])).status).toBe(404);
    expect((await make([{ ...skua, step: 500 }])).status).toBe(400);
    expect(await groupsNow()).toEqual(before);
  });

  it("are made at once, new ones too; records go along, and a group that loses everybody stays", async () => {
    const [gull, teal] = [idOf(one, "Gull"), idOf(two, "Teal")];
    const place = { sequenceId: "short-vowels-first", step: 13 };
    const rest = { groupId: two.id, learnerIds: [idOf(one, "Skua"), idOf(two, "Coot")] };
    const made = await make([{ name: "Sands", ...place, learnerIds: [gull, teal] }, rest]);
    expect(made.status).toBe(200);
    const now = await groupsNow();
    const names = (name: string) =>
      now
        .find((group) => group.name === name)
        ?.learners.map(({ nickname }) => nickname)
        .sort();
    expect([names("Dunes"), names("Reeds"), names("Sands")]).toEqual([[], ["Coot", "Skua"], ["Gull", "Teal"]]);
    const { db } = await openedDatabase();
    const sands = now.find(({ name }) => name === "Sands") as TestGroup;
    expect((await evidencePage(db, sands.id, gull)).report?.responseCount).toBe(3);
  });

  it("of the demo stay in the demo", async () => {
    const { groupIds } = (await send("POST /api/demo", {})).body;
    const demo = (await groupsNow()).find(({ id }) => groupIds.includes(id)) as TestGroup;
    const made = await make([{ name: "Waders", sequenceId: "phased", step: 3, learnerIds: [demo.learners[0]?.id] }]);
    expect(made.body.map(({ isDemo }: TestGroup) => isDemo)).toEqual([true]);
    expect((await make([{ groupId: one.id, learnerIds: [demo.learners[1]?.id] }])).status).toBe(400);
  });
});
