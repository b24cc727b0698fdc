import { randomUUID } from "node:crypto";
import { beforeAll, describe, expect, it } from "vitest";
import { freshDatabase } from "./fresh-database.ts";
import { type Answer, send } from "./send.ts";

/** The endpoints themselves, called as the server calls them, over a real PGlite in a folder of its own. */
freshDatabase("endpoints");

const AIM = { focus: ["sh=ʃ"], contrasts: [{ a: "i=ɪ", b: "e=e" }] };
const NEW_GROUP = { name: "Dunes", sequenceId: "short-vowels-first", step: 13, learners: ["Gull", "Skua", "Auk"] };
let group: { id: string; learners: { id: string; nickname: string }[] };
let chainId: string;
let sessionId: string;

const mark = (more: object = {}) => ({
  id: randomUUID(),
  sessionId,
  learnerId: group.learners[0]?.id,
  wordIndex: 0,
  mode: "read",
  answer: { outcome: "right", substitutions: [] },
  at: "2026-11-24T09:30:00Z",
  ...more,
});
const wrong = (unit: number, ...said: string[]) => ({ outcome: "wrong", substitutions: [{ unit, said }] });

beforeAll(async () => {
  group = (await send("POST /api/groups", { body: NEW_GROUP })).body;
  chainId = (
    await send("POST /api/chains", { body: { groupId: group.id, words: ["mash", "mesh", "met", "pet"], aim: AIM } })
  ).body.id;
  sessionId = (await send("POST /api/sessions", { body: { chainId } })).body.id;
});

describe("groups, chains and sessions", () => {
  it("keeps a group with its learners in order", async () => {
    const { body } = await send("GET /api/groups/:groupId", { id: group.id });
    expect(body).toMatchObject({ name: "Dunes", step: 13 });
    expect(body.learners.map((l: { nickname: string }) => l.nickname)).toEqual(["Gull", "Skua", "Auk"]);
  });

  it("moves a group, and refuses a step that is not there", async () => {
    expect(
      (await send("PATCH /api/groups/:groupId", { id: group.id, body: { sequenceId: "phased", step: 20 } })).body.step,
    ).toBe(20);
    const { status, body } = await send("PATCH /api/groups/:groupId", {
      id: group.id,
      body: { sequenceId: "phased", step: 90 },
    });
    expect(status).toBe(400);
    expect(body.error.message).toContain("86 steps");
    expect((await send("GET /api/groups/:groupId", { id: group.id })).body.step).toBe(20);
  });

  it("names a chain by its ends, edits it, and lists it", async () => {
    expect((await send("GET /api/chains/:chainId", { id: chainId })).body.title).toBe("mash to pet");
    const edited = { title: "Monday", words: ["pet", "pit"], aim: AIM };
    expect((await send("PUT /api/chains/:chainId", { id: chainId, body: edited })).body).toMatchObject({
      title: "Monday",
      words: ["pet", "pit"],
    });
    expect((await send("GET /api/chains", { query: `groupId=${group.id}` })).body).toHaveLength(1);
  });

  it("a session keeps the words it was started with, and its place", async () => {
    const place = {
      activity: 0,
      item: 2,
      stage: 1,
      learnerId: group.learners[1]?.id,
      seconds: { a: 12.5 },
      skipped: ["b"],
    };
    await send("PATCH /api/sessions/:sessionId", { id: sessionId, body: { place } });
    const { body } = await send("GET /api/sessions/:sessionId", { id: sessionId });
    expect(body.session).toMatchObject({ words: ["mash", "mesh", "met", "pet"], place, endedAt: null });
    expect(
      (
        await send("PATCH /api/sessions/:sessionId", {
          id: sessionId,
          body: { place: { activity: 0, item: 9, learnerId: null } },
        })
      ).status,
    ).toBe(400);
  });
});

