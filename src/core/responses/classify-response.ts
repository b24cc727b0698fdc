import { positionOf } from "../chains/step-compare.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { segment } from "../lexicon/segment.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { decode } from "../spelling/decode/decode.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { alignSaid } from "./align-said.ts";
import { alignSpelled } from "./align-spelled.ts";
import { CLASSIFIER_VERSION, classifyMarked, NOT_KNOWN, RIGHT, type UnitVerdict } from "./classify.ts";
import { type ErrorContext, type ErrorPattern, errorPatternsIn } from "./error-patterns.ts";
import type { Finding } from "./finding.ts";
import type { Substitution } from "./raw-answer.ts";
import type { AnswerWay } from "./response-modes.ts";
import { piecesBuilt, piecesSaid, piecesWritten, type ResponsePieces } from "./response-pieces.ts";
import { lettersOfTiles } from "./tiles.ts";

/** What a learner answered, as it was taken down. */
export type LearnerResponse =
  /** A word, a respelling, or sounds one by one ("f … i … sh"), as a teacher types what was said. */
  | { readonly kind: "said"; readonly text: string }
  /** Sounds picked for units; empty: the unit was left out. Other units were right. */
  | { readonly kind: "picked"; readonly sounds: readonly Substitution[] }
  | { readonly kind: "tiles"; readonly tiles: readonly string[] }
  | { readonly kind: "letters"; readonly text: string }
  /** A grapheme put into the gap of one unit. */
  | { readonly kind: "filled"; readonly unit: number; readonly grapheme: string }
  /** A word that was pointed to. */
  | { readonly kind: "choice"; readonly word: string };

/** One way to see a response. */
export interface ResponseView {
  readonly units: readonly UnitVerdict[];
  readonly findings: readonly Finding[];
  readonly patterns: readonly ErrorPattern[];
}

export interface ClassifiedResponse extends ResponseView {
  readonly classifier: number;
  /** "unreadable": other characters than letters, or too many of them; kept, and nothing is said of the units. */
  readonly verdict: "right" | "wrong" | "nothing" | "unreadable";
  readonly sureness: "sure" | "likely" | "unsure";
  /** Other ways to see it that are as good. */
  readonly others: readonly ResponseView[];
}

export interface ClassifyOptions {
  readonly mode: AnswerWay;
  /** The word list's own when not given. */
  readonly accent?: AccentSettings;
  /** Correspondences that have been taught: one said by its other taught sound is named. */
  readonly taught?: ErrorContext["taught"];
  /** Words that stand beside it in the chain. */
  readonly neighbours?: readonly string[];
}

