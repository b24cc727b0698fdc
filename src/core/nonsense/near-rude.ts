import { SEVERE } from "../../data/lexicon/severe.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { decode } from "../spelling/decode/decode.ts";
import { phonemesOf, type Segmentation } from "../spelling/segmentation.ts";

/** How much of a severe word, from its beginning, is already too much. */
const LEAST_BEGINNING = 3;

/** Voiced and unvoiced are one to who looks for a rude word: bizz is near enough to its neighbour. */
const UNVOICED: Readonly<Record<string, string>> = { b: "p", v: "f", z: "s", g: "k" };

const soundsOf = (reading: Segmentation) =>
  phonemesOf(reading).map((id) => {
    const sound = soundClassOf([id]);
    return UNVOICED[sound] ?? sound;
  });

let severeSounds: readonly (readonly string[])[] | undefined;

/** True for a nonsense word that a child or a parent would hear a rude word in. */
export function isNearRude(reading: Segmentation): boolean {
  const { word } = reading;
  if (SEVERE.some((rude) => word.includes(rude))) return true;
  if (word.length >= LEAST_BEGINNING && SEVERE.some((rude) => rude.startsWith(word))) return true;
  severeSounds ??= SEVERE.flatMap((rude) => {
    const known = decode(rude);
    return known ? [soundsOf(known)] : [];
  });
  const sounds = soundsOf(reading);
  return severeSounds.some((rude) => isNear(sounds, rude));
}

/** The same but for the vowel, or but for a sound at the end. */
function isNear(a: readonly string[], b: readonly string[]): boolean {
  if (a.length === b.length)
    return a.every((sound, k) => sound === b[k] || (isVowelClass(sound) && isVowelClass(b[k])));
  const [short, long] = a.length < b.length ? [a, b] : [b, a];
  return short.length >= 2 && long.length === short.length + 1 && short.every((sound, k) => sound === long[k]);
}

const isVowelClass = (sound: string | undefined) => sound !== undefined && isVowel(sound.split(" ")[0] as string);
