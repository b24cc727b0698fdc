import { isVowel, PHONEMES } from "../sounds/phonemes.ts";
import { type Commonness, type Gpc, gpcsStartingWith } from "./gpc.ts";
import type { Segmentation, Slot, Unit } from "./segmentation.ts";

/**
 * What a correspondence of each commonness costs. The steps grow, so that one odd grapheme is never
 * preferred to two ordinary ones.
 */
const COMMONNESS_COST: Readonly<Record<Commonness, number>> = { 1: 1, 2: 2, 3: 4, 4: 7, 5: 12 };
/** A spelling that belongs at the end of words, met inside one: compounds and suffixes do that. */
const OUT_OF_PLACE_COST = 1.5;
/**
 * A consonant grapheme that takes a silent final e (ve, se, ce …): where the e could instead mark the
 * vowel, it does (`rose` is r·o-e·s), so this spelling pays a little.
 */
const FINAL_E_COST = 0.5;
/** A split digraph whose e is also the e of a final -ed: `hoped` is h·o·p·ed first (docs/model.md). */
const SPLIT_INTO_ED_COST = 3;
/** A full vowel where the listing has a weak one (`was`): right for little words, else the weak one is. */
const WEAKENED_COST = 0.6;
/** Each further consonant that a split digraph reaches over (`taste`). */
const LONG_REACH_COST = 0.5;

/** A vowel and the r after it in one syllable are one grapheme (`poor` is p·oor), when there is one. */
const R_SPLIT_COST = 6;
const R_COLOURED_BASES = new Set(["ɪ", "e", "ʊ", "ɒ", "ɔː", "ɑː", "iː", "uː"]);

const FINAL_E = /^[^aeiou]+e$/;
const DOUBLED = /^([bdfglmnprstz])\1$/;

/**
 * CMU phones that may stand for a phoneme of ours, each as a run of phones with its stress digit
 * dropped, save that weak and full AH and ER are told apart.
 *
 * General American scatter is allowed here, once, so that nothing above needs to know of it: AA/AO
 * spell one short-o class, and IH R and IY R are both /ɪr/.
 */
const CMU_FORMS = new Map<string, string[][]>(PHONEMES.map((p) => [p.id, [[...p.cmu]]]));
CMU_FORMS.set("ɒ", [["AA"], ["AO"]]);
CMU_FORMS.set("ɔː", [["AO"], ["AA"]]);
CMU_FORMS.set("ɪr", [
  ["IH", "R"],
  ["IY", "R"],
]);
CMU_FORMS.set("ʊr", [
  ["UH", "R"],
  ["UW", "R"],
]);
CMU_FORMS.set("ʌ", [["AH"]]);
CMU_FORMS.set("ə", [["AH0"]]);
CMU_FORMS.set("ɜːr", [["ER"]]);
CMU_FORMS.set("ər", [["ER0"]]);

/** Phones that keep their stress digit: unstressed they are, or may be, other phonemes. */
const WEAK_PHONES = new Set(["AH0", "ER0"]);

/** `"SH IH1 P"` → `["SH", "IH", "P"]`; weak AH0 and ER0 keep their digit. */
export function cmuPhones(pronunciation: string): string[] {
  return pronunciation.split(" ").map((p) => (WEAK_PHONES.has(p) ? p : p.replace(/\d$/, "")));
}

/** Every run of CMU phones that these phonemes may be listed as. */
function cmuRuns(phonemes: readonly string[]): string[][] {
  let runs: string[][] = [[]];
  for (const id of phonemes) {
    const forms = CMU_FORMS.get(id);
    if (!forms) throw new Error(`No CMU form for phoneme "${id}"`);
    runs = runs.flatMap((run) => forms.map((form) => [...run, ...form]));
  }
  return runs;
}

const RUNS_OF_GPC = new Map<Gpc, string[][]>();
function runsOf(gpc: Gpc): string[][] {
  let runs = RUNS_OF_GPC.get(gpc);
  if (!runs) {
    // `a` as in ball and `o` as in story are listed AO; listed AA they are the a of father, the o of hot.
    runs = gpc.id === "a=ɔː" || gpc.id === "o=ɔː" ? [["AO"]] : cmuRuns(gpc.phonemes);
    RUNS_OF_GPC.set(gpc, runs);
  }
  return runs;
}

/** Can letters be a base with -ed after it? They have a vowel and end in none, but for oo (mooed). */
const mayTakeEnding = (base: string): boolean => /[aeiouy]/.test(base) && /(?:[^aeiou]|oo)$/.test(base);

