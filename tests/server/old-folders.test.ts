import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { PGlite } from "@electric-sql/pglite";
import { sql } from "drizzle-orm";
import { afterAll, describe, expect, it } from "vitest";
import type { GroupId, SessionId } from "../../src/schemas/ids.ts";
import { countRows } from "../../src/server/backup/backup-file.ts";
import { listBackups } from "../../src/server/backup/backups.ts";
import { openDatabase } from "../../src/server/db/database.ts";
import { unreadableRows } from "../../src/server/db/unreadable.ts";
import { evidenceReport } from "../../src/server/evidence/evidence.ts";
import { getPlan } from "../../src/server/plans/plans.ts";
import { getSession } from "../../src/server/sessions/sessions.ts";
import { teachPage } from "../../src/server/sessions/teach-page.ts";
import { inFull } from "../in-full.ts";
import { AGES, makeOldFolder, OLD, removeEmpties } from "./old-folder.ts";

const root = mkdtempSync(join(tmpdir(), "zip-step-old-"));
afterAll(() => {
  rmSync(root, { recursive: true, force: true });
  removeEmpties();
});

/** Every migration is run by a folder older than it; each of the last two versions, and every seventh before, is left off at. */
const TRIED = AGES.map((tag, k) => [tag, k + 1] as const).filter(
  ([, age]) => (age - 1) % inFull(7, 1) === 0 || age >= AGES.length - 1,
);

describe("a data folder of an earlier Zip Step", () => {
  it.each(TRIED)("as %s left it opens, keeps every row, and is backed up before it is changed", async (tag, age) => {
    const folder = join(root, tag);
    const before = await makeOldFolder(folder, age);
    // A backup takes seconds: of one age it is made and looked through, of the others what it would hold is counted.
    let counted: Record<string, number> | undefined;
    const beforeMigration = async (client: PGlite) => {
      counted = await countRows(client);
    };
    const opened = await openDatabase(folder, age === AGES.length - 1 ? {} : { beforeMigration });
    for (const [table, count] of Object.entries(before)) {
      const { rows } = await opened.db.execute(sql.raw(`select count(*)::int as n from "${table}"`));
      expect(rows[0]?.["n"], table).toBe(count);
    }
    expect(before["responses"]).toBe(2);
    const report = await evidenceReport(opened.db, { groupId: OLD.groupId as GroupId });
    expect([report.responseCount, report.unreadable]).toEqual([2, 0]);
    const lesson = await teachPage(opened.db, OLD.sessionId as SessionId);
    expect((await getSession(opened.db, OLD.sessionId as SessionId)).words).toEqual(["ship", "shop"]);
    expect(lesson.session.place).toMatchObject({ activity: 0, item: 1 });
    expect(lesson.activities[0]?.items.map(({ word }) => word?.word)).toEqual(["ship", "shop"]);
    expect(await unreadableRows(opened.db)).toEqual([]);
    await getPlan(opened.db, OLD.groupId as GroupId);
    await opened.close();
    const [backup] = listBackups(folder);
    if (age === AGES.length - 1) expect(backup?.header).toMatchObject({ reason: "migration", counts: before });
    else expect(counted).toEqual(age < AGES.length ? before : undefined);
  });

  it("is left as it is while there is no room for its backup, and opens once there is", async () => {
    const folder = join(root, "no-room");
    const before = await makeOldFolder(folder, AGES.length - 1);
    // Enough to go on with, not for a copy beside it.
    const room = () => 60 * 1024 * 1024;
    await expect(openDatabase(folder, { room })).rejects.toMatchObject({ code: "disk-full" });
    expect(listBackups(folder)).toEqual([]);
    let counted: Record<string, number> | undefined;
    const beforeMigration = async (client: PGlite) => {
      counted = await countRows(client);
    };
    await (await openDatabase(folder, { beforeMigration })).close();
    expect(counted).toEqual(before);
  });
});
