import { PGlite, protocol } from "@electric-sql/pglite";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { askInOne } from "./ask-in-one.ts";
import { emptyFolder } from "./database.ts";
import { UNSYNCED_START } from "./synced-files.ts";

/** A database that is asked as it comes, and one that is asked in one piece: they answer the same. */
const TABLE = "create table birds (id int primary key, name text not null, seen timestamptz, tags text[], more jsonb)";

let plain: PGlite;
let client: PGlite;
/** What is sent to the database: the letter of each message. */
const sent: string[] = [];

beforeAll(async () => {
  const open = () =>
    PGlite.create({
      dataDir: "memory://",
      loadDataDir: new Blob([emptyFolder()]),
      startParams: UNSYNCED_START,
    });
  [plain, client] = await Promise.all([open(), open()]);
  const send = client.execProtocolStream.bind(client);
  client.execProtocolStream = (message, options) => {
    sent.push(lettersOf(message));
    return send(message, options);
  };
  for (const one of [plain, client]) await one.exec(TABLE);
  askInOne(client);
});
afterAll(() => Promise.all([plain.close(), client.close()]));

function lettersOf(pieces: Uint8Array): string {
  let letters = "";
  for (let at = 0; at < pieces.length; ) {
    letters += String.fromCharCode(pieces[at] as number);
    at += 1 + new DataView(pieces.buffer, pieces.byteOffset).getInt32(at + 1);
  }
  return letters;
}

/** What both answer, or how both refuse: the same. */
async function ask(text: string, params: unknown[] = []): Promise<unknown> {
  const answers = await Promise.all(
    [plain, client].map((one) =>
      one.query(text, params).catch((error) => ({ code: error.code, message: error.message })),
    ),
  );
  expect(answers[1], text).toEqual(answers[0]);
  return answers[1];
}

const INSERT = "insert into birds values ($1, $2, $3, $4, $5) returning id";
const bird = (id: number, name: unknown) => [
  id,
  name,
  new Date("2026-11-30T09:00:00Z"),
  ["sea", "wäder"],
  { wings: 2 },
];

describe("questions sent in one piece", () => {
  it("are answered as before: rows, columns, types, counts, nothing at all", async () => {
    for (const id of [1, 2, 3, 4]) expect(await ask(INSERT, bird(id, `Tern ${id}`))).toMatchObject({ rows: [{ id }] });
    for (const times of [1, 2, 3])
      for (const most of [4, 1, 0])
        expect(await ask("select * from birds where id <= $1 order by id", [most]), `${times}`).toMatchObject({
          rows: Array.from({ length: most }, (_, k) => ({ id: k + 1, tags: ["sea", "wäder"], more: { wings: 2 } })),
        });
    for (const id of [4, 4, 4]) await ask("update birds set name = $2 where id = $1", [id, "Skua"]);
    for (const _ of [1, 2, 3]) await ask("select count(*)::int as n, null::text as nothing from birds");
    for (const _ of [1, 2, 3]) await ask("delete from birds where id = $1", [4]);
  });

  it("go as one from the second time on, in a transaction and outside one", async () => {
    for (const [text, params] of [
      ["select name from birds where id = $1 or id = 0", [1]],
      ["select max(id) from birds", []],
    ] as const) {
      sent.length = 0;
      for (let times = 0; times < 3; times++) await client.query(text, [...params]);
      expect(sent).toEqual(["PD", "BES", "PBES", "PBES"]);
      sent.length = 0;
      await client.transaction(async (inside) => {
        await inside.query(text, [...params]);
      });
      expect(sent).toEqual(["Q", "PBES", "Q"]);
    }
  });

  it("that are refused leave the database, and the transaction around them, as they would have", async () => {
    for (const _ of [1, 2, 3]) {
      expect(await ask(INSERT, bird(1, "Again"))).toMatchObject({ code: "23505" });
      expect(await ask("select nothing from birds where id = $1", [1])).toMatchObject({ code: "42703" });
      expect(await ask("select 1 / $1::int as n", [0])).toMatchObject({ code: "22012" });
      expect(await ask("select 6 / $1::int as n", [3])).toMatchObject({ rows: [{ n: 2 }] });
    }
    for (const name of ["Gull", null, "Gull"])
      for (const one of [plain, client])
        await expect(
          one.transaction(async (inside) => {
            await inside.query(INSERT, bird(8, name));
            await inside.query(INSERT, bird(9, null));
          }),
        ).rejects.toMatchObject({ code: "23502" });
    expect(await ask("select id from birds order by id")).toMatchObject({ rows: [{ id: 1 }, { id: 2 }, { id: 3 }] });
  });

  it("are not held for ended because a plain text before them was", async () => {
    await client.execProtocolStream(protocol.serialize.query("select 1"), {});
    expect(await ask("select nowhere from birds")).toMatchObject({ code: "42703" });
    expect(await ask("select id from birds where id = 1")).toMatchObject({ rows: [{ id: 1 }] });
  });

  it("with a parameter that cannot be written are given up, and can be asked again", async () => {
    const text = "select id from birds where more = $1 and id < 3";
    const circle: Record<string, unknown> = {};
    circle["itself"] = circle;
    for (const more of [{ wings: 2 }, circle, { wings: 2 }, { wings: 2 }, circle, { wings: 2 }])
      await (more === circle
        ? ask(text, [more])
        : expect(ask(text, [more])).resolves.toMatchObject({ rows: [{}, {}] }));
  });

  it("of any number of texts are answered: what is known of those asked first makes room", async () => {
    const numbered = (n: number) => `select ${n} + $1::int as n`;
    for (let n = 0; n < 520; n++) expect((await client.query(numbered(n), [1])).rows).toEqual([{ n: n + 1 }]);
    for (const n of [519, 0]) {
      sent.length = 0;
      expect(await ask(numbered(n), [5])).toMatchObject({ rows: [{ n: n + 5 }] });
      expect(sent).toEqual(n === 0 ? ["PD", "BES"] : ["PBES"]);
    }
  });
});
