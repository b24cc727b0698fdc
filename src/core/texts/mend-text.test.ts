import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { checkText } from "./check-text.ts";
import { mendText } from "./mend-text.ts";
import { wordKind } from "./word-kind.ts";

const PHASED = sequenceById("phased") as Sequence;
const taught = taughtAtStep(PHASED, 30);
const lexicon = lexiconIn(shippedLexicon(), GENERAL_AMERICAN);
const TEXT = "The old women lived in cottages. Because it was raining, Sam's kitten walked to the naughty kittens.";

describe("mendText", () => {
  const mends = mendText(checkText(TEXT, taught), { taught, sequence: PHASED });
  const mend = (word: string) => mends.find((one) => one.word === word);

  it("names every word that does not fit once, with when it comes", () => {
    expect(mends.map(({ word }) => word)).toEqual(
      expect.arrayContaining(["old", "lived", "cottages", "because", "walked", "naughty"]),
    );
    expect(new Set(mends.map(({ word }) => word)).size).toBe(mends.length);
    for (const { word, comesAt } of mends)
      if (comesAt !== undefined) {
        expect(checkDecodable(word, taughtAtStep(PHASED, comesAt)).decodable).toBe(true);
        expect(checkDecodable(word, taughtAtStep(PHASED, comesAt - 1)).decodable).toBe(false);
      }
  });

  it("offers words of the same kind that fit; nothing for words that hold the sentence together", () => {
    for (const { word, replacements } of mends)
      for (const other of replacements) {
        expect(checkDecodable(other, taught).decodable).toBe(true);
        const [kind, otherKind] = [wordKind(word, lexicon), wordKind(other, lexicon)];
        expect([otherKind?.part, otherKind?.form]).toEqual([kind?.part, kind?.form]);
      }
    expect(mend("because")?.replacements).toEqual([]);
    expect(mend("walked")?.replacements).toContain("ran");
    expect(mend("old")?.replacements[0]).toBe("big");
  });
});
