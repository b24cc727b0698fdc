import { cpSync, existsSync, mkdirSync, readdirSync, readFileSync, rmSync, truncateSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { BACKUP_STAGES, type BackupStage } from "../../src/server/backup/backup-progress.ts";
import { backupUnderWay, stopBackup } from "../../src/server/backup/backup-work.ts";
import { isBackupDue, listBackups } from "../../src/server/backup/backups.ts";
import { unpackBackup } from "../../src/server/backup/unpack.ts";
import { inFull } from "../in-full.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

const folder = freshDatabase("backups");
process.env["ZIP_STEP_BACKUPS"] = "2";
// Other files run in this process after it.
afterAll(() => {
  delete process.env["ZIP_STEP_BACKUPS"];
});
const { closeDatabase, openedDatabase } = await import("../../src/server/db/application-database.ts");

const group = (name: string) =>
  send("POST /api/groups", { body: { name, sequenceId: "short-vowels-first", step: 3, learners: ["Gull"] } });
const names = async () => (await send("GET /api/groups")).body.map(({ name }: { name: string }) => name);
const path = (name: string) => join(folder, "backups", name);

describe("a backup", () => {
  let name: string;
  beforeAll(async () => {
    await group("Before");
    name = (await send("POST /api/backups")).body.name;
  });

  it("says what is inside, and can be taken elsewhere", async () => {
    const { body } = await send("GET /api/backups");
    expect(body[0]).toMatchObject({ name, header: { reason: "request", counts: { groups: 1, learners: 1 } } });
    const answer = await send("GET /api/backups/:backupId", { id: name });
    expect(answer.headers.get("content-disposition")).toContain(name);
  });

  it("is put back; what was there is backed up first, and can be had again", async () => {
    await group("After");
    expect(await names()).toEqual(["After", "Before"]);
    expect((await send("POST /api/backups/:backupId/restoration", { id: name })).status).toBe(201);
    expect(await names()).toEqual(["Before"]);
    // The copy of what was there is its backup, and no other.
    expect(readdirSync(folder).filter((name) => name.includes("set-aside"))).toEqual([]);
    await group("Later");
    const [kept] = listBackups(folder).filter(({ header }) => header?.reason === "restore");
    await send("POST /api/backups/:backupId/restoration", { id: kept?.name as string });
    expect(await names()).toEqual(["After", "Before"]);
  });

  it.each([
    ["cut short", (file: string) => truncateSync(file, 50_000), /part of it is missing/],
    [
      "altered",
      (file: string) => {
        const bytes = readFileSync(file);
        const at = bytes.length - 5000;
        bytes[at] = ((bytes[at] as number) + 1) % 256;
        writeFileSync(file, bytes);
      },
      /altered/,
    ],
    ["something else", (file: string) => writeFileSync(file, "a letter to a friend"), /not begin like a backup/],
    [
      "one that says it has more",
      (file: string) => {
        const bytes = readFileSync(file);
        const end = bytes.indexOf(10);
        const header = JSON.parse(bytes.toString("utf8", 0, end));
        header.counts.groups += 1;
        writeFileSync(file, Buffer.concat([Buffer.from(`${JSON.stringify(header)}\n`), bytes.subarray(end + 1)]));
      },
      /rows are missing in groups/,
    ],
  ])("that is %s is refused, and nothing is changed", async (what, spoil, says) => {
    const spoilt = `spoilt-${what.replace(/\W/g, "")}.zip-step-backup`;
    cpSync(path(name), path(spoilt));
    spoil(path(spoilt));
    const before = await names();
    const { status, body } = await send("POST /api/backups/:backupId/restoration", { id: spoilt });
    expect([status, body.error.message]).toEqual([422, expect.stringMatching(says)]);
    expect(await names()).toEqual(before);
    rmSync(path(spoilt));
  });

  it.each(["../zip.zip-step-backup", "none.zip-step-backup", "..%2f..%2fpasswd"])("named %s is none", async (wrong) => {
    expect((await send("GET /api/backups/:backupId", { id: wrong })).status).toBe(404);
  });

  it("is due once a day, and the newest of each reason are kept", async () => {
    const opened = await openedDatabase();
    const day = (n: number) => new Date(Date.UTC(2027, 0, n, 9));
    expect(isBackupDue(folder, day(1))).toBe(true);
    for (let n = 1; n <= 3; n++) await opened.backUp("daily", day(n));
    expect(isBackupDue(folder, new Date(day(3).getTime() + 3_600_000))).toBe(false);
    expect(isBackupDue(folder, day(4))).toBe(true);
    const daily = listBackups(folder).filter(({ header }) => header?.reason === "daily");
    expect(daily.map(({ header }) => header?.madeAt.slice(8, 10))).toEqual(["03", "02"]);
    expect(listBackups(folder).some((one) => one.name === name)).toBe(true);
    expect(readdirSync(join(folder, "backups")).filter((file) => file.endsWith(".part"))).toEqual([]);
    await unpackBackup(path(daily[0]?.name as string), join(folder, "unpacked"));
    // Of the database's log it has no more than what was begun for it: the rest is in the tables.
    const log = join(folder, "unpacked", "pg_wal");
    const [logged, ...older] = readdirSync(log).filter((file) => /^[0-9A-F]{24}$/.test(file));
    expect(older).toEqual([]);
    expect(readFileSync(join(log, logged as string)).findLastIndex((byte) => byte !== 0)).toBeLessThan(65_536);
  });

  it("is stopped in each of its stages: nothing is left of it", async () => {
    const opened = await openedDatabase();
    const made = () => readdirSync(join(folder, "backups")).sort();
    const before = made();
    for (const stage of ["packing", ...BACKUP_STAGES].slice(0, inFull(1, 5)) as BackupStage[]) {
      const seen: string[] = [];
      const stopper = new AbortController();
      const making = opened.backUp("request", new Date(), {
        signal: stopper.signal,
        onProgress: (progress) => {
          seen.push(progress.stage);
          expect(progress.share).toBeGreaterThanOrEqual(0);
          expect(progress.share).toBeLessThanOrEqual(1);
          if (progress.stage === stage) stopper.abort();
        },
      });
      await expect(making, stage).rejects.toMatchObject({ code: "stopped" });
      expect(seen.at(-1), stage).toBe(stage);
      expect(made(), stage).toEqual(before);
    }
  });

  it("that is being put back is stopped while the other is made: the records are as they were, and nothing is left", async () => {
    const before = await names();
    const restoring = send("POST /api/backups/:backupId/restoration", { id: listBackups(folder)[0]?.name as string });
    const seen = new Set<string>();
    while (!(seen.has("counting") && backupUnderWay()?.stage === "packing")) {
      seen.add(backupUnderWay()?.stage ?? "");
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
    stopBackup();
    const { status, body } = await restoring;
    expect([status, body.error.code]).toEqual([409, "stopped"]);
    expect(await names()).toEqual(before);
    expect(readdirSync(folder).filter((name) => name.startsWith("pg"))).toEqual(["pg"]);
  });

  it("cut short by a crash leaves nothing behind that the next start does not take away", async () => {
    const left = [".copy", ".looked-through", ".part"].map((ending) => path(`2027.zip-step-backup${ending}`));
    for (const one of left) mkdirSync(one);
    await closeDatabase();
    await openedDatabase();
    expect(left.filter((one) => existsSync(one))).toEqual([]);
  });

  it("made while others write says how far it is, and holds what was there at one moment", async () => {
    const coming = (async () => {
      for (let k = 0; k < 30; k++) await group(`Coming ${k}`);
    })();
    const making = send("POST /api/backups");
    let said: { reason: string; stage: string } | null = null;
    for (let k = 0; k < 500 && said === null; k++) said = (await send("GET /api/backup-work")).body;
    expect(said).toMatchObject({ reason: "request", stage: expect.stringMatching(BACKUP_STAGES.join("|")) });
    const backup = (await making).body;
    await coming;
    expect((await send("GET /api/backup-work")).body).toBeNull();
    const header = await unpackBackup(path(backup.name), join(folder, "unpacked"));
    // Each group came with one learner.
    expect(header.counts["groups"]).toBe(header.counts["learners"]);
    expect(header.counts["groups"]).toBeGreaterThan(1);
  });
});
