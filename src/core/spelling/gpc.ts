import { gpcId } from "./gpc-id.ts";
import { APOSTROPHE_LINES, GPC_LINES } from "./gpc-table.ts";

/** How readily a spelling comes to mind: 1 the first one … 4 rare, 5 odd (the part to point out). */
export type Commonness = 1 | 2 | 3 | 4 | 5;

export type GpcPlace =
  | "any"
  | "start"
  | "end"
  | "inside"
  | "before-eiy"
  | "before-m"
  | "before-l"
  | "before-r"
  | "after-w"
  | "suffix";

/** One grapheme-phoneme correspondence. */
export interface Gpc {
  /** `"sh=ʃ"`: grapheme, equals sign, phonemes joined by "+". Unique in the table. */
  readonly id: string;
  /** `"sh"`; a split digraph carries a hyphen: `"a-e"`. */
  readonly grapheme: string;
  readonly phonemes: readonly string[];
  readonly commonness: Commonness;
  readonly place: GpcPlace;
  readonly examples: readonly string[];
  /** Letters before the hyphen of a split digraph, or the whole grapheme. */
  readonly head: string;
  /** Letter after the hyphen of a split digraph (always "e" in English), or the empty string. */
  readonly tail: string;
}

/**
 * Reads the table's text.
 * @throws Error naming the line when a line is malformed or repeats a correspondence and place: the
 * table ships with the program, so this is a programmer's error.
 */
export function parseGpcLines(text: string): Gpc[] {
  const seen = new Set<string>();
  return text
    .split("\n")
    .filter((line) => line.trim() !== "")
    .map((line) => {
      const [grapheme, sounds, level, place, ...examples] = line.trim().split(/\s+/);
      if (!grapheme || !sounds || !place || examples.length === 0 || !/^[1-5]$/.test(level ?? ""))
        throw new Error(`GPC table: cannot read "${line}"`);
      const phonemes = sounds.split("+");
      const id = gpcId(grapheme, phonemes);
      if (seen.has(`${id}@${place}`)) throw new Error(`GPC table: "${line}" stands twice`);
      seen.add(`${id}@${place}`);
      const [head = "", tail = ""] = grapheme.split("-");
      return {
        id,
        grapheme,
        phonemes,
        commonness: Number(level) as Commonness,
        place: place as GpcPlace,
        examples,
        head,
        tail,
      };
    });
}

/** The whole table, in the order it is written. */
export const GPCS: readonly Gpc[] = parseGpcLines(GPC_LINES);

/** What stands for the letters left out of a contraction, and the possessive: taught as patterns, not one by one. */
const APOSTROPHE_GPCS = parseGpcLines(APOSTROPHE_LINES);
const ALL = [...GPCS, ...APOSTROPHE_GPCS];

const BY_FIRST_LETTER = new Map<string, Gpc[]>();
for (const gpc of ALL) {
  const first = gpc.head.charAt(0);
  const list = BY_FIRST_LETTER.get(first);
  if (list) list.push(gpc);
  else BY_FIRST_LETTER.set(first, [gpc]);
}

/** Every correspondence whose grapheme begins with this letter. */
export function gpcsStartingWith(letter: string): readonly Gpc[] {
  return BY_FIRST_LETTER.get(letter) ?? [];
}

const BY_ID = new Map<string, Gpc>();
for (const gpc of ALL) if (!BY_ID.has(gpc.id)) BY_ID.set(gpc.id, gpc);

/** The correspondence with this id (`"sh=ʃ"`), or undefined. */
export function gpcById(id: string): Gpc | undefined {
  return BY_ID.get(id);
}

const FIRST_SOUNDS = new Map<string, Gpc>();
for (const gpc of ALL) {
  const known = FIRST_SOUNDS.get(gpc.grapheme);
  if (!known || gpc.commonness < known.commonness) FIRST_SOUNDS.set(gpc.grapheme, gpc);
}

/** The sounds that come to mind first for a grapheme, joined by "+"; undefined when the table has it not. */
export function firstSoundsOf(grapheme: string): string | undefined {
  return FIRST_SOUNDS.get(grapheme)?.phonemes.join("+");
}
