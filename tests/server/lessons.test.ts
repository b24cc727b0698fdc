import { randomUUID } from "node:crypto";
import { eq } from "drizzle-orm";
import { beforeAll, describe, expect, it } from "vitest";
import { ACTIVITY_KIND_IDS, checkStep } from "../../src/core/index.ts";
import type { GroupId, LearnerId, SessionId } from "../../src/schemas/ids.ts";
import { newId } from "../../src/server/db/new-id.ts";
import { FIRST_PLACE } from "../../src/server/plans/lesson-types.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** Lessons being taught: the run, its place, words on the spot, tiles, packs, templates and the week. */
freshDatabase("lessons");
const { database } = await import("../../src/server/db/application-database.ts");
const { teachPage } = await import("../../src/server/sessions/teach-page.ts");
const { packsPage } = await import("../../src/server/groups/packs-page.ts");
const { sessions } = await import("../../src/server/db/schema.ts");
const { evidencePage } = await import("../../src/server/evidence/evidence-page.ts");
const { paceOf } = await import("../../src/server/sessions/pace.ts");
const { recentWords, wordsOfLastWeek } = await import("../../src/server/sessions/sessions.ts");

const NOBODY = "00000000-0000-4000-8000-000000000000";
const AIM = { focus: ["th=θ"], contrasts: [] };
let group: { id: GroupId; learners: { id: LearnerId; nickname: string }[] };
const gull = () => group.learners[0]?.id as string;

interface Part {
  readonly id: string;
  readonly kind: string;
  readonly minutes: number;
  readonly ifTime: boolean;
  readonly heldBack: boolean;
  readonly content?: { readonly words?: readonly string[]; readonly gpcs?: readonly string[] };
}
const draft = async (more: object = {}): Promise<{ activities: Part[] }> =>
  (await send("POST /api/groups/:groupId/plan", { id: group.id, body: { ...AIM, minutes: 30, seed: 3, ...more } }))
    .body;
const start = (body: object) => send("POST /api/sessions", { body: { groupId: group.id, ...body } });
const mark = (sessionId: string, wordIndex: number, answer: object, more: object = {}) =>
  send("POST /api/responses", {
    body: {
      id: randomUUID(),
      sessionId,
      learnerId: gull(),
      wordIndex,
      mode: "read",
      answer: { outcome: "right", substitutions: [], ...answer },
      at: "2026-11-24T09:30:00Z",
      ...more,
    },
  });

beforeAll(async () => {
  const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 13, learners: ["Gull", "Skua"] };
  group = (await send("POST /api/groups", { body })).body;
});

describe("a whole lesson", () => {
  it("an empty plan is not taught: it says what to do", async () => {
    const { status, body } = await start({ lesson: true });
    expect(status).toBe(400);
    expect(body.error.message).toMatch(/nothing in the lesson yet/);
    expect(JSON.stringify(body.error.fields)).toMatch(/draft the lesson/);
  });

  it("runs as it was planned, what is only there if there is time last; later changes of the plan do not touch it", async () => {
    const { activities } = await draft();
    const { body } = await start({ lesson: true });
    expect(body.run.minutes).toBe(30);
    expect(body.run.activities.map(({ id }: Part) => id)).toEqual([
      ...activities.filter(({ ifTime }) => !ifTime).map(({ id }) => id),
      ...activities.filter(({ ifTime }) => ifTime).map(({ id }) => id),
    ]);
    const page = await teachPage(await database(), body.id);
    for (const activity of page.activities) expect(activity.items.length, activity.kind).toBeGreaterThan(0);
    // Every index is used once, and names what is answered to there.
    const used = page.activities.flatMap(({ items }) => items.flatMap(({ index }) => (index === null ? [] : [index])));
    expect(new Set(used).size).toBe(used.length);
    await draft({ seed: 8 });
    expect((await send("GET /api/sessions/:sessionId", { id: body.id })).body.session.words).toEqual(body.words);
  });

  it("the place is kept whole: activity, word, moment, order, time, what was left out", async () => {
    await draft();
    const { body } = await start({ lesson: true });
    const [first, second] = body.run.activities as Part[];
    const place = {
      activity: 1,
      item: 2,
      stage: 1,
      learnerId: gull(),
      orders: { [second?.id as string]: [3, 1, 0, 2] },
      seconds: { [first?.id as string]: 61.5 },
      skipped: [first?.id],
    };
    expect((await send("PATCH /api/sessions/:sessionId", { id: body.id, body: { place } })).status).toBe(200);
    expect((await send("GET /api/sessions/:sessionId", { id: body.id })).body.session.place).toEqual(place);
    const beyond = (more: object) =>
      send("PATCH /api/sessions/:sessionId", { id: body.id, body: { place: { ...place, ...more } } });
    expect((await beyond({ activity: 50 })).body.error.message).toMatch(/activities/);
    expect((await beyond({ item: 4 })).body.error.message).toMatch(/4 items/);
    expect((await beyond({ learnerId: "Gull" })).status).toBe(400);
    expect((await send("GET /api/sessions/:sessionId", { id: body.id })).body.session.place).toEqual(place);
  });

  it("a word that the school has put away since does not come up", async () => {
    const chain = await send("POST /api/chains", {
      body: { groupId: group.id, words: ["cat", "cap", "map"], aim: AIM },
    });
    const school = (await send("GET /api/school")).body;
    await send("PUT /api/school", { body: { ...school, never: ["cap"] } });
    expect((await start({ chainId: chain.body.id })).body.words).toEqual(["cat", "map"]);
    await send("PUT /api/school", { body: { ...school, never: ["cat", "cap", "map"] } });
    expect((await start({ chainId: chain.body.id })).body.error.message).toMatch(/kept out of this school/);
    await send("PUT /api/school", { body: school });
  });

  it("nor does a text or a sentence with such a word in it", async () => {
    await send("PUT /api/groups/:groupId/plan", { id: group.id, body: { minutes: 20, activities: [] } });
    const text = { ...AIM, kind: "text", text: "A thin cat ran.", seed: 1 };
    const { body } = await send("POST /api/plans/:planId/activities", { id: group.id, body: text });
    const school = (await send("GET /api/school")).body;
    await send("PUT /api/school", { body: { ...school, never: ["cat"] } });
    expect((await start({ activityId: body.activities.at(-1).id })).status).toBe(400);
    await send("PUT /api/school", { body: school });
    expect((await start({ activityId: body.activities.at(-1).id })).status).toBe(201);
  });

  it("a saved set is taught as it is: a sort by its bins, pairs word by word", async () => {
    const content = {
      kind: "pairs",
      a: ["ɪ"],
      b: ["e"],
      pairs: [{ a: "pin", b: "pen", position: "medial" }],
    };
    const set = (await send("POST /api/sets", { body: { groupId: group.id, content } })).body;
    expect((await start({ setId: set.id })).body.words).toEqual(["pin", "pen"]);
    expect((await start({ setId: NOBODY })).status).toBe(404);
  });
});

