import { PHONEMES, phoneme } from "./phonemes.ts";

/**
 * Other ways in which sounds are written: IPA as other books print it, and the CMU dictionary's letters.
 * One symbol a line; common practice, no source.
 */
const OTHER_SYMBOLS: Readonly<Record<string, string>> = {
  ɡ: "g",
  ɹ: "r",
  ʧ: "tʃ",
  ʤ: "dʒ",
  y: "j",
  a: "æ",
  ɛ: "e",
  i: "iː",
  u: "uː",
  ɑ: "ɒ",
  ɔ: "ɔː",
  əʊ: "oʊ",
  o: "oʊ",
  ei: "eɪ",
  ai: "aɪ",
  au: "aʊ",
  ɔi: "ɔɪ",
  ɜː: "ɜːr",
  ɝ: "ɜːr",
  ɚ: "ər",
  ɑr: "ɑːr",
  ɔr: "ɔːr",
  eə: "er",
  ɛr: "er",
  ɪə: "ɪr",
  ʊə: "ʊr",
};

const BY_CMU = new Map(PHONEMES.map(({ cmu, id }) => [cmu.join(" "), id]).reverse() as [string, string][]);

/**
 * The phoneme ids of a sound as a teacher's book or list may write it: `"/ʃ/"`, `"sh"` is not one, `"SH"`
 * (CMU) is, `"ks"` and `"k+s"` are two in a row.
 *
 * @returns undefined when a symbol in it is none we know
 */
export function readSounds(text: string): string[] | undefined {
  const bare = text
    .trim()
    .replace(/^[/[]|[/\]]$/g, "")
    .replace(/:/g, "ː")
    .replace(/[ˈˌ]/g, "");
  if (bare === "") return undefined;
  const parts = bare.split("+").map(readRun);
  return parts.every((part) => part !== undefined) ? parts.flat() : undefined;
}

function known(symbol: string): string | undefined {
  if (phoneme(symbol)) return symbol;
  return OTHER_SYMBOLS[symbol] ?? BY_CMU.get(symbol.replace(/\d/g, ""));
}

/** Symbols written one after another, the longest first. */
function readRun(text: string): string[] | undefined {
  const found: string[] = [];
  for (let at = 0; at < text.length; ) {
    let length = Math.min(4, text.length - at);
    while (length > 0 && known(text.slice(at, at + length)) === undefined) length--;
    if (length === 0) return undefined;
    found.push(known(text.slice(at, at + length)) as string);
    at += length;
  }
  return found;
}
