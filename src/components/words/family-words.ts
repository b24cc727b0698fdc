import type {
  Bin,
  Family,
  Foil,
  GridCell,
  NoChoices,
  NoFamily,
  NoPairs,
  NoSet,
  NoSort,
  SetOrder,
} from "../../core/light.ts";
import { binName, familyName } from "./family-names.ts";
import { gpcName } from "./gpc-name.ts";
import { POSITION_NAME } from "./position-name.ts";
import { missingWords } from "./reasons.ts";
import { soundsText } from "./sounds.ts";

/** The words for families, sorts and pairs. */

/** `"/ai-k/"` as one run of sounds. */
export const familySound = ({ sounds }: Pick<Family, "sounds">): string => soundsText(sounds.split(" "));

export const ORDER_NAME: Readonly<Record<SetOrder, string>> = {
  commonest: "commonest",
  easiest: "easiest",
};

const KIND_NAME = { rime: "rime", body: "body" } as const;

/** Why there is no family, as a sentence for the teacher. */
export function noFamilyWords(reason: NoFamily): string {
  switch (reason.code) {
    case "no-letters":
      return "Type the letters of an ending (-at) or a beginning (ca-).";
    case "no-such-family":
      return `No word in the list has the ${KIND_NAME[reason.kind]} ${familyName(reason)}.`;
    case "only-false-friends":
      return `Only false friends: ${familyName(reason)} would be read ${soundsText(reason.sounds.split(" "))}, and ${reason.words.slice(0, 3).join(", ")} say it another way.`;
    case "not-taught":
      return `Not within reach yet: ${reason.words.slice(0, 3).join(", ")} need ${reason.missing.map(missingWords).join(", ")}.`;
    case "one-member":
      return `Only ${reason.word} has ${familyName(reason.family)} with what is taught${reason.notYet.length > 0 ? `; ${reason.notYet.slice(0, 3).join(", ")} come later` : ""}. A family has two words or more.`;
  }
}

/** Why no set of a family can be made, as a sentence for the teacher. */
export function noSetWords(reason: NoSet): string {
  switch (reason.code) {
    case "count-out-of-range":
      return `A set has ${reason.least} to ${reason.most} words. Choose a number in between.`;
    case "families-out-of-range":
      return `Choose 1 to ${reason.most} families.`;
    case "same-family-twice":
      return `${familyName(reason.family)} is chosen twice.`;
    case "no-pictures":
      return "No picture ships for a word of these families. Let words without a picture in.";
    default:
      return noFamilyWords(reason);
  }
}

/** What stands in a cell of the grid, in full. */
export function cellWords(cell: GridCell): string {
  switch (cell.state) {
    case "empty":
      return "";
    case "real":
      return [
        cell.word,
        cell.ending && `${cell.ending.base} with -${cell.ending.ending}`,
        cell.soundsLike.length > 0 && `sounds like ${cell.soundsLike.slice(0, 3).join(", ")}`,
      ]
        .filter(Boolean)
        .join(" · ");
    case "not-yet":
      return `${cell.word}: not taught yet: ${cell.missing.map(missingWords).join(", ")}`;
    case "two-ways":
      return `${cell.word} is said in two ways`;
    case "false-friend":
      return `${cell.word}: same letters, said ${soundsText(cell.sounds.split(" "))}`;
    case "nonsense":
      return `${cell.word}: a nonsense word${cell.syllableOf ? `, part of ${cell.syllableOf}` : ""}`;
    case "sounds-like":
      return `${cell.word} is no word, but sounds like ${cell.words.slice(0, 3).join(", ")}`;
  }
}

/** Why there is no sort, as a sentence for the teacher. */
export function noSortWords(reason: NoSort, bins: readonly Bin[]): string {
  const nameOf = (k: number) => (bins[k] ? binName(bins[k]) : "the bin");
  switch (reason.code) {
    case "bins-out-of-range":
      return `A sort has ${reason.least} or ${reason.most} bins. Choose one more, or take one out.`;
    case "per-bin-out-of-range":
      return `A bin has ${reason.least} to ${reason.most} words.`;
    case "foils-out-of-range":
      return `Up to ${reason.most} words that belong nowhere.`;
    case "same-bin-twice":
      return `${nameOf(reason.bin)} is chosen twice.`;
    case "bin-too-small":
      return reason.words.length === 0
        ? `No word within reach belongs in ${nameOf(reason.bin)} alone. Choose another.`
        : `Only ${reason.words.join(", ")} belongs in ${nameOf(reason.bin)} alone. Choose another.`;
  }
}

/** Why a word belongs in no bin, for the answer key. */
export function foilWords(foil: Foil, bins: readonly Bin[]): string {
  const bin = bins[foil.bin];
  if (foil.why === "false-friend")
    return `${foil.word}: the letters of ${bin ? binName(bin) : "a bin"}, said another way`;
  const [old, now] = foil.graphemes;
  const change = old && now ? `with ${now} for ${old}` : now ? `with ${now} put in` : `with ${old} taken out`;
  return `${foil.word}: ${foil.from}, ${change}`;
}

/** Why there are no minimal pairs, as a sentence for the teacher. */
export function noPairsWords(reason: NoPairs): string {
  switch (reason.code) {
    case "count-out-of-range":
      return `Choose ${reason.least} to ${reason.most} pairs.`;
    case "same-sound":
      return "These are one sound to this school. Choose two that differ.";
    case "no-pairs":
      return reason.elsewhere.length > 0
        ? `No pair differs there. There are pairs that differ at the ${reason.elsewhere.map((p) => POSITION_NAME[p]).join(" and the ")}.`
        : "No two words within reach differ by these sounds alone.";
  }
}

/** Why a sound has no spelling choices, as a sentence for the teacher. */
export function noChoicesWords(reason: NoChoices): string {
  return reason.code === "no-such-sound"
    ? "Choose a sound."
    : `None of its spellings is taught yet: ${reason.spellings.slice(0, 4).map(gpcName).join(", ")}.`;
}
