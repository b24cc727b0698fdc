import { beforeAll, describe, expect, it } from "vitest";
import { GENERAL_AMERICAN, oralSet } from "../../src/core/index.ts";
import type { GroupId } from "../../src/schemas/ids.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** Sets, routines and the next lesson, over a real PGlite in a folder of its own. */
freshDatabase("sets");
const { planSheet } = await import("../../src/server/plans/plan-page.ts");
const { paceOf } = await import("../../src/server/sessions/pace.ts");
const { printPage } = await import("../../src/server/sets/print-page.ts");
const { database } = await import("../../src/server/db/application-database.ts");

const NOBODY = "00000000-0000-4000-8000-000000000000";
let groupId: GroupId;
let otherGroup: GroupId;

const family = (words: string[], more: object = {}) => ({
  kind: "family",
  families: [{ kind: "rime", letters: "at", sounds: "æ t" }],
  words: words.map((word) => ({ word, nonsense: false })),
  way: "rime-first",
  request: { count: 8, nonsenseShare: 0, order: "commonest", pictures: "any", endings: "out" },
  ...more,
});
const ears = () => {
  const set = oralSet({ skill: "take-beginning", count: 3, accent: GENERAL_AMERICAN, words: [], seed: 1 });
  if (!set.ok) throw new Error("no items");
  return { kind: "ears-only", parts: [{ skill: "take-beginning", items: structuredClone(set.items) }] };
};
const save = (content: unknown, more: object = {}) => send("POST /api/sets", { body: { groupId, content, ...more } });

beforeAll(async () => {
  const group = { sequenceId: "short-vowels-first", step: 13, learners: ["Gull"] };
  groupId = (await send("POST /api/groups", { body: { ...group, name: "Dunes" } })).body.id;
  otherGroup = (await send("POST /api/groups", { body: { ...group, name: "Shallows" } })).body.id;
});

