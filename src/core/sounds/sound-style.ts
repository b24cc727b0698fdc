import { WRITTEN_SOUNDS, WRITTEN_TOGETHER, type WrittenSound } from "../../data/sounds/written-sounds.ts";
import { type Accent, ipa } from "./accents.ts";

/** How a school writes sounds: in plain letters, with long and short marks, or in IPA. */
export const SOUND_STYLES = ["letters", "marks", "ipa"] as const;
export type SoundStyle = (typeof SOUND_STYLES)[number];

export const DEFAULT_SOUND_STYLE: SoundStyle = "letters";

/** What a sound is written by. */
export interface SoundWriting {
  readonly style: SoundStyle;
  readonly accent: Accent;
}

/**
 * Sounds as a school writes them, between slashes: `"/sh-i-p/"`, `"/sh-ĭ-p/"`, `"/ʃɪp/"`.
 *
 * @param phonemes ids of the inventory, in order
 * @returns "" for no sound at all
 *
 * @example writtenSounds(["ʃ", "ɪ", "p"], { style: "letters", accent: "general-american" }) // "/sh-i-p/"
 */
export function writtenSounds(phonemes: readonly string[], { style, accent }: SoundWriting): string {
  if (phonemes.length === 0) return "";
  if (style === "ipa") return ipa(phonemes, accent);
  const together = WRITTEN_TOGETHER[phonemes.join("+")];
  if (together) return `/${inStyle(together, style)}/`;
  return `/${phonemes.map((id) => inStyle(WRITTEN_SOUNDS[id] ?? { letters: id }, style)).join("-")}/`;
}

/**
 * A sound by itself, as it is called: `"short i"` and `"/sh/"` in plain letters, `"/ĭ/"` with marks.
 *
 * @param phonemes ids of the inventory, one as a rule
 */
export function soundLabel(phonemes: readonly string[], writing: SoundWriting): string {
  const [only] = phonemes;
  const name = phonemes.length === 1 && writing.style === "letters" ? WRITTEN_SOUNDS[only as string]?.name : undefined;
  return name ?? writtenSounds(phonemes, writing);
}

const inStyle = ({ letters, marks }: WrittenSound, style: SoundStyle): string =>
  style === "marks" ? (marks ?? letters) : letters;
