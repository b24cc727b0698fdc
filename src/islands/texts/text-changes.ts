/** A run of characters, and what comes in its place. */
export interface TextChange {
  readonly from: number;
  readonly to: number;
  readonly insert: string;
}

/** What puts a sentence at the end of a text: behind a space, in the place of whatever space is there. */
export function atEnd(text: string, sentence: string): TextChange {
  const from = text.trimEnd().length;
  return { from, to: text.length, insert: from === 0 ? sentence : ` ${sentence}` };
}

/** The text with changes made. @param changes runs that do not overlap, all counted in the text as it was */
export function withChanges(text: string, changes: readonly TextChange[]): string {
  return [...changes]
    .sort((a, b) => b.from - a.from)
    .reduce((changed, { from, to, insert }) => changed.slice(0, from) + insert + changed.slice(to), text);
}
