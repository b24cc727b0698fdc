import { afterEach, describe, expect, it, vi } from "vitest";
import { AppError } from "./errors.ts";
import { logError } from "./log-error.ts";

afterEach(() => vi.restoreAllMocks());

function logged(error: unknown): string {
  const log = vi.spyOn(console, "error").mockImplementation(() => undefined);
  logError(error);
  return log.mock.calls.map(([line]) => String(line)).join("\n");
}

describe("what is written down of an error", () => {
  it("holds no parameter of a question to the database", () => {
    const cause = Object.assign(new Error("invalid input syntax: Sandpiper"), { code: "22P02" });
    const error = new Error("Failed query: insert into learners … params: Sandpiper", { cause });
    expect(logged(error)).toMatch(/a question to the database failed \(22P02\)/);
    expect(logged(error)).not.toContain("Sandpiper");
  });

  it("says what and where of an error of ours", () => {
    expect(logged(new Error("the list is empty"))).toMatch(/the list is empty at /);
  });

  it("is nothing for a refusal", () => {
    expect(logged(new AppError("invalid", "no"))).toBe("");
  });
});
