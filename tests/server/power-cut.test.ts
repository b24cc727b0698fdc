import { rmSync, writeFileSync } from "node:fs";
import { sql } from "drizzle-orm";
import { afterAll, describe, expect, it } from "vitest";
import { type OpenDatabase, openDatabase } from "../../src/server/db/database.ts";
import { fillFolder, freshFolder } from "./fresh-folder.ts";
import { type SmallDisk, smallDisk } from "./small-disk.ts";

/** The power goes at some moment: whatever was answered for by then is there at the next start. */

const ROUNDS = Number(process.env["ZIP_STEP_ROUNDS"] ?? 2);
const disk = smallDisk(400);
afterAll(() => disk?.remove());

const insert = (opened: OpenDatabase, name: string) =>
  opened.write((db) =>
    db.execute(sql`insert into templates (id, name, parts) values (gen_random_uuid(), ${name}, '[]')`),
  );

async function namesAfter(cut: SmallDisk, folder: string): Promise<Set<string>> {
  const opened = await openDatabase(`${cut.folder}/${folder}`);
  const { rows } = await opened.db.execute(sql`select name from templates`);
  await opened.close();
  cut.remove();
  return new Set(rows.map(({ name }) => name as string));
}

describe.skipIf(disk === undefined)("a power cut", () => {
  const { folder } = disk as SmallDisk;

  it.each(Array.from({ length: ROUNDS }, (_, round) => round))(
    "loses nothing that was answered for, in the middle of writing (%i)",
    async (round) => {
      fillFolder(`${folder}/round-${round}`);
      const opened = await openDatabase(`${folder}/round-${round}`);
      const answered: string[] = [];
      for (let n = 0; n < 60 + round * 7; n++) {
        await insert(opened, `${n}`);
        answered.push(`${n}`);
        if (n === 40) await opened.db.execute(sql`checkpoint`);
      }
      // One is on its way when it happens.
      const onItsWay = insert(opened, "on its way");
      const cut = (disk as SmallDisk).afterPowerCut();
      await onItsWay;
      await opened.close();
      rmSync(`${folder}/round-${round}`, { recursive: true });
      const found = await namesAfter(cut, `round-${round}`);
      expect(answered.filter((name) => !found.has(name))).toEqual([]);
    },
  );

  it("loses nothing after a clean close, and nothing of a folder that has just been made", async () => {
    const opened = await openDatabase(`${folder}/closed`);
    await insert(opened, "before the close");
    await opened.close();
    expect(await namesAfter((disk as SmallDisk).afterPowerCut(), "closed")).toEqual(new Set(["before the close"]));
  });
});

const MB = 1024 * 1024;

describe("a disk that is nearly full", () => {
  it("is not written to: a refusal says what to do, and reading goes on", async () => {
    const folder = freshFolder("full");
    let room = 1000 * MB;
    const opened = await openDatabase(folder, { room: () => room });
    await insert(opened, "stored");
    room = 20 * MB;
    await expect(insert(opened, "refused")).rejects.toMatchObject({ code: "disk-full", status: 507 });
    room = 1000 * MB;
    const { rows } = await opened.db.execute(sql`select name from templates`);
    expect(rows).toEqual([{ name: "stored" }]);
    await opened.close();
    rmSync(folder, { recursive: true });
  });
});

describe.skipIf(disk === undefined)("a disk that is full", () => {
  it("is said, nothing is stored by half, and once there is room all goes on", async () => {
    const small = smallDisk(160) as SmallDisk;
    const ballast = `${small.folder}/ballast`;
    fillFolder(`${small.folder}/records`);
    const opened = await openDatabase(`${small.folder}/records`, { room: () => Number.POSITIVE_INFINITY });
    await insert(opened, "before");
    writeFileSync(ballast, Buffer.alloc(Math.max(0, small.room() - 30 * MB)));
    const fill = () =>
      opened.write(async (db) => {
        await db.execute(sql`create table if not exists filling (text text)`);
        await db.execute(sql`insert into filling select repeat(md5(g::text), 100) from generate_series(1, 2000) g`);
      });
    let refused: unknown;
    for (let turn = 0; turn < 100 && refused === undefined; turn++) refused = await fill().catch((error) => error);
    expect(refused).toMatchObject({ code: "disk-full", hint: expect.stringContaining("Make room") });
    rmSync(ballast);
    // Gone down or not: it closes, opens, and has what it answered for.
    await opened.close();
    const again = await openDatabase(`${small.folder}/records`);
    const { rows } = await again.db.execute(sql`select name from templates`);
    expect(rows).toEqual([{ name: "before" }]);
    await insert(again, "after");
    await again.close();
    small.remove();
  });
});
