import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { segment } from "../lexicon/segment.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { syllablesOf } from "../spelling/syllables.ts";
import { BLENDING_WAYS, type BlendingWay, SUPPORTS, type Support } from "./settings.ts";
import { stagesOf, type WordStage } from "./stages.ts";

const reading = (word: string) => segment(word) as Segmentation;
/** `"s-- sa- sat"`: what is closed, in brackets what is run together, dots for what is hidden. */
const shown = (
  word: string,
  blending: BlendingWay,
  support: Support = "tap-aloud",
  parts?: readonly (readonly number[])[],
) => stagesOf(reading(word), { blending, support }, parts).map((stage) => drawn(reading(word), stage));
const drawn = ({ units }: Segmentation, { from, to, closed, blended, groups }: WordStage) => {
  const letters = units.map(({ grapheme }, k) =>
    k < from || k >= to ? "." : k < closed ? grapheme.toUpperCase() : grapheme,
  );
  return `${groups ? "*" : ""}${blended ? `[${letters.join("")}]` : letters.join(" ")}`;
};

describe("the moments of a word", () => {
  it.each([
    ["sound-by-sound", ["sh i p", "SH i p", "SH I p", "SH I P", "[SHIP]"]],
    ["build-up", ["SH . .", "[SHI.]", "SH I P", "[SHIP]"]],
    ["voice-kept-going", ["sh i p", "SH i p", "SH I p", "SH I P", "[SHIP]"]],
    ["beginning-and-rime", ["sh i p", "SH i p", "SH I P", "[SHIP]"]],
    ["body-and-ending", ["sh i p", "SH I p", "SH I P", "[SHIP]"]],
    ["letter-groups-first", ["sh i p", "*sh i p", "*SH i p", "*SH I p", "*SH I P", "[SHIP]"]],
  ] as const)("%s", (way, stages) => {
    expect(shown("ship", way)).toEqual(stages);
  });

  it("a cluster is closed as one beginning; a word without one has no empty press", () => {
    expect(shown("stop", "beginning-and-rime")).toEqual(["s t o p", "S T o p", "S T O P", "[STOP]"]);
    expect(shown("at", "beginning-and-rime")).toEqual(["a t", "A T", "[AT]"]);
    expect(shown("see", "body-and-ending")).toEqual(["s ee", "S EE", "[SEE]"]);
  });

  it("the voice kept going is told from sound by sound by what hangs together", () => {
    const flowing = stagesOf(reading("ship"), { blending: "voice-kept-going", support: "tap-aloud" });
    expect(flowing.slice(0, -1).every((stage) => stage.flowing)).toBe(true);
    expect(
      stagesOf(reading("ship"), { blending: "sound-by-sound", support: "tap-aloud" }).some((stage) => stage.flowing),
    ).toBe(false);
  });

  it("tapped silently it takes one press; at sight none", () => {
    expect(shown("ship", "build-up", "tap-silently")).toEqual(["sh i p", "SH I P", "[SHIP]"]);
    expect(shown("ship", "sound-by-sound", "at-sight")).toEqual(["[SHIP]"]);
  });

  it("a longer word part by part, then together", () => {
    const parts = syllablesOf(reading("sunset")).map(({ units }) => units);
    expect(shown("sunset", "sound-by-sound", "tap-silently", parts)).toEqual([
      "s u n . . .",
      "S U N . . .",
      "[SUN...]",
      ". . . s e t",
      ". . . S E T",
      "[...SET]",
      "S U N S E T",
      "[SUNSET]",
    ]);
  });

  it("whatever the word, the way and the help: it ends whole, and no two moments in a row are the same", () => {
    const { words } = shippedLexicon();
    fc.assert(
      fc.property(
        fc.nat(words.length - 1),
        fc.constantFrom(...BLENDING_WAYS),
        fc.constantFrom(...SUPPORTS),
        (k, blending, support) => {
          const [lead] = words[k]?.readings ?? [];
          if (!lead) return;
          const stages = stagesOf(
            lead,
            { blending, support },
            syllablesOf(lead).map(({ units }) => units),
          );
          const all = lead.units.length;
          expect(stages.at(-1)).toMatchObject({ from: 0, to: all, closed: all, blended: true });
          for (const [n, stage] of stages.slice(1).entries()) expect(stage).not.toEqual(stages[n]);
          for (const { from, to, closed } of stages)
            expect(0 <= from && from < to && closed <= to && to <= all).toBe(true);
        },
      ),
      { seed: 2, numRuns: 400 },
    );
  });
});
