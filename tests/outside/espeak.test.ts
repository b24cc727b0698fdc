import { phonemize } from "phonemizer";
import { describe, expect, it } from "vitest";
import {
  decode,
  makeNonsense,
  phonemesOf,
  SEQUENCES,
  type Segmentation,
  type Sequence,
  shippedLexicon,
  taughtAt,
} from "../../src/core/index.ts";

/**
 * Reading by rule against eSpeak NG (npm phonemizer, WASM), an independent letter-to-sound engine. Both
 * sides are brought to one coarse notation first: stress and length dropped, short-o vowels one class, weak
 * vowels one, th voiced and unvoiced one, the glide of new and due dropped. Agreement and the groups of
 * disagreement stand in docs/checks.md.
 */
const COARSE: readonly [RegExp, string][] = [
  [/ˈ|ˌ|ː|\u0329|ʰ|‿/g, ""],
  [/ɡ/g, "g"],
  [/ɹ/g, "r"],
  [/ɾ|ʔ/g, "t"],
  [/ɚ|ɝ|ɜr?|ər/g, "R"],
  [/ɔ(?=r)|o(?=r)/g, "O"],
  [/ɛ|e(?!ɪ)/g, "E"],
  [/[ɑɒɔ](?!ɪ)/g, "a"],
  [/ɪ(?=r)|i(?=r)/g, "I"],
  [/ɐ|ᵻ|ə/g, "ɪ"],
  [/ð/g, "θ"],
  [/j(?=u|ʊ)/g, ""],
  [/ʊ(?=r)|u(?=r)/g, "U"],
];
const coarse = (ipa: string) => COARSE.reduce((text, [from, to]) => text.replace(from, to), ipa.normalize("NFC"));

const ours = (reading: Segmentation) => coarse(phonemesOf(reading).join(""));
const theirs = async (word: string) => coarse((await phonemize(word, "en-us")).join("").replace(/\s/g, ""));

interface Disagreement {
  readonly word: string;
  readonly ours: string;
  readonly theirs: string;
}

async function compare(words: readonly { word: string; reading: Segmentation }[]) {
  const disagreements: Disagreement[] = [];
  for (const { word, reading } of words) {
    const sides = { word, ours: ours(reading), theirs: await theirs(word) };
    if (sides.ours !== sides.theirs) disagreements.push(sides);
  }
  return { share: 1 - disagreements.length / words.length, disagreements };
}

const say = (name: string, { share, disagreements }: Awaited<ReturnType<typeof compare>>) =>
  process.stdout.write(
    `${name}: ${(100 * share).toFixed(1)} % agree; ${disagreements.map((d) => `${d.word} ${d.ours}/${d.theirs}`).join(", ")}\n`,
  );

describe("reading by rule and eSpeak NG", () => {
  it("agree on regular words of one syllable", async () => {
    const regular = shippedLexicon().words.filter(
      (entry) => entry.syllables === 1 && entry.readings[0].units.every((unit) => unit.commonness === 1),
    );
    const sample = regular
      .filter((_, k) => k % 4 === 0)
      .flatMap(({ word }) => {
        const reading = decode(word);
        return reading ? [{ word, reading }] : [];
      });
    expect(sample.length).toBeGreaterThan(600);
    const result = await compare(sample);
    say("regular words", result);
    expect(result.share).toBeGreaterThan(0.9);
  });

  it("agree on generated nonsense words", async () => {
    const sequence = SEQUENCES[0] as Sequence;
    const words = [13, 17, 24, 30, 40, 47].flatMap((step) =>
      makeNonsense({ taught: taughtAt(sequence, step), count: 60, seed: step, shapes: ["CVC", "CCVC", "CVCC"] }),
    );
    expect(words.length).toBeGreaterThan(300);
    const result = await compare(words);
    say("nonsense words", result);
    expect(result.share).toBeGreaterThan(0.85);
  });
});
