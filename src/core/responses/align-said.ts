import type { AccentSettings } from "../sounds/accents.ts";
import { soundDistance } from "../sounds/closeness.ts";
import { isVowel, isWeakVowel, phoneme } from "../sounds/phonemes.ts";
import { soundClass } from "../sounds/sound-class.ts";
import { saidAs } from "../spelling/said.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { type AlignedStep, alignmentsOf, LEFT_OUT_COST, NO_STEP, TRANSPOSED_COST } from "./alignments.ts";
import { NOT_KNOWN, RIGHT, type UnitVerdict } from "./classify.ts";
import type { AlignedResponse, Finding } from "./finding.ts";
import { type ResponsePieces, soundsOfLetters } from "./response-pieces.ts";

/** One sound for another, from the nearest to the farthest. */
const NEAREST = 0.4;
const FURTHER = 0.6;
const WEAK_FOR_FULL = 0.25;
/** A digraph said as its letters: likelier than another sound and one put in. */
const AS_LETTERS = 0.8;
/** Farther apart than this a unit, and nothing of the word is in it. */
const UNRELATED = 0.62;

/** The inventory has no sound of its own for the wh that some schools keep. */
const inInventory = (id: string) => (phoneme(id) ? id : "w");

interface Sound {
  readonly id: string;
  readonly unit: number;
  readonly heard: string;
}

function soundsOf(row: readonly { readonly id: string; readonly unit: number }[], accent: AccentSettings): Sound[] {
  return row.map(({ id, unit }, k) => ({ id, unit, heard: soundClass(id, accent, row[k + 1]?.id) }));
}

/** Sets sounds that were said against the sounds of a word: every way that costs least. */
export function alignSaid(
  word: Segmentation,
  { pieces, by }: ResponsePieces,
  accent: AccentSettings,
): AlignedResponse[] {
  const target = soundsOf(
    word.units.flatMap(({ grapheme, phonemes }, unit) =>
      saidAs(grapheme, phonemes, accent).map((id) => ({ id, unit })),
    ),
    accent,
  );
  const said = soundsOf(
    pieces.flatMap(({ phonemes }) => phonemes.map((id) => ({ id, unit: -1 }))),
    accent,
  );
  const heard = (row: readonly Sound[]) => row.flatMap((sound) => sound.heard || []).join(" ");
  if (heard(target) === heard(said)) return [{ cost: 0, units: word.units.map(() => RIGHT), findings: [] }];
  // By a respelling nobody tells a weak vowel from a full one.
  const weakIsFree = by === "rule" || by === "letters";
  const alignments = alignmentsOf(target.length, said.length, {
    pair: (i, j) => pairCost(target[i] as Sound, said[j] as Sound, weakIsFree),
    omission: (i) => missingCost(target[i] as Sound),
    insertion: (j) => missingCost(said[j] as Sound),
    transposition: (i, j) => {
      const [a, b, x, y] = [target[i], target[i + 1], said[j], said[j + 1]] as Sound[] as [Sound, Sound, Sound, Sound];
      return a.heard === y.heard && b.heard === x.heard && a.heard !== b.heard && a.unit !== b.unit
        ? TRANSPOSED_COST
        : NO_STEP;
    },
    oneToMany: (i, j, count) => {
      const { unit } = target[i] as Sound;
      const letters = soundsOfLetters(word.units[unit] as Unit);
      const row = said.slice(j, j + count).map(({ id }) => id);
      return letters.length === count && letters.join() === row.join() ? AS_LETTERS : NO_STEP;
    },
  });
  const longest = Math.max(target.length, said.length);
  return alignments.map(({ cost, steps }) => {
    const view = viewOf(word, steps, target, said);
    const hasRight = view.units.some(({ result }) => result === "right");
    if (target.length > 1 && cost / longest > UNRELATED && (!hasRight || cost / longest > 0.8))
      return {
        cost,
        units: word.units.map(() => NOT_KNOWN),
        findings: [{ kind: "unrelated" }],
      };
    return { cost, ...view };
  });
}

