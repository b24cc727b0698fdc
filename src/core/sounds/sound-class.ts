/**
 * Which phonemes count as the same sound when two words are compared or a word is checked against a
 * taught set.
 *
 * In General American /ɒ/, /ɔː/ and /ɑː/ (not before r) are one short-o class, and the weak vowels /ə/
 * and /ɪ/ are one (/ər/ is the weak /ɜːr/): dictionaries scatter between them and teachers do not (design: language.md).
 */
const GENERAL_AMERICAN_CLASS: Readonly<Record<string, string>> = {
  ɔː: "ɒ",
  ɑː: "ɒ",
  ə: "ɪ",
  ər: "ɜːr",
};

/** The class a phoneme belongs to; most phonemes are alone in theirs. */
export function soundClass(id: string): string {
  return GENERAL_AMERICAN_CLASS[id] ?? id;
}

/** The class of a run of phonemes, as one comparable string. */
export function soundClassOf(phonemes: readonly string[]): string {
  return phonemes.map(soundClass).join(" ");
}
