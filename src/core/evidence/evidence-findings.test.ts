import { describe, expect, it } from "vitest";
import { soundDistance } from "../sounds/closeness.ts";
import { confusionMatrices } from "./confusion-matrix.ts";
import { evidenceFindings } from "./evidence-findings.ts";
import type { EvidenceCount } from "./propose-focus.ts";
import { substitutionTable } from "./substitution-table.ts";

const count = (
  gpc: string,
  said: string | undefined,
  n: number,
  more: Partial<Pick<EvidenceCount, "position" | "way" | "learnerId">> = {},
): EvidenceCount => ({
  gpc,
  said: said === undefined ? undefined : said === "" ? [] : [said],
  count: n,
  position: "medial",
  way: "read",
  learnerId: "tern",
  lastAt: "2026-11-20T10:00:00Z",
  ...more,
});

describe("evidenceFindings", () => {
  it("tells how often, how sure, and what the other way of working adds", () => {
    const [finding] = evidenceFindings([
      count("e=e", "ɪ", 11),
      count("e=e", undefined, 8),
      count("e=e", undefined, 9, { way: "built" }),
      count("e=e", "ɪ", 1, { way: "built" }),
    ]);
    expect(finding).toMatchObject({ gpc: "e=e", said: ["ɪ"], times: 11, chances: 19, isNamed: true });
    expect(Math.round((finding?.interval.low ?? 0) * 100)).toBe(36);
    expect(Math.round((finding?.interval.high ?? 0) * 100)).toBe(77);
    expect(finding?.other).toEqual({ way: "built", right: 9, chances: 10, tells: "right-there" });
    expect(finding?.place).toBeUndefined();
  });

  it("names a place only where the others are clearly better", () => {
    const counts = [
      count("n=n", "m", 8, { position: "final" }),
      count("n=n", undefined, 2, { position: "final" }),
      count("n=n", undefined, 12, { position: "initial" }),
    ];
    expect(evidenceFindings(counts)[0]?.place).toEqual({ position: "final", wrong: 8, chances: 10 });
    const even = [...counts, count("n=n", "m", 10, { position: "initial" })];
    expect(evidenceFindings(even)[0]?.place).toBeUndefined();
  });

  it("says of what is not sure how many more chances would settle it; what was made once is no finding", () => {
    const found = evidenceFindings([
      count("u=ʌ", "ɒ", 2),
      count("u=ʌ", undefined, 9),
      count("a=æ", "e", 1),
      count("a=æ", undefined, 4),
    ]);
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({ gpc: "u=ʌ", isNamed: false });
    expect(found[0]?.settledAfter).toBeGreaterThan(0);
  });

  it("keeps learners apart and puts what is named first; nothing comes of nothing", () => {
    const found = evidenceFindings([
      count("u=ʌ", "ɒ", 2),
      count("u=ʌ", undefined, 2),
      count("e=e", "ɪ", 6, { learnerId: "heron" }),
      count("e=e", undefined, 3, { learnerId: "heron" }),
    ]);
    expect(found.map(({ learnerId, isNamed }) => [learnerId, isNamed])).toEqual([
      ["heron", true],
      ["tern", false],
    ]);
    expect(evidenceFindings([])).toEqual([]);
  });
});

describe("confusionMatrices", () => {
  const rows = substitutionTable([
    count("e=e", "ɪ", 5),
    count("e=e", undefined, 10),
    count("ea=e", "ɪ", 2),
    count("i=ɪ", undefined, 7),
    count("u=ʌ", "ɒ", 3),
    count("p=p", "b", 2),
    count("p=p", undefined, 6),
    count("s=s", "", 2),
    count("s=s", undefined, 5),
  ]);

  it("has every answer once: the row's figures add up to its chances", () => {
    for (const { rows: lines, columns } of confusionMatrices(rows, false))
      for (const { said, leftOut, chances } of lines) {
        expect(said).toHaveLength(columns.length);
        expect(said.reduce((sum, n) => sum + n, leftOut)).toBe(chances);
      }
  });

  it("takes correspondences of one sound together, vowels and consonants apart", () => {
    const [vowels, consonants] = confusionMatrices(rows);
    const e = vowels?.rows.find(({ expected }) => expected[0] === "e");
    expect(e?.chances).toBe(17);
    expect(e?.said[vowels?.columns.findIndex(([sound]) => sound === "ɪ") ?? -1]).toBe(7);
    expect(consonants?.rows.map(({ expected }) => expected[0]).sort()).toEqual(["p", "s"]);
    expect(consonants?.rows.find(({ expected }) => expected[0] === "s")?.leftOut).toBe(2);
    // Only what was ever wrong, unless all is asked for.
    expect(vowels?.rows.some(({ expected }) => expected[0] === "ɪ")).toBe(false);
    expect(confusionMatrices(rows, false)[0]?.rows.some(({ expected }) => expected[0] === "ɪ")).toBe(true);
  });

  it("stands near sounds near: the row of sounds is shorter than in any of a hundred other orders", () => {
    const many = substitutionTable(
      ["p", "b", "t", "d", "k", "g", "m", "n", "f", "v", "s", "z"].map((sound) => count(`${sound}=${sound}`, "l", 1)),
    );
    const [matrix] = confusionMatrices(many);
    const sounds = (matrix?.columns ?? []).map(([sound]) => sound as string);
    const length = (row: readonly string[]) =>
      row.slice(1).reduce((sum, sound, k) => sum + soundDistance(row[k] as string, sound), 0);
    let state = 7;
    const random = () => {
      state = (state * 48271) % 2147483647;
      return state / 2147483647;
    };
    for (let k = 0; k < 100; k++) {
      const other = [...sounds].sort(() => random() - 0.5);
      expect(length(sounds)).toBeLessThanOrEqual(length(other) + 1e-9);
    }
  });

  it("none without records", () => expect(confusionMatrices([])).toEqual([]));
});