describe("a text that is read", () => {
  const content = {
    kind: "text",
    text: "Sam sat / on the mat.\nA fish hid.",
    targets: [],
    use: "read",
    questions: ["Who sat?"],
    statements: [{ sentence: "A hen hid.", isTrue: false }],
  };
  const save = async (more: object = {}) =>
    send("POST /api/sets", { body: { groupId: group.id, title: "Sam", content: { ...content, ...more } } });

  it("is gone through word by word: a word that is read wrong is marked, and counts as a word read", async () => {
    const session = (await start({ setId: (await save()).body.id })).body;
    expect(session.words).toEqual(["sam", "sat", "on", "the", "mat", "a", "fish", "hid"]);
    const page = await teachPage(await database(), session.id);
    const [activity] = page.activities;
    expect(activity?.items.map(({ prompt, index }) => [prompt.code, index])).toEqual([
      ["read-text", null],
      ...session.words.map((_: string, k: number) => ["read-in-text", k]),
      ["question", null],
      ["true-or-not", null],
    ]);
    const { status, body } = await mark(session.id, 1, { outcome: "wrong", typed: "sit" });
    expect(status).toBe(201);
    expect(body.verdict.units.map(({ result }: { result: string }) => result)).toEqual([
      "right",
      "substitution",
      "right",
    ]);
  });

  it("its words are not what the next lesson passes over, nor what comes again next week unless somebody had them wrong", async () => {
    const other = { name: "Reeds", sequenceId: "short-vowels-first", step: 13, learners: ["Knot"] };
    const { id, learners } = (await send("POST /api/groups", { body: other })).body;
    const set = (await send("POST /api/sets", { body: { groupId: id, title: "Sam", content } })).body;
    const session = (await start({ groupId: id, setId: set.id })).body;
    await mark(session.id, 6, { outcome: "wrong" }, { learnerId: learners[0].id });
    expect(await recentWords(await database(), id)).toEqual([]);
    const inAWeek = new Date(Date.now() + 7 * 24 * 60 * 60 * 1000);
    expect(await wordsOfLastWeek(await database(), id, inAWeek)).toEqual(["fish"]);
  });

  it("a lesson that was begun before its words could be marked goes on as it was", async () => {
    const session = (await start({ setId: (await save()).body.id })).body;
    const db = await database();
    const activities = session.run.activities.map((activity: object) => ({ ...activity, targets: [null] }));
    await db
      .update(sessions)
      .set({ run: { ...session.run, activities } })
      .where(eq(sessions.id, session.id));
    const { activities: shown } = await teachPage(db, session.id);
    expect(shown[0]?.items.map(({ prompt }) => prompt.code)).toEqual(["read-text"]);
  });

  it("what is asked about it is looked over: sentences as what is read, questions as what is said", async () => {
    const refusedFor = async (more: object) => {
      const { id } = (await save(more)).body;
      return (await start({ setId: id })).body.error?.message;
    };
    expect(await refusedFor({ statements: [{ sentence: "The train is late.", isTrue: true }] })).toMatch(
      /train is not within reach yet/,
    );
    expect(await refusedFor({ questions: ["Where was the train?"] })).toBeUndefined();
    expect((await save({ questions: ["Who had a gun?"] })).body.error.message).toMatch(/kept out/);
    expect((await save({ questions: ["x".repeat(201)] })).status).toBe(400);
    expect((await save({ statements: Array(9).fill({ sentence: "Sam sat.", isTrue: true }) })).status).toBe(400);
  });

  it("its own sentences are asked about: which word fits in them", async () => {
    const text = "The fish hid in the shed. Sam sat on the mat. The dog had the cup. The hen got in the pot.";
    const { id } = (await save({ text })).body;
    await send("PUT /api/groups/:groupId/plan", { id: group.id, body: { minutes: 20, activities: [] } });
    const add = (textId: string) =>
      send("POST /api/plans/:planId/activities", {
        id: group.id,
        body: { ...AIM, focus: [], kind: "which-word", seed: 1, textId },
      });
    const { status, body } = await add(id);
    expect(status, JSON.stringify(body)).toBe(201);
    const { items } = body.activities.at(-1).content;
    expect(items.length).toBeGreaterThan(1);
    for (const { sentence, word, foils } of items) {
      expect(text).toContain(sentence);
      expect(sentence.split(/\W+/)).toContain(word);
      expect(foils).toHaveLength(2);
    }
    expect((await add(NOBODY)).status).toBe(404);
    const pairs = { kind: "pairs", a: ["ɪ"], b: ["e"], pairs: [{ a: "pin", b: "pen", position: "medial" }] };
    const other = (await send("POST /api/sets", { body: { groupId: group.id, content: pairs } })).body;
    expect((await add(other.id)).body.error.message).toMatch(/no text of the group/);
  });

  it("written from dictation it has no strokes between its phrases", async () => {
    const session = (await start({ setId: (await save({ use: "dictate" })).body.id })).body;
    expect(session.words).toEqual(["“Sam sat on the mat.”", "“A fish hid.”"]);
  });
});

