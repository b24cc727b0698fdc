/** A rime has one ending and many beginnings (-at: cat, hat); a body one beginning and many endings (ca-: cat, cap). */
export const FAMILY_KINDS = ["rime", "body"] as const;
export type FamilyKind = (typeof FAMILY_KINDS)[number];

/** Words that share a rime or a body, letters and sounds both: cow and now, without snow. */
export interface Family {
  readonly kind: FamilyKind;
  /** `"ake"`; of a body `"ca"`, and `"ca-e"` where the ending goes into a split digraph. */
  readonly letters: string;
  /** Sound classes of the part shared, from the vowel on for a rime, as `rimeSounds` gives them. */
  readonly sounds: string;
}

/** A family as a teacher names it; without sounds, the ones its words here mostly have. */
export type NamedFamily = Pick<Family, "letters"> & Partial<Pick<Family, "sounds">>;

/** The same for the same family. */
export const familyId = ({ kind, letters, sounds }: Family): string => `${kind} ${letters} ${sounds}`;

/** How a teacher writes a rime or a body (`-at`, `a_e`, `CA-`), brought to our letters. */
export function readFamilyLetters(typed: string): string {
  const letters = typed
    .normalize("NFC")
    .trim()
    .toLowerCase()
    .replace(/[_‐–—]/g, "-");
  const isOuter = (at: number) => letters[at] === "-";
  let [from, to] = [0, letters.length];
  while (from < to && isOuter(from)) from++;
  while (to > from && isOuter(to - 1)) to--;
  return letters.slice(from, to);
}
