/** Steps of an order between which a group stands, as far as it is known. */
export interface StepRange {
  /** The last step that is surely taught; 0 when none is. */
  readonly above: number;
  /** The last step that may be taught. */
  readonly upTo: number;
}

/** A word that can be decoded from its step on, and not a step earlier. */
export interface TellingWord {
  readonly word: string;
  readonly step: number;
}

/**
 * What is known of where a group stands once it has been said which words most of it can read: above the last word before
 * the first that it cannot.
 *
 * @param words as `tellingWords` gave them
 * @param read those of them that can be read
 *
 * @example standsBetween([{ word: "sat", step: 2 }, { word: "ship", step: 9 }], ["sat"], { above: 0, upTo: 20 }) // { above: 2, upTo: 8 }
 */
export function standsBetween(words: readonly TellingWord[], read: readonly string[], range: StepRange): StepRange {
  const unread = words.findIndex(({ word }) => !read.includes(word));
  const above = (unread === -1 ? words.at(-1) : words[unread - 1])?.step ?? range.above;
  return { above, upTo: unread === -1 ? range.upTo : (words[unread] as TellingWord).step - 1 };
}
