import type { Lexicon } from "../lexicon/lexicon.ts";
import { type SyllableType, syllablesOf } from "../spelling/syllables.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { type Family, familyId } from "./family.ts";
import type { FamilyMember } from "./members.ts";

/** What the words of one bin of a sort have in common. */
export type Bin =
  | { readonly by: "family"; readonly family: Family }
  /** A correspondence (`"ai=eɪ"`), wherever it stands in the word. */
  | { readonly by: "spelling"; readonly gpc: string }
  | { readonly by: "syllable-type"; readonly type: SyllableType | "not-closed" };

/** Id of a bin, the same for the same sound, spelling or rime. */
export function binId(bin: Bin): string {
  switch (bin.by) {
    case "family":
      return familyId(bin.family);
    case "spelling":
      return bin.gpc;
    case "syllable-type":
      return bin.type;
  }
}

/** Spellings rarer than this do not show a type of syllable. */
const COMMONEST_ODD = 2;

/** Are all its spellings among the common ones? */
export const isPlain = ({ reading }: Pick<FamilyMember, "reading">): boolean =>
  reading.units.every(({ commonness }) => commonness <= COMMONEST_ODD);

/** Does a word belong in this bin? */
export function binOf(bin: Bin, member: FamilyMember, { accent }: Lexicon): boolean {
  switch (bin.by) {
    case "family": {
      const { letters, sounds } = member[bin.family.kind];
      return letters === bin.family.letters && sounds === bin.family.sounds;
    }
    case "spelling": {
      const key = keyOfGpc(bin.gpc, accent);
      return member.reading.units.some((unit) => unitKey(unit, accent) === key);
    }
    case "syllable-type": {
      // A word whose letters are said in an odd way shows a type badly (was, have).
      if (!isPlain(member)) return false;
      const type = syllablesOf(member.reading)[0]?.type;
      return bin.type === "not-closed" ? type !== "closed" : type === bin.type;
    }
  }
}
