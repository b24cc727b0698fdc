import {
  type CorrespondenceFault,
  type LookUp,
  readCorrespondence,
  splitCorrespondences,
  writeCorrespondence,
} from "./correspondence-text.ts";
import { patternCalled } from "./patterns.ts";
import { type Sequence, type SequenceStep, taughtGpcToken } from "./sequence.ts";

/** One step as a teacher types it or a file holds it: four fields of text. */
export interface SequenceRow {
  readonly name: string;
  /** `"sh, ow (snow)"`: read by correspondence-text.ts. */
  readonly spellings: string;
  /** Pattern ids, or their common names. */
  readonly patterns: string;
  readonly irregularWords: string;
}

export type RowField = keyof SequenceRow;

export type RowFault =
  | CorrespondenceFault
  | { readonly code: "unknown-pattern"; readonly pattern: string }
  | { readonly code: "not-a-word"; readonly word: string }
  | { readonly code: "unsuitable-word"; readonly word: string }
  | { readonly code: "name-too-long"; readonly longest: number }
  | { readonly code: "step-teaches-nothing" }
  | { readonly code: "taught-twice"; readonly what: string; readonly firstStep: number }
  | { readonly code: "sequence-teaches-nothing" }
  | { readonly code: "too-many-steps"; readonly most: number };

/** Something to say about a row: an error keeps the sequence from being stored, a remark does not. */
export interface RowProblem {
  /** Counted from 0; 0 for what concerns the whole. */
  readonly row: number;
  readonly field: RowField;
  readonly level: "error" | "remark";
  readonly fault: RowFault;
}

export interface ReadRows {
  readonly steps: readonly SequenceStep[];
  readonly problems: readonly RowProblem[];
}

export const MAX_STEPS = 200;
const LONGEST_NAME = 60;

const REMARKS: ReadonlySet<RowFault["code"]> = new Set(["step-teaches-nothing", "taught-twice"]);

export interface RowRules {
  readonly lookUp: LookUp;
  /** True for a word that must not be put before children. */
  readonly unsuitable: (word: string) => boolean;
}

/** Reads the rows of a sequence: its steps as far as they can be read, and everything there is to say of them. */
export function readSequenceRows(rows: readonly SequenceRow[], rules: RowRules): ReadRows {
  const problems: RowProblem[] = [];
  const firstTaught = new Map<string, number>();
  const steps = rows.slice(0, MAX_STEPS).map((row, index): SequenceStep => {
    const say = (field: RowField, fault: RowFault) =>
      problems.push({ row: index, field, fault, level: REMARKS.has(fault.code) ? "remark" : "error" });
    const step = readRow(row, index, rules, say);
    const items = [
      ...step.gpcs.map((gpc) => [taughtGpcToken(gpc), writeCorrespondence(gpc), "spellings"] as const),
      ...step.patterns.map((pattern) => [`pattern ${pattern}`, pattern, "patterns"] as const),
      ...step.irregularWords.map((word) => [`word ${word}`, word, "irregularWords"] as const),
    ];
    if (items.length === 0 && isBlank(row)) say("spellings", { code: "step-teaches-nothing" });
    for (const [key, what, field] of items) {
      const firstStep = firstTaught.get(key);
      if (firstStep === undefined) firstTaught.set(key, index + 1);
      else say(field, { code: "taught-twice", what, firstStep });
    }
    return step;
  });
  const whole = (fault: RowFault) => problems.push({ row: 0, field: "spellings", level: "error", fault });
  if (rows.length > MAX_STEPS) whole({ code: "too-many-steps", most: MAX_STEPS });
  if (firstTaught.size === 0 && !problems.some(({ level }) => level === "error"))
    whole({ code: "sequence-teaches-nothing" });
  return { steps, problems };
}

const isBlank = ({ spellings, patterns, irregularWords }: SequenceRow) =>
  [spellings, patterns, irregularWords].every((field) => field.trim() === "");

const wordsOf = (field: string) => field.split(/[\s,;]+/).filter(Boolean);

function readRow(
  row: SequenceRow,
  index: number,
  rules: RowRules,
  say: (field: RowField, fault: RowFault) => void,
): SequenceStep {
  const name = row.name.trim();
  if (name.length > LONGEST_NAME) say("name", { code: "name-too-long", longest: LONGEST_NAME });
  const gpcs = splitCorrespondences(row.spellings).flatMap((token) => {
    const read = readCorrespondence(token, rules.lookUp);
    if (read.ok) return [read.gpc];
    say("spellings", read.fault);
    return [];
  });
  const patterns = wordsOf(row.patterns.toLowerCase()).flatMap((text) => {
    const pattern = patternCalled(text);
    if (pattern) return [pattern];
    say("patterns", { code: "unknown-pattern", pattern: text.slice(0, 40) });
    return [];
  });
  const irregularWords = wordsOf(row.irregularWords.toLowerCase()).flatMap((word) => {
    if (!/^[a-z]+(?:'[a-z]+)?$/.test(word.replace(/’/g, "'")) || word.length > 30)
      say("irregularWords", { code: "not-a-word", word: word.slice(0, 40) });
    else if (rules.unsuitable(word)) say("irregularWords", { code: "unsuitable-word", word });
    else return [word.replace(/’/g, "'")];
    return [];
  });
  const firstLetters = gpcs.map(({ grapheme }) => grapheme).join(" ");
  return {
    number: index + 1,
    name: (name || firstLetters || patterns.join(" ") || irregularWords.join(" ") || `step ${index + 1}`).slice(
      0,
      LONGEST_NAME,
    ),
    gpcs,
    patterns,
    irregularWords,
  };
}

/** The rows of a sequence, as `readSequenceRows` reads them back. */
export function writeSequenceRows({ steps }: Pick<Sequence, "steps">): SequenceRow[] {
  return steps.map(({ name, gpcs, patterns, irregularWords }) => ({
    name,
    spellings: gpcs.map(writeCorrespondence).join(", "),
    patterns: patterns.join(" "),
    irregularWords: irregularWords.join(" "),
  }));
}