function pairCost(a: Sound, b: Sound, weakIsFree: boolean): number {
  if (a.heard === b.heard) return 0;
  const [x, y] = [inInventory(a.id), inInventory(b.id)];
  if (isVowel(x) !== isVowel(y)) return NO_STEP;
  if (isWeakVowel(x) || isWeakVowel(y)) return weakIsFree ? 0.01 : WEAK_FOR_FULL;
  return NEAREST + FURTHER * Math.min(1, soundDistance(x, y));
}

function missingCost({ id, heard }: Sound): number {
  if (heard === "") return 0;
  return isVowel(inInventory(id)) ? LEFT_OUT_COST.vowel : LEFT_OUT_COST.consonant;
}

function viewOf(
  word: Segmentation,
  steps: readonly AlignedStep[],
  target: readonly Sound[],
  said: readonly Sound[],
): Omit<AlignedResponse, "cost"> {
  const heard: string[][] = word.units.map(() => []);
  const wrong = word.units.map(() => false);
  const missing = word.units.map(() => 0);
  const findings: Finding[] = [];
  const swapped = new Set<number>();
  for (const step of steps) {
    const unit = "target" in step ? (target[step.target as number] as Sound).unit : -1;
    switch (step.kind) {
      case "pair":
        heard[unit]?.push((said[step.response] as Sound).id);
        // A weak vowel respelled as a full one is no other sound.
        if (step.cost > 0.02) wrong[unit] = true;
        break;
      case "one-to-many":
        heard[unit]?.push(...step.response.map((j) => (said[j] as Sound).id));
        wrong[unit] = true;
        break;
      case "omission":
        if ((target[step.target] as Sound).heard === "") break;
        missing[unit] = (missing[unit] ?? 0) + 1;
        wrong[unit] = true;
        break;
      case "insertion": {
        const sound = said[step.response] as Sound;
        if (sound.heard === "") break;
        const at = target[step.before];
        const isInside = at !== undefined && target[step.before - 1]?.unit === at.unit;
        if (isInside) {
          heard[at.unit]?.push(sound.id);
          wrong[at.unit] = true;
        } else
          findings.push({
            kind: "insertion",
            before: at?.unit ?? word.units.length,
            position: "final",
            said: [sound.id],
          });
        break;
      }
      case "transposition": {
        const [a, b] = [unit, (target[step.target + 1] as Sound).unit];
        swapped.add(a).add(b);
        findings.push({ kind: "transposition", units: [a, b] });
        break;
      }
    }
  }
  const units = word.units.map(({ phonemes }, k): UnitVerdict => {
    if (swapped.has(k)) return { result: "transposition", said: [] };
    if (!wrong[k]) return RIGHT;
    if (missing[k] === phonemes.length) return { result: "omission", said: [] };
    return { result: "substitution", said: heard[k] ?? [] };
  });
  units.forEach(({ result, said: ids }, unit) => {
    if (result === "substitution" || result === "omission")
      findings.push({ kind: result, unit, position: "medial", said: ids });
  });
  return crossed(word, units, findings);
}

/** Two units that were each said as the other, with something between them, changed places. */
function crossed(word: Segmentation, units: UnitVerdict[], findings: Finding[]): Omit<AlignedResponse, "cost"> {
  for (let a = 0; a < units.length; a++)
    for (let b = a + 1; b < units.length; b++) {
      const [x, y] = [units[a], units[b]];
      if (x?.result !== "substitution" || y?.result !== "substitution") continue;
      if (x.said.join() !== word.units[b]?.phonemes.join() || y.said.join() !== word.units[a]?.phonemes.join())
        continue;
      if (word.units[a]?.slot === "nucleus" || word.units[b]?.slot === "nucleus") continue;
      units[a] = { result: "transposition", said: [] };
      units[b] = { result: "transposition", said: [] };
      const rest = findings.filter((finding) => !("unit" in finding) || (finding.unit !== a && finding.unit !== b));
      return { units, findings: [{ kind: "transposition", units: [a, b] }, ...rest] };
    }
  return { units, findings };
}
