import type { LookAlike, TeachItem, TextTarget, TextUse, TokenKind } from "../../core/light.ts";
import { gpcName } from "./gpc-name.ts";
import { PATTERN_NAME } from "./pattern-names.ts";
import { soundAlone, soundName } from "./sounds.ts";

/** The words for what is said of a text. */

/** What a word is to the group, in a few words. */
export const TOKEN_KIND_NAME: Readonly<Record<TokenKind, string>> = {
  decodable: "decodable",
  irregular: "irregular, taught",
  name: "a name",
  "not-yet": "not taught yet",
  unknown: "not in the word list",
  "kept-out": "kept out of this school",
};

export const TEXT_USE_NAME: Readonly<Record<TextUse, string>> = {
  read: "to read",
  dictate: "to write",
};

/** What is looked for, as a chip says it. */
export function targetName(target: TextTarget): string {
  switch (target.by) {
    case "gpc":
      return gpcName(target.gpc);
    case "sound":
      return `the sound ${soundName(target.sound)}`;
    case "rime":
      return `-${target.letters}`;
    case "ending":
      return `the ending -${target.ending}`;
  }
}

/**
 * What sentences were made for, and what of it none of them has.
 *
 * @param sentences with the targets that each has, by index; undefined while they are being made
 */
export function madeForText(
  targets: readonly TextTarget[],
  sentences: readonly { readonly targets: readonly number[] }[] | undefined,
): string {
  if (targets.length === 0) return "Of words that this group can read. Look for something, and they are made for it.";
  const named = (some: readonly TextTarget[]) => some.map(targetName).join(", ");
  if (!sentences || sentences.length === 0) return `For ${named(targets)}.`;
  const isMet = (k: number) => sentences.some((sentence) => sentence.targets.includes(k));
  const met = targets.filter((_, k) => isMet(k));
  const unmet = targets.filter((_, k) => !isMet(k));
  if (met.length === 0) return `None of these has ${named(unmet)}: they are of words that this group can read.`;
  return `Made for ${named(met)}.${unmet.length > 0 ? ` None of these has ${named(unmet)}.` : ""}`;
}

/** Why a word does not count: `"win has no wh"`. */
export function lookAlikeWords(word: string, why: LookAlike, target: TextTarget): string {
  switch (why.code) {
    case "other-sound":
      return `${word}: ${why.letters} says ${soundAlone(why.sound)} in it`;
    case "not-together":
      return `${word}: its letters ${why.letters} are parts of other spellings`;
    case "other-spelling":
      return target.by === "gpc"
        ? `${word} has no ${target.gpc.split("=")[0]}: it is written with ${why.letters}`
        : `${word} is written with -${why.letters}`;
    case "no-ending":
      return `${word}: no ending, its letters belong to the word`;
  }
}

/** One thing that could be taught, in a few words. */
export function teachItemWords(item: TeachItem): string {
  switch (item.kind) {
    case "gpc":
      return `${item.grapheme} said ${soundAlone(item.phonemes)}`;
    case "pattern":
      return PATTERN_NAME[item.pattern as keyof typeof PATTERN_NAME] ?? item.pattern;
    case "word":
      return `the word ${item.word}`;
  }
}
