import { phoneme } from "../sounds/phonemes.ts";
import type { Segmentation, Unit } from "./segmentation.ts";

/** The six types of common practice (no source). A form, not a sound: `find` is closed, though i is long. */
export type SyllableType = "closed" | "open" | "vowel-consonant-e" | "vowel-team" | "r-controlled" | "consonant-le";

export interface Syllable {
  /** Its letters; a doubled consonant is parted between two syllables (rab·bit). */
  readonly text: string;
  /** Indices of its units; a doubled consonant belongs to the syllable it closes. */
  readonly units: readonly number[];
  readonly type: SyllableType;
}

/** Pairs of consonant graphemes that can begin an English syllable, as letters. */
const ONSET_PAIRS = new Set(
  "bl br cl cr dr fl fr gl gr pl pr sc sk sl sm sn sp st sw tr tw thr shr squ phr chr".split(" "),
);
const SHORT_VOWELS = new Set(["æ", "e", "ɪ", "ɒ", "ʌ", "ʊ"]);
const DOUBLED = /^([bcdfghjklmnpqrstvwxz])\1$/;
/** Graphemes that end a syllable wherever they stand between vowels. */
const CLOSERS = /^(ck|tch|dge|ng|x|xe|mb)$/;
/** Spellings of /ʃ/, /ʒ/, /tʃ/ before a weak vowel: with it they are the ending (na·tion, vi·sion). */
const ENDING_STARTERS = /^(ti|ci|si|ssi|xi|ce|sci)$/;
/** Sounds that never end a syllable. */
const NEVER_LAST = new Set(["h", "w", "j"]);
/**
 * Graphemes of several consonant letters that are parted, letter by letter: a doubled one always, others
 * only where both letters belong to their own syllable by sense (cas·tle, lis·ten, cup·board, mis·sion, ex·cept). The
 * number is how many letters stay with the first syllable.
 */
const PARTED: Readonly<Record<string, number>> = { st: 1, pb: 1, ssi: 1, xc: 1, shi: 2, cqu: 1, cc: 1 };
/** Those of them that are parted only where they spell this. */
const PARTED_AS: Readonly<Record<string, string>> = { st: "s", pb: "b", cc: "k" };

/**
 * Splits a word into syllables: one a vowel unit. Between two vowels a single consonant closes a short
 * vowel (cab·in) and otherwise opens the next syllable (ro·bot); of two, each goes to its side, unless
 * they can begin a syllable and the vowel before is not short (se·cret); a final `le` takes the consonant
 * before it (ta·ble, but tick·le); -ed and -es stand by themselves (want·ed); a split digraph keeps its e
 * (base·ment); a compound is split at its seam, and what is on a base at its joint, whatever the letters (hide·out,
 * help·ing, un·tie).
 *
 * @returns at least one syllable; a word without a vowel unit is one closed syllable
 */
export function syllablesOf(segmentation: Segmentation): Syllable[] {
  const { units } = segmentation;
  const nuclei = units.flatMap((unit, k) => (unit.slot === "nucleus" ? [k] : []));
  const starts = [0];
  for (let n = 1; n < nuclei.length; n++)
    starts.push(boundary(segmentation, nuclei[n - 1] as number, nuclei[n] as number));
  const letterStarts = starts.map((k, n) => (n === 0 ? 0 : firstLetter(segmentation, k)));
  return starts.map((start, n) => {
    const end = starts[n + 1] ?? units.length;
    const indices = Array.from({ length: end - start }, (_, k) => start + k);
    return {
      text: segmentation.word.slice(letterStarts[n], letterStarts[n + 1]),
      units: indices,
      type: typeOf(indices.map((k) => units[k] as Unit)),
    };
  });
}

const KNOWN = new WeakMap<Segmentation, readonly Syllable[]>();

/** `syllablesOf` for what is asked about again and again: a reading of the list is split once. */
export function knownSyllables(segmentation: Segmentation): readonly Syllable[] {
  let syllables = KNOWN.get(segmentation);
  if (!syllables) {
    syllables = syllablesOf(segmentation);
    KNOWN.set(segmentation, syllables);
  }
  return syllables;
}

/** How many letters of a consonant grapheme stay with the syllable before; undefined when it is not parted. */
function partedAfter({ grapheme, phonemes }: Unit): number | undefined {
  if (DOUBLED.test(grapheme)) return 1;
  const after = PARTED[grapheme];
  if (after === undefined) return undefined;
  const sound = PARTED_AS[grapheme];
  return sound === undefined || phonemes[0] === sound ? after : undefined;
}

