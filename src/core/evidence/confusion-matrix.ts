import { soundDistance } from "../sounds/closeness.ts";
import { isVowel, PHONEMES } from "../sounds/phonemes.ts";
import type { SubstitutionRow } from "./substitution-table.ts";

/** Sounds as they were expected against sounds as they were said: one table for vowels, one for consonants. */
export interface ConfusionMatrix {
  readonly kind: "vowels" | "consonants";
  /** What was expected, one row each, near sounds near. */
  readonly rows: readonly MatrixRow[];
  /** What was said: the same sounds and those that were only said, near sounds near. */
  readonly columns: readonly (readonly string[])[];
}

export interface MatrixRow {
  /** Phonemes; nearly always one. */
  readonly expected: readonly string[];
  readonly chances: number;
  /** How often it was left out. */
  readonly leftOut: number;
  /** One a column: how often that was said; on its own column, how often it was right. */
  readonly said: readonly number[];
}

const keyOf = (sound: readonly string[]): string => sound.join("+");
const isVowelSound = (sound: readonly string[]): boolean => sound.some(isVowel);

/**
 * What was said for what, sound by sound: correspondences of one sound are one row.
 *
 * @param rows of a learner or a group, as `substitutionTable` gives them
 * @param onlyWrong leaves out sounds that were always right
 */
export function confusionMatrices(
  rows: readonly Pick<SubstitutionRow, "phonemes" | "chances" | "wrong" | "substitutions">[],
  onlyWrong = true,
): ConfusionMatrix[] {
  return (["vowels", "consonants"] as const).flatMap((kind) => {
    const own = rows.filter((row) => isVowelSound(row.phonemes) === (kind === "vowels"));
    const matrix = matrixOf(kind, own, onlyWrong);
    return matrix.rows.length > 0 ? [matrix] : [];
  });
}

interface Tally {
  readonly sound: readonly string[];
  chances: number;
  wrong: number;
  readonly said: Map<string, number>;
}

function matrixOf(
  kind: ConfusionMatrix["kind"],
  rows: readonly Pick<SubstitutionRow, "phonemes" | "chances" | "wrong" | "substitutions">[],
  onlyWrong: boolean,
): ConfusionMatrix {
  const tallies = new Map<string, Tally>();
  const sounds = new Map<string, readonly string[]>();
  for (const { phonemes, chances, wrong, substitutions } of rows) {
    const key = keyOf(phonemes);
    const tally: Tally = tallies.get(key) ?? { sound: phonemes, chances: 0, wrong: 0, said: new Map() };
    tallies.set(key, tally);
    tally.chances += chances;
    tally.wrong += wrong;
    for (const { said, count } of substitutions) {
      tally.said.set(keyOf(said), (tally.said.get(keyOf(said)) ?? 0) + count);
      if (said.length > 0) sounds.set(keyOf(said), said);
    }
  }
  const shown = [...tallies.values()].filter(({ wrong }) => wrong > 0 || !onlyWrong);
  for (const { sound } of shown) sounds.set(keyOf(sound), sound);
  const columns = byCloseness([...sounds.values()]);
  const place = new Map(columns.map((sound, k) => [keyOf(sound), k]));
  return {
    kind,
    columns,
    rows: shown
      .sort((a, b) => (place.get(keyOf(a.sound)) as number) - (place.get(keyOf(b.sound)) as number))
      .map(({ sound, chances, wrong, said }) => ({
        expected: sound,
        chances,
        leftOut: said.get("") ?? 0,
        said: columns.map((column) =>
          keyOf(column) === keyOf(sound) ? chances - wrong : (said.get(keyOf(column)) ?? 0),
        ),
      })),
  };
}

const INVENTORY = new Map(PHONEMES.map(({ id }, k) => [id, k]));

/** Far from every sound that is not its like: vowels stand together, and so do consonants. */
const FAR = 3;

function distance(a: readonly string[], b: readonly string[]): number {
  const [first, other] = [a.find(isVowel) ?? a[0], b.find(isVowel) ?? b[0]];
  if (first === undefined || other === undefined || !INVENTORY.has(first) || !INVENTORY.has(other)) return FAR;
  return soundDistance(first, other) + 0.1 * Math.abs(a.length - b.length);
}

/**
 * Sounds in a row so that neighbours are near: each is put where it makes the row longer by the least, then pieces of the
 * row are turned round as long as that makes it shorter.
 */
function byCloseness(sounds: readonly (readonly string[])[]): readonly (readonly string[])[] {
  const order = (sound: readonly string[]) => INVENTORY.get(sound[0] ?? "") ?? INVENTORY.size;
  const sorted = [...sounds].sort((a, b) => order(a) - order(b) || a.length - b.length);
  const row: (readonly string[])[] = [];
  for (const sound of sorted) {
    const costs = Array.from({ length: row.length + 1 }, (_, k) => costAt(row, k, sound));
    row.splice(costs.indexOf(Math.min(...costs)), 0, sound);
  }
  return turnedRound(row);
}

function costAt(row: readonly (readonly string[])[], at: number, sound: readonly string[]): number {
  const [before, after] = [row[at - 1], row[at]];
  const between = before && after ? distance(before, after) : 0;
  return (before ? distance(before, sound) : 0) + (after ? distance(sound, after) : 0) - between;
}

const lengthOf = (row: readonly (readonly string[])[]): number =>
  row.slice(1).reduce((sum, sound, k) => sum + distance(row[k] as readonly string[], sound), 0);

function turnedRound(start: readonly (readonly string[])[]): readonly (readonly string[])[] {
  let row = start;
  let length = lengthOf(row);
  for (let again = true; again; ) {
    again = false;
    for (let from = 0; from < row.length - 1; from++)
      for (let to = from + 1; to < row.length; to++) {
        const turned = [...row.slice(0, from), ...row.slice(from, to + 1).reverse(), ...row.slice(to + 1)];
        const shorter = lengthOf(turned);
        if (shorter < length - 1e-9) {
          row = turned;
          length = shorter;
          again = true;
        }
      }
  }
  return row;
}