describe("sets", () => {
  it("are kept as they were made, named when they have no name, the latest first", async () => {
    const first = await save(family(["cat", "hat", "mat"]));
    expect(first).toMatchObject({ status: 201, body: { title: "-at", kind: "family" } });
    const second = await save(ears(), { title: " Monday " });
    expect(second.body.title).toBe("Monday");
    const { body } = await send("GET /api/sets", { query: `groupId=${groupId}` });
    expect(body.map(({ title }: { title: string }) => title)).toEqual(["Monday", "-at"]);
    expect(body[1].content).toEqual(family(["cat", "hat", "mat"]));
    expect((await send("GET /api/sets", { query: `groupId=${otherGroup}` })).body).toEqual([]);
  });

  it("sorts and pairs are kept too, each named by what is in it", async () => {
    const sort = {
      kind: "sort",
      bins: [
        { bin: { by: "spelling", gpc: "ai=eɪ" }, words: ["rain"] },
        { bin: { by: "syllable-type", type: "not-closed" }, words: ["no"] },
      ],
      foils: [{ word: "ran", why: "one-unit-away", bin: 0 }],
      table: ["rain", "no", "ran"],
    };
    expect((await save(sort)).body.title).toBe("Sort: ai / not closed");
    const pairs = { kind: "pairs", a: ["ɪ"], b: ["e"], pairs: [{ a: "pin", b: "pen", position: "medial" }] };
    expect((await save(pairs)).body.title).toBe("Pairs: pin / pen");
  });

  it("are changed and deleted by their id", async () => {
    const { id } = (await save(family(["cat", "hat"]))).body;
    const changed = await send("PUT /api/sets/:setId", {
      id,
      body: { title: "Cats", content: family(["cat", "rat"]) },
    });
    expect(changed.body).toMatchObject({ id, title: "Cats", content: { words: [{ word: "cat" }, { word: "rat" }] } });
    expect((await send("DELETE /api/sets/:setId", { id })).status).toBe(204);
    expect((await send("GET /api/sets/:setId", { id })).status).toBe(404);
    expect((await send("DELETE /api/sets/:setId", { id })).status).toBe(404);
    expect((await send("GET /api/sets/:setId", { id: "no-id" })).status).toBe(404);
  });

  it("an unsuitable word is never kept, nor one of the school's own never-list", async () => {
    const refused = await save(family(["cat", "twat", "fat"]));
    expect(refused.status).toBe(400);
    expect(refused.body.error.fields[0].message).toBe("take out 2 words: twat, fat");
    const school = (await send("GET /api/school")).body;
    await send("PUT /api/school", { body: { ...school, never: ["rat"] } });
    expect((await save(family(["rat"]))).body.error.fields[0].message).toBe("take out one word: rat");
    await send("PUT /api/school", { body: { ...school, never: [] } });
  });

  it("a word that is kept out later is not printed, and what is not taught is said", async () => {
    const { id } = (await save(family(["cat", "mat", "flat"]))).body;
    const school = (await send("GET /api/school")).body;
    await send("PUT /api/school", { body: { ...school, never: ["mat"] } });
    const page = await printPage(await database(), id);
    expect(page).toMatchObject({ keptOut: ["mat"], notYet: ["flat"] });
    expect(page.walk).toEqual([
      { word: "cat", first: "at", second: "c" },
      { word: "flat", first: "at", second: "fl" },
    ]);
    await send("PUT /api/school", { body: { ...school, never: [] } });
  });

  it("an ears-only item that is not true is refused", async () => {
    const content = ears();
    const [part] = content.parts;
    const [item] = part?.items ?? [];
    if (!part || item?.kind !== "take") throw new Error("no item");
    part.items = [{ ...item, answer: { ...item.answer, sounds: ["z", "iː"] } }];
    const refused = await save(content);
    expect(refused).toMatchObject({ status: 400, body: { error: { code: "invalid" } } });
    expect(refused.body.error.message).toMatch(/not what it says/);
  });

  it.each([
    [{ groupId: NOBODY, content: "family" }, 404],
    [{ content: { kind: "family", families: [], words: [], request: {} } }, 400],
    [{ content: { kind: "riddle" } }, 400],
    [{ content: { ...family(["cat"]), words: [{ word: "c4t", nonsense: false }] } }, 400],
    [{ content: { ...family(["cat"]), families: [{ kind: "rime", letters: "<b>", sounds: "æ" }] } }, 400],
    [{ content: { kind: "sort", bins: [], foils: [], table: [] } }, 400],
    [{ content: { kind: "pairs", a: ["💥"], b: ["e"], pairs: [{ a: "pin", b: "pen", position: "medial" }] } }, 400],
    [{ content: { kind: "ears-only", parts: [] } }, 400],
    [{ title: "x".repeat(81), content: "family" }, 400],
  ])("%j is refused with %i", async (body, status) => {
    const content = body.content === "family" ? family(["cat"]) : body.content;
    expect((await send("POST /api/sets", { body: { groupId, ...body, content } })).status).toBe(status);
  });
});

