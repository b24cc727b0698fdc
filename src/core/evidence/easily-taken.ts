/** One thing that is easily said for another: a correspondence, and the sounds said in its place. */
export interface EasilyTaken {
  readonly gpc: string;
  readonly said: readonly string[];
}

/** Sounds and spellings that are easily taken for one another. Common practice, no source. */
export const EASILY_TAKEN: readonly EasilyTaken[] = [
  { gpc: "e=e", said: ["ɪ"] },
  { gpc: "i=ɪ", said: ["e"] },
  { gpc: "u=ʌ", said: ["ɒ"] },
  { gpc: "o=ɒ", said: ["ʌ"] },
  { gpc: "a=æ", said: ["e"] },
  { gpc: "a-e=eɪ", said: ["æ"] },
  { gpc: "i-e=aɪ", said: ["ɪ"] },
  { gpc: "ee=iː", said: ["e"] },
  { gpc: "sh=ʃ", said: ["s"] },
  { gpc: "ch=tʃ", said: ["ʃ"] },
  { gpc: "th=θ", said: ["f"] },
];
