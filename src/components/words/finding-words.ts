import type { ClassifiedResponse, ErrorPattern, Finding, ResponseMode } from "../../core/light.ts";
import type { TypedVerdict } from "../../server/evidence/verdict.ts";
import { counted } from "./counted.ts";
import { POSITION_NAME } from "./position-name.ts";
import { sentenceVerdictWords } from "./sentence-words.ts";
import { soundAlone, soundName } from "./sounds.ts";

/** What a response showed, by the names that teachers use. */
const PATTERN_TOLD: Readonly<Record<ErrorPattern, string>> = {
  "vowel-length": "a short vowel for a long one, or the other way round",
  "final-e-ignored": "the e at the end left out of account",
  "digraph-as-two-letters": "its letters one by one",
  voicing: "the same sound with or without the voice",
  "cluster-reduced": "one of two consonants left out",
  "ending-dropped": "the ending left off",
  "ending-added": "an ending put on",
  "first-sound-then-guessed": "begun right, then another word",
  "neighbouring-word": "the word beside it in the chain",
  "other-taught-sound": "its other sound, which has been taught: say “try its other sound”",
};

/** `"a-e as short a as in cat, in the middle"` */
function findingWords(finding: Finding, graphemes: readonly string[]): string {
  const where = (position: keyof typeof POSITION_NAME) =>
    `${position === "medial" ? "in" : "at"} the ${POSITION_NAME[position]}`;
  switch (finding.kind) {
    case "correct":
      return "right";
    case "unrelated":
      return "another word altogether";
    case "no-rhyme":
      return "no rhyme";
    case "other-parts":
      return `said in ${counted(finding.said, "part")}, not in ${finding.wanted}`;
    case "transposition":
      return `${finding.units.map((unit) => graphemes[unit]).join(" and ")} changed places`;
    case "insertion":
      return `${finding.built ?? soundName(finding.said)} put in ${where(finding.position)}`;
    case "omission":
      return `${graphemes[finding.unit]} left out ${where(finding.position)}`;
    case "other-spelling":
      return `${graphemes[finding.unit]} spelled ${finding.built}: the sound is right`;
    case "letter-reversal":
      return `${graphemes[finding.unit]} turned round to ${finding.built}`;
    case "substitution":
      return `${graphemes[finding.unit]} as ${finding.built ?? soundName(finding.said)}, ${where(finding.position)}`;
  }
}

/** The same of an answer that is being typed, whatever it answers to. */
export function typedVerdictWords(verdict: TypedVerdict, mode: ResponseMode): string {
  if (verdict.sentence) return sentenceVerdictWords(verdict.sentence);
  return verdictWords(verdict, mode === "oral" ? verdict.sounds.map(soundAlone) : verdict.graphemes);
}

/** A judged answer in one line for the teacher. @param graphemes of the word, or the names of its sounds where there were no letters */
export function verdictWords(
  { verdict, findings, patterns, sureness }: ClassifiedResponse,
  graphemes: readonly string[],
): string {
  if (verdict === "nothing") return "";
  if (verdict === "unreadable") return "Kept as it is typed: letters alone can be judged.";
  const told = findings.map((finding) => findingWords(finding, graphemes)).join("; ");
  const named = patterns.map((pattern) => PATTERN_TOLD[pattern]).join(", ");
  return `${told}${named ? ` (${named})` : ""}${sureness === "unsure" && verdict === "wrong" ? " · not sure" : ""}`;
}
