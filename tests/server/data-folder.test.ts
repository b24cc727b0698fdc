import { chmodSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { sql } from "drizzle-orm";
import { afterAll, describe, expect, it } from "vitest";
import { openDatabase } from "../../src/server/db/database.ts";
import { plantDemo } from "../../src/server/demo/plant-demo.ts";
import { READING_ROOM } from "../../src/server/demo/reading-room.ts";
import { evidenceReport } from "../../src/server/evidence/evidence.ts";
import { groupingPage } from "../../src/server/groups/grouping.ts";
import { listGroups } from "../../src/server/groups/groups.ts";
import { fillFolder } from "./fresh-folder.ts";

const folder = mkdtempSync(join(tmpdir(), "zip-step-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe("a data folder", () => {
  it("is refused while another process holds it, naming folder, process and what to do", async () => {
    const held = join(folder, "held");
    fillFolder(held);
    const first = await openDatabase(held);
    // The parent of this test worker is certainly running.
    writeFileSync(join(held, "in-use-by"), String(process.ppid));
    await expect(openDatabase(held)).rejects.toMatchObject({
      code: "folder-in-use",
      message: expect.stringContaining(String(process.ppid)),
      hint: expect.stringContaining("ZIP_STEP_DATA"),
    });
    await first.close();
  });

  it("is taken over when its holder is gone", async () => {
    const left = join(folder, "left");
    fillFolder(left);
    writeFileSync(join(left, "in-use-by"), "999999999");
    const second = await openDatabase(left);
    await second.close();
  });

  it("says what to do when the database in it is damaged, and is made anew when a first start was cut short", async () => {
    const damaged = join(folder, "damaged");
    mkdirSync(join(damaged, "pg"), { recursive: true });
    writeFileSync(join(damaged, "pg", "PG_VERSION"), "18");
    await expect(openDatabase(damaged)).rejects.toMatchObject({
      code: "folder-damaged",
      hint: expect.stringContaining("backup"),
    });
    const cutShort = join(folder, "cut-short");
    mkdirSync(join(cutShort, "pg-in-the-making", "base"), { recursive: true });
    const opened = await openDatabase(cutShort);
    expect(await listGroups(opened.db)).toEqual([]);
    await opened.close();
  });

  it.each(["PG_VERSION", "global/pg_control", "pg_wal"])(
    "is refused, and not made anew, without its %s",
    async (part) => {
      const broken = join(folder, `without-${part.replace("/", "-")}`);
      fillFolder(broken);
      const files = () => readdirSync(broken, { recursive: true, encoding: "utf8" }).sort();
      rmSync(join(broken, "pg", part), { recursive: true });
      const before = files();
      await expect(openDatabase(broken)).rejects.toMatchObject({
        code: "folder-damaged",
        message: expect.stringContaining(part),
      });
      expect(files()).toEqual(before);
    },
  );

  it("is refused when other things are in it, or when it is no folder; nothing is touched", async () => {
    const other = join(folder, "other");
    mkdirSync(other);
    writeFileSync(join(other, "holiday.txt"), "sun");
    await expect(openDatabase(other)).rejects.toMatchObject({
      code: "folder-not-ours",
      message: expect.stringContaining("holiday.txt"),
    });
    expect(readdirSync(other)).toEqual(["holiday.txt"]);
    const file = join(other, "holiday.txt");
    for (const path of [file, join(file, "inside")])
      await expect(openDatabase(path)).rejects.toMatchObject({
        code: "folder-unusable",
        message: expect.stringContaining("is a file"),
      });
  });

  it("is its owner's alone, one from an earlier Zip Step too", async () => {
    const mine = join(folder, "mine");
    fillFolder(mine);
    chmodSync(join(mine, "pg", "base"), 0o755);
    chmodSync(join(mine, "pg", "PG_VERSION"), 0o666);
    const opened = await openDatabase(mine);
    await opened.db.execute(sql`create table made_later (n int)`);
    const modes = readdirSync(mine, { recursive: true, encoding: "utf8" }).map(
      (name) => statSync(join(mine, name)).mode & 0o077,
    );
    expect(modes.filter((mode) => mode !== 0)).toEqual([]);
    expect(statSync(mine).mode & 0o077).toBe(0);
    await opened.close();
  });

  it("is taken over when its holder's number belongs to another program now, or the machine was started anew", async () => {
    const reused = join(folder, "reused");
    fillFolder(reused);
    const boot = readFileSync("/proc/sys/kernel/random/boot_id", "utf8").trim();
    for (const holder of [
      { pid: process.ppid, started: "1", boot },
      { pid: process.ppid, started: null, boot: "another" },
    ]) {
      writeFileSync(join(reused, "in-use-by"), JSON.stringify(holder));
      await (await openDatabase(reused)).close();
    }
    writeFileSync(join(reused, "in-use-by"), JSON.stringify({ pid: process.ppid, started: null, boot }));
    await expect(openDatabase(reused)).rejects.toMatchObject({ code: "folder-in-use" });
  });

  it("keeps the demo over a restart, plants it once, and the evidence finds what was planted", async () => {
    const demo = join(folder, "demo");
    fillFolder(demo);
    const now = new Date("2026-11-24T12:00:00Z");
    const first = await openDatabase(demo);
    await plantDemo(first.db, now);
    await plantDemo(first.db, now);
    const before = await listGroups(first.db);
    await first.close();

    const second = await openDatabase(demo);
    expect(await listGroups(second.db)).toEqual(before);
    expect(before.map(({ name }) => name)).toEqual(["Plovers", "Redshanks", "Turnstones"]);
    expect(before.flatMap(({ learners }) => learners)).toHaveLength(10);
    let found = 0;
    for (const group of before)
      for (const learner of group.learners) {
        const report = await evidenceReport(second.db, { groupId: group.id, learnerId: learner.id });
        const planted = READING_ROOM.flatMap((g) => g.learners).find((l) => l.nickname === learner.nickname)
          ?.substitutions[0];
        if (
          report.rows[0]?.gpc === planted?.gpc &&
          report.rows[0]?.substitutions[0]?.said.join("+") === planted?.said.join("+")
        )
          found++;
        expect(report.lessonCount, learner.nickname).toBe(
          3 * (READING_ROOM.find(({ name }) => name === group.name)?.weeks.length ?? 0),
        );
      }
    expect(found).toBe(10);
    // Whimbrel needs what Sandpiper needs, and is to be moved to that group.
    const { learners, proposed } = await groupingPage(second.db);
    const nicknamed = (id: string) => learners.find((one) => one.id === id)?.nickname;
    const withSandpiper = proposed.map((ids) => ids.map(nicknamed)).find((names) => names.includes("Sandpiper"));
    expect(withSandpiper).toEqual(expect.arrayContaining(["Eider", "Heron", "Knot", "Whimbrel"]));
    expect(withSandpiper).toHaveLength(5);
    const { rows } = await second.db.execute(
      sql`select count(*)::int as n from responses where at >= ${now.toISOString()}`,
    );
    expect(rows[0]?.["n"]).toBe(0);
    await second.close();
  });
});