/** The extra cost of a correspondence standing where it does, or undefined when it may not. */
function placeCost(gpc: Gpc, word: string, start: number, end: number): number | undefined {
  const rest = word.slice(end);
  switch (gpc.place) {
    case "any":
      return 0;
    case "start":
      if (rest === "") return undefined;
      return start === 0 ? 0 : OUT_OF_PLACE_COST / 3;
    case "end":
      if (rest === "" || rest === "s") return FINAL_E.test(gpc.grapheme) ? FINAL_E_COST : 0;
      return /^[aeiou]/.test(rest) ? undefined : OUT_OF_PLACE_COST;
    case "inside":
      return rest === "" ? undefined : 0;
    case "before-eiy":
      return /^[eiy]/.test(rest) ? 0 : undefined;
    case "before-m":
      return rest.startsWith("m") ? 0 : undefined;
    case "before-l":
      return rest.startsWith("l") ? 0 : undefined;
    case "before-r":
      return /^r[aeiouy]/.test(rest) ? 0 : undefined;
    case "after-w":
      // Wall is like ball; wallet is not.
      if (/^ll(?:s|ed|ing|paper|flower)?$/.test(rest)) return undefined;
      return /(w|wh|qu|squ)$/.test(word.slice(0, start)) ? 0 : undefined;
    case "suffix":
      // After a vowel letter the e belongs to the vowel: cr·ie·d, gl·ue·d, but pl·ay·ed, v·ow·ed.
      return rest === "" && mayTakeEnding(word.slice(0, start)) ? 0 : undefined;
  }
}

interface Pending {
  /** Index in `path` of the split digraph that still waits for its e. */
  readonly at: number;
  /** Consonant graphemes since. */
  readonly over: number;
}

interface AlignedUnit {
  readonly gpc: Gpc;
  readonly start: number;
  tailAt?: number;
}

interface Alignment {
  readonly cost: number;
  readonly placed: readonly { gpc: Gpc; start: number; tailAt: number | undefined }[];
}

/** May a split digraph reach over these consonant graphemes to its e? Not over soft g, nor doubles. */
function mayReachOver(between: readonly AlignedUnit[]): boolean {
  if (between.length === 0 || between.length > 2) return false;
  // In vague and opaque the whole gue, que is the consonant's.
  if (between.some((p) => p.gpc.grapheme === "gu" || p.gpc.grapheme === "qu")) return false;
  if (between.some((p) => DOUBLED.test(p.gpc.grapheme) || p.gpc.phonemes.some(isVowel))) return false;
  const last = between[between.length - 1];
  return !(between.length === 2 && last?.gpc.phonemes[0] === "dʒ");
}

/**
 * Every way to match the letters of a word with the phones of one pronunciation, cheapest first.
 *
 * @param word lower-case letters a-z
 * @param phones CMU phones as `cmuPhones` gives them
 * @returns segmentations by rising cost, over every way the r may part from a vowel before it; empty when the table cannot explain the word
 */
export function align(word: string, phones: readonly string[], options: AlignOptions = {}): Segmentation[] {
  const variants = options.baseLetters === undefined ? variantsOf(phones) : [phones];
  const found = variants.flatMap((variant) => match(word, variant, options));
  return unique(found)
    .sort((a, b) => a.cost - b.cost || a.placed.length - b.placed.length)
    .map((f) => toSegmentation(word, f));
}

export interface AlignOptions {
  /** How many letters are the base's, where the word has an ending on: a vowel + r at its end stays whole (starr·ing). */
  readonly baseLetters?: number;
}

/**
 * What the dictionary writes as one vowel + r before a vowel, as the vowel and then the r: hurry is ʌ, r; parade ə, r.
 * A long e or u before r is listed short (hero, jury).
 */
const BEFORE_A_VOWEL: Readonly<Record<string, readonly (readonly string[])[]>> = {
  ER: [
    ["AH", "R"],
    ["IH", "R"],
    ["EH", "R"],
  ],
  ER0: [["AH0", "R"]],
  "IH R": [["IY", "R"]],
  "UH R": [["UW", "R"]],
};

/** The phones as listed, and as they may be said with the r on its own before a vowel. */
function variantsOf(phones: readonly string[]): (readonly string[])[] {
  let variants: string[][] = [[]];
  for (let k = 0; k < phones.length; ) {
    const phone = phones[k] as string;
    const pair = `${phone} ${phones[k + 1]}`;
    const taken = pair in BEFORE_A_VOWEL ? 2 : 1;
    const key = taken === 2 ? pair : phone;
    const others = VOWEL_PHONE.test(phones[k + taken] ?? "") ? (BEFORE_A_VOWEL[key] ?? []) : [];
    const forms = [phones.slice(k, k + taken), ...others];
    variants = variants.flatMap((variant) => forms.map((form) => [...variant, ...form]));
    k += taken;
  }
  return variants;
}

const VOWEL_PHONE = /^[AEIOU]/;

