import { beforeAll, describe, expect, it } from "vitest";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** The school's choices, its own sequences and hand-ticks, through the endpoints over a real PGlite. */
freshDatabase("school");

const row = (spellings: string, more: object = {}) => ({
  name: "",
  spellings,
  patterns: "",
  irregularWords: "",
  ...more,
});
const SCHOOL = {
  accent: { accent: "general-american", mergers: ["wh-w"] },
  soundStyle: "letters",
  taps: { clustersTogether: false, vowelNasalTogether: false },
  allowLists: [],
  practice: {
    support: "tap-aloud",
    blending: "sound-by-sound",
    turns: "my-together-your",
    correction: "show-together-alone",
    thinking: 5,
    fading: "shorter",
  },
  mastery: { right: 9, of: 10, days: 2 },
  checklist: [
    { point: "capital", words: "" },
    { point: "spelling", words: "all my sounds" },
  ],
  counting: { tappedCounts: true, everyRepeatCounts: true, badLessonsCount: true },
  marks: ["taps", "lengths", "silent"],
  sentenceRules: ["capital", "stop"],
  never: [],
};
const NONE = { gpcs: [], patterns: [], words: [] };

let groupId: string;
const card = async (word: string) =>
  (await send("GET /api/words/:word", { id: word, query: `groupId=${groupId}` })).body;

beforeAll(async () => {
  const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 9, learners: ["Gull"] };
  groupId = (await send("POST /api/groups", { body })).body.id;
});

describe("the school's choices", () => {
  it("that two people change at once keep what either of them did", async () => {
    const base = (await send("GET /api/school")).body;
    const change = (more: object) => send("PUT /api/school", { body: { ...base, ...more, base } });
    await Promise.all([change({ never: ["gull"] }), change({ never: ["auk"], allowLists: ["weapons-and-fighting"] })]);
    expect((await send("GET /api/school")).body).toMatchObject({
      never: ["auk", "gull"],
      allowLists: ["weapons-and-fighting"],
    });
    await send("PUT /api/school", { body: SCHOOL });
  });

  it("are the defaults until somebody chooses, and then decide what a card says", async () => {
    expect((await send("GET /api/school")).body).toEqual(SCHOOL);
    expect((await card("bath")).card.readings[0].units[1].phonemes).toEqual(["æ"]);
    const british = { ...SCHOOL, accent: { accent: "southern-british", mergers: [] }, never: ["Zap", "bug", "bug"] };
    const { status, body } = await send("PUT /api/school", { body: british });
    expect(status).toBe(200);
    expect(body.never).toEqual(["bug", "zap"]);
    expect((await card("bath")).card.readings[0].units[1].phonemes).toEqual(["ɑː"]);
    expect((await send("PUT /api/school", { body: SCHOOL })).status).toBe(200);
  });

  it("say a word of its own as it was picked, everywhere, and keep what two people put in at once", async () => {
    const base = (await send("GET /api/school")).body;
    const put = (word: string, reading: string) =>
      send("PUT /api/school", {
        body: { ...base, accent: { ...base.accent, ownWords: [{ word, reading, isCapital: false }] }, base },
      });
    await Promise.all([put("zog", "z=z.o=ɒ.g=g"), put("vane", "v=v.a=ɑː.n=n.e=iː")]);
    const { ownWords } = (await send("GET /api/school")).body.accent;
    expect(ownWords.map(({ word }: { word: string }) => word).sort()).toEqual(["vane", "zog"]);
    expect((await card("zog")).card.readings[0].units.map((unit: { phonemes: string[] }) => unit.phonemes[0])).toEqual([
      "z",
      "ɒ",
      "g",
    ]);
    const older = (await send("PUT /api/school", { body: { ...base, never: ["gull"], base } })).body;
    expect([older.never, older.accent.ownWords.length]).toEqual([["gull"], 2]);
    await send("PUT /api/school", { body: SCHOOL });
    expect((await card("zog")).card).toBeUndefined();
  });

  it("refuse a word of its own that is kept out, or would sound like one", async () => {
    const ownWords = [
      { word: "damn", reading: "d=d.a=æ.mn=m", isCapital: false },
      { word: "phuk", reading: "ph=f.u=ʌ.k=k", isCapital: false },
      { word: "zog", reading: "z=z.o=ɒ.g=g", isCapital: false },
    ];
    const { status, body } = await send("PUT /api/school", {
      body: { ...SCHOOL, accent: { ...SCHOOL.accent, ownWords } },
    });
    expect(status).toBe(400);
    expect(body.error.fields).toHaveLength(2);
    expect(body.error.message).toMatch(/damn is kept out .*; phuk would sound like/);
    expect((await send("GET /api/school")).body).toEqual(SCHOOL);
  });

  it.each([
    ["an accent that is none", { ...SCHOOL, accent: { accent: "klingon", mergers: [] } }, /must be one of/],
    ["a merger that is none", { ...SCHOOL, accent: { accent: "southern-british", mergers: ["x"] } }, /must be one of/],
    [
      "a way of blending that is none",
      { ...SCHOOL, practice: { ...SCHOOL.practice, blending: "x" } },
      /must be one of/,
    ],
    ["more right answers than answers", { mastery: { right: 9, of: 5, days: 1 } }, /more right answers than answers/],
    ["a minute to think", { ...SCHOOL, practice: { ...SCHOOL.practice, thinking: 60 } }, /at most 20 seconds/],
    ["a never-list with a sentence", { ...SCHOOL, never: ["not this one"] }, /letters a to z/],
  ])("refuses %s, and keeps what was", async (_, body, says) => {
    const answer = await send("PUT /api/school", { body });
    expect(answer.status).toBe(400);
    expect(JSON.stringify(answer.body)).toMatch(says);
    expect((await send("GET /api/school")).body).toEqual(SCHOOL);
  });
});

