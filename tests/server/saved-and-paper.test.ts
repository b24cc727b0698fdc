import { randomUUID } from "node:crypto";
import Papa from "papaparse";
import { beforeAll, describe, expect, it } from "vitest";
import type { GroupId, LearnerId } from "../../src/schemas/ids.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** What stands on the pages for paper, on the Texts screen and in the list of what was saved, from a real database. */
freshDatabase("saved-and-paper");
const { database } = await import("../../src/server/db/application-database.ts");
const { paperPage } = await import("../../src/server/chains/paper-page.ts");
const { learnerPage } = await import("../../src/server/evidence/learner-page.ts");
const { savedItems } = await import("../../src/server/saved/saved-page.ts");
const { printPage } = await import("../../src/server/sets/print-page.ts");
const { textsPage } = await import("../../src/server/sets/texts-page.ts");
const { LESSON_COLUMNS } = await import("../../src/server/plans/plan-files.ts");
const { worksheetPage } = await import("../../src/server/plans/worksheet-page.ts");

const AIM = { focus: [], contrasts: [] };
const WORDS = ["ship", "chip", "chop", "shop", "hop"];
let group: { id: GroupId; learners: { id: LearnerId; nickname: string }[] };

beforeAll(async () => {
  await database();
  const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 14, learners: ["Tern", "Gull"] };
  group = (await send("POST /api/groups", { body })).body;
});

const addressed = (words: string | null, more: { chain?: string; title?: string } = {}) => ({
  words,
  chain: more.chain ?? null,
  title: more.title ?? null,
});
const savedChain = async (words: readonly string[] = WORDS, title = "") =>
  (await send("POST /api/chains", { body: { groupId: group.id, words, title, aim: AIM } })).body;
const savedText = (text: string, use = "read") =>
  send("POST /api/sets", { body: { groupId: group.id, title: "", content: { kind: "text", text, targets: [], use } } });

describe("words on paper", () => {
  it("have the readings of their steps, what is said, and as many tiles as the word that needs most", async () => {
    const page = await paperPage(await database(), group.id, addressed("ship, chip → chop; cook noon"));
    expect(page.words.map(({ word }) => word)).toEqual(["ship", "chip", "chop", "cook", "noon"]);
    expect(page.prompts).toHaveLength(5);
    expect(page.prompts[1]).toMatchObject({ code: "change", answer: "chip", position: "initial" });
    expect(page.tiles.find(({ grapheme }) => grapheme === "n")).toEqual({ grapheme: "n", count: 2 });
    expect(page.notYet).toEqual(["cook", "noon"]);
    expect(page.title).toBe("ship to noon");
  });

  it("come from a saved chain with its title; what is kept out or cannot be read is left out and named", async () => {
    const chain = await savedChain(WORDS, "Boats");
    const page = await paperPage(await database(), group.id, addressed(null, { chain: chain.id }));
    expect([page.title, page.words.length]).toEqual(["Boats", WORDS.length]);
    const odd = await paperPage(await database(), group.id, addressed("ship twat xqz", { title: "x".repeat(200) }));
    expect(odd).toMatchObject({ keptOut: ["twat"], unread: ["xqz"] });
    expect(odd.words.map(({ word }) => word)).toEqual(["ship"]);
    expect(odd.title).toHaveLength(80);
  });

  it("are refused where there are none, or no such group or chain", async () => {
    const db = await database();
    await expect(paperPage(db, group.id, addressed("12, !?"))).rejects.toThrow(/no words/);
    await expect(paperPage(db, randomUUID() as GroupId, addressed("ship"))).rejects.toThrow(/group/);
    await expect(paperPage(db, group.id, addressed(null, { chain: randomUUID() }))).rejects.toThrow(/chain/);
  });
});

