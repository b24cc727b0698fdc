import { describe, expect, it } from "vitest";
import { inFull } from "../../../tests/in-full.ts";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { MOVES } from "../chains/moves.ts";
import { checkPhonemeStep } from "../chains/oral-step.ts";
import { planChain } from "../chains/planner/plan-chain.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { SEQUENCES } from "../scope/sequences.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { oralChain } from "./oral-chain.ts";
import { isTrue } from "./verify.ts";

const itemsOf = (...words: string[]) => oralChain(words).flatMap(({ items }) => items);

describe("a chain for the ears", () => {
  it.each([
    ["cot", "kit", "change", "change-middle", "middle", 1],
    ["cap", "map", "change", "change-beginning", "beginning", 0],
    ["cap", "clap", "add", "add-beginning", "in-a-cluster", 1],
    ["go", "ago", "add", "add-beginning", "beginning", 0],
    ["lap", "clap", "add", "add-beginning", "beginning", 0],
    ["see", "seat", "add", "add-end", "end", 2],
    ["clap", "cap", "take", "take-from-cluster", "in-a-cluster", 1],
    ["clap", "lap", "take", "take-beginning", "beginning", 0],
    ["seat", "see", "take", "take-end", "end", 2],
    ["boat", "bone", "change", "change-end", "end", 2],
    ["mask", "mast", "change", "change-end", "end", 3],
  ] as const)("%s, %s: %s", (from, to, kind, skill, place, at) => {
    const [item] = itemsOf(from, to);
    expect(item).toMatchObject({ kind, skill, place, at, first: { text: from }, answer: { text: to, isWord: true } });
    expect(item && isTrue(item, shippedLexicon().accent)).toBe(true);
  });

  it("items of one skill stand together; the order is the chain's", () => {
    const parts = oralChain(["cat", "mat", "hat", "hit"]);
    expect(parts.map(({ skill, items }) => [skill, items.length])).toEqual([
      ["change-beginning", 2],
      ["change-middle", 1],
    ]);
  });

  it("goes on from the next word where there is no such step", () => {
    expect(itemsOf("tap", "pat", "pit").map(({ key }) => key)).toEqual(["change-middle pat pit"]);
    expect(itemsOf("cat", "dog", "log").map(({ key }) => key)).toEqual(["change-beginning dog log"]);
    expect(itemsOf("cat")).toEqual([]);
  });

  it.each<[string, AccentSettings]>([
    ["General American", { accent: "general-american", mergers: [] }],
    ["with pin as pen and cot as caught", { accent: "general-american", mergers: ["pin-pen", "cot-caught"] }],
    ["Southern British", { accent: "southern-british", mergers: [] }],
  ])("every step of planned chains is one true item, %s", (_, accent) => {
    const list = lexiconIn(shippedLexicon(), accent);
    let steps = 0;
    for (const sequence of SEQUENCES)
      for (let seed = 1; seed <= 12; seed += inFull(2, 1)) {
        const taught = taughtAtStep(sequence, 2 * seed, accent);
        const request = {
          taught,
          length: 10,
          focus: [],
          contrasts: [],
          seed,
          mode: "ears-only" as const,
          moves: MOVES,
        };
        const plans = planChain(request, undefined, { relax: false });
        if (!Array.isArray(plans)) continue;
        for (const { words } of plans) {
          const items = oralChain(words, list).flatMap((part) => part.items);
          for (const item of items) expect(isTrue(item, accent), `${words.join(" ")}: ${item.key}`).toBe(true);
          const kinds = words.slice(1).map((word, k) => {
            const step = checkPhonemeStep(words[k] as string, word, { moves: MOVES }, list);
            return step.single && step.kind;
          });
          expect(items.length, words.join(" ")).toBe(kinds.filter((kind) => kind !== "swap").length);
          steps += items.length;
        }
      }
    expect(steps).toBeGreaterThan(inFull(75, 150));
  });
});
