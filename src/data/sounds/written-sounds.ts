/** How a sound is written for teachers who do not read IPA. */
export interface WrittenSound {
  /** Plain letters, in a run of sounds: `sh`, `a`. */
  readonly letters: string;
  /** What it is called where it stands alone, when its letters do not say it: `short a`. */
  readonly name?: string;
  /** With a long or a short mark, where it has one: `ă`, `ā`. */
  readonly marks?: string;
}

/**
 * Each phoneme in plain letters: consonants by their commonest spelling, short vowels by their letter, long ones by a
 * vowel team that has few other sounds. Marks are those of English dictionaries for schools: a bow over a short vowel, a
 * line over a long one. Common practice, no source; where several are in use (ai or ay, igh or ie) the choice is ours.
 */
export const WRITTEN_SOUNDS: Readonly<Record<string, WrittenSound>> = {
  p: { letters: "p" },
  b: { letters: "b" },
  t: { letters: "t" },
  d: { letters: "d" },
  k: { letters: "k" },
  g: { letters: "g" },
  f: { letters: "f" },
  v: { letters: "v" },
  θ: { letters: "th" },
  ð: { letters: "th" },
  s: { letters: "s" },
  z: { letters: "z" },
  ʃ: { letters: "sh" },
  ʒ: { letters: "zh" },
  h: { letters: "h" },
  tʃ: { letters: "ch" },
  dʒ: { letters: "j" },
  m: { letters: "m" },
  n: { letters: "n" },
  ŋ: { letters: "ng" },
  l: { letters: "l" },
  r: { letters: "r" },
  w: { letters: "w" },
  j: { letters: "y" },
  æ: { letters: "a", name: "short a", marks: "ă" },
  e: { letters: "e", name: "short e", marks: "ĕ" },
  ɪ: { letters: "i", name: "short i", marks: "ĭ" },
  ɒ: { letters: "o", name: "short o", marks: "ŏ" },
  ʌ: { letters: "u", name: "short u", marks: "ŭ" },
  ʊ: { letters: "oo", name: "short oo", marks: "o͝o" },
  iː: { letters: "ee", marks: "ē" },
  uː: { letters: "oo", name: "long oo", marks: "o͞o" },
  ɔː: { letters: "aw" },
  ɑː: { letters: "ah" },
  eɪ: { letters: "ai", marks: "ā" },
  aɪ: { letters: "igh", marks: "ī" },
  ɔɪ: { letters: "oi" },
  oʊ: { letters: "oa", marks: "ō" },
  aʊ: { letters: "ow" },
  ɜːr: { letters: "ur" },
  ɑːr: { letters: "ar" },
  ɔːr: { letters: "or" },
  er: { letters: "air" },
  ɪr: { letters: "ear" },
  ʊr: { letters: "ure" },
  ə: { letters: "uh" },
  ər: { letters: "er" },
};

/** Sounds that one grapheme spells together, and what ends a word, as one: x, qu, le, -ed. Phonemes joined by "+". */
export const WRITTEN_TOGETHER: Readonly<Record<string, WrittenSound>> = {
  "k+s": { letters: "ks" },
  "g+z": { letters: "gz" },
  "k+w": { letters: "kw" },
  "j+uː": { letters: "yoo", marks: "ū" },
  "ə+l": { letters: "ul" },
  "ɪ+d": { letters: "id" },
  "ə+d": { letters: "id" },
  "ɪ+z": { letters: "iz" },
  "ə+z": { letters: "iz" },
  "w+ʌ": { letters: "wu" },
};
