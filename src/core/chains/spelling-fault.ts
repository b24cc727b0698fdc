/** The longest spelling worth looking at: no English word of the list comes near. */
export const LONGEST_SPELLING = 30;

/** What is wrong with what was typed, before it is even looked up. */
export type SpellingFault =
  | { readonly code: "empty" }
  | { readonly code: "too-long"; readonly longest: number }
  | { readonly code: "several-words" }
  | { readonly code: "not-letters"; readonly characters: string };

/** What keeps a lower-cased spelling from being one word. */
export function faultOf(word: string): SpellingFault | undefined {
  if (word === "") return { code: "empty" };
  if (word.length > LONGEST_SPELLING) return { code: "too-long", longest: LONGEST_SPELLING };
  if (/\s/.test(word)) return { code: "several-words" };
  const odd = [...new Set(word.replace(/[a-z]/g, ""))].join("");
  return odd === "" ? undefined : { code: "not-letters", characters: odd };
}
