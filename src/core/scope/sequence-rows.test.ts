import { describe, expect, it } from "vitest";
import { readSequenceTable, writeSequenceTable } from "../formats/sequence-csv.ts";
import { segmentations } from "../lexicon/segment.ts";
import { readSounds } from "../sounds/sound-symbols.ts";
import { readCorrespondence, splitCorrespondences } from "./correspondence-text.ts";
import { taughtGpcToken } from "./sequence.ts";
import { readSequenceRows, type SequenceRow, writeSequenceRows } from "./sequence-rows.ts";
import { SEQUENCES } from "./sequences.ts";

const rules = { lookUp: (word: string) => segmentations(word), unsuitable: (word: string) => word === "badword" };
const row = (spellings: string, more: Partial<SequenceRow> = {}): SequenceRow => ({
  name: "",
  spellings,
  patterns: "",
  irregularWords: "",
  ...more,
});
const codes = (rows: readonly SequenceRow[]) =>
  readSequenceRows(rows, rules).problems.map(
    ({ row: r, field, level, fault }) => `${r} ${field} ${level} ${fault.code}`,
  );

describe("readCorrespondence", () => {
  it.each([
    ["sh", "sh=ʃ"],
    ["SH", "sh=ʃ"],
    ["o", "o=ɒ"],
    ["y", "y=j"],
    ["a_e", "a-e=eɪ"],
    ["ow (snow)", "ow=oʊ"],
    ["ow(grow)", "ow=oʊ"],
    ["ow as in cow", "ow=aʊ"],
    ["ow=oʊ", "ow=oʊ"],
    ["ow=/əʊ/", "ow=oʊ"],
    ["ow=OW", "ow=oʊ"],
    ["x=ks", "x=k+s"],
    ["s=z@end", "s=z@end"],
    ["ck @ end", "ck=k@end"],
    ["oo (book)@inside", "oo=ʊ@inside"],
  ])("%s is %s", (text, token) => {
    const read = readCorrespondence(text, rules.lookUp);
    expect(read.ok && taughtGpcToken(read.gpc)).toBe(token);
  });

  it.each([
    ["ow", "ambiguous"],
    ["oo", "ambiguous"],
    ["qzx", "unknown-grapheme"],
    ["shé", "not-a-correspondence"],
    ["шип", "not-a-correspondence"],
    ["=ʃ", "not-a-correspondence"],
    ["x".repeat(200), "unknown-grapheme"],
    ["sh=ʘ", "unknown-sound"],
    ["sh=ks", "not-in-table"],
    ["sh (zzyzx)", "unknown-word"],
    ["sh (cat)", "word-without-grapheme"],
    ["sh@middle", "unknown-place"],
  ])("%s: %s", (text, code) => {
    const read = readCorrespondence(text, rules.lookUp);
    expect(read.ok || read.fault.code).toBe(code);
  });

  it("cuts a field however it is written", () => {
    expect(splitCorrespondences("sh, ow (snow) oo as in book;ck@end\n s=z @ end")).toEqual([
      "sh",
      "ow (snow)",
      "oo as in book",
      "ck@end",
      "s=z @ end",
    ]);
  });

  it("reads sounds as other books write them, and no others", () => {
    expect(readSounds("/t͡ʃ/")).toBeUndefined();
    expect(readSounds("[ʧ]")).toEqual(["tʃ"]);
    expect(readSounds("ɜː")).toEqual(["ɜːr"]);
    expect(readSounds("i:")).toEqual(["iː"]);
    expect(readSounds("")).toBeUndefined();
  });
});

describe("readSequenceRows", () => {
  it.each(SEQUENCES.map((s) => [s.name, s] as const))("%s: written and read again it is the same", (_, sequence) => {
    const { steps, problems } = readSequenceRows(writeSequenceRows(sequence), rules);
    expect(problems.filter(({ level }) => level === "error")).toEqual([]);
    expect(steps).toEqual(sequence.steps);
  });

  it("names a step after what it teaches when it has no name", () => {
    expect(readSequenceRows([row("s a t")], rules).steps[0]?.name).toBe("s a t");
  });

  it.each([
    ["nothing at all", [], ["0 spellings error sequence-teaches-nothing"]],
    [
      "only empty steps",
      [row(""), row(" ")],
      [
        "0 spellings remark step-teaches-nothing",
        "1 spellings remark step-teaches-nothing",
        "0 spellings error sequence-teaches-nothing",
      ],
    ],
    ["the same twice", [row("s a"), row("s t")], ["1 spellings remark taught-twice"]],
    ["a pattern that is none", [row("s", { patterns: "ccvc wobble" })], ["0 patterns error unknown-pattern"]],
    [
      "a word in other letters",
      [row("s", { irregularWords: "the ça 2nd" })],
      ["0 irregularWords error not-a-word", "0 irregularWords error not-a-word"],
    ],
    ["a word not for children", [row("s", { irregularWords: "badword" })], ["0 irregularWords error unsuitable-word"]],
    ["a very long name", [row("s", { name: "n".repeat(99) })], ["0 name error name-too-long"]],
  ])("%s", (_, rows, expected) => {
    expect(codes(rows)).toEqual(expected);
  });

  it("says so when there are too many steps", () => {
    expect(codes(Array.from({ length: 201 }, () => row("s"))).at(-1)).toBe("0 spellings error too-many-steps");
  });

  it("says in which step a thing was taught first, and the same sound for another place is not twice", () => {
    const { problems } = readSequenceRows([row("s"), row("s (is)@end"), row("s")], rules);
    expect(problems).toMatchObject([{ row: 2, fault: { code: "taught-twice", what: "s", firstStep: 1 } }]);
  });
});

describe("a sequence as a table", () => {
  it("is found by its headings, in any order, past empty lines", () => {
    const cells = [[""], ["Irregular words", "notes", "Graphemes"], ["the", "x", "s a"], ["", "", ""], ["", "", "sh"]];
    expect(readSequenceTable(cells)).toEqual({
      ok: true,
      rows: [row("s a", { irregularWords: "the" }), row("sh")],
      lines: [3, 5],
    });
  });

  it.each([
    [[], "empty"],
    [[["", " "]], "empty"],
    [
      [
        ["one", "two"],
        ["s", "t"],
      ],
      "no-spellings-column",
    ],
  ])("%j: %s", (cells, code) => {
    expect(readSequenceTable(cells)).toMatchObject({ ok: false, code });
  });

  it("goes out and comes back", () => {
    const rows = writeSequenceRows(SEQUENCES[0] as (typeof SEQUENCES)[number]);
    expect(readSequenceTable(writeSequenceTable(rows))).toMatchObject({ ok: true, rows });
  });
});

describe("the shipped sequences", () => {
  it.each(SEQUENCES.map((sequence) => [sequence.id, sequence] as const))(
    "%s: nothing taught twice, no step empty",
    (_, sequence) => {
      const { problems } = readSequenceRows(writeSequenceRows(sequence), {
        lookUp: (word) => segmentations(word),
        unsuitable: () => false,
      });
      expect(problems).toEqual([]);
    },
  );
});
