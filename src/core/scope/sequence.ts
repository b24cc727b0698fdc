import { gpcId } from "../spelling/gpc-id.ts";
import type { UnitPlace } from "../spelling/taught-gpcs.ts";
import { PATTERNS, type Pattern } from "./patterns.ts";

export interface TaughtGpc {
  readonly grapheme: string;
  readonly phonemes: readonly string[];
  /** Taught for this place only; undefined: wherever English puts it. */
  readonly place?: UnitPlace;
}

export interface SequenceStep {
  /** Counted from 1. */
  readonly number: number;
  readonly name: string;
  readonly gpcs: readonly TaughtGpc[];
  readonly patterns: readonly Pattern[];
  readonly irregularWords: readonly string[];
}

export interface Sequence {
  readonly id: string;
  readonly name: string;
  readonly source: string;
  readonly steps: readonly SequenceStep[];
}

interface SequenceText {
  readonly id: string;
  readonly name: string;
  readonly source: string;
  readonly lines: string;
}

/** `"e=iː@end"` → its parts. @throws Error when it is not `grapheme=phonemes[@place]`. */
export function parseTaughtGpc(token: string): TaughtGpc {
  const match = /^([a-z]+(?:-e)?)=([^@]+)(?:@(start|inside|end))?$/.exec(token);
  if (!match) throw new Error(`"${token}" is not written grapheme=sound`);
  const [, grapheme = "", sounds = "", place] = match;
  return { grapheme, phonemes: sounds.split("+"), ...(place && { place: place as UnitPlace }) };
}

/** The token of a taught correspondence: how it is stored and sent. */
export function taughtGpcToken(gpc: TaughtGpc): string {
  return `${gpcId(gpc.grapheme, gpc.phonemes)}${gpc.place ? `@${gpc.place}` : ""}`;
}

/** Reads a shipped sequence's text. @throws Error on a malformed line: shipped data is ours to mend. */
export function parseSequence(text: SequenceText): Sequence {
  const words = (part: string | undefined) => (part ?? "").split(/\s+/).filter(Boolean);
  const steps = text.lines
    .split("\n")
    .filter((line) => line.trim() !== "")
    .map((line, index): SequenceStep => {
      const [name = "", gpcs, patterns, irregular] = line.split("|");
      const named = words(patterns).map((p) => {
        if (!PATTERNS.includes(p as Pattern)) throw new Error(`${text.id}: no pattern "${p}"`);
        return p as Pattern;
      });
      return {
        number: index + 1,
        name: name.trim(),
        gpcs: words(gpcs).map(parseTaughtGpc),
        patterns: named,
        irregularWords: words(irregular).map((word) => word.toLowerCase()),
      };
    });
  return { id: text.id, name: text.name, source: text.source, steps };
}