describe("a text", () => {
  it("is saved under its first words, planned as what it is for, and printed with what is not within reach", async () => {
    const { body, status } = await savedText("The ship is in the shed. A cottage is not.", "dictate");
    expect(status).toBe(201);
    expect(body.title).toBe("The ship is in the …");
    const plan = await send("POST /api/plans/:planId/activities", { id: group.id, body: { setId: body.id } });
    expect(plan.body.activities.at(-1)).toMatchObject({ kind: "text", title: body.title });
    const page = await printPage(await database(), body.id);
    expect(page).toMatchObject({ keptOut: [], notYet: expect.arrayContaining(["cottage"]) });
    const screen = await textsPage(await database(), group.id, body.id);
    expect(screen?.set?.content).toMatchObject({ kind: "text", use: "dictate" });
    expect(screen?.wanted.length).toBeGreaterThan(0);
  });

  it("travels as text, CSV and JSON; one that is not there does not", async () => {
    const text = "The ship is in the shed. A cottage is not, =1+1.";
    const { id } = (await savedText(text)).body;
    const plain = await send("GET /api/sets/:setId/text.txt", { id });
    expect(plain.body).toBe(text);
    expect(plain.headers.get("content-disposition")).toMatch(/attachment; filename=".+\.txt"/);
    const csv = (await send("GET /api/sets/:setId/text.csv", { id })).body as string;
    const [head, first] = csv.replace("\uFEFF", "").split("\r\n");
    expect([head, first]).toEqual(["word,kind,fits,targets", "The,irregular,true,0"]);
    expect(csv).toContain("\r\ncottage,not-yet,false,0\r\n");
    const json = (await send("GET /api/sets/:setId/text.json", { id })).body;
    expect(json).toMatchObject({ format: "zip-step-text", version: 1, text });
    const fitting = json.words.filter(({ fits }: { fits: boolean }) => fits).length;
    expect(json.decodable).toBeCloseTo(fitting / json.words.length);
    expect((await send("GET /api/sets/:setId/text.csv", { id: randomUUID() })).status).toBe(404);
  });

  it("with a word that is kept out is not saved, with its 's neither; an empty or endless one is refused", async () => {
    for (const text of ["A twat sat.", "The twat's hat."]) {
      const { status, body } = await savedText(text);
      expect([status, JSON.stringify(body)]).toEqual([400, expect.stringContaining("twat")]);
    }
    expect((await savedText("  ")).status).toBe(400);
    expect((await savedText("a cat ".repeat(1000))).status).toBe(400);
  });

  it("is watched for words that somebody got wrong in the last lessons, not for those put right", async () => {
    const session = (await send("POST /api/sessions", { body: { chainId: (await savedChain()).id } })).body;
    const mark = (wordIndex: number, outcome: string) =>
      send("POST /api/responses", {
        body: {
          ...{ id: randomUUID(), sessionId: session.id, learnerId: group.learners[0]?.id, wordIndex, mode: "read" },
          ...{ answer: { outcome, substitutions: [] }, at: "2026-11-24T09:30:00Z" },
        },
      });
    await mark(0, "wrong");
    await mark(1, "self-corrected");
    await mark(2, "right");
    expect((await textsPage(await database(), group.id, null))?.watched).toEqual(["ship"]);
  });
});

describe("a lesson", () => {
  const planOf = async (kinds: readonly string[]) => {
    await send("PUT /api/groups/:groupId/plan", { id: group.id, body: { minutes: 20, activities: [] } });
    for (const kind of kinds)
      expect(
        (await send("POST /api/plans/:planId/activities", { id: group.id, body: { ...AIM, kind, seed: 2 } })).status,
      ).toBe(201);
  };
  const taken = async (ending: "txt" | "csv" | "json") =>
    (await send(`GET /api/plans/:planId/lesson.${ending}`, { id: group.id })).body;

  it("is taken out as text, as CSV with one thing that is said a row, and as JSON with all of it", async () => {
    await planOf(["dictation", "which-word", "sound-cards"]);
    const json = await taken("json");
    const file = typeof json === "string" ? JSON.parse(json) : json;
    expect(file).toMatchObject({ format: "zip-step-lesson", version: 1, group: "Dunes", minutes: 20 });
    const [dictation, which] = file.activities.map(({ content }: { content: object }) => content);
    const csv = ((await taken("csv")) as string).replace("\uFEFF", "");
    const { data } = Papa.parse<Record<string, string>>(csv.trim(), { header: true });
    expect(Object.keys(data[0] ?? {})).toEqual([...LESSON_COLUMNS]);
    expect(data.filter(({ prompt }) => prompt === "dictate").map(({ answer }) => answer)).toEqual(dictation.words);
    const chosen = data.filter(({ prompt }) => prompt === "which-word");
    for (const [k, { word, foils }] of which.items.entries()) {
      expect(chosen[k]?.answer).toBe(word);
      expect(chosen[k]?.choices?.split(" ").sort()).toEqual([word, ...foils].sort());
    }
    const text = (await taken("txt")) as string;
    for (const word of dictation.words) expect(text).toContain(`\n${word}\n`);
    expect(text.split("\n\n")).toHaveLength(3);
    expect((await send("GET /api/plans/:planId/lesson.csv", { id: randomUUID() })).status).toBe(404);
  });

  it("on learners' paper has nothing that does not fit, nothing kept back, and no word that has been put away since", async () => {
    await planOf(["dictation", "word-list", "which-word"]);
    const all = await worksheetPage(await database(), group.id);
    expect(all?.activities.map(({ activity }) => activity.kind)).toEqual(["dictation", "word-list", "which-word"]);
    const words = all?.activities[1]?.prompts.flatMap((prompt) => (prompt.code === "read" ? [prompt.word] : [])) ?? [];
    const [away = ""] = words;
    const school = (await send("GET /api/school", {})).body;
    await send("PUT /api/school", { body: { ...school, never: [away] } });
    const left = await worksheetPage(await database(), group.id);
    expect(left?.activities).toHaveLength(3);
    expect(JSON.stringify(left?.activities.map(({ prompts }) => prompts))).not.toContain(`"${away}"`);
    await send("PUT /api/school", { body: school });
    // Put back to where none of it has been taught, the group has none of it on paper.
    const put = (step: number) =>
      send("PATCH /api/groups/:groupId", { id: group.id, body: { sequenceId: "short-vowels-first", step } });
    await put(1);
    const early = await worksheetPage(await database(), group.id);
    expect([early?.activities.length, early?.leftOut.length]).toEqual([0, 3]);
    await put(14);
  });
});

