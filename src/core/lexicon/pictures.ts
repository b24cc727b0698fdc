import { PICTURES } from "../../data/pictures/pictures.ts";
import type { Accent } from "../sounds/accents.ts";

/** True for a word that a picture ships for, and that children of this accent call it by. */
export const hasPicture = (word: string, accent: Accent): boolean => pictureOf(word, accent) !== undefined;

/** Where the picture of a word stands on the server, or undefined. */
export function pictureOf(word: string, accent: Accent): string | undefined {
  const picture = PICTURES.get(word);
  return picture && (picture.accent ?? accent) === accent ? `/pictures/${picture.file}.svg` : undefined;
}
