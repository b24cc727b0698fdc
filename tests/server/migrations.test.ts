import { readFileSync } from "node:fs";
import { sql } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { type OpenDatabase, openDatabase } from "../../src/server/db/database.ts";

const migration = (name: string) => readFileSync(`src/server/db/migrations/${name}.sql`, "utf8");

let open: OpenDatabase;
beforeAll(async () => {
  open = await openDatabase();
});
afterAll(() => open.close());

describe("rows of an earlier Zip Step", () => {
  it("a template's parts say their priority, in the same order; those that already do stay as they are", async () => {
    const old = '[{"kind": "dictation", "items": 4, "matters": 2}, {"kind": "blending", "items": 5, "matters": 1}]';
    const today = '[{"kind": "sort", "items": 8, "priority": 3}]';
    for (const [name, parts] of [
      ["old", old],
      ["today", today],
    ])
      await open.db.execute(
        sql`insert into templates (id, name, parts) values (gen_random_uuid(), ${name}, ${parts}::jsonb)`,
      );
    await open.db.execute(sql.raw(migration("0006_template-priority")));
    const { rows } = await open.db.execute(sql`select name, parts from templates order by name`);
    expect(rows).toEqual([
      {
        name: "old",
        parts: [
          { kind: "dictation", items: 4, priority: 2 },
          { kind: "blending", items: 5, priority: 1 },
        ],
      },
      { name: "today", parts: JSON.parse(today) },
    ]);
  });
});