describe("what does not fit the group now", () => {
  const putTo = (step: number) =>
    send("PATCH /api/groups/:groupId", { id: group.id, body: { sequenceId: "short-vowels-first", step } });
  const savedChain = async (words: string[], shape?: object) =>
    (await send("POST /api/chains", { body: { groupId: group.id, words, aim: AIM, ...(shape && { shape }) } })).body.id;
  const planned = async (chainId: string) => {
    await send("PUT /api/groups/:groupId/plan", { id: group.id, body: { minutes: 20, activities: [] } });
    return (await send("POST /api/plans/:planId/activities", { id: group.id, body: { chainId } })).body.activities[0]
      .id;
  };
  const faults = async () => (await send("GET /api/groups/:groupId/plan", { id: group.id })).body.faults;

  it("a plan is looked over anew whenever it is asked for, and is not begun while it does not fit", async () => {
    await draft();
    expect(await faults()).toEqual([]);
    await putTo(4);
    const found = await faults();
    expect(found.map(({ code }: { code: string }) => code)).toEqual(expect.arrayContaining(["refused", "not-taught"]));
    const refused = await start({ lesson: true });
    expect(refused.status).toBe(400);
    expect(refused.body.error.message).toMatch(/does not fit the group now: .* is not within reach yet/);
    expect((await start({ activityId: found[0].activity })).status).toBe(400);
    const redrafted = await send("POST /api/groups/:groupId/plan", {
      id: group.id,
      body: { ...AIM, focus: [], minutes: 20, seed: 1 },
    });
    expect(redrafted.body.faults).toEqual([]);
    expect((await start({ lesson: true })).status).toBe(201);
    await putTo(13);
  });

  it("words that do fit mend an activity; the answer says what is left", async () => {
    const { activities } = await draft();
    const { id } = activities.find(({ kind }) => kind === "blending") as Part;
    const against = (all: { activity: string }[]) => all.filter(({ activity }) => activity === id).length;
    await putTo(4);
    expect(against(await faults())).toBeGreaterThan(0);
    const { status, body } = await send("PATCH /api/plans/:planId/activities/:activityId", {
      params: { planId: group.id, activityId: id },
      body: { words: ["sat", "at"] },
    });
    expect(status).toBe(200);
    expect(against(body.faults)).toBe(0);
    expect(body.faults.length).toBeGreaterThan(0);
    expect((await start({ activityId: id })).body.words).toEqual(["sat", "at"]);
    await putTo(13);
  });

  it.each([
    ["a word that is not taught", ["cat", "coat"], "refused"],
    ["a step of two changes", ["cat", "dog"], "no-step"],
    ["a swap that was not asked for", ["act", "cat"], "no-step"],
    ["a word that is none", ["cat", "xqz"], "not-nonsense"],
  ])("a chain with %s", async (_, words, code) => {
    const chainId = await savedChain(words);
    expect((await start({ chainId })).status).toBe(400);
    const activityId = await planned(chainId);
    const found = (await faults()).filter(({ activity }: { activity: string }) => activity === activityId);
    expect(found.map((fault: { code: string }) => fault.code)).toContain(code);
    expect((await start({ activityId })).status).toBe(400);
    expect((await start({ lesson: true })).status).toBe(400);
  });

  it("a swap that was asked for, and a nonsense word that passes its screens, may stand in a chain", async () => {
    await putTo(20);
    const chainId = await savedChain(["act", "cat", "zat"], { length: 3, locked: [], moves: ["change", "swap"] });
    const { status, body } = await start({ chainId });
    expect(status).toBe(201);
    // Said again at the end; another nonsense word would be a substitution of the keys.
    const again = (words: string[]) =>
      send("POST /api/sessions/:sessionId/words", {
        id: body.id,
        body: { activityId: body.run.activities[0].id, words },
      });
    expect((await again(["zat"])).status).toBe(200);
    expect((await again(["zan"])).body.error.message).toMatch(/zan is not in the word list/);
    await putTo(13);
  });

  it("a chain for the ears is heard, not read: no letters, nothing marked as read", async () => {
    const chainId = await savedChain(["kite", "cot", "coat", "goat"], { length: 4, locked: [], mode: "ears-only" });
    const { body } = await start({ chainId });
    expect(body.words).toEqual(["change-middle:kite", "change-middle:cot", "change-beginning:coat"]);
    expect((await mark(body.id, 0, {})).status).toBe(400);
    const [activity] = body.run.activities;
    expect(activity.own).toBeUndefined();
    expect(
      activity.content.parts.map(({ skill, items }: { skill: string; items: [] }) => [skill, items.length]),
    ).toEqual([
      ["change-middle", 2],
      ["change-beginning", 1],
    ]);
    await planned(chainId);
    expect(await faults()).toEqual([]);
    await planned(await savedChain(["kite", "dog"], { length: 4, locked: [], mode: "ears-only" }));
    expect((await faults()).map(({ code }: { code: string }) => code)).toEqual(["empty"]);
    await send("PUT /api/groups/:groupId/plan", { id: group.id, body: { minutes: 20, activities: [] } });
  });
});

