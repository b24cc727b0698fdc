import type { Bin, Family } from "../../core/light.ts";
import { gpcLetters } from "./sounds.ts";

/** `"-at"`, `"ca-"`: how teachers write a rime and a body. */
export function familyName({ kind, letters }: Pick<Family, "kind" | "letters">): string {
  return kind === "rime" ? `-${letters}` : `${letters}-`;
}

const TYPE_NAME: Readonly<Record<string, string>> = {
  closed: "closed",
  open: "open",
  "vowel-consonant-e": "vowel, consonant, e",
  "vowel-team": "vowel team",
  "r-controlled": "vowel and r",
  "consonant-le": "consonant and le",
  "not-closed": "not closed",
};

/** Heading of one bin of a sort. */
export function binName(bin: Bin): string {
  switch (bin.by) {
    case "family":
      return familyName(bin.family);
    case "spelling":
      return gpcLetters(bin.gpc);
    case "syllable-type":
      return TYPE_NAME[bin.type] ?? bin.type;
  }
}