describe("hand-ticks", () => {
  it("bring a word within reach, or take it out, for this group", async () => {
    expect((await card("ship")).card.today.decodable).toBe(false);
    const add = { ...NONE, gpcs: ["sh=ʃ"] };
    expect((await send("PUT /api/groups/:groupId/ticks", { id: groupId, body: { add, remove: NONE } })).status).toBe(
      200,
    );
    expect((await card("ship")).card.today.decodable).toBe(true);
    await send("PUT /api/groups/:groupId/ticks", { id: groupId, body: { add, remove: { ...NONE, gpcs: ["i=ɪ"] } } });
    expect((await card("ship")).card.today).toMatchObject({ decodable: false, missing: [{ grapheme: "i" }] });
    await send("PUT /api/groups/:groupId/ticks", { id: groupId, body: { add: NONE, remove: NONE } });
    expect((await card("ship")).card.today.decodable).toBe(false);
  });

  it("refuses what is no correspondence, and what is no group", async () => {
    const bad = { add: { ...NONE, gpcs: ["sh=q"] }, remove: NONE };
    expect((await send("PUT /api/groups/:groupId/ticks", { id: groupId, body: bad })).status).toBe(400);
    const nobody = "00000000-0000-4000-8000-000000000000";
    expect(
      (await send("PUT /api/groups/:groupId/ticks", { id: nobody, body: { add: NONE, remove: NONE } })).status,
    ).toBe(404);
  });
});

describe("words that are not in the list", () => {
  it("say what there is to say of them", async () => {
    expect(await card("one")).toMatchObject({ listed: false, unlisted: { status: "unsplittable", learntWhole: true } });
    expect(await card("shit")).toMatchObject({ listed: false, unlisted: { status: "kept-out" } });
    const nonsense = await card("chab");
    expect(nonsense.unlisted).toMatchObject({ status: "by-rule", word: "chab" });
    expect(nonsense.unlisted.readings[0].rules).toHaveLength(nonsense.unlisted.readings[0].units.length);
    expect(await card("bcd")).toMatchObject({ unlisted: { status: "unreadable" } });
  });
});