describe("words on the spot", () => {
  const chain = async () => {
    const { body } = await send("POST /api/chains", { body: { groupId: group.id, words: ["cat", "cap"], aim: AIM } });
    return (await start({ chainId: body.id })).body;
  };

  it("a word within reach comes in at the end, can be marked, and moves no earlier mark", async () => {
    const session = await chain();
    const activityId = session.run.activities[0].id;
    await mark(session.id, 1, { outcome: "wrong" });
    const { status, body } = await send("POST /api/sessions/:sessionId/words", {
      id: session.id,
      body: { activityId, words: ["map", "cap"] },
    });
    expect(status).toBe(200);
    expect(body.items.map(({ index, word }: { index: number; word: { word: string } }) => [index, word.word])).toEqual([
      [0, "cat"],
      [1, "cap"],
      [2, "map"],
      [3, "cap"],
    ]);
    expect((await mark(session.id, 3, {})).body.word).toBe("cap");
    const { responses } = (await send("GET /api/sessions/:sessionId", { id: session.id })).body;
    expect(
      responses
        .map((one: { wordIndex: number; answer: { outcome: string } }) => [one.wordIndex, one.answer.outcome])
        .sort(),
    ).toEqual([
      [1, "wrong"],
      [3, "right"],
    ]);
  });

  it.each([
    ["a word that is not within reach", { words: ["rain"] }, 400, /rain is not within reach yet/],
    ["a word that is kept out", { words: ["twat"] }, 400, /twat is kept out/],
    ["a word that is none", { words: ["qqqq"] }, 400, /not in the word list/],
    ["an emoji", { words: ["🙂"] }, 400, /letters a to z/],
    ["no word", { words: [] }, 400, /at least one word/],
    ["500 words", { words: Array(500).fill("cat") }, 400, /at most 20/],
    ["an activity that is not there", { activityId: "x", words: ["map"] }, 404, /no such activity/],
  ])("%s is refused, and nothing comes in", async (_, more, status, says) => {
    const session = await chain();
    const answer = await send("POST /api/sessions/:sessionId/words", {
      id: session.id,
      body: { activityId: session.run.activities[0].id, ...more },
    });
    expect(answer.status).toBe(status);
    expect(answer.body.error.message).toMatch(says);
    expect((await send("GET /api/sessions/:sessionId", { id: session.id })).body.session.words).toEqual(["cat", "cap"]);
  });

  it("what a lesson has shown so far is told, with words that would make it sure", async () => {
    const { body } = await send("POST /api/chains", { body: { groupId: group.id, words: ["fun", "sun"], aim: AIM } });
    const session = (await start({ chainId: body.id })).body;
    const shown = async (query = "word=sun") =>
      (await send("GET /api/sessions/:sessionId/so-far", { id: session.id, query })).body.shown;
    expect(await shown()).toBeUndefined();
    const wrong = { outcome: "wrong", substitutions: [{ unit: 1, said: ["ɒ"] }] };
    await mark(session.id, 0, wrong);
    expect(await shown()).toBeUndefined();
    await mark(session.id, 1, wrong);
    const told = await shown();
    expect(told).toMatchObject({ nickname: "Gull", gpc: "u=ʌ", said: ["ɒ"], times: 2, chances: 2, isSure: false });
    expect(told.words).toHaveLength(2);
    for (const word of told.words) expect(checkStep("sun", word).single, word).toBe(true);
    expect((await shown("")).words).toEqual([]);
  });

  it("cards and gaps take no words", async () => {
    const { activities } = await draft();
    const cards = activities.find(({ kind }) => kind === "sound-cards") as Part;
    const session = (await start({ activityId: cards.id })).body;
    const answer = await send("POST /api/sessions/:sessionId/words", {
      id: session.id,
      body: { activityId: cards.id, words: ["cat"] },
    });
    expect(answer.body.error.message).toMatch(/cannot be put into this activity/);
  });
});

