/**
 * Pronunciations that the CMU Pronouncing Dictionary lacks, or has wrong, for words that children meet. From memory;
 * written as the dictionary writes them, and taken before its own.
 */
export const ADDED_LISTINGS: Readonly<Record<string, string>> = {
  mows: "M OW1 Z",
  writhe: "R AY1 DH",
  tern: "T ER1 N",
  outshine: "AW2 T SH AY1 N",
  outshone: "AW2 T SH OW1 N",
  unpaved: "AH0 N P EY1 V D",
  makeover: "M EY1 K OW2 V ER0",
  paperboy: "P EY1 P ER0 B OY2",
  scarecrow: "S K EH1 R K R OW2",
  scarecrows: "S K EH1 R K R OW2 Z",
  spacesuit: "S P EY1 S S UW2 T",
  spacesuits: "S P EY1 S S UW2 T S",
};