/** A vowel + r that would stand whole before a vowel: only where a base ends, or where the letters are a team (fairy). */
function swallowsR(gpc: Gpc, end: number, next: string | undefined, { baseLetters }: AlignOptions): boolean {
  const isOne = /^[aeiouy]r+$/.test(gpc.grapheme) && gpc.phonemes.at(-1)?.endsWith("r") === true;
  return isOne && next !== undefined && VOWEL_PHONE.test(next) && end !== baseLetters;
}

/** Every way to match letters with these very phones. */
function match(word: string, phones: readonly string[], options: AlignOptions): Alignment[] {
  const found: Alignment[] = [];
  const path: AlignedUnit[] = [];
  const dead = new Set<number>();
  const width = phones.length + 1;

  const visit = (i: number, j: number, pending: Pending | undefined, cost: number): boolean => {
    if (i === word.length) {
      if (j !== phones.length || pending) return false;
      found.push({ cost, placed: path.map((p) => ({ gpc: p.gpc, start: p.start, tailAt: p.tailAt })) });
      return true;
    }
    // Only states without an open split digraph are remembered: with one, the path matters.
    const key = i * width + j;
    if (!pending && dead.has(key)) return false;
    let ok = false;
    if (pending && word[i] === "e" && pending.over > 0 && !/^[aeiou]/.test(word.slice(i + 1))) {
      const between = path.slice(pending.at + 1);
      const opener = path[pending.at];
      if (opener && mayReachOver(between)) {
        opener.tailAt = i;
        const intoEd = word.slice(i) === "ed" ? SPLIT_INTO_ED_COST : 0;
        const reach = (between.length - 1) * LONG_REACH_COST;
        ok = visit(i + 1, j, undefined, cost + intoEd + reach) || ok;
        delete opener.tailAt;
      }
    }
    for (const gpc of gpcsStartingWith(word[i] as string)) {
      if (!word.startsWith(gpc.head, i)) continue;
      if (gpc.tail && pending) continue;
      const end = i + gpc.head.length;
      const extra = placeCost(gpc, word, i, end);
      if (extra === undefined) continue;
      for (const run of runsOf(gpc)) {
        if (!run.every((phone, k) => matches(phone, phones[j + k]))) continue;
        if (swallowsR(gpc, end, phones[j + run.length], options)) continue;
        const weakened = run.some((phone, k) => phone !== phones[j + k]) ? WEAKENED_COST : 0;
        path.push({ gpc, start: i });
        const next: Pending | undefined = gpc.tail
          ? { at: path.length - 1, over: 0 }
          : pending && { at: pending.at, over: pending.over + 1 };
        const before = path.at(-2)?.gpc.phonemes.at(-1);
        const parted =
          gpc.phonemes[0] === "r" &&
          R_COLOURED_BASES.has(before ?? "") &&
          !/^[aiouy]|^e(?!d$|s$)./.test(word.slice(end));
        const step = COMMONNESS_COST[gpc.commonness] + extra + weakened + (parted ? R_SPLIT_COST : 0);
        if (!(pending && next && next.over > 2)) ok = visit(end, j + run.length, next, cost + step) || ok;
        path.pop();
      }
    }
    if (!ok && !pending) dead.add(key);
    return ok;
  };
  visit(0, 0, undefined, 0);
  return found;
}

function matches(wanted: string, actual: string | undefined): boolean {
  if (wanted === actual) return true;
  // A full vowel may be listed as weak in an unstressed word ("was"), never the other way round.
  return actual === `${wanted}0` && WEAK_PHONES.has(actual);
}

function unique(found: readonly Alignment[]): Alignment[] {
  const best = new Map<string, Alignment>();
  for (const f of found) {
    const key = f.placed.map((p) => `${p.gpc.id}@${p.start}`).join(" ");
    const old = best.get(key);
    if (!old || f.cost < old.cost) best.set(key, f);
  }
  return [...best.values()];
}

function toSegmentation(word: string, found: Alignment): Segmentation {
  const vowels = found.placed.map((p) => p.gpc.phonemes.some(isVowel));
  const firstVowel = vowels.indexOf(true);
  const units: Unit[] = found.placed.map(({ gpc, start, tailAt }, k) => {
    const letters = Array.from(gpc.head, (_, n) => start + n);
    if (tailAt !== undefined) letters.push(tailAt);
    return {
      grapheme: gpc.grapheme,
      letters,
      phonemes: gpc.phonemes,
      slot: slotAt(vowels, firstVowel, k),
      commonness: gpc.commonness,
    };
  });
  return { word, units, cost: found.cost };
}

/**
 * Onset, nucleus or coda. A consonant between two vowels goes with the later one (maximal onset for a
 * single consonant; of a run, only the last), which is what a chain's "before / after the vowel" needs.
 */
function slotAt(vowels: readonly boolean[], firstVowel: number, k: number): Slot {
  if (vowels[k]) return "nucleus";
  if (firstVowel === -1 || k < firstVowel) return "onset";
  return vowels[k + 1] ? "onset" : "coda";
}