describe("what goes to the record", () => {
  it("tiles: every attempt, the first one telling; counted apart from reading", async () => {
    const { body } = await send("POST /api/chains", { body: { groupId: group.id, words: ["pen", "pan"], aim: AIM } });
    const session = (await start({ chainId: body.id })).body;
    const built = [
      ["p", "i", "n"],
      ["p", "e", "n"],
    ];
    const stored = await mark(session.id, 0, { outcome: "self-corrected", built }, { mode: "built" });
    expect(stored.body.verdict).toMatchObject({
      outcome: "self-corrected",
      units: [{ result: "right" }, { result: "substitution", said: ["ɪ"], built: "i" }, { result: "right" }],
    });
    const rows = async (way: string) =>
      (await send("GET /api/evidence", { query: `groupId=${group.id}&way=${way}` })).body.rows as {
        gpc: string;
        wrong: number;
      }[];
    expect((await rows("built")).find(({ gpc }) => gpc === "e=e")?.wrong).toBe(1);
    expect((await rows("read")).find(({ gpc }) => gpc === "e=e")?.wrong ?? 0).toBe(0);
    expect((await send("GET /api/evidence", { query: `groupId=${group.id}&way=sung` })).status).toBe(400);
    const read = await mark(session.id, 1, { built: [["p", "a", "n"]] });
    expect(read.body.error.message).toMatch(/Only a word that was built/);
  });

  it("ears only: right or what was said, by sound and by what was practised, apart from reading and in no word list", async () => {
    const heard = (text: string, sounds: string) => ({ text, sounds: sounds.split(" "), isWord: true });
    const first = (word: string, sounds: string) => ({
      ...{ skill: "first-sound", kind: "which-sound", key: word, place: "beginning" },
      ...{ first: heard(word, sounds), answer: sounds.split(" ")[0] },
    });
    const parts = [{ skill: "first-sound", items: [first("fish", "f ɪ ʃ"), first("ship", "ʃ ɪ p")] }];
    const content = { kind: "ears-only", parts };
    const set = (await send("POST /api/sets", { body: { groupId: group.id, title: "Ears", content } })).body;
    const session = (await start({ setId: set.id })).body;
    expect(session.words).toEqual(["first-sound:fish", "first-sound:ship"]);
    const before = (await send("GET /api/evidence", { query: `groupId=${group.id}` })).body;
    const oral = (index: number, answer: object) => mark(session.id, index, answer, { mode: "oral" });
    expect((await oral(0, {})).body.verdict.units.map(({ result }: { result: string }) => result)).toEqual([
      "right",
      "not-known",
      "not-known",
    ]);
    await oral(1, { outcome: "wrong", typed: "s" });
    const heardNow = (await send("GET /api/evidence", { query: `groupId=${group.id}&way=heard` })).body;
    const rows = heardNow.rows.map(({ gpc, wrong, chances }: Record<string, unknown>) => [gpc, wrong, chances]);
    expect(rows).toEqual([
      ["=ʃ", 1, 1],
      ["=f", 0, 1],
    ]);
    expect((await send("GET /api/evidence", { query: `groupId=${group.id}` })).body).toEqual(before);
    const { skills } = await evidencePage(await database(), group.id, null, "heard");
    expect(skills).toEqual([{ skill: "first-sound", right: 1, all: 2, by: [{ learner: "Gull", right: 1, all: 2 }] }]);
    const opened = await send("GET /api/evidence/responses", {
      query: `groupId=${group.id}&way=heard&gpc=${encodeURIComponent("=ʃ")}&said=s&wrong=true`,
    });
    expect(opened.body.responses.map(({ word, typed }: Record<string, unknown>) => [word, typed])).toEqual([
      ["ship", "s"],
    ]);
    const { disagreements } = await import("../../src/server/evidence/recount.ts");
    expect(await disagreements(await database(), gull() as LearnerId)).toEqual([]);
    expect((await oral(0, { substitutions: [{ unit: 3, said: ["s"] }], outcome: "wrong" })).body.error.message).toMatch(
      /3 sounds/,
    );
    expect((await mark(session.id, 0, {}, { mode: "read" })).body.error.message).toMatch(
      /cannot be answered in this way/,
    );
  });

  it("a dictated word that sounds like another wants a sentence to be said with it, fit to be heard", async () => {
    await send("PUT /api/groups/:groupId/plan", { id: group.id, body: { minutes: 20, activities: [] } });
    const kind = { ...AIM, kind: "dictation", seed: 1 };
    const added = (await send("POST /api/plans/:planId/activities", { id: group.id, body: kind })).body;
    const params = { planId: group.id, activityId: added.activities[0].id };
    const edit = (body: object) => send("PATCH /api/plans/:planId/activities/:activityId", { params, body });
    const refused = await edit({ words: ["sun", "ship"], sentences: [] });
    expect([refused.status, refused.body.error.message]).toEqual([400, expect.stringMatching(/sun sounds like son/)]);
    const unfit = await edit({ words: ["sun"], sentences: [], contexts: ["The sun is a gun."] });
    expect([unfit.status, unfit.body.error.message]).toEqual([400, expect.stringMatching(/gun/)]);
    // What is only said may hold any other word.
    expect((await edit({ words: ["sun", "ship"], sentences: [], contexts: ["The sun shines today."] })).status).toBe(
      200,
    );
    const session = (await start({ lesson: true })).body;
    const [first, second] = (await teachPage(await database(), session.id)).activities.flatMap(({ items }) => items);
    expect(first?.prompt).toEqual({ code: "dictate", word: "sun", context: "The sun shines today." });
    expect(second?.prompt).toEqual({ code: "dictate", word: "ship" });
  });

  it("a dictated sentence: each of its words counts as written, by the school's rules; taken from paper it is no late mark", async () => {
    await send("PUT /api/groups/:groupId/plan", { id: group.id, body: { minutes: 20, activities: [] } });
    const kind = { ...AIM, kind: "dictation", seed: 1 };
    const added = (await send("POST /api/plans/:planId/activities", { id: group.id, body: kind })).body;
    const edited = await send("PATCH /api/plans/:planId/activities/:activityId", {
      params: { planId: group.id, activityId: added.activities[0].id },
      body: { words: ["ship"], sentences: ["The ship is big."] },
    });
    expect(edited.status, JSON.stringify(edited.body)).toBe(200);
    const session = (await start({ lesson: true })).body;
    const at = session.words.indexOf("“The ship is big.”");
    expect(at).toBeGreaterThan(0);
    const items = (await teachPage(await database(), session.id)).activities.flatMap((one) => one.items);
    expect(items.find(({ index }) => index === at)).toMatchObject({ mode: "sentence", word: undefined });
    const built = async () => {
      const { rows } = (await send("GET /api/evidence", { query: `groupId=${group.id}&way=built` })).body;
      return Object.fromEntries(rows.map(({ gpc, wrong, chances }: Record<string, number>) => [gpc, [wrong, chances]]));
    };
    const before = await built();
    const judged = await send("POST /api/sessions/:sessionId/verdicts", {
      id: session.id,
      body: { wordIndex: at, mode: "sentence", typed: "the sip is big" },
    });
    expect(judged.body.sentence.broken).toEqual(["capital", "stop"]);
    await send("PATCH /api/sessions/:sessionId", { id: session.id, body: { ended: true } });
    const answer = { outcome: "written-again", typed: "the sip is big" };
    const stored = await mark(session.id, at, answer, { mode: "sentence", onPaper: true });
    expect([stored.status, stored.body.late]).toEqual([201, undefined]);
    const after = await built();
    const [wrong, chances] = before["sh=ʃ"] ?? [0, 0];
    expect(after["sh=ʃ"]).toEqual([wrong + 1, chances + 1]);
    const { disagreements } = await import("../../src/server/evidence/recount.ts");
    expect(await disagreements(await database(), gull() as LearnerId)).toEqual([]);
    expect((await mark(session.id, at, {}, { mode: "wrote" })).status).toBe(400);
  });

  it("words kept back are counted apart, and are in no row", async () => {
    const { activities } = await draft();
    const heldBack = activities.find((one) => one.heldBack) as Part;
    const session = (await start({ lesson: true })).body;
    const at = session.words.indexOf(heldBack.content?.words?.[0]);
    const before = (await send("GET /api/evidence", { query: `groupId=${group.id}` })).body;
    const stored = await mark(session.id, at, { outcome: "wrong", substitutions: [{ unit: 0, said: ["f"] }] });
    const after = (await send("GET /api/evidence", { query: `groupId=${group.id}` })).body;
    expect(after.rows).toEqual(before.rows);
    expect(after.heldBack).toEqual({ right: before.heldBack.right, all: before.heldBack.all + 1 });
    const query = `groupId=${group.id}&heldBack=true`;
    const opened = (await send("GET /api/evidence/responses", { query })).body.responses;
    expect(opened.map(({ id }: { id: string }) => id)).toContain(stored.body.id);
    expect(after.practised).toEqual(before.practised);
  });

  it("cards: a sound card is answered to, and is no reading of a word", async () => {
    const { activities } = await draft();
    const cards = activities.find(({ kind }) => kind === "sound-cards") as Part;
    const session = (await start({ activityId: cards.id })).body;
    const before = (await send("GET /api/evidence", { query: `groupId=${group.id}` })).body;
    const stored = await mark(session.id, 0, {}, { mode: "card" });
    expect(stored.body.verdict.units).toHaveLength(1);
    expect((await send("GET /api/evidence", { query: `groupId=${group.id}` })).body).toEqual(before);
  });
});

