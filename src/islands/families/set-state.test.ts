import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Family, SetWord } from "../../core/light.ts";
import type { SetId } from "../../schemas/ids.ts";
import type { WordSet } from "../../server/sets/word-sets.ts";
import {
  type FamiliesAction,
  type FamiliesState,
  familiesReducer,
  fingerprint,
  startingFamilies,
} from "./set-state.ts";

const rime = (letters: string): Family => ({ kind: "rime", letters, sounds: letters });
const body = (letters: string): Family => ({ kind: "body", letters, sounds: letters });
const made = (...words: string[]): FamiliesAction => ({
  type: "made",
  words: words.map(
    (word) =>
      ({ word, nonsense: false, family: rime("at"), picture: false, reading: { word, units: [], cost: 0 } }) as SetWord,
  ),
});
const doing = (...actions: FamiliesAction[]): FamiliesState =>
  actions.reduce(familiesReducer, startingFamilies(undefined));
const wordsOf = ({ words }: FamiliesState) => words.map(({ word }) => word).join(" ");
const cat = { word: "cat", nonsense: false };

describe("the set in the making", () => {
  it("is made anew by itself until a word is put in or taken out by hand", () => {
    const state = doing({ type: "add-family", family: rime("at") }, made("hat", "mat"));
    expect([wordsOf(state), state.byHand]).toEqual(["hat mat", false]);
    const touched = familiesReducer(state, { type: "toggle", word: cat });
    expect([wordsOf(touched), touched.byHand]).toEqual(["hat mat cat", true]);
    expect(wordsOf(familiesReducer(touched, { type: "toggle", word: cat }))).toBe("hat mat");
    expect(familiesReducer(touched, { type: "make-anew" }).byHand).toBe(false);
  });

  it("undo gives back what was there, and then the set is the teacher's own", () => {
    const state = doing(made("hat"), made("rat"), { type: "toggle", word: cat }, { type: "undo" }, { type: "undo" });
    expect([wordsOf(state), state.byHand]).toEqual(["hat", true]);
    expect(doing({ type: "undo" })).toEqual(startingFamilies(undefined));
  });

  it("families of one kind stand together; one of the other kind begins anew and turns the walk", () => {
    const state = doing(
      { type: "add-family", family: rime("at") },
      { type: "add-family", family: rime("an") },
      { type: "add-family", family: rime("at") },
    );
    expect(state.families.map(({ letters }) => letters)).toEqual(["at", "an"]);
    const other = familiesReducer(state, { type: "add-family", family: body("ca") });
    expect([other.kind, other.way, other.families.length]).toEqual(["body", "body-first", 1]);
    const kind = familiesReducer(state, { type: "kind", kind: "body" });
    expect([kind.families, kind.words]).toEqual([[], []]);
    expect(familiesReducer(state, { type: "kind", kind: "rime" })).toBe(state);
  });

  it("a saved set opens as it was, and counts as saved until it is touched", () => {
    const set = {
      id: "1",
      groupId: "2",
      kind: "family",
      title: "Cats",
      updatedAt: "",
      content: {
        kind: "family",
        families: [rime("at")],
        words: [cat],
        way: "body-first",
        request: { count: 6, nonsenseShare: 0, order: "easiest", pictures: "any", endings: "out" },
      },
    } as unknown as WordSet;
    const state = startingFamilies(set);
    expect([wordsOf(state), state.way, state.options.count, state.byHand]).toEqual(["cat", "body-first", 6, true]);
    expect(fingerprint(state)).toBe(state.saved);
    for (const action of [
      { type: "toggle", word: cat },
      { type: "title", title: "x" },
      { type: "way", way: "rime-first" },
      { type: "options", options: { count: 9 } },
    ] as const)
      expect(fingerprint(familiesReducer(state, action))).not.toBe(state.saved);
    const saved = familiesReducer(familiesReducer(state, { type: "title", title: "x" }), {
      type: "saved",
      setId: "1" as SetId,
      title: "x",
    });
    expect(fingerprint(saved)).toBe(saved.saved);
  });

  it("whatever is pressed, no word stands twice and nothing that was there is beyond undo", () => {
    const word = fc.constantFrom("cat", "hat", "mat").map((text) => ({ word: text, nonsense: false }));
    const action = fc.oneof(
      word.map((one): FamiliesAction => ({ type: "toggle", word: one })),
      fc.constant<FamiliesAction>(made("cat", "rat")),
      fc.constant<FamiliesAction>({ type: "undo" }),
    );
    fc.assert(
      fc.property(fc.array(action, { maxLength: 30 }), (actions) => {
        let state = startingFamilies(undefined);
        for (const one of actions) {
          const before = state;
          state = familiesReducer(state, one);
          expect(new Set(state.words.map((w) => w.word)).size).toBe(state.words.length);
          if (one.type !== "undo" && before.words.length > 0)
            expect(wordsOf(familiesReducer(state, { type: "undo" }))).toBe(wordsOf(before));
        }
      }),
      { seed: 3, numRuns: 100 },
    );
  });
});
