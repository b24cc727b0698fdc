import { inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { partsOfGpcId } from "../spelling/gpc-id.ts";
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

/** Spellings that are endings. */
const ENDING_SPELLING = /^e[ds]$/;
/** The least familiar base that an ending may be shown on. */
const LEAST_FAMILIAR_BASE = 2;

function hasKnownBase({ entry }: FamilyMember, lexicon: Lexicon): boolean {
  const base = lexicon.get(inflectionOf(entry.word, lexicon)?.base ?? "");
  return base !== undefined && base.familiarity <= LEAST_FAMILIAR_BASE;
}

/** Does a word belong in this bin? */
export function binOf(bin: Bin, member: FamilyMember, lexicon: Lexicon): boolean {
  const { accent } = lexicon;
  switch (bin.by) {
    case "family": {
      const { letters, sounds } = member[bin.family.kind];
      return letters === bin.family.letters && sounds === bin.family.sounds;
    }
    case "spelling": {
      const key = keyOfGpc(bin.gpc, accent);
      // A sort of endings is of words whose bases children know (jumped, not poached).
      if (ENDING_SPELLING.test(partsOfGpcId(bin.gpc).grapheme) && !hasKnownBase(member, lexicon)) return false;
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