describe("a learner on one page", () => {
  it("has ten words that are within reach; who is in no such group has none", async () => {
    const [first] = group.learners;
    const page = await learnerPage(
      await database(),
      group.id,
      first?.id as LearnerId,
      new Date("2026-11-25T10:00:00Z"),
    );
    expect(page.learner.nickname).toBe("Tern");
    expect(page.words).toHaveLength(10);
    expect(page.working.map(({ gpc }) => gpc)).toContain("o=ɒ");
    await expect(learnerPage(await database(), group.id, randomUUID() as LearnerId, new Date())).rejects.toThrow();
  });
});

describe("all that was saved", () => {
  it("has chains, sets and lessons, the one touched last first; a chain is gone once it is deleted, its lesson is not", async () => {
    const chain = await savedChain(["pat", "pit"], "Last");
    const session = (await send("POST /api/sessions", { body: { chainId: chain.id } })).body;
    const items = await savedItems(await database());
    expect(new Set(items.map(({ kind }) => kind))).toEqual(new Set(["chain", "lesson", "text"]));
    expect(items.every(({ groupId }) => groupId === group.id)).toBe(true);
    expect([...items].sort((a, b) => (a.at < b.at ? 1 : -1))).toEqual(items);
    expect(items.find(({ kind }) => kind === "text")?.words).toContain("cottage");
    // Cards of a lesson are no words.
    for (const { words } of items) for (const word of words) expect(word).not.toContain("=");
    expect((await send("DELETE /api/chains/:chainId", { id: chain.id })).status).toBe(204);
    expect((await send("DELETE /api/chains/:chainId", { id: chain.id })).status).toBe(404);
    const left = await savedItems(await database());
    expect(left.some(({ id }) => id === chain.id)).toBe(false);
    expect(left.some(({ id }) => id === session.id)).toBe(true);
  });
});

