/** A list of words that is kept off screens and sheets until the school lets it be used. */
interface KeptOutListDefinition {
  /** The letter that marks its words in the word list's file. */
  readonly mark: string;
}

/**
 * The lists a school may switch on, one definition each, in the order in which they are shown. Their words stand in
 * data/lexicon/unsuitable.ts, their names on screen in components/words/kept-out-lists.ts.
 */
export const KEPT_OUT_LISTS = {
  "not-every-school": { mark: "s" },
  "weapons-and-fighting": { mark: "w" },
  "death-and-alcohol": { mark: "d" },
} as const satisfies Record<string, KeptOutListDefinition>;

export type KeptOutList = keyof typeof KEPT_OUT_LISTS;

/** Ids of the lists. */
export const KEPT_OUT_LIST_IDS = Object.keys(KEPT_OUT_LISTS) as [KeptOutList, ...KeptOutList[]];

/** What a word is fit for: everybody, schools that allow its list, or nobody. */
export type Suitability = "suitable" | KeptOutList | "never";

/** Which of the lists may be used; none unless given. */
export interface AllowedLists {
  readonly allowLists?: readonly KeptOutList[];
}

/** May a word of this suitability be used? */
export function isFit(suitability: Suitability, { allowLists = [] }: AllowedLists): boolean {
  return suitability === "suitable" || (suitability !== "never" && allowLists.includes(suitability));
}
