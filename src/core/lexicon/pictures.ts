import { PICTURES } from "../../data/pictures/pictures.ts";

/** True for a word that a picture ships for. */
export const hasPicture = (word: string): boolean => PICTURES.has(word);

/** Where the picture of a word stands on the server, or undefined. */
export function pictureOf(word: string): string | undefined {
  const file = PICTURES.get(word);
  return file && `/pictures/${file}.svg`;
}
