import { RULE_LINES } from "./rules-table.ts";

/** One rule of reading: in this place, these letters are read so. */
export interface ReadingRule {
  readonly id: string;
  readonly grapheme: string;
  readonly head: string;
  /** True for a split digraph, whose e stands one consonant grapheme further on. */
  readonly split: boolean;
  /** True for a vowel that is weak here: never the only vowel of a word. */
  readonly weak: boolean;
  readonly phonemes: readonly string[];
  readonly cost: number;
  readonly before: RegExp | undefined;
  readonly after: RegExp | undefined;
  readonly name: string;
}

const CONSONANT = "[bcdfghjklmnpqrstvwxz]";
const VOWEL = "[aeiouy]";
const DIGRAPH = "(?:sh|ch|th|ph|wh|qu)";
/** Consonants that may stand between a vowel and the final e that marks it. */
const ONE_CONSONANT = `(?:${DIGRAPH}|st|${CONSONANT})`;

/** The table's abbreviations, as the regular expressions they stand for. */
const AFTER: Readonly<Record<string, string>> = {
  // One consonant at the end, two consonants, x, or a doubled one: the vowel is shut in.
  CLOSED: `(?![bcdfgkptz]le(?:s|d)?$)(?:${CONSONANT}$|${CONSONANT}${CONSONANT}|(?:ck|x|tch|dge|ss|ff|ll|zz|tt|pp|bb|dd|gg|nn|mm|rr)|${DIGRAPH}$|ng)`,
  // One consonant and then a vowel, or a consonant and -le: the syllable ends with the vowel.
  OPEN: `(?:(?!x)(?:${DIGRAPH}|${CONSONANT})${VOWEL}|[bcdfgkptz]le(?:s|d)?$|[bcdfgkpt]r${VOWEL})`,
  FINAL_E: `${ONE_CONSONANT}e(?:s|d|ly|less|ful|ness|ment)?$`,
  // The r is not doubled and opens no syllable.
  R: `(?:$|[^raeiouy])`,
};

/**
 * Reads the table's text.
 * @throws Error naming a line that is malformed: the table ships with the program.
 */
export function parseRules(text: string): ReadingRule[] {
  return text
    .split("\n")
    .filter((line) => line.trim() !== "")
    .map((line) => {
      const [grapheme = "", sounds = "", cost = "", before = "-", after = "-", ...words] = line.trim().split(/\s+/);
      const name = words.join(" ");
      if (name === "" || Number.isNaN(Number(cost))) throw new Error(`Reading rules: cannot read "${line}"`);
      const [head = "", tail] = grapheme.split("-");
      const afterText = AFTER[after] ?? expandOutsideClasses(after);
      return {
        id: `${grapheme}=${sounds}`,
        grapheme,
        head,
        split: tail !== undefined,
        weak: false,
        phonemes: sounds.split("+"),
        cost: Number(cost),
        before: before === "-" ? undefined : new RegExp(`(?:${expandOutsideClasses(before)})$`),
        after: after === "-" ? undefined : new RegExp(`^(?:${afterText})`),
        name,
      };
    });
}

/** C and V stand alone in the table (`^C+`, `V.*C`): they are expanded wherever they are capital letters. */
function expandOutsideClasses(text: string): string {
  return text.replace(/C/g, CONSONANT).replace(/V/g, VOWEL);
}

export const READING_RULES: readonly ReadingRule[] = parseRules(RULE_LINES);