describe("routines", () => {
  const PARTS = [
    { skill: "first-sound", count: 4 },
    { skill: "blend-sounds", count: 3 },
  ];
  const make = async (parts: unknown = PARTS) =>
    send("POST /api/routines", { body: { groupId, title: "Warm-up", parts } });
  const keysOf = (body: { parts: { items: { key: string }[] }[] }) =>
    body.parts.flatMap(({ items }) => items.map(({ key }) => key));

  it("a day is filled once, another day with other items, and a week brings nothing twice", async () => {
    const { id } = (await make()).body;
    const fill = (day: string, more: object = {}) =>
      send("PUT /api/routines/:routineId/days/:day", {
        id,
        params: { day },
        body: { words: ["ship", "met"], ...more },
      });
    const monday = await fill("2026-11-23");
    expect(monday.body.parts.map((p: { items: unknown[] }) => p.items.length)).toEqual([4, 3]);
    expect((await fill("2026-11-23")).body).toEqual(monday.body);
    const seen = keysOf(monday.body);
    for (const day of ["2026-11-24", "2026-11-25", "2026-11-26", "2026-11-27", "2026-11-30"]) {
      const keys = keysOf((await fill(day)).body);
      expect(keys.filter((key) => seen.includes(key))).toEqual([]);
      seen.push(...keys);
    }
    const again = await fill("2026-11-30", { again: true });
    expect(keysOf(again.body)).not.toEqual(keysOf((await fill("2026-11-23")).body));
    expect((await fill("2026-11-30")).body).toEqual(again.body);
  });

  it("items put in by hand stay for the day; a routine that has changed is filled anew", async () => {
    const { id } = (await make()).body;
    const params = { day: "2026-11-25" };
    const fill = () => send("PUT /api/routines/:routineId/days/:day", { id, params, body: { words: [] } });
    const filled = (await fill()).body;
    const items = filled.parts[0].items.slice(0, 2);
    await send("PATCH /api/routines/:routineId/days/:day", {
      id,
      params,
      body: { part: 0, items: [...items, ...items] },
    });
    expect(keysOf((await fill()).body).slice(0, 4)).toEqual(
      [...items, ...items].map(({ key }: { key: string }) => key),
    );
    await send("PUT /api/routines/:routineId", {
      id,
      body: { title: "Warm-up", parts: [{ skill: "split-sounds", count: 2 }] },
    });
    expect((await fill()).body.parts).toMatchObject([{ ok: true, skill: "split-sounds" }]);
    expect(
      (
        await send("PATCH /api/routines/:routineId/days/:day", {
          id,
          params: { day: "2026-01-01" },
          body: { part: 0, items },
        })
      ).status,
    ).toBe(404);
  });

  it("is listed, renamed and deleted with its days", async () => {
    const { id } = (await make()).body;
    await send("PUT /api/routines/:routineId", { id, body: { title: "Fridays", parts: PARTS } });
    expect((await send("GET /api/routines", { query: `groupId=${groupId}` })).body[0]).toMatchObject({
      id,
      title: "Fridays",
    });
    expect((await send("DELETE /api/routines/:routineId", { id })).status).toBe(204);
    expect(
      (await send("PUT /api/routines/:routineId/days/:day", { id, params: { day: "2026-11-25" }, body: { words: [] } }))
        .status,
    ).toBe(404);
  });

  it.each([
    [[]],
    [[{ skill: "juggling", count: 3 }]],
    [[{ skill: "first-sound", count: 0 }]],
    [[{ skill: "first-sound", count: 21 }]],
    [Array.from({ length: 13 }, () => ({ skill: "first-sound", count: 1 }))],
  ])("parts %j are refused", async (parts) => {
    expect(await make(parts)).toMatchObject({ status: 400, body: { error: { code: "invalid" } } });
  });

  it("a day that is none, or a name that is none, is refused", async () => {
    const { id } = (await make()).body;
    expect(
      (await send("PUT /api/routines/:routineId/days/:day", { id, params: { day: "25 Nov" }, body: { words: [] } }))
        .status,
    ).toBe(404);
    expect((await send("POST /api/routines", { body: { groupId, title: " ", parts: PARTS } })).status).toBe(400);
    expect((await send("POST /api/routines", { body: { groupId: NOBODY, title: "x", parts: PARTS } })).status).toBe(
      404,
    );
  });
});

describe("the next lesson", () => {
  it("takes sets and chains in, once each, with minutes by what is in them", async () => {
    const set = (await save(family(["cat", "hat", "mat", "rat"]), { title: "Cats" })).body;
    const aim = { focus: [], contrasts: [] };
    const chain = (await send("POST /api/chains", { body: { groupId, words: ["cat", "cap", "map"], aim } })).body;
    const add = (kind: string, id: string, planId = groupId) =>
      send("POST /api/plans/:planId/activities", { id: planId, body: { [`${kind}Id`]: id } });
    await add("set", set.id);
    await add("chain", chain.id);
    const again = await add("set", set.id);
    expect(
      again.body.activities.map(({ title, minutes }: { title: string; minutes: number }) => [title, minutes]),
    ).toEqual([
      ["Cats", 1],
      ["cat to map", 1.5],
    ]);
    expect((await add("set", set.id, otherGroup)).status).toBe(400);
    expect((await add("set", NOBODY)).status).toBe(404);
    expect((await add("song", set.id)).status).toBe(400);
  });

  it("is reordered, timed and emptied; what it does not know is refused and nothing lost", async () => {
    const { activities } = (await send("GET /api/groups/:groupId/plan", { id: groupId })).body;
    const body = {
      minutes: 25,
      activities: [...activities].reverse().map(({ id }: { id: string }) => ({ id, minutes: 4 })),
    };
    const changed = (await send("PUT /api/groups/:groupId/plan", { id: groupId, body })).body;
    expect(changed).toMatchObject({
      minutes: 25,
      activities: [{ title: "cat to map", minutes: 4 }, { title: "Cats" }],
    });
    const stranger = { minutes: 25, activities: [{ id: NOBODY, minutes: 4 }] };
    expect((await send("PUT /api/groups/:groupId/plan", { id: groupId, body: stranger })).status).toBe(400);
    expect((await send("PUT /api/groups/:groupId/plan", { id: groupId, body: { ...body, minutes: 2 } })).status).toBe(
      400,
    );
    expect((await send("GET /api/groups/:groupId/plan", { id: groupId })).body).toEqual(changed);
    expect((await send("GET /api/groups/:groupId/plan", { id: NOBODY })).status).toBe(404);
  });

  it("a set that is renamed or deleted is so in the plan", async () => {
    const { activities } = (await send("GET /api/groups/:groupId/plan", { id: groupId })).body;
    const { ref } = activities.find(({ kind }: { kind: string }) => kind === "family");
    await send("PUT /api/sets/:setId", { id: ref, body: { title: "Mats", content: family(["mat"]) } });
    expect(JSON.stringify((await send("GET /api/groups/:groupId/plan", { id: groupId })).body)).toContain("Mats");
    await send("DELETE /api/sets/:setId", { id: ref });
    expect((await send("GET /api/groups/:groupId/plan", { id: groupId })).body.activities).toHaveLength(1);
  });
});

