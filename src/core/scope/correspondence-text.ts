import { readSounds } from "../sounds/sound-symbols.ts";
import { GPCS, type Gpc, gpcById } from "../spelling/gpc.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { UNIT_PLACES, type UnitPlace } from "../spelling/taught-gpcs.ts";
import type { TaughtGpc } from "./sequence.ts";

/** What is wrong with a correspondence as it was written. */
export type CorrespondenceFault =
  | { readonly code: "not-a-correspondence"; readonly text: string }
  | { readonly code: "unknown-grapheme"; readonly grapheme: string }
  | { readonly code: "unknown-sound"; readonly grapheme: string; readonly sound: string }
  /** The grapheme and the sound are known, but not together. */
  | {
      readonly code: "not-in-table";
      readonly grapheme: string;
      readonly sound: string;
      readonly choices: readonly string[];
    }
  | { readonly code: "ambiguous"; readonly grapheme: string; readonly choices: readonly string[] }
  | { readonly code: "unknown-word"; readonly grapheme: string; readonly word: string }
  | { readonly code: "word-without-grapheme"; readonly grapheme: string; readonly word: string }
  | { readonly code: "unknown-place"; readonly grapheme: string; readonly place: string };

export type ReadCorrespondence =
  | { readonly ok: true; readonly gpc: TaughtGpc }
  | { readonly ok: false; readonly fault: CorrespondenceFault };

/** Readings of a word, most regular first; empty when it is unknown. */
export type LookUp = (word: string) => readonly Segmentation[];

const TOKEN = /[^\s,;(]+(?:\s*\([^)]*\)?|\s+as\s+in\s+[^\s,;@]+)?(?:\s*@\s*[^\s,;]+)?/gu;

/** Cuts a field such as `"sh, ow (snow) oo as in book ck@end"` into its correspondences. */
export function splitCorrespondences(field: string): string[] {
  return [...field.matchAll(TOKEN)].map(([token]) => token.trim());
}

interface CorrespondenceParts {
  readonly grapheme: string;
  readonly sound?: string;
  readonly example?: string;
  readonly place?: string;
}

/** `"ow (snow) @end"` in its parts: letters, then a sound or an example word, then a place. */
function partsOf(text: string): CorrespondenceParts | undefined {
  const [before = "", place, ...more] = text.split("@").map((part) => part.trim());
  if (more.length > 0 || place === "" || (place !== undefined && /\s/.test(place))) return undefined;
  const at = place !== undefined && { place };
  const [grapheme = ""] = /^[^=(\s]+/.exec(before) ?? [];
  const rest = before.slice(grapheme.length).trim();
  if (grapheme === "") return undefined;
  if (rest === "") return { grapheme, ...at };
  if (rest.startsWith("=")) {
    const sound = rest.slice(1).trim();
    return sound === "" || sound.includes("(") ? undefined : { grapheme, sound, ...at };
  }
  if (rest.startsWith("(")) {
    const [example = "", after] = rest.slice(1).split(")");
    return after ? undefined : { grapheme, example: example.trim(), ...at };
  }
  const [as, is, example, ...others] = rest.split(/\s+/);
  return as === "as" && is === "in" && example && others.length === 0 ? { grapheme, example, ...at } : undefined;
}

/**
 * Reads one correspondence as teachers write it: `sh`, `ow (snow)`, `ow as in snow`, `ow=oʊ`, `ow=/əʊ/`, each
 * with `@start`, `@inside` or `@end` for one place only. Letters alone are taken for their commonest sound, of
 * a single letter the short one; letters with several common sounds (ow, oo, th) must say which.
 */
export function readCorrespondence(text: string, lookUp: LookUp): ReadCorrespondence {
  const no = (fault: CorrespondenceFault): ReadCorrespondence => ({ ok: false, fault });
  const parts = partsOf(text.trim());
  const grapheme = parts?.grapheme.toLowerCase().replace(/[_‐–—]/g, "-") ?? "";
  if (!parts || !/^[a-z]+(?:-e)?$/.test(grapheme)) return no({ code: "not-a-correspondence", text: text.slice(0, 40) });
  const { sound, example, place } = parts;
  if (place !== undefined && !UNIT_PLACES.includes(place as UnitPlace))
    return no({ code: "unknown-place", grapheme, place });
  const rows = GPCS.filter((gpc) => gpc.grapheme === grapheme);
  if (rows.length === 0) return no({ code: "unknown-grapheme", grapheme });
  const found =
    sound !== undefined
      ? bySound(grapheme, sound, rows)
      : example
        ? byWord(grapheme, example.toLowerCase(), rows, lookUp)
        : byLetters(grapheme, rows);
  if ("code" in found) return no(found);
  return {
    ok: true,
    gpc: { grapheme, phonemes: found.phonemes, ...(place !== undefined && { place: place as UnitPlace }) },
  };
}

/** Ids of the rows, the commonest first, each once. */
const choicesOf = (rows: readonly Gpc[]) => [
  ...new Set([...rows].sort((a, b) => a.commonness - b.commonness).map(({ id }) => id)),
];

function bySound(grapheme: string, sound: string, rows: readonly Gpc[]): Gpc | CorrespondenceFault {
  const phonemes = readSounds(sound);
  if (!phonemes) return { code: "unknown-sound", grapheme, sound };
  const exact = gpcById(gpcId(grapheme, phonemes));
  return exact ?? { code: "not-in-table", grapheme, sound, choices: choicesOf(rows) };
}

function byWord(grapheme: string, word: string, rows: readonly Gpc[], lookUp: LookUp): Gpc | CorrespondenceFault {
  const listed = rows.find(({ examples }) => examples.includes(word));
  if (listed) return listed;
  const readings = lookUp(word);
  if (readings.length === 0) return { code: "unknown-word", grapheme, word };
  for (const reading of readings) {
    const unit = reading.units.find((u) => u.grapheme === grapheme);
    const gpc = unit && gpcById(gpcId(unit.grapheme, unit.phonemes));
    if (gpc) return gpc;
  }
  return { code: "word-without-grapheme", grapheme, word };
}

function byLetters(grapheme: string, rows: readonly Gpc[]): Gpc | CorrespondenceFault {
  const least = Math.min(...rows.map(({ commonness }) => commonness));
  const commonest = rows.filter(({ commonness }) => commonness === least);
  const ids = new Set(commonest.map(({ id }) => id));
  // The table lists a letter's short or plain sound first: that is what "o" on its own means to a teacher.
  if (ids.size === 1 || grapheme.length === 1) return commonest[0] as Gpc;
  return { code: "ambiguous", grapheme, choices: choicesOf(rows.filter(({ commonness }) => commonness <= 3)) };
}

/**
 * Writes a correspondence so that `readCorrespondence` gives it back: letters with an example word where one
 * of the table's says it, otherwise with the sound.
 */
export function writeCorrespondence({ grapheme, phonemes, place }: TaughtGpc): string {
  const id = gpcId(grapheme, phonemes);
  const at = place ? `@${place}` : "";
  const rows = GPCS.filter((gpc) => gpc.grapheme === grapheme);
  const plain = rows.length > 0 ? byLetters(grapheme, rows) : undefined;
  if (plain && !("code" in plain) && plain.id === id) return grapheme + at;
  const example = gpcById(id)?.examples.find((word) => rows.find((gpc) => gpc.examples.includes(word))?.id === id);
  return `${grapheme}${example ? ` (${example})` : id.slice(grapheme.length)}${at}`;
}
