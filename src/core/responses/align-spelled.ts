import type { AccentSettings } from "../sounds/accents.ts";
import { soundDistance } from "../sounds/closeness.ts";
import { isWeakVowel, phoneme } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { saidAs } from "../spelling/said.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { type AlignedStep, alignmentsOf, LEFT_OUT_COST, NO_STEP, TRANSPOSED_COST } from "./alignments.ts";
import { NOT_KNOWN, RIGHT, type UnitVerdict } from "./classify.ts";
import type { AlignedResponse, Finding } from "./finding.ts";
import { isVowelPiece, type Piece, type ResponsePieces } from "./response-pieces.ts";
import { reversalOf } from "./reversals.ts";

/** The letters are all there, on more tiles or on fewer than there are sounds. */
const SAME_LETTERS = 0.1;
/** Another spelling of the same sound, in one piece, and in several or one for several. */
const SAME_SOUND = 0.3;
const SAME_SOUND_IN_PARTS = 0.35;
const REVERSED = 0.5;
/** The e of a split digraph written beside its vowel: maek. */
const CLOSED_UP = 0.5;
const NEAREST = 0.45;
const FURTHER = 0.55;
const VOWEL_FOR_CONSONANT = 1.6;
const UNRELATED = 0.65;

/** Sets letters that were built or written against the graphemes of a word: every way that costs least. */
export function alignSpelled(
  word: Segmentation,
  { pieces, by }: ResponsePieces,
  accent: AccentSettings,
): AlignedResponse[] {
  const { units } = word;
  const saysSame = (row: readonly Unit[], others: readonly Piece[]) => {
    const wanted = row.flatMap(({ grapheme, phonemes }) => saidAs(grapheme, phonemes, accent));
    const said = others.flatMap(({ grapheme = "", phonemes }) => saidAs(grapheme, phonemes, accent));
    if (soundClassOf(wanted, accent) === soundClassOf(said, accent)) return true;
    // Letters for a weak vowel are any vowel's: littel, sistur.
    return (
      wanted.length === said.length &&
      wanted.every((id, k) => id === said[k] || (isWeakVowel(id) && phoneme(said[k] as string)?.kind === "vowel"))
    );
  };
  const lettersOf = (row: readonly { readonly grapheme: string | undefined }[]) =>
    row.map(({ grapheme = "" }) => grapheme.replace("-", "")).join("");
  const countOf = (row: readonly { readonly phonemes: readonly string[] }[]) =>
    row.reduce((sum, { phonemes }) => sum + phonemes.length, 0);
  const alignments = alignmentsOf(units.length, pieces.length, {
    pair: (i, j) => {
      const [unit, piece] = [units[i] as Unit, pieces[j] as Piece];
      if (unit.grapheme === piece.grapheme) return 0;
      if (saysSame([unit], [piece])) return SAME_SOUND;
      if (isClosedUp(unit, piece)) return CLOSED_UP;
      if (reversalOf(unit.grapheme) === piece.grapheme) return REVERSED;
      return differenceOf(unit, piece);
    },
    omission: (i) => (units[i]?.slot === "nucleus" ? LEFT_OUT_COST.vowel : LEFT_OUT_COST.consonant),
    insertion: (j) => (isVowelPiece(pieces[j] as Piece) ? LEFT_OUT_COST.vowel : LEFT_OUT_COST.consonant),
    transposition: (i, j) => {
      const isCrossed =
        units[i]?.grapheme === pieces[j + 1]?.grapheme && units[i + 1]?.grapheme === pieces[j]?.grapheme;
      return isCrossed && units[i]?.grapheme !== units[i + 1]?.grapheme ? TRANSPOSED_COST : NO_STEP;
    },
    oneToMany: (i, j, count) => {
      const row = pieces.slice(j, j + count);
      const unit = units[i] as Unit;
      if (!unit.grapheme.includes("-") && lettersOf(row) === unit.grapheme) return SAME_LETTERS;
      return countOf(row) === unit.phonemes.length && saysSame([unit], row) ? SAME_SOUND_IN_PARTS : NO_STEP;
    },
    manyToOne: (i, count, j) => {
      const row = units.slice(i, i + count);
      const piece = pieces[j] as Piece;
      if (!row.some(({ grapheme }) => grapheme.includes("-")) && lettersOf(row) === piece.grapheme) return SAME_LETTERS;
      return countOf(row) === piece.phonemes.length && saysSame(row, [piece]) ? SAME_SOUND_IN_PARTS : NO_STEP;
    },
  });
  const soundsRight = by !== "letters" && saysSame(units, pieces);
  const longest = Math.max(units.length, pieces.length);
  return alignments.map(({ cost, steps }) => {
    const view = viewOf(word, steps, pieces, soundsRight, (unit, piece) => saysSame([unit], [piece]));
    const hasRight = view.units.some(({ result }) => result === "right" || result === "other-spelling");
    if (cost / longest > UNRELATED && !hasRight && pieces.length > 1)
      return { cost, units: units.map(() => NOT_KNOWN), findings: [{ kind: "unrelated" }] };
    return { cost, ...view };
  });
}

