import { setImmediate } from "node:timers/promises";
import { sql } from "drizzle-orm";
import { describe, expect, it } from "vitest";
import { database } from "../../src/server/db/application-database.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

freshDatabase("turns");

describe("a page with many questions", () => {
  it("does not keep what comes in meanwhile waiting for its last answer", async () => {
    const db = await database();
    const done: string[] = [];
    const page = (async () => {
      for (let k = 0; k < 300; k++) await db.execute(sql`select ${k}::int`);
      done.push("page");
    })();
    await setImmediate();
    const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 3, learners: ["Gull"] };
    expect((await send("POST /api/groups", { body })).status).toBe(201);
    done.push("group made");
    await page;
    expect(done).toEqual(["group made", "page"]);
  });
});