describe("packs", () => {
  const packs = async (day = "2026-11-25") =>
    (await packsPage(await database(), group.id, new Date(`${day}T12:00:00Z`)))?.packs;

  it("a card right nine times on two days leaves its learner's pack, and nobody else's; a learner's pack is for them alone", async () => {
    const card = (await packs())?.[1]?.sounds.pack[0] as string;
    for (let k = 0; k < 9; k++) {
      const session = (await start({ learnerId: gull(), pack: "sounds" })).body;
      expect(session.run.learnerId).toBe(gull());
      expect(session.title).not.toContain("Gull");
      const at = `2026-11-${k < 4 ? "23" : "24"}T09:0${k}:00Z`;
      await mark(session.id, session.words.indexOf(card), {}, { mode: "card", at });
    }
    const [own, other] = (await packs()) ?? [];
    expect(own?.sounds.pack).not.toContain(card);
    expect(own?.sounds.resting).toEqual([{ card, on: "2026-12-01" }]);
    expect(other?.sounds.pack).toContain(card);
    expect((await packs("2026-12-01"))?.[0]?.sounds.due).toEqual([card]);
    const session = (await start({ learnerId: gull(), pack: "sounds" })).body;
    expect((await teachPage(await database(), session.id)).group.learners.map(({ id }) => id)).toEqual([gull()]);
  });

  it("words learnt whole have a pack of their own; what is no pack or nobody's is refused", async () => {
    const words = (await start({ learnerId: gull(), pack: "words" })).body.words;
    expect(words.length).toBeGreaterThan(2);
    expect((await start({ learnerId: NOBODY, pack: "words" })).status).toBe(404);
    expect((await start({ learnerId: gull(), pack: "songs" })).status).toBe(400);
    expect(await packsPage(await database(), NOBODY, new Date()).catch((error) => error.code)).toBe("not-found");
  });
});

