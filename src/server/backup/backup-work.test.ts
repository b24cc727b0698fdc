import { describe, expect, it } from "vitest";
import { backupUnderWay, followed, stopBackup } from "./backup-work.ts";

/** Work that goes on until it is let go. */
function held() {
  let letGo: () => void = () => undefined;
  const until = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  return { until, letGo };
}

const soon = () => new Promise((resolve) => setTimeout(resolve));

describe("work on a backup", () => {
  it("is told while it goes on, and the second waits for the first", async () => {
    const { until, letGo } = held();
    const begun: string[] = [];
    const first = followed("daily", async ({ onProgress }) => {
      begun.push("first");
      onProgress?.({ stage: "packing", share: 0.5 });
      await until;
    });
    const second = followed("request", async () => begun.push("second"));
    await soon();
    expect([begun, backupUnderWay()]).toEqual([["first"], { reason: "daily", stage: "packing", share: 0.5 }]);
    letGo();
    await Promise.all([first, second]);
    expect([begun, backupUnderWay()]).toEqual([["first", "second"], null]);
  });

  it("that tells of a last piece once it is over is not told of any more", async () => {
    let tellAfterwards: () => void = () => undefined;
    await followed("restore", async ({ onProgress }) => {
      tellAfterwards = () => onProgress?.({ stage: "packing", share: 1 });
    });
    tellAfterwards();
    expect(backupUnderWay()).toBeNull();
  });

  it("that fails or is stopped lets the next one begin", async () => {
    const stopped = followed("daily", ({ signal }) => {
      const end = new Promise((_, reject) => signal?.addEventListener("abort", () => reject(new Error("stopped"))));
      return end;
    });
    const next = followed("request", async () => "made");
    await soon();
    stopBackup();
    await expect(stopped).rejects.toThrow("stopped");
    expect(await next).toBe("made");
    stopBackup();
    expect(await followed("request", async ({ signal }) => signal?.aborted)).toBe(false);
  });
});