describe("a drafted lesson", () => {
  const draft = (more: object = {}) =>
    send("POST /api/groups/:groupId/plan", {
      id: groupId,
      body: { focus: ["th=θ"], contrasts: [], minutes: 20, seed: 3, ...more },
    });
  type Drafted = {
    id: string;
    kind: string;
    minutes: number;
    ifTime: boolean;
    ref?: string;
    content?: { words: string[] };
  };
  const mainOf = (body: { activities: Drafted[] }) => body.activities.filter(({ ifTime, ref }) => !ifTime && !ref);

  it("fits its minutes, keeps what the teacher put in, and comes the same for the same seed", async () => {
    const set = (await save(family(["cat", "hat"]), { title: "Mine" })).body;
    await send("POST /api/plans/:planId/activities", { id: groupId, body: { setId: set.id } });
    const { body } = await draft();
    // What was put in by hand takes its part of the time.
    const all = body.activities.filter(({ ifTime }: Drafted) => !ifTime);
    expect(all.reduce((sum: number, one: Drafted) => sum + one.minutes, 0)).toBeLessThanOrEqual(20);
    expect(mainOf(body).length).toBeGreaterThan(3);
    expect(body.activities.at(-1)).toMatchObject({ title: "Mine", ref: set.id });
    const words = (drafted: { activities: Drafted[] }) => drafted.activities.map(({ content }) => content);
    expect(words((await draft()).body)).toEqual(words(body));
    expect(words((await draft({ seed: 4 })).body)).not.toEqual(words(body));
  });

  it("words are changed one activity at a time, looked at again, and the minutes with them", async () => {
    const { body } = await draft();
    const chain = body.activities.find(({ kind }: Drafted) => kind === "read-chain") as Drafted;
    const edit = (words: string[]) =>
      send("PATCH /api/plans/:planId/activities/:activityId", {
        params: { planId: groupId, activityId: chain.id },
        body: { words },
      });
    const changed = (await edit(["cat", "cap"])).body.activities.find(({ id }: Drafted) => id === chain.id);
    expect(changed.content.words).toEqual(["cat", "cap"]);
    expect(changed.minutes).toBeLessThan(chain.minutes);
    const refused = await edit(["cat", "rain", "twat", "qqqq"]);
    expect(refused.status).toBe(400);
    expect(refused.body.error.message).toMatch(
      /rain is not within reach yet; twat is kept out; qqqq is not in the word list/,
    );
    const heldBack = body.activities.find((one: { heldBack: boolean }) => one.heldBack) as Drafted;
    const shown = await edit([heldBack.content?.words[0] ?? ""]);
    expect(shown.body.error.message).toMatch(/is kept back for the end/);
    expect(
      (
        await send("PATCH /api/plans/:planId/activities/:activityId", {
          params: { planId: groupId, activityId: NOBODY },
          body: { words: ["cat"] },
        })
      ).status,
    ).toBe(404);
    const cards = body.activities.find(({ kind }: Drafted) => kind === "sound-cards") as Drafted;
    expect(
      (
        await send("PATCH /api/plans/:planId/activities/:activityId", {
          params: { planId: groupId, activityId: cards.id },
          body: { words: ["cat"] },
        })
      ).status,
    ).toBe(400);
  });

  it("how an activity is done stays with it; a helper's sheet has prompts and tiles", async () => {
    const { body } = await draft();
    const activities = body.activities.map(({ id, minutes }: Drafted) => ({ id, minutes }));
    activities[0].settings = {
      support: "at-sight",
      blending: "build-up",
      turns: "your-turn",
      correction: "write-it-underneath",
      thinking: 3,
      fading: "stays",
    };
    const kept = (await send("PUT /api/groups/:groupId/plan", { id: groupId, body: { minutes: 20, activities } })).body;
    expect(kept.activities[0].settings).toEqual(activities[0].settings);
    const sheet = await planSheet(await database(), groupId);
    expect(sheet?.materials.tiles.length).toBeGreaterThan(2);
    expect(sheet?.activities.find(({ activity }) => activity.kind === "read-chain")?.prompts.length).toBeGreaterThan(2);
  });

  it("an activity is taught from the plan; words kept back stand apart by name; cards are answered one by one", async () => {
    const { body } = await draft();
    const of = (fits: (one: { kind: string; heldBack: boolean }) => boolean) => body.activities.find(fits);
    const start = (activityId: string) => send("POST /api/sessions", { body: { groupId, activityId } });
    const chain = of(({ kind }) => kind === "read-chain");
    expect((await start(chain.id)).body).toMatchObject({ words: chain.content.words, chainId: null });
    const kept = of(({ heldBack }) => heldBack);
    expect((await start(kept.id)).body.title).toBe(`Kept back: ${kept.content.words.join(", ")}`);
    const cards = of(({ kind }) => kind === "sound-cards");
    expect((await start(cards.id)).body.words).toEqual(cards.content.gpcs);
    expect((await start(NOBODY)).status).toBe(404);
  });

  it.each([
    [{ minutes: 9 }, 400],
    [{ minutes: 46 }, 400],
    [{ focus: ["nothing"] }, 400],
    [{ seed: -1 }, 400],
  ])("%j is refused with %i", async (more, status) => {
    expect((await draft(more)).status).toBe(status);
  });

  it("a group that was never taught has the default pace", async () => {
    expect(await paceOf(await database(), groupId)).toBe(1);
  });
});