/** Longer answers are no word of a child's. */
const LONGEST = 40;
const LETTERS = /^[a-z][a-z'’-]*$/;
const SPOKEN = /^[a-z'’.…,|/ ·-]+$/;
const BY_LETTERS: ReadonlySet<AnswerWay> = new Set(["built", "written", "filled-in"]);
/** A way to see it that costs so little more is kept in mind: the answer is likely, not sure. */
const CLOSE = 0.15;
/** A reading that no list and no rule gives has to be so much better. */
const BY_PENALTY: Readonly<Record<ResponsePieces["by"], number>> = { list: 0, rule: 0.02, sounds: 0, letters: 0.08 };

/**
 * Judges whatever a learner said, built or wrote against what was asked for, unit by unit. Reading and ears-only
 * answers are judged by sound: what sounds alike to this school is right. Building, writing and filling in are judged by
 * letters: another spelling of the sound is named as that.
 *
 * @param target a word of the list, a nonsense word that rules can read, or a segmentation
 * @param response as it was taken down; a text is what was said or written, a list of texts are tiles
 * @throws Error when the target cannot be read at all
 *
 * @example classifyResponse("ship", "chip", { mode: "read" }).findings[0]?.kind // "substitution"
 */
export function classifyResponse(
  target: string | Segmentation,
  response: string | readonly string[] | LearnerResponse,
  options: ClassifyOptions,
  list: Lexicon = shippedLexicon(),
): ClassifiedResponse {
  const lexicon = lexiconIn(list, options.accent ?? list.accent);
  const word = typeof target === "string" ? readingOf(target, lexicon) : target;
  const answer = asResponse(response, options.mode);
  if (answer.kind === "picked") return judgePicked(word, answer.sounds, options, lexicon);
  const text = textOf(answer, word);
  if (text === "") return bare(word, "nothing");
  const isSpoken = answer.kind === "said";
  if (text.length > LONGEST || !(isSpoken ? SPOKEN : LETTERS).test(text)) return bare(word, "unreadable");
  const byLetters = BY_LETTERS.has(options.mode);
  if (byLetters && text === word.word) return right(word, answer);
  const ways = byLetters
    ? answer.kind === "tiles"
      ? piecesBuilt(answer.tiles, lexicon)
      : piecesWritten(text, lexicon)
    : piecesSaid(text, lexicon);
  if (ways.length === 0) return bare(word, "unreadable");
  const align = byLetters ? alignSpelled : alignSaid;
  const seen = ways
    .flatMap((way) =>
      align(word, way, lexicon.accent).map((view) => ({ ...view, by: way.by, cost: view.cost + BY_PENALTY[way.by] })),
    )
    .sort((a, b) => a.cost - b.cost);
  const [best] = seen;
  if (!best) return bare(word, "unreadable");
  const context = { word, text, mode: options.mode, lexicon, taught: options.taught, neighbours: options.neighbours };
  const toView = ({ units, findings, by }: (typeof seen)[number]): ResponseView => ({
    units,
    findings: findings.map((finding) => placed(word, finding)),
    patterns: errorPatternsIn({ units, findings }, { ...context, by }),
  });
  const view = toView(best);
  const isRight = best.units.every(({ result }) => result === "right") && best.findings.length === 0;
  if (isRight)
    return {
      classifier: CLASSIFIER_VERSION,
      verdict: "right",
      sureness: "sure",
      ...view,
      findings: [{ kind: "correct" }],
      others: [],
    };
  // What another spelling says is the same sound, however it is taken.
  const signature = ({ findings }: Pick<ResponseView, "findings">) =>
    JSON.stringify(findings.map((finding) => (finding.kind === "other-spelling" ? { ...finding, said: [] } : finding)));
  const others = seen
    .filter(({ cost }) => cost - best.cost < 1e-6)
    .map(toView)
    .filter(
      (other, k, all) =>
        signature(other) !== signature(view) && all.findIndex((one) => signature(one) === signature(other)) === k,
    );
  const isClose = seen.some((other) => other.cost - best.cost < CLOSE && signature(toView(other)) !== signature(view));
  const isVague =
    view.findings.some(({ kind }) => kind === "unrelated") || view.patterns.includes("first-sound-then-guessed");
  return {
    classifier: CLASSIFIER_VERSION,
    verdict: "wrong",
    sureness: others.length > 0 || isVague ? "unsure" : isClose ? "likely" : "sure",
    ...view,
    others,
  };
}

/** The leading reading of a word of the list, or what rules make of another. @throws Error when nothing reads it */
function readingOf(word: string, lexicon: Lexicon): Segmentation {
  const reading = segment(word, {}, lexicon) ?? decode(word);
  if (!reading) throw new Error(`"${word}" cannot be read: give its segmentation.`);
  return reading;
}

function asResponse(response: string | readonly string[] | LearnerResponse, mode: AnswerWay): LearnerResponse {
  if (typeof response === "string")
    return BY_LETTERS.has(mode) ? { kind: "letters", text: response } : { kind: "said", text: response };
  return "kind" in response ? response : { kind: "tiles", tiles: response };
}

const tidy = (text: string) => text.normalize("NFC").trim().toLowerCase();

function textOf(answer: Exclude<LearnerResponse, { kind: "picked" }>, word: Segmentation): string {
  switch (answer.kind) {
    case "said":
    case "letters":
      return tidy(answer.text);
    case "tiles":
      return lettersOfTiles(answer.tiles.map(tidy));
    case "choice":
      return tidy(answer.word);
    case "filled":
      return lettersOfTiles(
        word.units.map(({ grapheme }, k) => (k === answer.unit ? tidy(answer.grapheme) : grapheme)),
      );
  }
}

function bare(word: Segmentation, verdict: "nothing" | "unreadable"): ClassifiedResponse {
  const units = word.units.map(() => NOT_KNOWN);
  return { classifier: CLASSIFIER_VERSION, verdict, units, findings: [], patterns: [], sureness: "unsure", others: [] };
}

/** All letters are there; tiles may still have been more than there are sounds (s, h for sh). */
function right(word: Segmentation, answer: LearnerResponse): ClassifiedResponse {
  const patterns: ErrorPattern[] =
    answer.kind === "tiles" && answer.tiles.length > word.units.length ? ["digraph-as-two-letters"] : [];
  const units = word.units.map(() => RIGHT);
  return {
    classifier: CLASSIFIER_VERSION,
    verdict: "right",
    units,
    findings: [{ kind: "correct" }],
    patterns,
    sureness: "sure",
    others: [],
  };
}

function judgePicked(
  word: Segmentation,
  picked: readonly Substitution[],
  { mode, taught }: ClassifyOptions,
  lexicon: Lexicon,
): ClassifiedResponse {
  if (picked.length === 0) return bare(word, "nothing");
  const { units } = classifyMarked(word, { outcome: "wrong", substitutions: picked }, lexicon.accent);
  const findings = units.flatMap(({ result, said }, unit): Finding[] =>
    result === "substitution" || result === "omission"
      ? [placed(word, { kind: result, unit, position: "medial", said })]
      : [],
  );
  const isRight = findings.length === 0;
  const context = { word, text: "", mode, lexicon, taught, neighbours: [], by: "sounds" } as const;
  return {
    classifier: CLASSIFIER_VERSION,
    verdict: isRight ? "right" : "wrong",
    units,
    findings: isRight ? [{ kind: "correct" }] : findings,
    patterns: errorPatternsIn({ units, findings }, context),
    sureness: "sure",
    others: [],
  };
}

/** Says where in the word it was. */
function placed(word: Segmentation, finding: Finding): Finding {
  if (finding.kind === "insertion") {
    const vowel = word.units.findIndex(({ slot }) => slot === "nucleus");
    const isMiddle = finding.said.some(isVowel);
    return { ...finding, position: isMiddle ? "medial" : finding.before <= vowel ? "initial" : "final" };
  }
  if (!("unit" in finding)) return finding;
  return { ...finding, position: positionOf(word, finding.unit) };
}
