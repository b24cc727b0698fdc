import {
  type ChanceCount,
  type EvidenceFinding,
  type EvidenceWay,
  type GotOver,
  type ProbeBelief,
  partsOfGpcId,
  type WiderFinding,
  type WiderKind,
} from "../../core/light.ts";
import type { SoFar } from "../../server/sessions/so-far.ts";
import { counted, moreOf } from "./counted.ts";
import { POSITION_NAME } from "./position-name.ts";
import { WAY_WORDS } from "./response-words.ts";
import { soundName } from "./sounds.ts";

/** What the records say, as sentences. */

const inHundred = (part: number) => Math.round(part * 100);

/** What it means that the other way of working is right: said of what is wrong in this one. */
const RIGHT_THERE: Readonly<Record<EvidenceWay, string>> = {
  read: "hears it, does not yet see it",
  built: "reads it, does not yet spell it",
  heard: "",
};

/** `"read as short i: 11 of 19, 9 of 12 in the middle of words (36 to 77 in 100)"`, the letters apart. */
export function findingWords(finding: EvidenceFinding & { readonly gotOver?: GotOver }): {
  readonly letters: string;
  readonly rest: string;
} {
  const { gpc, said, way, times, chances, interval, place, other } = finding;
  const { grapheme, phonemes } = partsOfGpcId(gpc);
  const letters = grapheme || soundName(phonemes);
  const asWhat =
    said.length === 0 ? `left out when ${WAY_WORDS[way].past}` : `${WAY_WORDS[way].past} as ${soundName(said)}`;
  const where = place
    ? `, ${place.wrong} of ${place.chances} ${place.position === "medial" ? "in" : "at"} the ${POSITION_NAME[place.position]} of words`
    : "";
  const sure = `${inHundred(interval.low)} to ${inHundred(interval.high)} in 100`;
  const settled = finding.gotOver
    ? `; not since then, and ${finding.gotOver.right} of ${finding.gotOver.of} right: gone by now`
    : finding.isNamed
      ? ""
      : finding.settledAfter === undefined
        ? "; not sure yet"
        : `; not sure yet, ${moreOf(finding.settledAfter, "chance")} would settle it`;
  return { letters, rest: `${asWhat}: ${times} of ${chances}${where} (${sure})${otherWords(way, other)}${settled}` };
}

function otherWords(way: EvidenceWay, other: EvidenceFinding["other"]): string {
  if (!other || other.tells === "unclear") return "";
  const there = `${WAY_WORDS[other.way].past} right ${other.right} of ${other.chances}`;
  return other.tells === "right-there" ? `; ${there}: ${RIGHT_THERE[way]}` : `; ${there}: not sure in either way`;
}

/** `"e read as short i as in pin: Sandpiper 3 of 5 today. To be sure:"`, while a lesson runs. */
export function soFarWords({ gpc, said, way, nickname, times, chances, isSure, words }: SoFar): string {
  const { grapheme } = partsOfGpcId(gpc);
  const asWhat = said.length === 0 ? "left out" : `${WAY_WORDS[way].past} as ${soundName(said)}`;
  const more = isSure ? " That is sure." : words.length > 0 ? " To be sure, next:" : "";
  return `${grapheme} ${asWhat}: ${nickname} ${times} of ${chances} today.${more}`;
}

/** What is taken for what: `"e as short i as in pin"`, `"n left out"`. */
export const questionWords = ({ gpc, said }: Pick<ProbeBelief, "gpc" | "said">): string =>
  `${partsOfGpcId(gpc).grapheme} ${said.length === 0 ? "left out" : `as ${soundName(said)}`}`;

/** What it has found of it so far: `"2 of 4, a pattern"`. */
export const beliefWords = ({ times, chances, state }: Pick<ProbeBelief, "times" | "chances" | "state">): string =>
  `${times} of ${chances}${state === "named" ? ", a pattern" : ""}`;

/** What a probe has come to, when it is over. @param words how many were asked */
export function probeEndWords(
  beliefs: readonly ProbeBelief[],
  words: number,
  why: "settled" | "time" | "no-word",
): string {
  const named = beliefs.filter(({ state }) => state === "named");
  const open = beliefs.filter(({ state }) => state === "open").length;
  const found =
    named.length === 0
      ? `No pattern in ${counted(words, "word")}.`
      : `Found: ${named.map((one) => `${questionWords(one)}, ${one.times} of ${one.chances}`).join("; ")}.`;
  const rest = open > 0 ? ` ${counted(open, "question")} still open.` : "";
  const because = {
    settled: "All is settled.",
    time: "Three minutes are over.",
    "no-word": "No word is left that would tell more.",
  }[why];
  return `${because} ${found}${rest}`;
}

const wrongOf = ({ wrong, chances }: ChanceCount) => `${wrong} of ${chances} wrong`;

/** What is set against what, one entry a kind: the twin of WIDER_KINDS. */
const WIDER_WORDS = {
  cluster: ["Consonants side by side (as in stamp)", "standing alone"],
  ending: ["Endings (as in jump·ing)", "what they are put on"],
  "long-word": ["Sounds of words of five or more", "of words of up to three"],
} as const satisfies Readonly<Record<WiderKind, readonly [here: string, elsewhere: string]>>;

/** `"Consonants side by side (as in stamp): 9 of 20 wrong; standing alone: 3 of 90 wrong"`. */
export function widerWords(finding: WiderFinding): string {
  if (finding.kind === "reversal")
    return `${finding.letters.join(" and ")} taken for each other: ${finding.times} of ${finding.chances}`;
  const [here, elsewhere] = WIDER_WORDS[finding.kind];
  return `${here}: ${wrongOf(finding.here)}; ${elsewhere}: ${wrongOf(finding.elsewhere)}`;
}
