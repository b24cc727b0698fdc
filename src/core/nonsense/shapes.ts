/**
 * What English lets stand at the beginning and at the end of a syllable: data only. Clusters are units as
 * grapheme=phonemes, joined by spaces. Common practice, no source; spelling facts as in the National
 * curriculum in England, English Appendix 1, 2013, from memory.
 */
export const ONSET_CLUSTERS: readonly string[] = [
  ...["b=b l=l", "b=b r=r", "c=k l=l", "c=k r=r", "d=d r=r", "f=f l=l", "f=f r=r", "g=g l=l", "g=g r=r", "p=p l=l"],
  ...["p=p r=r", "s=s c=k", "s=s k=k", "s=s l=l", "s=s m=m", "s=s n=n", "s=s p=p", "s=s t=t", "s=s w=w", "t=t r=r"],
  ...["t=t w=w", "sh=ʃ r=r", "th=θ r=r", "s=s qu=k+w"],
];

export const ONSET_CLUSTERS_OF_THREE: readonly string[] = ["s=s c=k r=r", "s=s p=p l=l", "s=s p=p r=r", "s=s t=t r=r"];

export const CODA_CLUSTERS: readonly string[] = [
  ...["f=f t=t", "l=l d=d", "l=l f=f", "l=l k=k", "l=l m=m", "l=l p=p", "l=l t=t", "m=m p=p", "n=n ch=tʃ", "n=n d=d"],
  ...["n=ŋ k=k", "n=n t=t", "p=p t=t", "s=s k=k", "s=s p=p", "s=s t=t", "x=k+s t=t", "l=l th=θ", "n=n th=θ"],
];

/** Graphemes that may stand alone before the vowel. */
export const SINGLE_ONSETS: readonly string[] = "b c d f g h j k l m n p r s t v w y z ch sh th wh qu ph".split(" ");

/** Graphemes that may stand alone after one short vowel letter, at the end. */
export const AFTER_SHORT_VOWEL: readonly string[] = "b d g m n p t x ck ff ll ss zz tch sh th ng dge".split(" ");

/** Graphemes that may stand alone after a vowel of two letters, or r, at the end. */
export const AFTER_LONG_VOWEL: readonly string[] = "b d f k l m n p t ch sh th".split(" ");

/** Graphemes that a split digraph may reach over. */
export const UNDER_SPLIT_DIGRAPH: readonly string[] = "b d f k l m n p t v z".split(" ");

/** Vowel graphemes that end a word; the others are inside it. */
export const ONLY_AT_END: readonly string[] = "ay oy ow ie ue ew aw".split(" ");
export const NEVER_AT_END: readonly string[] = "ai oi ou oa u i a".split(" ");

/** What English never puts together: yyle, wuw, iin. */
export const NEVER_TOGETHER = /yy|ii|uu|aa|^y[iy]|^w[uy]|^wh[uy]/;

/** Spellings that look possible and are read in ways of their own (half, talk, palm, folk; who; two; wag, wash). */
export const MISLEADING: readonly RegExp[] = [
  /[ao]l[fkmv]/,
  /^who/,
  /^two/,
  /^w[ao]r/,
  /(?:w|wh|qu)a(?![iy])/,
  /qu[uoy]/,
  /igh[^t]/,
  /^[^aeiouy]*[ei]gh$/,
];