describe("the shelf, templates, and what was taken out", () => {
  const NOT_FILLED_YET: readonly string[] = ["text", "free", "word-parts", "which-spelling"];
  it.each(ACTIVITY_KIND_IDS.filter((kind) => !NOT_FILLED_YET.includes(kind)))(
    "%s is put in, filled with the lesson's words",
    async (kind) => {
      await draft({ minutes: 20 });
      const { status, body } = await send("POST /api/plans/:planId/activities", {
        id: group.id,
        body: { ...AIM, kind, seed: 2 },
      });
      expect(status).toBe(201);
      const added = body.activities.at(-1);
      expect(added.kind).toBe(kind);
      expect(added.minutes).toBeGreaterThan(0);
    },
  );

  it("words that sound the same are put in once two of them can be read, and are taught with a sentence each", async () => {
    const kind = { ...AIM, focus: [], kind: "which-spelling", seed: 2 };
    const early = await send("POST /api/plans/:planId/activities", { id: group.id, body: kind });
    expect([early.status, early.body.error.message]).toEqual([400, expect.stringMatching(/\w/)]);
    const body = { name: "Spits", sequenceId: "short-vowels-first", step: 30, learners: ["Auk"] };
    const { id } = (await send("POST /api/groups", { body })).body;
    const plan = await send("POST /api/plans/:planId/activities", { id, body: kind });
    expect(plan.status).toBe(201);
    const session = (await send("POST /api/sessions", { body: { groupId: id, lesson: true } })).body;
    const [activity] = (await teachPage(await database(), session.id)).activities;
    expect(activity?.items.length).toBeGreaterThan(1);
    for (const { prompt, mode, index } of activity?.items ?? [])
      expect([prompt.code, mode, index === null]).toEqual(["which-spelling", "chose", false]);
  });

  it("parts of words are put in once an ending has been taught, and refused in words before", async () => {
    const add = (id: string) =>
      send("POST /api/plans/:planId/activities", { id, body: { ...AIM, focus: [], kind: "word-parts", seed: 2 } });
    const early = await add(group.id);
    expect([early.status, early.body.error.message]).toEqual([400, expect.stringMatching(/\w/)]);
    const body = { name: "Later", sequenceId: "short-vowels-first", step: 30, learners: ["Auk"] };
    const later = (await send("POST /api/groups", { body })).body.id;
    const { status, body: plan } = await add(later);
    expect(status).toBe(201);
    const { content } = plan.activities.at(-1);
    expect(content.items.length).toBeGreaterThan(1);
    expect(content.meaning).toMatch(/\w/);
  });

  it("a text is checked word by word; today's sound is looked for in it", async () => {
    const add = (text: string, kind = "text") =>
      send("POST /api/plans/:planId/activities", { id: group.id, body: { ...AIM, kind, text, seed: 2 } });
    const good = await add("Sam has a thin path.");
    expect(good.body.activities.at(-1).content).toEqual({
      kind: "text",
      text: "Sam has a thin path.",
      targets: ["th=θ"],
    });
    expect((await add("The train is late.")).body.error.message).toMatch(/train is not within reach yet/);
    expect((await add("a twat")).body.error.message).toMatch(/twat is kept out/);
    expect((await add("")).body.error.message).toMatch(/no text/);
    expect((await add("x".repeat(1001))).status).toBe(400);
    expect((await add("Clap your hands", "free")).status).toBe(201);
    expect(
      (await send("POST /api/plans/:planId/activities", { id: group.id, body: { ...AIM, kind: "juggling", seed: 1 } }))
        .status,
    ).toBe(400);
  });

  it("what was taken out can be put back where it was, whether or not it is said what was there before", async () => {
    const { activities } = await draft();
    const sent = (list: readonly Part[]) => ({
      minutes: 30,
      activities: list.map(({ id, minutes }) => ({ id, minutes })),
    });
    const store = async (list: readonly Part[], base?: readonly Part[]) => {
      const body = { ...sent(list), ...(base && { base: sent(base) }) };
      return (await send("PUT /api/groups/:groupId/plan", { id: group.id, body })).body;
    };
    const rest = activities.slice(1);
    for (const says of [false, true]) {
      const without = await store(rest, says ? activities : undefined);
      expect(without.activities).toHaveLength(activities.length - 1);
      const back = await store(activities, says ? rest : undefined);
      expect(back.activities.map(({ id }: Part) => id)).toEqual(activities.map(({ id }) => id));
      expect(back.activities[0].content).toEqual(activities[0]?.content);
    }
  });

  it("the line of a lesson is kept, drafted by again with other words, and taken out; those that ship stay", async () => {
    const { activities } = await draft();
    const made = (await send("POST /api/templates", { body: { name: "Ours", groupId: group.id } })).body;
    const all = (await send("GET /api/templates")).body;
    expect(all.map(({ name, shipped }: { name: string; shipped: boolean }) => [name, shipped])).toEqual([
      ["Ours", false],
      ["A whole lesson", true],
      ["Mostly building and spelling", true],
    ]);
    const again = await draft({ templateId: made.id, seed: 11, minutes: 45 });
    // Lines to read go in last: rounded up for a longer lesson, the others may leave no room for them.
    const kinds = (list: readonly Part[], ifTime: boolean) =>
      list.filter((one) => one.ifTime === ifTime && one.kind !== "text").map(({ kind }) => kind);
    expect(kinds(again.activities, false)).toEqual(kinds(activities, false));
    expect(kinds(again.activities, true)).toEqual(kinds(activities, true));
    expect(again.activities.find(({ kind }) => kind === "read-chain")?.content).not.toEqual(
      activities.find(({ kind }) => kind === "read-chain")?.content,
    );
    const building = await draft({ templateId: "build-and-spell", minutes: 20 });
    expect(building.activities.find(({ ifTime }) => !ifTime)).toBeDefined();
    expect(building.activities.some(({ kind }) => kind === "build-chain")).toBe(true);
    expect((await send("DELETE /api/templates/:templateId", { id: "whole-lesson" })).status).toBe(400);
    expect((await send("DELETE /api/templates/:templateId", { id: made.id })).status).toBe(204);
    expect((await send("DELETE /api/templates/:templateId", { id: made.id })).status).toBe(404);
    expect(
      (
        await send("POST /api/groups/:groupId/plan", {
          id: group.id,
          body: { ...AIM, minutes: 20, seed: 1, templateId: made.id },
        })
      ).status,
    ).toBe(404);
    expect((await send("POST /api/templates", { body: { name: " ", groupId: group.id } })).status).toBe(400);
  });

  it("time to think grows short with the lessons about the same sound", async () => {
    const thinking = async () =>
      ((await draft()).activities[0] as unknown as { settings: { thinking: number } }).settings.thinking;
    const db = await database();
    const taught = (daysAgo: number) =>
      db.insert(sessions).values({
        id: newId<SessionId>(),
        groupId: group.id,
        title: "th",
        aim: AIM,
        run: { minutes: null, activities: [] },
        place: FIRST_PLACE,
        startedAt: new Date(Date.now() - daysAgo * 86_400_000),
      });
    // Two lessons on one day are one.
    const before = await thinking();
    await taught(2);
    await taught(2);
    expect(await thinking()).toBe(before - 1);
    await start({ lesson: true });
    expect(await thinking()).toBe(before - 1);
  });
});

