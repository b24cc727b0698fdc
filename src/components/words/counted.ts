/** `"3 marks"`. @param count how many, from 0 @param thing the word for one of them */
export const counted = (count: number, thing: string): string =>
  `${count} ${count === 1 ? thing : thing.replace(/^\w+/, "$&s")}`;

/** `"3 more chances"`. @param count how many, from 0 @param thing the word for one of them */
export const moreOf = (count: number, thing: string): string => counted(count, thing).replace(" ", " more ");

/**
 * A list that stays short: `"Sandpiper, Heron, Knot and 27 others"`.
 *
 * @param most how many are named, from 1
 */
export function fewOf(names: readonly string[], most: number): string {
  const others = names.length - most;
  return others > 0 ? `${names.slice(0, most).join(", ")} and ${counted(others, "other")}` : names.join(", ");
}