/** Are a split digraph's letters there, but not parted? */
const isClosedUp = ({ grapheme }: Unit, piece: Piece): boolean =>
  grapheme.includes("-") && grapheme.replace("-", "") === piece.grapheme;

function differenceOf(unit: Unit, piece: Piece): number {
  const [wanted, said] = [unit.phonemes.at(-1) ?? "", piece.phonemes.at(-1) ?? ""];
  if (!phoneme(wanted) || !phoneme(said)) return NEAREST + FURTHER;
  if ((unit.slot === "nucleus") !== isVowelPiece(piece)) return VOWEL_FOR_CONSONANT;
  const distance = phoneme(wanted)?.kind === phoneme(said)?.kind ? soundDistance(wanted, said) : 1;
  return NEAREST + FURTHER * Math.min(1, distance);
}

function viewOf(
  word: Segmentation,
  steps: readonly AlignedStep[],
  pieces: readonly Piece[],
  soundsRight: boolean,
  saysSame: (unit: Unit, piece: Piece) => boolean,
): Omit<AlignedResponse, "cost"> {
  const units: UnitVerdict[] = word.units.map(() => ({ result: "omission", said: [] }));
  const findings: Finding[] = [];
  const find = (
    kind: "substitution" | "other-spelling" | "letter-reversal",
    unit: number,
    said: readonly string[],
    built: string,
  ) => findings.push({ kind, unit, position: "medial", said, built });
  for (const step of steps) {
    switch (step.kind) {
      case "pair": {
        const [unit, piece] = [word.units[step.target] as Unit, pieces[step.response] as Piece];
        const built = piece.grapheme ?? "";
        if (isClosedUp(unit, piece)) {
          units[step.target] = { result: "transposition", said: [], built };
          findings.push({ kind: "transposition", units: [step.target, step.target + 1] });
        } else if (step.cost === 0) units[step.target] = RIGHT;
        else if (soundsRight || saysSame(unit, piece)) {
          units[step.target] = { result: "other-spelling", said: [], built };
          find("other-spelling", step.target, piece.phonemes, built);
        } else {
          units[step.target] = { result: "substitution", said: piece.phonemes, built };
          find(
            reversalOf(unit.grapheme) === built ? "letter-reversal" : "substitution",
            step.target,
            piece.phonemes,
            built,
          );
        }
        break;
      }
      case "one-to-many": {
        const row = step.response.map((j) => pieces[j] as Piece);
        const built = row.map(({ grapheme }) => grapheme).join(" ");
        const isSame = step.cost <= SAME_LETTERS;
        units[step.target] = isSame ? RIGHT : { result: "other-spelling", said: [], built };
        if (!isSame)
          find(
            "other-spelling",
            step.target,
            row.flatMap(({ phonemes }) => phonemes),
            built,
          );
        break;
      }
      case "many-to-one": {
        const piece = pieces[step.response] as Piece;
        const built = piece.grapheme ?? "";
        const isSame = step.cost <= SAME_LETTERS;
        step.target.forEach((unit, k) => {
          units[unit] = isSame ? RIGHT : { result: "other-spelling", said: [], built };
          if (!isSame && k === 0) find("other-spelling", unit, piece.phonemes, built);
        });
        break;
      }
      case "omission":
        findings.push({ kind: "omission", unit: step.target, position: "medial", said: [] });
        break;
      case "insertion": {
        const { phonemes, grapheme = "" } = pieces[step.response] as Piece;
        findings.push({ kind: "insertion", before: step.before, position: "final", said: phonemes, built: grapheme });
        break;
      }
      case "transposition":
        units[step.target] = { result: "transposition", said: [] };
        units[step.target + 1] = { result: "transposition", said: [] };
        findings.push({ kind: "transposition", units: [step.target, step.target + 1] });
        break;
    }
  }
  return { units, findings };
}
