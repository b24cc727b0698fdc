import {
  ACCENTS,
  type Accent,
  DEFAULT_SOUND_STYLE,
  keyWordFor,
  partsOfGpcId,
  patternOfAim,
  SOUND_STYLES,
  type SoundStyle,
  type SoundWriting,
  soundLabel,
  writtenSounds,
} from "../../core/light.ts";
import { PATTERN_SHORT } from "./pattern-names.ts";

/** Sounds as the school writes them. A school is one installation: the server knows it, and each page says it. */
let serversWriting: SoundWriting = { style: DEFAULT_SOUND_STYLE, accent: "general-american" };

/** On the server, before a page is drawn: a page and what the browser makes of it say the same. */
export function setSoundWriting(writing: SoundWriting): void {
  serversWriting = writing;
}

/** What a page says of it in its head, for the browser. */
export const soundWritingText = ({ style, accent }: SoundWriting): string => `${style} ${accent}`;

const META = "meta[name=sounds]";

/** The school's way to write sounds. */
export function soundWriting(): SoundWriting {
  const said = globalThis.document?.querySelector<HTMLMetaElement>(META)?.content.split(" ");
  if (!said) return serversWriting;
  const style = SOUND_STYLES.find((id) => id === said[0]) ?? DEFAULT_SOUND_STYLE;
  return { style, accent: ACCENTS.find((id) => id === said[1]) ?? "general-american" };
}

/** In the browser, when the school chooses another way: all that is drawn from then on is written so. */
export function showSoundWriting(style: SoundStyle, accent: Accent): void {
  const meta = globalThis.document?.querySelector<HTMLMetaElement>(META);
  if (meta) meta.content = soundWritingText({ style, accent });
}

/** `"/sh-i-p/"`: sounds one after the other. */
export const soundsText = (phonemes: readonly string[]): string => writtenSounds(phonemes, soundWriting());

/** `"short i"`, `"/sh/"`: a sound where its key word stands beside it already. */
export const soundAlone = (phonemes: readonly string[]): string => soundLabel(phonemes, soundWriting());

/** `"pin"`: the key word of a sound. */
export const keyWordOf = (id: string): string => keyWordFor(id, soundWriting().accent);

/**
 * `"short i as in pin"`: a sound with its key word.
 *
 * @param hidden a word that is not to be said yet, because it is the answer: as key word it is left away
 */
export function soundName(phonemes: readonly string[], hidden?: string): string {
  if (phonemes.length === 0) return "nothing";
  const alone = soundAlone(phonemes);
  // Of several sounds together no key word is known.
  const keyWord = phonemes.length === 1 ? keyWordOf(phonemes[0] as string) : undefined;
  return keyWord === undefined || keyWord === hidden ? alone : `${alone} as in ${keyWord}`;
}

/** `"ow"`: the letters alone, for places where they stand in Andika; of an aim that is a pattern what it is called. */
export function gpcLetters(id: string): string {
  const pattern = patternOfAim(id);
  if (pattern) return PATTERN_SHORT[pattern];
  return partsOfGpcId(id).grapheme;
}
