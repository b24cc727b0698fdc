import { type Consonant, PHONEMES, phoneme, type Vowel } from "./phonemes.ts";

/** Places of articulation from lips to throat, so that distance along the mouth can be counted. */
const PLACE_ORDER: Readonly<Record<Consonant["place"], number>> = {
  bilabial: 0,
  labiodental: 1,
  dental: 2,
  alveolar: 3,
  postalveolar: 4,
  palatal: 5,
  velar: 6,
  labiovelar: 6,
  glottal: 8,
};

/** Manners that are taken for one another more easily than for the rest. */
const FAMILY: Readonly<Record<Consonant["manner"], string>> = {
  stop: "stop",
  fricative: "noise",
  affricate: "noise",
  nasal: "nasal",
  liquid: "approximant",
  glide: "approximant",
};

const STEP = { place: 0.08, manner: 0.35, voicing: 0.2, nasality: 0.25 } as const;

/**
 * How easily one sound is taken for another, from 0 (the same) up; about 1 is far. Weights follow the
 * order in which Miller & Nicely (1955) found features to survive noise, from memory: voicing and
 * nasality are kept best, place is lost first.
 *
 * @returns 0 for the same sound, about 1 for one that is far
 *
 * @throws Error when an id is not in the inventory
 */
export function soundDistance(a: string, b: string): number {
  const [x, y] = [phoneme(a), phoneme(b)];
  if (!x || !y) throw new Error(`No phoneme "${x ? b : a}"`);
  if (x === y) return 0;
  if (x.kind === "consonant" && y.kind === "consonant") return consonantDistance(x, y);
  if (x.kind === "vowel" && y.kind === "vowel") return vowelDistance(x, y);
  return 2;
}

function consonantDistance(x: Consonant, y: Consonant): number {
  let distance = 0.05 + STEP.place * Math.abs(PLACE_ORDER[x.place] - PLACE_ORDER[y.place]);
  if (x.voiced !== y.voiced) distance += STEP.voicing;
  if (x.manner !== y.manner) {
    distance += FAMILY[x.manner] === FAMILY[y.manner] ? 0.1 : STEP.manner;
    if ((x.manner === "nasal") !== (y.manner === "nasal")) distance += STEP.nasality;
  }
  return distance;
}

function vowelDistance(x: Vowel, y: Vowel): number {
  const lengths = x.length === y.length ? 0 : 0.25;
  return (
    0.05 +
    0.18 * Math.abs(x.height - y.height) +
    0.18 * Math.abs(x.backness - y.backness) +
    lengths +
    (x.rounded === y.rounded ? 0 : 0.1)
  );
}

/** Every other phoneme of the same kind, closest first; ties in inventory order. */
export function closestSounds(id: string): string[] {
  const self = phoneme(id);
  if (!self) return [];
  return PHONEMES.filter((p) => p.kind === self.kind && p.id !== id)
    .map((p, k) => ({ id: p.id, k, distance: soundDistance(id, p.id) }))
    .sort((a, b) => a.distance - b.distance || a.k - b.k)
    .map((p) => p.id);
}
