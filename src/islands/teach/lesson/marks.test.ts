import { describe, expect, it } from "vitest";
import type { StoredResponse } from "../../../server/evidence/responses.ts";
import { markKey, marksFrom, responseOf } from "./marks.ts";

describe("marks", () => {
  const mark = {
    id: "11111111-1111-4111-8111-111111111111",
    learnerId: "l",
    wordIndex: 2,
    mode: "read" as const,
    answer: { outcome: "wrong" as const, substitutions: [{ unit: 1, said: ["ɪ"] }] },
  };
  const at = new Date("2026-11-24T09:30:00Z");

  it("become requests that carry their own id, so that sending twice stores once", () => {
    expect(responseOf(mark, { sessionId: "s", supersedes: null, at })).toEqual({
      id: mark.id,
      sessionId: "s",
      learnerId: "l",
      wordIndex: 2,
      mode: "read",
      answer: mark.answer,
      supersedes: null,
      withdrawn: false,
      at: "2026-11-24T09:30:00.000Z",
    });
  });

  it("taken back are withdrawn, never deleted", () => {
    expect(responseOf(mark, { sessionId: "s", supersedes: "old", withdrawn: true, at })).toMatchObject({
      supersedes: "old",
      withdrawn: true,
    });
  });

  it("read from the database count as stored, one a learner and word", () => {
    const stored = { ...mark, sessionId: "s", word: "pet", verdict: { classifier: 1, outcome: "wrong", units: [] } };
    const marks = marksFrom([
      { ...stored, supersedes: null, withdrawn: false, at: at.toISOString() } as unknown as StoredResponse,
    ]);
    expect(marks.get(markKey("l", 2))).toMatchObject({ id: mark.id, state: "stored" });
    expect(marks.size).toBe(1);
  });
});
