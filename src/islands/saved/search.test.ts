import { describe, expect, it } from "vitest";
import type { GroupId } from "../../schemas/ids.ts";
import type { SavedItem } from "../../server/saved/saved-page.ts";
import { searchSaved } from "./search.ts";

const item = (title: string, words: readonly string[], more: Partial<SavedItem> = {}): SavedItem => ({
  ...{
    id: title,
    kind: "chain",
    title,
    words,
    groupId: "g" as GroupId,
    group: "Plovers",
    isPutAway: false,
    at: "2026-11-24T09:30:00Z",
  },
  ...more,
});
const ITEMS = [
  item("ship to hop", ["ship", "chip", "hop"]),
  item("-et beside -it", ["pet", "pit"], { kind: "family", group: "Turnstones" }),
  item("Every morning", [], { kind: "routine", parts: ["blend-sounds", "first-sound"], at: "2026-11-10T09:30:00Z" }),
  item("Monday", ["ship"], { kind: "lesson", at: "2026-11-20T09:30:00Z" }),
];
const found = (typed: string) => searchSaved(ITEMS, typed).map(({ title }) => title);

describe("searchSaved", () => {
  it.each([
    ["", ["ship to hop", "-et beside -it", "Every morning", "Monday"]],
    ["sh", ["ship to hop", "Monday"]],
    ["SHIP plovers", ["ship to hop", "Monday"]],
    ["turnstones", ["-et beside -it"]],
    ["routine blend", ["Every morning"]],
    ["20 nov", ["Monday"]],
    ["pit ship", []],
  ])("%j finds %j", (typed, titles) => expect(found(typed)).toEqual(titles));
});
