import { describe, expect, it } from "vitest";
import { aimOf, DEFAULT_SHAPE, GENERAL_AMERICAN } from "../../src/core/index.ts";
import { askWordsOnce } from "../../src/server/words/known-answers.ts";

const AIM = aimOf(DEFAULT_SHAPE, { focus: [], contrasts: [], recent: [], accent: GENERAL_AMERICAN });
const describeWords = (...words: string[]) => askWordsOnce("describeChain", words, AIM);

describe("an answer that takes the word list", () => {
  it("is the same when exactly the same is asked again", async () => {
    const first = describeWords("ship", "shop");
    expect(describeWords("ship", "shop")).toBe(first);
    expect((await first).steps[0]?.single).toBe(true);
  });

  it("is another when anything that was asked is another", async () => {
    const first = describeWords("chip", "chop");
    const swapped = describeWords("chop", "chip");
    expect(swapped).not.toBe(first);
    expect((await swapped).words).toEqual(["chop", "chip"]);
    const otherAim = askWordsOnce("describeChain", ["chip", "chop"], { ...AIM, focus: ["sh=ʃ"] });
    expect(otherAim).not.toBe(first);
  });

  it("is another for another taught set, though only what its sets and maps hold differs", async () => {
    const firstChain = (...gpcs: string[]) =>
      askWordsOnce(
        "planFirst",
        {
          taught: {
            gpcs: new Map(gpcs.map((id) => [id, "any"])),
            patterns: new Set(),
            words: new Set(),
            accent: GENERAL_AMERICAN,
          },
          length: 4,
        } as never,
        [{ focus: [], contrasts: [] }],
      );
    const [withO, withU] = [firstChain("h", "o", "t", "p"), firstChain("h", "u", "t", "p")];
    expect(withU).not.toBe(withO);
    await Promise.allSettled([withO, withU]);
  });

  it("is found anew when it could not be given", async () => {
    const ask = () => askWordsOnce("describeChain", ["ship"], undefined as never);
    const failed = ask();
    await expect(failed).rejects.toThrow();
    expect(ask()).not.toBe(failed);
    await expect(ask()).rejects.toThrow();
  });

  it("is forgotten once many others have been asked for since", () => {
    const first = describeWords("mat", "map");
    for (const word of "bag bat cap cat dad dig dog fan fin fit get gum hat hen hop jam jet kid leg lid log".split(" "))
      for (const other of ["mud", "net"]) void describeWords(word, other);
    expect(describeWords("mat", "map")).not.toBe(first);
  });
});
