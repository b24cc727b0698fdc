/**
 * Pronunciations that the CMU Pronouncing Dictionary lacks, or has wrong, for words that children meet. From memory;
 * written as the dictionary writes them, and taken before its own.
 */
export const ADDED_LISTINGS: Readonly<Record<string, string>> = {
  mows: "M OW1 Z",
  // Forms that the dictionary lists otherwise than their base.
  mowing: "M OW1 IH0 NG",
  growling: "G R AW1 L IH0 NG",
  tensions: "T EH1 N SH AH0 N Z",
  mansions: "M AE1 N SH AH0 N Z",
  kilos: "K IH1 L OW0 Z",
  almonds: "AA1 M AH0 N D Z",
  venues: "V EH1 N Y UW0 Z",
  hoodlums: "HH UH1 D L AH0 M Z",
  prairies: "P R EH1 R IY0 Z",
  marveled: "M AA1 R V AH0 L D",
  snarled: "S N AA1 R L D",
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