describe("the school's own sequences", () => {
  let id: string;

  it("are made, used by a group, changed, and given out as a CSV file that reads back the same", async () => {
    const rows = [row("s, a, t, p"), row("ow (snow), ck@end", { patterns: "-s", irregularWords: "the, was" })];
    const made = await send("POST /api/sequences", { body: { name: "Harbour order", rows } });
    expect(made.status).toBe(201);
    id = made.body.id;
    expect(made.body.steps[1]).toMatchObject({ patterns: ["suffix-s"], irregularWords: ["the", "was"] });
    expect((await send("PATCH /api/groups/:groupId", { id: groupId, body: { sequenceId: id, step: 2 } })).status).toBe(
      200,
    );
    expect((await card("tap")).card.firstStep).toBe(1);
    const { body: csv } = await send("GET /api/sequences/:sequenceId/csv", { id });
    expect(csv).toContain("step,spellings,patterns,irregular words");
    const back = await send("POST /api/sequence-imports", { body: { csv } });
    expect(back.body).toMatchObject({ problems: [], steps: made.body.steps, lines: [2, 3] });
  });

  it("cannot lose the step a group stands at, nor go while a group is in them", async () => {
    const short = await send("PUT /api/sequences/:sequenceId", {
      id,
      body: { name: "Harbour order", rows: [row("s, a, t, p")] },
    });
    expect(short.status).toBe(409);
    expect(short.body.error.message).toContain("Dunes stands at step 2");
    expect((await send("DELETE /api/sequences/:sequenceId", { id })).status).toBe(409);
    await send("PATCH /api/groups/:groupId", { id: groupId, body: { sequenceId: "phased", step: 1 } });
    expect((await send("DELETE /api/sequences/:sequenceId", { id })).status).toBe(204);
    expect((await send("GET /api/sequences/:sequenceId", { id })).status).toBe(404);
  });

  it("shipped ones stay as they are", async () => {
    const body = { name: "Mine", rows: [row("s")] };
    expect((await send("PUT /api/sequences/:sequenceId", { id: "phased", body })).body.error.message).toContain(
      "make a copy",
    );
    expect((await send("DELETE /api/sequences/:sequenceId", { id: "phased" })).status).toBe(400);
  });

  it.each([
    ["one that teaches nothing", { name: "Empty", rows: [row("")] }, /teaches nothing yet/],
    ["one with a sound that does not exist", { name: "Odd", rows: [row("ow=/q/")] }, /cannot be read/],
    ["one without a name", { name: " ", rows: [row("s")] }, /needs a name/],
  ])("refuses %s", async (_, body, says) => {
    const answer = await send("POST /api/sequences", { body });
    expect(answer.status).toBe(400);
    expect(answer.body.error.message).toMatch(says);
  });

  it("rows are checked without being stored: two steps that teach the same, letters that say several sounds", async () => {
    const { body } = await send("POST /api/sequence-checks", { body: { rows: [row("s a"), row("s"), row("ow")] } });
    expect(body.problems.map((p: { fault: { code: string } }) => p.fault.code)).toEqual(["taught-twice", "ambiguous"]);
  });

  it.each([
    ["an empty file", "", /file is empty/],
    ["a file of something else", "name,age\nx,3\n", /no column named "spellings".*name, age/],
  ])("a CSV reader refuses %s", async (_, csv, says) => {
    const answer = await send("POST /api/sequence-imports", { body: { csv } });
    expect(answer.status).toBe(400);
    expect(answer.body.error.message).toMatch(says);
  });

  it("names the line of every fault in a file", async () => {
    const csv = 'step,spellings\nfirst,"s, a"\n\nthird,"zzq"\n';
    const { body } = await send("POST /api/sequence-imports", { body: { csv } });
    expect(body.problems).toHaveLength(1);
    expect(body.lines[body.problems[0].row]).toBe(4);
  });

  it("words that tell where a group stands are given for any of them; a range that is none gives none", async () => {
    const asked = (sequenceId: string, query: string) =>
      send("GET /api/sequences/:sequenceId/telling-words", { params: { sequenceId }, query });
    const { body } = await asked("phased", "above=2&upTo=30");
    expect(body).toHaveLength(6);
    expect(body.every(({ step }: { step: number }) => step > 2 && step <= 30)).toBe(true);
    expect((await asked("phased", "above=30&upTo=2")).body).toEqual([]);
    expect((await asked("no-such-order", "above=0&upTo=9")).status).toBe(404);
    for (const query of ["", "above=-1&upTo=9", "above=0&upTo=x", "above=0.5&upTo=9", "above=0&upTo=99999"])
      expect((await asked("phased", query)).status, query).toBe(400);
  });
});
