/**
 * Two spellings of one word, the same in all its forms (color, colours): no sentence could tell which is meant, and none
 * need. By hand, from pairs of the list that sound the same.
 */
export const SPELLING_VARIANTS: readonly (readonly [string, string])[] = [
  ["ax", "axe"],
  ["bussing", "busing"],
  ["center", "centre"],
  ["color", "colour"],
  ["cozy", "cosy"],
  ["doggie", "doggy"],
  ["donut", "doughnut"],
  ["grandad", "granddad"],
  ["gray", "grey"],
  ["harbor", "harbour"],
  ["heros", "heroes"],
  ["mama", "mamma"],
  ["neighbor", "neighbour"],
  ["tire", "tyre"],
  ["traveled", "travelled"],
  ["zeros", "zeroes"],
];