const isParted = (unit: Unit) => partedAfter(unit) !== undefined;
const closes = (unit: Unit) => isParted(unit) || CLOSERS.test(unit.grapheme);

/** Index of the unit at which the syllable of the later vowel begins. */
function boundary({ units, seam, joints = [] }: Segmentation, before: number, after: number): number {
  for (const letter of seam === undefined ? joints : [seam, ...joints]) {
    const at = units.findIndex((unit) => unit.letters[0] === letter);
    if (at > before && at <= after) return at;
  }
  // The e of a split digraph is its syllable's last letter, whatever stands in between.
  const tail = units[before]?.grapheme.includes("-") ? (units[before]?.letters.at(-1) as number) : undefined;
  if (tail !== undefined) {
    const beyond = units.findIndex((unit) => (unit.letters[0] as number) > tail);
    if (beyond > before && beyond <= after) return beyond;
  }
  const between = after - before - 1;
  // The endings -ed and -es stand by themselves: want·ed, box·es.
  if (between === 0 || /^e[ds]$/.test(units[after]?.grapheme ?? "")) return after;
  const last = units[after - 1] as Unit;
  if (units[after]?.grapheme === "le" && !closes(last)) return after - 1;
  const vowel = units[before] as Unit;
  const oneLetter = vowel.grapheme.length === 1;
  // The e of be·gin and re·port is weak, whichever of the two weak vowels the dictionary lists.
  const isWeak = vowel.phonemes[0] === "ə" || (vowel.grapheme === "e" && vowel.phonemes[0] === "ɪ");
  const isShort = SHORT_VOWELS.has(vowel.phonemes[0] ?? "") && !isWeak;
  if (closes(last)) return after;
  if (ENDING_STARTERS.test(last.grapheme)) return after - 1;
  // Dif·fer·ent, na·tion·al: er and -tion stay whole.
  if (between === 1 && last.grapheme === "r" && vowel.grapheme === "e" && isWeak) return after;
  if (between === 1 && last.grapheme === "n" && ENDING_STARTERS.test(units[before - 1]?.grapheme ?? "")) return after;
  if (between === 1 && NEVER_LAST.has(last.phonemes[0] ?? "")) return after - 1;
  if (between === 1) return isShort ? after : after - 1;
  const second = units[after - 2] as Unit;
  // A doubled consonant is shut in before another: ap·ply, ac·cuse.
  if (closes(second) || !ONSET_PAIRS.has(`${second.grapheme}${last.grapheme}`)) return after - 1;
  // In·struct, de·scribe: three consonants that begin a syllable begin it together.
  const third = units[after - 3];
  if (between >= 3 && third?.grapheme === "s" && /^[ptck]$/.test(second.grapheme)) return after - 3;
  const shut = isShort || (oneLetter && isWeak && second.grapheme === "s" && vowel.grapheme !== "e");
  return between >= 3 || !shut ? after - 2 : after - 1;
}

/** The letter at which a syllable begins; a consonant spelling that is parted gives it its second letter. */
function firstLetter({ units, seam, joints = [] }: Segmentation, k: number): number {
  const previous = units[k - 1];
  const here = units[k]?.letters[0] ?? 0;
  // Grass·hopper, guess·ing: the doubled letter is the first word's.
  if (here === seam || joints.includes(here)) return here;
  const stays = previous && partedAfter(previous);
  return stays === undefined ? here : (previous?.letters[0] as number) + stays;
}

function typeOf(units: readonly Unit[]): SyllableType {
  const k = units.findIndex((unit) => unit.slot === "nucleus");
  const vowel = units[k];
  if (!vowel) return "closed";
  if (vowel.grapheme === "le") return "consonant-le";
  const sound = phoneme(vowel.phonemes.at(-1) ?? "");
  if (vowel.phonemes.at(-1) === "ər" || (sound?.kind === "vowel" && sound.length === "r-coloured"))
    return "r-controlled";
  if (vowel.grapheme.includes("-")) return "vowel-consonant-e";
  if (vowel.grapheme === "ed" || vowel.grapheme === "es") return "closed";
  // A silent letter makes no team: half and talk are closed in form.
  if (vowel.grapheme.replace(/^h|l$/, "").length > 1) return "vowel-team";
  if (vowel.grapheme.endsWith("l")) return "closed";
  return k < units.length - 1 ? "closed" : "open";
}
