import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { crashRounds, killedMigrations, markBurst } from "./crash-rounds.ts";
import { removeEmpties } from "./old-folder.ts";

/** The short form of `npm run stress`: five kills, four in a burst and one in a migration. */
const root = mkdtempSync(join(tmpdir(), "zip-step-crash-"));
afterAll(() => {
  rmSync(root, { recursive: true, force: true });
  removeEmpties();
});

describe("a crash", () => {
  it("in a burst of marks and plan edits: what was answered for is there once, the rest arrives later", async () => {
    const report = await crashRounds(join(root, "records"), 2, 20261128);
    expect(report).toMatchObject({ lost: 0, doubledOrMissing: 0 });
    expect(report.acknowledged).toBeGreaterThan(4);
  });

  it("leaves every mark of a burst in its place: 90 from 30 devices are there once", async () => {
    const report = await markBurst(join(root, "burst"), 90, 30);
    expect(report).toMatchObject({ refused: 0, lostOrDoubled: 0 });
  });

  it("in the middle of a migration: the next start finishes it, and no row is lost", async () => {
    expect(await killedMigrations(root, 1, 20261128)).toMatchObject({ broken: 0 });
  });
});
