import type { RowFault, RowProblem } from "../../core/light.ts";
import { gpcName } from "./gpc-name.ts";
import { patternName } from "./pattern-names.ts";

const some = (ids: readonly string[]) => ids.slice(0, 4).map(gpcName).join(", ");

/** What is wrong with a row of a sequence, and how to mend it. */
export function rowFaultWords(fault: RowFault): string {
  switch (fault.code) {
    case "not-a-correspondence":
      return `“${fault.text}” is not a spelling. Write letters, with an example word where they say several sounds: ow (snow).`;
    case "unknown-grapheme":
      return `${fault.grapheme} spells no sound in English. Check the letters; split spellings are written a-e.`;
    case "unknown-sound":
      return `“${fault.sound}” is not a sound we know. Write an example word instead: ${fault.grapheme} (…).`;
    case "not-in-table":
      return `${fault.grapheme} does not spell ${fault.sound}. It can be: ${some(fault.choices)}.`;
    case "ambiguous":
      return `${fault.grapheme} says several sounds. Which one? ${some(fault.choices)}. Write it with a word: ${fault.grapheme} (…).`;
    case "unknown-word":
      return `${fault.word} is not in the word list. Choose another word for ${fault.grapheme}.`;
    case "word-without-grapheme":
      return `${fault.word} is not spelt with ${fault.grapheme}. Choose another word.`;
    case "unknown-place":
      return `“${fault.place}” is not a place. Use @start, @inside or @end.`;
    case "unknown-pattern":
      return `“${fault.pattern}” is not a pattern. Choose from the list above the table.`;
    case "not-a-word":
      return `“${fault.word}” is not one word in the letters a to z.`;
    case "unsuitable-word":
      return `${fault.word} is not a word for a reading lesson.`;
    case "name-too-long":
      return `A step's name has at most ${fault.longest} letters.`;
    case "step-teaches-nothing":
      return "This step teaches nothing. Fill it or take it out.";
    case "taught-twice":
      return `${nameOf(fault.what)} is taught already at step ${fault.firstStep}.`;
    case "sequence-teaches-nothing":
      return "The sequence teaches nothing yet. Write the first spellings into step 1: s, a, t, p.";
    case "too-many-steps":
      return `A sequence has at most ${fault.most} steps.`;
  }
}

function nameOf(what: string): string {
  return patternName(what) ?? what;
}

/** The same with its place, for a list above the table: `"Line 7, spellings: …"`. */
export function rowProblemWords(problem: RowProblem, lines: readonly number[] | undefined): string {
  const line = lines?.[problem.row];
  const field = problem.field === "irregularWords" ? "irregular words" : problem.field;
  return `${line === undefined ? `Step ${problem.row + 1}` : `Line ${line}`}, ${field}: ${rowFaultWords(problem.fault)}`;
}