describe("the clock and the week", () => {
  it("a group's pace is what its lessons took beside what they take", async () => {
    const slow = (
      await send("POST /api/groups", {
        body: { name: "Slow", sequenceId: "short-vowels-first", step: 13, learners: ["Auk"] },
      })
    ).body;
    const chain = await send("POST /api/chains", {
      body: { groupId: slow.id, words: ["cat", "cap", "map", "mat"], aim: AIM },
    });
    const db = await database();
    expect(await paceOf(db, slow.id)).toBe(1);
    for (let k = 0; k < 2; k++) {
      const session = (await send("POST /api/sessions", { body: { chainId: chain.body.id } })).body;
      const place = { activity: 0, item: 3, learnerId: null, seconds: { [session.run.activities[0].id]: 180 } };
      await send("PATCH /api/sessions/:sessionId", { id: session.id, body: { place } });
    }
    // Four words with a model take two minutes; three were taken.
    expect(await paceOf(db, slow.id)).toBeCloseTo(1.5, 5);
  });

  it("the week is a calendar file that a calendar reads: one event a day, at the time of the clock on the wall", async () => {
    const query = "from=2026-11-30&days=135&at=09:30&minutes=25&2026-12-02=sh%3Dʃ";
    const { status, body } = await send("GET /api/groups/:groupId/week.ics", { id: group.id, query });
    expect(status).toBe(200);
    const lines = (body as string).split("\r\n");
    expect(lines[0]).toBe("BEGIN:VCALENDAR");
    expect(lines.filter((line) => line === "BEGIN:VEVENT")).toHaveLength(3);
    expect(lines.filter((line) => line.startsWith("DTSTART"))).toEqual([
      "DTSTART:20261130T093000",
      "DTSTART:20261202T093000",
      "DTSTART:20261204T093000",
    ]);
    expect(lines.filter((line) => line.startsWith("DTEND"))[0]).toBe("DTEND:20261130T095500");
    expect(lines.some((line) => line === "SUMMARY:Dunes: sh (ship)")).toBe(true);
    expect(new Set(lines.filter((line) => line.startsWith("UID:"))).size).toBe(3);
    for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });

  it.each([
    ["from=tomorrow", /date such as/],
    ["days=89", /from 1 \(Monday\)/],
    ["at=25:00", /time such as/],
    ["minutes=400", /at most 90/],
  ])("%s is refused in words", async (query, says) => {
    const { status, body } = await send("GET /api/groups/:groupId/week.ics", { id: group.id, query });
    expect(status).toBe(400);
    expect(body.error.message).toMatch(says);
  });
});

describe("what is made ready after a start", () => {
  it("stores nothing: no lesson, no session", async () => {
    const counted = async () => ({
      plan: (await send("GET /api/groups/:groupId/plan", { id: group.id })).body,
      sessions: (await (await database()).select().from(sessions)).length,
    });
    const before = await counted();
    expect((await send("POST /api/warm-up", {})).body).toEqual({ ok: true });
    expect(await counted()).toEqual(before);
  });
});
