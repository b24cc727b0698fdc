/** Spellings that belong together: a word, and it with -s, -es, -ed or -ing on. */

const FORMS: readonly ((word: string) => string[])[] = [
  (word) => [`${word}s`, `${word}es`, word.replace(/([^aeiou])y$/, "$1ies")],
  (word) => [`${word}ed`, `${word}d`, `${word}${word.at(-1)}ed`, word.replace(/([^aeiou])y$/, "$1ied")],
  (word) => [`${word}ing`, word.replace(/e$/, "ing"), `${word}${word.at(-1)}ing`],
];

/** Spellings that would be this word with -s, -es, -ed or -ing on. */
export const formsOf = (word: string): string[] =>
  FORMS.flatMap((forms) => forms(word)).filter((form) => form !== word);

/** Spellings of which this word would be a form. */
export function basesOf(word: string): string[] {
  const bases: string[] = [];
  if (/[^s]s$/.test(word)) bases.push(word.slice(0, -1), word.slice(0, -2), word.replace(/ies$/, "y"));
  if (word.endsWith("ed"))
    bases.push(word.slice(0, -1), word.slice(0, -2), word.slice(0, -3), word.replace(/ied$/, "y"));
  if (word.endsWith("ing")) bases.push(word.slice(0, -3), `${word.slice(0, -3)}e`, word.slice(0, -4));
  return bases.filter((base) => base.length > 1 && base !== word && formsOf(base).includes(word));
}