describe("chains and their versions", () => {
  const aim = { focus: ["sh=ʃ"], contrasts: [] };
  const chainOf = async (more: object = {}) =>
    (await send("POST /api/chains", { body: { groupId, words: ["mash", "mesh"], aim, ...more } })).body;

  it("what was asked of a chain comes back as it was asked", async () => {
    const shape = {
      length: 6,
      locked: ["mash"],
      moves: ["change"],
      mode: "building",
      nonsenseShare: 0.25,
      closed: true,
      tiles: { sh: 1 },
      reachPower: { atLeast: 0.8 },
    };
    const chain = await chainOf({ shape });
    expect((await send("GET /api/chains/:chainId", { id: chain.id })).body.shape).toEqual(shape);
    expect((await chainOf()).shape).toBeNull();
  });

  it("a version is kept when words or title change, and only then; the latest first", async () => {
    const chain = await chainOf();
    const edit = (words: string[], title = "Mash") =>
      send("PUT /api/chains/:chainId", { id: chain.id, body: { words, aim, title } });
    await edit(["mash", "mesh"]);
    await edit(["mash", "mesh"]);
    await edit(["mash", "mesh", "met"]);
    const { body } = await send("GET /api/chains/:chainId/versions", { id: chain.id });
    expect(body.map(({ title, words }: { title: string; words: string[] }) => `${title}: ${words.join(" ")}`)).toEqual([
      "Mash: mash mesh met",
      "Mash: mash mesh",
      "mash to mesh: mash mesh",
    ]);
    expect((await send("GET /api/chains/:chainId/versions", { id: NOBODY })).status).toBe(404);
  });

  it.each([
    [{ length: -1, locked: [] }],
    [{ length: 8, locked: [], mode: "sung" }],
    [{ length: 8, locked: [], nonsenseShare: 2 }],
    [{ length: 8, locked: [], leastFamiliar: 9 }],
    [{ length: 8, locked: [], tiles: { a: -1 } }],
    [{ length: 8, locked: ["c4t"] }],
  ])("the shape %j is refused", async (shape) => {
    const answer = await send("POST /api/chains", { body: { groupId, words: ["mash"], aim, shape } });
    expect(answer).toMatchObject({ status: 400, body: { error: { code: "invalid" } } });
  });
});
