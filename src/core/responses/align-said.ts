import type { AccentSettings } from "../sounds/accents.ts";
import { soundDistance } from "../sounds/closeness.ts";
import { isVowel, phoneme } from "../sounds/phonemes.ts";
import { soundClass, soundClassOf } from "../sounds/sound-class.ts";
import { saidAs } from "../spelling/said.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { type AlignedStep, alignAll } from "./align.ts";
import { type Came, mainSounds } from "./came.ts";
import type { UnitVerdict } from "./classify.ts";
import type { Finding } from "./classify-response.ts";

/** A response set against its target, and how far apart the two are. */
export interface Aligned {
  readonly cost: number;
  readonly units: readonly UnitVerdict[];
  readonly findings: readonly Finding[];
}

const NEVER = Number.POSITIVE_INFINITY;
/** A consonant left out or put in; a vowel is a syllable more or less. */
const LEFT_OUT = { consonant: 0.85, vowel: 1 } as const;
/** One sound for another, from the nearest to the farthest. */
const NEAREST = 0.4;
const FURTHER = 0.6;
const WEAK_FOR_FULL = 0.25;
const SWAPPED = 0.9;
/** A digraph said as its letters: likelier than another sound and one put in. */
const AS_LETTERS = 0.8;
/** Farther apart than this a unit, and nothing of the word is in it. */
const UNRELATED = 0.62;

const WEAK = new Set(["ə", "ər"]);
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
export function alignSaid(word: Segmentation, came: Came, accent: AccentSettings): Aligned[] {
  const target = soundsOf(
    word.units.flatMap(({ grapheme, phonemes }, unit) =>
      saidAs(grapheme, phonemes, accent).map((id) => ({ id, unit })),
    ),
    accent,
  );
  const said = soundsOf(
    came.pieces.flatMap(({ phonemes }) => phonemes.map((id) => ({ id, unit: -1 }))),
    accent,
  );
  const heard = (row: readonly Sound[]) => row.flatMap((sound) => sound.heard || []).join(" ");
  if (heard(target) === heard(said))
    return [{ cost: 0, units: word.units.map(() => ({ result: "right", said: [] })), findings: [] }];
  // By a respelling nobody tells a weak vowel from a full one.
  const weakIsFree = came.by === "rule" || came.by === "letters";
  const alignments = alignAll(target.length, said.length, {
    pair: (i, j) => pairCost(target[i] as Sound, said[j] as Sound, weakIsFree),
    leftOut: (i) => missingCost(target[i] as Sound),
    putIn: (j) => missingCost(said[j] as Sound),
    swapped: (i, j) => {
      const [a, b, x, y] = [target[i], target[i + 1], said[j], said[j + 1]] as Sound[] as [Sound, Sound, Sound, Sound];
      return a.heard === y.heard && b.heard === x.heard && a.heard !== b.heard && a.unit !== b.unit ? SWAPPED : NEVER;
    },
    parted: (i, j, count) => {
      const { unit } = target[i] as Sound;
      const letters = asLetters(word.units[unit] as Unit);
      const row = said.slice(j, j + count).map(({ id }) => id);
      return letters.length === count && letters.join() === row.join() ? AS_LETTERS : NEVER;
    },
  });
  const longest = Math.max(target.length, said.length);
  return alignments.map(({ cost, steps }) => {
    const view = viewOf(word, steps, target, said);
    const hasRight = view.units.some(({ result }) => result === "right");
    if (target.length > 1 && cost / longest > UNRELATED && (!hasRight || cost / longest > 0.8))
      return {
        cost,
        units: word.units.map(() => ({ result: "not-known", said: [] })),
        findings: [{ kind: "unrelated" }],
      };
    return { cost, ...view };
  });
}

/** A sound said for a unit, in its place: a difference of accent is none. */
alignSaid.saysSame = (
  unit: Unit,
  said: readonly string[],
  next: string | undefined,
  accent: AccentSettings,
): boolean => {
  const inPlace = (ids: readonly string[]) => soundClassOf(next === undefined ? ids : [...ids, next], accent);
  return inPlace(said) === inPlace(saidAs(unit.grapheme, unit.phonemes, accent));
};

/** What the letters of a digraph say one by one; none for a grapheme of one letter or a split one. */
const asLetters = ({ grapheme }: Unit): string[] =>
  grapheme.length > 1 && !grapheme.includes("-") ? [...grapheme].flatMap(mainSounds) : [];

function pairCost(a: Sound, b: Sound, weakIsFree: boolean): number {
  if (a.heard === b.heard) return 0;
  const [x, y] = [inInventory(a.id), inInventory(b.id)];
  if (isVowel(x) !== isVowel(y)) return NEVER;
  if (WEAK.has(x) || WEAK.has(y)) return weakIsFree ? 0.01 : WEAK_FOR_FULL;
  return NEAREST + FURTHER * Math.min(1, soundDistance(x, y));
}

function missingCost({ id, heard }: Sound): number {
  if (heard === "") return 0;
  return isVowel(inInventory(id)) ? LEFT_OUT.vowel : LEFT_OUT.consonant;
}

function viewOf(
  word: Segmentation,
  steps: readonly AlignedStep[],
  target: readonly Sound[],
  said: readonly Sound[],
): Omit<Aligned, "cost"> {
  const came: string[][] = word.units.map(() => []);
  const wrong = word.units.map(() => false);
  const missing = word.units.map(() => 0);
  const findings: Finding[] = [];
  const swapped = new Set<number>();
  for (const step of steps) {
    const unit = "target" in step ? (target[step.target as number] as Sound).unit : -1;
    switch (step.kind) {
      case "pair":
        came[unit]?.push((said[step.came] as Sound).id);
        // A weak vowel respelled as a full one is no other sound.
        if (step.cost > 0.02) wrong[unit] = true;
        break;
      case "parted":
        came[unit]?.push(...step.came.map((j) => (said[j] as Sound).id));
        wrong[unit] = true;
        break;
      case "left-out":
        if ((target[step.target] as Sound).heard === "") break;
        missing[unit] = (missing[unit] ?? 0) + 1;
        wrong[unit] = true;
        break;
      case "put-in": {
        const sound = said[step.came] as Sound;
        if (sound.heard === "") break;
        const at = target[step.before];
        const isInside = at !== undefined && target[step.before - 1]?.unit === at.unit;
        if (isInside) {
          came[at.unit]?.push(sound.id);
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
      case "swapped": {
        const [a, b] = [unit, (target[step.target + 1] as Sound).unit];
        swapped.add(a).add(b);
        findings.push({ kind: "transposition", units: [a, b] });
        break;
      }
    }
  }
  const units = word.units.map(({ phonemes }, k): UnitVerdict => {
    if (swapped.has(k)) return { result: "transposition", said: [] };
    if (!wrong[k]) return { result: "right", said: [] };
    if (missing[k] === phonemes.length) return { result: "omission", said: [] };
    return { result: "substitution", said: came[k] ?? [] };
  });
  units.forEach(({ result, said: ids }, unit) => {
    if (result === "substitution" || result === "omission")
      findings.push({ kind: result, unit, position: "medial", said: ids });
  });
  return crossed(word, units, findings);
}

/** Two units that were each said as the other, with something between them, changed places. */
function crossed(word: Segmentation, units: UnitVerdict[], findings: Finding[]): Omit<Aligned, "cost"> {
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
