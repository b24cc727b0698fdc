import { phonemize } from "phonemizer";
import { describe, expect, it } from "vitest";
import {
  decode,
  makeNonsense,
  phonemesOf,
  SEQUENCES,
  type Segmentation,
  shippedLexicon,
} from "../../src/core/index.ts";
import { inFull, some } from "../in-full.ts";
import { taughtAtStep } from "../taught-at-step.ts";

/**
 * Reading by rule against eSpeak NG (npm phonemizer, WASM), an independent letter-to-sound engine. Both
 * sides are brought to one coarse notation first: stress and length dropped, short-o vowels one class, weak
 * vowels one, th voiced and unvoiced one, the glide of new and due dropped. Agreement and the groups of
 * disagreement stand in docs/checks.md.
 */
const COARSE: readonly [RegExp, string][] = [
  [/ˈ|ˌ|ː|\u0329|ʰ|‿/g, ""],
  [/ɡ/g, "g"],
  // fire, hour: the r after the glide is one sound to us, two to eSpeak.
  [/(aɪ|aʊ)(?:ɚ|ə|ɹ|r)+/g, "$1Y"],
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
/** So many words at a time: one call for each takes half as long again. Each is a sentence of its own. */
const AT_A_TIME = 100;
async function theirs(words: readonly string[]): Promise<string[]> {
  const said: string[] = [];
  for (let k = 0; k < words.length; k += AT_A_TIME)
    said.push(...(await phonemize(words.slice(k, k + AT_A_TIME).join(". \n"), "en-us")));
  if (said.length !== words.length) throw new Error("eSpeak NG has not answered word for word.");
  return said.map((ipa) => coarse(ipa.replace(/\s/g, "")));
}

interface Disagreement {
  readonly word: string;
  readonly ours: string;
  readonly theirs: string;
}

async function compare(words: readonly { word: string; reading: Segmentation }[]) {
  const said = await theirs(words.map(({ word }) => word));
  const disagreements = words
    .map(({ word, reading }, k): Disagreement => ({ word, ours: ours(reading), theirs: said[k] as string }))
    .filter((sides) => sides.ours !== sides.theirs);
  return { share: 1 - disagreements.length / words.length, disagreements };
}

const say = (name: string, { share, disagreements }: Awaited<ReturnType<typeof compare>>) =>
  process.stdout.write(
    `${name}: ${(100 * share).toFixed(1)} % agree; ${disagreements.map((d) => `${d.word} ${d.ours}/${d.theirs}`).join(", ")}\n`,
  );

const NONSENSE = inFull(400, 1000);

/** So many different nonsense words, of every third step of the sequences in turn. */
function firstNonsense(count: number): { word: string; reading: Segmentation }[] {
  const words = new Map<string, { word: string; reading: Segmentation }>();
  for (const sequence of SEQUENCES)
    for (let step = 4; step <= sequence.steps.length && words.size < count; step += 3) {
      const taught = taughtAtStep(sequence, step);
      for (const made of makeNonsense({ taught, count: 50, seed: step, shapes: ["CVC", "CCVC", "CVCC"] }))
        words.set(made.word, made);
    }
  return [...words.values()].slice(0, count);
}

describe("reading by rule and eSpeak NG", () => {
  it("agree on regular words of one syllable", async () => {
    const regular = some(shippedLexicon().words, 5)
      .filter((entry) => entry.syllables === 1 && entry.readings[0].units.every((unit) => unit.commonness === 1))
      .flatMap(({ word }) => {
        const reading = decode(word);
        return reading ? [{ word, reading }] : [];
      });
    expect(regular.length).toBeGreaterThan(inFull(800, 4000));
    const result = await compare(regular);
    say("regular words", result);
    expect(result.share).toBeGreaterThan(0.97);
  });

  it(`agree on ${NONSENSE} generated nonsense words`, async () => {
    const made = firstNonsense(NONSENSE);
    expect(made).toHaveLength(NONSENSE);
    const result = await compare(made);
    say("nonsense words", result);
    expect(result.share).toBeGreaterThan(0.95);
  });
});
