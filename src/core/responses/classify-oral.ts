import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { OralTarget } from "../oral/oral-target.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { heardAs } from "../sounds/sound-class.ts";
import { phonemesOf, type Segmentation } from "../spelling/segmentation.ts";
import { CLASSIFIER_VERSION, classifyMarked, NOT_KNOWN, type ResponseVerdict, type UnitVerdict } from "./classify.ts";
import { type ClassifiedResponse, classifyResponse } from "./classify-response.ts";
import type { Finding } from "./finding.ts";
import type { RawAnswer } from "./raw-answer.ts";
import { mainSounds, partsSaid, piecesSaid } from "./response-pieces.ts";

interface OralOptions {
  readonly accent: AccentSettings;
}

/**
 * Judges what a learner said to an ears-only item, as a teacher typed it: sounds against sounds. Of a rhyme it is asked
 * whether it rhymes, of a word said in parts whether it was parted where it should be. Nothing is known of sounds that
 * were not asked for.
 *
 * @param target what was asked for (`oralTargetOf`)
 * @param typed a word, a respelling, or sounds one by one ("f … i … sh")
 */
export function classifyOral(
  target: OralTarget,
  typed: string,
  { accent }: OralOptions,
  list: Lexicon = shippedLexicon(),
): ClassifiedResponse {
  const { skill, reading, asked } = target;
  const options = { mode: "oral" as const, accent };
  const whole = classifyResponse(reading, typed, options, list);
  if (whole.verdict === "nothing" || whole.verdict === "unreadable") return whole;
  // A yes or a no is pressed: nothing that is typed tells which it was.
  if (skill === "rhyme-or-not") return notKnown(reading, "unreadable", []);
  const lexicon = lexiconIn(list, accent);
  if (skill === "say-a-rhyme") {
    const rhymes = whole.verdict !== "right" && saysARhyme(reading, typed, lexicon);
    return notKnown(reading, rhymes ? "right" : "wrong", [{ kind: rhymes ? "correct" : "no-rhyme" }]);
  }
  if (skill === "split-onset-rime" || skill === "split-sounds") {
    const wanted = skill === "split-sounds" ? reading.units.map(() => 1) : onsetAndRime(reading);
    const parts = partsSaid(typed).map((part) => soundsIn(part, lexicon));
    // The sounds of a part that was said as a word count one by one.
    if (whole.verdict === "right" && parts.join() !== wanted.join())
      return notKnown(reading, "wrong", [{ kind: "other-parts", said: parts.length, wanted: wanted.length }]);
  }
  if (asked.length === reading.units.length) return whole;
  const only: Segmentation = { ...reading, units: asked.flatMap((k) => reading.units[k] ?? []) };
  // A letter that is typed for one sound is its sound: a is no article here.
  const sound = mainSounds(partsSaid(typed).join(""));
  const said =
    only.units.length === 1 && sound.length > 0
      ? { kind: "picked" as const, sounds: [{ unit: 0, said: sound }] }
      : typed;
  const judged = classifyResponse(only, said, options, list);
  const inWord = (unit: number) => asked[unit] ?? unit;
  const placed = (finding: Finding): Finding =>
    "unit" in finding
      ? { ...finding, unit: inWord(finding.unit), position: POSITION[skill] ?? finding.position }
      : finding;
  return {
    ...judged,
    units: spread(reading, asked, judged.units),
    findings: judged.findings.map(placed),
    others: judged.others.map((other) => ({
      ...other,
      units: spread(reading, asked, other.units),
      findings: other.findings.map(placed),
    })),
  };
}

/** Where the sound stands that a skill asks for. */
const POSITION: Readonly<Partial<Record<OralTarget["skill"], "initial" | "medial" | "final">>> = {
  "first-sound": "initial",
  "middle-sound": "medial",
  "last-sound": "final",
};

/**
 * What a teacher marked of an ears-only item, as a verdict for every sound of it: as `classifyMarked`, but nothing is
 * known of sounds that were not asked for.
 */
export function classifyOralMark(target: OralTarget, answer: RawAnswer, accent: AccentSettings): ResponseVerdict {
  const { units } =
    answer.typed !== undefined && answer.outcome === "wrong"
      ? classifyOral(target, answer.typed, { accent })
      : classifyMarked(target.reading, answer, accent);
  const isAsked = new Set(target.asked);
  return {
    classifier: CLASSIFIER_VERSION,
    outcome: answer.outcome,
    units: units.map((unit, k) => (isAsked.has(k) ? unit : NOT_KNOWN)),
  };
}

const spread = (reading: Segmentation, asked: readonly number[], judged: readonly UnitVerdict[]): UnitVerdict[] =>
  reading.units.map((_, k) => judged[asked.indexOf(k)] ?? NOT_KNOWN);

const notKnown = (
  { units }: Segmentation,
  verdict: ClassifiedResponse["verdict"],
  findings: readonly Finding[],
): ClassifiedResponse => ({
  classifier: CLASSIFIER_VERSION,
  verdict,
  units: units.map(() => NOT_KNOWN),
  findings,
  patterns: [],
  sureness: verdict === "unreadable" ? "unsure" : "sure",
  others: [],
});

/** How many sounds a part of a word has, as a teacher writes it down: of `st` two, of `sh` one. */
function soundsIn(part: string, lexicon: Lexicon): number {
  // Rules read what has a vowel: consonants alone are lent one.
  const lent = /[aeiouy]/.test(part) ? "" : "a";
  return (piecesSaid(part + lent, lexicon)[0]?.pieces.length ?? 0) - lent.length;
}

/** How many sounds come before the vowel, and from it on. */
function onsetAndRime({ units }: Segmentation): number[] {
  const vowel = units.findIndex(({ slot }) => slot === "nucleus");
  return [vowel, units.length - vowel];
}

/** Is what was said the same from its vowel on, in any way that it can be read? */
function saysARhyme(reading: Segmentation, typed: string, lexicon: Lexicon): boolean {
  const rime = (sounds: readonly string[]) => {
    const heard = sounds.map((id, k) => heardAs(id, lexicon.accent, sounds[k + 1]));
    return heard.slice(sounds.findIndex(isVowel)).join(" ");
  };
  const wanted = rime(phonemesOf(reading));
  return piecesSaid(typed.trim().toLowerCase(), lexicon).some(
    ({ pieces }) => rime(pieces.flatMap(({ phonemes }) => phonemes)) === wanted,
  );
}
