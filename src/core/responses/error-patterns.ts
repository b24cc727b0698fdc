import { inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { segmentations } from "../lexicon/segment.ts";
import { taughtKey } from "../scope/taught-set.ts";
import { phoneme } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { soundsOf } from "../spelling/said.ts";
import { phonemesOf, type Segmentation, type Unit } from "../spelling/segmentation.ts";
import type { AlignedResponse } from "./finding.ts";
import type { AnswerWay } from "./response-modes.ts";
import { mainSounds, type ResponsePieces, soundsOfLetters } from "./response-pieces.ts";

/** What teachers call an error by, where it has a name. Common practice, no source. */
export const ERROR_PATTERNS = [
  /** Short for long, or long for short: hop for hope, peel for pill. */
  "vowel-length",
  /** cap for cape. */
  "final-e-ignored",
  /** s, h for sh: said one by one, or built with two tiles. */
  "digraph-as-two-letters",
  /** b for p, z for s. */
  "voicing",
  /** top for stop. */
  "cluster-reduced",
  /** jump for jumped. */
  "ending-dropped",
  /** cats for cat. */
  "ending-added",
  /** house for horse: begun right, and another word. */
  "first-sound-then-guessed",
  /** The word before or after it in the chain. */
  "neighbouring-word",
  /** Its letters' other sound, which has been taught: the i of lid in lion. */
  "other-taught-sound",
] as const;
export type ErrorPattern = (typeof ERROR_PATTERNS)[number];

export interface ErrorContext {
  readonly word: Segmentation;
  /** The response, as it was typed. */
  readonly text: string;
  readonly mode: AnswerWay;
  readonly by: ResponsePieces["by"];
  readonly lexicon: Lexicon;
  readonly taught?: { readonly gpcs: ReadonlyMap<string, unknown> } | undefined;
  readonly neighbours?: readonly string[] | undefined;
}

/** The long sound of each short vowel: of its letter, and the one near it in the mouth. */
const LONG_OF: Readonly<Record<string, readonly string[]>> = {
  æ: ["eɪ"],
  e: ["iː"],
  ɪ: ["aɪ", "iː"],
  ɒ: ["oʊ"],
  ʌ: ["uː"],
  ʊ: ["uː"],
};
/** Sounds of the endings -s, -es, -ed and -ing. */
const ENDING_SOUNDS = ["s", "z", "ɪz", "əz", "t", "d", "ɪd", "əd", "ɪŋ"];

/** The named patterns that a response shows, in the order of `ERROR_PATTERNS`. */
export function errorPatternsIn(
  view: Pick<AlignedResponse, "units" | "findings">,
  context: ErrorContext,
): ErrorPattern[] {
  const found = new Set<ErrorPattern>();
  const { word } = context;
  view.units.forEach(({ result, said }, k) => {
    if (result === "substitution")
      for (const pattern of ofSubstitution(word.units[k] as Unit, said, context)) found.add(pattern);
    if (result === "omission" && isInCluster(word, k)) found.add("cluster-reduced");
  });
  // What was dropped is the ending, not half a cluster.
  const endings = ofEnding(context);
  if (endings.includes("ending-dropped")) found.delete("cluster-reduced");
  const isUnrelated = view.findings.some(({ kind }) => kind === "unrelated");
  if (!isUnrelated) for (const pattern of endings) found.add(pattern);
  if (!isUnrelated && isGuess(view, context)) found.add("first-sound-then-guessed");
  if (isNeighbour(context)) found.add("neighbouring-word");
  return ERROR_PATTERNS.filter((pattern) => found.has(pattern));
}

function ofSubstitution(unit: Unit, said: readonly string[], { lexicon, taught }: ErrorContext): ErrorPattern[] {
  const found: ErrorPattern[] = [];
  const wanted = unit.phonemes.at(-1) ?? "";
  const other = said.at(-1) ?? "";
  if (LONG_OF[wanted]?.includes(other) || LONG_OF[other]?.includes(wanted)) found.push("vowel-length");
  if (unit.grapheme.endsWith("-e") && said.length === 1 && other === mainSounds(unit.grapheme.charAt(0))[0])
    found.push("final-e-ignored");
  const letters = soundsOfLetters(unit);
  if (letters.length > 1 && letters.join() === said.join()) found.push("digraph-as-two-letters");
  if (unit.phonemes.length === 1 && said.length === 1 && differInVoiceAlone(wanted, other)) found.push("voicing");
  if (said.length > 0 && taught?.gpcs.has(taughtKey(unit.grapheme, said, lexicon.accent)))
    found.push("other-taught-sound");
  return found;
}

function differInVoiceAlone(a: string, b: string): boolean {
  const [x, y] = [phoneme(a), phoneme(b)];
  return (
    x?.kind === "consonant" &&
    y?.kind === "consonant" &&
    x.place === y.place &&
    x.manner === y.manner &&
    x.voiced !== y.voiced
  );
}

/** Does the consonant stand beside another one of its onset or coda? */
function isInCluster({ units }: Segmentation, k: number): boolean {
  const unit = units[k];
  if (!unit || unit.slot === "nucleus") return false;
  return [units[k - 1], units[k + 1]].some((other) => other !== undefined && other.slot === unit.slot);
}

function ofEnding({ word, text, lexicon, mode }: ErrorContext): ErrorPattern[] {
  if (text === "") return [];
  const readings = segmentations(text, lexicon);
  const saidSounds = readings.map((reading) => soundsOf(reading, lexicon.accent));
  const own = inflectionOf(word.word, lexicon);
  const isBase = (base: string) =>
    base === text ||
    (mode !== "built" &&
      mode !== "written" &&
      segmentations(base, lexicon).some((reading) => saidSounds.includes(soundsOf(reading, lexicon.accent))));
  if (own && isBase(own.base)) return ["ending-dropped"];
  if (inflectionOf(text, lexicon)?.base === word.word) return ["ending-added"];
  const sounds = soundClassOf(phonemesOf(word), lexicon.accent);
  const isLonger = ENDING_SOUNDS.some((ending) => saidSounds.includes(`${sounds} ${ending}`));
  return isLonger && readings.length > 0 && text.startsWith(word.word) ? ["ending-added"] : [];
}

/** Begun right, and from there another word of the list than the one that stands there. */
function isGuess({ units }: Pick<AlignedResponse, "units">, { by, text }: ErrorContext): boolean {
  if (by !== "list" || text === "" || units.length < 3) return false;
  const right = units.filter(({ result }) => result === "right").length;
  return units[0]?.result === "right" && units.length - right >= 2 && right / units.length <= 0.5;
}

function isNeighbour({ neighbours = [], text, lexicon }: ErrorContext): boolean {
  if (text === "") return false;
  if (neighbours.includes(text)) return true;
  const said = segmentations(text, lexicon).map((reading) => soundsOf(reading, lexicon.accent));
  return neighbours.some((word) =>
    segmentations(word, lexicon).some((reading) => said.includes(soundsOf(reading, lexicon.accent))),
  );
}
