import type { PGlite } from "@electric-sql/pglite";
import { sql } from "drizzle-orm";
import { drizzle } from "drizzle-orm/pglite";
import { describe, expect, it } from "vitest";
import { openDatabase } from "./database.ts";
import { groups } from "./schema.ts";
import { LEFT_AS_WRITTEN } from "./share-parsers.ts";

interface Asked {
  readonly parsers?: Readonly<Record<number, (value: string) => unknown>>;
}

describe("the types that are left as they are written", () => {
  it("are those that drizzle-orm asks for, with rows and with columns", async () => {
    const asked: Asked[] = [];
    const client = {
      query: (_text: string, _params: unknown[], options: Asked) => asked.push(options) && { rows: [] },
    };
    const db = drizzle(client as unknown as PGlite);
    await db.execute(sql`select 1`);
    await db.select().from(groups);
    expect(asked).toHaveLength(2);
    for (const { parsers = {} } of asked) {
      expect(Object.keys(parsers).map(Number).sort()).toEqual([...LEFT_AS_WRITTEN].sort());
      for (const parse of Object.values(parsers)) expect(parse("2026-11-30 09:00")).toBe("2026-11-30 09:00");
    }
  });

  it("come as text, and others by their type, in a transaction and outside one", async () => {
    const opened = await openDatabase();
    const question = sql`select timestamp '2026-11-30 09:00' as at, array[date '2026-11-30'] as days,
      array['sh', 'ch'] as letters, 3::int as number, true as yes, '{"a": 1}'::jsonb as json`;
    const expected = {
      at: "2026-11-30 09:00:00",
      days: "{2026-11-30}",
      letters: ["sh", "ch"],
      number: 3,
      yes: true,
      json: { a: 1 },
    };
    expect((await opened.db.execute(question)).rows).toEqual([expected]);
    expect((await opened.write((db) => db.execute(question))).rows).toEqual([expected]);
    await opened.close();
  });
});