describe("routines and templates among what was saved", () => {
  const listed = async (id: string) => (await savedItems(await database())).find((item) => item.id === id);

  it("a routine is renamed, put away, taken up again and deleted", async () => {
    const body = { groupId: group.id, title: "Mornings", parts: [{ skill: "first-sound", count: 3 }] };
    const { id } = (await send("POST /api/routines", { body })).body;
    expect(await listed(id)).toMatchObject({ kind: "routine", title: "Mornings", parts: ["first-sound"] });
    await send("PATCH /api/routines/:routineId", { id, body: { title: "Afternoons", putAway: true } });
    expect(await listed(id)).toMatchObject({ title: "Afternoons", isPutAway: true });
    const inSight = async () => (await send("GET /api/routines", { query: `groupId=${group.id}` })).body;
    expect(await inSight()).toEqual([]);
    await send("PATCH /api/routines/:routineId", { id, body: { putAway: false } });
    expect(await inSight()).toHaveLength(1);
    await send("DELETE /api/routines/:routineId", { id });
    expect(await listed(id)).toBeUndefined();
    expect((await send("PATCH /api/routines/:routineId", { id, body: { title: "x" } })).status).toBe(404);
  });

  it("a template is copied, renamed, put away and deleted; one that ships stays as it is", async () => {
    const [shipped] = (await send("GET /api/templates")).body as { id: string; shipped: boolean }[];
    const made = await send("POST /api/templates", { body: { name: "Short days", copyOf: shipped?.id } });
    const { id } = made.body;
    expect(await listed(id)).toMatchObject({ kind: "template", title: "Short days", group: "" });
    await send("PATCH /api/templates/:templateId", { id, body: { title: "Long days", putAway: true } });
    expect(await listed(id)).toMatchObject({ title: "Long days", isPutAway: true });
    const names = async () => (await send("GET /api/templates")).body.map(({ name }: { name: string }) => name);
    expect(await names()).not.toContain("Long days");
    await send("PATCH /api/templates/:templateId", { id, body: { putAway: false } });
    expect(await names()).toContain("Long days");
    for (const body of [{ title: "Mine" }, { putAway: true }])
      expect((await send("PATCH /api/templates/:templateId", { id: shipped?.id as string, body })).status).toBe(400);
    expect((await send("POST /api/templates", { body: { name: "x", copyOf: "nothing" } })).status).toBe(404);
    expect((await send("POST /api/templates", { body: { name: "x" } })).status).toBe(400);
    await send("DELETE /api/templates/:templateId", { id });
    expect(await listed(id)).toBeUndefined();
  });
});

describe("a change of something saved", () => {
  it.each(["chain", "set"] as const)(
    "%s: another title, put away, taken up again; nothing named is refused",
    async (kind) => {
      const content = { kind: "text", text: "Sit on the cottage.", targets: [], use: "read" };
      const { body: made } =
        kind === "chain"
          ? { body: await savedChain(["pat", "pit"], "Old") }
          : await send("POST /api/sets", { body: { groupId: group.id, title: "Old", content } });
      const change = (body: object) =>
        kind === "chain"
          ? send("PATCH /api/chains/:chainId", { id: made.id, body })
          : send("PATCH /api/sets/:setId", { id: made.id, body });
      const listed = async () =>
        (
          await send(kind === "chain" ? "GET /api/chains" : "GET /api/sets", { query: `groupId=${group.id}` })
        ).body.some(({ id }: { id: string }) => id === made.id);
      expect((await change({ title: "New" })).body).toMatchObject({ title: "New", isPutAway: false });
      expect((await change({ putAway: true })).body).toMatchObject({ title: "New", isPutAway: true });
      expect(await listed()).toBe(false);
      expect((await savedItems(await database())).find(({ id }) => id === made.id)).toMatchObject({ isPutAway: true });
      await change({ putAway: false });
      expect(await listed()).toBe(true);
      for (const body of [{}, { title: " " }, { title: "x".repeat(81) }, { putAway: "yes" }])
        expect((await change(body)).status, JSON.stringify(body)).toBe(400);
      const gone = { id: randomUUID(), body: { title: "New" } };
      expect((await send("PATCH /api/chains/:chainId", gone)).status).toBe(404);
      expect((await send("PATCH /api/sets/:setId", gone)).status).toBe(404);
    },
  );
});

describe("evidence", () => {
  it("as CSV has a line for what was right of each correspondence; answers are opened by sound too", async () => {
    const { body, headers } = await send("GET /api/evidence/csv", { query: `groupId=${group.id}` });
    expect(headers.get("content-type")).toContain("text/csv");
    expect(String(body).split(/\r\n/)[0]).toContain("letters,sound,said,times,chances,low,high");
    const opened = (sound: string) =>
      send("GET /api/evidence/responses", { query: `groupId=${group.id}&sound=${encodeURIComponent(sound)}` });
    expect((await opened("tʃ")).body.responses.map(({ word }: { word: string }) => word)).toEqual(["chop"]);
    expect((await opened("eɪ")).body.responses).toEqual([]);
    expect((await send("GET /api/evidence/csv", { query: `groupId=${randomUUID()}` })).status).toBe(404);
  });
});
