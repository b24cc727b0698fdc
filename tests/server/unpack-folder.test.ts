import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Readable } from "node:stream";
import { create } from "tar";
import { afterAll, describe, expect, it } from "vitest";
import { unpackFolder, unpackStream } from "../../src/server/db/unpack-folder.ts";

const root = mkdtempSync(join(tmpdir(), "zip-step-tar-"));
afterAll(() => rmSync(root, { recursive: true }));

/** A tar of two files, of which one is to land outside. */
async function tarWith(outside: string): Promise<Buffer> {
  mkdirSync(join(root, "in", "deep"), { recursive: true });
  writeFileSync(join(root, "in", "deep", "inside"), "records");
  writeFileSync(join(root, "outside"), "no");
  const pieces: Buffer[] = [];
  const packed = create({ cwd: join(root, "in"), preservePaths: true }, ["deep", outside]);
  for await (const piece of packed) pieces.push(piece as Buffer);
  return Buffer.concat(pieces);
}

describe("unpacking a folder", () => {
  it("refuses a path that leads out of it, whole and a piece at a time", async () => {
    const tar = await tarWith("../outside");
    expect(() => unpackFolder(tar, join(root, "a", "b"))).toThrow(/cannot be unpacked/);
    await expect(unpackStream(Readable.from([tar]), join(root, "c", "d"))).rejects.toThrow(/cannot be unpacked/);
    expect(existsSync(join(root, "a", "outside")) || existsSync(join(root, "c", "outside"))).toBe(false);
  });

  it("takes a path from the root as one inside it", async () => {
    unpackFolder(await tarWith(join(root, "in", "deep", "inside")), join(root, "e"));
    expect(readFileSync(join(root, "e", root, "in", "deep", "inside"), "utf8")).toBe("records");
    expect(readFileSync(join(root, "e", "deep", "inside"), "utf8")).toBe("records");
  });
});