describe("word cards", () => {
  const card = (word: string) => send("GET /api/words/:word", { id: word, query: `groupId=${group.id}` });

  it("says what a word is made of and when it comes within reach", async () => {
    const { body } = await card("Chain");
    expect(body.card).toMatchObject({ word: "chain", counts: { letters: 5, graphemes: 3, phonemes: 3, taps: 3 } });
    expect(body.card.firstStep).toBeGreaterThan(1);
    expect((await card("sail")).body.card.soundAlikes).toContain("sale");
    expect((await card("grins")).body.card.inflection).toEqual({ base: "grin", ending: "s" });
    expect((await card("wind")).body.card.readings).toHaveLength(2);
    expect((await card("said")).body.card.oddUnits).toEqual([1]);
  });

  it.each([
    ["🙂", /take out/],
    ["naïve", /take out ï/],
    ["don't", /take out '/],
    ["a".repeat(200), /more than 30 letters/],
    ["two words", /letters a to z/],
    ["шip", /take out ш/],
  ])("has none for %j, and says why", async (word, says) => {
    const { status, body } = await card(word);
    expect(status).toBe(400);
    expect(body.error.message).toMatch(says);
  });
});

describe("responses", () => {
  it("stores once what is sent twice", async () => {
    const sent = mark({ answer: wrong(1, "e") });
    expect((await send("POST /api/responses", { body: sent })).status).toBe(201);
    expect((await send("POST /api/responses", { body: sent })).status).toBe(201);
    const { body } = await send("GET /api/sessions/:sessionId", { id: sessionId });
    expect(body.responses.filter((r: { id: string }) => r.id === sent.id)).toHaveLength(1);
    expect(body.responses[0].verdict.units.map((u: { result: string }) => u.result)).toEqual([
      "right",
      "substitution",
      "right",
    ]);
  });

  it("a correction supersedes, a withdrawal leaves nothing standing, and the rows stay", async () => {
    const learnerId = group.learners[1]?.id;
    const first = mark({ learnerId, answer: wrong(1, "e") });
    const second = mark({ learnerId, supersedes: first.id });
    const third = mark({ learnerId, supersedes: second.id, withdrawn: true });
    const standing = async () =>
      (await send("GET /api/sessions/:sessionId", { id: sessionId })).body.responses
        .filter((r: { learnerId: string }) => r.learnerId === learnerId)
        .map((r: { id: string }) => r.id);
    await send("POST /api/responses", { body: first });
    await send("POST /api/responses", { body: second });
    expect(await standing()).toEqual([second.id]);
    await send("POST /api/responses", { body: third });
    expect(await standing()).toEqual([]);
  });

  it("shows in the evidence, for the group and for the learner alone", async () => {
    const learnerId = group.learners[2]?.id;
    for (const wordIndex of [1, 2, 3])
      await send("POST /api/responses", { body: mark({ learnerId, wordIndex, answer: wrong(1, "ɪ") }) });
    const { body } = await send("GET /api/evidence", { query: `groupId=${group.id}&learnerId=${learnerId}` });
    expect(body.rows[0]).toMatchObject({ gpc: "e=e", pattern: true, substitutions: [{ said: ["ɪ"] }] });
    expect(body.rows[0]).toMatchObject({ chances: 3, wrong: 3 });
    const opened = async (figure: string) =>
      (await send("GET /api/evidence/responses", { query: `groupId=${group.id}&learnerId=${learnerId}&${figure}` }))
        .body;
    const behind = await opened("gpc=e%3De&said=%C9%AA&wrong=true");
    expect(behind.more).toBe(false);
    expect(behind.responses).toHaveLength(3);
    for (const one of behind.responses) expect(one).toMatchObject({ learner: "Auk", outcome: "wrong" });
    expect((await opened("gpc=e%3De&said=%C9%92")).responses).toEqual([]);
    expect((await opened("gpc=e%3De&position=medial")).responses).toHaveLength(3);
    expect((await opened("gpc=e%3De&position=final")).responses).toEqual([]);
    expect((await opened("heldBack=true")).responses).toEqual([]);
    const whole = (await send("GET /api/evidence", { query: `groupId=${group.id}` })).body;
    expect(whole.responseCount).toBeGreaterThan(body.responseCount);
  });
});

describe("refusals: words to act on, a 4xx, and nothing stored", () => {
  const nowhere = "00000000-0000-4000-8000-000000000000";
  const cases: [name: string, send: () => Promise<Answer>, status: number, says: RegExp][] = [
    ["not JSON", () => send("POST /api/groups", { raw: "{oops" }), 400, /not JSON/],
    ["no body at all", () => send("POST /api/responses", {}), 400, /not JSON/],
    ["a body of the wrong shape", () => send("POST /api/groups", { body: [] }), 400, /./],
    ["a group with no name", () => send("POST /api/groups", { body: { ...NEW_GROUP, name: " " } }), 400, /name/],
    [
      "an unknown sequence",
      () => send("POST /api/groups", { body: { ...NEW_GROUP, sequenceId: "x" } }),
      400,
      /sequence/,
    ],
    ["an unknown group", () => send("GET /api/groups/:groupId", { id: nowhere }), 404, /no such group/],
    ["an id that is none", () => send("GET /api/groups/:groupId", { id: "1; drop table" }), 404, /no such group/],
    [
      "a chain of no words",
      () => send("POST /api/chains", { body: { groupId: group.id, words: [], aim: AIM } }),
      400,
      /at least one word/,
    ],
    [
      "500 words",
      () => send("POST /api/chains", { body: { groupId: group.id, words: Array(500).fill("cat"), aim: AIM } }),
      400,
      /at most 60/,
    ],
    [
      "an emoji for a word",
      () => send("POST /api/chains", { body: { groupId: group.id, words: ["🙂"], aim: AIM } }),
      400,
      /letters a to z/,
    ],
    [
      "5,000 characters",
      () => send("POST /api/chains", { body: { groupId: group.id, words: ["a".repeat(5000)], aim: AIM } }),
      400,
      /at most 30/,
    ],
    [
      "digits",
      () => send("POST /api/chains", { body: { groupId: group.id, words: ["c4t"], aim: AIM } }),
      400,
      /letters a to z/,
    ],
    [
      "an aim that is no correspondence",
      () =>
        send("POST /api/chains", {
          body: { groupId: group.id, words: ["cat"], aim: { focus: ["zz=q"], contrasts: [] } },
        }),
      400,
      /correspondence/,
    ],
    ["a session of no chain", () => send("POST /api/sessions", { body: { chainId: nowhere } }), 404, /no such chain/],
    [
      "a learner that does not exist",
      () => send("POST /api/responses", { body: mark({ learnerId: nowhere }) }),
      404,
      /no such learner/,
    ],
    [
      "a session that does not exist",
      () => send("POST /api/responses", { body: mark({ sessionId: nowhere }) }),
      404,
      /no such session/,
    ],
    [
      "a word beyond the chain",
      () => send("POST /api/responses", { body: mark({ wordIndex: 40 }) }),
      400,
      /no word 41/,
    ],
    [
      "a unit beyond the word",
      () => send("POST /api/responses", { body: mark({ answer: wrong(9, "e") }) }),
      400,
      /3 graphemes/,
    ],
    [
      "a sound that is none",
      () => send("POST /api/responses", { body: mark({ answer: wrong(1, "💥") }) }),
      400,
      /sound of the inventory/,
    ],
    [
      "sounds said with a right answer",
      () =>
        send("POST /api/responses", {
          body: mark({ answer: { outcome: "right", substitutions: [{ unit: 0, said: ["e"] }] } }),
        }),
      400,
      /outcome wrong/,
    ],
    [
      "a time that is none",
      () => send("POST /api/responses", { body: mark({ at: "yesterday" }) }),
      400,
      /2026-11-24T09/,
    ],
    [
      "correcting a mark that is not there",
      () => send("POST /api/responses", { body: mark({ supersedes: nowhere }) }),
      404,
      /earlier mark/,
    ],
    [
      "evidence of nobody",
      () => send("GET /api/evidence", { query: `groupId=${group.id}&learnerId=${nowhere}` }),
      404,
      /no such learner/,
    ],
    ["evidence without a group", () => send("GET /api/evidence"), 400, /group/],
    ["an address that is none", () => send("GET /api/nothing"), 404, /nothing at this address/],
  ];

  it.each(cases)("%s", async (_, request, status, says) => {
    const before = (await send("GET /api/sessions/:sessionId", { id: sessionId })).body.responses.length;
    const answer = await request();
    expect(answer.status).toBe(status);
    expect(answer.body.error.message).toMatch(says);
    expect(answer.body.error.hint.length).toBeGreaterThan(10);
    expect((await send("GET /api/sessions/:sessionId", { id: sessionId })).body.responses).toHaveLength(before);
  });

  it("an id already taken by another mark is a conflict", async () => {
    const sent = mark({ wordIndex: 3 });
    await send("POST /api/responses", { body: sent });
    const answer = await send("POST /api/responses", { body: { ...sent, wordIndex: 2 } });
    expect(answer.status).toBe(409);
  });
});
